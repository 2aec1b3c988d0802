<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Stepless;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Operation\OperatingPoint;

/**
 * Battery on: in every setting what turns; and with the meter each fan at each of its speeds, the way there and the way back, and each coil where
 * it first pulls in.
 */
final class StepsUnderPower
{
    /** Two voltages nearer than this are the same speed of a fan, V. */
    private const SAME_V = 0.5;

    private const LOST_SHARE = 0.2;

    /** At full speed a fan has this much of its rated voltage. */
    private const FULL_SHARE = 0.8;

    /** A start's peak over what was told or taken as usual: the clamp is slow, the lead resists (common practice, no source). */
    private const LEAST_START_SHARE = 0.55;

    private const MOST_START_SHARE = 1.2;

    private const MINUTES = ['seen' => 1, 'volt' => 2, 'ampere' => 2];

    /** Share a time relay's time may be off by (common practice, no source). */
    private const TIME_SHARE = 0.2;

    /** @var array<string, list<float>> fan to the voltages at which it was measured */
    private array $measuredV = [];

    /** @var array<string, true> relays whose coil was measured */
    private array $measuredCoils = [];

    /** @var array<string, true> fans whose start was measured */
    private array $started = [];

    /** @var array<string, true> what turns, as it was seen */
    private array $seen = [];

    public function __construct(private readonly TestPlan $plan) {}

    /** @return list<TestStep> */
    public function steps(): array
    {
        $steps = [$this->step(new Measurement('key-off', Reads::Volt, Rail::SUPPLY, Rail::EARTH), Message::of('test.battery'), null)];
        foreach ($this->plan->settings as $setting) {
            $point = $this->plan->point($setting->id);
            $seen = $this->seen($setting, $point);
            if ($seen !== null) {
                array_push($steps, $seen, ...$this->measured($setting, $point));
            }
        }
        array_push($steps, ...$this->afterRun());

        return $steps;
    }

    private function seen(Setting $setting, OperatingPoint $point): ?TestStep
    {
        $turning = [];
        $standing = [];
        $key = [];
        foreach ($this->plan->circuit->each(FanMotor::class) as $motor) {
            $share = $motor->turningShare($point->position($motor->id), $point->voltages, $point->conditions->faults);
            $key[] = round($share, 1);
            if ($share > 0) {
                $turning[] = Message::of('test.fan-at', fan: $motor->fan->name, percent: Unit::Percent->of(round(100 * $share)));
            } else {
                $standing[] = Message::verbatim($motor->fan->name);
            }
        }
        // A switch that changes nothing here is tried in another setting, or has nothing to do with the fans.
        $base = preg_replace('/\+.*$/', '', $setting->id);
        $kind = $setting->id === $base ? $setting->id : $base.'+'.implode(',', $key);
        if (isset($this->seen[$kind]) || ($setting->id !== $base && isset($this->seen["{$base}:".implode(',', $key)]))) {
            return null;
        }
        $this->seen[$kind] = true;
        $this->seen["{$base}:".implode(',', $key)] = true;
        $title = match (true) {
            $turning === [] => Message::of('test.none-turns'),
            $standing === [] => Message::of('test.all-turn', fans: $turning),
            default => Message::of('test.some-turn', fans: $turning, standing: $standing),
        };

        return $this->step(new Measurement($setting->id, Reads::Seen, '', ''), $title, Message::of('test.caution.fans'));
    }

    /** @return list<TestStep> */
    private function measured(Setting $setting, OperatingPoint $point): array
    {
        $steps = [];
        foreach ($this->plan->circuit->each(Relay::class) as $relay) {
            if ($relay->isPulledIn($point->position($relay->id)) && ! isset($this->measuredCoils[$relay->id])) {
                $this->measuredCoils[$relay->id] = true;
                [$plus, $minus] = self::ordered($point, $relay->terminal('86'), $relay->terminal('85'));
                $steps[] = $this->step(new Measurement($setting->id, Reads::Volt, $plus, $minus), Message::of('test.coil', mark: $relay->mark, name: $relay->name), null);
            }
        }
        foreach ($this->plan->circuit->each(FanMotor::class) as $motor) {
            $volts = $motor->volts($point->voltages);
            if ($point->position($motor->id) !== FanMotor::TURNING || $this->isMeasured($motor->id, abs($volts))) {
                continue;
            }
            $isFirst = ($this->measuredV[$motor->id] ?? []) === [];
            $this->measuredV[$motor->id][] = abs($volts);
            [$plus, $minus] = self::ordered($point, $motor->terminal('+'), $motor->terminal('-'));
            $named = ['mark' => $motor->mark, 'fan' => $motor->fan->name];
            $steps[] = $this->step(new Measurement($setting->id, Reads::Volt, $plus, $minus), Message::of('test.fan-volts', ...$named), Message::of('test.caution.fans'));
            if ($setting->conditions->engineRpm > 0 && ! $isFirst) {
                continue;
            }
            $clamped = new Measurement($setting->id, Reads::Ampere, $this->leadOf($motor->terminal('+'), $motor), '');
            $steps[] = $this->step($clamped, Message::of('test.fan-current', ...$named), null);
            if (! isset($this->started[$motor->id]) && ! $this->startsSoftly($motor) && abs($volts) > self::FULL_SHARE * $motor->fan->ratedV) {
                $this->started[$motor->id] = true;
                $steps[] = $this->started($setting, $motor, abs($volts), $clamped->from);
            }
            $ways = [
                'test.way-there' => new Measurement($setting->id, Reads::Volt, Rail::SUPPLY, $plus),
                'test.way-back' => new Measurement($setting->id, Reads::Volt, $minus, Rail::EARTH),
            ];
            foreach ($ways as $title => $way) {
                // Behind another motor or a resistor nothing is lost: it is meant to be there.
                if (abs($way->value($point)) < self::LOST_SHARE * abs($volts)) {
                    $steps[] = $this->step($way, Message::of($title, ...$named), null, isLoss: true);
                }
            }
        }
        if ($setting->conditions->engineRpm > 0) {
            $steps[] = $this->step(new Measurement($setting->id, Reads::Volt, Rail::SUPPLY, Rail::EARTH), Message::of('test.charging', hasFans: $this->turns($point)), null);
        }

        return $steps;
    }

    private function turns(OperatingPoint $point): bool
    {
        return array_filter(
            $this->plan->circuit->each(FanMotor::class), static fn (FanMotor $motor): bool => $point->position($motor->id) === FanMotor::TURNING,
        ) !== [];
    }

    /** Whether a controller brings it up to speed by and by: then there is no peak. */
    private function startsSoftly(FanMotor $motor): bool
    {
        foreach ($this->plan->circuit->wiresInto($motor->terminal('+')) as $wire) {
            foreach ([$wire->from, $wire->to] as $terminal) {
                $feeds = $this->plan->circuit->componentAt($terminal);
                if ($feeds instanceof Stepless && $feeds->softStartS > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Once from standstill, with the clamp holding its peak. */
    private function started(Setting $setting, FanMotor $motor, float $volts, string $lead): TestStep
    {
        $expected = $motor->fan->startA * $volts / $motor->fan->ratedV;

        return new TestStep(
            "start/ampere/{$motor->id}/", Phase::Cold, Message::of('test.start-current', mark: $motor->mark, fan: $motor->fan->name), $setting->says, Reads::Ampere,
            $expected, self::LEAST_START_SHARE * $expected, self::MOST_START_SHARE * $expected, 2, $lead, caution: Message::of('test.caution.fans'),
        );
    }

    /** @return list<TestStep> */
    private function afterRun(): array
    {
        $steps = [];
        foreach ($this->plan->circuit->each(DelayRelay::class) as $relay) {
            $delayS = $relay->figure()->value;
            $steps[] = new TestStep(
                'after-run/second//', Phase::Cold, Message::of('test.after-run', mark: $relay->mark, time: Unit::Second->of($delayS)),
                [Message::of('setting.after-run')], Reads::Second, $delayS, (1 - self::TIME_SHARE) * $delayS, (1 + self::TIME_SHARE) * $delayS,
                (int) ceil($delayS / 60) + 1, caution: Message::of('test.caution.fans'),
            );
        }

        return $steps;
    }

    /** The wire a clamp goes round for a fan. */
    private function leadOf(string $terminal, Component $motor): string
    {
        return ($this->plan->circuit->wiresInto($terminal)[0] ?? null)->id ?? $motor->id;
    }

    private function isMeasured(string $fan, float $volts): bool
    {
        return array_filter($this->measuredV[$fan] ?? [], static fn (float $measured): bool => abs($measured - $volts) < self::SAME_V) !== [];
    }

    /** @return array{string, string} the more positive one first */
    private static function ordered(OperatingPoint $point, string $one, string $other): array
    {
        return $point->voltages->across($one, $other) >= 0 ? [$one, $other] : [$other, $one];
    }

    /** @param  bool  $isLoss  whether less than expected is as good */
    private function step(Measurement $measurement, Message $title, ?Message $caution, bool $isLoss = false): TestStep
    {
        $setting = $this->plan->settings[$measurement->setting];
        $expected = $measurement->value($this->plan->point($setting->id));
        $by = $measurement->reads === Reads::Seen ? 0.0 : $this->plan->tolerance($setting->id)->of($measurement);

        return new TestStep(
            $measurement->id(), $setting->conditions->engineRpm > 0 ? Phase::Warm : Phase::Cold, $title, $setting->says, $measurement->reads,
            $expected, $isLoss ? -$by : $expected - $by, $expected + $by, self::MINUTES[$measurement->reads->value] ?? 1,
            $measurement->from === '' ? null : $measurement->from, $measurement->to === '' ? null : $measurement->to, $caution,
        );
    }
}
