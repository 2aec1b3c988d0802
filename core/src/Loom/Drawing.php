<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Splice;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;

/**
 * The threads laid out: each a row from the supply rail on the left to the earth rail on the right. Coordinates in pixels of a
 * screen at arm's length; the browser and the print draw them as they are.
 *
 * @phpstan-type Terminal array{id: string, number: string, joint: string|null, x: int, y: int}
 */
final readonly class Drawing
{
    public const WIDE = 780;

    public const NARROW = 744;

    private const ROW = 128;

    private const THREAD_Y = 62;

    private const MARGIN = 34;

    /** Least from one symbol to the next: what stands between them must be read. */
    private const LEAST_PITCH = 75;

    /** @var array<string, string> terminal to the letter of its joint */
    private array $joints;

    /**
     * @param  list<Thread>  $threads
     * @param  list<string>  $unmade  components for which nothing fits
     */
    private function __construct(private Circuit $circuit, private array $threads, private int $width, private array $unmade)
    {
        $joints = [];
        foreach ($threads as $at => $thread) {
            foreach ([$thread->from, $thread->to] as $terminal) {
                if ($terminal !== Rail::SUPPLY && ($terminal === $thread->from || $this->isOnAnother($terminal, $at))) {
                    $joints[$terminal] ??= chr(ord('a') + count($joints));
                }
            }
        }
        $this->joints = $joints;
    }

    /** Whether a terminal, not an earth, is on a thread besides this one. */
    private function isOnAnother(string $terminal, int $but): bool
    {
        if ($this->isEarth($terminal)) {
            return false;
        }
        foreach ($this->threads as $at => $thread) {
            foreach ($thread->steps as $step) {
                [$from, $to] = $step instanceof Wire ? [$step->from, $step->to] : [$step[1]->from, $step[1]->to];
                if ($at !== $but && ($from === $terminal || $to === $terminal)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function isEarth(string $terminal): bool
    {
        return $terminal === Rail::EARTH || $this->circuit->componentAt($terminal)?->isEarthPoint() === true;
    }

    /**
     * @param  int  $width  of the drawing; one of WIDE and NARROW
     * @param  list<string>  $unmade  components for which nothing fits: no size stands at them
     * @return array<string, mixed> fits `drawing` of schema/design.json once its messages are texts
     */
    public static function of(Circuit $circuit, int $width, array $unmade = []): array
    {
        $most = intdiv($width - 2 * self::MARGIN, self::LEAST_PITCH) - 1;
        $threads = array_merge(...array_map(static fn (Thread $thread): array => $thread->inPieces($most, $circuit), ThreadTracer::trace($circuit)));

        return (new self($circuit, $threads, $width, $unmade))->layout();
    }

    /** @return array<string, mixed> */
    private function layout(): array
    {
        $rows = [];
        foreach ($this->threads as $at => $thread) {
            $rows[] = $this->row($thread, $at);
        }

        return ['width' => $this->width, 'height' => self::ROW * count($this->threads), 'threads' => $rows];
    }

    /** @return array<string, mixed> */
    private function row(Thread $thread, int $at): array
    {
        $y = $at * self::ROW + self::THREAD_Y;
        $pitch = ($this->width - 2 * self::MARGIN) / (count($thread->paths()) + count($thread->splices($this->circuit)) + 1);
        $left = self::MARGIN;
        $x = (float) $left;
        $items = [];
        $wires = [];
        $pending = [];
        foreach ($thread->steps as $place => $step) {
            if ($step instanceof Wire) {
                $pending[] = $step;
                $splice = $this->circuit->componentAt($step->to);
                if (! $splice instanceof Splice || $place === count($thread->steps) - 1) {
                    continue;
                }
                [$component, $path] = [$splice, new ConductionPath($step->to, $step->to, Symbol::Splice)];
            } else {
                [$component, $path] = $step;
            }
            $centre = self::MARGIN + (int) round($pitch * (count($items) + 1));
            $start = (int) $x;
            $reach = $path->symbol === Symbol::Splice ? Symbol::SPLICE_REACH : Symbol::REACH;
            $x = $centre + $reach;
            $items[] = $this->item($component, $path, $centre, $y);
            array_push($wires, ...$this->wires($pending, $start, $centre - $reach, $y, $path->key()));
            $pending = [];
        }
        $right = $this->width - self::MARGIN;
        $last = $thread->paths()[count($thread->paths()) - 1] ?? null;
        array_push($wires, ...$this->wires($pending, (int) $x, $right, $y, $last === null ? null : $last[1]->key()));

        return [
            'id' => 'thread-'.($at + 1),
            'title' => $thread->title(),
            'y' => $y,
            'start' => $this->start($thread, $left, $y),
            'end' => $this->end($thread, $right, $y),
            'items' => $items,
            'wires' => $wires,
        ];
    }

    /** @return array<string, mixed> */
    private function item(Component $component, ConductionPath $path, int $x, int $y): array
    {
        return [
            'component' => $component->id,
            'symbol' => $path->symbol->value,
            'mark' => $component->mark,
            'name' => $component->name,
            'x' => $x,
            'y' => $y,
            'path' => $path->key(),
            'figure' => $this->figure($component, $path),
            'shapes' => $path->symbol->shapes(),
            'terminals' => $path->from === $path->to ? [$this->terminal($path->from, $x, $y)] : [
                $this->terminal($path->from, $x - Symbol::REACH, $y),
                $this->terminal($path->to, $x + Symbol::REACH, $y),
            ],
        ];
    }

    /** @return array{value: float, unit: string}|null */
    private function figure(Component $component, ConductionPath $path): ?array
    {
        $figure = $path->symbol === Symbol::BodyThread || in_array($component->id, $this->unmade, true) ? null : $component->figure();

        return $figure === null ? null : ['value' => $figure->value, 'unit' => $figure->unit->value];
    }

    /**
     * A stretch between two components: usually one wire; the same spot on the drawing where terminals meet without one.
     *
     * @param  list<Wire>  $wires
     * @param  string|null  $path  the way through a component beside it, where there is no wire
     * @return list<array<string, mixed>>
     */
    private function wires(array $wires, int $from, int $to, int $y, ?string $path): array
    {
        if ($wires === []) {
            return $from === $to || $path === null ? [] : [$this->segment(null, $path, $from, $to, $y)];
        }
        $step = ($to - $from) / count($wires);
        $segments = [];
        foreach ($wires as $at => $wire) {
            $segments[] = $this->segment($wire, null, (int) round($from + $at * $step), (int) round($from + ($at + 1) * $step), $y);
        }

        return $segments;
    }

    /** @return array<string, mixed> */
    private function segment(?Wire $wire, ?string $path, int $from, int $to, int $y): array
    {
        return ['wire' => $wire?->id, 'path' => $path, 'x1' => $from, 'x2' => $to, 'y' => $y];
    }

    /** @return array{kind: string, label: string, terminal: Terminal} */
    private function start(Thread $thread, int $x, int $y): array
    {
        $isSupply = $thread->from === Rail::SUPPLY;

        return [
            'kind' => $isSupply ? 'supply' : 'joint',
            'label' => $isSupply ? '30' : $this->joints[$thread->from],
            'terminal' => $this->terminal($thread->from, $x, $y),
        ];
    }

    /** @return array{kind: string, label: string|Message, terminal: Terminal, shapes: list<array{d: string, when: string}>} */
    private function end(Thread $thread, int $x, int $y): array
    {
        $isEarth = $this->isEarth($thread->to);
        $joint = $this->joints[$thread->to] ?? null;

        $part = $this->circuit->componentAt($thread->to);
        $isCapped = $part?->isCapped() === true;

        return [
            'kind' => match (true) {
                $isEarth => 'earth',
                $joint !== null => 'joint',
                $isCapped => 'capped',
                default => 'open',
            },
            'label' => $isEarth || $isCapped ? ($thread->to === Rail::EARTH ? '31' : $part->mark ?? '') : ($joint ?? Message::of('drawing.open-end')),
            'terminal' => $this->terminal($thread->to, $x, $y),
            'shapes' => $isEarth ? Symbol::EarthPoint->shapes() : [],
        ];
    }

    /** @return Terminal */
    private function terminal(string $id, int $x, int $y): array
    {
        return [
            'id' => $id,
            'number' => match ($id) {
                Rail::SUPPLY => '30',
                Rail::EARTH => '31',
                default => explode(':', $id, 2)[1],
            }, 'joint' => $this->joints[$id] ?? null,
            'x' => $x,
            'y' => $y,
        ];
    }
}
