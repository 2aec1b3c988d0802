<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Driveline;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;
use LampThread\Road\Drive;

/**
 * A drive, or the log of one, as CSV: time_s and speed_kmh, engine_rpm or gear, and if they are known gradient_percent, load, ambient_c,
 * air_conditioning, key and coolant_c. Without a load the road tells it. Commas, semicolons or tabs.
 */
final readonly class DriveCsv
{
    public const MOST_ROWS = 20_000;

    private const MOST_PROBLEMS = 50;

    /** Longer without a sample is a gap, s. */
    private const MOST_GAP_S = 120.0;

    private const WRITTEN_EVERY_S = 60.0;

    private const LONGEST_S = 86_400.0;

    /** Column to bounds, and what is taken where it is missing; null where it must be there. */
    private const COLUMNS = [
        'time_s' => [0.0, self::LONGEST_S, null],
        'speed_kmh' => [0.0, 400.0, null],
        'engine_rpm' => [0.0, 15_000.0, NAN],
        'gear' => [0.0, 12.0, NAN],
        'gradient_percent' => [-100.0, 100.0, 0.0],
        'load' => [0.0, 1.0, NAN],
        'ambient_c' => [-50.0, 60.0, 25.0],
        'air_conditioning' => [0.0, 1.0, 0.0],
        'key' => [0.0, 1.0, 1.0],
        'coolant_c' => [-50.0, 200.0, NAN],
    ];

    public function __construct(private ?Driveline $driveline) {}

    /**
     * @return array{Drive, list<float>} the drive, and the coolant as measured along it, °C; empty where it was not
     *
     * @throws InvalidInput naming line and column
     */
    public function read(string $text, string $name): array
    {
        $rows = Csv::read($text, self::MOST_ROWS, count(self::COLUMNS));
        $header = array_key_first($rows);
        $names = array_map(static fn (string $cell): string => strtolower(trim($cell)), $header === null ? [] : $rows[$header]);
        $this->checkHeader($names);
        unset($rows[$header]);

        return $this->drive($this->columns($names, $rows), $name);
    }

    public static function write(Drive $drive): string
    {
        $isTold = ! in_array(null, $drive->loads, true);
        $columns = [
            'time_s' => $drive->timesS, 'speed_kmh' => $drive->speedsKmh, 'engine_rpm' => $drive->enginesRpm, 'gradient_percent' => $drive->gradientsPercent,
            ...($isTold ? ['load' => array_map(floatval(...), $drive->loads)] : []),
            'ambient_c' => $drive->ambientsC,
        ];
        $rows = [[...array_keys($columns), 'air_conditioning', 'key']];
        foreach ($drive->timesS as $at => $timeS) {
            $flags = [(int) $drive->airConditioning[$at], (int) $drive->keysOn[$at]];
            $next = $drive->timesS[$at + 1] ?? $timeS;
            // Long straight lines get points between, so that nothing looks like a gap.
            $pieces = max(1, (int) ceil(($next - $timeS) / self::WRITTEN_EVERY_S));
            for ($piece = 0; $piece < $pieces; $piece++) {
                $share = $piece / $pieces;
                $rows[] = array_map(strval(...), [
                    ...array_map(
                        static fn (array $column): float => round($column[$at] + $share * (($column[$at + 1] ?? $column[$at]) - $column[$at]), 4),
                        array_values($columns),
                    ),
                    ...$flags,
                ]);
            }
        }

        return Csv::of($rows);
    }

    /**
     * @param  list<string>  $names
     *
     * @throws InvalidInput
     */
    private function checkHeader(array $names): void
    {
        $problems = [];
        foreach ($names as $at => $name) {
            if (! isset(self::COLUMNS[$name])) {
                $problems[] = new Problem('line 1', Message::of('input.csv.no-such-column', column: $name, columns: array_keys(self::COLUMNS)));
            } elseif (array_search($name, $names, true) !== $at) {
                $problems[] = new Problem('line 1', Message::of('input.csv.column-twice', column: $name));
            }
        }
        foreach (['time_s', 'speed_kmh'] as $needed) {
            if (! in_array($needed, $names, true)) {
                $problems[] = new Problem('line 1', Message::of('input.csv.column-missing', column: $needed));
            }
        }
        if (! in_array('engine_rpm', $names, true) && ! in_array('gear', $names, true)) {
            $problems[] = new Problem('line 1', Message::of('input.drive.needs-rpm-or-gear'));
        } elseif (! in_array('engine_rpm', $names, true) && $this->driveline === null) {
            $problems[] = new Problem('line 1', Message::of('input.drive.gear-without-driveline'));
        }
        if ($problems !== []) {
            throw new InvalidInput($problems);
        }
    }

    /**
     * @param  list<string>  $names
     * @param  array<int, list<string>>  $rows
     * @return array<string, list<float>>
     *
     * @throws InvalidInput
     */
    private function columns(array $names, array $rows): array
    {
        $columns = array_fill_keys(array_keys(self::COLUMNS), []);
        $problems = [];
        $lastS = -1.0;
        foreach ($rows as $line => $cells) {
            if (count($cells) !== count($names)) {
                $problems[] = new Problem("line {$line}", Message::of('input.csv.cells', cells: count($cells), wanted: count($names)));

                continue;
            }
            foreach (self::COLUMNS as $column => [$least, $most, $usual]) {
                $at = array_search($column, $names, true);
                $text = $at === false ? '' : trim($cells[$at]);
                $value = $text === '' ? $usual : QuantityParser::number($text);
                if (QuantityParser::isAmbiguous($text)) {
                    $problems[] = new Problem("line {$line}, {$column}", Message::of('input.ambiguous-number', given: $text));
                    $value = $least;
                } elseif ($value === null || $value < $least || $value > $most) {
                    $problems[] = new Problem(
                        "line {$line}, {$column}",
                        $text === '' ? Message::of('input.missing') : Message::of('input.csv.not-a-number', given: $text, least: $least, most: $most),
                    );
                    $value = $least;
                }
                $columns[$column][] = $value;
            }
            $timeS = $columns['time_s'][count($columns['time_s']) - 1] ?? 0.0;
            if ($lastS >= 0 && $timeS <= $lastS) {
                $problems[] = new Problem(
                    "line {$line}, time_s", Message::of('input.drive.time-backwards', time: Unit::Second->of($timeS), last: Unit::Second->of($lastS)),
                );
            } elseif ($lastS >= 0 && $timeS - $lastS > self::MOST_GAP_S) {
                $problems[] = new Problem(
                    "line {$line}, time_s", Message::of('input.drive.gap', gap: Unit::Second->of($timeS - $lastS), most: Unit::Second->of(self::MOST_GAP_S)),
                );
            }
            $lastS = $timeS;
            if (count($problems) > self::MOST_PROBLEMS) {
                $problems[] = new Problem('', Message::of('input.csv.more-wrong', line: $line));
                break;
            }
        }
        if ($problems === [] && count($columns['time_s']) < 2) {
            $problems[] = new Problem('', Message::of('input.drive.too-few-rows'));
        }

        return $problems === [] ? $columns : throw new InvalidInput($problems);
    }

    /**
     * @param  array<string, list<float>>  $columns
     * @return array{Drive, list<float>}
     */
    private function drive(array $columns, string $name): array
    {
        $rpms = $columns['engine_rpm'];
        foreach ($rpms as $at => $rpm) {
            if (is_nan($rpm)) {
                $rpms[$at] = $this->rpm((int) $columns['gear'][$at], $columns['speed_kmh'][$at], $columns['key'][$at] > 0.5);
            }
        }
        $loads = array_map(static fn (float $load): ?float => is_nan($load) ? null : $load, $columns['load']);
        $measured = array_filter($columns['coolant_c'], is_nan(...)) === [] ? $columns['coolant_c'] : [];
        $fromS = $columns['time_s'][0];

        return [new Drive(
            'own',
            Message::verbatim($name),
            Message::of('drive.imported.description'),
            $measured[0] ?? 80.0,
            array_map(static fn (float $timeS): float => $timeS - $fromS, $columns['time_s']),
            $columns['speed_kmh'],
            $rpms,
            $loads,
            $columns['ambient_c'],
            array_map(static fn (float $on): bool => $on > 0.5, $columns['air_conditioning']),
            array_map(static fn (float $on): bool => $on > 0.5, $columns['key']),
            $columns['gradient_percent'],
        ), $measured];
    }

    /** Engine speed in a gear, never below idle while the engine runs; 0 is neutral. */
    private function rpm(int $gear, float $speedKmh, bool $keyOn): float
    {
        $ratio = $this->driveline->gearRatios[$gear - 1] ?? null;
        $idle = $keyOn ? Assumptions::IDLE_RPM : 0.0;

        return $ratio === null || $this->driveline === null ? $idle : max($idle, $speedKmh / max(1e-9, $this->driveline->roadKmh(1.0, $ratio)));
    }
}
