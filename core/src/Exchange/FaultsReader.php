<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Fault\Fault;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** Reads what is broken from `part => kind` pairs. */
final class FaultsReader
{
    /**
     * @param  array<mixed>  $values  component or wire to a fault kind
     *
     * @throws InvalidInput naming each part or kind there is not
     */
    public static function read(array $values, Circuit $circuit): Faults
    {
        $problems = [];
        $faults = [];
        $possible = $circuit->faults();
        foreach ($values as $id => $value) {
            if (! isset($possible[$id])) {
                $problems[] = new Problem((string) $id, Message::of('input.no-such-part'));

                continue;
            }
            $byWord = array_column(array_map(static fn (Fault $fault): array => [$fault->kind->value, $fault], $possible[$id]), 1, 0);
            if (! is_string($value) || ! isset($byWord[$value])) {
                $problems[] = new Problem((string) $id, Message::of('input.fault-kinds', kinds: array_keys($byWord)));
            } else {
                $faults[(string) $id] = $byWord[$value];
            }
        }

        return $problems === [] ? new Faults($faults) : throw new InvalidInput($problems);
    }
}
