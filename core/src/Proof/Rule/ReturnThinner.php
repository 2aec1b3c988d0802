<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Wire;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** What flows to a fan flows back: a return thinner than the feed is its weakest part, and forgotten. Common practice, no source. */
final readonly class ReturnThinner implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $feed = self::thickest($sizing->circuit->wiresInto($motor->terminal('+')));
            $return = self::thickest($sizing->circuit->wiresInto($motor->terminal('-')));
            // Sizes that are chosen here are thick enough each by itself; a return that was found is judged by what it carries.
            if ($feed === null || $return === null || $return->segment->given === null || $return->foundId !== null || $return->conductor->areaMm2 >= $feed->conductor->areaMm2) {
                continue;
            }
            $path = "/runs/{$return->stretch->value}/conductor";
            $findings[] = new Finding(
                'return-thinner',
                Severity::Warning,
                $return->id,
                $path,
                ['feed' => $feed->id, 'feedSize' => $feed->conductor->designation, 'return' => $return->id, 'returnSize' => $return->conductor->designation],
                [
                    Figure::of('feed', Unit::SquareMillimetre->of($feed->conductor->areaMm2)),
                    Figure::of('return', Unit::SquareMillimetre->of($return->conductor->areaMm2)),
                ],
                [Remedy::of('cut-return-new', [$path => null])],
            );
        }

        return $findings;
    }

    /** @param  list<Wire>  $wires */
    private static function thickest(array $wires): ?Wire
    {
        $thickest = null;
        foreach ($wires as $wire) {
            if ($thickest === null || $wire->conductor->areaMm2 > $thickest->conductor->areaMm2) {
                $thickest = $wire;
            }
        }

        return $thickest;
    }
}
