<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Protective;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Fault\InTheHand;
use LampThread\Circuit\Fault\Open;
use LampThread\Observation\Appearance;
use LampThread\Observation\ClampedLead;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Operation\OperatingPoint;

/** Every test of a circuit, and what each shows of a cause. */
final readonly class TestSet
{
    /** Where a clamp goes for what the battery gives. */
    public const BATTERY_LEAD = 'battery';

    /** A fuse that opens within this has opened at once, s. */
    private const AT_ONCE_S = 10.0;

    /** Two identical relays exchanged where they sit, min. */
    private const TWIN_MINUTES = 0.3;

    /** Where two spots tell the same, that on the way of the fan’s current is found sooner: below this a spot lies aside, A, and takes longer, min. */
    private const ASIDE_A = 1.0;

    private const ASIDE_MINUTES = 0.1;

    /** Below this nothing worth measuring is lost on the way, A. */
    private const LOSES_A = 0.05;

    /** Shares of the supply between which an output at rest, and above which one that is on, is stored as a fault. */
    private const REST_SHARE = 0.5;

    private const ON_SHARE = 0.25;

    /** @var array<string, Test> by id */
    public array $all;

    /** @var array<string, Test> of them, those at which something is seen */
    private array $seen;

    /** @var array<string, array<string, Measurement>> what is measured in each situation, by column */
    public array $measurements;

    /** @var array<string, Appearance> sound, by situation */
    private array $looks;

    /** @var list<string> terminals that leads are put on, the battery’s plus among them */
    private array $terminals;

    /** @var list<string> wires a clamp goes round */
    private array $wires;

    /**
     * @param  array<string, OperatingPoint>  $sound  by situation
     * @param  list<Test>  $outside  of what is outside the circuit
     */
    public function __construct(
        private Circuit $circuit, private Situations $situations, private array $sound, private FailureRates $rates, array $outside,
    ) {
        $this->terminals = array_values(array_filter($circuit->terminals(), static fn (string $terminal): bool => $terminal !== Rail::EARTH));
        $this->looks = array_map(static fn (OperatingPoint $point): Appearance => Appearance::of($point), $sound);
        $wires = array_map(static fn (FanMotor $motor): string => ClampedLead::of($motor, $sound[$situations->full]), $circuit->each(FanMotor::class));
        $this->wires = array_values(array_unique($wires));
        $tests = [...$this->withParts(), ...$this->withWarmUp(), ...$outside];
        foreach ($situations->all as $situation) {
            foreach ($situation->isTested ? $this->in($situation->id) : [] as $test) {
                $tests[] = $test;
            }
        }
        $this->all = array_combine(array_map(static fn (Test $test): string => $test->id(), $tests), $tests);
        $this->seen = array_filter($this->all, static fn (Test $test): bool => ! $test->kind->isNumber() && $test->kind !== TestKind::Lamp);
        $measured = array_filter($situations->all, static fn (Situation $situation): bool => $situation->isMeasured());
        $this->measurements = array_map(fn (Situation $situation): array => $this->measuredIn($situation->id), $measured);
    }

    /**
     * @param  array<string, OperatingPoint>  $points  by situation
     * @return array<string, float> column to what is measured
     */
    public function numbers(array $points): array
    {
        $numbers = [];
        foreach ($this->measurements as $situation => $measurements) {
            foreach ($measurements as $column => $measurement) {
                $numbers[$column] = $measurement->value($points[$situation]);
            }
        }

        return $numbers;
    }

    /** @return array<string, Measurement> by column, of one situation */
    private function measuredIn(string $situation): array
    {
        $measurements = [];
        foreach ($this->terminals as $terminal) {
            $measurements["volts/{$situation}/{$terminal}"] = new Measurement($situation, Reads::Volt, $terminal, Rail::EARTH);
            $measurements["drop/{$situation}/{$terminal}"] = new Measurement($situation, Reads::Volt, Rail::SUPPLY, $terminal);
        }
        foreach ($this->all as $id => $test) {
            if ($test->kind === TestKind::Across && $test->situation === $situation) {
                $measurements[$id] = new Measurement($situation, Reads::Volt, $test->from, $test->to);
            }
        }
        foreach ([...$this->wires, self::BATTERY_LEAD] as $wire) {
            $measurements["clamp/{$situation}/{$wire}"] = new Measurement($situation, Reads::Ampere, $wire === self::BATTERY_LEAD ? Battery::ID : $wire, '');
        }

        return array_intersect_key($measurements, $this->all);
    }

    /**
     * @param  array<string, string>  $outside  test of what is outside the circuit to what it shows
     * @return array<string, string> test to what is seen
     */
    public function seen(Solution $solution, array $outside): array
    {
        [$cause, $behaviour, $opened] = [$solution->cause, $solution->behaviour, $solution->opened];
        $seen = [];
        $whole = new InTheHand;
        foreach ($this->seen as $id => $test) {
            $fault = $cause->fault($test->spot);
            $inTheHand = $fault?->inTheHand() ?? $whole;
            $answer = match ($test->kind) {
                TestKind::Look => $behaviour->at((string) $test->situation)->token(),
                TestKind::Listen => $behaviour->at((string) $test->situation)->relays[$test->spot],
                TestKind::Swap => $fault !== null && count($cause->faults) === 1 && $fault->isCuredByAnother() ? 'cured' : 'same',
                TestKind::Pull => isset($opened[$test->spot]) ? (new Open)->inTheHand()->pulled : $inTheHand->pulled,
                TestKind::Renew => match (true) {
                    isset($opened[$test->spot]) => $opened[$test->spot] <= self::AT_ONCE_S ? 'opens-at-once' : 'opens-later',
                    count($cause->faults) === 1 && $inTheHand->pulled === (new Open)->inTheHand()->pulled => 'mended',
                    default => 'holds',
                },
                TestKind::Feed => $inTheHand->fed,
                TestKind::Coil => $inTheHand->coil,
                TestKind::Turn => $inTheHand->turned,
                TestKind::Along => $inTheHand->along,
                TestKind::Sensor => $inTheHand->acts,
                TestKind::Scan => $this->stored($solution->points, $test->spot),
                TestKind::WarmUp => $this->warmedUp($behaviour),
                TestKind::Cooling, TestKind::Vehicle => $outside[$test->spot] ?? ($test->spot === OutsideCauses::PAPER ? $this->held($behaviour) : $test->answers[0]),
                TestKind::Lamp, TestKind::Volts, TestKind::Drop, TestKind::Across, TestKind::Clamp => null,
            };
            if ($answer !== null) {
                $seen[$id] = $answer;
            }
        }

        return $seen;
    }

    /** What a sheet of paper does before a core whose fans are asked for all they can: a fan that stands holds none, one that blows takes it away. */
    private function held(Behaviour $behaviour): string
    {
        $full = [$this->situations->full];

        return match (true) {
            ! $behaviour->runsAnyAt($full) => 'falls',
            $behaviour->blowsBackwards($full) => 'blown-away',
            default => 'holds-everywhere',
        };
    }

    /** @return list<Test> */
    private function withParts(): array
    {
        $tests = [];
        foreach ($this->circuit->each(Relay::class) as $relay) {
            $swap = $this->test(TestKind::Swap, null, $relay->id, ['same', 'cured']);
            $tests[] = $this->hasTwin($relay) ? $swap->within(self::TWIN_MINUTES) : $swap;
            $tests[] = $this->test(TestKind::Coil, null, $relay->id, ['as-told', 'open', 'short']);
        }
        foreach ($this->circuit->each(Protective::class) as $fuse) {
            if ($fuse->opensInCircuit() && $fuse->fault(FaultKind::Open) !== null) {
                $tests[] = $this->test(TestKind::Pull, null, $fuse->id, ['whole', 'blown', 'other-rating']);
                $tests[] = $this->test(TestKind::Renew, null, $fuse->id, ['holds', 'mended', 'opens-at-once', 'opens-later']);
            }
        }
        foreach ($this->circuit->each(FanMotor::class) as $motor) {
            $tests[] = $this->test(TestKind::Turn, null, $motor->id, ['turns-freely', 'held-fast']);
            $tests[] = $this->test(TestKind::Feed, null, $motor->id, ['turns', 'turns-weakly', 'stands', 'backwards', 'fuse-blows']);
        }
        foreach ($this->circuit->wires as $wire) {
            $tests[] = $this->test(TestKind::Along, null, $wire->id, ['sound', 'rubbed']);
        }
        foreach ($this->circuit->sensors() as $sensor) {
            if ($sensor->isJoinedPast()) {
                $tests[] = $this->test(TestKind::Sensor, null, $sensor->id, ['acts-in-time', 'never-acts', 'always-acts', 'acts-late', 'acts-early']);
            }
        }
        foreach ($this->circuit->each(ComputerDriver::class) as $driver) {
            $tests[] = $this->test(TestKind::Scan, null, $driver->id, ['no-code', 'open-or-earth', 'feed']);
        }

        return $tests;
    }

    /** A splice lies under its sleeve, and a lamp takes more than electronics give. */
    private function isOutOfBounds(string $terminal): bool
    {
        $component = $this->circuit->componentAt($terminal);

        return $component?->isSplice() === true
            || array_filter($component?->paths() ?? [], static fn (ConductionPath $path): bool => $path->symbol === Symbol::Module) !== [];
    }

    /** Whether an identical relay sits beside it, so that no spare need be fetched. */
    private function hasTwin(Relay $relay): bool
    {
        return array_filter($this->circuit->each(Relay::class), static fn (Relay $other): bool => $other !== $relay && $other->part->id() === $relay->part->id()) !== [];
    }

    /** @return list<Test> */
    private function withWarmUp(): array
    {
        return $this->situations->heat === [] ? [] : [$this->test(TestKind::WarmUp, null, '', [])];
    }

    /** @return list<Test> */
    private function in(string $situation): array
    {
        $point = $this->sound[$situation];
        $tests = [$this->test(TestKind::Look, $situation, '', [])];
        if (! $this->situations->all[$situation]->isMeasured()) {
            return $tests;
        }
        foreach ($this->circuit->each(Relay::class) as $relay) {
            $tests[] = $this->test(TestKind::Listen, $situation, $relay->id, ['in', 'out', 'buzzes']);
        }
        $carries = $this->carriesA($point);
        foreach ($this->terminals as $terminal) {
            if ($terminal !== Rail::SUPPLY) {
                $carriesA = $carries[$terminal] ?? 0.0;
                $aside = $carriesA < self::ASIDE_A ? self::ASIDE_MINUTES : 0.0;
                $tests[] = $this->test(TestKind::Volts, $situation, $terminal, [], $aside);
                $isLive = $point->voltages->at($terminal) > self::REST_SHARE * $point->voltages->at(Rail::SUPPLY);
                if ($isLive && $carriesA > self::LOSES_A) {
                    $tests[] = $this->test(TestKind::Drop, $situation, $terminal, []);
                }
                if (! $this->isOutOfBounds($terminal)) {
                    $tests[] = $this->test(TestKind::Lamp, $situation, $terminal, ['dark', 'dim', 'bright'], $aside);
                }
            }
        }
        foreach ([...$this->wires, self::BATTERY_LEAD] as $wire) {
            $tests[] = $this->test(TestKind::Clamp, $situation, $wire, []);
        }

        return [...$tests, ...$this->across($situation, $carries)];
    }

    /**
     * A meter across each part and wire that carries a current there.
     *
     * @param  array<string, float>  $carries  terminal to the most that any wire there carries, A
     * @return list<Test>
     */
    private function across(string $situation, array $carries): array
    {
        $point = $this->sound[$situation];
        $tests = [];
        foreach ($this->circuit->wires as $wire) {
            if (abs($point->currentA($wire->id)) > self::LOSES_A) {
                $tests[] = $this->test(TestKind::Across, $situation, $wire->id, [], between: [$wire->from, $wire->to]);
            }
        }
        foreach ($this->circuit->components as $id => $component) {
            foreach ($component->paths() as $path) {
                $carriesA = min($carries[$path->from] ?? INF, $carries[$path->to] ?? INF);
                if ($path->symbol !== Symbol::Module && is_finite($carriesA) && $carriesA > self::LOSES_A) {
                    $tests[] = $this->test(TestKind::Across, $situation, $id, [], between: [$path->from, $path->to]);
                }
            }
        }

        return $tests;
    }

    /** @return array<string, float> terminal to the most that any wire there carries, A */
    private function carriesA(OperatingPoint $point): array
    {
        $carries = [];
        foreach ($this->circuit->wires as $wire) {
            foreach ([$wire->from, $wire->to] as $terminal) {
                $carries[$terminal] = max($carries[$terminal] ?? 0.0, abs($point->currentA($wire->id)));
            }
        }

        return $carries;
    }

    /**
     * @param  list<string>  $answers
     * @param  array{string, string}  $between  terminals the meter is across; empty where it is not
     */
    private function test(TestKind $kind, ?string $situation, string $spot, array $answers, float $asideMinutes = 0.0, array $between = ['', '']): Test
    {
        $minutes = $kind->minutes() + $this->rates->reachMinutes(explode(':', $spot)[0]) + $asideMinutes;

        return new Test($kind, $situation, $spot, $minutes, $answers, $kind->caution(), from: $between[0], to: $between[1]);
    }

    /** @param  array<string, OperatingPoint>  $points */
    private function stored(array $points, string $driver): string
    {
        $path = $this->circuit->components[$driver]->paths()[0];
        $across = static fn (OperatingPoint $point): float => abs($point->voltages->across($path->from, $path->to)) / max(1.0, abs($point->voltages->at(Rail::SUPPLY)));
        $lastActed = $this->situations->acted[count($this->situations->acted) - 1] ?? Situations::COLD;
        $isOn = ($this->situations->all[$lastActed]->acted[$driver] ?? null) !== null;

        return match (true) {
            $across($this->sound[Situations::COLD]) > self::REST_SHARE && $across($points[Situations::COLD]) < self::REST_SHARE => 'open-or-earth',
            $isOn && $across($this->sound[$lastActed]) < self::ON_SHARE && $across($points[$lastActed]) > self::ON_SHARE => 'feed',
            default => 'no-code',
        };
    }

    private function warmedUp(Behaviour $behaviour): string
    {
        $seen = [];
        $sound = $this->looks;
        foreach (array_keys($behaviour->at(Situations::EARLY)->speedShares) as $fan) {
            $due = array_values(array_filter([...$this->situations->heat, Situations::LATE], static fn (string $at): bool => $sound[$at]->runs($fan)))[0] ?? Situations::LATE;
            $seen[] = "{$fan}=".match (true) {
                $behaviour->at(Situations::EARLY)->runs($fan) && ! $sound[Situations::EARLY]->runs($fan) => 'early',
                $behaviour->at($due)->runs($fan) => 'in-time',
                default => 'not',
            };
        }

        return implode(',', $seen);
    }
}
