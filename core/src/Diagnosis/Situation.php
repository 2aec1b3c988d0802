<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;

/** How the vehicle stands while it is watched or tested, and what that takes. */
final readonly class Situation
{
    /**
     * @param  list<Message>  $says  what is done to get there
     * @param  float  $minutes  that it takes
     * @param  array<string, bool>  $acted  sensor that is made to act without heat to whether its contact is joined past it
     * @param  bool  $isTested  whether it is brought about to test: what the driver tells of is not
     * @param  string|null  $unplugged  part that is off its wires
     * @param  bool  $isHeat  whether the coolant is really hot, so that what keeps heat from a sensor counts
     * @param  bool  $needsScanTool  whether a sensor acts only on the command of one
     */
    public function __construct(
        public string $id,
        public OperatingConditions $conditions,
        public array $says,
        public float $minutes,
        public array $acted = [],
        public bool $isTested = true,
        public ?string $unplugged = null,
        public bool $isHeat = false,
        public bool $needsScanTool = false,
    ) {}

    /** Whether instruments are held on in it: with a part unplugged it is only looked whether anything changes. */
    public function isMeasured(): bool
    {
        return $this->isTested && $this->unplugged === null;
    }

    /**
     * What is still wrong while sensors are made to act: one whose contact is joined past it acts, whatever it has; another is brought so far
     * that it acts however far it has drifted.
     *
     * @param  array<string, Fault>  $faults  part to how it has failed
     */
    public function felt(array $faults): Faults
    {
        foreach ($this->acted as $sensor => $isJoinedPast) {
            $fault = $faults[$sensor] ?? null;
            if ($fault !== null && $fault->driftK() !== 0.0) {
                unset($faults[$sensor]);
            } elseif ($fault !== null && $isJoinedPast) {
                $faults[$sensor] = new StuckOn;
            }
        }
        if ($this->unplugged !== null) {
            $faults[$this->unplugged] = new Open;
        }

        return new Faults($faults);
    }
}
