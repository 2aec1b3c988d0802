<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** Relays that never come to rest. */
final readonly class Chatter implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $chattering = [];
        foreach ($sizing->duty->points as $point) {
            $chattering = [...$chattering, ...$point->chattering];
        }

        return array_map(static fn (string $id): Finding => new Finding(
            'relay-chatters',
            Severity::Danger,
            'The relay chatters',
            'Each time it pulls in it takes its own coil’s feed away, and each time it lets go it gets it back.',
            $id,
            '/control',
            [],
            [],
        ), array_values(array_unique($chattering)));
    }
}
