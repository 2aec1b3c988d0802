<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\VehicleLoads;
use LampThread\Message\Message;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;

/** What the charging system gives at idle against what is drawn with everything on, and what is drawn with the key out. */
final readonly class SupplyBalance
{
    /** A balance within this is even, A (common practice, no source). */
    private const EVEN_A = 0.5;

    /**
     * @param  list<array{name: Message, ampere: float}>  $draws  at idle, everything on
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
        $idle = self::hardest($circuit, $solver);
        $keyOff = $solver->settle(new OperatingConditions(positions: $positions));
        $usableAh = Assumptions::usableAh($brief->supply->batteryAh);
        $balanceA = $idle->currentA(Battery::ID);
        $keyOffA = max(0.0, -$keyOff->currentA(Battery::ID));
        $afterRun = $brief->control->afterRun;
        $runningOnA = $afterRun === null ? 0.0 : -$solver->settle(
            new OperatingConditions(coolantC: OperatingEnvelope::hottestC($circuit), positions: $positions, elapsedS: 0.0),
        )->currentA(Battery::ID);

        return new self(
            self::draws($idle),
            -$idle->currentA(Alternator::ID),
            $balanceA,
            $idle->voltages->at(Rail::SUPPLY),
            $balanceA < -self::EVEN_A ? $usableAh / -$balanceA : null,
            $keyOffA,
            $keyOffA > 1e-6 ? $usableAh / $keyOffA / 24 : null,
            $runningOnA * ($afterRun->delayS ?? 0.0) / 3600,
        );
    }

    /** Idling hot with the air conditioning on, and every hand switch as it costs most. */
    private static function hardest(Circuit $circuit, Solver $solver): OperatingPoint
    {
        $positions = [[]];
        foreach ($circuit->positions() as $input => $choices) {
            $positions = array_merge(...array_map(
                static fn (array $shorter): array => array_map(static fn (string $choice): array => [...$shorter, $input => $choice], $choices), $positions,
            ));
        }
        $points = array_map(static fn (array $position): OperatingPoint => $solver->settle(new OperatingConditions(
            Key::Run, Assumptions::IDLE_RPM, OperatingEnvelope::hottestC($circuit), [...$position, ...$circuit->requests(true)],
        )), $positions);
        usort($points, static fn (OperatingPoint $a, OperatingPoint $b): int => $a->currentA(Battery::ID) <=> $b->currentA(Battery::ID));

        return $points[0];
    }

    /** @return list<array{name: Message, ampere: float}> the vehicle's own loads, the fans, and what is left */
    private static function draws(OperatingPoint $point): array
    {
        $draws = [['name' => Message::of('draw.everything-else'), 'ampere' => $point->currentA(VehicleLoads::BASE_LOAD)]];
        foreach ([...$point->circuit->each(FanMotor::class), ...array_values($point->circuit->components)] as $component) {
            $element = $component->loadElement();
            if ($element !== null && ! isset($draws[$element]) && ($component instanceof FanMotor || $point->currentA($element) > 0)) {
                $draws[$element] = [
                    'name' => Message::of('component.marked', mark: $component->mark, name: $component->name), 'ampere' => $point->currentA($element),
                ];
            }
        }
        $drawnA = -$point->currentA(Alternator::ID) - $point->currentA(Battery::ID);
        $draws[] = ['name' => Message::of('draw.coils-and-leakage'), 'ampere' => max(0.0, $drawnA - array_sum(array_column($draws, 'ampere')))];

        return array_values($draws);
    }
}
