<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Component\Fuse;
use LampThread\Electrics\Solver;
use LampThread\Shelf\Shelf;
use LampThread\Sizing\Candidate;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\Duty;
use LampThread\Sizing\Ladder;
use LampThread\Sizing\ProtectionPlot;
use LampThread\Sizing\Sizing;
use LampThread\Sizing\StartDip;
use LampThread\Sizing\Starts;
use LampThread\Sizing\SupplyBalance;

/** What was sized and why, as part of a design that goes out. */
final class SizingAnswer
{
    /** @return array<string, mixed> */
    public static function of(Sizing $sizing, Shelf $shelf): array
    {
        $starting = Duty::of($sizing->circuit, starting: true);
        $fuses = array_map(static fn (Fuse $fuse): string => $fuse->id, $sizing->circuit->each(Fuse::class));
        $starts = Starts::of($sizing->circuit, $starting, $fuses);
        $solver = new Solver($sizing->circuit);
        $protection = [];
        $ladders = [];
        foreach ($sizing->circuit->reels as $reel) {
            if ($sizing->circuit->wiresOf($reel) !== []) {
                $protection[] = get_object_vars(ProtectionPlot::of($reel, $sizing->brief, $sizing->circuit, $sizing->duty, $starts, $solver, $shelf));
            }
            $ladder = Ladder::of($reel, $sizing->circuit, $sizing->duty);
            if ($ladder !== null) {
                $ladders[] = get_object_vars($ladder);
            }
        }
        $dip = StartDip::of($sizing->circuit, $starting);

        return [
            'choices' => array_map(self::choice(...), array_values($sizing->choices)),
            'protection' => $protection,
            'ladders' => $ladders,
            'supply' => [
                ...get_object_vars(SupplyBalance::of($sizing->brief, $sizing->circuit)),
                'startDip' => $dip === null ? null : get_object_vars($dip),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function choice(Choice $choice): array
    {
        return [
            'id' => $choice->id,
            'kind' => $choice->kind,
            'name' => $choice->name,
            'part' => $choice->taken->part->id,
            'label' => $choice->taken->label(),
            'isPinned' => $choice->isPinned,
            'fits' => $choice->taken->fits(),
            'deciding' => $choice->taken->deciding()->name,
            'constraints' => array_map(self::constraint(...), $choice->taken->constraints),
            'briefPath' => $choice->briefPath,
            'because' => $choice->because,
            'price' => $choice->taken->price(),
            'runnerUp' => $choice->runnerUp === null ? null : ['label' => $choice->runnerUp->label(), 'price' => $choice->runnerUp->price()],
            'nextDown' => $choice->nextDown === null ? null : [
                'label' => $choice->nextDown->label(),
                'fails' => array_map(self::constraint(...), $choice->nextDown->broken()),
            ],
            'candidates' => array_map(static fn (Candidate $candidate): array => [
                'part' => $candidate->part->id,
                'label' => $candidate->label(),
                'price' => $candidate->price(),
                'fits' => $candidate->fits(),
                'fails' => array_map(static fn (Constraint $constraint): string => $constraint->name, $candidate->broken()),
            ], $choice->candidates),
        ];
    }

    /** @return array<string, mixed> */
    private static function constraint(Constraint $constraint): array
    {
        return get_object_vars($constraint);
    }
}
