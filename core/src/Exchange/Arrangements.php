<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Changes;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Usual arrangements a job can start from: what switches the fan, how many there are, and what of a job file that is. */
final class Arrangements
{
    /** In the order they are shown: the simplest first, then with what was there. */
    private const ORDER = [
        'one-fan-switch', 'one-fan-thermostat', 'one-fan-clutch-relay', 'one-fan-two-speeds', 'two-fans-two-temperatures', 'two-fans-stepless',
        'computer-two-outputs', 'computer-series-parallel', 'original-earlier-switch', 'original-switch-taken-over', 'original-after-run',
        'original-change-over', 'original-plug-low-high', 'original-relays-replaced', 'condenser-fan-of-its-own',
    ];

    private const PATH = __DIR__.'/../../data/arrangements';

    /** Ids and names the fans of an arrangement have. */
    private const FANS = ['fan-1' => 'left', 'fan-2' => 'right'];

    /** @return non-empty-list<array{id: string, switchedBy: string, fans: int, airConditioning: bool, changes: array<string, mixed>}> */
    public static function all(): array
    {
        $all = [];
        foreach (self::ORDER as $id) {
            $all[] = json_decode((string) file_get_contents(self::PATH."/{$id}.json"), true, flags: JSON_THROW_ON_ERROR);
        }

        return $all;
    }

    /**
     * What one of them changes in a job: what is known of its vehicle stays, and its first fan is what all of them are like until they are told.
     *
     * @param  array<string, mixed>  $file  the job's, as decoded
     *
     * @throws InvalidInput for an id there is not
     */
    public static function changes(string $id, array $file): Changes
    {
        foreach (self::all() as $arrangement) {
            if ($arrangement['id'] === $id) {
                $fans = self::fans($arrangement['fans'], $file['fans']);
                // What is told of a vehicle as it was found, no arrangement takes away.
                $found = isset($file['found']) ? null : $arrangement['changes']['found'] ?? null;

                return Changes::of([
                    '/control' => $arrangement['changes']['control'],
                    '/fans' => $fans,
                    '/runs' => [], '/pinned' => [], '/accepted' => [], '/candidates' => [],
                    ...($found === null ? [] : ['/found' => [...$found, 'fans' => $fans, 'runs' => []], '/renewed' => $arrangement['changes']['renewed']]),
                ]);
            }
        }

        throw InvalidInput::at('/arrangement', Message::of('input.no-such-arrangement', given: $id));
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $told
     * @return list<array<string, mixed>>
     */
    private static function fans(int $count, array $told): array
    {
        $fans = [];
        foreach (array_slice(self::FANS, 0, $count) as $id => $name) {
            $at = count($fans);
            $fans[] = [...($told[$at] ?? [...$told[0], 'name' => $name]), 'id' => $id];
        }

        return $fans;
    }
}
