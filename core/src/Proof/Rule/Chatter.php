<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** Relays that never come to rest. */
final readonly class Chatter implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $chattering = [];
        foreach ($sizing->envelope->points as $point) {
            $chattering = [...$chattering, ...$point->chattering];
        }

        return array_map(
            static fn (string $id): Finding => new Finding('relay-chatters', Severity::Danger, $id, '/control'),
            array_values(array_unique($chattering)),
        );
    }
}
