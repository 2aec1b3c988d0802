<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\AirConditioning;
use LampThread\Brief\AirConditioningTrigger;
use LampThread\Brief\CoilFeed;
use LampThread\Brief\OverrideKind;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;
use LampThread\Circuit\Reel;

/** The fused feed of the coils, tapped from the vehicle; on request through a relay of its own, and through a cut-out. */
final readonly class CoilSupply implements Arrangement
{
    public const FUSE = 'coil-fuse';

    public const REEL = 'trigger-wire';

    /** @param  array{string, string}  $load  terminals of a coil or input it feeds */
    public function __construct(private array $load) {}

    public function install(Harness $harness): void
    {
        $control = $harness->brief->control;
        $fuse = $harness->add(new Fuse(
            self::FUSE,
            $harness->mark('F'),
            'Coil fuse',
            $harness->fitted->fuse(self::FUSE),
            $harness->brief->run(Stretch::FeedToFuse)->zone,
        ));
        $harness->reel(new Reel(self::REEL, 'Trigger wire', $fuse->id, ...$this->load));
        $tap = 'battery:+';
        if ($control->coilFeed !== CoilFeed::Battery) {
            $key = $harness->add(new KeySwitch($harness->mark('S'), $control->coilFeed->terminal()));
            $tap = $key->terminal($control->coilFeed->terminal());
        }
        if ($control->feedRelay && $control->coilFeed !== CoilFeed::Battery) {
            $tap = $this->feedRelay($harness, $tap);
        }
        $harness->wire($tap, $fuse->terminal('1'), Stretch::FeedToFuse, Colour::CoilFeed, self::REEL);
        $harness->leave(Line::COIL_FEED, $fuse->terminal('2'));
        if ($control->override?->kind === OverrideKind::CutOut) {
            $switch = $harness->add(new HandSwitch('override', $harness->mark('S'), 'Cut-out', $control->override->ratedA, [
                'normal' => self::cutsRelayToo($control->airConditioning) ? [['1', '2'], ['3', '4']] : [['1', '2']],
                'cut' => [],
            ]));
            $harness->wire($fuse->terminal('2'), $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, self::REEL);
            $harness->leave(Line::COIL_FEED, $switch->terminal('2'));
        }
    }

    /** A relay on the clutch wire has a feed of its own, so the cut-out takes its earth with a second pole. */
    private static function cutsRelayToo(?AirConditioning $airConditioning): bool
    {
        return in_array($airConditioning?->trigger, [AirConditioningTrigger::SeparateRelay, AirConditioningTrigger::InterposingRelay], true);
    }

    /** A small ignition feed works a relay that takes the coils' feed from the battery. */
    private function feedRelay(Harness $harness, string $tap): string
    {
        $relay = $harness->add(new Relay(
            'feed-relay',
            $harness->mark('K'),
            'Feed relay',
            $harness->fitted->relay('feed-relay'),
            Zone::Bay,
        ));
        $harness->wire($tap, $relay->terminal('86'), Stretch::FuseToCoil, Colour::CoilFeed, self::REEL);
        $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, self::REEL);
        $harness->wire('battery:+', $relay->terminal('30'), Stretch::FeedToFuse, Colour::BatteryFeed, self::REEL);

        return $relay->terminal('87');
    }
}
