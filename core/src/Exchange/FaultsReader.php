<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
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
        $possible = $circuit->faultKinds();
        foreach ($values as $id => $value) {
            $kind = is_string($value) ? FaultKind::tryFrom($value) : null;
            if (! isset($possible[$id])) {
                $problems[] = new Problem((string) $id, Message::of('input.no-such-part'));
            } elseif ($kind === null || ! in_array($kind, $possible[$id], true)) {
                $problems[] = new Problem((string) $id, Message::of('input.fault-kinds', kinds: array_column($possible[$id], 'value')));
            } else {
                $faults[(string) $id] = $kind;
            }
        }

        return $problems === [] ? new Faults($faults) : throw new InvalidInput($problems);
    }
}
