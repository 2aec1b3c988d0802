<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Electrics\Key;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;

/** What the charging system gives at idle against what is drawn with everything on, and what is drawn with the key out. */
final readonly class SupplyBalance
{
    /** Share of a battery below which starting is no longer sure (common practice, no source). */
    public const LEAST_CHARGE = 0.7;

    /**
     * @param  list<array{name: string, ampere: float}>  $draws  at idle, everything on
     * @param  float  $givesA  what the alternator gives then, A
     * @param  float  $balanceA  into the battery, A; below 0 it drains
     * @param  float  $busV  at the battery then, V
     * @param  float|null  $hoursLeft  until the battery is at 70 %, idling so; null where it does not drain
     * @param  float  $keyOffA  drawn with the key out, cold and everything at rest, A
     * @param  float|null  $daysLeft  until the battery is at 70 %, standing so; null where next to nothing is drawn
     * @param  float  $afterRunAh  one after-run takes, Ah
     */
    private function __construct(
        public array $draws,
        public float $givesA,
        public float $balanceA,
        public float $busV,
        public ?float $hoursLeft,
        public float $keyOffA,
        public ?float $daysLeft,
        public float $afterRunAh,
    ) {}

    public static function of(Brief $brief, Circuit $circuit): self
    {
        $solver = new Solver($circuit);
        $positions = array_map(static fn (array $positions): string => $positions[0], $circuit->positions());
        $asked = array_intersect_key(
            array_map(static fn (array $positions): string => $positions[count($positions) - 1], $circuit->positions()),
            [Clutch::INPUT => true, 'pressure' => true],
        );
        $idle = $solver->settle(new Setting(Key::Run, Setting::IDLE_RPM, Duty::hottestC($circuit), [...$positions, ...$asked]));
        $standing = $solver->settle(new Setting(positions: $positions));
        $usableAh = (1 - self::LEAST_CHARGE) * $brief->supply->batteryAh;
        $balanceA = $idle->currentA('battery');
        $keyOffA = max(0.0, -$standing->currentA('battery'));
        $afterRun = $brief->control->afterRun;
        $runningOnA = $afterRun === null ? 0.0 : -$solver->settle(new Setting(coolantC: Duty::hottestC($circuit), positions: $positions, elapsedS: 0.0))->currentA('battery');

        return new self(
            self::draws($idle),
            -$idle->currentA('alternator'),
            $balanceA,
            $idle->volts->at(Circuit::SUPPLY),
            $balanceA < 0 ? $usableAh / -$balanceA : null,
            $keyOffA,
            $keyOffA > 1e-6 ? $usableAh / $keyOffA / 24 : null,
            $runningOnA * ($afterRun->delayS ?? 0.0) / 3600,
        );
    }

    /** @return list<array{name: string, ampere: float}> */
    private static function draws(OperatingPoint $point): array
    {
        $draws = [['name' => 'everything else', 'ampere' => $point->currentA('base-load')]];
        $named = $point->currentA('base-load') + $point->currentA('clutch-coil');
        foreach ($point->circuit->each(FanMotor::class) as $motor) {
            $draws[] = ['name' => "{$motor->mark} {$motor->name}", 'ampere' => $point->currentA($motor->id)];
            $named += $point->currentA($motor->id);
        }
        if ($point->currentA('clutch-coil') > 0) {
            $draws[] = ['name' => 'compressor clutch', 'ampere' => $point->currentA('clutch-coil')];
        }
        $drawnA = -$point->currentA('alternator') - $point->currentA('battery');
        $draws[] = ['name' => 'coils, lamps, leakage', 'ampere' => max(0.0, $drawnA - $named)];

        return $draws;
    }
}
