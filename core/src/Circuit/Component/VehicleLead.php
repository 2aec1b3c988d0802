<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** A lead the vehicle has: from the battery to a fuse-box stud, or through the fuse of the circuit that was there. */
final readonly class VehicleLead extends Component
{
    /** @param  float|null  $fuseA  its own fuse, A; null where it has none */
    public function __construct(string $id, string $mark, string $name, public ?float $fuseA, private float $ohm)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        return [new Pass('battery:+', $this->terminal('30'), $this->fuseA === null ? Symbol::BodyThread : Symbol::Fuse)];
    }

    public function figure(): ?array
    {
        return $this->fuseA === null ? null : [$this->fuseA, 'A'];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, 'battery:+', $this->terminal('30'), $this->ohm)];
    }
}
