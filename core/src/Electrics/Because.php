<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Circuit;

/** Says why a terminal has the voltage it has: what it is joined to, through what. */
final readonly class Because
{
    /** A terminal this close to the supply or to earth counts as joined to it, share of the supply voltage. */
    private const CLOSE_SHARE = 0.06;

    /** @param  array<string, list<string>>  $fromSupply  terminal to the marks from battery + to it, least resistance
     * @param  array<string, list<string>>  $fromEarth  the marks from it to earth
     */
    private function __construct(
        private OperatingPoint $point,
        private array $fromSupply,
        private array $fromEarth,
    ) {}

    public static function of(OperatingPoint $point): self
    {
        return new self($point, self::paths($point, Circuit::SUPPLY), array_map(array_reverse(...), self::paths($point, Circuit::EARTH)));
    }

    public function at(string $terminal): string
    {
        $volts = $this->point->volts->at($terminal);
        $supplyV = $this->point->volts->at(Circuit::SUPPLY);
        $above = $this->fromSupply[$terminal] ?? null;
        $below = $this->fromEarth[$terminal] ?? null;

        return match (true) {
            $above === null && $below === null => 'Joined to nothing: everything on both sides of it is open.',
            $below === null => 'Live from battery +'.self::through($above).'. Nothing beyond it leads to earth, so no current flows.',
            $above === null => 'At earth'.self::through($below).'. Nothing feeds it.',
            $volts >= (1 - self::CLOSE_SHARE) * $supplyV => 'Live from battery +'.self::through($above).', and feeding what lies beyond.',
            $volts <= self::CLOSE_SHARE * $supplyV => 'At earth'.self::through($below).', carrying what comes from above.',
            default => 'Between: fed from battery +'.self::through($above).', held to earth'.self::through($below).'.',
        };
    }

    /** @param  list<string>  $marks */
    private static function through(array $marks): string
    {
        return $marks === [] ? '' : ' through '.implode(', ', $marks);
    }

    /**
     * The marks along each path of least resistance, the rails themselves left out.
     *
     * @return array<string, list<string>>
     */
    private static function paths(OperatingPoint $point, string $start): array
    {
        $paths = [];
        foreach (LeastPath::from($point, $start) as $terminal => $elements) {
            if ($terminal !== $start && ($terminal === Circuit::SUPPLY || $terminal === Circuit::EARTH)) {
                continue;
            }
            $marks = [];
            foreach ($elements as $element) {
                $mark = ($point->circuit->components[$point->circuit->owner($element->name())] ?? null)?->mark;
                if ($mark !== null && $mark !== ($marks[count($marks) - 1] ?? null)) {
                    $marks[] = $mark;
                }
            }
            $paths[$terminal] = $marks;
        }

        return $paths;
    }
}
