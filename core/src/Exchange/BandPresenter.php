<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\Message;
use LampThread\Road\Band;
use LampThread\Road\SimulationResult;

/** How sure a drive is, and which of two settings is better: fits schema/band.json. */
final class BandPresenter
{
    /** From this share of the cases on, one setting is better than another; below it nobody can tell. */
    private const SURE_SHARE = 0.9;

    /** Closer than this two settings are the same: kelvins, starts an hour, seconds, ampere-hours. */
    private const SAME_WITHIN = ['peakC' => 0.3, 'startsPerHour' => 1.0, 'overS' => 10.0, 'fanAh' => 0.05];

    /**
     * @param  non-empty-list<array{Message, Band}>  $settings  named, as many cases in each
     * @return array<string, mixed>
     */
    public static function row(array $settings): array
    {
        [[, $first]] = $settings;
        $other = $settings[1][1] ?? null;

        return [
            'cases' => $first->count(),
            'timesS' => $first->timesS,
            'settings' => array_map(static fn (array $setting): array => self::setting(...$setting), $settings),
            'compared' => $other === null ? [] : array_map(
                static fn (string $figure): array => ['figure' => $figure, ...self::compared($figure, $first, $other)], array_keys(self::SAME_WITHIN),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function setting(Message $label, Band $band): array
    {
        $figures = [];
        foreach (array_keys(self::SAME_WITHIN) as $figure) {
            $of = self::figure($figure);
            $figures[$figure] = ['low' => $band->below($of, Band::LOW), 'middle' => $band->below($of, 0.5), 'high' => $band->below($of, Band::HIGH)];
        }

        return [
            'label' => $label,
            'lowC' => self::rounded($band->edgeC(Band::LOW)),
            'middleC' => self::rounded($band->edgeC(0.5)),
            'highC' => self::rounded($band->edgeC(Band::HIGH)),
            'figures' => $figures,
            'overPercent' => round(100 * $band->share(static fn (SimulationResult $result): bool => $result->overS > 0)),
            'boilsPercent' => round(100 * $band->share(static fn (SimulationResult $result): bool => $result->boiling !== null)),
        ];
    }

    /** @return array<string, mixed> */
    private static function compared(string $figure, Band $first, Band $other): array
    {
        [$less, $more] = $first->against($other, self::figure($figure), self::SAME_WITHIN[$figure]);

        return [
            'lessPercent' => round(100 * $less),
            'morePercent' => round(100 * $more),
            'says' => match (true) {
                $less >= self::SURE_SHARE => Message::of('band.less'),
                $more >= self::SURE_SHARE => Message::of('band.more'),
                1 - $less - $more >= self::SURE_SHARE => Message::of('band.same'),
                default => Message::of('band.cannot-tell'),
            },
        ];
    }

    /** @return \Closure(SimulationResult): float */
    private static function figure(string $name): \Closure
    {
        return match ($name) {
            'startsPerHour' => static fn (SimulationResult $result): float => $result->startsPerHour(),
            default => static fn (SimulationResult $result): float => $result->{$name},
        };
    }

    /**
     * @param  list<float>  $temps
     * @return list<float>
     */
    private static function rounded(array $temps): array
    {
        return array_map(static fn (float $tempC): float => round($tempC, 2), $temps);
    }
}
