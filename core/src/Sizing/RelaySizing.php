<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Component\Relay;
use LampThread\Electrics\Key;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\Surge;
use LampThread\Shelf\RelayPart;
use LampThread\Shelf\Shelf;

/** Judges relays by what their contacts carry, switch on and outlive, and by what their coils still need hot and let go of cold. */
final readonly class RelaySizing
{
    /** Share of its contact rating a relay carries for hours in a hot bay (common practice, no source). */
    public const CONTINUOUS_SHARE = 0.8;

    /** What a coil that stays fed is warmer than its surroundings, K (common practice, no source). */
    public const COIL_RISE_K = 40.0;

    /** The coldest coil that must let go, °C (common practice, no source). */
    public const COLD_C = -20.0;

    /** How long a relay should last at least, years (common practice, no source). */
    public const WANTED_YEARS = 10.0;

    /** A change-over relay needs a rest contact even where next to nothing flows through it, A. */
    private const LEAST_REST_A = 0.01;

    /** Voltage against its diode a coil may see: the diode's own, V. */
    private const REVERSED_V = 0.5;

    public function __construct(private Shelf $shelf, private Brief $brief) {}

    /**
     * @param  Duty  $duty  running
     * @param  Surge  $start  the hardest start through its make contact
     * @return list<Candidate> small to large
     */
    public function candidates(Relay $relay, Duty $duty, Surge $start): array
    {
        return array_map(
            fn (RelayPart $part): Candidate => $this->judge($part, $relay, $duty, $start),
            $this->shelf->relays($this->brief->supply->systemV),
        );
    }

    public function judge(RelayPart $part, Relay $relay, Duty $duty, Surge $start): Candidate
    {
        return new Candidate($part, [
            ...$this->contacts($part, $relay, $duty, $start),
            ...$this->coil($part, $relay, $duty),
        ]);
    }

    /** @return non-empty-list<Constraint> */
    private function contacts(RelayPart $part, Relay $relay, Duty $duty, Surge $start): array
    {
        $ambientC = $relay->zone->ambientC();
        $startsPerHour = $this->brief->usage->startsPerHour($this->brief->control->stages);
        $perYear = $startsPerHour * $this->brief->usage->hoursPerYear;
        $constraints = [
            new Constraint(
                'running current',
                $duty->greatestA("{$relay->id}-contact"),
                $part->makeAt($ambientC) * self::CONTINUOUS_SHARE,
                'A',
                sprintf('I ≤ %g A at %g °C × %g', $part->makeAt($ambientC), $ambientC, self::CONTINUOUS_SHARE),
                'contact rating at the bay’s ambient, four fifths of it for hours: common practice, no source',
            ),
            new Constraint(
                'start current',
                $start->peakA,
                $part->inrushA,
                'A',
                sprintf('peak of the hardest start through it, over in %.2g s', $start->durationS),
                'run-up of the fans integrated with wiring and battery resistance; the contact’s make rating',
            ),
            new Constraint(
                'life',
                self::WANTED_YEARS,
                $part->ratedOperations / $perYear,
                'years',
                sprintf('%g operations / (%.3g starts an hour × %g h a year)', $part->ratedOperations, $startsPerHour, $this->brief->usage->hoursPerYear),
                'electrical life at rated load; starts by the gap between on and off unless counted: common practice, no source',
            ),
        ];
        if ($relay->isChangeOver) {
            $constraints[] = new Constraint(
                'rest contact',
                max($duty->greatestA("{$relay->id}-rest"), self::LEAST_REST_A),
                ($part->restA ?? 0.0) * self::CONTINUOUS_SHARE,
                'A',
                $part->restA === null ? 'it has no rest contact' : sprintf('I ≤ %g A × %g', $part->restA, self::CONTINUOUS_SHARE),
                'rating of the rest contact, less than the make contact’s: common practice, no source',
            );
        }

        return $constraints;
    }

    /** @return list<Constraint> */
    private function coil(RelayPart $part, Relay $relay, Duty $duty): array
    {
        [$plus, $minus] = [$relay->terminal('86'), $relay->terminal('85')];
        $coilC = $relay->zone->ambientC() + self::COIL_RISE_K;
        $isAt = static fn (int $position): \Closure => static fn (OperatingPoint $point): bool => $point->position($relay->id) === $position;
        $pulledV = $duty->leastV($plus, $minus, static fn (OperatingPoint $point): bool => $point->setting->key === Key::Run
            && $isAt(Relay::PULLED_IN)($point));
        $constraints = [];
        if ($pulledV !== null) {
            $constraints[] = new Constraint(
                'hot coil pulls in',
                $part->pullInV * Relay::coilFactor($coilC),
                $pulledV,
                'V',
                sprintf('%g V × (1 + 0.00393 × (%g °C − 23 °C)) ≤ coil voltage', $part->pullInV, $coilC),
                'copper’s temperature coefficient, IEC 60028; coil 40 K above ambient: common practice, no source',
            );
        }
        $constraints[] = new Constraint(
            'cold coil lets go',
            $duty->greatest(static fn (OperatingPoint $point): float => $isAt(Relay::RELEASED)($point) ? abs($point->volts->across($plus, $minus)) : 0.0),
            $part->dropOutV * Relay::coilFactor(self::COLD_C),
            'V',
            sprintf('what leaks through the coil when off ≤ %g V × (1 + 0.00393 × (%g °C − 23 °C))', $part->dropOutV, self::COLD_C),
            'copper’s temperature coefficient, IEC 60028; drop-out voltage of the coil',
        );
        if ($part->suppression === 'diode') {
            $constraints[] = new Constraint(
                'coil polarity',
                max(0.0, $duty->greatest(static fn (OperatingPoint $point): float => $point->volts->across($minus, $plus))),
                self::REVERSED_V,
                'V',
                '86 never below 85 by more than the diode’s own voltage',
                'ISO 7588: a relay with a diode has its positive at 86, from memory',
            );
        }

        return $constraints;
    }
}
