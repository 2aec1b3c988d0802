<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * A puller made into a pusher, or the other way round, needs its blade turned round and its leads exchanged; one that is mounted as it
 * was made needs neither. Common practice, no source.
 */
final readonly class FanDirection implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->fans as $at => $fan) {
            $isTurned = $fan->isTurnedRound();
            if ($fan->polarityReversed !== $isTurned) {
                $path = "/fans/{$at}/polarityReversed";
                $findings[] = new Finding(
                    'fan-blows-backwards', Severity::Danger, $fan->id, $path, ['isTurned' => $isTurned],
                    remedies: [Remedy::of($isTurned ? 'exchange-leads' : 'leads-as-made', [$path => $isTurned])],
                );
            }
            if ($fan->bladeFlipped !== $isTurned) {
                $path = "/fans/{$at}/bladeFlipped";
                $findings[] = new Finding(
                    'blade-wrong-way-round', Severity::Warning, $fan->id, $path,
                    remedies: [Remedy::of($isTurned ? 'turn-blade' : 'blade-as-made', [$path => $isTurned])],
                );
            }
        }

        return $findings;
    }
}
