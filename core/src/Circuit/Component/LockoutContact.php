<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** A contact in the trigger that opens above an engine speed, or while the starter turns. */
final readonly class LockoutContact extends Component
{
    private const CONTACT_OHM = 0.02;

    /** @param  float|null  $aboveRpm  opens from this speed; null: opens while cranking */
    public function __construct(string $id, string $mark, string $name, private ?float $aboveRpm)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('1'), $this->terminal('2'), Symbol::Lockout)];
    }

    public function figure(): ?array
    {
        return $this->aboveRpm === null ? null : [$this->aboveRpm, 'rpm'];
    }

    public function elements(Setting $setting, int $position): array
    {
        $isOpen = $this->aboveRpm === null ? $setting->key === Key::Crank : $setting->engineRpm >= $this->aboveRpm;

        return $isOpen ? [] : [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM)];
    }
}
