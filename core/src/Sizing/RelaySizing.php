<?php

declare(strict_types=1);

namespace LampThread\Sizing;

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

    /** A change-over relay needs a rest contact even where next to nothing flows through it, A. */
    private const LEAST_REST_A = 0.01;

    public function __construct(private Shelf $shelf, private int $systemV) {}

    /**
     * @param  Duty  $duty  running
     * @param  Duty  $starting  with every fan standing yet: what its contact switches on
     */
    public function choose(Relay $relay, Duty $duty, Duty $starting, ?string $pinned): Choice
    {
        $runA = $duty->greatestA("{$relay->id}-contact");
        $startA = $starting->greatestA("{$relay->id}-contact");
        $restA = $duty->greatestA("{$relay->id}-rest");
        $coilV = $duty->leastV(
            $relay->terminal('86'),
            $relay->terminal('85'),
            static fn (OperatingPoint $point): bool => $point->setting->key === Key::Run
                && $point->position($relay->id) === Relay::PULLED_IN,
        );
        $ambientC = $relay->zone->ambientC();
        $coilC = $ambientC + self::COIL_RISE_K;
        $judge = static fn (RelayPart $part): Candidate => new Candidate($part, array_values(array_filter([
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
                'what flows through the contact while every fan stands yet: each is its armature’s resistance U/Ra',
                'the circuit solved with its motors at rest; the contact’s make rating',
            ),
            $relay->isChangeOver ? new Constraint(
                'rest contact',
                max($restA, self::LEAST_REST_A),
                ($part->restA ?? 0.0) * self::CONTINUOUS_SHARE,
                'A',
                $part->restA === null ? 'it has no rest contact' : sprintf('I ≤ %g A × %g', $part->restA, self::CONTINUOUS_SHARE),
                'rating of the rest contact, less than the make contact’s: common practice, no source',
            ) : null,
            $coilV === null ? null : new Constraint(
                'hot coil pulls in',
                $part->pullInV * Relay::coilFactor($coilC),
                $coilV,
                'V',
                sprintf('%g V × (1 + 0.00393 × (%g °C − 23 °C)) ≤ coil voltage', $part->pullInV, $coilC),
                'copper’s temperature coefficient, IEC 60028; coil 40 K above ambient: common practice, no source',
            ),
        ])));
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
