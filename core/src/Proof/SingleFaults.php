<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Electrics\FaultKind;
use LampThread\Electrics\Faults;
use LampThread\Electrics\Key;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\SeriesChains;
use LampThread\Electrics\Solver;

/**
 * Every part and wire broken in every way it can be, one at a time, in every state: states that nothing electrical tells apart are
 * looked at once, a fault that can change nothing there is not solved, and what is solved begins from the sound state.
 */
final class SingleFaults
{
    /** Share of the air below which a fan that is wanted counts as lost. */
    private const LOST_SHARE = 0.5;

    /** Share of the air below which nothing is cooled. */
    private const NOTHING_SHARE = 0.1;

    /** A loss of air nobody would measure. */
    private const SAME_SHARE = 0.97;

    /** More than this with the key out empties a battery, A (common practice, no source). */
    private const DRAIN_A = 0.05;

    /** Pairs of state and fault that were solved. */
    public int $solved = 0;

    /** Pairs that there are. */
    public int $pairs = 0;

    private readonly Changeless $changeless;

    /** @var array<int, SeriesChains> by what stands alike */
    private array $chains = [];

    /** @var array<string, array{OperatingPoint, array{string, float}|null}> state, fault and chain to what came of it */
    private array $ofChains = [];

    /** @var array<string, string> wire to the terminal it ends at */
    private readonly array $ends;

    /** @var array<string, int> part to the most elements it is made of in any state */
    private array $elements = [];

    /** @var list<FanMotor> */
    private readonly array $motors;

    private readonly float $hottestC;

    public function __construct(
        private readonly Circuit $circuit,
        private readonly StateSpace $space,
        private readonly Wants $wants,
        private readonly Limits $limits,
        private readonly Solver $solver,
        private readonly bool $overrideRuns,
    ) {
        $this->changeless = new Changeless($circuit);
        $this->motors = $circuit->each(FanMotor::class);
        $this->hottestC = max(array_map(static fn (State $state): float => $state->point->setting->coolantC, $space->states));
        $this->ends = array_column(array_map(get_object_vars(...), $circuit->wires), 'to', 'id');
        foreach ($space->distinct() as $state) {
            $counts = [];
            foreach ($state->point->elements as $element) {
                $part = $circuit->owner($element->name()) ?? $element->name();
                $counts[$part] = ($counts[$part] ?? 0) + ($element->name() === $part ? 1 : 2);
            }
            foreach ($counts as $part => $count) {
                $this->elements[$part] = max($this->elements[$part] ?? 0, $count);
            }
        }
    }

    /** @return list<FaultOutcome> worst first */
    public function outcomes(): array
    {
        $every = array_map($this->sound(...), $this->space->states);
        $sound = [];
        foreach ($every as $one) {
            $key = $one->state->alike.':'.implode(',', array_map(static fn (Want $want): string => $want->name, $one->wants));
            $sound[$key] ??= $one;
        }
        $outcomes = [];
        foreach (Faults::possible($this->circuit) as $part => $kinds) {
            foreach ($kinds as $kind) {
                // A drifted sensor tells states apart by their temperature alone.
                $outcomes[] = $this->outcome($part, $kind, $kind === FaultKind::Drifted ? $every : array_values($sound));
                $this->pairs += count($this->space->states);
            }
        }
        $order = array_flip(array_column(Harm::cases(), 'value'));
        usort($outcomes, static fn (FaultOutcome $a, FaultOutcome $b): int => [$order[$a->harm->value], $a->airShare, -$a->drainA] <=> [$order[$b->harm->value], $b->airShare, -$b->drainA]);

        return $outcomes;
    }

    private function sound(State $state): SoundState
    {
        $wants = $this->wants->in($state->point->setting);
        $this->chains[$state->alike] ??= SeriesChains::of($state->point);

        return new SoundState(
            $state,
            $wants,
            $this->airM3h($state->point, $wants),
            $this->chains[$state->alike],
            $state->point->setting->coolantC >= $this->hottestC,
        );
    }

    /** @param  list<SoundState>  $states */
    private function outcome(string $part, FaultKind $kind, array $states): FaultOutcome
    {
        $tally = new FaultTally($part, $kind, $this->overrideRuns);
        foreach ($states as $sound) {
            $point = $sound->state->point;
            if ($this->changeless->is($part, $kind, $point)) {
                $tally->unchanged($sound);

                continue;
            }
            $this->look($part, $kind, $sound, $tally);
        }

        return $tally->outcome();
    }

    private function look(string $part, FaultKind $kind, SoundState $sound, FaultTally $tally): void
    {
        $before = $sound->state->point;
        [$final, $opens] = $this->broken($part, $kind, $sound);
        $tally->changed($sound);
        if ($opens !== null) {
            $tally->opens($sound, $this->name($opens[0]), $opens[1]);
        }
        $burns = $this->limits->burns($final, $before);
        if ($burns !== null) {
            $tally->burns($sound, $this->name($burns[0]), $burns[1]);
        }
        $this->air($sound, $final, $tally);
        $drainA = $before->currentA('battery') - $final->currentA('battery');
        if ($before->setting->key === Key::Off && $drainA > self::DRAIN_A) {
            $tally->drains($sound, $drainA);
        }
        if ($final->chattering !== []) {
            $tally->chatters($sound, $this->name($final->chattering[0]));
        }
    }

    /**
     * What comes of a fault once every fuse that it opens has opened. Of a chain, and of wires that end together, one is solved for all.
     *
     * @return array{OperatingPoint, array{string, float}|null} and the first of them, with the time by which it has surely opened in s
     */
    private function broken(string $part, FaultKind $kind, SoundState $sound): array
    {
        $before = $sound->state->point;
        $place = match (true) {
            $kind === FaultKind::HighResistance, $kind === FaultKind::Open && ($this->elements[$part] ?? 0) === 1 => $sound->chains->chain($part),
            $kind === FaultKind::Chafed => $this->ends[$part],
            default => null,
        };
        $key = $place === null ? null : "{$sound->state->alike}:{$kind->value}:{$place}";
        if ($key !== null && isset($this->ofChains[$key])) {
            return $this->ofChains[$key];
        }
        $faults = new Faults([$part => $kind]);
        $final = $this->solver->breakIn($before, $before->setting->with($faults));
        $this->solved++;
        $first = null;
        // Where feeds are joined the next fuse gets what the first has let go of.
        while (($opens = $this->limits->opens($final)) !== null) {
            $first ??= $opens;
            $faults = $faults->and($opens[0], FaultKind::Open);
            $final = $this->solver->breakIn($final, $before->setting->with($faults));
            $this->solved++;
        }
        if ($key !== null) {
            $this->ofChains[$key] = [$final, $first];
        }

        return [$final, $first];
    }

    private function air(SoundState $sound, OperatingPoint $final, FaultTally $tally): void
    {
        $leftM3h = $this->airM3h($final, $sound->wants);
        $share = $sound->airM3h > 0 ? $leftM3h / $sound->airM3h : 1.0;
        foreach ($this->motors as $motor) {
            $want = $sound->wants[$motor->id] ?? Want::Rest;
            $ran = $this->speedShare($motor, $sound->state->point);
            $runs = $this->speedShare($motor, $final);
            if ($want->runs() && $ran > 0 && $runs < self::LOST_SHARE * $ran) {
                $tally->loses($sound, $want, $share, $share < self::NOTHING_SHARE);
            } elseif ($want->runs() && $share < self::SAME_SHARE) {
                $tally->loses($sound, $want, $share, false);
            } elseif ($want->runs() && $runs > 0) {
                $tally->keeps($want);
            } elseif ($want->rests() && $ran === 0.0 && $runs > 0) {
                $tally->runsOn($sound, $motor->name);
            }
        }
    }

    /** What a part is called on the drawing. */
    private function name(string $part): string
    {
        return $this->circuit->components[$part]->mark ?? $part;
    }

    /** @param  array<string, Want>  $wants */
    private function airM3h(OperatingPoint $point, array $wants): float
    {
        $airM3h = 0.0;
        foreach ($this->motors as $motor) {
            if (($wants[$motor->id] ?? Want::Rest)->runs()) {
                $airM3h += $motor->fan->flowM3h * $this->speedShare($motor, $point);
            }
        }

        return $airM3h;
    }

    private function speedShare(FanMotor $motor, OperatingPoint $point): float
    {
        return $point->position($motor->id) === FanMotor::TURNING
            ? abs($motor->model->speedShare($point->volts->across($motor->terminal('+'), $motor->terminal('-'))))
            : 0.0;
    }
}
