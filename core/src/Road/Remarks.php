<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\Fan;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\OutsideSwitch;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;

/** What has to be said of a drive beside its figures: where it left the ground of the model, and what it took for granted. */
final class Remarks
{
    /** Shorter than this is not worth a word, s. */
    private const LEAST_S = 5.0;

    /** @return list<Message> */
    public static function of(SimulationResult $result, Brief $brief, Circuit $circuit): array
    {
        $drive = $result->drive;
        $boiling = $result->boiling;
        $said = [
            'road.boils' => $boiling === null ? null : [
                'at' => self::time($boiling->atS), 'lost' => Unit::Litre->of(round($boiling->lostLitres, 1)), 'boils' => Unit::Celsius->of($result->peakC),
            ],
            'road.emptied' => $boiling?->emptiedAtS === null ? null : ['at' => self::time($boiling->emptiedAtS)],
            'road.wrong-way' => array_filter($brief->fans, static fn (Fan $fan): bool => $fan->airShare() < 0) === [] ? null : [],
            'road.short-of-power' => $result->shortOfPowerS < self::LEAST_S ? null : [
                'for' => self::time($result->shortOfPowerS), 'rated' => Unit::Kilowatt->of($brief->heat->ratedKw),
            ],
            'road.compressor-stopped' => $result->compressorStoppedS < self::LEAST_S ? null : ['for' => self::time($result->compressorStoppedS)],
            'road.no-compressor' => ! $brief->control->hasCompressor() && in_array(true, $drive->airConditioning, true) ? [] : null,
            'road.button-pressed' => $brief->control->afterRun?->startedBy->isByHand() === true && in_array(false, $drive->keysOn, true) ? [] : null,
        ];
        $remarks = [];
        foreach (array_filter($said, static fn (?array $params): bool => $params !== null) as $code => $params) {
            $remarks[] = Message::of($code, ...$params);
        }
        foreach ($circuit->each(OutsideSwitch::class) as $switch) {
            $remarks[] = Message::of('road.other-at-rest', mark: $switch->mark, name: $switch->name);
        }

        return $remarks;
    }

    private static function time(float $seconds): Quantity
    {
        return $seconds < 120 ? Unit::Second->of(round($seconds)) : Unit::Minute->of(round($seconds / 60));
    }
}
