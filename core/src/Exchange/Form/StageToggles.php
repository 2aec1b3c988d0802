<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\Stage;

/** Which stages something acts on, each to be switched on or off. */
final class StageToggles
{
    /**
     * @param  list<Stage>  $stages  of the job
     * @param  list<string>  $ids  those it acts on
     * @param  string  $path  JSON pointer to their list
     * @return list<array<string, mixed>> none where there is nothing to choose among
     */
    public static function of(array $stages, array $ids, string $path): array
    {
        $toggles = [];
        foreach (count($stages) > 1 ? $stages : [] as $stage) {
            $isOn = in_array($stage->id, $ids, true);
            $others = array_filter(
                array_map(static fn (Stage $one): string => $one->id, $stages),
                static fn (string $id): bool => $id === $stage->id ? ! $isOn : in_array($id, $ids, true),
            );
            $toggles[] = [
                'stage' => $stage->id,
                'isOn' => $isOn,
                'changes' => $others === [] ? null : (object) [$path => array_values($others)],
            ];
        }

        return $toggles;
    }
}
