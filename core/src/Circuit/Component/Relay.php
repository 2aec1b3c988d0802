<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\RelayPlace;
use LampThread\Circuit\Fault\BadJoint;
use LampThread\Circuit\Fault\CoilOpen;
use LampThread\Circuit\Fault\CoilShort;
use LampThread\Circuit\Fault\DiodeTurned;
use LampThread\Circuit\Fault\Exchanged;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\PinOut;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\DiodeJunction;
use LampThread\Network\Element\Element;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;
use LampThread\Parts\Copper;
use LampThread\Parts\RelayPart;

/** A relay with a make contact or a change-over one. Its coil is taken at the ambient it sits in: warm copper pulls in later and lets go later. */
final readonly class Relay extends Component implements HasCoil, StatefulComponent
{
    public const RELEASED = 0;

    public const PULLED_IN = 1;

    /** Ambient at which the coil's figures are printed, °C. */
    private const PRINTED_AT_C = 23.0;

    /** @var array{string, string} */
    private array $coil;

    /** Voltages of the coil in the warmth it sits in, V. */
    private float $pullsInV;

    private float $dropsOutV;

    /** A coil, as warm as it may be, is off by so much, over its resistance (common practice, no source). */
    private const LIMIT_OF_COIL = 0.15;

    /** Contacts that have switched for years and are sound have so much more than new ones, Ω (common practice, no source: 20 mΩ). */
    private const USED_CONTACT_OHM = 0.012;

    /**
     * @param  bool  $isChangeOver  whether its rest contact 87a is used too
     * @param  bool  $commonIsOutput  whether the current leaves at 30, as where a relay is let into a lead
     * @param  bool  $isInModule  whether it comes inside something bought
     */
    public function __construct(
        string $id,
        string $mark,
        Message $name,
        public RelayPart $part,
        public RelayPlace $place,
        public bool $isChangeOver = false,
        private bool $commonIsOutput = false,
        private bool $isInModule = false,
    ) {
        parent::__construct($id, $mark, $name);
        $this->coil = [$this->terminal('86'), $this->terminal('85')];
        $factor = self::coilFactor($place->zone()->ambientC());
        $this->pullsInV = $part->pullInV * $factor;
        $this->dropsOutV = $part->dropOutV * $factor;
    }

    /** Factor of the coil's resistance, and so of its pull-in and drop-out voltages, at a coil temperature. */
    public static function coilFactor(float $coilC): float
    {
        return Copper::factor($coilC, self::PRINTED_AT_C);
    }

    /** Element of its make contact. */
    public function makeContact(): string
    {
        return "{$this->id}-contact";
    }

    /** Element of its rest contact. */
    public function restContact(): string
    {
        return "{$this->id}-rest";
    }

    /** Wherever it sits and whatever it feeds. */
    public function isSameAs(Component $other): bool
    {
        return $other instanceof self && $this->part == $other->part;
    }

    public function termination(string $number): Termination
    {
        return match (true) {
            $this->place->isBox() => Termination::BoxPlug,
            in_array($number, ['85', '86'], true) => $this->part->hasSmallCoilTabs() ? Termination::Tab48 : Termination::Tab63,
            default => $this->part->hasLargeTabs() ? Termination::Tab95 : Termination::Tab63,
        };
    }

    /** ISO 7588 bases, the numbers as they stand on the relay (from memory; the base's own numbers come first). */
    public function pinPlaces(): array
    {
        return ['87' => [1, 0], '86' => [0, 1], '87a' => [1, 1], '85' => [2, 1], '30' => [1, 2]];
    }

    public function paths(): array
    {
        return [
            ...$this->contacts(),
            new ConductionPath($this->coil[0], $this->coil[1], Symbol::Coil),
        ];
    }

    public function figure(): Quantity
    {
        return Unit::Ampere->of($this->part->makeA);
    }

    public function faults(): array
    {
        $exchanged = fn (FaultKind $kind, string $one, string $other): Exchanged => new Exchanged($kind, $this->terminal($one), $this->terminal($other));

        return [
            new StuckOff, new StuckOn, new Open, ...BadJoint::stages($this->jointElements()),
            new CoilOpen("{$this->id}-coil"),
            new CoilShort(new Resistor("{$this->id}-coil-short", ...[...$this->coil, self::SHORT_OHM])),
            PinOut::ofCoil(["{$this->id}-coil", "{$this->id}-suppression"]),
            PinOut::ofContact([$this->makeContact(), $this->restContact()]),
            ...($this->part->hasDiode() ? [new DiodeTurned(new DiodeJunction("{$this->id}-suppression", ...$this->coil))] : []),
            $exchanged(FaultKind::Exchanged30And87, '30', '87'),
            $exchanged(FaultKind::Exchanged85And86, '85', '86'),
            ...($this->isChangeOver ? [$exchanged(FaultKind::Exchanged87And87a, '87', '87a')] : []),
        ];
    }

    public function jointWeight(): float
    {
        return 1.5;
    }

    public function limit(Element $element, float $ampere, float $volts): Limit
    {
        return in_array($element->name(), $this->jointElements(), true) ? Limit::ofJoint(self::USED_CONTACT_OHM * $ampere) : Limit::inSeries(self::LIMIT_OF_COIL * $volts);
    }

    /** A burnt contact goes with the relay, one of its socket stays. */
    public function badJoints(float $ohm): array
    {
        return [BadJoint::of($this->jointElements(), $ohm, isCuredByAnother: true), BadJoint::of($this->jointElements(), $ohm)];
    }

    public function jointElements(): array
    {
        return [$this->makeContact(), $this->restContact()];
    }

    public function remembersPosition(): bool
    {
        return true;
    }

    public function currentLimitsA(): array
    {
        return [$this->makeContact() => $this->part->makeA, $this->restContact() => $this->part->restA ?? 0.0];
    }

    public function nonlinearTerminals(): array
    {
        return $this->part->hasDiode()
            ? array_merge(...array_map(static fn (ConductionPath $path): array => [$path->from, $path->to], $this->paths()))
            : [];
    }

    public function partsList(): array
    {
        if ($this->isInModule) {
            return [new PartsListEntry(Message::of('part.relay-in-module', part: $this->part->name))];
        }

        return [new PartsListEntry(Message::of($this->place->isBox() ? 'part.relay-in-box' : 'part.relay-and-base', part: $this->part->name), $this->part->price)];
    }

    public function fittingStep(): Message
    {
        return Message::of(
            'step.fit.relay', mark: $this->mark, part: $this->part->name,
            where: Message::of($this->isInModule ? 'step.fit.relay.in-module' : "step.fit.relay.{$this->place->value}"),
            hasUnusedRest: $this->part->restA !== null && ! $this->isChangeOver && ! $this->isInModule,
        );
    }

    /** @return list<ConductionPath> */
    private function contacts(): array
    {
        $make = new ConductionPath(...[...$this->contact('87'), Symbol::MakeContact]);

        return $this->isChangeOver ? [$make, new ConductionPath(...[...$this->contact('87a'), Symbol::RestContact])] : [$make];
    }

    /** @return array{string, string} from, to */
    private function contact(string $number): array
    {
        $ends = [$this->terminal('30'), $this->terminal($number)];

        return $this->commonIsOutput ? [$ends[1], $ends[0]] : $ends;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        [$plus, $minus] = $this->coil;
        $coilOhm = $this->part->coilOhm * self::coilFactor($this->place->zone()->ambientC());
        $elements = [
            new Resistor("{$this->id}-coil", $plus, $minus, $coilOhm),
            $this->part->hasDiode()
                ? new DiodeJunction("{$this->id}-suppression", $minus, $plus)
                : new Resistor("{$this->id}-suppression", $plus, $minus, $this->part->suppressionOhm),
        ];
        $contactOhm = $this->part->contactMilliohm / 1000;
        if ($position === self::PULLED_IN) {
            $elements[] = new Resistor(...[$this->makeContact(), ...$this->contact('87'), $contactOhm]);
        } elseif ($this->isChangeOver) {
            $elements[] = new Resistor(...[$this->restContact(), ...$this->contact('87a'), $contactOhm]);
        }

        return $elements;
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return $conditions->memory[$this->id] ?? self::RELEASED;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $coilV = abs($voltages->across(...$this->coil));

        return $coilV >= ($position === self::PULLED_IN ? $this->dropsOutV : $this->pullsInV) ? self::PULLED_IN : self::RELEASED;
    }

    public function coilV(NodeVoltages $voltages): float
    {
        return abs($voltages->across(...$this->coil));
    }

    public function isPulledIn(int $position): bool
    {
        return $position === self::PULLED_IN;
    }

    public function actuatedPosition(): int
    {
        return self::PULLED_IN;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
