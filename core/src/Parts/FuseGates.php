<?php

declare(strict_types=1);

namespace LampThread\Parts;

/**
 * How long a family of fuses holds and how soon it has surely opened, by current over rating. Between the gates of its standard
 * log-log; above the last gate the heat I²t that melts it stays the same.
 */
final readonly class FuseGates
{
    /**
     * @param  list<array{multiple: float, leastS: float, mostS: float|null}>  $gates  by rising multiple; mostS null where it need never open
     * @param  float  $breakingA  the greatest current it opens safely at its rated voltage, A
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $standard,
        public array $gates,
        public float $breakingA,
        public bool $isResettable = false,
    ) {}

    /** Time it surely holds, s; infinite below the first gate. */
    public function leastS(float $multiple): float
    {
        return self::between(array_map(static fn (array $gate): array => [$gate['multiple'], $gate['leastS']], $this->gates), $multiple);
    }

    /** Whether it may open within a second at twice its rating. */
    public function isFast(): bool
    {
        return $this->leastS(2.0) < 1.0;
    }

    /** Time by which it has surely opened, s; infinite where it need never open. */
    public function mostS(float $multiple): float
    {
        $points = [];
        foreach ($this->gates as $gate) {
            if ($gate['mostS'] !== null) {
                $points[] = [$gate['multiple'], $gate['mostS']];
            }
        }

        return self::between($points, $multiple);
    }

    /** The greatest multiple of its rating it surely holds for a time, s. */
    public function heldMultiple(float $timeS): float
    {
        $held = $this->gates[0]['multiple'];
        foreach ($this->gates as $at => $gate) {
            if ($timeS >= $gate['leastS']) {
                return $at === 0 ? $held : self::logLog(
                    $timeS, $this->gates[$at - 1]['leastS'], $this->gates[$at - 1]['multiple'], $gate['leastS'], $gate['multiple'],
                );
            }
        }
        $last = $this->gates[count($this->gates) - 1];

        return $last['multiple'] * sqrt($last['leastS'] / $timeS);
    }

    /** @param  list<array{float, float}>  $points  multiple and seconds */
    private static function between(array $points, float $multiple): float
    {
        if ($multiple < $points[0][0]) {
            return INF;
        }
        foreach ($points as $at => [$upTo, $seconds]) {
            if ($multiple <= $upTo) {
                return $at === 0 ? $seconds : self::logLog($multiple, ...[...$points[$at - 1], $upTo, $seconds]);
            }
        }
        [$lastMultiple, $lastS] = $points[count($points) - 1];

        return $lastS * ($lastMultiple / $multiple) ** 2;
    }

    private static function logLog(float $x, float $x1, float $y1, float $x2, float $y2): float
    {
        return $y1 * ($x / $x1) ** (log($y2 / $y1) / log($x2 / $x1));
    }
}
