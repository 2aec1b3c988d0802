<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\AfterRunStart;
use LampThread\Brief\CoilFeed;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Control\Lockout\EngineSpeedLockout;
use LampThread\Circuit\Control\Override\OverridesOf;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;

/** The fused feed of the coils, tapped from the vehicle; on request through a relay of its own, and through a cut-out. */
final readonly class CoilSupply implements Arrangement
{
    public const FUSE = 'coil-fuse';

    public const TAP_FUSE = 'tap-fuse';

    public const TAP_WIRES = 'tap-wire';

    /** @param  array{string, string}  $load  terminals of a coil or input it feeds */
    public function __construct(private array $load) {}

    public function install(Harness $harness): void
    {
        $control = $harness->brief->control;
        $fuse = $harness->add(new Fuse(
            self::FUSE,
            $harness->mark('F'),
            Message::of('component.coil-fuse'),
            $harness->selection->fuse(self::FUSE),
            $harness->brief->segment(Stretch::FeedToFuse)->zone,
        ));
        $harness->group(new WireGroup(TriggerLine::WIRES, Message::of('wire-group.trigger'), $fuse->id, ...$this->load, isThin: true));
        $tap = $control->coilFeed->isKeyed()
            ? self::tapKey($harness, $control->coilFeed, $control->afterRun?->startedBy === AfterRunStart::Key)
            : $harness->shared(SharedTerminal::LIVE_COIL_FEED);
        $feed = $fuse->terminal('2');
        if ($control->feedRelay && $control->coilFeed->isKeyed()) {
            $harness->wire(Rail::SUPPLY, $fuse->terminal('1'), Stretch::BatteryToFuse, Colour::BatteryFeed, TriggerLine::WIRES);
            $feed = $this->feedRelay($harness, $tap, $feed);
        } else {
            $harness->wire($tap, $fuse->terminal('1'), Stretch::FeedToFuse, Colour::CoilFeed, TriggerLine::WIRES);
        }
        foreach (OverridesOf::control($control) as $override) {
            $feed = $override->installInCoilFeed($harness, $feed);
        }
        $harness->share(SharedTerminal::COIL_FEED, $feed);
        if ($control->lockouts->engineSpeed?->isInFeed === true) {
            (new EngineSpeedLockout($control->lockouts->engineSpeed))->installInFeed($harness, $feed);
        }
    }

    /** A fused terminal that is live with the key: that of the coils where the key feeds them, else one tapped for it. */
    public static function keyFeed(Harness $harness): string
    {
        return match (true) {
            $harness->component(self::TAP_FUSE) !== null => self::TAP_FUSE.':2',
            $harness->component(KeySwitch::ID) !== null => self::FUSE.':2',
            default => TapFuse::install(
                $harness, self::TAP_FUSE, self::TAP_WIRES, self::tapKey($harness, CoilFeed::Ignition, true), [DelayRelay::ID.':'.DelayRelay::TRIGGER, Rail::EARTH],
            ),
        };
    }

    /** The terminal at which a circuit of the key is tapped, behind the vehicle's own fuse. */
    private static function tapKey(Harness $harness, CoilFeed $circuit, bool $isWatched): string
    {
        $toldA = $harness->brief->control->tappedFuseA;
        $harness->add(new VehicleFuse(VehicleFuse::KEY, $harness->mark('FV'), $toldA ?? VehicleFuse::USUAL_A, isAssumed: $toldA === null));

        return $harness->add(new KeySwitch($harness->mark('S'), $circuit->terminal(), $isWatched))->tap();
    }

    /** The group its wires are in. */
    public static function keyGroup(Harness $harness): string
    {
        return $harness->component(self::TAP_FUSE) === null ? TriggerLine::WIRES : self::TAP_WIRES;
    }

    /**
     * A small ignition feed works a relay that takes the coils' feed from the battery, through a fuse at the battery. What is tapped for its
     * coil has an add-on fuse of its own.
     *
     * @param  string  $fused  the coil fuse's outgoing terminal
     * @return string the relay's
     */
    private function feedRelay(Harness $harness, string $tap, string $fused): string
    {
        $keyFed = TapFuse::install($harness, self::TAP_FUSE, self::TAP_WIRES, $tap, ['feed-relay:86', 'feed-relay:85']);
        $relay = $harness->add(new Relay(
            'feed-relay',
            $harness->mark('K'),
            Message::of('component.feed-relay'),
            $harness->selection->relay('feed-relay'),
            $harness->relayPlace('feed-relay'),
        ));
        $group = self::TAP_WIRES;
        $harness->wire($keyFed, $relay->terminal('86'), Stretch::FuseToCoil, Colour::CoilFeed, $group);
        $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, $group);
        $harness->wire($fused, $relay->terminal('30'), Stretch::CoilToEarth, Colour::BatteryFeed, TriggerLine::WIRES);

        return $relay->terminal('87');
    }
}
