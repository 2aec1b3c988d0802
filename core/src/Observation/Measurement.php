<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Operation\OperatingPoint;

/** What an instrument is put on in a setting: two terminals for a voltage, a wire for a clamp. Its id names all of it. */
final readonly class Measurement
{
    /** @param  string  $from  terminal, or the wire that is clamped; '' where the fans are looked at */
    public function __construct(public string $setting, public Reads $reads, public string $from, public string $to) {}

    public function id(): string
    {
        return "{$this->setting}/{$this->reads->value}/{$this->from}/{$this->to}";
    }

    /** @throws InvalidInput where it is none */
    public static function named(string $id): self
    {
        $parts = explode('/', $id);
        $reads = Reads::tryFrom($parts[1] ?? '');

        return count($parts) === 4 && $reads !== null
            ? new self($parts[0], $reads, $parts[2], $parts[3])
            : throw InvalidInput::at('/step', Message::of('input.no-such-test', id: $id));
    }

    /** What an instrument without error shows; of fans whether they turn as they did in a sound circuit. */
    public function value(OperatingPoint $point, ?OperatingPoint $sound = null): float
    {
        return match ($this->reads) {
            Reads::Volt => $point->voltages->across($this->from, $this->to),
            Reads::Ampere => abs($point->currentA($this->from)),
            default => (float) (self::turning($point) === self::turning($sound ?? $point)),
        };
    }

    /** @return array<string, bool> by fan, whether it turns */
    public static function turning(OperatingPoint $point): array
    {
        $turning = [];
        foreach ($point->circuit->each(FanMotor::class) as $motor) {
            $turning[$motor->id] = $point->position($motor->id) === FanMotor::TURNING;
        }

        return $turning;
    }
}
