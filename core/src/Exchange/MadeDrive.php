<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Driveline;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Road\Drive;

/** A drive made on the screen, leg by leg: fits schema/made-drive.json. From one leg to the next speed changes as people drive. */
final readonly class MadeDrive
{
    /** How briskly people speed up and brake, m/s² (common practice, no source). */
    private const CHANGES_MS2 = 1.2;

    /** All legs together at most, s. */
    private const LONGEST_S = 86_400.0;

    /** A gradient, the key and the air conditioning change within this, s. */
    private const TURNS_S = 1.0;

    /** Engine speed people let a gear go down to before they change, rpm (common practice, no source). */
    private const LEAST_RPM = 1500.0;

    public function __construct(private ?Driveline $driveline) {}

    /**
     * @param  \stdClass  $made  that fits the schema
     *
     * @throws InvalidInput where it lasts too long
     */
    public function drive(\stdClass $made): Drive
    {
        $minutes = array_sum(array_map(static fn (\stdClass $leg): float => (float) $leg->minutes, $made->legs));
        if (60 * $minutes > self::LONGEST_S) {
            throw InvalidInput::at('/legs', Message::of('input.drive.too-long', lasts: Unit::Hour->of(round($minutes / 60)), most: Unit::Hour->of(self::LONGEST_S / 3600)));
        }
        $rows = [];
        $timeS = 0.0;
        $speedKmh = (float) $made->legs[0]->speedKmh;
        foreach ($made->legs as $leg) {
            $lastS = 60 * (float) $leg->minutes;
            $rampS = min(0.9 * $lastS, max(self::TURNS_S, abs($leg->speedKmh - $speedKmh) / 3.6 / self::CHANGES_MS2));
            $speedKmh = (float) $leg->speedKmh;
            $row = [$speedKmh, $leg->keyOn ? $leg->engineRpm ?? $this->rpm($speedKmh) : 0.0, (float) $leg->gradientPercent, $leg->airConditioning, $leg->keyOn];
            $rows[] = [$timeS === 0.0 ? 0.0 : $timeS + $rampS, ...$row];
            $timeS += $lastS;
            $rows[] = [$timeS, ...$row];
        }
        $column = static fn (int $at): array => array_column($rows, $at);
        $count = count($rows);

        return new Drive(
            'made', Message::verbatim($made->name), Message::of('drive.made.description'), (float) $made->startsC,
            array_map(floatval(...), $column(0)), array_map(floatval(...), $column(1)), array_map(floatval(...), $column(2)), array_fill(0, $count, null),
            array_fill(0, $count, (float) $made->ambientC), array_map(boolval(...), $column(4)), array_map(boolval(...), $column(5)),
            array_map(floatval(...), $column(3)), (float) $made->trailerKg,
        );
    }

    /** In the highest gear that still pulls. */
    private function rpm(float $speedKmh): float
    {
        if ($speedKmh < 1 || $this->driveline === null) {
            return Assumptions::engineRpm($speedKmh);
        }
        $inGear = array_map(fn (float $ratio): float => $speedKmh / $this->driveline->roadKmh(1.0, $ratio), $this->driveline->gearRatios);
        $pulling = array_filter($inGear, static fn (float $rpm): bool => $rpm >= self::LEAST_RPM);

        return $pulling === [] ? max(Assumptions::IDLE_RPM, ...$inGear) : min($pulling);
    }
}
