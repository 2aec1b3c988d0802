<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Reads what decides a stage. Fields a kind needs and has not are named. */
final class DeciderReader
{
    /**
     * @param  array<string, mixed>  $decider  as decoded, already valid against the schema
     *
     * @throws Unusable
     */
    public static function read(array $decider, string $at): Decider
    {
        $needs = match ($decider['kind']) {
            'hand', 'pressure-switch' => [],
            'thermal-switch' => ['action', 'onC', 'offC', 'place'],
            'thermostat', 'computer', 'original' => ['output', 'onC', 'offC', 'place'],
            default => ['onC', 'offC', 'place', 'spanK', 'leastDutyPercent'],
        };
        $missing = array_values(array_diff($needs, array_keys($decider)));
        if ($missing !== []) {
            throw new Unusable(array_map(static fn (string $name): Problem => new Problem("{$at}/{$name}", 'is missing.'), $missing));
        }
        $ratedA = $decider['ratedA'] ?? null;
        if ($decider['kind'] === 'hand') {
            return new Hand($ratedA ?? Hand::USUAL_RATED_A);
        }
        if ($decider['kind'] === 'pressure-switch') {
            return new PressureDecider($ratedA ?? PressureDecider::USUAL_RATED_A);
        }
        $band = new TemperatureBand($decider['onC'], $decider['offC'], Place::from($decider['place']), $decider['coolantStands'] ?? false);

        return match ($decider['kind']) {
            'thermal-switch' => new ThermalSwitch(
                ThermalAction::from($decider['action']),
                $band,
                $ratedA ?? ThermalSwitch::USUAL_RATED_A,
                $decider['earthLead'] ?? true,
                $decider['isDirect'] ?? false,
            ),
            'thermostat' => new Thermostat(
                ThermostatOutput::tryFrom($decider['output']) ?? throw Unusable::because(
                    "{$at}/output",
                    'must be one of '.implode(', ', array_column(ThermostatOutput::cases(), 'value')).'.',
                ),
                $band,
                $ratedA ?? Thermostat::USUAL_RATED_A,
            ),
            'computer' => new ComputerOutput(
                $decider['output'],
                $band,
                $ratedA ?? ComputerOutput::USUAL_RATED_A,
                $decider['openReadsHot'] ?? false,
            ),
            'original' => new OriginalControl(
                $decider['output'],
                $band,
                $ratedA ?? ComputerOutput::USUAL_RATED_A,
                $decider['areaMm2'] ?? OriginalControl::USUAL_AREA_MM2,
            ),
            default => new SteplessController(
                $band,
                $decider['spanK'],
                $decider['leastDutyPercent'],
                $decider['softStartS'] ?? SteplessController::USUAL_SOFT_START_S,
                $ratedA ?? SteplessController::USUAL_RATED_A,
            ),
        };
    }
}
