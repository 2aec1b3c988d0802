<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Control\Demand;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Road\HeatsUp;

/**
 * What is said of a fault: one sentence for each thing that comes of it.
 *
 * @internal
 */
final class FaultEffects
{
    /** Fuses that open within about the same time are said in one figure. */
    private const SAME_TIME = 1.3;

    /** Shorter times than this are all the same to a reader, s. */
    private const LEAST_S = 0.01;

    /** A fuse that opens by then has opened at once, s. */
    private const AT_ONCE_S = 1.0;

    /**
     * @param  list<Message>  $said  what burns, is damaged or is shown
     * @param  array{fuse: string, soonestS: float, latestS: float}|null  $opens
     * @param  HeatsUp|null  $heatsUp  null where no cooling is lost
     * @param  list<string>  $loses  values of Demand that are not obeyed any more
     * @param  list<string>  $lessens  those that get less air
     * @return non-empty-list<Message>
     */
    public static function of(
        array $said,
        ?array $opens,
        ?HeatsUp $heatsUp,
        float $airShare,
        bool $comesLate,
        array $loses,
        array $lessens,
        bool $runsOn,
        float $drainA,
    ): array {
        $effects = $said;
        if ($opens !== null) {
            $effects[] = self::opening($opens);
        }
        if ($heatsUp !== null) {
            $effects[] = $airShare < Harm::STRANDED_SHARE ? Message::of('effect.no-fan-runs') : Message::of(
                'effect.air-left', left: Unit::Percent->of(round(100 * $airShare)),
            );
            $effects[] = HeatingEffect::said($heatsUp);
        } elseif ($comesLate) {
            $effects[] = Message::of('effect.cooling-comes-late');
        }
        $byHeat = [Demand::Temperature->value, Demand::Hand->value];
        foreach (['effect.not-run-by' => array_diff($loses, $byHeat), 'effect.less-air-by' => array_diff($lessens, $loses, $byHeat)] as $code => $demands) {
            if ($demands !== []) {
                $effects[] = Message::of($code, demands: self::demands(array_values($demands)));
            }
        }
        if ($runsOn) {
            $effects[] = Message::of('effect.runs-unasked');
        }
        if ($drainA > 0) {
            $effects[] = Message::of('effect.drains', current: Unit::Ampere->of($drainA));
        }

        return $effects === [] ? [Message::of('effect.nothing')] : $effects;
    }

    /**
     * @param  list<string>  $demands
     * @return list<Message>
     */
    private static function demands(array $demands): array
    {
        return array_map(static fn (string $demand): Message => Message::of("demand.{$demand}"), $demands);
    }

    /** @param  array{fuse: string, soonestS: float, latestS: float}  $opens */
    private static function opening(array $opens): Message
    {
        return match (true) {
            is_infinite($opens['soonestS']) => Message::of('effect.fuse-overloaded', fuse: $opens['fuse']),
            is_infinite($opens['latestS']) => Message::of('effect.fuse-opens-or-not', fuse: $opens['fuse'], within: self::time($opens['soonestS'])),
            $opens['latestS'] > self::AT_ONCE_S && $opens['latestS'] > self::SAME_TIME * $opens['soonestS'] => Message::of(
                'effect.fuse-opens-between', fuse: $opens['fuse'], within: self::time($opens['soonestS']), latest: self::time($opens['latestS']),
            ),
            default => Message::of('effect.fuse-opens', fuse: $opens['fuse'], within: self::time($opens['latestS'])),
        };
    }

    public static function time(float $seconds): Quantity
    {
        return $seconds < 100 ? Unit::Second->of(max(self::LEAST_S, $seconds)) : Unit::Minute->of(round($seconds / 60));
    }
}
