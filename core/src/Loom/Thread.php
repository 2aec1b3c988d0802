<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;

/** One path for current: from the supply or from a joint of another thread, to earth, to a joint, or to an open end. */
final readonly class Thread
{
    /**
     * @param  string  $from  terminal it starts at
     * @param  list<Wire|array{Component, ConductionPath}>  $steps  wires and ways through components, in order
     * @param  string  $to  terminal it ends at
     */
    public function __construct(
        public string $from,
        public array $steps,
        public string $to,
    ) {}

    /** @return list<array{Component, ConductionPath}> */
    public function paths(): array
    {
        return array_values(array_filter($this->steps, is_array(...)));
    }

    /** @return list<string> joints of the splices between its wires, in order */
    public function splices(Circuit $circuit): array
    {
        $joints = [];
        foreach (array_slice($this->steps, 0, -1) as $step) {
            if ($step instanceof Wire && $circuit->componentAt($step->to)?->isSplice() === true) {
                $joints[] = $step->to;
            }
        }

        return $joints;
    }

    /**
     * The same in pieces, each of no more components and splices than stand beside each other; cut behind a component, where the next goes on from.
     *
     * @return non-empty-list<self>
     */
    public function inPieces(int $most, Circuit $circuit): array
    {
        $items = count($this->paths()) + count($this->splices($circuit));
        $wanted = (int) ceil($items / max(1, (int) ceil($items / $most)));
        $seen = 0;
        foreach ($this->steps as $at => $step) {
            $isSplice = $step instanceof Wire && $circuit->componentAt($step->to)?->isSplice() === true;
            $seen += is_array($step) || $isSplice ? 1 : 0;
            if ($items > $most && is_array($step) && $seen >= $wanted) {
                $rest = new self($step[1]->to, array_slice($this->steps, $at + 1), $this->to);

                return [new self($this->from, array_slice($this->steps, 0, $at + 1), $step[1]->to), ...$rest->inPieces($most, $circuit)];
            }
        }

        return [$this];
    }

    /** Fans first, then coils, then what joins them. */
    public function rank(): int
    {
        $symbols = array_map(static fn (array $step): Symbol => $step[1]->symbol, $this->paths());

        return match (true) {
            in_array(Symbol::Motor, $symbols, true) => 0,
            in_array(Symbol::Coil, $symbols, true) => 1,
            default => 2,
        };
    }

    public function title(): Message
    {
        foreach ([Symbol::Motor, Symbol::Coil, null] as $wanted) {
            foreach ($this->paths() as [$component, $path]) {
                if ($wanted === null || $path->symbol === $wanted) {
                    return $wanted === Symbol::Coil && $component instanceof Relay ? Message::of('thread.trigger', mark: $component->mark) : $component->name;
                }
            }
        }

        return Message::of('thread.wire');
    }
}
