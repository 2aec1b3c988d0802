<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Wire;

/**
 * Pulls a circuit apart into threads. Every wire and every way through a component is on exactly one thread; a thread that
 * meets one already drawn ends there, at a joint, so that crossings are labelled and not drawn.
 */
final class ThreadTracer
{
    /** @var array<string, list<Wire|array{Component, ConductionPath}>> what leaves each terminal and is not on a thread yet */
    private array $leaving = [];

    /** @var array<string, true> terminals some thread has gone on from */
    private array $passed = [];

    private function __construct(private readonly Circuit $circuit)
    {
        foreach ($circuit->components as $component) {
            if (! $component->isEarthPoint()) {
                foreach ($component->paths() as $path) {
                    $this->leaving[$path->from][] = [$component, $path];
                }
            }
        }
        foreach ($circuit->wires as $wire) {
            $this->leaving[$wire->from][] = $wire;
        }
        // From a splice the thread goes on to the part the splice is before.
        foreach ($this->leaving as $terminal => $steps) {
            $steps = $this->leadingOn($steps);
            usort($steps, static fn (Wire|array $a, Wire|array $b): int => self::isStub($b) <=> self::isStub($a));
            $this->leaving[$terminal] = $steps;
        }
    }

    /**
     * Of two contacts of a change-over relay one may have no wire: it leads nowhere, and is not drawn.
     *
     * @param  list<Wire|array{Component, ConductionPath}>  $steps  from one terminal
     * @return list<Wire|array{Component, ConductionPath}>
     */
    private function leadingOn(array $steps): array
    {
        $contacts = count(array_filter($steps, static fn (Wire|array $step): bool => is_array($step) && $step[0] instanceof Relay));

        return $contacts < 2 ? $steps : array_values(array_filter($steps, fn (Wire|array $step): bool => $step instanceof Wire
            || ! $step[0] instanceof Relay || $this->circuit->wiresAt($step[1]->to) !== []));
    }

    /** @param  Wire|array{Component, ConductionPath}  $step */
    private static function isStub(Wire|array $step): bool
    {
        return $step instanceof Wire && $step->stretch === Stretch::Stub;
    }

    /** @return list<Thread> fans first, then triggers, then what joins them */
    public static function trace(Circuit $circuit): array
    {
        return (new self($circuit))->threads();
    }

    /** @return list<Thread> */
    private function threads(): array
    {
        $threads = [];
        while (($start = $this->start()) !== null) {
            $threads[] = $this->walk($start);
        }
        usort($threads, static fn (Thread $a, Thread $b): int => $a->rank() <=> $b->rank());

        return $threads;
    }

    /** Where the next thread begins: at the supply, where one that is drawn already has a joint, else wherever something leaves; null where all is drawn. */
    private function start(): ?string
    {
        $left = array_keys(array_filter($this->leaving, static fn (array $steps): bool => $steps !== []));
        $joints = array_values(array_filter($left, fn (string $terminal): bool => $terminal === Rail::SUPPLY || isset($this->passed[$terminal])));
        $inOrder = array_values(array_intersect([Rail::SUPPLY, ...$this->circuit->terminals()], $joints === [] ? $left : $joints));

        return $inOrder[0] ?? null;
    }

    private function walk(string $start): Thread
    {
        $steps = [];
        $at = $start;
        while ($at !== Rail::EARTH && ($this->leaving[$at] ?? []) !== [] && ($steps === [] || ! isset($this->passed[$at]))) {
            $this->passed[$at] = true;
            $step = array_shift($this->leaving[$at]);
            $steps[] = $step;
            $at = $step instanceof Wire ? $step->to : $step[1]->to;
        }

        return new Thread($start, $steps, $at);
    }
}
