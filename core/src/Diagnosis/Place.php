<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Where something may be wrong, how likely, and what it most likely is. */
final readonly class Place
{
    /** @param  float  $share  of all possibilities, 0 to 1 */
    public function __construct(public string $id, public float $share, public Cause $likeliest) {}

    /**
     * @param  array<int, float>  $ofCauses  cause to its share
     * @return list<self> the likeliest first
     */
    public static function ranked(FaultTable $table, array $ofCauses): array
    {
        $shares = [];
        $best = [];
        foreach ($ofCauses as $cause => $share) {
            $place = $table->causes[$cause]->place();
            $shares[$place] = ($shares[$place] ?? 0.0) + $share;
            if (! isset($best[$place]) || $share > $ofCauses[$best[$place]]) {
                $best[$place] = $cause;
            }
        }
        arsort($shares);
        $places = [];
        foreach ($shares as $place => $share) {
            $places[] = new self((string) $place, $share, $table->causes[$best[$place]]);
        }

        return $places;
    }
}
