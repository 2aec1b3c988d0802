<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Stepless;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** What key, engine, coolant, hand and time can do next: one thing at a time. */
final readonly class Moves
{
    /** Engine speed at which the charging voltage is surely held, rpm (common practice, no source). */
    private const CHARGING_RPM = 3000.0;

    /** Above a lockout by as much, rpm. */
    private const PAST_LOCKOUT_RPM = 500.0;

    /** Colder and hotter than any switch acts by as much, K. */
    private const BEYOND_K = 10.0;

    private const COLD_C = 20.0;

    /** @var non-empty-list<float> one temperature in each stretch between the switches' own, cold to hot, °C */
    public array $temperaturesC;

    private float $fastRpm;

    /** @var array<string, non-empty-list<string>> */
    private array $positions;

    /** @param  float|null  $lockoutRpm  engine speed above which the fan is locked out, if it is */
    public function __construct(Circuit $circuit, ?float $lockoutRpm, private ?float $delayS, private bool $isPush)
    {
        $this->positions = $circuit->positions();
        $this->fastRpm = max(self::CHARGING_RPM, ($lockoutRpm ?? 0.0) + self::PAST_LOCKOUT_RPM);
        $thresholds = [];
        foreach ($circuit->feelers() as $feeler) {
            array_push($thresholds, $feeler->band()->offC, $feeler->band()->onC);
            if ($feeler instanceof Stepless) {
                $thresholds[] = $feeler->band()->onC + $feeler->controller->spanK;
            }
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

    private bool $hasDelay;

    public function first(): Setting
    {
        return new Setting(
            coolantC: $this->temperaturesC[0],
            positions: array_map(static fn (array $positions): string => $positions[0], $this->positions),
        );
    }

    /**
     * @param  array<string, int>  $memory  where everything stands now
     * @return iterable<string, Setting> what is done to the setting it leads to
     */
    public function from(Setting $now, array $memory): iterable
    {
        $to = static fn (?Key $key = null, ?float $rpm = null, ?float $coolantC = null, ?array $positions = null, float|false|null $elapsedS = false): Setting => new Setting(
            $key ?? $now->key,
            $rpm ?? $now->engineRpm,
            $coolantC ?? $now->coolantC,
            $positions ?? $now->positions,
            $memory,
            $elapsedS === false ? $now->elapsedS : $elapsedS,
        );
        $runsOn = $this->hasDelay && ! $this->isPush ? 0.0 : false;
        yield from match ($now->key) {
            Key::Off => ['key on' => $to(Key::Run, elapsedS: $this->isPush ? false : null)],
            Key::Crank => ['engine starts' => $to(Key::Run, Setting::IDLE_RPM), 'key back' => $to(Key::Run)],
            Key::Run => [
                'key out' => $to(Key::Off, 0.0, elapsedS: $runsOn),
                ...($now->engineRpm > 0
                    ? ['engine stalls' => $to(rpm: 0.0), $now->engineRpm > Setting::IDLE_RPM ? 'engine slows' : 'engine speeds up' => $to(rpm: $now->engineRpm > Setting::IDLE_RPM ? Setting::IDLE_RPM : $this->fastRpm)]
                    : ['cranked' => $to(Key::Crank)]),
            ],
        };
        $at = (int) array_search($now->coolantC, $this->temperaturesC, true);
        if (isset($this->temperaturesC[$at + 1])) {
            yield 'coolant warms' => $to(coolantC: $this->temperaturesC[$at + 1]);
        }
        if ($at > 0) {
            yield 'coolant cools' => $to(coolantC: $this->temperaturesC[$at - 1]);
        }
        foreach ($this->positions as $input => $choices) {
            foreach ($choices as $choice) {
                if ($choice !== $now->positions[$input]) {
                    yield "{$input} {$choice}" => $to(positions: [...$now->positions, $input => $choice]);
                }
            }
        }
        if ($this->hasDelay && $this->isPush && $now->elapsedS !== 0.0) {
            yield 'after-run pushed' => $to(elapsedS: 0.0);
        }
        if ($this->hasDelay && $now->elapsedS === 0.0) {
            yield 'time relay runs out' => $to(elapsedS: $this->delayS);
        }
    }
}
