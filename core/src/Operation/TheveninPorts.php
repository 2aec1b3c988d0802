<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\OperatingConditions;

/**
 * A circuit as its fans see it: while every contact stays where it is, each current and voltage is what it is with the fans
 * standing, and changes by a fixed amount for each volt of a fan's back-EMF.
 *
 * @internal
 */
final readonly class TheveninPorts
{
    /**
     * @param  list<float>  $standing  by quantity
     * @param  list<list<float>>  $perVolt  by fan, by quantity
     */
    private function __construct(private array $standing, public array $perVolt) {}

    /**
     * @param  array<string, int>  $positions
     * @param  list<string>  $fans
     * @param  list<string>  $elements  whose currents come first
     * @param  list<string>  $terminals  whose voltages follow
     */
    public static function of(Solver $solver, OperatingConditions $setting, array $positions, array $fans, array $elements, array $terminals): self
    {
        $look = static function (array $emfV) use ($solver, $setting, $positions, $elements, $terminals): array {
            $point = $solver->held($setting, $positions, $emfV);

            return [...array_map($point->currentA(...), $elements), ...array_map($point->voltages->at(...), $terminals)];
        };
        $rest = array_fill_keys($fans, 0.0);
        $standing = $look($rest);
        $perVolt = [];
        foreach ($fans as $fan) {
            $turned = $look([...$rest, $fan => 1.0]);
            $perVolt[] = array_map(static fn (float $one, float $none): float => $one - $none, $turned, $standing);
        }

        return new self($standing, $perVolt);
    }

    /** @param  float  $share  0 for this one, 1 for the other */
    public function towards(self $other, float $share): self
    {
        $mix = static fn (float $a, float $b): float => $a + $share * ($b - $a);

        return new self(
            array_map($mix, $this->standing, $other->standing),
            array_map(static fn (array $a, array $b): array => array_map($mix, $a, $b), $this->perVolt, $other->perVolt),
        );
    }

    /** @param  list<float>  $emfV  by fan */
    public function at(int $quantity, array $emfV): float
    {
        $value = $this->standing[$quantity];
        foreach ($emfV as $fan => $volts) {
            $value += $this->perVolt[$fan][$quantity] * $volts;
        }

        return $value;
    }
}
