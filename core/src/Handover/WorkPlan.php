<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Circuit\Alteration;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Sizing\Sizing;

/** Every step of the work in an order that can be kept, with what it takes. Minutes, tools and order: common practice, no source. */
final readonly class WorkPlan
{
    /** Fewer new wires than these are no loom (common practice, no source). */
    private const LOOM_FROM = 5;

    /** What the fan hides once it is in, so that it comes before. */
    private const BEHIND_FAN = ['probe', 'old-fan'];

    private Alteration $alteration;

    private bool $opensCoolant;

    private bool $takesFanOff;

    public function __construct(private Sizing $sizing, private TestPlan $tests)
    {
        $this->alteration = $sizing->alteration();
        $this->opensCoolant = $this->alteration->opensCoolant();
        $this->takesFanOff = $sizing->brief->engineFan?->isRemoved === true;
    }

    /** @return array<string, WorkStep> by id, each after those it needs */
    public function steps(): array
    {
        $steps = [];
        foreach ([
            ...$this->beginning(), ...$this->cooling(), ...$this->fans(), ...$this->wiring(), ...$this->tested(Phase::BeforePower, ['plugs']),
            $this->step('battery-on', ['tests-before-power'], ['check-polarity', 'fuses-last'], caution: true), ...$this->tested(Phase::Cold, ['battery-on']),
            ...$this->filling(), ...$this->tested(Phase::Warm, $this->opensCoolant ? ['bleed'] : ['tests-cold']), ...$this->ending(),
        ] as $step) {
            $steps[$step->id] = $step;
        }

        // What a job does not have is not waited for.
        return array_map(static fn (WorkStep $step): WorkStep => new WorkStep(
            $step->id, $step->title, $step->minutes, $step->items, array_values(array_filter($step->needs, static fn (string $need): bool => isset($steps[$need]))),
            $step->tools, $step->consumables, $step->hands, $step->waitsForCold, $step->caution,
        ), $steps);
    }

    /** @return list<WorkStep> */
    private function beginning(): array
    {
        return [
            $this->step('battery-off', [], ['note-codes', 'minus-first'], tools: ['spanners'], caution: true),
            ...($this->opensCoolant || $this->takesFanOff ? [$this->step('cool-down', [], ['touch-hose'], caution: true)] : []),
        ];
    }

    /** @return list<WorkStep> */
    private function cooling(): array
    {
        $steps = [];
        if ($this->takesFanOff) {
            $steps[] = $this->step(
                'old-fan', ['battery-off', 'cool-down'], ['nut-direction', 'hold-pulley', 'shorter-bolts'], ['fan-spanner', 'pulley-holder'], hands: 2, isCold: true,
                caution: true,
            );
        }
        if ($this->opensCoolant) {
            $litres = $this->sizing->brief->cooling->coolantLitres;
            $steps[] = $this->step('drain', ['cool-down'], ['below-port', 'catch'], ['tray'], isCold: true, caution: true, figures: ['litres' => Unit::Litre->of($litres)]);
            $steps[] = $this->step('flush', ['drain'], ['until-clear', 'strainer'], ['hose'], isCold: true);
            $steps[] = $this->step('probe', ['drain'], ['hand-first', 'no-sealant-on-earth', 'clamp'], ['spanners'], ['sealant', 'clamps'], isCold: true);
        }

        return $steps;
    }

    /** @return list<WorkStep> */
    private function fans(): array
    {
        $count = count(array_filter($this->alteration->coming(), static fn (Component $component): bool => $component instanceof FanMotor));

        return $count === 0 ? [] : [
            $this->step(
                'fan', ['battery-off', ...self::BEHIND_FAN], ['plug-before-bracket', 'turn-by-hand', 'gap'], ['spanners', 'drill'], ['bolts'], hands: 2, times: $count,
                isCold: true,
            ),
        ];
    }

    /** @return list<WorkStep> */
    private function wiring(): array
    {
        $wires = count($this->alteration->wiresComing());
        $isCutInto = $this->alteration->joints() !== [] || $this->alteration->refed() !== [];

        return [
            ...($isCutInto ? [$this->step('original', ['battery-off'], ['photograph', 'mark', 'cut-last'], ['meter'])] : []),
            ...($this->alteration->going() === [] ? [] : [$this->step('take-out', ['battery-off'], ['keep', 'insulate'], ['spanners'])]),
            ...($wires === 0 ? [] : [
                $this->step(
                    'wire', [], ['cut', 'crimp-pull', 'label'], ['crimper', 'heat-gun'], ['terminals', 'sleeve'], times: $wires, figures: ['wires' => Unit::One->of($wires)],
                ),
                $wires < self::LOOM_FROM
                    ? $this->step('along', ['battery-off', 'wire'], ['ties', 'grommet'], ['drill'], ['ties'])
                    : $this->step('fuse-box', ['battery-off', 'wire'], ['fuses-out', 'relay-place', 'grommet'], ['spanners', 'drill'], ['ties']),
            ]),
            $this->step('plugs', ['fuse-box', 'along', 'fan', 'probe', 'original', 'take-out'], ['seat', 'tug', 'earths-bright'], [], ['grease']),
        ];
    }

    /** @return list<WorkStep> */
    private function filling(): array
    {
        if (! $this->opensCoolant) {
            return [];
        }
        $cooling = $this->sizing->brief->cooling;
        $glycol = $cooling->coolantLitres * $cooling->glycolPercent / 100;

        return [
            $this->step('fill', ['flush', 'probe', 'tests-cold'], ['mix', 'slowly', 'heater-open'], ['funnel'], ['coolant'], figures: [
                'glycol' => Unit::Litre->of(round($glycol, 1)), 'water' => Unit::Litre->of(round($cooling->coolantLitres - $glycol, 1)),
            ]),
            $this->step('bleed', ['fill'], ['lowest-first', 'trapped-air', 'level-again'], hands: 1, caution: true),
        ];
    }

    /** @return list<WorkStep> */
    private function ending(): array
    {
        return [
            ...($this->opensCoolant ? [$this->step('heat-cycle', ['tests-warm'], ['twice', 'recheck-level', 'recheck-clamps'], isCold: true, caution: true)] : []),
            ...$this->tested(Phase::Road, ['tests-warm']),
            $this->step('write-up', ['tests-warm'], ['places', 'set-points', 'spares']),
            ...$this->tested(Phase::Later, ['write-up']),
        ];
    }

    /**
     * @param  list<string>  $needs
     * @return list<WorkStep> the tests of a phase as one step
     */
    private function tested(Phase $phase, array $needs): array
    {
        $minutes = array_sum(array_map(static fn (TestStep $step): int => $step->phase === $phase ? $step->minutes : 0, $this->tests->steps()));

        return [new WorkStep(
            "tests-{$phase->value}", Message::of('work.tests', phase: Message::of("phase.{$phase->value}")), $minutes, [], $needs,
            [Message::of('work.tool.meter')], [], hands: 1, waitsForCold: false, caution: null,
        )];
    }

    /**
     * @param  list<string>  $needs
     * @param  list<string>  $items
     * @param  list<string>  $tools
     * @param  list<string>  $consumables
     * @param  array<string, Quantity>  $figures  for the words
     */
    private function step(
        string $id, array $needs, array $items, array $tools = [], array $consumables = [], int $hands = 1, int $times = 1, bool $isCold = false,
        bool $caution = false, array $figures = [],
    ): WorkStep {
        return new WorkStep(
            $id, Message::of("work.{$id}", ...$figures), Minutes::ofStep($id) * $times,
            array_map(static fn (string $item): Message => Message::of("work.{$id}.{$item}", ...$figures), $items),
            $needs, array_map(static fn (string $tool): Message => Message::of("work.tool.{$tool}"), $tools),
            array_map(static fn (string $consumable): Message => Message::of("work.consumable.{$consumable}"), $consumables), $hands, $isCold,
            $caution ? Message::of("work.{$id}.caution") : null,
        );
    }
}
