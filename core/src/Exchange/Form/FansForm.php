<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

/** Fans that can be added and taken away, those that stand and those they are compared with. */
final class FansForm
{
    private const MOST_FANS = 4;

    private const MOST_CANDIDATES = 6;

    /** What a candidate has of a fan. */
    private const COMPARED = ['name', 'diameterMm', 'depthMm', 'ratedV', 'runA', 'startA', 'flowM3h'];

    /**
     * @param  array<string, mixed>  $file  the job's, as decoded
     * @return array{fans: list<array<string, mixed>>, addFan: array<string, mixed>, candidates: list<array<string, mixed>>, addCandidate: array<string, mixed>}
     */
    public static function of(array $file): array
    {
        $fans = array_values($file['fans']);
        $candidates = array_values($file['candidates'] ?? []);

        return [
            'fans' => array_map(static fn (array $fan): array => ['id' => $fan['id'], 'remove' => count($fans) === 1 ? null : self::without($file, $fan['id'])], $fans),
            'addFan' => ['changes' => count($fans) === self::MOST_FANS ? null : self::withAnother($file)],
            'candidates' => array_map(static fn (array $candidate, int $at): array => [
                'key' => "{$at} {$candidate['name']}", 'remove' => ['/candidates' => self::but($candidates, $at)], 'changes' => self::taken($fans[0], $candidates, $at),
            ], $candidates, array_keys($candidates)),
            'addCandidate' => ['changes' => count($candidates) === self::MOST_CANDIDATES ? null : ['/candidates' => [...$candidates, [
                ...self::compared($fans[0]), 'name' => 'candidate '.(count($candidates) + 1),
            ]]]],
        ];
    }

    /**
     * Another fan like the last, run together with those of the first stage.
     *
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private static function withAnother(array $file): array
    {
        $fans = array_values($file['fans']);
        $ids = array_map(static fn (int $number): string => "fan-{$number}", range(1, self::MOST_FANS));
        $id = array_values(array_diff($ids, array_column($fans, 'id')))[0];

        return [
            '/fans' => [...$fans, [...$fans[count($fans) - 1], 'id' => $id, 'name' => 'fan '.(count($fans) + 1)]],
            ...WaysForm::changes($file, static fn (array $of, int $at): array => $at === 0 ? [...$of, $id] : $of),
        ];
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private static function without(array $file, string $id): array
    {
        return [
            '/fans' => array_values(array_filter($file['fans'], static fn (array $fan): bool => $fan['id'] !== $id)),
            ...WaysForm::changes($file, static fn (array $of): array => array_values(array_diff($of, [$id]))),
        ];
    }

    /**
     * The first fan and a candidate change places.
     *
     * @param  array<string, mixed>  $first
     * @param  list<array<string, mixed>>  $candidates
     * @return array<string, mixed>
     */
    private static function taken(array $first, array $candidates, int $at): array
    {
        return ['/candidates' => [...self::but($candidates, $at), self::compared($first)], '/fans/0' => [...$first, ...self::compared($candidates[$at])]];
    }

    /**
     * @param  array<string, mixed>  $fan
     * @return array<string, mixed>
     */
    private static function compared(array $fan): array
    {
        return array_intersect_key($fan, array_flip(self::COMPARED));
    }

    /**
     * @param  list<array<string, mixed>>  $candidates
     * @return list<array<string, mixed>>
     */
    private static function but(array $candidates, int $at): array
    {
        unset($candidates[$at]);

        return array_values($candidates);
    }
}
