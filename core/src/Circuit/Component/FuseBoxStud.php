<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** A stud of the fuse box and the vehicle's lead from the battery to it. */
final readonly class FuseBoxStud extends Component
{
    /** Battery cable to the stud, Ω (common practice, no source). */
    private const LEAD_OHM = 0.003;

    public function __construct(string $mark)
    {
        parent::__construct('stud', $mark, 'Fuse-box stud');
    }

    public function passes(): array
    {
        return [new Pass('battery:+', $this->terminal('30'), Symbol::BodyThread)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, 'battery:+', $this->terminal('30'), self::LEAD_OHM)];
    }
}
