<?php

declare(strict_types=1);

namespace LampThread\Operation;

/** Classical fourth-order Runge-Kutta. */
final class RungeKutta
{
    /**
     * @param  \Closure(float, list<float>): list<float>  $slopes  of each variable at a time and state
     * @param  list<float>  $state
     * @return list<float> the state one step on
     */
    public static function step(\Closure $slopes, float $timeS, array $state, float $stepS): array
    {
        $first = $slopes($timeS, $state);
        $second = $slopes($timeS + $stepS / 2, self::along($state, $first, $stepS / 2));
        $third = $slopes($timeS + $stepS / 2, self::along($state, $second, $stepS / 2));
        $fourth = $slopes($timeS + $stepS, self::along($state, $third, $stepS));
        $next = [];
        foreach ($state as $at => $value) {
            $next[] = $value + $stepS / 6 * ($first[$at] + 2 * $second[$at] + 2 * $third[$at] + $fourth[$at]);
        }

        return $next;
    }

    /**
     * @param  list<float>  $state
     * @param  list<float>  $slopes
     * @return list<float>
     */
    private static function along(array $state, array $slopes, float $stepS): array
    {
        $moved = [];
        foreach ($state as $at => $value) {
            $moved[] = $value + $stepS * $slopes[$at];
        }

        return $moved;
    }
}
