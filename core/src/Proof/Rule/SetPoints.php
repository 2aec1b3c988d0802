<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Stage;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Road\Coolant;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;

/**
 * On and off temperatures against the thermostat. Below its opening temperature no coolant is cooled: a fan that should stop
 * there may never stop, which a drive shows, and one that starts there runs before it can help. Places behind the core read lower by its drop.
 * Common practice, no source.
 */
final readonly class SetPoints implements Rule
{
    /** What the on temperature should at least be above the thermostat's opening, K (common practice, no source). */
    public const ON_ABOVE_K = 2.0;

    /** Least gap between on and off of the pair that is proposed, K (common practice, no source). */
    private const LEAST_GAP_K = 5.0;

    /** A ceiling is at least this much below boiling, K (common practice, no source). */
    private const BELOW_BOILING_K = 5.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        $cooling = $sizing->brief->cooling;
        $boilsC = Coolant::boilsC($cooling->capKpa, $cooling->glycolPercent);
        if ($cooling->ceilingC >= $boilsC) {
            $ceilingC = floor($boilsC - self::BELOW_BOILING_K);
            $findings[] = new Finding(
                'ceiling-above-boiling', Severity::Danger, 'cooling', '/cooling/ceilingC', ['boils' => Unit::Celsius->of($boilsC)],
                [Figure::of('ceiling', Unit::Celsius->of($cooling->ceilingC)), Figure::of('boils', Unit::Celsius->of($boilsC))],
                [Remedy::of('lower-ceiling', ['/cooling/ceilingC' => $ceilingC], ['ceiling' => Unit::Celsius->of($ceilingC)])],
            );
        }
        $decider = 0;
        foreach ($sizing->brief->control->decidingByPath() as $path => $stage) {
            array_push($findings, ...$this->stage($decider++, $stage, $path, $sizing));
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function stage(int $decider, Stage $stage, string $path, Sizing $sizing): array
    {
        $band = $stage->decider->band();
        if ($band === null) {
            return [];
        }
        $subject = $sizing->circuit->sensorOf($stage->id)->id ?? $stage->id;
        $cooling = $sizing->brief->cooling;
        $dropK = $band->place->dropAcrossCoreK();
        $opensC = $cooling->thermostatOpensC - $dropK;
        $params = ['isBehindCore' => $dropK > 0, 'drop' => Unit::Kelvin->of($dropK), 'above' => Unit::Kelvin->of(self::ON_ABOVE_K)];
        $figures = [
            Figure::of('thermostat-opens', Unit::Celsius->of($opensC)),
            Figure::of('on', Unit::Celsius->of($band->onC)),
            Figure::of('off', Unit::Celsius->of($band->offC)),
        ];
        $offC = ceil($opensC) + 1.0;
        $latestOnC = SetPointAdviser::latestOnC($cooling, $dropK);
        // What was told stays where it can.
        $onC = $band->onC >= $offC + self::LEAST_GAP_K && $band->onC <= $latestOnC ? $band->onC : $offC + self::LEAST_GAP_K;
        $raised = Remedy::of(
            $stage->decider->isFixedPair() ? 'switch-pair' : 'set-pair',
            ["{$path}/onC" => $onC, "{$path}/offC" => $offC], ['on' => Unit::Celsius->of($onC), 'off' => Unit::Celsius->of($offC)],
        );
        $findings = [];
        if ($band->offC <= $opensC) {
            $findings[] = Vehicle::of($sizing)->stops($decider, $band)
                ? new Finding('off-low', Severity::Note, $subject, "{$path}/offC", $params, $figures, [$raised])
                : new Finding('off-below-thermostat', Severity::Warning, $subject, "{$path}/offC", $params, $figures, [$raised]);
        }
        $boilsC = Coolant::boilsC($cooling->capKpa, $cooling->glycolPercent) - $dropK;
        if ($band->onC >= $boilsC) {
            $findings[] = new Finding(
                'on-above-boiling', Severity::Danger, $subject, "{$path}/onC", $params, [...$figures, Figure::of('boils', Unit::Celsius->of($boilsC))], [$raised],
            );
        }
        if ($band->onC < $opensC + self::ON_ABOVE_K) {
            $findings[] = new Finding('on-below-thermostat', Severity::Warning, $subject, "{$path}/onC", $params, $figures, [$raised]);
        }
        // What comes on after another has failed may come later.
        if ($stage->parallelNumber === null && $band->onC > $latestOnC && $band->onC < min($boilsC, $cooling->ceilingC - $dropK)) {
            $findings[] = new Finding(
                'on-late', Severity::Warning, $subject, "{$path}/onC", $params, [
                    ...$figures, Figure::of('latest-on', Unit::Celsius->of($latestOnC)), Figure::of('ceiling', Unit::Celsius->of($cooling->ceilingC)),
                ], [$raised],
            );
        }
        if ($band->onC >= $cooling->ceilingC - $dropK) {
            $findings[] = new Finding(
                'on-above-ceiling', Severity::Danger, $subject, "{$path}/onC", $params, [
                    ...$figures, Figure::of('ceiling', Unit::Celsius->of($cooling->ceilingC)),
                ], [$raised],
            );
        }

        return $findings;
    }
}
