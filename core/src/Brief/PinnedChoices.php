<?php

declare(strict_types=1);

namespace LampThread\Brief;

use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\Shelf;

/** Which choices of a job can be made by hand, and of what kind of part. */
final readonly class PinnedChoices
{
    /** Deciders in parallel a stage may have. */
    private const MOST_PARALLEL = 3;

    /** Feeds that are tapped and have a fuse of their own where they are. */
    private const TAPS = ['tap', 'air-conditioning-tap'];

    /**
     * @param  list<Fan>  $fans
     * @param  list<string>  $stageIds
     * @param  int  $overrides  how many there are
     */
    public function __construct(private Shelf $shelf, private array $fans, private array $stageIds, private int $overrides) {}

    /**
     * @param  list<Fan>  $fans
     * @param  list<string>  $stageIds
     * @return list<string> every choice that some arrangement of them has
     */
    public static function names(array $fans, array $stageIds, int $overrides): array
    {
        return array_keys(self::kinds($fans, $stageIds, $overrides));
    }

    /**
     * @param  array<string, string>  $pinned  choice to part
     * @return list<Problem> choices there are not, and parts the shelf does not have
     */
    public function problems(array $pinned): array
    {
        $problems = [];
        $kinds = self::kinds($this->fans, $this->stageIds, $this->overrides);
        foreach ($pinned as $choice => $part) {
            $kind = $kinds[$choice] ?? null;
            $found = match ($kind) {
                'fuse' => $this->shelf->fuse($part),
                'relay' => $this->shelf->relay($part),
                'conductor' => $this->shelf->conductor($part),
                null => null,
            };
            if ($kind === null) {
                $problems[] = new Problem("/pinned/{$choice}", Message::of('refusal.no-such-choice', choices: array_keys($kinds)));
            } elseif ($found === null) {
                $problems[] = new Problem("/pinned/{$choice}", Message::of('refusal.not-on-shelf', kind: $kind, id: $part));
            }
        }

        return $problems;
    }

    /**
     * @param  list<Fan>  $fans
     * @param  list<string>  $stageIds
     * @return array<string, 'conductor'|'fuse'|'relay'> choice to the kind of part it takes
     */
    private static function kinds(array $fans, array $stageIds, int $overrides): array
    {
        $kinds = ['trigger-wire' => 'conductor', 'spare-wire' => 'conductor', 'spare-fuse' => 'fuse'];
        $indicators = array_map(static fn (int $number): string => Numbered::id('indicator', $number), range(1, max(1, $overrides)));
        foreach (['coil', 'air-conditioning', 'speeds', ...self::TAPS, ...$indicators] as $name) {
            $kinds["{$name}-fuse"] = 'fuse';
        }
        $perStage = [];
        foreach ($stageIds as $id) {
            array_push($perStage, "{$id}-inverting", "{$id}-air-conditioning", ...array_map(
                static fn (int $number): string => "{$id}-parallel-{$number}-inverting", range(1, self::MOST_PARALLEL),
            ));
        }
        foreach (['feed', 'air-conditioning', 'after-run', 'low', 'high', 'series', ...$perStage] as $name) {
            $kinds["{$name}-relay"] = 'relay';
        }
        foreach ($fans as $fan) {
            foreach ([$fan->id, "{$fan->id}-air-conditioning", "{$fan->id}-override"] as $name) {
                $kinds += ["{$name}-fuse" => 'fuse', "{$name}-relay" => 'relay', "{$name}-wire" => 'conductor'];
            }
            $kinds += ["{$fan->id}-branch" => 'conductor', "{$fan->id}-override-minus-relay" => 'relay', "{$fan->id}-override-high-relay" => 'relay'];
        }
        $kinds += array_fill_keys(array_map(static fn (string $name): string => "{$name}-wire", [...self::TAPS, ...$indicators]), 'conductor');
        foreach (array_keys($kinds, 'conductor', true) as $group) {
            $kinds["{$group}-stub"] = 'conductor';
        }

        return $kinds;
    }
}
