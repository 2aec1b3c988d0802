<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Protective;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\Place;
use LampThread\Diagnosis\Situations;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Vehicle\BuiltVehicle;
use LampThread\Tests\Vehicle\Defect;
use LampThread\Tests\Vehicle\DefectKind;
use LampThread\Tests\Vehicle\Driver;
use LampThread\Tests\Vehicle\Examiner;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Many vehicles, each looked at until a place is named or no test tells any more: how often the name is right, and how often it is wrong. */
final class VehicleWalks
{
    /** What is wrong with the vehicles of a set, or with the person who answers. */
    public const SETS = ['one', 'joints', 'sound', 'intermittent', 'wrong', 'impossible', 'two', 'socket'];

    private const MOST_TESTS = 30;

    /** Shares between which what was named is counted together. */
    private const BINS = [0.9, 0.95, 0.99];

    /** So many places are told to be looked at when it is back. */
    private const LOOKED_AT = 5;

    /** A joint that has begun to fail, and one that has all but failed, Ω. */
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

    /** @var list<string> each vehicle of which nothing was named */
    public array $open = [];

    public int $tests = 0;

    /** @var list<string> what was answered in the walk that is on */
    private array $answered = [];

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
        $situations = new Situations($sizing->circuit);
        $possible = array_values(array_filter(Defect::all($sizing->circuit), fn (Defect $defect): bool => $this->isOfSet($defect, $sizing->circuit)));
        if ($possible === [] && $this->set !== 'sound') {
            return;
        }
        do {
            $defects = $this->set === 'sound' ? [] : array_map(fn (): Defect => $this->one($possible), range(1, $this->set === 'two' ? 2 : 1));
            $seed = $this->random->getInt(1, 1_000_000);
            $vehicle = new BuiltVehicle($sizing, $situations->all, $seed, $defects);
            $told = $this->set === 'sound' ? $this->complaints($job) : (new Driver($vehicle, $situations))->tells();
        } while ($told === [] || $vehicle->isBurnt() || ($this->set === 'intermittent' && $vehicle->blown !== []));
        $seen = [$told[$this->random->getInt(0, count($told) - 1)]];
        $trail = $this->looked($job, new Examiner($vehicle, $situations, $seed), $seen);
        $what = array_map(static fn (Defect $defect): string => "{$defect->part} {$defect->kind->value}".($defect->ohm > 0 ? sprintf(' %.2f Ω', $defect->ohm) : ''), $defects);
        $this->count($trail, array_map(static fn (Defect $defect): string => $defect->part, $defects), "{$job}, ".implode(' and ', $what).", {$seen[0]->value}");
    }

    /** @return list<Symptom> what is told of a vehicle that is sound: what it could have */
    private function complaints(string $job): array
    {
        $table = Tables::of($job);
        $usual = [Symptom::NeverRuns, Symptom::Overheats, Symptom::ComesLate, Symptom::OverrideDead];

        return array_values(array_filter($usual, static fn (Symptom $symptom): bool => array_filter(
            array_keys($table->causes), static fn (int $cause): bool => $table->shows($cause, $symptom),
        ) !== []));
    }

    private function isOfSet(Defect $defect, Circuit $circuit): bool
    {
        return match ($this->set) {
            'joints' => $defect->kind === DefectKind::Joint,
            'socket' => in_array($defect->kind, [DefectKind::CoilPinOut, DefectKind::ContactPinOut], true),
            // A blown fuse stays blown.
            'intermittent' => $defect->kind->canComeAndGo() && ! $circuit->part($defect->part) instanceof Protective,
            default => $defect->kind !== DefectKind::Joint,
        };
    }

    /** @param  list<Defect>  $possible */
    private function one(array $possible): Defect
    {
        $defect = $possible[$this->random->getInt(0, count($possible) - 1)];

        return $defect->kind === DefectKind::Joint ? $defect->withOhm(self::LEAST_OHM * (self::MOST_OHM / self::LEAST_OHM) ** $this->share()) : $defect;
    }

    /** @param  list<Symptom>  $seen */
    private function looked(string $job, Examiner $examiner, array $seen): Trail
    {
        $answers = [];
        $this->answered = [];
        while (true) {
            $trail = new Trail(Tables::of($job), Tables::lamp($job), $seen, $answers, Tool::cases());
            $test = $trail->found() === null && count($answers) < self::MOST_TESTS ? $trail->next()[0]->test ?? null : null;
            if ($test === null) {
                $this->tests += count($answers);

                return $trail;
            }
            $answers[] = $answer = new Answer($test, $this->answer($test, $examiner));
            $this->answered[] = "{$test->id()} ".($answer->value === null ? '?' : $test->answers[(int) $answer->value] ?? $answer->value);
        }
    }

    private function answer(Test $test, Examiner $examiner): ?float
    {
        $value = $examiner->reads($test, $this->set !== 'intermittent' || $this->share() < self::THERE);
        $isWrong = $this->set === 'wrong' && $this->share() < self::WRONG && count($test->answers) > 1;

        return match (true) {
            $this->set === 'impossible' && $this->share() < self::IMPOSSIBLE => null,
            $isWrong => (float) ((1 + (int) $value) % count($test->answers)),
            default => $value,
        };
    }

    /** @param  list<string>  $truth  parts that something is wrong with */
    private function count(Trail $trail, array $truth, string $what): void
    {
        $isRight = static fn (string $place): bool => $truth === [] ? $place === '' : array_intersect($truth, explode('+', $place)) !== [];
        $found = $trail->found();
        $this->count++;
        $this->named = [...$this->named, ...($found === null || $found->id === '' ? [] : [[$found->share, $isRight($found->id)]])];
        $this->right += $found !== null && $isRight($found->id) ? 1 : 0;
        $this->likeliest += $isRight($trail->places()[0]->id) ? 1 : 0;
        $isOpen = $found === null ? $trail->isRestless() : $found->id === '';
        $whenBack = array_filter(array_slice($trail->fleetingPlaces(), 0, self::LOOKED_AT), static fn (Place $place): bool => $isRight($place->id));
        if ($truth !== [] && $isOpen && $whenBack !== []) {
            $this->whenBack++;

            return;
        }
        // That nothing is wrong today is no wrong name for what comes and goes.
        if ($found !== null && ! $isRight($found->id) && ! ($this->set === 'intermittent' && $found->id === '')) {
            $this->wrong[] = sprintf('%s: named %s, %.3f after %s', $what, $found->id === '' ? 'nothing' : $found->id, $found->share, implode('; ', $this->answered));
        } elseif ($found === null) {
            $told = static fn (Place $place): string => sprintf('%s %.2f', $place->id === '' ? 'nothing' : $place->id, $place->share);
            $likeliest = array_map($told, array_slice($trail->places(), 0, self::LOOKED_AT));
            $this->open[] = sprintf('%s: left %s after %s', $what, implode(', ', $likeliest), implode('; ', $this->answered));
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
