<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** What an instrument, or a bare wire, joins two terminals of a circuit with while it is held there. */
final readonly class TestLead extends Component
{
    public const ID = 'test-lead';

    /** A test lamp's bulb, W (common practice, no source). */
    private const LAMP_W = 5.0;

    /** A bare wire with its two clips, Ω (common practice, no source). */
    private const WIRE_OHM = 0.02;

    private function __construct(private string $from, private string $to, private float $ohm, private Symbol $symbol)
    {
        parent::__construct(self::ID, '', Message::verbatim(''));
    }

    /** A test lamp: it takes current too, so that it can pull a coil in. */
    public static function lamp(string $from, string $to, int $systemV): self
    {
        return new self($from, $to, $systemV ** 2 / self::LAMP_W, Symbol::Lamp);
    }

    public static function wire(string $from, string $to): self
    {
        return new self($from, $to, self::WIRE_OHM, Symbol::Plug);
    }

    public function paths(): array
    {
        return [new ConductionPath($this->from, $this->to, $this->symbol)];
    }

    public function faults(): array
    {
        return [];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor(self::ID, $this->from, $this->to, $this->ohm)];
    }
}
