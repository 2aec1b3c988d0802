<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\KnowsItsFaults;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\Short;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Network\Element\Element;
use LampThread\Network\Element\Resistor;

/**
 * A part with terminals. Terminals are named `component:number`, the number as it is printed on the part. What the other rooms ask of a
 * part, how it fails, what it may carry, its rows in the lists, it answers itself; the usual answers stand here.
 */
abstract readonly class Component implements Breakable
{
    use KnowsItsFaults;

    /** Resistance of a dead short, Ω (common practice, no source). */
    public const SHORT_OHM = 0.01;

    /** What a sound joint may have more than it should, Ω (common practice, no source). */
    public const JOINT_OHM = 0.005;

    /** Inputs and pull-ups of electronics are so many times more or less than taken (common practice, no source). */
    private const INSIDE_TIMES = 5.0;

    /** What a closed contact loses at the current it is made for, V (common practice, no source). */
    private const CONTACT_V = 0.1;

    /** @param  string  $mark  letter designation on the drawing (IEC 81346): K1, F2, S1, M1 */
    public function __construct(
        public string $id,
        public string $mark,
        public Message $name,
    ) {}

    /** Whether another is told to be the same part, whatever it is called on its drawing. */
    public function isSameAs(self $other): bool
    {
        $told = static fn (self $part): array => array_filter(
            (array) $part, static fn (string $name): bool => ! in_array($name, ['mark', 'name'], true), ARRAY_FILTER_USE_KEY,
        );

        return static::class === $other::class && $told($this) == $told($other);
    }

    public function terminal(string $number): string
    {
        return "{$this->id}:{$number}";
    }

    /** @return list<ConductionPath> in the order current usually takes */
    abstract public function paths(): array;

    /**
     * @param  int  $position  where the component stands, for those that are stateful; 0 otherwise
     * @return list<Element>
     */
    abstract public function elements(OperatingConditions $conditions, int $position): array;

    /** The one figure worth reading on the drawing. */
    public function figure(): ?Quantity
    {
        return null;
    }

    /** Whether current can get through between the ends of a path now. */
    public function conducts(ConductionPath $path, OperatingConditions $conditions, int $position): bool
    {
        foreach ($this->elements($conditions, $position) as $element) {
            if ($element->from() === $path->from && $element->to() === $path->to) {
                return true;
            }
        }

        return false;
    }

    public function faults(): array
    {
        return $this->paths() === [] ? [] : [new Open, new Short($this->shorts())];
    }

    public function jointElements(): array
    {
        return [$this->id];
    }

    public function badJoints(float $ohm): array
    {
        return [];
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
        return in_array($element->name(), $this->insides(), true) ? Limit::times(self::INSIDE_TIMES) : Limit::ofJoint(self::JOINT_OHM * $ampere);
    }

    /** @return list<string> elements of its electronics, whose resistances nobody prints */
    protected function insides(): array
    {
        return [];
    }

    /** @return array<string, float> element to the I²t it stands, A²s, where that is known */
    public function heatLimitsA2s(): array
    {
        return [];
    }

    /** @return array{string, string}|null where its electronics are supplied, plus first; null for what has none */
    public function electronics(): ?array
    {
        return null;
    }

    /** @return array<string, float> element to the greatest steady current it may carry, A; without those nothing is known of */
    public function currentLimitsA(): array
    {
        return [];
    }

    /** @return list<string> terminals of elements whose current is not proportional to their voltage */
    public function nonlinearTerminals(): array
    {
        return [];
    }

    /** Whether its position is kept from one state to the next, as a relay's armature and a switch between its temperatures are. */
    public function remembersPosition(): bool
    {
        return false;
    }

    /** Whether it is a stud that wires are bolted to. */
    public function isStud(): bool
    {
        return false;
    }

    /** What a wire ends at on one of its terminals. */
    public function termination(string $number): Termination
    {
        return $this->isStud() ? Termination::Stud : Termination::Tab63;
    }

    /**
     * Where its terminals lie, seen from the wire side. Only where that is the same for every such part.
     *
     * @return array<int|string, array{int, int}> number to column and row, from the upper left
     */
    public function pinPlaces(): array
    {
        return [];
    }

    /** @return array<int|string, bool> numbers of the terminals that are on a service plug, and whether current enters there */
    public function pluggedTerminals(): array
    {
        return [];
    }

    /** What the contacts of a plug at it are. */
    public function plugContact(): Termination
    {
        return $this->termination('1');
    }

    /** Whether it sits at the dash, where a plug lets its panel come out. */
    public function isAtDash(): bool
    {
        return false;
    }

    /** Whether it is a splice of the loom. */
    public function isSplice(): bool
    {
        return false;
    }

    /** Whether it is the insulated end of a wire that leads no further. */
    public function isCapped(): bool
    {
        return false;
    }

    /** Whether what it loses is lost in contacts: not in wire, electronics or the way back through the body. */
    public function isJoint(): bool
    {
        return ! $this->isEarthPoint() && $this->electronics() === null;
    }

    /** Whether it is where wires are earthed. */
    public function isEarthPoint(): bool
    {
        return false;
    }

    /** What it must stand, where the brief has named it and the shelf does not choose it. */
    public function rating(): ?Rating
    {
        return null;
    }

    /** @return list<PartsListEntry> what is bought for it */
    public function partsList(): array
    {
        return [];
    }

    /** Whether it can be taken out of a vehicle: not the vehicle itself. */
    public function comesOut(): bool
    {
        return $this->partsList() !== [];
    }

    /** Element by which it loads the supply, where it is worth a line of its own in a balance. */
    public function loadElement(): ?string
    {
        return null;
    }

    /** How it is fitted, where there is something to say. */
    public function fittingStep(): ?Message
    {
        return null;
    }

    /** How it is tried in the cold, where there is something to say. */
    public function provingStep(): ?Message
    {
        return null;
    }

    /** @return list<Resistor> a short across each of its paths */
    final protected function shorts(): array
    {
        $shorts = [];
        foreach ($this->paths() as $at => $path) {
            $shorts[] = new Resistor("{$this->id}-short-{$at}", $path->from, $path->to, self::SHORT_OHM);
        }

        return $shorts;
    }

    /** Resistance of a closed contact by the current it is made for, Ω. */
    final protected static function contactOhm(float $ratedA): float
    {
        return self::CONTACT_V / $ratedA;
    }
}
