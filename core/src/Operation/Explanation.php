<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\Rail;
use LampThread\Message\Message;

/** Says why a terminal has the voltage it has: what it is joined to, through what. */
final readonly class Explanation
{
    /** A terminal this close to the supply or to earth counts as joined to it, share of the supply voltage. */
    private const CLOSE_SHARE = 0.06;

    /**
     * @param  array<string, list<string>>  $fromSupply  terminal to the marks from battery + to it, by least resistance
     * @param  array<string, list<string>>  $toEarth  the marks from it to earth
     */
    private function __construct(
        private OperatingPoint $point,
        private array $fromSupply,
        private array $toEarth,
    ) {}

    public static function of(OperatingPoint $point): self
    {
        return new self($point, self::marks($point, Rail::SUPPLY), array_map(array_reverse(...), self::marks($point, Rail::EARTH)));
    }

    public function at(string $terminal): Message
    {
        $volts = $this->point->voltages->at($terminal);
        $supplyV = $this->point->voltages->at(Rail::SUPPLY);
        $above = $this->fromSupply[$terminal] ?? null;
        $below = $this->toEarth[$terminal] ?? null;

        return match (true) {
            $above === null && $below === null => Message::of('explanation.joined-to-nothing'),
            $below === null => self::through('explanation.live-open', $above),
            $above === null => self::through('explanation.earthed-open', $below),
            $volts >= (1 - self::CLOSE_SHARE) * $supplyV => self::through('explanation.live', $above),
            $volts <= self::CLOSE_SHARE * $supplyV => self::through('explanation.earthed', $below),
            default => Message::of(
                'explanation.between', above: $above, below: $below, hasAbove: $above !== [], hasBelow: $below !== [],
            ),
        };
    }

    /** @param  list<string>  $marks */
    private static function through(string $code, array $marks): Message
    {
        return Message::of($code, through: $marks, hasThrough: $marks !== []);
    }

    /**
     * The marks along each path of least resistance, the rails themselves left out.
     *
     * @return array<string, list<string>>
     */
    private static function marks(OperatingPoint $point, string $start): array
    {
        $marksTo = [];
        foreach (LeastResistancePaths::from($point, $start) as $terminal => $path) {
            if ($terminal !== $start && ($terminal === Rail::SUPPLY || $terminal === Rail::EARTH)) {
                continue;
            }
            $marks = [];
            foreach ($path as [$part]) {
                $mark = ($point->circuit->components[$part] ?? null)?->mark;
                if ($mark !== null && $mark !== ($marks[count($marks) - 1] ?? null)) {
                    $marks[] = $mark;
                }
            }
            $marksTo[$terminal] = $marks;
        }

        return $marksTo;
    }
}
