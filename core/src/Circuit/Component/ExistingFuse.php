<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** The fuse of the fan that was there, with the vehicle's wire to it and on. What is taken from its circuit shares it. */
final readonly class ExistingFuse extends Component implements Protects
{
    /** Battery cable, fuse and wire, Ω (common practice, no source). */
    private const LEAD_OHM = 0.008;

    /** @param  float  $ratedA  A */
    public function __construct(string $mark, private float $ratedA)
    {
        parent::__construct('existing', $mark, 'Fuse of the fan that was there');
    }

    public function fuseA(): float
    {
        return $this->ratedA;
    }

    public function passes(): array
    {
        return [new Pass('battery:+', $this->terminal('30'), Symbol::Fuse)];
    }

    public function figure(): array
    {
        return [$this->ratedA, 'A'];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, 'battery:+', $this->terminal('30'), self::LEAD_OHM)];
    }
}
