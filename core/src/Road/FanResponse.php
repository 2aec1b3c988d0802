<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Brief;
use LampThread\Brief\Fan;
use LampThread\Brief\Stage;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Operation\Solver;

/**
 * What the circuit does when its sensors are hot or cold: every combination that comes up is solved once and kept. A sensor is held
 * where the drive has it; one whose answer goes with the temperature is given how far it reads above its on temperature, each its own.
 */
final class FanResponse
{
    /** Engine speeds are told apart this finely for what the alternator gives, rpm; past the last it gives all it can. */
    private const RPM_STEP = 500.0;

    /** A duty that goes with the temperature is told apart this finely, K; whether its stage runs at all is not. */
    private const DUTY_STEP_K = 0.5;

    /** A battery's charge and temperature are told apart this finely; a full one until a share is gone. */
    private const CHARGE_STEP = 0.05;

    private const BATTERY_STEP_K = 10.0;

    /** @var array<string, FanState> */
    private array $kept = [];

    /** @var list<FanMotor> as the brief has their fans */
    private readonly array $motors;

    private readonly Solver $solver;

    /** @var list<(Component&TemperatureSensing)|null> by decider, as Control::deciding() has them */
    private readonly array $sensors;

    public function __construct(private readonly Brief $brief, private readonly Circuit $circuit)
    {
        $this->solver = new Solver($circuit);
        $motors = array_column($circuit->each(FanMotor::class), null, 'id');
        $this->motors = array_map(static fn (Fan $fan): FanMotor => $motors[$fan->id], $brief->fans);
        $this->sensors = array_map(static fn (Stage $stage) => $circuit->sensorOf($stage->id), $brief->control->deciding());
    }

    /**
     * @param  array<int, bool>  $hot  by decider
     * @param  array<int, float>  $aboveOnK  by decider, what it reads above its on temperature, K
     * @param  float|null  $elapsedS  since the key went out, s; null with the key on. A button that starts the after-run is pressed then
     * @param  float  $chargeShare  of the battery, 0 to 1
     */
    public function at(
        bool $keyOn,
        float $engineRpm,
        bool $airConditioning,
        array $hot,
        array $aboveOnK,
        ?float $elapsedS,
        float $chargeShare = 1.0,
        float $ambientC = 25.0,
    ): FanState {
        $afterRun = $this->brief->control->afterRun;
        $runsOn = $elapsedS !== null && $afterRun !== null && $elapsedS < $afterRun->delayS;
        $speedSwitch = $this->brief->control->lockouts->engineSpeed;
        $isLocked = $speedSwitch?->isOpenAt($engineRpm) === true;
        $band = $engineRpm <= 0 ? 0 : (int) min(Assumptions::CHARGING_RPM / self::RPM_STEP, max(1.0, floor($engineRpm / self::RPM_STEP)));
        $charge = (int) ceil($chargeShare / self::CHARGE_STEP - 1e-6);
        $warmth = (int) min(25 / self::BATTERY_STEP_K, floor($ambientC / self::BATTERY_STEP_K));
        $key = ($keyOn ? 'k' : '-').$band.($airConditioning ? 'a' : '-').($runsOn ? 'r' : '-').($isLocked ? 'l' : '-').$charge.'/'.$warmth;
        $dutyC = [];
        foreach ($hot as $at => $isHot) {
            $sensor = $this->sensors[$at];
            if ($isHot && $sensor?->isProportional() === true) {
                $onC = $sensor->band()->onC;
                $above = round(max(0.0, min($aboveOnK[$at], $sensor->fullDemandC() - $onC)) / self::DUTY_STEP_K);
                $dutyC[$at] = $onC + $above * self::DUTY_STEP_K;
                $key .= "|{$above}";
            } else {
                $key .= $isHot ? '|h' : '|c';
            }
        }
        if (isset($this->kept[$key])) {
            return $this->kept[$key];
        }
        $solvedRpm = ($speedSwitch?->isOpenAt(self::rpm($band)) === true) === $isLocked ? self::rpm($band) : $engineRpm;
        $battery = [$charge * self::CHARGE_STEP, $warmth * self::BATTERY_STEP_K + self::BATTERY_STEP_K / 2];

        return $this->kept[$key] = $this->solved($keyOn, $solvedRpm, $airConditioning, $hot, $dutyC, $runsOn, $battery);
    }

    private static function rpm(int $band): float
    {
        return $band <= 1 ? $band * Assumptions::IDLE_RPM : $band * self::RPM_STEP;
    }

    /**
     * @param  array<int, bool>  $hot
     * @param  array<int, float>  $dutyC  what the sensors of stepless stages that run read, °C
     * @param  array{float, float}  $battery  its charge and its temperature in °C
     */
    private function solved(bool $keyOn, float $engineRpm, bool $airConditioning, array $hot, array $dutyC, bool $runsOn, array $battery): FanState
    {
        $held = [];
        $memory = [];
        $localC = [];
        foreach ($this->sensors as $at => $sensor) {
            if ($sensor === null) {
                continue;
            }
            if (! $sensor->isProportional()) {
                $held[$sensor->id] = $hot[$at] ? new StuckOn : new StuckOff;
            } elseif ($hot[$at]) {
                $memory[$sensor->id] = 1;
                $localC[$sensor->id] = $dutyC[$at];
            }
        }
        $point = $this->solver->settle(new OperatingConditions(
            $keyOn ? Key::Run : Key::Off,
            $keyOn ? $engineRpm : 0.0,
            positions: $this->circuit->requests($airConditioning),
            memory: $memory,
            elapsedS: $runsOn ? ($this->brief->control->afterRun?->startedBy->isByHand() === true ? 1.0 : 0.0) : null,
            faults: new Faults($held),
            localC: $localC,
            chargeShare: $battery[0],
            batteryC: $battery[1],
        ));
        $shares = [];
        $running = 0;
        $currentA = 0.0;
        foreach ($this->motors as $motor) {
            $turns = $point->position($motor->id) === FanMotor::TURNING;
            $currentA += $point->currentA($motor->id);
            $shares[] = $turns ? abs($motor->model->speedShare($motor->volts($point->voltages))) : 0.0;
            $running += (int) $turns;
        }

        return new FanState(
            $shares, array_sum($shares) / max(1, count($shares)), $running, $currentA, $point->voltages->at(Rail::SUPPLY), $point->currentA(Battery::ID),
        );
    }
}
