<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Message\Message;
use LampThread\Proof\Finding\Finding;

/** What a proof came to, without its states: small enough to be kept, and all that a comparison needs. */
final readonly class ProofSummary
{
    /**
     * @param  array<string, Finding>  $findings  by key
     * @param  array<string, int>  $fails  behaviour to the number of states it fails in
     * @param  array<string, Harm>  $harms  fault to its harm
     * @param  array<string, Message>  $names  of those faults
     */
    private function __construct(public array $findings, public array $fails, public array $harms, public array $names) {}

    public static function of(Proof $proof): self
    {
        $findings = [];
        foreach ($proof->findings as $finding) {
            $findings[$finding->key()] = $finding;
        }
        $fails = [];
        foreach ($proof->behaviours as $row) {
            $fails[$row->behaviour->id] = $row->fails();
        }
        $harms = [];
        $names = [];
        foreach ($proof->faults as $fault) {
            $harms[$fault->key()] = $fault->harm;
            $names[$fault->key()] = Message::of(
                'comparison.fault', part: $fault->name, kind: Message::of("fault-kind.{$fault->kind->value}"),
            );
        }

        return new self($findings, $fails, $harms, $names);
    }
}
