<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Brief\FoundFault;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Circuit\Joint;
use LampThread\Circuit\Moved;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;
use LampThread\Sizing\Sizing;

/** What is done to the vehicle as it was found: joined, cut into, fed anew, taken out. Common practice, no source. */
final class FoundSteps
{
    /** @return list<Step> none where nothing was there, or nothing of it is touched */
    public static function of(Sizing $sizing): array
    {
        $alteration = $sizing->alteration();
        $mended = self::mended($sizing);
        $touched = [
            ...self::joints($sizing),
            ...self::refed($sizing),
            ...self::moved($sizing),
            ...array_map(static fn (Component $component): Message => self::out($component, $sizing), $alteration->going()),
            ...self::left($sizing),
        ];
        $title = Message::of('step.found.title');
        if ($touched === []) {
            return $mended === [] ? [] : [new Step($title, $mended)];
        }
        $before = [Message::of('step.found.photograph'), Message::of('step.found.measure')];

        return [new Step($title, [...$before, ...$mended, ...$touched], Message::of('step.found.caution'))];
    }

    private static function out(Component $going, Sizing $sizing): Message
    {
        $alteration = $sizing->alteration();
        $isInCoolant = $going instanceof TemperatureSensing && $going->opensCoolant();
        $coming = $isInCoolant ? $alteration->sensorComingTo($going->band()->place) : null;
        $code = match (true) {
            $coming !== null => 'makes-room',
            // Its hole is shut as long as it stays in.
            $isInCoolant => 'stays-in',
            $alteration->isRenewed($going) => 'renew',
            default => 'out',
        };

        return Message::of("step.found.{$code}", mark: $going->mark, name: $going->name, hasNumbers: $going->pinPlaces() !== [], coming: $coming->mark ?? '');
    }

    /** @return list<Message> by wire that was there: opened and joined, or cut through, with what goes on at each of its ends */
    private static function joints(Sizing $sizing): array
    {
        $found = $sizing->existing->circuit ?? $sizing->circuit;
        $byWire = [];
        foreach ($sizing->alteration()->joints() as $joint) {
            $byWire[$joint->into->id][] = $joint;
        }
        $items = [];
        foreach ($byWire as $joints) {
            $ends = ['from' => self::end($joints[0]->into->from, $found), 'to' => self::end($joints[0]->into->to, $found)];
            $cuts = array_values(array_filter($joints, static fn (Joint $joint): bool => $joint->end !== null));
            foreach (array_filter($joints, static fn (Joint $joint): bool => $joint->end === null) as $joint) {
                $items[] = Message::of('step.found.join', ...$ends, mark: $joint->splice->mark, wires: array_column($joint->coming, 'id'));
            }
            $left = $cuts === [] ? [] : array_values(array_diff([$joints[0]->into->from, $joints[0]->into->to], array_column($cuts, 'end')));
            $off = array_values(array_filter($left, $sizing->alteration()->isTakenOff(...)));
            if ($cuts !== []) {
                $items[] = $off === [] ? Message::of('step.found.cut', ...$ends) : Message::of('step.found.cut.off', ...$ends, end: self::end($off[0], $found));
            }
            foreach ($cuts as $joint) {
                $items[] = Message::of(
                    'step.found.cut.end', mark: $joint->splice->mark, end: self::end((string) $joint->end, $found), wires: array_column($joint->coming, 'id'),
                );
            }
            foreach (array_diff($left, $off) as $end) {
                $items[] = Message::of('step.found.cut.left', end: self::end($end, $found));
            }
        }

        return $items;
    }

    /** What a place of the found circuit is: the part by its name, and the number on it. */
    private static function end(string $terminal, Circuit $found): Message
    {
        [$id, $number] = explode(':', $terminal, 2);
        $component = $found->components[$id] ?? null;
        if ($component === null) {
            return $found->terminalName($terminal);
        }
        $alike = array_filter($found->components, static fn (Component $one): bool => $one->name == $component->name);

        return Message::of(count($alike) === 1 ? 'step.found.end' : 'step.found.end.marked', name: $component->name, number: $number, mark: $component->mark);
    }

    /** @return list<Message> */
    private static function refed(Sizing $sizing): array
    {
        $items = [];
        foreach ($sizing->alteration()->refed() as $terminal => $wire) {
            $items[] = Message::of('step.found.refed', terminal: $sizing->circuit->terminalName($terminal), wire: $wire->id);
        }

        return $items;
    }

    /** @return list<Message> */
    private static function moved(Sizing $sizing): array
    {
        $found = $sizing->existing->circuit ?? $sizing->circuit;

        return array_map(static fn (Moved $moved): Message => Message::of(
            'step.found.moved', from: self::end($moved->from, $found), to: $sizing->circuit->terminalName($moved->to), isRecrimped: $moved->isRecrimped,
            wire: Message::of('step.found.wire', from: self::end($moved->wire->from, $found), to: self::end($moved->wire->to, $found)),
        ), $sizing->alteration()->moved());
    }

    /** @return list<Message> what was wrong with what stays */
    private static function mended(Sizing $sizing): array
    {
        return array_map(static fn (FoundFault $wrong): Message => Message::of(
            'step.found.mend', part: self::named($wrong->part, $sizing), fault: Message::of("fault-kind.{$wrong->fault}"), note: $wrong->note, hasNote: $wrong->note !== '',
        ), $sizing->alteration()->stillWrong($sizing->brief->found->wrong ?? []));
    }

    private static function named(string $id, Sizing $sizing): Message
    {
        $found = $sizing->existing->circuit ?? $sizing->circuit;
        $part = $found->named($id);

        return $part instanceof Component
            ? $part->name : Message::of('step.found.wire', from: self::end($part->from ?? '', $found), to: self::end($part->to ?? '', $found));
    }

    /** @return list<Message> wires that go, whose ends are insulated where they cannot be drawn out */
    private static function left(Sizing $sizing): array
    {
        $wires = $sizing->alteration()->wiresGoing();
        $found = $sizing->existing?->circuit;

        return $wires === [] || $found === null ? [] : [Message::of('step.found.insulate', wires: array_map(
            static fn (Wire $wire): Message => Message::of('step.found.wire', from: self::end($wire->from, $found), to: self::end($wire->to, $found)), $wires,
        ))];
    }
}
