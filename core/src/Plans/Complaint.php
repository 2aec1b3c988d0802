<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** What the owner complains of, and the drives that show whether a plan helps. */
enum Complaint: string
{
    case HotInTraffic = 'hot-in-traffic';
    case HotOnClimbs = 'hot-on-climbs';
    case WarmAirConditioning = 'warm-air-conditioning';
    case HeatSoak = 'heat-soak';
    case NeverStops = 'never-stops';
    case FlatBattery = 'flat-battery';
    case Noise = 'noise';
    case NoRoom = 'no-room';

    /** @return list<string> of the drives that ship */
    public function drives(): array
    {
        return match ($this) {
            self::HotInTraffic, self::WarmAirConditioning, self::Noise, self::NoRoom => ['3-queue'],
            self::HotOnClimbs => ['5-climb'],
            self::HeatSoak => ['6-stop-after-climb'],
            self::NeverStops => ['4-motorway', '3-queue'],
            self::FlatBattery => ['6-stop-after-climb', '3-queue'],
        };
    }

    /** What counts twice over where this is complained of. */
    public function criterion(): ?Criterion
    {
        return match ($this) {
            self::HotInTraffic, self::HotOnClimbs, self::WarmAirConditioning, self::HeatSoak => Criterion::PeakC,
            self::NeverStops => Criterion::RelayWear,
            self::FlatBattery => Criterion::ChargeUsed,
            self::Noise => Criterion::DrawA,
            self::NoRoom => null,
        };
    }

    /**
     * @param  list<self>  $complaints
     * @return non-empty-list<string> what all of them together are driven by; a queue and a climb where nothing is complained of
     */
    public static function drivesOf(array $complaints): array
    {
        $drives = array_values(array_unique(array_merge(...array_map(static fn (self $one): array => $one->drives(), $complaints), ...[[]])));

        return $drives === [] ? ['3-queue', '5-climb'] : $drives;
    }
}
