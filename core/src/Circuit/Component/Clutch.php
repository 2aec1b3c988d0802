<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** The compressor's clutch and the wire that feeds it, as the vehicle has them. */
final readonly class Clutch extends Component implements Listens
{
    public const INPUT = 'air-conditioning';

    public const OFF = 'off';

    public const ON = 'on';

    /** Current from which the clutch engages, A (common practice, no source). */
    public const ENGAGES_FROM_A = 0.8;

    /** What a clutch coil draws at its system voltage, A (common practice, no source). */
    private const COIL_A = 3.6;

    /** The vehicle's own switches and lead, Ω (common practice, no source). */
    private const LEAD_OHM = 0.08;

    public function __construct(string $mark, private int $systemV)
    {
        parent::__construct('clutch', $mark, 'Compressor clutch');
    }

    public function passes(): array
    {
        return [
            new Pass('battery:+', $this->terminal('1'), Symbol::HandMake),
            new Pass($this->terminal('1'), 'battery:-', Symbol::Coil),
        ];
    }

    public function elements(Setting $setting, int $position): array
    {
        $coil = new Resistor('clutch-coil', $this->terminal('1'), 'battery:-', $this->systemV / self::COIL_A);
        $isOn = $setting->key === Key::Run && $setting->position(self::INPUT, self::OFF) === self::ON;

        return $isOn ? [$coil, new Resistor('clutch', 'battery:+', $this->terminal('1'), self::LEAD_OHM)] : [$coil];
    }

    public function input(): string
    {
        return self::INPUT;
    }

    public function inputLabel(): string
    {
        return 'Air conditioning';
    }

    public function inputPositions(): array
    {
        return [self::OFF, self::ON];
    }
}
