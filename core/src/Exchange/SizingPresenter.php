<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Protective;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Sizing\Candidate;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\DropLadder;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\ProtectionPlot;
use LampThread\Sizing\Sizing;
use LampThread\Sizing\StartDip;
use LampThread\Sizing\StartSurges;
use LampThread\Sizing\SupplyBalance;

/** What was sized and why, as part of a design that goes out. */
final class SizingPresenter
{
    /** @return array<string, mixed> */
    public static function of(Sizing $sizing, Shelf $shelf): array
    {
        $starting = OperatingEnvelope::of($sizing->circuit, starting: true);
        $fuses = array_map(
            static fn (Component&Protective $fuse): string => $fuse->id,
            array_values(array_filter($sizing->circuit->each(Protective::class), static fn (Component&Protective $fuse): bool => $fuse->opensInCircuit())),
        );
        $starts = StartSurges::of($sizing->circuit, $starting, $fuses);
        $solver = new Solver($sizing->circuit);
        $unmade = $sizing->unmade();
        $protection = [];
        $ladders = [];
        foreach ($sizing->circuit->wireGroups as $group) {
            // What nothing fits for has no curve to lie under a fuse.
            if ($sizing->circuit->wiresOf($group) !== [] && ! in_array($group->protectedBy, $unmade, true)) {
                $protection[] = self::protection(ProtectionPlot::of($group, $sizing->brief, $sizing->circuit, $sizing->envelope, $starting, $starts, $solver, $shelf));
            }
            $ladder = DropLadder::of($group, $sizing->circuit, $sizing->envelope);
            if ($ladder !== null) {
                $ladders[] = ['group' => $ladder->group, 'supplyV' => $ladder->supplyV, 'loadV' => $ladder->loadV, 'rungs' => array_map(self::rung(...), $ladder->rungs)];
            }
        }

        return [
            'choices' => array_map(self::choice(...), array_values($sizing->choices)),
            'protection' => $protection,
            'ladders' => $ladders,
            'supply' => self::supply(SupplyBalance::of($sizing->brief, $sizing->circuit), StartDip::of($sizing->circuit, $starting)),
        ];
    }

    /**
     * @param  array{name: Message, volts: float, isReturn: bool, component: string|null}  $rung
     * @return array<string, mixed>
     */
    private static function rung(array $rung): array
    {
        return ['name' => $rung['name'], 'volts' => $rung['volts'], 'isReturn' => $rung['isReturn']];
    }

    /** @return array<string, mixed> */
    private static function protection(ProtectionPlot $plot): array
    {
        return [
            'group' => $plot->group, 'name' => $plot->name, 'fuse' => $plot->fuse, 'ratedA' => $plot->ratedA, 'carriesA' => $plot->carriesA,
            'ampacityA' => $plot->ampacityA,
            'peakA' => $plot->peakA, 'overS' => $plot->overS, 'heatA2s' => $plot->heatA2s, 'shortA' => $plot->shortA, 'shortOpensS' => $plot->shortOpensS,
            'stall' => $plot->stall === null ? null : [
                'leastA' => $plot->stall->leastA, 'mostA' => $plot->stall->mostA, 'soonestS' => $plot->stall->soonestS, 'latestS' => $plot->stall->latestS,
                'watts' => $plot->stall->watts,
            ],
            'band' => $plot->band, 'withstand' => $plot->withstand, 'start' => $plot->start,
        ];
    }

    /** @return array<string, mixed> */
    private static function supply(SupplyBalance $balance, ?StartDip $dip): array
    {
        return [
            'draws' => $balance->draws, 'givesA' => $balance->givesA, 'balanceA' => $balance->balanceA, 'busV' => $balance->busV,
            'hoursLeft' => $balance->hoursLeft,
            'keyOffA' => $balance->keyOffA, 'daysLeft' => $balance->daysLeft, 'afterRunAh' => $balance->afterRunAh,
            'startDip' => $dip === null ? null : ['fans' => $dip->fans, 'togetherV' => $dip->togetherV, 'apartV' => $dip->apartV],
        ];
    }

    /** @return array<string, mixed> */
    private static function choice(Choice $choice): array
    {
        return [
            'id' => $choice->id,
            'kind' => $choice->kind,
            'name' => $choice->name,
            'part' => $choice->isMade() ? $choice->taken->part->id() : '',
            'label' => $choice->label(),
            'isPinned' => $choice->isPinned,
            'fits' => $choice->taken->fits(),
            'deciding' => $choice->taken->deciding()->code,
            'constraints' => array_map(self::constraint(...), $choice->taken->constraints),
            'briefPath' => $choice->briefPath,
            'because' => $choice->because,
            'price' => $choice->isMade() ? $choice->taken->price() : null,
            'runnerUp' => $choice->runnerUp === null ? null : ['label' => $choice->runnerUp->label(), 'price' => $choice->runnerUp->price()],
            'nextDown' => $choice->nextDown === null ? null : [
                'label' => $choice->nextDown->label(),
                'fails' => array_map(self::constraint(...), $choice->nextDown->broken()),
            ],
            'candidates' => array_map(static fn (Candidate $candidate): array => [
                'part' => $candidate->part->id(),
                'label' => $candidate->label(),
                'price' => $candidate->price(),
                'fits' => $candidate->fits(),
                'fails' => array_map(static fn (Constraint $constraint): string => $constraint->code, $candidate->broken()),
            ], $choice->candidates),
        ];
    }

    /** @return array<string, mixed> */
    private static function constraint(Constraint $constraint): array
    {
        return [
            'code' => $constraint->code,
            'name' => $constraint->name(),
            'value' => $constraint->value,
            'limit' => $constraint->limit,
            'unit' => $constraint->unit->value,
            'formula' => $constraint->formula(),
            'source' => $constraint->source(),
            'isMet' => $constraint->isMet,
        ];
    }
}
