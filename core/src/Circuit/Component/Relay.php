<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Zone;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Copper;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;
use LampThread\Shelf\RelayPart;

/** A relay with a make contact. Its coil is taken at the ambient it sits in: warm copper pulls in later and lets go later. */
final readonly class Relay extends Component implements Settling
{
    public const RELEASED = 0;

    public const PULLED_IN = 1;

    /** Ambient at which the coil's figures are printed, °C. */
    private const PRINTED_AT_C = 23.0;

    public function __construct(string $id, string $mark, string $name, public RelayPart $part, public Zone $zone)
    {
        parent::__construct($id, $mark, $name);
    }

    /** Factor of the coil's resistance, and so of its pull-in and drop-out voltages, at a coil temperature. */
    public static function coilFactor(float $coilC): float
    {
        return Copper::factor($coilC, self::PRINTED_AT_C);
    }

    public function passes(): array
    {
        return [
            new Pass($this->terminal('30'), $this->terminal('87'), Symbol::MakeContact),
            new Pass($this->terminal('86'), $this->terminal('85'), Symbol::Coil),
        ];
    }

    public function figure(): array
    {
        return [$this->part->makeA, 'A'];
    }

    public function elements(Setting $setting, int $position): array
    {
        $coilOhm = $this->part->coilOhm * self::coilFactor($this->zone->ambientC());
        $elements = [
            new Resistor("{$this->id}-coil", $this->terminal('86'), $this->terminal('85'), $coilOhm),
            new Resistor("{$this->id}-suppression", $this->terminal('86'), $this->terminal('85'), $this->part->suppressionOhm),
        ];
        if ($position === self::PULLED_IN) {
            $elements[] = new Resistor(
                "{$this->id}-contact",
                $this->terminal('30'),
                $this->terminal('87'),
                $this->part->contactMilliohm / 1000,
            );
        }

        return $elements;
    }

    public function start(Setting $setting): int
    {
        return $setting->memory[$this->id] ?? self::RELEASED;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        $coilV = abs($volts->across($this->terminal('86'), $this->terminal('85')));
        $factor = self::coilFactor($this->zone->ambientC());
        $threshold = $position === self::PULLED_IN ? $this->part->dropOutV : $this->part->pullInV;

        return $coilV >= $threshold * $factor ? self::PULLED_IN : self::RELEASED;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
