<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Electrics\Key;
use LampThread\Electrics\OperatingPoint;
use LampThread\Shelf\RelayPart;
use LampThread\Shelf\Shelf;

/** Chooses a relay by running current and start current at its ambient, and by the voltage its hot coil still needs. */
final readonly class RelaySizing
{
    /** Share of its contact rating a relay carries for hours in a hot bay (common practice, no source). */
    public const CONTINUOUS_SHARE = 0.8;

    /** What a coil that stays fed is warmer than its surroundings, K (common practice, no source). */
    public const COIL_RISE_K = 40.0;

    public function __construct(private Shelf $shelf, private int $systemV) {}

    /** @param  FanMotor  $motor  what its contact starts */
    public function choose(Relay $relay, FanMotor $motor, Duty $duty, ?string $pinned): Choice
    {
        $runA = $duty->greatestA("{$relay->id}-contact");
        $hardest = $duty->hardest("{$relay->id}-contact");
        $startA = $hardest->volts->at('battery:+') / $motor->model->armatureOhm;
        $coilV = $duty->leastV(
            $relay->terminal('86'),
            $relay->terminal('85'),
            static fn (OperatingPoint $point): bool => $point->setting->key === Key::Run
                && $point->position($relay->id) === Relay::PULLED_IN,
        ) ?? 0.0;
        $ambientC = $relay->zone->ambientC();
        $coilC = $ambientC + self::COIL_RISE_K;
        $judge = static fn (RelayPart $part): Candidate => new Candidate($part, [
            new Constraint(
                'running current',
                $runA,
                $part->makeAt($ambientC) * self::CONTINUOUS_SHARE,
                'A',
                sprintf('I ≤ %g A at %g °C × %g', $part->makeAt($ambientC), $ambientC, self::CONTINUOUS_SHARE),
                'contact rating at the bay’s ambient, four fifths of it for hours: common practice, no source',
            ),
            new Constraint(
                'start current',
                $startA,
                $part->inrushA,
                'A',
                sprintf('I = U/Ra = %.2f V / %.0f mΩ', $hardest->volts->at('battery:+'), $motor->model->armatureOhm * 1000),
                'a motor at rest draws U/Ra; the contact’s make rating',
            ),
            new Constraint(
                'hot coil pulls in',
                $part->pullInV * Relay::coilFactor($coilC),
                $coilV,
                'V',
                sprintf('%g V × (1 + 0.00393 × (%g °C − 23 °C)) ≤ coil voltage', $part->pullInV, $coilC),
                'copper’s temperature coefficient, IEC 60028; coil 40 K above ambient: common practice, no source',
            ),
        ]);
        $pinnedPart = $pinned === null ? null : $this->shelf->relay($pinned);

        return Choice::among(
            $relay->id,
            'relay',
            $relay->name,
            array_map($judge, $this->shelf->relays($this->systemV)),
            $pinnedPart === null ? null : $judge($pinnedPart),
        );
    }
}
