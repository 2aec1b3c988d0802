<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Place;
use LampThread\Brief\TemperatureBand;

/** What a sensor at a place is washed by, and how late it tells (common practice, no source). */
enum Sensed
{
    case Engine;
    case Inlet;
    case CoreInlet;
    case CoreOutlet;
    case BottomHose;
    case Surface;
    case BayAir;

    /** In a branch no coolant moves through. */
    case DeadBranch;

    /** Opening of the thermostat at which a sensor behind it feels the engine and the radiator alike. */
    private const SEEN_FROM = 0.004;

    /** How far the outside of a pipe is above the air around of what the coolant is, and a dead branch of what the metal is. */
    private const SURFACE_SHARE = 0.92;

    private const DEAD_SHARE = 0.72;

    public static function of(?TemperatureBand $band): self
    {
        if ($band?->coolantStands === true && ! $band->place->isDry()) {
            return self::DeadBranch;
        }

        return match ($band?->place) {
            null, Place::EngineOutlet, Place::TwoPortHousing => self::Engine,
            Place::RadiatorInlet, Place::TopHose => self::Inlet,
            Place::CoreInlet => self::CoreInlet,
            Place::CoreOutlet => self::CoreOutlet,
            Place::BottomHose => self::BottomHose,
            Place::Surface => self::Surface,
            Place::BayAir => self::BayAir,
        };
    }

    public function lagS(): float
    {
        return match ($this) {
            self::Engine => 5.0,
            self::Inlet, self::BottomHose => 7.0,
            self::CoreInlet, self::CoreOutlet => 20.0,
            self::Surface => 40.0,
            self::BayAir => 30.0,
            self::DeadBranch => 150.0,
        };
    }

    /** @return array{float, float, float} share of the coolant's temperature, of the radiator's, and the rest in °C */
    public function shares(Lumps $lumps, float $ambientC): array
    {
        $seen = $lumps->opening / ($lumps->opening + self::SEEN_FROM);

        return match ($this) {
            self::Engine => [1.0, 0.0, 0.0],
            self::Inlet => [$seen, 1 - $seen, 0.0],
            self::CoreInlet => [0.8 * $seen, 1 - 0.8 * $seen, 0.0],
            self::CoreOutlet, self::BottomHose => [0.0, 1.0, 0.0],
            self::Surface => [self::SURFACE_SHARE * $seen, self::SURFACE_SHARE * (1 - $seen), (1 - self::SURFACE_SHARE) * $lumps->bayC],
            self::BayAir => [0.0, 0.0, $lumps->bayC],
            self::DeadBranch => [0.0, 0.0, self::DEAD_SHARE * $lumps->metalC + (1 - self::DEAD_SHARE) * $ambientC],
        };
    }
}
