<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\OriginalControl;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/**
 * The vehicle's own relay and the wires it has to a fan, from the fuse of that circuit to the fan's plus and from its minus to
 * earth. Its coil is fed with the ignition; what earths it is a component of its own. It ends at the fan where it is kept, and at
 * its own terminal 87 where it is cut into.
 */
final readonly class OriginalWiring extends Component implements Protects, Settling
{
    /** Fuse of the circuit its coil is on, and its coil and contact (common practice, no source). */
    private const COIL_FUSE_A = 10.0;

    private const COIL_OHM_PER_V = 7.0;

    private const PULL_IN_SHARE = 0.65;

    private const DROP_OUT_SHARE = 0.15;

    private const CONTACT_OHM = 0.003;

    /** Length of its plus and of its minus, m, and 1/58 Ω·mm²/m (IEC 60028). */
    private const LENGTH_M = 2.0;

    private const COPPER_OHM_MM2_PER_M = 1 / 58;

    private float $leadOhm;

    /**
     * @param  string  $fanId  whose minus it earths
     * @param  string  $trigger  terminal that is earthed to make it run
     * @param  bool  $isCut  whether its plus ends at a cut, to be joined to something else than the fan
     */
    public function __construct(
        string $id,
        string $mark,
        OriginalControl $control,
        private int $systemV,
        private string $fanId,
        private string $trigger,
        public bool $isCut,
    ) {
        parent::__construct($id, $mark, $isCut ? 'Original wiring, cut into' : 'Original wiring, kept');
        $this->leadOhm = self::COPPER_OHM_MM2_PER_M * self::LENGTH_M / $control->areaMm2;
    }

    /** Where its plus ends. */
    public function plus(): string
    {
        return $this->isCut ? $this->terminal('87') : "{$this->fanId}:+";
    }

    public function fuseA(): float
    {
        return self::COIL_FUSE_A;
    }

    public function passes(): array
    {
        return [
            new Pass('existing:30', $this->plus(), Symbol::MakeContact),
            new Pass(Circuit::SUPPLY, $this->trigger, Symbol::Coil),
            new Pass("{$this->fanId}:-", Circuit::EARTH, Symbol::BodyThread),
        ];
    }

    public function elements(Setting $setting, int $position): array
    {
        $elements = [new Resistor("{$this->id}-return", "{$this->fanId}:-", Circuit::EARTH, $this->leadOhm)];
        if ($setting->key === Key::Run) {
            $elements[] = new Resistor("{$this->id}-coil", Circuit::SUPPLY, $this->trigger, self::COIL_OHM_PER_V * $this->systemV);
        }
        if ($position === Relay::PULLED_IN) {
            $elements[] = new Resistor("{$this->id}-contact", 'existing:30', $this->plus(), self::CONTACT_OHM + $this->leadOhm);
        }

        return $elements;
    }

    public function start(Setting $setting): int
    {
        return $setting->memory[$this->id] ?? Relay::RELEASED;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        $threshold = $this->systemV * ($position === Relay::PULLED_IN ? self::DROP_OUT_SHARE : self::PULL_IN_SHARE);

        return $this->coilV($setting, $volts) >= $threshold ? Relay::PULLED_IN : Relay::RELEASED;
    }

    /** Voltage across its coil, V; none with the ignition off. */
    public function coilV(Setting $setting, Volts $volts): float
    {
        return $setting->key === Key::Run ? $volts->across(Circuit::SUPPLY, $this->trigger) : 0.0;
    }

    public function worked(): int
    {
        return Relay::PULLED_IN;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
