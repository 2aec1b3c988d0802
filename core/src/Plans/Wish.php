<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Brief\CoilFeed;
use LampThread\Brief\Override;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\Relay;
use LampThread\Sizing\Sizing;

/** What an installer or owner may wish of a plan; each is asked of the sized circuit. */
enum Wish: string
{
    case AirConditioningCovered = 'air-conditioning-covered';
    case OverrideThere = 'override';
    case KeepsComputer = 'keeps-computer';
    /** Nothing of the vehicle is cut. */
    case Reversible = 'reversible';
    case CoolantStaysShut = 'no-coolant-opened';
    case StockLook = 'stock-look';
    case SparesAlike = 'spares-alike';
    case WaterCrossing = 'water-crossing';
    case RunsKeyOut = 'runs-key-out';

    public function isMetBy(Sizing $sizing): bool
    {
        $control = $sizing->brief->control;
        $circuit = $sizing->circuit;

        return match ($this) {
            self::AirConditioningCovered => $control->hasCompressor() || self::keepsControl($sizing),
            self::OverrideThere => $control->canBeOverridden(),
            self::KeepsComputer => self::keepsControl($sizing),
            self::Reversible => Cuts::of($sizing) === 0,
            self::CoolantStaysShut => ! $sizing->alteration()->opensCoolant(),
            self::StockLook => $control->overrides === [],
            self::SparesAlike => count(array_unique(array_map(static fn (Relay $relay): string => $relay->part->id(), $circuit->each(Relay::class)))) < 2,
            self::WaterCrossing => array_filter($control->overrides, static fn (Override $override): bool => $override->canStop()) !== [],
            self::RunsKeyOut => $control->coilFeed === CoilFeed::Battery || $control->afterRun !== null,
        };
    }

    /** Whether what the vehicle had still decides, as it was or through one of its outputs. */
    private static function keepsControl(Sizing $sizing): bool
    {
        return $sizing->circuit->each(ComputerDriver::class) !== [];
    }
}
