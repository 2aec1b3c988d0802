<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Numbered;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;

/** A lamp on the dash across the fan's feed, lit while the fan is fed. A fuse of its own lets its wire be thin. */
final readonly class Indicator implements Arrangement
{
    public const LAMP = 'indicator';

    /** What the usual 1.2 W lamp has at its system voltage: R = U²/P, W. */
    private const LAMP_W = 1.2;

    /** Overrides a job may have. */
    private const MOST = 4;

    /** @param  int  $number  of the override it belongs to, from 1 */
    public function __construct(private int $number, private Stage $stage) {}

    /** Id of an override's lamp. */
    public static function lamp(int $number): string
    {
        return Numbered::id(self::LAMP, $number);
    }

    /** @return list<string> ids of the lamps of a circuit */
    public static function lamps(Circuit $circuit): array
    {
        $lamps = [];
        for ($number = 1; $number <= self::MOST; $number++) {
            $lamps[] = self::lamp($number);
        }

        return array_values(array_filter($lamps, static fn (string $id): bool => isset($circuit->components[$id])));
    }

    public function install(Harness $harness): void
    {
        $id = self::lamp($this->number);
        $fanId = $this->stage->fanIds[0];
        $ohm = $harness->brief->supply->systemV ** 2 / self::LAMP_W;
        $fuse = $harness->add(new Fuse(
            "{$id}-fuse",
            $harness->mark('F'),
            Message::of('component.indicator-fuse'),
            $harness->selection->fuse("{$id}-fuse"),
            $harness->brief->segment(Stretch::RelayToFan)->zone,
            FusedFeed::sharedA($harness),
        ));
        $lamp = $harness->add(new FixedResistor($id, $harness->mark('P'), Message::of('component.indicator-lamp'), $ohm, Symbol::Lamp));
        $group = "{$id}-wire";
        $harness->group(new WireGroup($group, Message::of('wire-group.indicator'), $fuse->id, $lamp->terminal('1'), $lamp->terminal('2'), isThin: true));
        $harness->wire("{$fanId}:+", $fuse->terminal('1'), Stretch::FeedToFuse, Colour::Override, $group);
        $harness->wire($fuse->terminal('2'), $lamp->terminal('1'), Stretch::Dash, Colour::Override, $group);
        if (LoadOf::stage($this->stage)->switchesMinus()) {
            // With its minus switched the fan's plus is live all the time: only across the fan does the lamp tell anything.
            $harness->wire($lamp->terminal('2'), "{$fanId}:-", Stretch::Dash, Colour::Override, $group);
        } else {
            $harness->wire($lamp->terminal('2'), $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, $group);
        }
    }
}
