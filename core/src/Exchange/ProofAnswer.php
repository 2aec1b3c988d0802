<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Proof\BehaviourRow;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Finding;
use LampThread\Proof\Harm;
use LampThread\Proof\Phase;
use LampThread\Proof\Proof;
use LampThread\Proof\State;

/** A proof as it goes out: fits schema/proof.json. */
final class ProofAnswer
{
    /** @return array<string, mixed> */
    public static function of(Proving $proving): array
    {
        $proof = $proving->proof;
        $shown = [];
        foreach ($proof->behaviours as $row) {
            array_push($shown, ...array_column($row->cells, 'brokenBy'), ...array_column($row->cells, 'shownBy'));
        }
        array_push($shown, ...array_map(static fn (FaultOutcome $fault): ?int => $fault->shownBy, $proof->faults));
        array_push($shown, ...array_map(static fn (Finding $finding): ?int => $finding->shownBy, $proving->findings));
        $states = [];
        foreach (array_unique(array_filter($shown, is_int(...))) as $number) {
            $states[] = self::state($proof->space->states[$number], $proof);
        }

        return [
            'counts' => [
                'states' => count($proof->space->states),
                'distinct' => count($proof->space->distinct()),
                'faults' => count($proof->faults),
                'pairs' => $proof->pairs,
                'solved' => $proof->solved,
            ],
            'leftOut' => $proof->space->leftOut,
            'phases' => array_column(Phase::cases(), 'value'),
            'harms' => array_column(Harm::cases(), 'value'),
            'behaviours' => array_map(static fn (BehaviourRow $row): array => self::behaviour($row, $proof), $proof->behaviours),
            'faults' => array_map(static fn (FaultOutcome $fault): array => self::fault($fault, $proof), $proof->faults),
            'findings' => array_map(FindingAnswer::of(...), $proving->findings),
            'states' => $states,
        ];
    }

    /** @return array<string, mixed> */
    private static function behaviour(BehaviourRow $row, Proof $proof): array
    {
        $cells = [];
        foreach ($row->cells as $phase => $cell) {
            $cells[] = ['phase' => $phase, ...$cell, 'at' => $cell['at'] === null ? null : self::name($cell['at'], $proof)];
        }

        return [
            'id' => $row->behaviour->id,
            'words' => $row->behaviour->words,
            'severity' => $row->behaviour->severity->value,
            'cells' => $cells,
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(FaultOutcome $fault, Proof $proof): array
    {
        $component = $proof->sizing->circuit->components[$fault->part] ?? null;

        return [
            'part' => $fault->part,
            'mark' => self::name($fault->part, $proof),
            'name' => $component === null ? self::wire($fault->part, $proof) : $component->name,
            'kind' => $fault->kind->value,
            'kindWords' => $fault->kind->words(),
            'harm' => $fault->harm->value,
            'words' => $fault->words,
            'shownBy' => $fault->shownBy,
            'airPercent' => 100 * $fault->airShare,
            'drainA' => $fault->drainA,
            'overrideSaves' => $fault->overrideSaves,
            'isNoticed' => $fault->isNoticed,
            'states' => $fault->states,
        ];
    }

    /** @return array<string, mixed> */
    private static function state(State $state, Proof $proof): array
    {
        $setting = $state->point->setting;
        $moves = [];
        for ($at = $state; $at !== null; $at = $at->from === null ? null : $proof->space->states[$at->from]) {
            array_unshift($moves, $at->move);
        }

        return [
            'number' => $state->number,
            'moves' => $moves,
            'key' => $setting->key->value,
            'engineRpm' => $setting->engineRpm,
            'coolantC' => $setting->coolantC,
            'elapsedS' => $setting->elapsedS,
            'positions' => (object) $setting->positions,
            'memory' => (object) $setting->memory,
        ];
    }

    private static function name(string $part, Proof $proof): string
    {
        return $proof->sizing->circuit->components[$part]->mark ?? $part;
    }

    private static function wire(string $id, Proof $proof): string
    {
        foreach ($proof->sizing->circuit->wires as $wire) {
            if ($wire->id === $id) {
                return $proof->sizing->circuit->terminalName($wire->from).' to '.$proof->sizing->circuit->terminalName($wire->to);
            }
        }

        return $id;
    }
}
