<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\Relay;
use LampThread\Message\Unit;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Surge;
use LampThread\Parts\RelayPart;
use LampThread\Parts\Shelf;

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

    /** A coil stands for good so many times the voltage it is made for (common practice, no source). */
    private const MOST_COIL_SHARE = 1.33;

    /** What any contact may lose at 12 V and more, V (common practice, no source). */
    private const CONTACT_V = 0.1;

    /** A change-over relay needs a rest contact even where next to nothing flows through it, A. */
    private const LEAST_REST_A = 0.01;

    /** Voltage against its diode a coil may see: the diode's own, V. */
    private const REVERSED_V = 0.5;

    public function __construct(private Shelf $shelf, private Brief $brief) {}

    /**
     * @param  OperatingEnvelope  $envelope  running
     * @param  Surge  $start  the hardest start through its make contact
     * @param  float  $fuseA  rating of the fuse before its contact, A
     * @return list<Candidate> small to large
     */
    public function candidates(Relay $relay, OperatingEnvelope $envelope, Surge $start, float $fuseA): array
    {
        return array_map(
            fn (RelayPart $part): Candidate => $this->judge($part, $relay, $envelope, $start, $fuseA),
            $this->shelf->relays($this->brief->supply->systemV),
        );
    }

    public function judge(RelayPart $part, Relay $relay, OperatingEnvelope $envelope, Surge $start, float $fuseA): Candidate
    {
        return new Candidate($part, [
            ...$this->contacts($part, $relay, $envelope, $start),
            new Constraint('fuse-before', $fuseA, $part->makeA, Unit::Ampere),
            ...$this->coil($part, $relay, $envelope),
        ]);
    }

    /** @return non-empty-list<Constraint> */
    private function contacts(RelayPart $part, Relay $relay, OperatingEnvelope $envelope, Surge $start): array
    {
        $ambientC = $relay->place->zone()->ambientC();
        $startsPerHour = $this->brief->usage->startsPerHour($this->brief->control->stages);
        $runA = $envelope->greatestA($relay->makeContact());
        $perYear = $startsPerHour * $this->brief->usage->hoursPerYear;
        $constraints = [
            new Constraint('running-current', $runA, $part->makeAt($ambientC) * self::CONTINUOUS_SHARE, Unit::Ampere, [
                'rated' => Unit::Ampere->of($part->makeAt($ambientC)), 'ambient' => Unit::Celsius->of($ambientC), 'share' => self::CONTINUOUS_SHARE,
            ]),
            new Constraint('contact-drop', $runA * $part->contactMilliohm / 1000, self::CONTACT_V * min(1.0, $this->brief->supply->systemV / 12), Unit::Volt, [
                'current' => Unit::Ampere->of($runA), 'contact' => Unit::Milliohm->of($part->contactMilliohm),
            ]),
            new Constraint('start-current', $start->peakA, $part->inrushA, Unit::Ampere, ['duration' => Unit::Second->of($start->durationS)]),
            new Constraint('life', self::WANTED_YEARS, $part->ratedOperations / $perYear, Unit::Year, [
                'operations' => $part->ratedOperations, 'startsPerHour' => round($startsPerHour, 2),
                'hours' => Unit::Hour->of($this->brief->usage->hoursPerYear),
            ], isWish: true),
        ];
        if ($relay->isChangeOver) {
            $constraints[] = new Constraint(
                'rest-contact', max(
                    $envelope->greatestA($relay->restContact()), self::LEAST_REST_A,
                ), ($part->restA ?? 0.0) * self::CONTINUOUS_SHARE, Unit::Ampere,
                ['hasRest' => $part->restA !== null, 'rated' => Unit::Ampere->of($part->restA ?? 0.0), 'share' => self::CONTINUOUS_SHARE],
            );
        }

        return $constraints;
    }

    /** @return list<Constraint> */
    private function coil(RelayPart $part, Relay $relay, OperatingEnvelope $envelope): array
    {
        [$plus, $minus] = [$relay->terminal('86'), $relay->terminal('85')];
        $coilC = $relay->place->zone()->ambientC() + self::COIL_RISE_K;
        $isAt = static fn (int $position): \Closure => static fn (OperatingPoint $point): bool => $point->position($relay->id) === $position;
        // One that is only held, to size what it would feed, tells nothing of its coil.
        $pulledV = $envelope->leastV($plus, $minus, static fn (OperatingPoint $point): bool => $point->conditions->key === Key::Run
            && $point->conditions->faults->isNone() && $isAt(Relay::PULLED_IN)($point));
        $constraints = [new Constraint(
            'coil-voltage', $envelope->greatest(static fn (OperatingPoint $point): float => abs($point->voltages->across($plus, $minus))),
            self::MOST_COIL_SHARE * $part->coilV, Unit::Volt, ['coil' => Unit::Volt->of($part->coilV), 'share' => self::MOST_COIL_SHARE],
        )];
        if ($pulledV !== null) {
            $constraints[] = new Constraint('pull-in', $part->pullInV * Relay::coilFactor($coilC), $pulledV, Unit::Volt, [
                'printed' => Unit::Volt->of($part->pullInV), 'coil' => Unit::Celsius->of($coilC),
            ]);
        }
        $constraints[] = new Constraint(
            'drop-out',
            $envelope->greatest(
                // While the starter turns a coil may be too weak to pull in; what it has then holds nothing.
                static fn (OperatingPoint $point): float => $point->conditions->key !== Key::Crank && $isAt(Relay::RELEASED)($point)
                    ? abs($point->voltages->across($plus, $minus)) : 0.0,
            ),
            $part->dropOutV * Relay::coilFactor(self::COLD_C),
            Unit::Volt,
            ['printed' => Unit::Volt->of($part->dropOutV), 'coil' => Unit::Celsius->of(self::COLD_C)],
        );
        if ($part->hasDiode()) {
            $constraints[] = new Constraint(
                'coil-polarity',
                max(0.0, $envelope->greatest(static fn (OperatingPoint $point): float => $point->voltages->across($minus, $plus))),
                self::REVERSED_V,
                Unit::Volt,
            );
        }

        return $constraints;
    }
}
