<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\Stage;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Stepless;
use LampThread\Electrics\FaultKind;
use LampThread\Electrics\Faults;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;

/**
 * What the circuit does when its sensors are hot or cold: every combination that comes up is solved once and kept. A sensor is held
 * where the drive has it, a stepless controller is given the temperature it feels.
 */
final class FanResponse
{
    /** Engine speeds are told apart this finely for what the alternator gives, rpm; past the last it gives all it can. */
    private const RPM_STEP = 500.0;

    private const RPM_MOST = 3000.0;

    /** What a stepless controller feels is told apart this finely, K. */
    private const FELT_STEP_K = 0.5;

    /** @var array<string, FanState> */
    private array $kept = [];

    /** @var list<FanMotor> */
    private readonly array $motors;

    private readonly Solver $solver;

    /** @var list<array{string, bool}> by stage: the component that feels its temperature, and whether it is stepless */
    private readonly array $feelers;

    public function __construct(private readonly Brief $brief, Circuit $circuit)
    {
        $this->solver = new Solver($circuit);
        $this->motors = $circuit->each(FanMotor::class);
        $this->feelers = array_map(static function (Stage $stage) use ($circuit): array {
            foreach ($circuit->feelers() as $id => $feeler) {
                if (str_starts_with($id, "{$stage->id}-")) {
                    return [$id, $feeler instanceof Stepless];
                }
            }

            return ['', false];
        }, $brief->control->stages);
    }

    /**
     * @param  array<int, bool>  $hot  by stage
     * @param  array<int, float>  $feltC  by stage, °C
     * @param  float|null  $elapsedS  since the key went out, s; null with the key on
     */
    public function at(bool $keyOn, float $engineRpm, bool $airConditioning, array $hot, array $feltC, ?float $elapsedS): FanState
    {
        $afterRunS = $this->brief->control->afterRun?->delayS;
        $runsOn = $elapsedS !== null && $afterRunS !== null && $elapsedS < $afterRunS && $this->brief->control->afterRun?->isPush !== true;
        $lockedAbove = $this->brief->control->lockouts->aboveRpm;
        $isLocked = $lockedAbove !== null && $engineRpm >= $lockedAbove;
        $band = $engineRpm <= 0 ? 0 : (int) min(self::RPM_MOST / self::RPM_STEP, max(1.0, floor($engineRpm / self::RPM_STEP)));
        $key = ($keyOn ? 'k' : '-').$band.($airConditioning ? 'a' : '-').($runsOn ? 'r' : '-').($isLocked ? 'l' : '-');
        foreach ($hot as $at => $isHot) {
            $key .= $this->feelers[$at][1] && $isHot ? '|'.round($feltC[$at] / self::FELT_STEP_K) : ($isHot ? '|1' : '|0');
        }

        return $this->kept[$key] ??= $this->solved($keyOn, $isLocked ? max($lockedAbove ?? 0.0, $engineRpm) : $this->rpm($band), $airConditioning, $hot, $feltC, $runsOn);
    }

    private function rpm(int $band): float
    {
        return $band <= 1 ? $band * Setting::IDLE_RPM : $band * self::RPM_STEP;
    }

    /**
     * @param  array<int, bool>  $hot
     * @param  array<int, float>  $feltC
     */
    private function solved(bool $keyOn, float $engineRpm, bool $airConditioning, array $hot, array $feltC, bool $runsOn): FanState
    {
        $held = [];
        $memory = [];
        $coolantC = 20.0;
        foreach ($this->feelers as $at => [$id, $isStepless]) {
            if ($id === '') {
                continue;
            }
            if (! $isStepless) {
                $held[$id] = $hot[$at] ? FaultKind::StuckOn : FaultKind::StuckOff;
            } elseif ($hot[$at]) {
                $memory[$id] = 1;
                $coolantC = round($feltC[$at] / self::FELT_STEP_K) * self::FELT_STEP_K;
            }
        }
        $point = $this->solver->settle(new Setting(
            $keyOn ? Key::Run : Key::Off,
            $keyOn ? $engineRpm : 0.0,
            $coolantC,
            [Clutch::INPUT => $airConditioning ? Clutch::ON : Clutch::OFF, PressureSwitch::INPUT => $airConditioning ? PressureSwitch::HIGH : 'normal'],
            $memory,
            $runsOn ? 0.0 : null,
            faults: new Faults($held),
        ));
        $airM3h = 0.0;
        $speed = 0.0;
        $running = 0;
        $currentA = 0.0;
        foreach ($this->motors as $motor) {
            $currentA += $point->currentA($motor->id);
            if ($point->position($motor->id) === FanMotor::TURNING) {
                $share = abs($motor->model->speedShare($point->volts->across($motor->terminal('+'), $motor->terminal('-'))));
                $airM3h += $share * $motor->fan->flowM3h;
                $speed += $share;
                $running++;
            }
        }

        return new FanState($airM3h, $speed / max(1, count($this->motors)), $running, $currentA, $point->volts->at(Circuit::SUPPLY), $point->currentA('battery'));
    }
}
