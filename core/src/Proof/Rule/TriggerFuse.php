<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Arrangement\CoilSupply;
use LampThread\Circuit\Component\Fuse;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/**
 * A trigger wire behind a fuse meant for a motor: nothing opens before the switch, the coil or a finger's work under the dash
 * burns. A coil draws a fifth of an ampere; above 10 A nothing on that line is protected. Common practice, no source.
 */
final readonly class TriggerFuse implements Rule
{
    public const MOST_A = 10.0;

    public function judge(Sizing $sizing): array
    {
        $fuse = $sizing->circuit->components[CoilSupply::FUSE] ?? null;
        if (! $fuse instanceof Fuse || $fuse->part->ratedA <= self::MOST_A) {
            return [];
        }

        return [new Finding(
            'trigger-fuse-too-large',
            Severity::Danger,
            'The trigger wire is behind too large a fuse',
            sprintf(
                'A chafed trigger wire would take up to %g A for minutes before that fuse opens. The coil needs %.2f A.',
                $fuse->part->ratedA,
                $sizing->duty->greatestA($fuse->id),
            ),
            $fuse->id,
            '/pinned/'.$fuse->id,
            ['fuse' => [$fuse->part->ratedA, 'A'], 'at most' => [self::MOST_A, 'A']],
            [new Remedy('Let the program choose the coil fuse', ["/pinned/{$fuse->id}" => null])],
        )];
    }
}
