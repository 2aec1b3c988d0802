<?php

declare(strict_types=1);

namespace LampThread\Road;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * How far off each figure of a vehicle may be: standard deviation over the figure, or in kelvins. What was fitted to a log is known best,
 * what was told by hand less, what nobody told least (common practice, no source).
 */
final readonly class Spreads
{
    private const SEED = 20_261_125;

    /**
     * @param  float  $heat  of the heat into the coolant
     * @param  float  $core  of the conductance of the core
     * @param  float  $air  of the ram air
     * @param  float  $fans  of what the fans move
     * @param  float  $pump  of the flow of the coolant
     * @param  float  $load  of what the road asks for
     * @param  float  $thermostatK  where the thermostat opens
     * @param  float  $switchK  where what switches the fans acts
     */
    public function __construct(
        public float $heat,
        public float $core,
        public float $air,
        public float $fans,
        public float $pump,
        public float $load,
        public float $thermostatK,
        public float $switchK,
    ) {}

    /**
     * Ways the figures may really be, spread evenly over what is likely (Latin hypercube). The same each time they are asked for, so that two
     * settings meet the same vehicles.
     *
     * @param  int  $count  at least 1
     * @return list<Uncertain>
     */
    public function cases(int $count): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $columns = [];
        foreach (get_object_vars($this) as $figure => $spread) {
            $strata = $random->shuffleArray(range(0, $count - 1));
            $columns[$figure] = array_map(static fn (int $stratum): float => $spread * self::triangular(($stratum + 0.5) / $count), $strata);
        }
        $cases = [];
        for ($case = 0; $case < $count; $case++) {
            $drawn = [];
            foreach ($columns as $figure => $column) {
                $drawn[$figure] = str_ends_with($figure, 'K') ? $column[$case] : exp($column[$case]);
            }
            $cases[] = new Uncertain(...$drawn);
        }

        return $cases;
    }

    /** Where a triangular distribution of mean 0 and deviation 1 has this share below it: it ends, as guesses of trade people do. */
    private static function triangular(float $below): float
    {
        return $below < 0.5 ? M_SQRT2 * sqrt(3) * (sqrt(2 * $below) - 1) : M_SQRT2 * sqrt(3) * (1 - sqrt(2 * (1 - $below)));
    }
}
