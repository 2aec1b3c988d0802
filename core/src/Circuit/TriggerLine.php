<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;

/**
 * The coils of a stage and the line that switches them. Whatever joins the line to its other end runs the stage: to earth when
 * the earth side is switched, to the coil feed when the supply side is. Deciders and overrides need not know which.
 */
final class TriggerLine implements Arrangement
{
    /** Group of every wire that carries a coil's current only. */
    public const WIRES = 'trigger-wire';

    /**
     * @param  non-empty-list<string>  $relays  whose coils it works, in parallel
     * @param  string  $joint  terminal triggers join
     */
    private function __construct(
        public readonly Stage $stage,
        private readonly array $relays,
        private string $joint,
    ) {}

    /** @param  non-empty-list<string>  $relays */
    public static function of(Stage $stage, array $relays): self
    {
        return new self($stage, $relays, "{$relays[0]}:".($stage->side === Side::Earth ? '85' : '86'));
    }

    /** The same line as it is now, for one of the deciders in parallel that join it. */
    public function for(Stage $deciding): self
    {
        return new self($deciding, $this->relays, $this->joint);
    }

    public function install(Harness $harness): void
    {
        $isEarthSide = $this->isEarthSide();
        foreach ($this->relays as $at => $relay) {
            $previous = $this->relays[$at - 1] ?? null;
            if ($isEarthSide) {
                $from = $previous === null ? $harness->shared(SharedTerminal::COIL_FEED) : "{$previous}:86";
                $stretch = $previous === null ? Stretch::FuseToCoil : Stretch::CoilToEarth;
                $harness->wire($from, "{$relay}:86", $stretch, Colour::CoilFeed, self::WIRES);
                if ($previous !== null) {
                    $harness->wire("{$relay}:85", "{$previous}:85", Stretch::CoilToEarth, Colour::Trigger, self::WIRES);
                }
            } else {
                if ($previous !== null) {
                    $harness->wire("{$previous}:86", "{$relay}:86", Stretch::CoilToEarth, Colour::Trigger, self::WIRES);
                }
                $harness->wire("{$relay}:85", $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, self::WIRES);
            }
        }
    }

    /** Id of the first relay it works. */
    public function coil(): string
    {
        return $this->relays[0];
    }

    /** The terminal triggers join. */
    public function joint(): string
    {
        return $this->joint;
    }

    public function isEarthSide(): bool
    {
        return $this->stage->side === Side::Earth;
    }

    /**
     * The other end a trigger connects the line to: an earth point of its place, or the coil feed. Never the fans' own earth point: were that open,
     * a closed trigger would be the fans' way to earth.
     */
    public function otherEnd(Harness $harness, string $place): string
    {
        return $this->isEarthSide() ? $harness->earth($place) : $harness->shared(SharedTerminal::COIL_FEED);
    }

    /**
     * Puts a contact across the line: whenever it closes, the stage runs. Terminals in the direction the current takes.
     *
     * @param  string|null  $end  where the contact's far end goes; null for the line's other end, '' for nowhere by wire
     */
    public function bridge(
        Harness $harness,
        string $first,
        string $second,
        Stretch $line,
        Stretch $return,
        string $place,
        Colour $colour = Colour::Trigger,
        ?string $end = null,
    ): void {
        $end ??= $this->otherEnd($harness, $place);
        if ($this->isEarthSide()) {
            $harness->wire($this->joint, $first, $line, $colour, self::WIRES);
            if ($end !== '') {
                $harness->wire($second, $end, $return, Colour::Earth, self::WIRES);
            }
        } else {
            $harness->wire($end, $first, $return, Colour::CoilFeed, self::WIRES);
            $harness->wire($second, $this->joint, $line, $colour, self::WIRES);
        }
    }

    /** Lets a contact into the line, between the coils and all that joins it from here on: whenever it opens, nothing runs the stage. */
    public function insert(Harness $harness, string $first, string $second, Stretch $stretch): void
    {
        if ($this->isEarthSide()) {
            $harness->wire($this->joint, $first, $stretch, Colour::Trigger, self::WIRES);
            $this->joint = $second;
        } else {
            $harness->wire($second, $this->joint, $stretch, Colour::Trigger, self::WIRES);
            $this->joint = $first;
        }
    }
}
