<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\RelayLead;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalAction;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\BodyContact;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Control\Load\DirectFan;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** A fixed two-position temperature switch: closing or opening when hot, or carrying the fan itself. */
final readonly class ThermalSwitch extends TriggersRelay
{
    /** What the usual screw-in switch may carry, A (common practice, no source). */
    private const USUAL_RATED_A = 6.0;

    /** What one made to carry a fan may carry, A (common practice, no source). */
    private const DIRECT_RATED_A = 20.0;

    private function __construct(
        private ThermalAction $action,
        private TemperatureBand $band,
        private float $ratedA,
        private bool $hasEarthLead,
        private bool $isDirect,
        private bool $feedThroughBody,
    ) {}

    public static function kind(): string
    {
        return 'thermal-switch';
    }

    public static function fields(): array
    {
        return [
            Field::word('action', array_column(ThermalAction::cases(), 'value')),
            ...Fields::band(),
            Fields::ratedA(self::USUAL_RATED_A),
            Field::flag('earthLead', true),
            Field::flag('isDirect', false),
            Field::flag('feedThroughBody', false),
        ];
    }

    public static function read(FieldValues $values): self
    {
        return new self(
            ThermalAction::from($values->text('action')), $values->band(), $values->number('ratedA'), $values->flag('earthLead'), $values->flag('isDirect'),
            $values->flag('feedThroughBody'),
        );
    }

    public static function options(int $number): array
    {
        return [
            new Option('closing', ['action' => ThermalAction::ClosesWhenHot->value]),
            new Option('opening', ['action' => ThermalAction::OpensWhenHot->value]),
            new Option('direct', ['action' => ThermalAction::ClosesWhenHot->value, 'isDirect' => true, 'ratedA' => self::DIRECT_RATED_A]),
        ];
    }

    public function option(): string
    {
        return $this->isDirect ? 'direct' : ($this->opensWhenHot() ? 'opening' : 'closing');
    }

    public function askedFields(Stage $stage): array
    {
        $inHose = match (true) {
            ! $this->band->place->isInHose() || $this->isDirect => [],
            $this->isOnEarthSide($stage) => ['earthLead'],
            default => ['feedThroughBody'],
        };

        return ['ratedA', ...$inHose, 'coolantStands'];
    }

    public function fedInput(Stage $stage): ?array
    {
        return $this->opensWhenHot() ? ["{$stage->id}-inverting-relay:86", "{$stage->id}-inverting-relay:85"] : null;
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function canJoin(): bool
    {
        return ! $this->isDirect;
    }

    public function isFixedPair(): bool
    {
        return true;
    }

    /** Whether its body hangs in rubber and nothing earths it. */
    public function lacksEarth(Stage $stage): bool
    {
        return ! $this->isDirect && ! $this->hasEarthLead && $this->band->place->isInHose()
            && $this->isOnEarthSide($stage);
    }

    private function isOnEarthSide(Stage $stage): bool
    {
        return $stage->side === Side::Earth || $this->opensWhenHot();
    }

    public function opensWhenHot(): bool
    {
        return $this->action === ThermalAction::OpensWhenHot;
    }

    public function refusals(Stage $stage, string $path, Control $control): array
    {
        return match (true) {
            $this->isDirect && $this->opensWhenHot() => [new Problem("{$path}/isDirect", Message::of('refusal.opening-switch-carries-fan'))],
            $this->isDirect && $stage->relayLead === RelayLead::Minus => [
                new Problem("{$path}/isDirect", Message::of('refusal.carries-fan-without-relay')),
            ],
            $this->feedThroughBody && ! $this->band->place->isInHose() => [
                new Problem("{$path}/feedThroughBody", Message::of('refusal.feed-through-earthed-body')),
            ],
            $this->feedThroughBody && ($this->isDirect || $this->isOnEarthSide($stage)) => [
                new Problem("{$path}/feedThroughBody", Message::of('refusal.feed-through-body-on-earth-side')),
            ],
            default => [],
        };
    }

    public function load(Stage $stage): Load
    {
        return $this->isDirect ? new DirectFan($stage, $this->switch(...)) : parent::load($stage);
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        if ($this->opensWhenHot()) {
            $this->installOpening($harness, $line);
        } elseif (! $this->isDirect) {
            $this->installClosing($harness, $line);
        }
    }

    /** On the earth side the usual one-wire switch; in a hose adapter its body hangs in rubber, so it needs a lead of its own. */
    private function installClosing(Harness $harness, TriggerLine $line): void
    {
        $isOneWire = $line->isEarthSide();
        $inHose = $this->band->place->isInHose();
        $isScrewedIn = ! $inHose && ! $this->band->place->isDry();
        $switch = $this->switch($harness, $line->stage, $isOneWire && $isScrewedIn ? $harness->earth('engine') : null);
        $line->bridge(
            $harness,
            $switch->terminal('1'),
            $switch->terminal('2'),
            Stretch::Sensor,
            $isOneWire ? Stretch::SensorEarth : Stretch::FuseToCoil,
            'radiator',
            end: $isOneWire && ($isScrewedIn || ($inHose && ! $this->hasEarthLead)) ? '' : null,
        );
    }

    /** A relay held in while cold; hot, or with a broken wire, its rest contact runs the stage. */
    private function installOpening(Harness $harness, TriggerLine $line): void
    {
        $id = "{$line->stage->id}-inverting-relay";
        $relay = $harness->add(new Relay(
            $id,
            $harness->mark('K'),
            Message::of('component.inverting-relay'),
            $harness->selection->relay($id),
            $harness->relayPlace($id),
            isChangeOver: true,
        ));
        $inHose = $this->band->place->isInHose();
        $isScrewedIn = ! $inHose && ! $this->band->place->isDry();
        $switch = $this->switch($harness, $line->stage, $isScrewedIn ? $harness->earth('engine') : null);
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $relay->terminal('86'), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        $harness->wire($relay->terminal('85'), $switch->terminal('1'), Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES);
        if (! $isScrewedIn && ($this->hasEarthLead || ! $inHose)) {
            $harness->wire($switch->terminal('2'), $harness->earth('radiator'), Stretch::SensorEarth, Colour::Earth, TriggerLine::WIRES);
        }
        $line->bridge($harness, $relay->terminal('30'), $relay->terminal('87a'), Stretch::CoilToEarth, Stretch::CoilToEarth, 'relays');
    }

    private function switch(Harness $harness, Stage $stage, ?string $bodyEarth = null): TemperatureSwitch
    {
        return $harness->add(new TemperatureSwitch(
            "{$stage->id}-switch",
            $harness->mark('B'),
            Message::of('component.temperature-switch', place: Message::of("place.{$this->band->place->value}")),
            $stage->id,
            $this->band,
            $this->action,
            $this->ratedA,
            $harness->deciderPath($stage),
            $bodyEarth,
            bodyContact: match (true) {
                $this->feedThroughBody => BodyContact::Feed,
                $this->isOnEarthSide($stage) => BodyContact::Earth,
                default => BodyContact::None,
            },
        ));
    }
}
