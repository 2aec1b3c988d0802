<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\AfterRunStart;
use LampThread\Brief\Brief;
use LampThread\Brief\CoilFeed;
use LampThread\Brief\Control;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\InputSource;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Indicator;
use LampThread\Circuit\Control\Override\OverridesOf;
use LampThread\Operation\OperatingPoint;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Scenario\Limits;

/** What a brief demands of its circuit, as rules that can be looked at in every state. */
final readonly class Behaviours
{
    /** What may be drawn with the key out where nothing is asked for: leakage, A (common practice, no source). */
    public const LEAKAGE_A = 0.02;

    /** Share of the system's voltage from which a lamp is seen to be lit and a fan is fed (common practice, no source). */
    private const LIT_SHARE = 0.3;

    /** A wire that is dead has no more than this, V. */
    private const DEAD_V = 1.0;

    public function __construct(private Brief $brief, private Circuit $circuit, private Limits $limits) {}

    /** @return list<Behaviour> those the brief asks for */
    public function all(): array
    {
        $control = $this->brief->control;
        $airConditioning = $control->airConditioning === null ? '/control/stages' : '/control/airConditioning';

        return array_values(array_filter([
            $this->runs('runs-when-hot', Demand::Temperature, '/control/stages'),
            $control->hasCompressor() ? $this->runs('runs-with-air-conditioning', Demand::AirConditioning, $airConditioning) : null,
            $this->circuit->positionsBy(InputSource::Vehicle) === [] ? null : $this->runs('runs-when-other-asks', Demand::Other, '/control/stages'),
            $control->canBeOverridden() ? $this->runs('obeys-override', Demand::Override, '/control/overrides') : null,
            $control->afterRun === null ? null : $this->runs('runs-on', Demand::AfterRun, '/control/afterRun'),
            $this->rests('rests', Demand::Rest, Severity::Warning),
            $this->rests('held-off', Demand::HeldOff, Severity::Danger, self::pushed($control)),
            $this->stagesInOrder(),
            $this->keyOut(),
            $control->airConditioning === null ? null : $this->clutch(),
            $this->ignition(),
            $this->outputs(),
            $this->indicators(),
            $this->ratings(),
            $this->chatter(),
            $this->exposed(),
        ]));
    }

    private function runs(string $id, Demand $by, string $path): Behaviour
    {
        return new Behaviour($id, Severity::Danger, $path, static function (OperatingPoint $point, array $demands) use ($by): true|string|null {
            $asked = null;
            foreach ($demands as $fan => $demand) {
                if ($demand === $by) {
                    $asked = true;
                    if ($point->position($fan) !== FanMotor::TURNING) {
                        return $fan;
                    }
                }
            }

            return $asked;
        });
    }

    /**
     * The time relay lies past the cut-out. Started by a push, it runs only when its driver means it to.
     *
     * @return list<Remedy>
     */
    private static function pushed(Control $control): array
    {
        return $control->afterRun !== null && ! $control->afterRun->startedBy->isByHand() && $control->overrides !== [] && ! $control->canBeOverridden()
            ? [Remedy::of('after-run-by-push', ['/control/afterRun/startedBy' => AfterRunStart::Push->value])]
            : [];
    }

    /** @param  list<Remedy>  $remedies */
    private function rests(string $id, Demand $by, Severity $severity, array $remedies = []): Behaviour
    {
        return new Behaviour($id, $severity, '/control', static function (OperatingPoint $point, array $demands) use ($by): true|string|null {
            $asked = null;
            foreach ($demands as $fan => $demand) {
                if ($demand === $by) {
                    $asked = true;
                    if ($point->position($fan) === FanMotor::TURNING) {
                        return $fan;
                    }
                }
            }

            return $asked;
        }, $remedies);
    }

    /** A later stage never runs by temperature without the earlier ones, and a fan's higher stage never gives less. */
    private function stagesInOrder(): Behaviour
    {
        $stages = $this->brief->control->stages;

        return new Behaviour('stages-in-order', Severity::Warning, '/control/stages', static function (OperatingPoint $point, array $demands) use ($stages): true|string|null {
            if (count($stages) < 2 || $point->conditions->key !== Key::Run || $stages[0]->fanIds === $stages[1]->fanIds) {
                return null;
            }
            $asked = null;
            foreach (array_slice($stages, 1) as $at => $stage) {
                $isLater = $stage->decider->band() !== null && $demands[$stage->fanIds[0]] === Demand::Temperature;
                $earlier = $demands[$stages[$at]->fanIds[0]];
                if ($isLater && ! $earlier->runs() && $earlier !== Demand::HeldOff && $stages[$at]->decider->band() !== null) {
                    return $stage->fanIds[0];
                }
                $asked = $isLater ? true : $asked;
            }

            return $asked;
        });
    }

    private function keyOut(): Behaviour
    {
        return new Behaviour('dead-with-key-out', Severity::Warning, '/control/coilFeed', static function (OperatingPoint $point, array $demands): true|string|null {
            $isAsked = array_filter($demands, static fn (Demand $demand): bool => $demand->runs() || $demand === Demand::Either) !== [];
            if ($point->conditions->key !== Key::Off || $isAsked) {
                return null;
            }

            return -$point->currentA(Battery::ID) <= self::LEAKAGE_A ? true : Battery::ID;
        });
    }

    private function clutch(): Behaviour
    {
        return new Behaviour('clutch-not-fed-back', Severity::Danger, '/control/airConditioning/trigger', static function (OperatingPoint $point): true|string|null {
            if (! isset($point->circuit->components[Clutch::ID]) || $point->conditions->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON) {
                return null;
            }

            return abs($point->currentA(Clutch::COIL)) < Clutch::ENGAGES_FROM_A ? true : Clutch::ID;
        });
    }

    private function ignition(): Behaviour
    {
        $keys = $this->circuit->each(KeySwitch::class);

        return new Behaviour('ignition-not-fed-back', Severity::Danger, '/control/coilFeed', static function (OperatingPoint $point) use ($keys): true|string|null {
            foreach ($keys as $key) {
                if ($point->conditions->key === Key::Off && $point->voltages->at($key->tap()) > self::DEAD_V) {
                    return $key->id;
                }
            }

            return $keys === [] || $point->conditions->key !== Key::Off ? null : true;
        });
    }

    private function outputs(): Behaviour
    {
        $drivers = $this->circuit->each(ComputerDriver::class);

        return new Behaviour('outputs-not-fed-back', Severity::Danger, '/control/stages', static function (OperatingPoint $point) use ($drivers): true|string|null {
            foreach ($drivers as $driver) {
                $volts = $point->voltages->at($driver->terminal('out'));
                if ($volts < -self::DEAD_V || $volts > $point->voltages->at(Rail::SUPPLY) + self::DEAD_V) {
                    return $driver->id;
                }
            }

            return $drivers === [] ? null : true;
        });
    }

    /** Every lamp is lit when the fan it is for is fed, and only then. */
    private function indicators(): ?Behaviour
    {
        $litV = self::LIT_SHARE * $this->brief->supply->systemV;
        $fans = [];
        foreach (OverridesOf::control($this->brief->control) as $override) {
            if ($override->hasIndicator()) {
                $fans[Indicator::lamp($override->number)] = $override->stages($this->brief->control)[0]->fanIds[0];
            }
        }

        $tells = static function (OperatingPoint $point) use ($litV, $fans): true|string {
            foreach ($fans as $lamp => $fan) {
                $isLit = abs($point->voltages->across("{$lamp}:1", "{$lamp}:2")) > $litV && $point->currentA($lamp) !== 0.0;
                $isFed = abs($point->voltages->across("{$fan}:+", "{$fan}:-")) > $litV;
                if ($isLit !== $isFed) {
                    return $lamp;
                }
            }

            return true;
        };

        return $fans === [] ? null : new Behaviour('indicator-tells', Severity::Warning, '/control/overrides', $tells);
    }

    private function ratings(): Behaviour
    {
        return new Behaviour(
            'within-ratings',
            Severity::Danger,
            '/pinned',
            fn (OperatingPoint $point): true|string => $this->limits->over($point) ?? $this->limits->overloadedFuse($point) ?? true,
        );
    }

    private function chatter(): Behaviour
    {
        return new Behaviour('comes-to-rest', Severity::Danger, '/control', static fn (OperatingPoint $point): true|string => $point->chattering[0] ?? true);
    }

    /** The one-wire switch at the radiator is bare: on the supply side it must be dead when it can be. */
    private function exposed(): Behaviour
    {
        $switches = $this->circuit->each(TemperatureSwitch::class);
        $isDemanded = $this->brief->control->coilFeed === CoilFeed::Battery;

        $severity = $isDemanded ? Severity::Note : Severity::Warning;

        return new Behaviour('bare-terminals-dead', $severity, '/control/coilFeed', static function (OperatingPoint $point) use ($switches): true|string|null {
            if ($switches === [] || $point->conditions->key !== Key::Off) {
                return null;
            }
            foreach ($switches as $switch) {
                if (max(abs($point->voltages->at($switch->terminal('1'))), abs($point->voltages->at($switch->common()))) > self::DEAD_V) {
                    return $switch->id;
                }
            }

            return true;
        });
    }
}
