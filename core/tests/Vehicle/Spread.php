<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** How the parts of one vehicle differ from those of another. What was drawn for a part stays, so that it is the same vehicle sound and failed. */
final class Spread
{
    private readonly Randomizer $random;

    /** @var array<string, float> */
    private array $drawn = [];

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** Somewhere between, each value as likely as another. */
    public function draw(string $what, float $least, float $most): float
    {
        return $this->drawn[$what] ??= $least + ($most - $least) * $this->random->getInt(0, 1_000_000) / 1e6;
    }

    /** A contact somewhere between the best and the worst of those that are sound, Ω: as often twice the best as half the worst. */
    public function joint(string $name, float $leastOhm, float $mostOhm): float
    {
        return exp($this->draw("{$name} joint", log($leastOhm), log($mostOhm)));
    }
}
