<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Supply;
use LampThread\Electrics\Element\Injection;
use LampThread\Electrics\Element\Source;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** The charging system: holds its voltage until the current it can give at this engine speed is reached. */
final readonly class Alternator extends Component implements Settling
{
    public const STANDING = 0;

    public const REGULATING = 1;

    public const AT_LIMIT = 2;

    /** What it holds its voltage behind, Ω (common practice, no source). */
    private const REGULATED_OHM = 0.003;

    /** Engine speed at which the rated output is there, rpm (common practice, no source). */
    private const RATED_RPM = 3000.0;

    /** Below this the engine is only being turned over, rpm. */
    private const CUT_IN_RPM = 500.0;

    public function __construct(private Supply $supply)
    {
        parent::__construct('alternator', 'G2', 'Alternator');
    }

    public function passes(): array
    {
        return [];
    }

    /** What it can give, A: from the idle output in a straight line to the rated one. */
    public function limitA(float $engineRpm): float
    {
        $share = ($engineRpm - Setting::IDLE_RPM) / (self::RATED_RPM - Setting::IDLE_RPM);

        return $this->supply->alternatorIdleA
            + max(0.0, min(1.0, $share)) * ($this->supply->alternatorRatedA - $this->supply->alternatorIdleA);
    }

    public function elements(Setting $setting, int $position): array
    {
        return match ($position) {
            self::REGULATING => [new Source('alternator', 'battery:+', 'battery:-', $this->supply->chargingV, self::REGULATED_OHM)],
            self::AT_LIMIT => [new Injection('alternator', 'battery:+', 'battery:-', $this->limitA($setting->engineRpm))],
            default => [],
        };
    }

    public function start(Setting $setting): int
    {
        return $setting->engineRpm >= self::CUT_IN_RPM ? self::REGULATING : self::STANDING;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        $busV = $volts->across('battery:+', 'battery:-');
        $givenA = ($this->supply->chargingV - $busV) / self::REGULATED_OHM;

        return match ($position) {
            self::REGULATING => $givenA > $this->limitA($setting->engineRpm) ? self::AT_LIMIT : self::REGULATING,
            self::AT_LIMIT => $busV > $this->supply->chargingV ? self::REGULATING : self::AT_LIMIT,
            default => self::STANDING,
        };
    }

    public function worked(): int
    {
        return self::REGULATING;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
