<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;

/** A lamp on the dash from the fan's plus to earth, lit while the fan is fed. A fuse of its own lets its wire be thin. */
final readonly class Indicator implements Arrangement
{
    public const LAMP = 'indicator';

    public const FUSE = 'indicator-fuse';

    public const WIRES = 'indicator-wire';

    /** What the usual 1.2 W lamp has at its system voltage: R = U²/P, W. */
    private const LAMP_W = 1.2;

    public function __construct(private string $fanId) {}

    public function install(Harness $harness): void
    {
        $ohm = $harness->brief->supply->systemV ** 2 / self::LAMP_W;
        $fuse = $harness->add(new Fuse(
            self::FUSE,
            $harness->mark('F'),
            Message::of('component.indicator-fuse'),
            $harness->selection->fuse(self::FUSE),
            $harness->brief->segment(Stretch::RelayToFan)->zone,
            FusedFeed::sharedA($harness),
        ));
        $lamp = $harness->add(new FixedResistor(self::LAMP, $harness->mark('P'), Message::of('component.indicator-lamp'), $ohm, Symbol::Lamp));
        $harness->group(new WireGroup(self::WIRES, Message::of('wire-group.indicator'), $fuse->id, $lamp->terminal('1'), $lamp->terminal('2'), isThin: true));
        $harness->wire("{$this->fanId}:+", $fuse->terminal('1'), Stretch::FeedToFuse, Colour::Override, self::WIRES);
        $harness->wire($fuse->terminal('2'), $lamp->terminal('1'), Stretch::Dash, Colour::Override, self::WIRES);
        $harness->wire($lamp->terminal('2'), $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, self::WIRES);
    }
}
