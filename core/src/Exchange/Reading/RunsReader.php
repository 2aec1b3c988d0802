<?php

declare(strict_types=1);

namespace LampThread\Exchange\Reading;

use LampThread\Brief\Fan;
use LampThread\Brief\RelayPlace;
use LampThread\Brief\Segment;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\Conductor;
use LampThread\Parts\Shelf;

/** The stretches of the loom as a job file tells them, and what is wrong with them. */
final class RunsReader
{
    /** @var array<string, Segment> by stretch, or by stretch and group of wires */
    public array $segments = [];

    /** @var list<Problem> */
    public array $problems = [];

    private function __construct(private readonly Shelf $shelf) {}

    /**
     * @param  array<array-key, array<string, mixed>>  $runs  as the file has them; PHP makes a number of a name that looks like one
     * @param  list<Fan>  $fans
     * @param  float  $awayM  how much farther than in the bay the loom's feed begins, m
     */
    public static function read(array $runs, array $fans, float $awayM, RelayPlace $relays, Shelf $shelf): self
    {
        $read = new self($shelf);
        $read->segments = $read->segments($runs, $fans, $awayM, $relays);

        return $read;
    }

    /**
     * @param  array<array-key, array<string, mixed>>  $runs  as the file has them; PHP makes a number of a name that looks like one
     * @param  list<Fan>  $fans
     * @param  float  $awayM  how much farther than in the bay the loom's feed begins, m
     * @return array<string, Segment>
     */
    private function segments(array $runs, array $fans, float $awayM, RelayPlace $relays): array
    {
        $segments = [];
        foreach ($runs as $name => $run) {
            $parts = explode('@', (string) $name, 2);
            $stretch = Stretch::tryFrom($parts[0]);
            $group = $parts[1] ?? null;
            if ($stretch === null) {
                $this->refuse("/runs/{$name}", Message::of('refusal.no-such-stretch', stretches: array_column(Stretch::cases(), 'value')));

                continue;
            }
            if ($group !== null && ! self::isGroupOf($group, $stretch, $fans)) {
                $this->refuse("/runs/{$name}", Message::of('refusal.no-such-wire-group', group: $group));

                continue;
            }
            $usual = ($group === null ? null : $segments[$parts[0]] ?? null) ?? $stretch->usual($awayM, $relays);
            $zone = isset($run['zone']) ? Zone::from($run['zone']) : $usual->zone;
            $segments[$name] = new Segment(
                $run['lengthM'] ?? $usual->lengthM,
                $zone,
                $run['ambientC'] ?? $zone->ambientC(),
                $run['bundle'] ?? $usual->bundle,
                $this->given($run['conductor'] ?? null, $name),
            );
        }

        return $segments;
    }

    /** @param  list<Fan>  $fans */
    private static function isGroupOf(string $group, Stretch $stretch, array $fans): bool
    {
        $ofFans = implode('|', array_column($fans, 'id'));

        return $stretch->mayDiffer()
            && preg_match("/^(({$ofFans})(-air-conditioning|-override|-after-run)?|trigger)-wire$/", $group) === 1;
    }

    private function given(?string $id, string $stretch): ?Conductor
    {
        $conductor = $id === null ? null : $this->shelf->conductor($id);
        if ($id !== null && $conductor === null) {
            $this->refuse("/runs/{$stretch}/conductor", Message::of('refusal.not-on-shelf', kind: 'conductor', id: $id));
        }

        return $conductor;
    }

    private function refuse(string $at, Message $message): void
    {
        $this->problems[] = new Problem($at, $message);
    }
}
