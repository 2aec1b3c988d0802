<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\ClutchTap;
use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** The compressor's clutch and the wire that feeds it, as the vehicle has them. */
final readonly class Clutch extends Component implements HasInput
{
    public const ID = 'clutch';

    /** Element of its coil. */
    public const COIL = 'clutch-coil';

    public const INPUT = 'air-conditioning';

    public const OFF = 'off';

    public const ON = 'on';

    /** Current from which the clutch engages, A (common practice, no source). */
    public const ENGAGES_FROM_A = 0.8;

    /** What a clutch coil draws at its system voltage, A (common practice, no source). */
    private const COIL_A = 3.6;

    /** The vehicle's own switches and lead, Ω (common practice, no source). */
    private const LEAD_OHM = 0.072;

    public function __construct(string $mark, private int $systemV, private ClutchTap $tap = ClutchTap::Behind)
    {
        parent::__construct(self::ID, $mark, Message::of('component.clutch'));
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [
            new ConductionPath(VehicleFuse::behind(VehicleFuse::CLUTCH), $this->terminal('1'), Symbol::HandMake),
            new ConductionPath($this->terminal('1'), Rail::EARTH, Symbol::Coil),
        ];
    }

    public function faults(): array
    {
        return [new Open];
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.clutch-tap', mark: $this->mark, isBefore: $this->tap === ClutchTap::Before);
    }

    public function loadElement(): string
    {
        return self::COIL;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $coil = new Resistor(self::COIL, $this->terminal('1'), Rail::EARTH, $this->systemV / self::COIL_A);
        $isOn = $conditions->key === Key::Run && $conditions->position(self::INPUT, self::OFF) === self::ON;

        return $isOn ? [$coil, new Resistor(self::ID, VehicleFuse::behind(VehicleFuse::CLUTCH), $this->terminal('1'), self::LEAD_OHM)] : [$coil];
    }

    public function input(): string
    {
        return self::INPUT;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.air-conditioning');
    }

    public function inputPositions(): array
    {
        return [self::OFF, self::ON];
    }

    public function source(): InputSource
    {
        return InputSource::AirConditioning;
    }
}
