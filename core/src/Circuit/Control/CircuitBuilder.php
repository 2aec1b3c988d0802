<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Brief;
use LampThread\Brief\Compressor;
use LampThread\Brief\Control;
use LampThread\Brief\Speeds;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Control\AirConditioning\Trigger;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\Control\Load\SeriesParallelPair;
use LampThread\Circuit\Control\Load\TwoSpeedFan;
use LampThread\Circuit\Control\Lockout\EngineSpeedLockout;
use LampThread\Circuit\Control\Lockout\LockoutsOf;
use LampThread\Circuit\Control\Override\ChangesOver;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\OverridesOf;
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
            $loads = array_map(LoadOf::stage(...), $control->stages);

            return new self($control, $loads, $loads, self::lines($loads));
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

    /**
     * @param  list<Load>  $loads
     * @return list<TriggerLine>
     */
    private static function lines(array $loads): array
    {
        return array_values(array_filter(array_map(static fn (Load $load): ?TriggerLine => $load->triggerLine(), $loads)));
    }

    private function install(Harness $harness): void
    {
        $trigger = TriggerOf::control($this->control);
        $overrides = OverridesOf::control($this->control);
        (new VehicleSupply($trigger?->usesClutchWire() === true && $this->control->airConditioning?->compressor === Compressor::Clutch))->install($harness);
        $fed = $this->fed();
        if ($fed !== null) {
            (new CoilSupply($fed))->install($harness);
        }
        foreach ($overrides as $override) {
            $override->installBeforeFans($harness);
        }
        foreach ([...$this->loads, ...$this->lines] as $arrangement) {
            $arrangement->install($harness);
        }
        foreach ($overrides as $override) {
            $lines = $this->linesOf($override);
            if ($lines !== []) {
                $override->installInLines($harness, $lines);
            }
        }
        foreach ($this->lines as $line) {
            $this->decide($harness, $line);
        }
        $this->airConditioning($harness, $trigger);
        foreach ($overrides as $override) {
            $lines = $this->linesOf($override);
            if ($lines !== []) {
                $override->installAcrossLines($harness, $lines);
            }
        }
        $contact = $this->control->afterRun === null ? null : LoadOf::stage($this->control->stages[0])->contact();
        if ($this->control->afterRun !== null && $contact !== null) {
            (new AfterRunRelay($this->control->afterRun, $this->control->stages[0]->fanIds[0], $contact))->install($harness);
        }
        if ($this->control->spareFeedA !== null) {
            (new SpareFeed($this->control->spareFeedA))->install($harness);
        }
        foreach ($overrides as $override) {
            if ($override->hasIndicator()) {
                (new Indicator($override->number, $override->stages($this->control)[0]))->install($harness);
            }
        }
    }

    /** What opens the line of a stage, then what decides it, each decider by itself. */
    private function decide(Harness $harness, TriggerLine $line): void
    {
        foreach (LockoutsOf::control($this->control) as $lockout) {
            if ($lockout->isInLine()) {
                $lockout->install($harness, $line);
            }
        }
        foreach ($line->stage->deciding() as $deciding) {
            DeciderOf::stage($deciding)->install($harness, $line->for($deciding));
        }
    }

    private function airConditioning(Harness $harness, ?Trigger $trigger): void
    {
        foreach ($this->control->stages as $stage) {
            if ($this->control->airConditioning?->asksFor($stage) === true) {
                $lines = array_values(array_filter($this->lines, static fn (TriggerLine $line): bool => $line->stage === $stage));
                $trigger?->install($harness, $stage, $lines[0] ?? null);
            }
        }
    }

    /** @return list<TriggerLine> of the stages an override acts on, low first */
    private function linesOf(Override $override): array
    {
        return array_values(array_filter($this->lines, fn (TriggerLine $line): bool => $override->concerns($line->stage, $this->control)));
    }

    /**
     * A coil or input the coil feed is there for; null where nothing needs it.
     *
     * @return array{string, string}|null
     */
    private function fed(): ?array
    {
        $coils = array_map(static fn (TriggerLine $line): string => $line->coil(), $this->lines);
        foreach ($this->control->stages as $stage) {
            if ($this->control->changesOverFeed($stage)) {
                $coils[] = ChangesOver::relay($stage->fanIds[0]);
            }
        }
        foreach ($coils as $coil) {
            return ["{$coil}:86", "{$coil}:85"];
        }
        $inputs = array_map(static fn (Load $load): ?array => $load->fedInput(), $this->stageLoads);
        foreach ($this->control->deciding() as $deciding) {
            $inputs[] = DeciderOf::stage($deciding)->fedInput($deciding);
        }
        if ($this->control->lockouts->engineSpeed?->isInFeed === false) {
            $module = EngineSpeedLockout::contact($this->control->stages[0]->id);
            $inputs[] = ["{$module}:15", "{$module}:31"];
        }

        return array_values(array_filter($inputs))[0] ?? null;
    }
}
