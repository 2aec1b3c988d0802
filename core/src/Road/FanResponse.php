<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Brief;
use LampThread\Brief\Stage;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Operation\Solver;

/**
 * What the circuit does when its sensors are hot or cold: every combination that comes up is solved once and kept. A sensor is held
 * where the drive has it; one whose answer goes with the temperature is given the temperature it reads, each its own.
 */
final class FanResponse
{
    /** Engine speeds are told apart this finely for what the alternator gives, rpm; past the last it gives all it can. */
    private const RPM_STEP = 500.0;

    /** What a proportional sensor reads is told apart this finely, K. */
    private const READING_STEP_K = 0.5;

    /** @var array<string, FanState> */
    private array $kept = [];

    /** @var list<FanMotor> */
    private readonly array $motors;

    private readonly Solver $solver;

    /** @var list<(Component&TemperatureSensing)|null> by stage */
    private readonly array $sensors;

    public function __construct(private readonly Brief $brief, private readonly Circuit $circuit)
    {
        $this->solver = new Solver($circuit);
        $this->motors = $circuit->each(FanMotor::class);
        $this->sensors = array_map(static fn (Stage $stage) => $circuit->sensorOf($stage->id), $brief->control->stages);
    }

    /**
     * @param  array<int, bool>  $hot  by stage
     * @param  array<int, float>  $readsC  by stage, °C
     * @param  float|null  $elapsedS  since the key went out, s; null with the key on
     */
    public function at(bool $keyOn, float $engineRpm, bool $airConditioning, array $hot, array $readsC, ?float $elapsedS): FanState
    {
        $afterRun = $this->brief->control->afterRun;
        $runsOn = $elapsedS !== null && $afterRun !== null && $elapsedS < $afterRun->delayS && ! $afterRun->isPush;
        $lockedAbove = $this->brief->control->lockouts->aboveRpm;
        $isLocked = $lockedAbove !== null && $engineRpm >= $lockedAbove;
        $band = $engineRpm <= 0 ? 0 : (int) min(Assumptions::CHARGING_RPM / self::RPM_STEP, max(1.0, floor($engineRpm / self::RPM_STEP)));
        $key = ($keyOn ? 'k' : '-').$band.($airConditioning ? 'a' : '-').($runsOn ? 'r' : '-').($isLocked ? 'l' : '-');
        foreach ($hot as $at => $isHot) {
            $isProportional = $isHot && $this->sensors[$at]?->isProportional() === true;
            $key .= $isProportional ? '|'.round($readsC[$at] / self::READING_STEP_K) : ($isHot ? '|1' : '|0');
        }

        return $this->kept[$key] ??= $this->solved(
            $keyOn, $isLocked ? max($lockedAbove ?? 0.0, $engineRpm) : self::rpm($band), $airConditioning, $hot, $readsC, $runsOn,
        );
    }

    private static function rpm(int $band): float
    {
        return $band <= 1 ? $band * Assumptions::IDLE_RPM : $band * self::RPM_STEP;
    }

    /**
     * @param  array<int, bool>  $hot
     * @param  array<int, float>  $readsC
     */
    private function solved(bool $keyOn, float $engineRpm, bool $airConditioning, array $hot, array $readsC, bool $runsOn): FanState
    {
        $held = [];
        $memory = [];
        $localC = [];
        foreach ($this->sensors as $at => $sensor) {
            if ($sensor === null) {
                continue;
            }
            if (! $sensor->isProportional()) {
                $held[$sensor->id] = $hot[$at] ? FaultKind::StuckOn : FaultKind::StuckOff;
            } elseif ($hot[$at]) {
                $memory[$sensor->id] = 1;
                $localC[$sensor->id] = round($readsC[$at] / self::READING_STEP_K) * self::READING_STEP_K;
            }
        }
        $point = $this->solver->settle(new OperatingConditions(
            $keyOn ? Key::Run : Key::Off,
            $keyOn ? $engineRpm : 0.0,
            positions: $this->circuit->requests($airConditioning),
            memory: $memory,
            elapsedS: $runsOn ? 0.0 : null,
            faults: new Faults($held),
            localC: $localC,
        ));
        $airM3h = 0.0;
        $speed = 0.0;
        $running = 0;
        $currentA = 0.0;
        foreach ($this->motors as $motor) {
            $currentA += $point->currentA($motor->id);
            if ($point->position($motor->id) === FanMotor::TURNING) {
                $share = abs($motor->model->speedShare($motor->volts($point->voltages)));
                $airM3h += $share * $motor->fan->flowM3h;
                $speed += $share;
                $running++;
            }
        }

        return new FanState(
            $airM3h, $speed / max(1, count($this->motors)), $running, $currentA, $point->voltages->at(Rail::SUPPLY), $point->currentA(Battery::ID),
        );
    }
}
