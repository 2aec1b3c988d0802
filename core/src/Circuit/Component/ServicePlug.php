<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\BadJoint;
use LampThread\Circuit\Fault\Leak;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\PinOut;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** A sealed plug at a fan or a probe: it comes off without cutting. Its loom half has numbers; its other half is the part's own leads. */
final readonly class ServicePlug extends Component
{
    /** One mated contact, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.0008;

    /** @param  non-empty-array<int, array{string, bool}>  $pins  number to the part's terminal and whether current enters the part there */
    public function __construct(string $id, string $mark, private Component $part, private array $pins)
    {
        parent::__construct($id, $mark, Message::of('component.service-plug', part: $part->name));
    }

    /** Dirty water between two contacts, Ω (common practice, no source). */
    private const WATER_OHM = 100.0;

    /** The loom's end of one of the part's terminals; null where that is not on this plug. */
    public function endOf(string $terminal): ?string
    {
        foreach ($this->pins as $number => [$behind]) {
            if ($behind === $terminal) {
                return $this->terminal((string) $number);
            }
        }

        return null;
    }

    public function termination(string $number): Termination
    {
        return $this->part->isAtDash() ? $this->part->plugContact() : $this->part->termination($number);
    }

    public function paths(): array
    {
        $paths = [];
        foreach ($this->pins as $number => [$behind, $enters]) {
            $ends = $enters ? [$this->terminal((string) $number), $behind] : [$behind, $this->terminal((string) $number)];
            $paths[] = new ConductionPath(...[...$ends, Symbol::Plug]);
        }

        return $paths;
    }

    public function faults(): array
    {
        $water = fn (string $to): array => array_map(
            fn (int|string $number): Resistor => new Resistor("{$this->id}-water-{$number}", $this->terminal((string) $number), $to, self::WATER_OHM),
            array_keys($this->pins),
        );

        return [
            new Open, ...BadJoint::stages($this->jointElements()), new Leak(FaultKind::LeakToEarth, $water(Rail::EARTH)), new Leak(FaultKind::LeakToFeed, $water(Rail::SUPPLY)),
        ];
    }

    public function badJoints(float $ohm): array
    {
        return array_map(static fn (string $element): BadJoint => BadJoint::of([$element], $ohm), $this->contacts());
    }

    public function finerFaults(): array
    {
        return array_map(PinOut::ofPlug(...), $this->contacts());
    }

    /** @return list<string> elements */
    private function contacts(): array
    {
        return array_map(fn (int $at): string => $at === 0 ? $this->id : "{$this->id}-".($at + 1), range(0, count($this->pins) - 1));
    }

    public function partsList(): array
    {
        return [new PartsListEntry(match (true) {
            $this->part->isAtDash() => Message::of('part.dash-plug', ways: count($this->pins)),
            $this->part->plugContact() === Termination::SealedPlug => Message::of('part.probe-plug'),
            default => Message::of('part.fan-plug'),
        })];
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.plug', mark: $this->mark, part: $this->part->name);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $contact = static fn (string $element, ConductionPath $path): Resistor => new Resistor($element, $path->from, $path->to, self::CONTACT_OHM);

        return array_map($contact, $this->contacts(), $this->paths());
    }
}
