<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Message\Message;

/** What key, engine, coolant, hand and time can do next: one thing at a time. */
final readonly class StateTransitions
{
    /** Above a lockout by as much, rpm. */
    private const PAST_LOCKOUT_RPM = 500.0;

    /** Colder and hotter than any switch acts by as much, K. */
    private const BEYOND_K = 10.0;

    private const COLD_C = 20.0;

    /** @var non-empty-list<float> one temperature in each range between the switches' own, cold to hot, °C */
    public array $temperaturesC;

    private float $fastRpm;

    private bool $hasDelay;

    /** @var array<string, non-empty-list<string>> */
    private array $positions;

    /** @var array<string, Message> by input */
    private array $labels;

    /** @param  float|null  $lockoutRpm  engine speed above which the fan is locked out, if it is */
    public function __construct(Circuit $circuit, ?float $lockoutRpm, private ?float $delayS, private bool $isByHand)
    {
        $this->positions = $circuit->positions();
        $this->labels = array_map(static fn (array $input): Message => $input['label'], $circuit->inputs());
        $this->fastRpm = max(Assumptions::CHARGING_RPM, ($lockoutRpm ?? 0.0) + self::PAST_LOCKOUT_RPM);
        $thresholds = [];
        foreach ($circuit->sensors() as $sensor) {
            array_push($thresholds, ...$sensor->thresholdsC());
        }
        sort($thresholds);
        $thresholds = array_values(array_unique($thresholds));
        $temperatures = [min(self::COLD_C, ($thresholds[0] ?? self::COLD_C) - self::BEYOND_K)];
        foreach (array_slice($thresholds, 1) as $at => $threshold) {
            $temperatures[] = ($thresholds[$at] + $threshold) / 2;
        }
        if ($thresholds !== []) {
            $temperatures[] = $thresholds[count($thresholds) - 1] + self::BEYOND_K;
        }
        $this->temperaturesC = $temperatures;
        $this->hasDelay = $circuit->each(DelayRelay::class) !== [] && $delayS !== null;
    }

    public function first(): OperatingConditions
    {
        return new OperatingConditions(
            coolantC: $this->temperaturesC[0],
            positions: array_map(static fn (array $positions): string => $positions[0], $this->positions),
        );
    }

    /**
     * @param  array<string, int>  $memory  where everything stands now
     * @return iterable<Transition> what can be done next
     */
    public function from(OperatingConditions $now, array $memory): iterable
    {
        $to = static fn (
            string $code, ?Key $key = null, ?float $rpm = null, ?float $coolantC = null, float|false|null $elapsedS = false,
        ): Transition => new Transition(
            Message::of("transition.{$code}"),
            new OperatingConditions(
                $key ?? $now->key,
                $rpm ?? $now->engineRpm,
                $coolantC ?? $now->coolantC,
                $now->positions,
                $memory,
                $elapsedS === false ? $now->elapsedS : $elapsedS,
            ),
        );
        $isIdle = $now->engineRpm <= Assumptions::IDLE_RPM;
        yield from match ($now->key) {
            Key::Off => [$to('key-on', Key::Run, elapsedS: $this->isByHand ? false : null)],
            Key::Crank => [$to('engine-starts', Key::Run, Assumptions::IDLE_RPM), $to('key-back', Key::Run)],
            Key::Run => [
                $to('key-out', Key::Off, 0.0, elapsedS: $this->hasDelay && ! $this->isByHand ? 0.0 : false),
                ...($now->engineRpm > 0
                    ? [$to('engine-stalls', rpm: 0.0), $isIdle ? $to('engine-speeds-up', rpm: $this->fastRpm) : $to('engine-slows', rpm: Assumptions::IDLE_RPM)]
                    : [$to('cranked', Key::Crank)]),
            ],
        };
        $at = (int) array_search($now->coolantC, $this->temperaturesC, true);
        if (isset($this->temperaturesC[$at + 1])) {
            yield $to('coolant-warms', coolantC: $this->temperaturesC[$at + 1]);
        }
        if ($at > 0) {
            yield $to('coolant-cools', coolantC: $this->temperaturesC[$at - 1]);
        }
        foreach ($this->positions as $input => $choices) {
            foreach (array_diff($choices, [$now->positions[$input]]) as $choice) {
                yield new Transition(
                    Message::of('transition.input', input: $this->labels[$input], position: Message::of("position.{$choice}")),
                    new OperatingConditions($now->key, $now->engineRpm, $now->coolantC, [...$now->positions, $input => $choice], $memory, $now->elapsedS),
                );
            }
        }
        if ($this->hasDelay && $this->isByHand && $now->elapsedS !== 0.0) {
            yield $to('after-run-pushed', elapsedS: 0.0);
        }
        if ($this->hasDelay && $now->elapsedS === 0.0) {
            yield $to('time-relay-runs-out', elapsedS: $this->delayS);
        }
    }
}
