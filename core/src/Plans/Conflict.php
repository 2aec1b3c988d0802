<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** Why no plan is left: two wishes that stand against each other, and the nearest plan if one is given up. */
final readonly class Conflict
{
    /**
     * @param  list<string>  $against  the wishes that no plan meets together, or the one none meets
     * @param  Judged|null  $nearest  what breaks fewest; null where every plan is out for another reason
     */
    private function __construct(public array $against, public ?Judged $nearest) {}

    /** @param  list<Judged>  $all  of which none stands */
    public static function of(array $all): self
    {
        $out = array_values(array_filter($all, static fn (Judged $one): bool => $one->broken !== []));
        $wishes = array_values(array_unique(array_merge(...array_map(static fn (Judged $one): array => $one->broken, $out), ...[[]])));
        $key = static fn (Judged $one): array => [count($one->broken), $one->figures?->of(Criterion::Cost) ?? INF];
        usort($out, static fn (Judged $a, Judged $b): int => $key($a) <=> $key($b));

        return new self(self::against($wishes, $out), $out[0] ?? null);
    }

    /**
     * @param  list<string>  $wishes
     * @param  list<Judged>  $out
     * @return list<string>
     */
    private static function against(array $wishes, array $out): array
    {
        $isMet = static fn (string ...$together): bool => array_filter($out, static fn (Judged $one): bool => array_intersect($together, $one->broken) === []) !== [];
        foreach ($wishes as $wish) {
            if (! $isMet($wish)) {
                return [$wish];
            }
        }
        foreach ($wishes as $at => $one) {
            foreach (array_slice($wishes, $at + 1) as $other) {
                if (! $isMet($one, $other)) {
                    return [$one, $other];
                }
            }
        }

        return $wishes;
    }
}
