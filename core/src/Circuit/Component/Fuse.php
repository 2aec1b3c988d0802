<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Zone;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Shelf\FusePart;

/** A fuse in its holder. */
final readonly class Fuse extends Component implements Protects
{
    public function __construct(string $id, string $mark, string $name, public FusePart $part, public Zone $zone)
    {
        parent::__construct($id, $mark, $name);
    }

    public function fuseA(): float
    {
        return $this->part->ratedA;
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('1'), $this->terminal('2'), Symbol::Fuse)];
    }

    public function figure(): array
    {
        return [$this->part->ratedA, 'A'];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), $this->part->coldMilliohm / 1000)];
    }
}
