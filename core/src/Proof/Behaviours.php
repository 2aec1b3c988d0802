<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\Brief;
use LampThread\Brief\CoilFeed;
use LampThread\Brief\Control;
use LampThread\Brief\OverrideKind;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Electrics\Key;
use LampThread\Electrics\OperatingPoint;

/** What a brief demands of its circuit, as rules that can be looked at in every state. */
final readonly class Behaviours
{
    /** What may be drawn with the key out where nothing is asked for: leakage, A (common practice, no source). */
    public const LEAKAGE_A = 0.02;

    /** A wire that is dead has no more than this, V. */
    private const DEAD_V = 1.0;

    public function __construct(private Brief $brief, private Circuit $circuit, private Limits $limits) {}

    /** @return list<Behaviour> those the brief asks for */
    public function all(): array
    {
        $control = $this->brief->control;

        return array_values(array_filter([
            $this->runs('runs-when-hot', 'Each fan runs when its temperature says so', 'A fan does not run when it is hot', Want::Temperature, '/control/stages'),
            $control->airConditioning === null ? null : $this->runs('runs-with-air-conditioning', 'The fan runs when the air conditioning asks', 'The fan does not run with the air conditioning', Want::AirConditioning, '/control/airConditioning'),
            $control->override === null || $control->override->kind === OverrideKind::CutOut ? null : $this->runs('obeys-override', 'The fan runs when its driver wants it', 'The override does not run the fan', Want::Override, '/control/override'),
            $control->afterRun === null ? null : $this->runs('runs-on', 'The fan runs on after the key is out', 'The fan does not run on', Want::AfterRun, '/control/afterRun'),
            $this->rests('rests', 'No fan runs unasked', 'A fan runs unasked', Want::Rest, Severity::Warning),
            $this->rests('held-off', 'A fan that is cut or locked out does not run', 'A fan runs though it is cut or locked out', Want::HeldOff, Severity::Danger, self::pushed($control)),
            $this->stagesInOrder(),
            $this->keyOut(),
            $control->airConditioning === null ? null : $this->clutch(),
            $this->ignition(),
            $this->outputs(),
            isset($this->circuit->components['indicator']) ? $this->indicator() : null,
            $this->ratings(),
            $this->chatter(),
            $this->exposed(),
        ]));
    }

    private function runs(string $id, string $words, string $broken, Want $by, string $path): Behaviour
    {
        return new Behaviour($id, $words, Severity::Danger, $broken, $path, static function (OperatingPoint $point, array $wants) use ($by): true|string|null {
            $asked = null;
            foreach ($wants as $fan => $want) {
                if ($want === $by) {
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
        return $control->afterRun !== null && ! $control->afterRun->isPush && $control->override?->kind === OverrideKind::CutOut
            ? [new Remedy('Start the after-run by a push', ['/control/afterRun/isPush' => true])]
            : [];
    }

    /** @param  list<Remedy>  $remedies */
    private function rests(string $id, string $words, string $broken, Want $by, Severity $severity, array $remedies = []): Behaviour
    {
        return new Behaviour($id, $words, $severity, $broken, '/control', static function (OperatingPoint $point, array $wants) use ($by): true|string|null {
            $asked = null;
            foreach ($wants as $fan => $want) {
                if ($want === $by) {
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

        return new Behaviour('stages-in-order', 'Stages come on in their order', Severity::Warning, 'The stages come on in the wrong order', '/control/stages', static function (OperatingPoint $point, array $wants) use ($stages): true|string|null {
            if (count($stages) < 2 || $point->setting->key !== Key::Run || $stages[0]->fanIds === $stages[1]->fanIds) {
                return null;
            }
            $asked = null;
            foreach (array_slice($stages, 1) as $at => $stage) {
                $isLater = $wants[$stage->fanIds[0]] === Want::Temperature;
                $isEarlier = $wants[$stages[$at]->fanIds[0]];
                if ($isLater && ! $isEarlier->runs() && $isEarlier !== Want::HeldOff && $stages[$at]->decider->band() !== null) {
                    return $stage->fanIds[0];
                }
                $asked = $isLater ? true : $asked;
            }

            return $asked;
        });
    }

    private function keyOut(): Behaviour
    {
        return new Behaviour('dead-with-key-out', 'Nothing is drawn with the key out but what was asked for', Severity::Warning, 'Something is drawn with the key out', '/control/coilFeed', static function (OperatingPoint $point, array $wants): true|string|null {
            $isAsked = array_filter($wants, static fn (Want $want): bool => $want->runs() || $want === Want::Either) !== [];
            if ($point->setting->key !== Key::Off || $isAsked) {
                return null;
            }

            return -$point->currentA('battery') <= self::LEAKAGE_A ? true : 'battery';
        });
    }

    private function clutch(): Behaviour
    {
        return new Behaviour('clutch-not-fed-back', 'The clutch is never fed backwards', Severity::Danger, 'The fan engages the compressor', '/control/airConditioning/trigger', static function (OperatingPoint $point): true|string|null {
            if (! isset($point->circuit->components['clutch']) || $point->setting->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON) {
                return null;
            }

            return abs($point->currentA('clutch-coil')) < Clutch::ENGAGES_FROM_A ? true : 'clutch';
        });
    }

    private function ignition(): Behaviour
    {
        $keys = $this->circuit->each(KeySwitch::class);

        return new Behaviour('ignition-not-fed-back', 'The ignition is never fed backwards', Severity::Danger, 'The ignition is kept alive through the fan’s circuit', '/control/coilFeed', static function (OperatingPoint $point) use ($keys): true|string|null {
            foreach ($keys as $key) {
                $tap = $key->passes()[0]->to;
                if ($point->setting->key === Key::Off && $point->volts->at($tap) > self::DEAD_V) {
                    return $key->id;
                }
            }

            return $keys === [] || $point->setting->key !== Key::Off ? null : true;
        });
    }

    private function outputs(): Behaviour
    {
        $drivers = $this->circuit->each(ComputerDriver::class);

        return new Behaviour('outputs-not-fed-back', 'No computer output is fed more than the battery has, or below earth', Severity::Danger, 'A computer output is fed from outside its range', '/control/stages', static function (OperatingPoint $point) use ($drivers): true|string|null {
            foreach ($drivers as $driver) {
                $volts = $point->volts->at($driver->terminal('out'));
                if ($volts < -self::DEAD_V || $volts > $point->volts->at(Circuit::SUPPLY) + self::DEAD_V) {
                    return $driver->id;
                }
            }

            return $drivers === [] ? null : true;
        });
    }

    private function indicator(): Behaviour
    {
        $lamp = $this->circuit->components['indicator'];
        $ohm = $lamp instanceof FixedResistor ? $lamp->ohm : 0.0;

        return new Behaviour('indicator-tells', 'The indicator is lit while its fan is fed, and only then', Severity::Warning, 'The indicator does not tell the truth', '/control/override/indicator', function (OperatingPoint $point) use ($ohm): true|string {
            $isLit = abs($point->currentA('indicator')) * $ohm > 0.3 * $this->brief->supply->systemV;
            $fan = $this->brief->control->stages[0]->fanIds[0];
            $isFed = abs($point->volts->across("{$fan}:+", "{$fan}:-")) > 0.3 * $this->brief->supply->systemV;

            return $isLit === $isFed ? true : 'indicator';
        });
    }

    private function ratings(): Behaviour
    {
        return new Behaviour('within-ratings', 'Fuses, wires, contacts and outputs stay within their ratings', Severity::Danger, 'Something carries more than it may', '/pinned', fn (OperatingPoint $point): true|string => $this->limits->over($point) ?? $this->limits->overloadedFuse($point) ?? true);
    }

    private function chatter(): Behaviour
    {
        return new Behaviour('comes-to-rest', 'Every relay comes to rest', Severity::Danger, 'The relay chatters', '/control', static fn (OperatingPoint $point): true|string => $point->chattering[0] ?? true);
    }

    /** The one-wire switch at the radiator is bare: on the supply side it must be dead when it can be. */
    private function exposed(): Behaviour
    {
        $switches = $this->circuit->each(TemperatureSwitch::class);
        $isWanted = $this->brief->control->coilFeed === CoilFeed::Battery;

        return new Behaviour('bare-terminals-dead', 'Bare sensor terminals are dead with the key out', $isWanted ? Severity::Note : Severity::Warning, 'A bare sensor terminal is live with the key out', '/control/coilFeed', static function (OperatingPoint $point) use ($switches): true|string|null {
            if ($switches === [] || $point->setting->key !== Key::Off) {
                return null;
            }
            foreach ($switches as $switch) {
                if (max(abs($point->volts->at($switch->terminal('1'))), abs($point->volts->at($switch->terminal('2')))) > self::DEAD_V) {
                    return $switch->id;
                }
            }

            return true;
        });
    }
}
