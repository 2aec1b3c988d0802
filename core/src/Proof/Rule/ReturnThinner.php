<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Wire;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** What flows to a fan flows back: a return thinner than the feed is its weakest part, and forgotten. Common practice, no source. */
final readonly class ReturnThinner implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $feed = $this->thickest($sizing->circuit->wires, $motor->terminal('+'));
            $return = $this->thickest($sizing->circuit->wires, $motor->terminal('-'));
            if ($feed === null || $return === null || $return->conductor->areaMm2 >= $feed->conductor->areaMm2) {
                continue;
            }
            $path = "/runs/{$return->stretch->value}/conductor";
            $findings[] = new Finding(
                'return-thinner',
                Severity::Warning,
                'The return is thinner than the feed',
                sprintf('%s %s brings the current, %s %s takes it back.', $feed->id, $feed->conductor->designation, $return->id, $return->conductor->designation),
                $return->id,
                $path,
                ['feed' => [$feed->conductor->areaMm2, 'mm²'], 'return' => [$return->conductor->areaMm2, 'mm²']],
                $return->run->given === null ? [] : [new Remedy('Cut the return new, from the fan’s reel', [$path => null])],
            );
        }

        return $findings;
    }

    /** @param  list<Wire>  $wires */
    private function thickest(array $wires, string $terminal): ?Wire
    {
        $thickest = null;
        foreach ($wires as $wire) {
            $touches = $wire->from === $terminal || $wire->to === $terminal;
            if ($touches && ($thickest === null || $wire->conductor->areaMm2 > $thickest->conductor->areaMm2)) {
                $thickest = $wire;
            }
        }

        return $thickest;
    }
}
