<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Brief\Feed;
use LampThread\Brief\Mount;
use LampThread\Brief\ShroudWork;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\OutsideContact;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\ServicePlug;
use LampThread\Circuit\Component\SpareOutlet;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Joint;
use LampThread\Circuit\TriggerLine;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Sizing\EqualLoads;
use LampThread\Sizing\Sizing;

/** The order of the work, with each caution where the work meets it. Common practice, no source. */
final class Steps
{
    /** Fewer new wires than these are no loom: they go along what is there (common practice, no source). */
    private const LOOM_FROM = 5;

    /** @return list<Step> */
    public static function of(Sizing $sizing): array
    {
        return [
            self::step('disconnect', [Message::of('step.disconnect.negative-first')], hasCaution: true),
            ...self::shared($sizing),
            ...FoundSteps::of($sizing),
            ...self::ifAny(self::fansComing($sizing) === [] ? 'fit-parts' : 'fit', self::fit($sizing), hasCaution: true),
            ...self::sensors($sizing),
            ...self::ifAny('cut', self::cut($sizing)),
            ...self::lay($sizing),
            self::step('prove', self::prove($sizing), hasCaution: true),
            ...self::tidy($sizing),
            ...self::fill($sizing),
            self::step('write-up', [Message::of('step.write-up.places')]),
        ];
    }

    /** @param  list<Message>  $items */
    private static function step(string $code, array $items, bool $hasCaution = false): Step
    {
        return new Step(Message::of("step.{$code}.title"), $items, $hasCaution ? Message::of("step.{$code}.caution") : null);
    }

    /**
     * @param  list<Message>  $items
     * @return list<Step> none where there is nothing to do
     */
    private static function ifAny(string $code, array $items, bool $hasCaution = false): array
    {
        return $items === [] ? [] : [self::step($code, $items, $hasCaution)];
    }

    /** @return list<Step> what concerns the wires that come; none where none does */
    private static function lay(Sizing $sizing): array
    {
        $alteration = $sizing->alteration();
        $wires = $alteration->wiresComing();
        $ends = array_merge(...array_map(static fn (Wire $wire): array => [$wire->from, $wire->to], $wires));
        $studs = array_filter($ends, static fn (string $end): bool => $sizing->circuit->componentAt($end)?->isEarthPoint() === true);
        $items = [
            ...($studs === [] ? [] : ['scrape-earths']),
            count($wires) < self::LOOM_FROM ? 'along' : 'loose',
            ...(in_array(Rail::SUPPLY, $ends, true) || ! $alteration->hasFound() ? ['battery-last'] : []),
        ];

        return $wires === [] ? [] : [self::step('lay', array_map(static fn (string $item): Message => Message::of("step.lay.{$item}"), $items))];
    }

    /** @return list<Step> what is done for good, once it has been tried; none where no wire comes */
    private static function tidy(Sizing $sizing): array
    {
        $circuit = $sizing->circuit;
        $fitted = array_filter(self::coming($sizing), static fn (Component $component): bool => $component->fittingStep() !== null);
        $plugged = self::fansComing($sizing) !== [] || array_filter($fitted, static fn (Component $component): bool => $component instanceof ServicePlug) !== [];
        $items = [$fitted === [] ? 'tie' : 'sleeve', ...($plugged ? ['plugs'] : []), 'lock-to-lock'];

        return $sizing->alteration()->wiresComing() === [] ? [] : [self::step('tidy', array_map(static fn (string $item): Message => Message::of("step.tidy.{$item}"), $items))];
    }

    /** @return list<Step> what is done to a circuit whose fuse is shared or taken out */
    private static function shared(Sizing $sizing): array
    {
        $control = $sizing->brief->control;
        $isShared = $control->feed === Feed::ExistingCircuit;

        return $control->existingFuseA === null ? [] : [self::step($isShared ? 'share' : 'take-out', [
            Message::of('step.take-out.fuse', isShared: $isShared, rated: Unit::Ampere->of($control->existingFuseA)),
            Message::of('step.take-out.insulate'),
        ])];
    }

    /** @return list<Message> */
    private static function fit(Sizing $sizing): array
    {
        $items = [];
        foreach (self::fansComing($sizing) as $motor) {
            $items[] = Message::of(
                'step.fit.fan',
                name: $motor->name,
                mark: $motor->mark,
                isPuller: $motor->fan->mount === Mount::Puller,
                isTurned: $motor->fan->isTurnedRound(),
                gap: Unit::Millimetre->of(round($sizing->brief->gapMm($motor->fan))),
            );
        }
        $shroud = $sizing->brief->fit->shroudWork ?? ShroudWork::None;
        if ($items !== [] && $shroud !== ShroudWork::None) {
            array_unshift($items, Message::of("step.fit.shroud-{$shroud->value}"));
        }
        $unmade = $sizing->unmade();
        $steps = array_map(static fn (Component $component): ?Message => in_array($component->id, $unmade, true)
            ? Message::of('step.fit.nothing', mark: $component->mark, name: $component->name)
            : $component->fittingStep(), self::coming($sizing));

        return [...$items, ...array_values(array_filter($steps))];
    }

    /** @return list<FanMotor> */
    private static function fansComing(Sizing $sizing): array
    {
        return array_values(array_filter($sizing->circuit->each(FanMotor::class), static fn (FanMotor $motor): bool => ! $sizing->circuit->wasThere($motor->id)));
    }

    /** @return list<Component> what comes, without splices into what was there: those are told where that is */
    private static function coming(Sizing $sizing): array
    {
        $joined = array_map(static fn (Joint $joint): string => $joint->splice->id, $sizing->alteration()->joints());

        return array_values(array_filter($sizing->alteration()->coming(), static fn (Component $component): bool => ! in_array($component->id, $joined, true)));
    }

    /** @return list<Step> none where nothing senses a temperature */
    private static function sensors(Sizing $sizing): array
    {
        $items = [];
        foreach ($sizing->circuit->sensors() as $sensor) {
            $steps = $sizing->circuit->wasThere($sensor->id) ? [] : $sensor->sensorSteps();
            if ($steps !== [] && $sensor->comesOut()) {
                $items[] = Message::of('step.sensor.place', mark: $sensor->mark, name: $sensor->name, place: Message::of("place.{$sensor->band()->place->value}"));
            }
            array_push($items, ...$steps);
        }
        $isOpened = $sizing->alteration()->opensCoolant();
        $before = $isOpened ? [Message::of('step.sensor.let-down')] : [];

        return $items === [] ? [] : [self::step('sensor', [...$before, ...$items], $isOpened)];
    }

    /** @return list<Message> */
    private static function cut(Sizing $sizing): array
    {
        $items = [];
        foreach ($sizing->circuit->wires as $wire) {
            if ($wire->foundId !== null) {
                continue;
            }
            $size = $sizing->sizeOf($wire);
            $items[] = Message::of(
                $size === null ? 'step.cut.nothing' : 'step.cut.wire',
                isThere: $wire->segment->given !== null,
                wire: $wire->id,
                colour: Message::of("colour.{$wire->colour->value}"),
                size: $size->designation ?? '',
                length: Unit::Metre->of($wire->segment->lengthM),
                from: $sizing->circuit->terminalName($wire->from),
                to: $sizing->circuit->terminalName($wire->to),
            );
        }

        return $items;
    }

    /** @return list<Message> */
    private static function prove(Sizing $sizing): array
    {
        $items = [Message::of('step.prove.battery-on', hasSpare: $sizing->circuit->each(SpareOutlet::class) !== [])];
        foreach ($sizing->circuit->each(Relay::class) as $relay) {
            $items[] = Message::of(
                'step.prove.relay', mark: $relay->mark, name: $relay->name, isSupplySide: self::isEarthed($relay, $sizing), does: (new ColdTest($sizing))->pulledIn($relay),
            );
        }
        foreach ($sizing->circuit->each(HandSwitch::class) as $switch) {
            $items[] = Message::of(
                'step.prove.switch',
                mark: $switch->mark,
                name: $switch->name,
                positions: array_map(static fn (string $position): Message => Message::of("position.{$position}"), $switch->inputPositions()),
            );
        }
        foreach ($sizing->circuit->each(OutsideContact::class) as $switch) {
            $items[] = Message::of('step.prove.joined', mark: $switch->mark, name: $switch->name);
        }
        foreach ($sizing->circuit->components as $component) {
            $items = [...$items, ...array_filter([$component->provingStep()])];
        }
        foreach ($sizing->circuit->sensors() as $sensor) {
            foreach (self::contactsInFanLeads($sensor, $sizing) as $contact) {
                $items[] = Message::of(
                    'step.prove.contact', mark: $sensor->mark, name: $sensor->name,
                    from: $sizing->circuit->terminalName($contact->from), to: $sizing->circuit->terminalName($contact->to),
                );
            }
        }
        $cold = new ColdTest($sizing);
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $items[] = Message::of(
                'step.prove.air', mark: $motor->mark, isPuller: $motor->fan->mount === Mount::Puller, current: Unit::Ampere->of($cold->currentA($motor)),
            );
        }
        foreach (EqualLoads::fansBehind($sizing->circuit) as $fuse => $motors) {
            if (count($motors) > 1) {
                $items[] = Message::of('step.prove.feed', mark: $sizing->circuit->components[$fuse]->mark, current: Unit::Ampere->of(
                    array_sum(array_map($cold->currentA(...), $motors)),
                ));
            }
        }

        return $items;
    }

    /** @return list<ConductionPath> contacts of a sensor that carry a fan without a relay */
    private static function contactsInFanLeads(Component $sensor, Sizing $sizing): array
    {
        return array_values(array_filter($sensor->paths(), static fn (ConductionPath $path): bool => $path->symbol === Symbol::ThermalMake
            && array_filter($sizing->circuit->wiresAt($path->from), static fn (Wire $wire): bool => $wire->group !== TriggerLine::WIRES) !== []));
    }

    /** Whether a relay's 85 is wired to earth, so that its 86 is what is switched. */
    private static function isEarthed(Relay $relay, Sizing $sizing): bool
    {
        foreach ($sizing->circuit->wiresInto($relay->terminal('85')) as $wire) {
            foreach ([$wire->from, $wire->to] as $end) {
                if ($sizing->circuit->componentAt($end)?->isEarthPoint() === true) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Step> coolant only where it was opened; none where no temperature is watched either */
    private static function fill(Sizing $sizing): array
    {
        $isOpened = $sizing->alteration()->opensCoolant();
        $items = $isOpened ? [Message::of('step.fill.mix', glycol: Unit::Percent->of(round($sizing->brief->cooling->glycolPercent)))] : [];
        foreach ($sizing->circuit->sensors() as $sensor) {
            $items[] = Message::of(
                'step.fill.warm-up', mark: $sensor->mark, on: Unit::Celsius->of($sensor->band()->onC), off: Unit::Celsius->of($sensor->band()->offC),
            );
        }

        if ($isOpened) {
            $items[] = Message::of('step.fill.recheck-clamps');
        }

        return $items === [] ? [] : [new Step(Message::of($isOpened ? 'step.fill.title' : 'step.warm-up.title'), $items, Message::of('step.fill.caution'))];
    }
}
