<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\HasCoil;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Control\Indicator;
use LampThread\Operation\OperatingPoint;

/** What can be seen, heard and felt of a circuit as it stands, without an instrument. */
final readonly class Appearance
{
    /** A lamp glows from this share of the system's voltage (common practice, no source). */
    private const LIT_SHARE = 0.3;

    /**
     * @param  array<string, float>  $speedShares  fan to its speed over its rated one; below 0 where it turns the wrong way
     * @param  array<string, string>  $relays  relay to `in`, `out` or `buzzes`; `out` too where it is in and does not click
     * @param  float  $drawnA  from the battery, A
     * @param  float  $jointW  heat in a bad joint, W
     */
    private function __construct(public array $speedShares, public array $relays, public bool $isLit, public float $drawnA, public float $jointW) {}

    public static function of(OperatingPoint $point, float $jointW = 0.0): self
    {
        $circuit = $point->circuit;
        $speeds = [];
        foreach ($circuit->each(FanMotor::class) as $motor) {
            $speeds[$motor->id] = $motor->turningShare($point->position($motor->id), $point->voltages, $point->conditions->faults);
        }
        $relays = [];
        foreach ($circuit->each(HasCoil::class) as $relay) {
            $relays[$relay->id] = match (true) {
                in_array($relay->id, $point->chattering, true) => 'buzzes',
                $point->conditions->faults->fault($relay->id)?->clicks() === false => 'out',
                $relay->isPulledIn($point->position($relay->id)) => 'in',
                default => 'out',
            };
        }

        return new self($speeds, $relays, self::lit($point, $circuit), -$point->currentA(Battery::ID), $jointW);
    }

    /** @return array<string, FanLook> by fan */
    public function fans(): array
    {
        return array_map(FanLook::of(...), $this->speedShares);
    }

    public function runs(string $fan): bool
    {
        return abs($this->speedShares[$fan]) > FanLook::TURNS_SHARE;
    }

    public function runsAny(): bool
    {
        return array_filter(array_keys($this->speedShares), $this->runs(...)) !== [];
    }

    /** The same for what looks the same. */
    public function token(): string
    {
        return implode(',', array_map(static fn (string $fan, FanLook $look): string => "{$fan}={$look->value}", array_keys($this->fans()), $this->fans()));
    }

    private static function lit(OperatingPoint $point, Circuit $circuit): bool
    {
        foreach (Indicator::lamps($circuit) as $lamp) {
            if ($point->currentA($lamp) !== 0.0 && abs($point->voltages->across("{$lamp}:1", "{$lamp}:2")) > self::LIT_SHARE * abs($point->voltages->at(Rail::SUPPLY))) {
                return true;
            }
        }

        return false;
    }
}
