<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Brief\Supply;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\Rail;
use LampThread\Diagnosis\Situation;

/** A battery that takes less than it gives, an alternator that gives what it can at idle, and all that is on with the key. */
final readonly class BuiltSupply
{
    private const ALTERNATOR_OHM = 0.006;

    /** Whether the battery is charged, and the alternator gives all it can. */
    private const TAKES = 'battery takes';

    private const AT_LIMIT = 'alternator at its limit';

    private bool $isFlat;

    private float $restingV;

    private float $heldV;

    private float $mostA;

    public function __construct(private Supply $supply, private Spread $spread, Defects $defects)
    {
        $this->isFlat = $defects->has(DefectKind::Flat, Battery::ID);
        $this->restingV = $supply->restingV * (1 - ($this->isFlat ? 0.09 : $spread->draw('charge', 0.0, 0.03)));
        $this->heldV = $supply->chargingV + $spread->draw('regulator', -0.3, 0.2);
        $this->mostA = $supply->alternatorIdleA * $spread->draw('idle output', 0.85, 1.15);
    }

    /** @param  array<string, bool>  $in  what next() came to */
    public function addTo(SpiceCircuit $circuit, Situation $situation, array $in): void
    {
        $givesOhm = 0.001 * $this->supply->batteryMilliohm * $this->spread->draw('battery', 0.8, 1.6) * ($this->isFlat ? 2.5 : 1.0);
        $circuit->source('battery:inside', Rail::EARTH, $this->restingV);
        $circuit->resistor(Battery::ID, 'battery:inside', Rail::SUPPLY, $in[self::TAKES] ?? false ? $this->spread->draw('takes', 0.08, 0.5) : $givesOhm);
        if ($situation->conditions->key === Key::Run && $this->supply->baseLoadA > 0) {
            $loadsA = $this->supply->baseLoadA * $this->spread->draw('loads', 0.8, 1.2);
            $circuit->resistor('loads', Rail::SUPPLY, Rail::EARTH, $this->supply->restingV / $loadsA);
        }
        if ($situation->conditions->engineRpm > 0 && ($in[self::AT_LIMIT] ?? false)) {
            $circuit->current(Rail::EARTH, Rail::SUPPLY, sprintf('%.9g', $this->mostA));
        } elseif ($situation->conditions->engineRpm > 0) {
            $circuit->source('alternator:inside', Rail::EARTH, $this->heldV);
            $circuit->resistor('alternator', 'alternator:inside', Rail::SUPPLY, self::ALTERNATOR_OHM);
        }
    }

    /**
     * @param  array<string, bool>  $in
     * @return array<string, bool> how it stands at these volts
     */
    public function next(float $volts, array $in): array
    {
        $isAtLimit = $in[self::AT_LIMIT] ?? false;

        return [
            self::TAKES => $volts > $this->restingV,
            self::AT_LIMIT => $isAtLimit ? $volts < $this->heldV : ($this->heldV - $volts) / self::ALTERNATOR_OHM > $this->mostA,
        ];
    }
}
