<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Brief;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\EarthPoint;

/**
 * The loom while it is being put together. Arrangements add their components and wires to it and join the lines that
 * others have left for them.
 *
 * @internal
 */
final class Harness
{
    /** @var array<string, Component> */
    private array $components = [];

    /** @var list<Wire> */
    private array $wires = [];

    /** @var array<string, Reel> */
    private array $reels = [];

    /** @var array<string, int> */
    private array $marks = [];

    /** @var array<string, string> what arrangements have left for others to join, name to terminal */
    private array $lines = [];

    public function __construct(public readonly Brief $brief, public readonly Fitted $fitted) {}

    /**
     * @template T of Component
     *
     * @param  T  $component
     * @return T
     */
    public function add(Component $component): Component
    {
        $this->components[$component->id] = $component;

        return $component;
    }

    /** The next free designation with this letter: K1, K2, … */
    public function mark(string $letter): string
    {
        $this->marks[$letter] = ($this->marks[$letter] ?? 0) + 1;

        return $letter.$this->marks[$letter];
    }

    public function reel(Reel $reel): Reel
    {
        return $this->reels[$reel->id] ??= $reel;
    }

    /** @param  string  $reel  id of a reel that has been taken out */
    public function wire(string $from, string $to, Stretch $stretch, Colour $colour, string $reel): void
    {
        $id = 'W'.(count($this->wires) + 1);
        $run = $this->brief->run($stretch, $reel);
        $this->wires[] = new Wire(
            $id,
            $from,
            $to,
            $stretch,
            $run,
            $colour,
            $reel,
            $run->given ?? $this->fitted->conductor($reel),
            $this->fitted->conductorC[$id] ?? $run->ambientC,
        );
    }

    /** Leaves a terminal under a name for others to join. */
    public function leave(string $line, string $terminal): void
    {
        $this->lines[$line] = $terminal;
    }

    /** The terminal left under a name; null where nobody has. */
    public function left(string $line): ?string
    {
        return $this->lines[$line] ?? null;
    }

    /** The earth stud of a place, the same one for everything earthed there. */
    public function earth(string $place): string
    {
        $id = "earth-{$place}";
        $point = $this->components[$id] ?? $this->add(new EarthPoint(
            $id,
            $this->mark('X'),
            "Earth point, {$place}",
            $this->brief->control->earth->ohm(),
        ));

        return $point->terminal('31');
    }

    public function circuit(): Circuit
    {
        return new Circuit($this->components, $this->wires, $this->reels);
    }
}
