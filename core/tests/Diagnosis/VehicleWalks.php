<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Component\Protective;
use LampThread\Circuit\Fault\Fault;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\Place;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Handover\Workshop;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Many odd vehicles, each looked at until a place is named or no test tells any more: how often the name is right, and how often it is wrong. */
final class VehicleWalks
{
    /** What is wrong with the vehicles of a set, or with the person who answers. */
    public const SETS = ['one', 'joints', 'sound', 'intermittent', 'wrong', 'impossible'];

    private const MOST_TESTS = 25;

    /** Shares between which what was named is counted together. */
    private const BINS = [0.9, 0.95, 0.99];

    /** So many places are told to be looked at when it is back. */
    private const LOOKED_AT = 3;

    /** A joint between the sizes the table has, Ω. */
    private const LEAST_OHM = 0.08;

    private const MOST_OHM = 3.0;

    /** How often the fault is there, an answer is wrong, and a test cannot be done. */
    private const THERE = 0.5;

    private const WRONG = 0.1;

    private const IMPOSSIBLE = 0.2;

    public int $count = 0;

    public int $right = 0;

    /** The right place stands first, named or not. */
    public int $likeliest = 0;

    /** Nothing is named, and the right place is among those to be looked at when it is back. */
    public int $whenBack = 0;

    /** @var list<string> each place that was named wrongly, with its share */
    public array $wrong = [];

    public int $tests = 0;

    /** @var list<array{float, bool}> of each place that was named, how sure the program was and whether it was right */
    public array $named = [];

    private readonly Randomizer $random;

    public function __construct(private readonly string $set, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function walk(string $job): void
    {
        $sizing = Workshop::sizing($job);
        $possible = [];
        foreach ($sizing->circuit->faults() as $part => $faults) {
            foreach (array_filter($faults, fn (Fault $fault): bool => is_infinite($fault->lastsS()) && $fault->isJoint() === ($this->set === 'joints')) as $fault) {
                $possible[] = [$part, $fault];
            }
        }
        do {
            [$part, $fault] = $possible[$this->random->getInt(0, count($possible) - 1)];
            $isJoint = $this->set === 'joints';
            $ohm = self::LEAST_OHM * (self::MOST_OHM / self::LEAST_OHM) ** $this->share();
            $vehicle = new OddVehicle(
                $sizing, Tables::of($job), $this->random->getInt(1, 1_000_000), $isJoint || $this->set === 'sound' ? [] : [$part => $fault], $isJoint ? [$part => $ohm] : [],
            );
            $told = $this->set === 'sound' ? [Symptom::NeverRuns, Symptom::Overheats, Symptom::ComesLate, Symptom::OverrideDead] : $vehicle->shows();
        } while ($told === [] || ($this->set === 'intermittent' && ! self::comesAndGoes($sizing, $part, $fault, $vehicle)));
        $seen = [$told[$this->random->getInt(0, count($told) - 1)]];
        $trail = $this->looked($job, $vehicle, $seen);
        $this->count($trail, $this->set === 'sound' ? '' : $part, "{$job}, {$part} {$fault->kind->value}, {$seen[0]->value}");
    }

    /** A blown fuse stays blown, and what a hand has done stays done. */
    private static function comesAndGoes(Sizing $sizing, string $part, Fault $fault, OddVehicle $vehicle): bool
    {
        return ! $vehicle->opensAny() && ! $fault->isByHand() && ! $sizing->circuit->part($part) instanceof Protective;
    }

    /** @param  list<Symptom>  $seen */
    private function looked(string $job, OddVehicle $vehicle, array $seen): Trail
    {
        $answers = [];
        while (true) {
            $trail = new Trail(Tables::of($job), Tables::lamp($job), $seen, $answers, Tool::cases());
            $test = $trail->found() === null && count($answers) < self::MOST_TESTS ? $trail->next()[0]->test ?? null : null;
            if ($test === null) {
                $this->tests += count($answers);

                return $trail;
            }
            $answers[] = new Answer($test, $this->answer($test, $vehicle));
        }
    }

    private function answer(Test $test, OddVehicle $vehicle): ?float
    {
        // Rubbed insulation stays rubbed.
        $value = $vehicle->reads($test, $this->set !== 'intermittent' || $test->kind->showsAlways() || $this->share() < self::THERE);
        $isWrong = $this->set === 'wrong' && $this->share() < self::WRONG && count($test->answers) > 1;

        return match (true) {
            $this->set === 'impossible' && $this->share() < self::IMPOSSIBLE => null,
            $isWrong => (float) ((1 + (int) $value) % count($test->answers)),
            default => $value,
        };
    }

    private function count(Trail $trail, string $truth, string $what): void
    {
        $isRight = static fn (string $place): bool => in_array($truth, explode('+', $place), true);
        $found = $trail->found();
        $this->count++;
        $this->named = [...$this->named, ...($found === null || $found->id === '' ? [] : [[$found->share, $isRight($found->id)]])];
        $this->right += $found !== null && $isRight($found->id) ? 1 : 0;
        $this->likeliest += $isRight($trail->places()[0]->id) ? 1 : 0;
        $isOpen = $found === null ? $trail->isRestless() : $found->id === '';
        $whenBack = array_filter(array_slice($trail->fleetingPlaces(), 0, self::LOOKED_AT), static fn (Place $place): bool => $isRight($place->id));
        if ($truth !== '' && $isOpen && $whenBack !== []) {
            $this->whenBack++;

            return;
        }
        // That nothing is wrong today is no wrong name for what comes and goes.
        if ($found !== null && ! $isRight($found->id) && ! ($this->set === 'intermittent' && $found->id === '')) {
            $this->wrong[] = sprintf('%s: named %s, %.3f', $what, $found->id === '' ? 'nothing' : $found->id, $found->share);
        }
    }

    /**
     * How sure the program was of what it named, against how often that was right: in 100 of those named between two shares.
     *
     * @param  list<array{float, bool}>  $named
     * @return list<array{from: float, count: int, said: float, right: float}>
     */
    public static function reliability(array $named): array
    {
        $bins = [];
        foreach (self::BINS as $at => $from) {
            $below = self::BINS[$at + 1] ?? INF;
            $in = array_values(array_filter($named, static fn (array $one): bool => $one[0] >= $from && $one[0] < $below));
            if ($in !== []) {
                $rights = count(array_filter($in, static fn (array $one): bool => $one[1]));
                $bins[] = ['from' => $from, 'count' => count($in), 'said' => array_sum(array_column($in, 0)) / count($in), 'right' => $rights / count($in)];
            }
        }

        return $bins;
    }

    private function share(): float
    {
        return $this->random->getInt(0, 1_000_000) / 1e6;
    }
}
