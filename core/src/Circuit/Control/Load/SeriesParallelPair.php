<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/**
 * Two fans, three relays. Low: the first relay feeds the first fan, whose minus goes through the rest contact of the third to the
 * second fan. High: the third puts the first fan's minus to earth, the second relay feeds the second fan.
 */
final readonly class SeriesParallelPair implements Arrangement
{
    public const SERIES_RELAY = 'series-relay';

    public function __construct(private Stage $stage) {}

    public function install(Harness $harness): void
    {
        [$one, $two] = array_map($harness->brief->fan(...), $this->stage->fanIds);
        $first = $harness->add(new FanMotor($harness->mark('M'), $one));
        $second = $harness->add(new FanMotor($harness->mark('M'), $two));
        $feeds = [[$first, TwoSpeedFan::LOW_RELAY, 'low'], [$second, TwoSpeedFan::HIGH_RELAY, 'high']];
        $groups = ["{$one->id}-wire", "{$two->id}-wire"];
        foreach ($feeds as [$motor, $relayId, $speed]) {
            [$fused, $group] = FusedFeed::install($harness, $motor->id, Message::verbatim($motor->fan->name), $motor->terminal('+'), $motor->terminal('-'));
            $relay = $harness->add(new Relay(
                $relayId, $harness->mark('K'), Message::of('component.speed-relay', speed: $speed), $harness->selection->relay($relayId), $harness->relayPlace($relayId),
            ));
            $harness->wire($fused, $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
            $harness->wire($relay->terminal('87'), $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $group);
        }
        $series = $harness->add(new Relay(
            self::SERIES_RELAY,
            $harness->mark('K'),
            Message::of('component.series-relay'),
            $harness->selection->relay(self::SERIES_RELAY),
            $harness->relayPlace(self::SERIES_RELAY),
            isChangeOver: true,
        ));
        $harness->wire($first->terminal('-'), $series->terminal('30'), Stretch::FanToEarth, Colour::FanFeed, $groups[0]);
        $harness->wire($series->terminal('87'), $harness->fanEarth($one), Stretch::CoilToEarth, Colour::Earth, $groups[0]);
        $harness->wire($series->terminal('87a'), $second->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $groups[0]);
        $harness->wire($second->terminal('-'), $harness->fanEarth($two), Stretch::FanToEarth, Colour::Earth, $groups[1]);
    }
}
