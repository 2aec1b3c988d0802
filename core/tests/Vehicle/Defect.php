<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Component\TemperatureSwitch;

/** One thing that is wrong with a vehicle. */
final readonly class Defect
{
    /**
     * @param  string  $part  part or wire
     * @param  int  $path  which of its ways it is in, where it has several
     * @param  float  $ohm  of a joint, over what a good one has
     */
    public function __construct(public DefectKind $kind, public string $part, public int $path = 0, public float $ohm = 0.0) {}

    public function withOhm(float $ohm): self
    {
        return new self($this->kind, $this->part, $this->path, $ohm);
    }

    /** @return list<self> all that may be wrong with a vehicle, joints without their ohms */
    public static function all(Circuit $circuit): array
    {
        $all = [new self(DefectKind::Flat, Battery::ID)];
        foreach ($circuit->wires as $wire) {
            array_push($all, ...self::each($wire->id, 0, DefectKind::Open, DefectKind::Joint, DefectKind::Rubbed));
        }
        foreach ($circuit->components as $id => $component) {
            foreach ($component->paths() as $at => $path) {
                array_push($all, ...self::each($id, $at, ...match ($path->symbol) {
                    Symbol::Fuse, Symbol::Plug, Symbol::EarthPoint => [DefectKind::Open, DefectKind::Joint],
                    Symbol::KeySwitch, Symbol::Lamp, Symbol::HandMake, Symbol::Resistor => [DefectKind::Open],
                    Symbol::BodyThread => $component instanceof TemperatureSwitch ? [DefectKind::Open] : [],
                    Symbol::MakeContact => [DefectKind::Dead, DefectKind::Welded, DefectKind::Joint, DefectKind::ContactPinOut],
                    Symbol::Coil => $component instanceof Relay ? [DefectKind::CoilOpen, DefectKind::CoilPinOut] : [DefectKind::Open],
                    Symbol::Motor => [DefectKind::Open, DefectKind::HeldFast, DefectKind::Weak, DefectKind::ShortCircuit, DefectKind::LeadsExchanged],
                    Symbol::ThermalMake => [DefectKind::Dead, DefectKind::Welded, DefectKind::ActsLate, DefectKind::ActsEarly],
                    Symbol::DelayMake => [DefectKind::Welded],
                    default => [],
                }));
            }
        }

        return $all;
    }

    /** @return list<self> */
    private static function each(string $part, int $path, DefectKind ...$kinds): array
    {
        return array_map(static fn (DefectKind $kind): self => new self($kind, $part, $path), array_values($kinds));
    }
}
