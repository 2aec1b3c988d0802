<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Brief\Control;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Stepless;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Observation\ClampedLead;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Observation\Setting;
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

    /** What a standing vehicle's fan circuit may take, A (common practice, no source). */
    private const DRAIN_MOST_A = 0.05;

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

    public function __construct(private readonly TestPlan $plan, private readonly Control $control) {}

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
        array_push($steps, $this->drain(), ...$this->proven(), ...$this->afterRun(), ...$this->lockedOut());

        return $steps;
    }

    /** What the fan's circuit takes from a vehicle that stands: no clamp reads so little. */
    private function drain(): TestStep
    {
        $ampere = max(0.0, -$this->plan->point('key-off')->currentA(Battery::ID));

        return new TestStep(
            'standing/seen//', Phase::Cold, Message::of('test.drain', most: Unit::Ampere->of(round(max(self::DRAIN_MOST_A, 1.5 * $ampere), 2))),
            [Message::of('setting.drain')], Reads::Seen, 1.0, 1.0, 1.0, 3, caution: Message::of('test.caution.drain'),
        );
    }

    /** @return list<TestStep> what a part shows by itself: a display, a module that is pulled off its signal, a knob at its cold end */
    private function proven(): array
    {
        $steps = [];
        foreach ($this->plan->circuit->components as $component) {
            $says = $component->provingStep();
            if ($says !== null) {
                $steps[] = new TestStep("prove/seen/{$component->id}/", Phase::Cold, $says, [], Reads::Seen, 1.0, 1.0, 1.0, 2, caution: Message::of('test.caution.fans'));
            }
        }

        return $steps;
    }

    /** @return list<TestStep> the fans that engine speed keeps off */
    private function lockedOut(): array
    {
        $switch = $this->control->lockouts->engineSpeed;

        return $switch === null ? [] : [new TestStep(
            'engine-speed/seen//', Phase::Warm, Message::of('test.engine-speed', rpm: Unit::Rpm->of($switch->rpm), locksAbove: $switch->action->locksAbove()),
            [Message::of('setting.engine-speed')], Reads::Seen, 1.0, 1.0, 1.0, 3, caution: Message::of('test.caution.fans'),
        )];
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
        if ($setting->keyOn !== null) {
            // What moves no fan with the key on either is no matter of the key.
            if (Measurement::turning($this->plan->point($setting->keyOn)) === Measurement::turning($this->plan->point('rest'))) {
                return null;
            }
        } elseif ($this->isSeen($setting, $key)) {
            return null;
        }
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
            $clamped = new Measurement($setting->id, Reads::Ampere, ClampedLead::of($motor, $point), '');
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
            $charging = Message::of('test.charging', hasFans: in_array(true, Measurement::turning($point), true));
            $steps[] = $this->step(new Measurement($setting->id, Reads::Volt, Rail::SUPPLY, Rail::EARTH), $charging, null);
        }

        return $steps;
    }

    /**
     * A switch that changes nothing here is tried in another setting, or has nothing to do with the fans.
     *
     * @param  list<float>  $speeds  of the fans
     */
    private function isSeen(Setting $setting, array $speeds): bool
    {
        $base = preg_replace('/\+.*$/', '', $setting->id);
        $turns = implode(',', $speeds);
        $kind = $setting->id === $base ? $base : "{$base}+{$turns}";
        if (isset($this->seen[$kind]) || ($setting->id !== $base && isset($this->seen["{$base}:{$turns}"]))) {
            return true;
        }
        $this->seen[$kind] = true;
        $this->seen["{$base}:{$turns}"] = true;

        return false;
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
                [Message::of("setting.after-run.{$this->control->afterRun?->startedBy->value}")],
                Reads::Second, $delayS, (1 - self::TIME_SHARE) * $delayS, (1 + self::TIME_SHARE) * $delayS,
                (int) ceil($delayS / 60) + 1, caution: Message::of('test.caution.fans'),
            );
        }

        return $steps;
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
        [$least, $most] = $measurement->reads === Reads::Seen ? [$expected, $expected] : $this->plan->tolerance($setting->id)->bounds($measurement);

        return new TestStep(
            $measurement->id(), $setting->conditions->engineRpm > 0 ? Phase::Warm : Phase::Cold, $title, $setting->says, $measurement->reads,
            $expected, $isLoss ? $expected - $most : $least, $most, self::MINUTES[$measurement->reads->value] ?? 1,
            $measurement->from === '' ? null : $measurement->from, $measurement->to === '' ? null : $measurement->to, $caution,
        );
    }
}
