<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Reel;
use LampThread\Circuit\Symbol;

/** A lamp on the dash from the fan's plus to earth, lit while the fan is fed. A fuse of its own lets its wire be thin. */
final readonly class Indicated implements Arrangement
{
    public const FUSE = 'indicator-fuse';

    public const REEL = 'indicator-wire';

    /** What the usual 1.2 W lamp has at its system voltage: R = U²/P, W. */
    private const LAMP_W = 1.2;

    public function __construct(private string $fanId) {}

    public function install(Harness $harness): void
    {
        $ohm = $harness->brief->supply->systemV ** 2 / self::LAMP_W;
        $fuse = $harness->add(new Fuse(
            self::FUSE,
            $harness->mark('F'),
            'Indicator fuse',
            $harness->fitted->fuse(self::FUSE),
            $harness->brief->run(Stretch::RelayToFan)->zone,
        ));
        $lamp = $harness->add(new FixedResistor('indicator', $harness->mark('P'), 'Indicator lamp', $ohm, Symbol::Lamp));
        $harness->reel(new Reel(self::REEL, 'Indicator wire', $fuse->id, $lamp->terminal('1'), $lamp->terminal('2')));
        $harness->wire("{$this->fanId}:+", $fuse->terminal('1'), Stretch::FeedToFuse, Colour::Override, self::REEL);
        $harness->wire($fuse->terminal('2'), $lamp->terminal('1'), Stretch::Dash, Colour::Override, self::REEL);
        $harness->wire($lamp->terminal('2'), $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, self::REEL);
    }
}
