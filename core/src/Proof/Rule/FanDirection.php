<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
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
            $turned = $fan->isTurnedRound();
            if ($fan->polarityReversed !== $turned) {
                $findings[] = new Finding(
                    'fan-blows-backwards',
                    Severity::Danger,
                    'The fan blows the wrong way',
                    $turned
                        ? 'It was made for the other side of the core: its leads must be exchanged, or it works against the ram air. Check the direction before closing up.'
                        : 'It is mounted as it was made, and its leads are exchanged. Lead colours lie: check the direction before closing up.',
                    $fan->id,
                    "/fans/{$at}/polarityReversed",
                    [],
                    [new Remedy($turned ? 'Exchange its leads' : 'Connect its leads as made', ["/fans/{$at}/polarityReversed" => $turned])],
                );
            }
            if ($fan->bladeFlipped !== $turned) {
                $findings[] = new Finding(
                    'blade-wrong-way-round',
                    Severity::Warning,
                    'The blade is the wrong way round',
                    'A blade that turns backwards moves about half the air, loudly.',
                    $fan->id,
                    "/fans/{$at}/bladeFlipped",
                    [],
                    [new Remedy($turned ? 'Turn the blade round' : 'Put the blade back as made', ["/fans/{$at}/bladeFlipped" => $turned])],
                );
            }
        }

        return $findings;
    }
}
