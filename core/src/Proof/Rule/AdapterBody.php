<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A hose adapter is bare metal: where the switch in it has the feed on its body, the body is live. Common practice, no source. */
final readonly class AdapterBody implements Rule
{
    /** A body that is dead has no more than this, V. */
    private const DEAD_V = 1.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(TemperatureSwitch::class) as $switch) {
            $volts = $sizing->envelope->greatest(static fn ($point): float => abs($point->voltages->at($switch->common())));
            if ($switch->band()->place->isInHose() && self::isBody($switch, $sizing->circuit) && $volts > self::DEAD_V) {
                $findings[] = new Finding(
                    'adapter-body-live', Severity::Warning, $switch->id, '/control/stages', figures: [Figure::of('body', Unit::Volt->of($volts))],
                );
            }
        }

        return $findings;
    }

    /** Whether the common end is the body: no wire ends at it, or a second contact shares it. */
    private static function isBody(TemperatureSwitch $switch, Circuit $circuit): bool
    {
        $sharing = array_filter($circuit->each(TemperatureSwitch::class), static fn (TemperatureSwitch $one): bool => $one->common() === $switch->common());

        return count($sharing) > 1 || $circuit->wiresAt($switch->common()) === [];
    }
}
