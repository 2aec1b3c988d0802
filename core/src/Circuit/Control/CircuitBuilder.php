<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Brief;
use LampThread\Brief\Compressor;
use LampThread\Brief\Control;
use LampThread\Brief\Speeds;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Control\Load\SeriesParallelPair;
use LampThread\Circuit\Control\Load\TwoSpeedFan;
use LampThread\Circuit\Control\Lockout\LockoutsOf;
use LampThread\Circuit\Control\Override\ChangeOver;
use LampThread\Circuit\Control\Override\OverrideOf;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Selection;
use LampThread\Circuit\TriggerLine;

/** Builds the circuit of a brief: each control idea adds its part, in the order in which one needs what another has laid. */
final readonly class CircuitBuilder
{
    /**
     * @param  list<Arrangement>  $loads
     * @param  list<Load>  $stageLoads  by stage; none where the stages are two speeds of the same fans
     * @param  list<TriggerLine>  $lines  of the stages that have one, low first
     */
    private function __construct(private Control $control, private array $loads, private array $stageLoads, private array $lines) {}

    public static function build(Brief $brief, Selection $selection): Circuit
    {
        $harness = new Harness($brief, $selection);
        self::of($brief->control)->install($harness);

        return $harness->circuit();
    }

    private static function of(Control $control): self
    {
        if ($control->speeds === null) {
            $loads = array_map(static fn ($stage): Load => DeciderOf::stage($stage)->load($stage), $control->stages);

            return new self(
                $control, $loads, $loads, array_values(array_filter(array_map(static fn (Load $load): ?TriggerLine => $load->triggerLine(), $loads))),
            );
        }
        [$low, $high] = $control->stages;
        $isPair = $control->speeds === Speeds::SeriesParallel;

        return new self(
            $control,
            [$isPair ? new SeriesParallelPair($low) : new TwoSpeedFan($low, $control->speeds)],
            [],
            [
                TriggerLine::of($low, [TwoSpeedFan::LOW_RELAY]),
                TriggerLine::of($high, $isPair ? [TwoSpeedFan::HIGH_RELAY, SeriesParallelPair::SERIES_RELAY] : [TwoSpeedFan::HIGH_RELAY]),
            ],
        );
    }

    private function install(Harness $harness): void
    {
        $override = OverrideOf::control($this->control);
        $trigger = TriggerOf::control($this->control);
        $first = $this->control->stages[0];
        (new VehicleSupply($trigger?->usesClutchWire() === true && $this->control->airConditioning?->compressor === Compressor::Clutch))->install($harness);
        $fed = $this->fed();
        if ($fed !== null) {
            (new CoilSupply($fed))->install($harness);
        }
        $override?->installBeforeFans($harness, $first);
        foreach ([...$this->loads, ...$this->lines] as $arrangement) {
            $arrangement->install($harness);
        }
        if ($this->lines !== []) {
            $override?->installInLines($harness, $this->lines);
        }
        foreach ($this->lines as $line) {
            foreach (LockoutsOf::control($this->control) as $lockout) {
                $lockout->install($harness, $line);
            }
            DeciderOf::stage($line->stage)->install($harness, $line);
        }
        $trigger?->install($harness, $first, $this->lines[0] ?? null);
        if ($this->lines !== []) {
            $override?->installAcrossLines($harness, $this->lines);
        }
        if ($this->control->afterRun !== null) {
            (new AfterRunRelay($this->control->afterRun, $first->fanIds[0]))->install($harness);
        }
        if ($override?->hasIndicator() === true) {
            (new Indicator($first->fanIds[0]))->install($harness);
        }
    }

    /**
     * A coil or input the coil feed is there for; null where nothing needs it.
     *
     * @return array{string, string}|null
     */
    private function fed(): ?array
    {
        $coils = array_map(static fn (TriggerLine $line): ?string => $line->coil(), $this->lines);
        if ($this->control->override?->changesOverFeed() === true) {
            $coils[] = ChangeOver::relay($this->control->stages[0]->fanIds[0]);
        }
        foreach (array_filter($coils) as $coil) {
            return ["{$coil}:86", "{$coil}:85"];
        }
        foreach ($this->stageLoads as $load) {
            if ($load->fedInput() !== null) {
                return $load->fedInput();
            }
        }

        return null;
    }
}
