<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Circuit\Wire;
use LampThread\Diagnosis\Situation;
use LampThread\Network\Element\Element;
use LampThread\Sizing\Sizing;

/** Wires by their length and copper, and each part of the sheets as a text book has it, a little off. Values are common practice, no source. */
final readonly class BuiltParts
{
    /** Copper at 20 °C, Ω mm²/m (IEC 60028), and what it gains with each kelvin. */
    private const COPPER = 0.017241;

    private const COPPER_PER_K = 0.00393;

    private const BROKEN_OHM = 1e9;

    private const RUBBED_OHM = 0.02;

    private const CLUTCH_A = 3.5;

    /** A screw-in switch that acts late, and one that acts early, K. */
    private const LATE_K = 9.0;

    private const EARLY_K = 12.0;

    /** From this duty on an output is on all the time. */
    private const FULL_DUTY = 0.98;

    public function __construct(private Sizing $sizing, private Spread $spread, private Defects $defects) {}

    public function addWire(SpiceCircuit $circuit, Wire $wire): void
    {
        $copper = self::COPPER * $wire->segment->lengthM / $wire->conductor->areaMm2 * (1 + self::COPPER_PER_K * $this->warmerK());
        $ohm = $copper * $this->spread->draw("{$wire->id} length", 0.95, 1.15) + $this->spread->joint($wire->id, 0.0005, 0.004) + $this->defects->jointOhm($wire->id);
        $circuit->resistor($wire->id, $wire->from, $wire->to, $this->defects->has(DefectKind::Open, $wire->id) ? self::BROKEN_OHM : $ohm);
        if ($this->defects->has(DefectKind::Rubbed, $wire->id)) {
            $circuit->resistor("{$wire->id} rubbed", $wire->to, 'battery:-', self::RUBBED_OHM);
        }
    }

    /** @param  bool  $isIn  whether what moves in it is in */
    public function addPart(SpiceCircuit $circuit, Component $part, Situation $situation, bool $isIn): void
    {
        foreach ($part->paths() as $way => $path) {
            $this->addWay($circuit, $part, $way, $path, $situation, $isIn);
        }
        if ($part instanceof FanMotor && $situation->unplugged !== $part->id) {
            (new BuiltMotor($part, $this->spread, $this->defects))->addTo($circuit);
        }
    }

    private function addWay(SpiceCircuit $circuit, Component $part, int $way, ConductionPath $path, Situation $situation, bool $isIn): void
    {
        $name = "{$part->id}/{$way}";
        $ohm = $path->symbol === Symbol::Module
            ? $this->moduleOhm($circuit, $part, $name, $path, $situation, $isIn)
            : $this->ohm($part, $way, $path, $situation, $isIn);
        // A lead that is put to earth goes past contact and body.
        $isPast = $path->symbol === Symbol::BodyThread && ($situation->acted[$part->id] ?? false);
        $isOpen = $situation->unplugged === $part->id || (! $isPast && $this->defects->has(DefectKind::Open, $part->id, $way));
        if ($ohm !== null && ! $isOpen) {
            $circuit->resistor($name, $path->from, $path->to, $ohm);
        }
        if ($path->symbol === Symbol::Coil && $part instanceof Relay && ! $this->defects->has(DefectKind::CoilPinOut, $part->id)) {
            $part->part->hasDiode()
                ? $circuit->diode($path->to, $path->from)
                : $circuit->resistor("{$name} suppression", $path->from, $path->to, $part->part->suppressionOhm);
        }
    }

    /** Ω of one way through a part; null where nothing joins its ends. */
    private function ohm(Component $part, int $way, ConductionPath $path, Situation $situation, bool $isIn): ?float
    {
        $id = $part->id;
        $contact = fn (float $leastOhm, float $mostOhm): float => $this->spread->joint("{$id}/{$way}", $leastOhm, $mostOhm) + $this->defects->jointOhm($id, $way);
        $isPinIn = ! $this->defects->has(DefectKind::ContactPinOut, $id);

        return match ($path->symbol) {
            Symbol::Fuse => $contact(0.003, 0.012),
            Symbol::BodyThread => $contact(0.002, 0.02),
            Symbol::Plug => $contact(0.002, 0.015),
            Symbol::EarthPoint => $contact(0.001, 0.008),
            Symbol::KeySwitch => $situation->conditions->key === Key::Off ? null : $contact(0.005, 0.04),
            Symbol::HandMake => self::joins($part, $situation, $path) ? $contact(0.005, 0.05) : null,
            Symbol::MakeContact => $isPinIn && ($isIn || $this->defects->has(DefectKind::Welded, $id)) ? $contact(0.002, 0.02) : null,
            Symbol::RestContact => $isPinIn && ! $isIn ? $contact(0.002, 0.03) : null,
            Symbol::DelayMake => $this->defects->has(DefectKind::Welded, $id) ? $contact(0.005, 0.02) : null,
            Symbol::ThermalMake => $this->isClosed($part, $situation, $isIn) ? $contact(0.005, 0.06) : null,
            Symbol::Coil => $this->coilOhm($part),
            Symbol::Lamp => 12.0 * $this->sizing->brief->supply->systemV * $this->spread->draw($id, 0.9, 1.1),
            // A thermistor of 2.5 kΩ at 20 °C.
            Symbol::Resistor => 2500.0 * exp(-0.035 * ($this->atProbeC($part, $situation) - 20)) + 20.0,
            Symbol::Motor, Symbol::Module => null,
            Symbol::PressureMake, Symbol::Lockout, Symbol::Diode, Symbol::Splice => throw new \LogicException("No vehicle has a {$path->symbol->value} yet."),
        };
    }

    private function coilOhm(Component $part): ?float
    {
        if (! $part instanceof Relay) {
            return $this->sizing->brief->supply->systemV / self::CLUTCH_A * $this->spread->draw("{$part->id} coil", 0.9, 1.1);
        }
        $isBroken = $this->defects->has(DefectKind::CoilOpen, $part->id) || $this->defects->has(DefectKind::CoilPinOut, $part->id);

        return $isBroken ? null : $part->part->coilOhm * $this->spread->draw("{$part->id} coil", 0.93, 1.07) * (1 + self::COPPER_PER_K * ($this->warmerK() - 3));
    }

    private function isClosed(Component $part, Situation $situation, bool $isIn): bool
    {
        $opensHot = $part instanceof TemperatureSensing && $part->actedBy() === 'switch-opens';

        return match (true) {
            // What is joined past the contact is closed whatever that is like; the lead of one that opens is taken off.
            $situation->acted[$part->id] ?? false => ! $opensHot,
            $this->defects->has(DefectKind::Welded, $part->id) => true,
            $this->defects->has(DefectKind::Dead, $part->id) => false,
            self::isSupplied($part) => $isIn,
            default => $this->isHot($part, $situation) !== $opensHot,
        };
    }

    /** Whether what it feels is beyond where it acts. */
    public function isHot(Component $part, Situation $situation): bool
    {
        if (! $part instanceof TemperatureSensing) {
            throw new \LogicException("{$part->id} feels no heat.");
        }
        $isMade = isset($situation->conditions->localC[$part->id]);
        $lateK = ($this->defects->has(DefectKind::ActsLate, $part->id) ? self::LATE_K : 0.0) - ($this->defects->has(DefectKind::ActsEarly, $part->id) ? self::EARLY_K : 0.0);
        $offK = $isMade ? 0.0 : $this->spread->draw("{$part->id} set", -1.5, 1.5) + $lateK;

        return $this->feltC($part->id, $situation) >= $part->band()->onC + $offK;
    }

    private function moduleOhm(SpiceCircuit $circuit, Component $part, string $name, ConductionPath $path, Situation $situation, bool $isIn): ?float
    {
        [$fromPin, $toPin] = [explode(':', $path->from)[1], explode(':', $path->to)[1]];

        return match (true) {
            $part instanceof ComputerDriver => $this->isDriven($part, $situation) ? $this->spread->draw($name, 0.15, 0.6) : null,
            $part instanceof DelayRelay => $toPin === '31' ? 80_000.0 : 15_000.0,
            $toPin === 'S1' => $this->spread->draw($name, 1800.0, 2600.0),
            $fromPin === 'S2' => 0.3,
            $fromPin === '15' => $this->spread->draw($name, 800.0, 4000.0),
            $fromPin === '30' => 0.002,
            $fromPin === 'M-' => $isIn ? $this->outputOhm($circuit, $part, $situation) : null,
            default => throw new \LogicException("No vehicle has {$path->from} to {$path->to} yet."),
        };
    }

    /** The output of a stepless controller: all the time on, or a chopper. */
    private function outputOhm(SpiceCircuit $circuit, Component $part, Situation $situation): ?float
    {
        if (! $part instanceof TemperatureSensing) {
            throw new \LogicException("{$part->id} feels no heat.");
        }
        $spanK = max(0.1, $part->fullDemandC() - $part->band()->onC);
        $duty = min(1.0, 0.3 + 0.7 * max(0.0, $this->feltC($part->id, $situation) - $part->band()->onC) / $spanK);
        if ($duty > self::FULL_DUTY) {
            return 0.006;
        }
        $circuit->chopper("{$part->id}:M+", "{$part->id}:M-", "{$part->id}:31", $duty);

        return null;
    }

    private function isDriven(ComputerDriver $driver, Situation $situation): bool
    {
        $isAsked = in_array('on', $driver->inputPositions(), true) && ($situation->conditions->positions[$driver->input()] ?? '') === 'on';

        return $situation->conditions->key === Key::Run && ($isAsked || $this->isHot($driver, $situation));
    }

    /** Whether it works only while it is supplied. */
    private static function isSupplied(Component $part): bool
    {
        return array_filter($part->paths(), static fn (ConductionPath $path): bool => $path->from === "{$part->id}:15") !== [];
    }

    /** Whether a switch joins two terminals in the position it is in, as its diagram has it. */
    private static function joins(Component $part, Situation $situation, ConductionPath $path): bool
    {
        $isBetween = static fn (Element $element): bool => $element->from() === $path->from && $element->to() === $path->to;

        return array_filter($part->elements($situation->conditions, 0), $isBetween) !== [];
    }

    private function atProbeC(Component $probe, Situation $situation): float
    {
        return $this->feltC(str_replace('-probe', '', $probe->id), $situation);
    }

    private function feltC(string $id, Situation $situation): float
    {
        return $situation->conditions->localC[$id] ?? $situation->conditions->coolantC;
    }

    /** How much warmer than 20 °C it is under this bonnet, K. */
    private function warmerK(): float
    {
        return $this->spread->draw('bay', 0.0, 45.0);
    }
}
