<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Segment;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Limit;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Fault\BadJoint;
use LampThread\Circuit\Fault\Chafed;
use LampThread\Circuit\Fault\KnowsItsFaults;
use LampThread\Circuit\Fault\Open;
use LampThread\Network\Element\Element;
use LampThread\Network\Element\Resistor;
use LampThread\Parts\Conductor;
use LampThread\Parts\Copper;

/** One wire of the loom, from terminal to terminal. */
final readonly class Wire implements Breakable
{
    use KnowsItsFaults;

    /** What two crimps add to a wire, Ω (common practice, no source). */
    public const CRIMPS_OHM = 0.0006;

    /** Warmer, thinner or longer than told: over its resistance (common practice, no source). */
    private const LIMIT_OF_OHM = 0.1;

    /**
     * @param  string  $group  the wires it is cut from one size with
     * @param  float  $conductorC  temperature of the copper at its greatest steady current, °C
     * @param  string|null  $foundId  its id in the circuit that was found; null for one that comes
     */
    public function __construct(
        public string $id,
        public string $from,
        public string $to,
        public Stretch $stretch,
        public Segment $segment,
        public Colour $colour,
        public string $group,
        public Conductor $conductor,
        public float $conductorC,
        public ?string $foundId = null,
    ) {}

    /** What it is called where its number may change: by its ends. */
    public function name(): string
    {
        return "{$this->from}>{$this->to}";
    }

    /** Whether it lies between a source and the fuse that protects the rest of its group. */
    public function isBeforeFuse(): bool
    {
        return $this->stretch === Stretch::BatteryToFuse || $this->stretch === Stretch::FeedToFuse;
    }

    /** The same wire with its end at one terminal moved to another. */
    public function rejoined(string $from, string $to): self
    {
        return new self(
            $this->id, $this->from === $from ? $to : $this->from, $this->to === $from ? $to : $this->to, $this->stretch, $this->segment, $this->colour, $this->group,
            $this->conductor, $this->conductorC, $this->foundId,
        );
    }

    /** The same laid another way. */
    public function along(Segment $segment): self
    {
        return new self($this->id, $this->from, $this->to, $this->stretch, $segment, $this->colour, $this->group, $this->conductor, $this->conductorC, $this->foundId);
    }

    /** The same as a piece of one that was there. */
    public function pieceOf(self $there, ?string $foundId): self
    {
        return new self(
            $this->id, $this->from, $this->to, $this->stretch, $this->segment->with($there->conductor), $this->colour, $this->group, $there->conductor,
            $this->conductorC, $foundId,
        );
    }

    /** The same as one that was there lies: neither cut nor bought. */
    public function as(self $there): self
    {
        return new self(
            $this->id, $this->from, $this->to, $this->stretch, $there->segment->with($there->conductor), $this->colour, $this->group, $there->conductor,
            $this->conductorC, $there->id,
        );
    }

    /** Ω at the conductor's temperature, crimps included. */
    public function ohm(): float
    {
        return $this->segment->lengthM * $this->conductor->milliohmPerM / 1000 * Copper::factor($this->conductorC) + self::CRIMPS_OHM;
    }

    public function element(): Resistor
    {
        return new Resistor($this->id, $this->from, $this->to, $this->ohm());
    }

    public function faults(): array
    {
        return [
            new Open, ...BadJoint::stages($this->jointElements()), new Chafed(new Resistor("{$this->id}-chafed", $this->to, Rail::EARTH, Component::SHORT_OHM)),
        ];
    }

    public function jointElements(): array
    {
        return [$this->id];
    }

    public function badJoints(float $ohm): array
    {
        return [BadJoint::of($this->jointElements(), $ohm)];
    }

    public function finerFaults(): array
    {
        return [];
    }

    public function jointWeight(): float
    {
        return 1.0;
    }

    public function limit(Element $element, float $ampere, float $volts): Limit
    {
        return Limit::ofJoint((self::LIMIT_OF_OHM * $this->ohm() + Component::JOINT_OHM) * $ampere);
    }
}
