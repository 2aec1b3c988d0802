<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * Figures of a fan that no fan has: made for another voltage, or a start that is hardly above running or far past what its armature lets
 * through. A clamp meter shows about three times the running current; the stall is four to six times. Common practice, no source.
 */
final readonly class FanFigures implements Rule
{
    /** Rated voltage over the system's: 13 V for 12 V is usual. */
    private const LEAST_VOLTAGE_SHARE = 0.8;

    private const MOST_VOLTAGE_SHARE = 1.3;

    private const LEAST_START_RATIO = 1.8;

    private const MOST_START_RATIO = 8.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        $systemV = $sizing->brief->supply->systemV;
        foreach ($sizing->brief->fans as $at => $fan) {
            $share = $fan->ratedV / $systemV;
            if ($share < self::LEAST_VOLTAGE_SHARE || $share > self::MOST_VOLTAGE_SHARE) {
                $findings[] = new Finding(
                    'fan-of-other-voltage', Severity::Danger, $fan->id, "/fans/{$at}/ratedV", ['rated' => Unit::Volt->of($fan->ratedV), 'system' => Unit::Volt->of($systemV)],
                    [Figure::of('fan', Unit::Volt->of($fan->ratedV)), Figure::of('battery', Unit::Volt->of($systemV))],
                );
            }
            $ratio = $fan->startA / $fan->runA;
            if ($ratio < self::LEAST_START_RATIO || $ratio > self::MOST_START_RATIO) {
                $findings[] = new Finding(
                    'start-current-unlikely', Severity::Warning, $fan->id, "/fans/{$at}/startA", ['ratio' => round($ratio, 2)],
                    [Figure::of('run', Unit::Ampere->of($fan->runA)), Figure::of('start', Unit::Ampere->of($fan->startA))],
                );
            }
        }

        return $findings;
    }
}
