<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Proof\Finding;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** What switches the coil must carry it. */
final readonly class SwitchRating implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->components as $component) {
            [$ratedA, $path] = match (true) {
                $component instanceof TemperatureSwitch,
                $component instanceof ElectronicThermostat,
                $component instanceof ComputerDriver => [$component->ratedA, '/control/stages/0/decider/ratedA'],
                $component instanceof Stepless => [$component->controller->ratedA, '/control/stages/0/decider/ratedA'],
                $component instanceof HandSwitch => [$component->ratedA, '/control/override/ratedA'],
                $component instanceof DelayRelay => [DelayRelay::RATED_A, '/control/afterRun'],
                $component instanceof PressureSwitch => [$component->ratedA, '/control/airConditioning'],
                default => [null, ''],
            };
            $currentA = $component instanceof Stepless
                ? self::fansOf($component, $sizing)
                : $sizing->duty->greatestA($component->id);
            if ($ratedA !== null && $currentA > $ratedA) {
                $findings[] = new Finding(
                    'switch-over-rating',
                    Severity::Danger,
                    'The switch carries more than it is made for',
                    "{$component->name} ({$component->mark}) burns its contact or sticks closed.",
                    $component->id,
                    $path,
                    ['carries' => [$currentA, 'A'], 'rated' => [$ratedA, 'A']],
                    [],
                );
            }
        }

        return $findings;
    }

    /** What a controller's fans take together, A. */
    private static function fansOf(Stepless $controller, Sizing $sizing): float
    {
        $currentA = 0.0;
        foreach ($sizing->circuit->wires as $wire) {
            if ($wire->to === $controller->terminal('M-')) {
                $currentA += $sizing->duty->greatestA($wire->id);
            }
        }

        return $currentA;
    }
}
