<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\SteplessController;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/**
 * A stepless controller that switches the fan's minus. Averaged over its switching it is an ideal transformer of ratio d, its
 * duty: the fan sees d times the supply, the supply sees d times the fan's current. With plus common, that is three resistances
 * g(1 − d), g·d and −g·d(1 − d) between supply, fan minus and earth, g being its output's conductance; so it needs no element of its own.
 */
final readonly class Stepless extends Component implements FeelsTemperature, Settling
{
    /** Output transistors, Ω (common practice, no source). */
    private const OUTPUT_OHM = 0.005;

    private const LINK_OHM = 0.001;

    /** Its inputs, Ω (common practice, no source). */
    private const INPUT_OHM = 4700.0;

    /** Voltage from which an input counts as live, V. */
    private const LIVE_V = 3.0;

    private const FULL = 100;

    /** @param  bool  $hasRequest  whether anything is joined to its air-conditioning input */
    public function __construct(
        string $id,
        string $mark,
        public SteplessController $controller,
        private bool $hasRequest = true,
    ) {
        parent::__construct($id, $mark, 'Stepless controller');
    }

    /** What steadies its supply at the end of a long lead: twice to three times the system's voltage (common practice, no source). */
    public static function capacitor(int $systemV): string
    {
        return 'Capacitor 470 µF, '.($systemV === 24 ? 63 : 35).' V';
    }

    public function passes(): array
    {
        return [
            new Pass($this->terminal('30'), $this->terminal('M+'), Symbol::Module),
            new Pass($this->terminal('M-'), $this->terminal('31'), Symbol::Module),
            new Pass($this->terminal('15'), $this->terminal('31'), Symbol::Module),
            ...($this->hasRequest ? [new Pass($this->terminal('AC'), $this->terminal('31'), Symbol::Module)] : []),
        ];
    }

    public function figure(): array
    {
        return [$this->controller->band->onC, '°C'];
    }

    public function elements(Setting $setting, int $position): array
    {
        $elements = [
            new Resistor("{$this->id}-link", $this->terminal('30'), $this->terminal('M+'), self::LINK_OHM),
            new Resistor("{$this->id}-enable", $this->terminal('15'), $this->terminal('31'), self::INPUT_OHM),
        ];
        if ($this->hasRequest) {
            $elements[] = new Resistor("{$this->id}-request", $this->terminal('AC'), $this->terminal('31'), self::INPUT_OHM);
        }
        if ($position === 0) {
            return $elements;
        }
        $duty = $position / 100;
        $elements[] = new Resistor($this->id, $this->terminal('M-'), $this->terminal('31'), self::OUTPUT_OHM / $duty);
        if ($duty < 1) {
            $elements[] = new Resistor("{$this->id}-freewheel", $this->terminal('M+'), $this->terminal('M-'), self::OUTPUT_OHM / (1 - $duty));
            $elements[] = new Resistor(
                "{$this->id}-ratio",
                $this->terminal('M+'),
                $this->terminal('31'),
                -self::OUTPUT_OHM / ($duty * (1 - $duty)),
            );
        }

        return $elements;
    }

    public function band(): TemperatureBand
    {
        return $this->controller->band;
    }

    public function start(Setting $setting): int
    {
        return 0;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        $earth = $this->terminal('31');
        if ($volts->across($this->terminal('15'), $earth) < self::LIVE_V) {
            return 0;
        }
        if ($volts->across($this->terminal('AC'), $earth) >= self::LIVE_V) {
            return self::FULL;
        }

        return Hysteresis::of($this->controller->band, $setting, $this->id) === Hysteresis::HOT
            ? (int) round($this->controller->dutyPercent($setting->feltC($this->id)))
            : 0;
    }

    public function worked(): int
    {
        return self::FULL;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
