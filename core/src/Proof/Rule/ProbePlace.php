<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A probe between the fins: 6 to 12 mm in, 100 to 150 mm from the inlet tank near the inlet (common practice, no source). */
final readonly class ProbePlace implements Rule
{
    private const DEPTH_MM = [6.0, 12.0];

    private const FROM_INLET_MM = [100.0, 150.0];

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->control->decidingByPath() as $path => $deciding) {
            $band = $deciding->decider->band();
            if ($band === null || ! $band->place->isInFins()) {
                continue;
            }
            $asked = ['depthMm' => [$band->depthMm, self::DEPTH_MM, 'probe-depth']];
            if ($band->place->isNearInlet()) {
                $asked['fromInletMm'] = [$band->fromInletMm, self::FROM_INLET_MM, 'probe-from-inlet'];
            }
            foreach ($asked as $field => [$told, [$least, $most], $code]) {
                if ($told !== null && ($told < $least || $told > $most)) {
                    $findings[] = new Finding(
                        $code, Severity::Warning, "{$deciding->id}-switch", "{$path}/{$field}",
                        ['told' => Unit::Millimetre->of($told), 'least' => Unit::Millimetre->of($least), 'most' => Unit::Millimetre->of($most)],
                        [Figure::of('has', Unit::Millimetre->of($told)), Figure::of('wanted', Unit::Millimetre->of($told < $least ? $least : $most))],
                    );
                }
            }
        }

        return $findings;
    }
}
