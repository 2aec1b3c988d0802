<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Message\Message;
use LampThread\Proof\BehaviourRow;
use LampThread\Proof\FaultFindings;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Harm;
use LampThread\Proof\OperatingPhase;
use LampThread\Proof\Proof;
use LampThread\Proof\State;

/** A proof as it goes out: fits schema/proof.json. */
final class ProofPresenter
{
    /** @return array<string, mixed> */
    public static function of(EvaluatedProof $evaluated, Wording $wording): array
    {
        $proof = $evaluated->proof;
        $shown = [];
        foreach ([...$proof->behaviours, ...$proof->present->behaviours ?? []] as $row) {
            array_push($shown, ...array_column($row->cells, 'brokenBy'), ...array_column($row->cells, 'shownBy'));
        }
        array_push($shown, ...array_map(static fn (FaultOutcome $fault): ?int => $fault->shownBy, [...$proof->faults, ...$proof->present->outcomes ?? []]));
        array_push($shown, ...array_map(static fn (Finding $finding): ?int => $finding->shownBy, $evaluated->findings));
        $states = [];
        foreach (array_unique(array_filter($shown, is_int(...))) as $number) {
            $states[] = self::state($proof->space->states[$number], $proof);
        }

        return $wording->worded([
            'counts' => [
                'states' => count($proof->space->states),
                'distinct' => count($proof->space->distinct()),
                'faults' => count($proof->faults),
                'pairs' => $proof->pairs,
                'solved' => $proof->solved,
            ],
            'leftOut' => $proof->space->leftOut,
            'phases' => array_map(
                static fn (OperatingPhase $phase): array => ['id' => $phase->value, 'name' => Message::of("phase.{$phase->value}")], OperatingPhase::cases(),
            ),
            'harms' => array_map(
                static fn (Harm $harm): array => [
                    'id' => $harm->value, 'name' => Message::of("harm.{$harm->value}"), 'meaning' => Message::of("harm.{$harm->value}.meaning"),
                    'severity' => $harm->severity()->value,
                ], Harm::cases(),
            ),
            'behaviours' => array_map(static fn (BehaviourRow $row): array => self::behaviour($row, $proof), $proof->behaviours),
            'faults' => array_map(static fn (FaultOutcome $fault): array => self::fault($fault, $proof), $proof->faults),
            'present' => $proof->present === null ? null : [
                'kinds' => array_map(static fn (FaultKind $kind): string => $kind->value, $proof->present->kinds),
                'faults' => array_map(static fn (FaultOutcome $fault): array => self::fault($fault, $proof), $proof->present->outcomes),
                'behaviours' => array_map(static fn (BehaviourRow $row): array => self::behaviour($row, $proof), $proof->present->behaviours),
            ],
            'findings' => array_map(FindingPresenter::of(...), $evaluated->findings),
            'states' => $states,
        ]);
    }

    /**
     * @param  list<FaultOutcome>  $seconds
     * @return array<string, mixed> one line of the pairs: fits schema/proof-pairs.json
     */
    public static function pairs(FaultOutcome $first, array $seconds, Wording $wording): array
    {
        return $wording->worded([
            'first' => self::paired($first), 'seconds' => array_map(self::paired(...), $seconds),
        ]);
    }

    /** @return array<string, mixed> */
    private static function paired(FaultOutcome $fault): array
    {
        return [
            'part' => $fault->part,
            'mark' => $fault->mark,
            'name' => $fault->name,
            'kind' => $fault->kind->value,
            'kindWords' => Message::of("fault-kind.{$fault->kind->value}"),
            'harm' => $fault->harm->value,
            'words' => Message::of('sentences', sentences: $fault->effects),
            'overrideSaves' => $fault->overrideSaves,
        ];
    }

    /** @return array<string, mixed> */
    private static function behaviour(BehaviourRow $row, Proof $proof): array
    {
        $cells = [];
        foreach ($row->cells as $phase => $cell) {
            $cells[] = [
                'phase' => $phase, 'asked' => $cell['asked'], 'held' => $cell['held'], 'shownBy' => $cell['shownBy'], 'brokenBy' => $cell['brokenBy'],
                'at' => $cell['at'] === null ? null : self::mark($cell['at'], $proof),
            ];
        }

        return [
            'id' => $row->behaviour->id,
            'words' => $row->behaviour->requirement(),
            'severity' => $row->behaviour->severity->value,
            'cells' => $cells,
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(FaultOutcome $fault, Proof $proof): array
    {
        return [
            ...self::paired($fault),
            'shownBy' => $fault->shownBy,
            'airPercent' => round(100 * $fault->airShare, 1),
            'drainA' => $fault->drainA,
            'figure' => $fault->figure === null ? null : FindingPresenter::figure($fault->figure),
            'notice' => $fault->notice->value,
            'boilsS' => $fault->boilsS,
            'excuse' => FaultFindings::excuse($fault, $proof->sizing)?->words(),
            'states' => $fault->states,
        ];
    }

    /** @return array<string, mixed> */
    private static function state(State $state, Proof $proof): array
    {
        $conditions = $state->point->conditions;
        $moves = [];
        for ($at = $state; $at !== null; $at = $at->from === null ? null : $proof->space->states[$at->from]) {
            array_unshift($moves, $at->transition);
        }

        return [
            'number' => $state->number,
            'moves' => $moves,
            'key' => $conditions->key->value,
            'engineRpm' => $conditions->engineRpm,
            'coolantC' => $conditions->coolantC,
            'elapsedS' => $conditions->elapsedS,
            'positions' => (object) $conditions->positions,
            'memory' => (object) $conditions->memory,
        ];
    }

    private static function mark(string $part, Proof $proof): string
    {
        return $proof->sizing->circuit->components[$part]->mark ?? $part;
    }
}
