<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Brief\Feed;
use LampThread\Brief\Mount;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Sizing\Sizing;

/** The order of the work, with each caution where the work meets it. Common practice, no source. */
final class Steps
{
    /** @return list<Step> */
    public static function of(Sizing $sizing): array
    {
        return [
            self::disconnect(),
            ...self::original($sizing),
            self::fit($sizing),
            self::sensor($sizing),
            self::cut($sizing),
            self::lay($sizing),
            self::prove($sizing),
            self::fill($sizing),
            self::write(),
        ];
    }

    private static function disconnect(): Step
    {
        return new Step(
            'Disconnect the battery',
            ['Take off battery negative first, and keep it from springing back.'],
            'Know what the vehicle needs before it loses power: radio code, alarm, airbags. Local rules and the vehicle maker’s data come first.',
        );
    }

    /**
     * What is done to the wiring that was there: kept, cut into, or taken out.
     *
     * @return list<Step>
     */
    private static function original(Sizing $sizing): array
    {
        $control = $sizing->brief->control;
        if ($control->existingFuseA === null) {
            return [];
        }
        $wirings = $sizing->circuit->each(OriginalWiring::class);
        if ($wirings === []) {
            $fuse = $control->feed === Feed::ExistingCircuit
                ? sprintf('Its %g A fuse stays and is shared: nothing larger goes in behind it.', $control->existingFuseA)
                : sprintf('Take its %g A fuse out and label the empty place.', $control->existingFuseA);

            return [new Step('Take out the old fan circuit', [$fuse, 'Insulate every lead that is left, at both ends. Keep relay and switch until the job is proved.'])];
        }
        $does = array_map(static fn (OriginalWiring $wiring): string => $wiring->isCut
            ? "{$wiring->mark}: cut the fan’s plus where both ends can be reached. The end from the vehicle goes to the rest contact; relay, fuse and trigger stay as they are."
            : "{$wiring->mark}: nothing is cut. What joins the trigger wire is tapped in with a sealed, crimped joint.", $wirings);

        return [new Step('Mark the original wiring', ['Measure which lead is the fan’s plus, with the fan running, before anything is cut.', ...$does])];
    }

    private static function fit(Sizing $sizing): Step
    {
        $does = [];
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $gapMm = $sizing->brief->cooling->clearanceMm - $motor->fan->depthMm;
            $does[] = $motor->fan->mount === Mount::Puller
                ? sprintf('%s (%s) behind the core as a puller; measure the gap to the nearest pulley or belt: %.0f mm expected.', $motor->name, $motor->mark, $gapMm)
                : sprintf('%s (%s) in front of the core as a pusher: blade turned round and polarity reversed.', $motor->name, $motor->mark);
        }
        foreach ($sizing->circuit->each(Relay::class) as $relay) {
            $does[] = "{$relay->mark} {$relay->part->name}: terminals down, away from exhaust and blades, reachable.";
        }
        foreach ($sizing->circuit->each(Stepless::class) as $controller) {
            $does[] = sprintf(
                '%s %s: %s across its supply where its lead from the battery is longer than a hand; its stripe to earth.',
                $controller->mark,
                $controller->name,
                Stepless::capacitor($sizing->brief->supply->systemV),
            );
        }
        foreach ($sizing->circuit->each(Fuse::class) as $fuse) {
            $does[] = "{$fuse->mark} {$fuse->part->name}: as close to its feed as it can be. Leave the fuse itself out for now.";
        }

        return new Step('Fit fan, relay and fuse holders', $does, 'An electric fan can start with the key out. Keep hands and leads clear, and its fuse out, until it is proved.');
    }

    private static function sensor(Sizing $sizing): Step
    {
        $does = [];
        foreach ($sizing->circuit->feelers() as $feeler) {
            $place = $feeler->band()->place;
            $does[] = "{$feeler->mark} {$feeler->name}: at the {$place->label()}.";
            if ($feeler instanceof TemperatureSwitch) {
                $does[] = $place->isInHose()
                    ? 'Cut out as much hose as the adapter’s body is wide, about 20 mm; its earth lead goes to the earth point, not to the hose clamp.'
                    : 'Use no tape on the thread: the body is its earth. Prove it with a meter afterwards.';
            }
        }

        return new Step('Fit the temperature switch', $does, 'Never open a hot cooling system. Coolant is poisonous to people and animals: catch it, and let none into a drain.');
    }

    private static function cut(Sizing $sizing): Step
    {
        $does = [];
        foreach ($sizing->circuit->wires as $wire) {
            $does[] = sprintf(
                $wire->run->given === null ? '%s %s %s, %.2f m: %s to %s' : '%1$s is there already, %3$s, %4$.2f m, %5$s to %6$s: look it over, crimp it anew where it is cut, label it',
                $wire->id,
                $wire->colour->label(),
                $wire->conductor->designation,
                $wire->run->lengthM,
                $sizing->circuit->terminalName($wire->from),
                $sizing->circuit->terminalName($wire->to),
            );
        }

        return new Step('Cut, crimp and label', $does);
    }

    private static function lay(Sizing $sizing): Step
    {
        return new Step(
            'Lay the loom and join it',
            [
                'Scrape every earth point to bright metal; measure from each to battery negative: below 0.1 V with the fan running, later.',
                'Sleeve the loom, keep it from edges, heat, steering and blades; leave a plug at the fan and at the switch so that the radiator comes out without cutting.',
                'Join the battery feed last.',
            ],
        );
    }

    private static function prove(Sizing $sizing): Step
    {
        $does = ['Battery negative on, fuses in.'];
        foreach ($sizing->circuit->each(Relay::class) as $relay) {
            $does[] = self::proveRelay($relay, $sizing);
        }
        foreach ($sizing->circuit->each(HandSwitch::class) as $switch) {
            $does[] = "{$switch->mark} {$switch->name}: through ".implode(', ', $switch->inputPositions()).', the fan does what it says, with the engine cold.';
        }
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $direction = $motor->fan->mount === Mount::Puller ? 'through the core towards the engine' : 'from the front through the core';
            $does[] = sprintf('Air goes %s; lead colours lie. Clamp meter on the feed: about %.1f A.', $direction, $sizing->duty->greatestA($motor->id));
        }

        return new Step('Prove it cold', $does, 'Stand clear of the blades. If it runs at once with the key on, pull the main fuse and look at the trigger wire.');
    }

    /** By which of its coil's terminals is switched: the one that is not joined to a fixed feed or earth. */
    private static function proveRelay(Relay $relay, Sizing $sizing): string
    {
        foreach ($sizing->circuit->wires as $wire) {
            if ($wire->from === $relay->terminal('85') && str_starts_with($wire->to, 'earth-')) {
                return "Key on. Join {$relay->mark} 86 to a fused feed: {$relay->name} clicks and what it works runs. Let go: it stops.";
            }
        }

        return "Key on. Put {$relay->mark} 85 to earth: {$relay->name} clicks and what it works runs. Let go: it stops.";
    }

    private static function fill(Sizing $sizing): Step
    {
        $does = [sprintf('Fill with %.0f %% glycol mix, bleed at the highest point: air fakes a broken fan circuit.', $sizing->brief->cooling->glycolPercent)];
        foreach ($sizing->circuit->feelers() as $feeler) {
            $does[] = sprintf('Warm up and watch %s: fan on at %g °C, off at %g °C, on again.', $feeler->mark, $feeler->band()->onC, $feeler->band()->offC);
        }
        $does[] = 'Recheck hose clamps after a few heat cycles.';

        return new Step('Fill, bleed, warm up', $does, 'Warm up in the open air, with the vehicle secured.');
    }

    private static function write(): Step
    {
        return new Step('Write it up', ['Where relay, fuses and earth points are, the set points, and the readings taken: for whoever services it.']);
    }
}
