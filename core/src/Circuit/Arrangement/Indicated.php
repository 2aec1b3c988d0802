<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Symbol;

/** A lamp on the dash from the fan's plus to earth: lit while the fan is fed. */
final readonly class Indicated implements Arrangement
{
    /** What the usual 1.2 W lamp has at its system voltage: R = U²/P, W. */
    private const LAMP_W = 1.2;

    public function __construct(private string $fanId) {}

    public function install(Harness $harness): void
    {
        $ohm = $harness->brief->supply->systemV ** 2 / self::LAMP_W;
        $lamp = $harness->add(new FixedResistor('indicator', $harness->mark('P'), 'Indicator lamp', $ohm, Symbol::Lamp));
        $harness->wire("{$this->fanId}:+", $lamp->terminal('1'), Stretch::Dash, Colour::Override, "{$this->fanId}-wire");
        $harness->wire($lamp->terminal('2'), $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, "{$this->fanId}-wire");
    }
}
