<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Observation\Setting;
use LampThread\Observation\Settings;
use LampThread\Observation\Tolerance;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;

/** Every test of a job in the order that costs least and is safe, with what each should read: from its own solved circuit and the parts' tolerances. */
final class TestPlan
{
    public readonly Circuit $circuit;

    /** @var array<string, Setting> by id */
    public readonly array $settings;

    private readonly Solver $solver;

    /** @var array<string, OperatingPoint> by setting */
    private array $points = [];

    /** @var array<string, TestStep>|null by id, once they are made */
    private ?array $steps = null;

    /** @var array<string, Tolerance> by setting */
    private array $tolerances = [];

    public function __construct(private readonly Sizing $sizing)
    {
        $this->circuit = $sizing->circuit;
        $settings = new Settings($this->circuit);
        $this->settings = [...$settings->all(), ...$settings->withKeyOut()];
        $this->solver = new Solver($this->circuit);
    }

    /** @return array<string, TestStep> by id */
    public function steps(): array
    {
        return $this->steps ??= $this->made();
    }

    /** Null where the plan has none of that id. */
    public function step(string $id): ?TestStep
    {
        return $this->steps()[$id] ?? null;
    }

    /** @return array<string, TestStep> */
    private function made(): array
    {
        $steps = [
            ...(new StepsBeforePower($this->sizing))->steps(),
            ...(new StepsUnderPower($this, $this->sizing->brief->control))->steps(),
            ...StepsWarm::of($this->sizing, Vehicle::of($this->sizing)),
        ];

        $order = array_flip(array_column(Phase::cases(), 'value'));
        usort($steps, static fn (TestStep $a, TestStep $b): int => $order[$a->phase->value] <=> $order[$b->phase->value]);

        return array_combine(array_map(static fn (TestStep $step): string => $step->id, $steps), $steps);
    }

    /** How the sound circuit stands in a setting. */
    public function point(string $setting): OperatingPoint
    {
        return $this->points[$setting] ??= $this->solver->settle($this->settings[$setting]->conditions);
    }

    public function tolerance(string $setting): Tolerance
    {
        return $this->tolerances[$setting] ??= new Tolerance($this->point($setting));
    }

    /** @throws InvalidInput where this circuit has no such measurement */
    public function measurement(string $id): Measurement
    {
        $measurement = Measurement::named($id);
        $terminals = array_flip($this->circuit->terminals());
        $isThere = isset($this->settings[$measurement->setting]) && match ($measurement->reads) {
            Reads::Volt => isset($terminals[$measurement->from], $terminals[$measurement->to]),
            Reads::Ampere => $this->circuit->part($measurement->from) !== null,
            default => $measurement->from === '',
        };

        return $isThere ? $measurement : throw InvalidInput::at('/step', Message::of('input.no-such-test', id: $id));
    }

    /** Whether it is one of the battery’s own. */
    public static function isPole(string $terminal): bool
    {
        return $terminal === Rail::SUPPLY || $terminal === Rail::EARTH;
    }
}
