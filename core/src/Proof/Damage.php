<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\Rail;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Operation\OperatingPoint;
use LampThread\Proof\Finding\Figure;

/** What a fault does to others: electronics beyond what they stand, a computer's output fed from outside, a clutch that engages. */
final readonly class Damage
{
    /** What electronics stand for a minute over the system's voltage: a start from twice the voltage (ISO 16750-2, from memory). */
    private const STANDS_SHARE = 2.2;

    /**
     * What they stand for tenths of a second. The vehicle's own stand a load dump that is clamped, 35 V at 12 V (ISO 16750-2, from memory); of what
     * is added to it nobody has said so (common practice, no source).
     */
    private const STANDS_MOMENTS_SHARE = 2.5;

    /** And the wrong way round (ISO 16750-2, from memory). */
    private const STANDS_REVERSED_SHARE = -1.2;

    /** An output is out of its range by more than this, V. */
    private const OUTPUT_V = 1.0;

    /** @var array<string, array{string, string}> component to where its electronics are supplied */
    private array $electronics;

    /** @var list<ComputerDriver> */
    private array $drivers;

    public function __construct(private Circuit $circuit, private int $systemV)
    {
        $this->electronics = array_filter(array_map(static fn (Component $component): ?array => $component->electronics(), $circuit->components));
        $this->drivers = $circuit->each(ComputerDriver::class);
    }

    /**
     * @param  float  $lastsS  how long it lasts, s
     * @return array{Message, Figure}|null what is damaged and by how much; null where nothing is that was sound before
     */
    public function done(OperatingPoint $after, OperatingPoint $before, float $lastsS): ?array
    {
        foreach ($this->electronics as $id => $supply) {
            $volts = $after->voltages->across(...$supply);
            $mostV = ($lastsS < 1.0 ? self::STANDS_MOMENTS_SHARE : self::STANDS_SHARE) * $this->systemV;
            if ($volts > $mostV || $volts < self::STANDS_REVERSED_SHARE * $this->systemV) {
                return self::volts('effect.electronics-damaged', $this->circuit->components[$id]->mark, $volts);
            }
        }
        $supplyV = $after->voltages->at(Rail::SUPPLY);
        if ($supplyV < -self::OUTPUT_V) {
            return [Message::of('effect.alternator-reversed'), Figure::of('sees', Unit::Volt->of($supplyV))];
        }
        foreach ($this->drivers as $driver) {
            if (self::isOutOfRange($driver, $after) && ! self::isOutOfRange($driver, $before)) {
                return self::volts('effect.output-fed', $driver->mark, $after->voltages->at($driver->terminal('out')));
            }
        }
        if (self::isEngagedUnasked($after) && ! self::isEngagedUnasked($before)) {
            $current = Unit::Ampere->of(abs($after->currentA(Clutch::COIL)));

            return [Message::of('effect.clutch-engages', current: $current), Figure::of('clutch-draws', $current)];
        }

        return null;
    }

    /** @return array{Message, Figure} */
    private static function volts(string $code, string $mark, float $volts): array
    {
        return [Message::of($code, part: $mark, volts: Unit::Volt->of($volts)), Figure::of('sees', Unit::Volt->of($volts))];
    }

    private static function isOutOfRange(ComputerDriver $driver, OperatingPoint $point): bool
    {
        $volts = $point->voltages->at($driver->terminal('out'));

        return $volts < -self::OUTPUT_V || $volts > max(0.0, $point->voltages->at(Rail::SUPPLY)) + self::OUTPUT_V;
    }

    private static function isEngagedUnasked(OperatingPoint $point): bool
    {
        return isset($point->circuit->components[Clutch::ID]) && $point->conditions->position(Clutch::INPUT, Clutch::OFF) === Clutch::OFF
            && abs($point->currentA(Clutch::COIL)) >= Clutch::ENGAGES_FROM_A;
    }
}
