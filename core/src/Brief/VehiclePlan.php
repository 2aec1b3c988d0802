<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where things sit in the vehicle: by zones of a plan of its shape, from above, its front to the left. */
final readonly class VehiclePlan
{
    private const PATH = __DIR__.'/../../data/plans';

    public const SHAPES = ['front-engine', 'rear-engine', 'machine'];

    /** Up, down and round what is in the way, m, and what is cut more than the way is long (common practice, no source). */
    private const RISE_M = 0.3;

    private const SLACK = 1.1;

    /** Farther along the vehicle than this a loom goes by its edge, m. */
    private const ALONG_EDGE_FROM_M = 0.8;

    /** How far from the outside that edge is, m. */
    private const EDGE_M = 0.15;

    /** Stretch to the two places it joins. */
    private const JOINS = [
        'fuse-to-relay' => [PlanPlace::Battery, PlanPlace::Relays],
        'relay-to-fan' => [PlanPlace::Relays, PlanPlace::Fan],
        'fan-to-earth' => [PlanPlace::Fan, PlanPlace::Earth],
        'fuse-to-coil' => [PlanPlace::Tap, PlanPlace::Relays],
        'coil-to-earth' => [PlanPlace::Relays, PlanPlace::Earth],
        'sensor' => [PlanPlace::Relays, PlanPlace::Sensor],
        'sensor-earth' => [PlanPlace::Sensor, PlanPlace::Earth],
        'dash' => [PlanPlace::Relays, PlanPlace::Dash],
        'clutch' => [PlanPlace::Relays, PlanPlace::Compressor],
    ];

    /**
     * @param  array<string, array{id: string, xM: float, yM: float, batteryPlace: string}>  $zones  by id
     * @param  array<string, string>  $places  place to zone
     */
    private function __construct(public string $shape, public float $lengthM, public float $widthM, public array $zones, public array $places) {}

    /** @param  array<string, string>  $places  those that are told; the rest sit where they usually do */
    public static function of(string $shape, array $places = []): self
    {
        $data = json_decode((string) file_get_contents(self::PATH."/{$shape}.json"), true, flags: JSON_THROW_ON_ERROR);

        return new self($shape, $data['lengthM'], $data['widthM'], array_column($data['zones'], null, 'id'), [...$data['usual'], ...$places]);
    }

    public function withPlace(PlanPlace $place, string $zone): self
    {
        return new self($this->shape, $this->lengthM, $this->widthM, $this->zones, [...$this->places, $place->value => $zone]);
    }

    /** With the battery where it is told to be; where this shape has no such zone, where it usually sits. */
    public function withBattery(?BatteryPlace $told): self
    {
        if ($told === null || $told === $this->batteryPlace()) {
            return $this;
        }
        $fitting = array_column(array_filter($this->zones, static fn (array $zone): bool => $zone['batteryPlace'] === $told->value), 'id');
        $zone = in_array($told->value, $fitting, true) ? $told->value : $fitting[0] ?? null;

        return $zone === null ? $this : $this->withPlace(PlanPlace::Battery, $zone);
    }

    /** Where the battery is, as the supply has it. */
    public function batteryPlace(): BatteryPlace
    {
        return BatteryPlace::from($this->zones[$this->places[PlanPlace::Battery->value]]['batteryPlace']);
    }

    /** @return array<string, non-empty-list<array{float, float}>> stretch to the corners of its way, m from the front left corner */
    public function routes(): array
    {
        $routes = [];
        foreach (self::JOINS as $stretch => [$from, $to]) {
            $routes[$stretch] = $this->way($this->zones[$this->places[$from->value]], $this->zones[$this->places[$to->value]]);
        }

        return $routes;
    }

    /** @return array<string, float> stretch to the length it is cut, m */
    public function lengthsM(): array
    {
        return array_map(static function (array $corners): float {
            $wayM = 0.0;
            foreach (array_slice($corners, 1) as $at => [$x, $y]) {
                $wayM += abs($x - $corners[$at][0]) + abs($y - $corners[$at][1]);
            }

            return round(self::SLACK * ($wayM + self::RISE_M), 1);
        }, $this->routes());
    }

    /**
     * @param  array{xM: float, yM: float}  $from
     * @param  array{xM: float, yM: float}  $to
     * @return non-empty-list<array{float, float}>
     */
    private function way(array $from, array $to): array
    {
        [$start, $end] = [[$from['xM'], $from['yM']], [$to['xM'], $to['yM']]];
        if (abs($start[0] - $end[0]) <= self::ALONG_EDGE_FROM_M) {
            return [$start, [$start[0], $end[1]], $end];
        }
        $edgeM = $this->widthM >= $start[1] + $end[1] ? self::EDGE_M : $this->widthM - self::EDGE_M;

        return [$start, [$start[0], $edgeM], [$end[0], $edgeM], $end];
    }
}
