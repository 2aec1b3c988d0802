<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Brief\ClockwiseSense;
use LampThread\Brief\Decider;
use LampThread\Brief\Stage;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Road\FanResponse;
use LampThread\Road\FanState;
use LampThread\Road\Vehicle;

/**
 * For whoever programs a computer or turns a screw: on and off of each stage, how they are set, and what must run when a stage is commanded
 * on. Fits schema/set-point-card.json.
 */
final class SetPointCard
{
    /** What can be set on most boxes and screens, in each unit (common practice, no source). */
    private const STEP_C = 0.5;

    private const STEP_F = 1.0;

    /** Engine at idle, as it is when outputs are commanded, rpm. */
    private const IDLE_RPM = 850.0;

    /** High side of a usual air conditioning at which a fan is wanted at full speed, and is let go again, kPa (common practice, no source). */
    private const FAN_ON_KPA = 1500.0;

    private const FAN_OFF_KPA = 1200.0;

    /** @return array<string, mixed> */
    public static function of(Vehicle $vehicle): array
    {
        $brief = $vehicle->brief;
        $deciding = $brief->control->deciding();
        $fans = $vehicle->fans;
        $rows = [];
        foreach ($deciding as $at => $stage) {
            $hot = array_map(static fn (Stage $other): bool => self::isBelow($other, $stage), $deciding);
            $hot[$at] = true;
            $state = $fans->at(true, self::IDLE_RPM, false, $hot, array_fill(0, count($hot), 100.0), null);
            $band = $stage->decider->band();
            $rows[] = [
                'stage' => Message::of('card.stage', number: $at + 1),
                'onC' => $band === null ? null : self::stepped($band->onC, self::STEP_C),
                'offC' => $band === null ? null : self::stepped($band->offC, self::STEP_C),
                'onF' => $band === null ? null : self::stepped(1.8 * $band->onC + 32, self::STEP_F),
                'offF' => $band === null ? null : self::stepped(1.8 * $band->offC + 32, self::STEP_F),
                'place' => $band === null ? null : Message::of("place.{$band->place->value}"),
                'how' => self::how($stage->decider),
                'commanded' => self::commanded($brief, $state),
            ];
        }

        return [
            'rows' => $rows,
            'resting' => self::commanded($brief, $fans->at(true, self::IDLE_RPM, false, array_fill(0, count($deciding), false), [], null)),
            'airConditioning' => $brief->control->airConditioning === null ? null : [
                'asks' => self::commanded($brief, self::asked($fans, count($deciding))),
                'says' => Message::of('card.pressures', on: Unit::Kilopascal->of(self::FAN_ON_KPA), off: Unit::Kilopascal->of(self::FAN_OFF_KPA)),
            ],
            'afterRunS' => $brief->control->afterRun?->delayS,
        ];
    }

    private static function asked(FanResponse $fans, int $deciders): FanState
    {
        return $fans->at(true, self::IDLE_RPM, true, array_fill(0, $deciders, false), [], null);
    }

    /** Whether another stage is on as well when this one comes on by temperature. */
    private static function isBelow(Stage $other, Stage $stage): bool
    {
        $others = $other->decider->band();
        $own = $stage->decider->band();

        return $others !== null && $own !== null && $others->onC <= $own->onC;
    }

    private static function how(Decider $decider): Message
    {
        $band = $decider->band();
        $scale = $decider->scale();

        return match (true) {
            $band === null => Message::of('card.how.no-temperature'),
            $decider->isFixedPair() => Message::of('card.how.fixed'),
            $scale !== null => Message::of(
                'card.how.screw', isHotter: $scale->clockwise === ClockwiseSense::Hotter, percent: Unit::Percent->of(round(100 * $scale->clockwiseShare($band->onC))),
            ),
            default => Message::of('card.how.entered'),
        };
    }

    /** @return array{says: Message} */
    private static function commanded(Brief $brief, FanState $state): array
    {
        $running = [];
        foreach ($brief->fans as $at => $fan) {
            if ($state->shares[$at] > 0) {
                $running[] = Message::of('card.fan-at', fan: $fan->name, percent: Unit::Percent->of(round(100 * $state->shares[$at])));
            }
        }

        return ['says' => $running === [] ? Message::of('card.no-fan') : Message::of(
            'card.fans', fans: $running, current: Unit::Ampere->of(round($state->currentA, 1)), volts: Unit::Volt->of(round($state->busV, 1)),
        )];
    }

    private static function stepped(float $value, float $step): float
    {
        return round($value / $step) * $step;
    }
}
