<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
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
            if ($switch->band()->place->isInHose() && $switch->isBodyInContact() && $volts > self::DEAD_V) {
                $path = "{$switch->deciderPath}/feedThroughBody";
                $findings[] = new Finding(
                    'adapter-body-live', Severity::Warning, $switch->id, $path, figures: [Figure::of('body', Unit::Volt->of($volts))],
                    remedies: $switch->passesFeedOn() ? [Remedy::of('two-wire-switch', [$path => false])] : [],
                );
            }
        }

        return $findings;
    }
}
