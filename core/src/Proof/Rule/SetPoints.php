<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Stage;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/**
 * On and off temperatures against the thermostat. Below its opening temperature no coolant is cooled: a fan that should stop
 * there never stops, and one that starts there runs before it can help. Places behind the core read lower by its drop.
 * Common practice, no source.
 */
final readonly class SetPoints implements Rule
{
    /** What the on temperature should at least be above the thermostat's opening, K (common practice, no source). */
    public const ON_ABOVE_K = 2.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->control->stages as $at => $stage) {
            array_push($findings, ...$this->stage($stage, "/control/stages/{$at}/decider", $sizing));
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function stage(Stage $stage, string $path, Sizing $sizing): array
    {
        $decider = $stage->decider->band();
        if ($decider === null) {
            return [];
        }
        $subject = self::subject($stage, $sizing);
        $cooling = $sizing->brief->cooling;
        $opensC = $cooling->thermostatOpensC - $decider->place->dropAcrossCoreK();
        $gapK = $decider->onC - $decider->offC;
        $felt = $decider->place->dropAcrossCoreK() > 0
            ? sprintf(' There the coolant is about %g K cooler than where it enters.', $decider->place->dropAcrossCoreK())
            : '';
        $numbers = [
            'thermostat opens, as felt there' => [$opensC, '°C'],
            'on' => [$decider->onC, '°C'],
            'off' => [$decider->offC, '°C'],
        ];
        $offC = ceil($opensC) + 1.0;
        $raised = new Remedy(
            sprintf('Switch with on %g °C, off %g °C', $offC + max(5.0, $gapK), $offC),
            ["{$path}/onC" => $offC + max(5.0, $gapK), "{$path}/offC" => $offC],
        );
        $findings = [];
        if ($decider->offC <= $opensC) {
            $findings[] = new Finding(
                'off-below-thermostat',
                Severity::Warning,
                'The fan never stops',
                "It stops only at or below the temperature at which the thermostat closes the radiator off, so the coolant never gets there.{$felt}",
                $subject,
                "{$path}/offC",
                $numbers,
                [$raised],
            );
        }
        if ($decider->onC < $opensC + self::ON_ABOVE_K) {
            $findings[] = new Finding(
                'on-below-thermostat',
                Severity::Warning,
                'The fan starts before it can help',
                "Until the thermostat is open the radiator holds no engine heat; wanted is on at least 2 K above its opening.{$felt}",
                $subject,
                "{$path}/onC",
                $numbers,
                [$raised],
            );
        }
        if ($decider->onC >= $cooling->ceilingC - $decider->place->dropAcrossCoreK()) {
            $findings[] = new Finding(
                'on-above-ceiling',
                Severity::Danger,
                'The fan starts too late',
                "The coolant is at its ceiling before the switch closes.{$felt}",
                $subject,
                "{$path}/onC",
                [...$numbers, 'ceiling' => [$cooling->ceilingC, '°C']],
                [$raised],
            );
        }

        return $findings;
    }

    /** The component that feels this stage's temperature. */
    private static function subject(Stage $stage, Sizing $sizing): string
    {
        foreach (array_keys($sizing->circuit->feelers()) as $id) {
            if (str_starts_with($id, "{$stage->id}-")) {
                return $id;
            }
        }

        return $stage->id;
    }
}
