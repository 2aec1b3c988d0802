<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What the installer knows and decides about one job. Immutable; every answer of the product is a function of it. */
final readonly class Brief
{
    /**
     * @param  non-empty-list<Fan>  $fans
     * @param  Fit|null  $fit  null until the core is measured
     * @param  Driveline|null  $driveline  null until it is told
     * @param  array<string, Segment>  $segments  by stretch, or by stretch and group of wires as Stretch::in() names it
     * @param  array<string, string>  $pinned  choice id to shelf part id
     * @param  array<string, Acceptance>  $accepted  key of a finding to why it stands
     * @param  EngineFan|null  $engineFan  null where the engine never drove one
     * @param  VehiclePlan|null  $plan  null where lengths are told without one
     * @param  list<FanCandidate>  $candidates  that could take the first fan's place
     * @param  Found|null  $found  the vehicle as it was found; null where nothing of it was there
     * @param  list<string>  $renewed  what comes new though it was there too: parts and groups of wires, by id
     */
    public function __construct(
        public JobNotes $job,
        public Supply $supply,
        public Cooling $cooling,
        public Wiring $wiring,
        public array $fans,
        public Control $control,
        public ?Fit $fit,
        public ?Driveline $driveline,
        public array $segments,
        public array $pinned,
        public Usage $usage,
        public Heat $heat,
        public array $accepted = [],
        public ?EngineFan $engineFan = null,
        public array $candidates = [],
        public ?VehiclePlan $plan = null,
        public RoadLoad $roadLoad = new RoadLoad,
        public ?Found $found = null,
        public array $renewed = [],
    ) {}

    /** @param  string  $group  of wires it is asked for; one fan can lie farther off than another */
    public function segment(Stretch $stretch, string $group = ''): Segment
    {
        return $this->segments[$stretch->in($group)] ?? $this->segments[$stretch->value] ?? $stretch->usual(self::awayM($this->control, $this->supply), $this->control->relayPlace);
    }

    /** The name a stretch is told under for a group of wires: its own where it is told apart. */
    public function segmentName(Stretch $stretch, string $group): string
    {
        return isset($this->segments[$stretch->in($group)]) ? $stretch->in($group) : $stretch->value;
    }

    /** How much farther than in the bay the loom's feed begins, m. */
    public static function awayM(Control $control, Supply $supply): float
    {
        return $control->feed === Feed::Battery ? $supply->batteryPlace->awayM() : 0.0;
    }

    /** Whether a stretch is told for some group of wires apart from the others. */
    public function isToldApart(Stretch $stretch): bool
    {
        return array_filter(array_keys($this->segments), static fn (string $name): bool => str_starts_with($name, $stretch->in(''))) !== [];
    }

    /** Whether what is known of a part or a group of wires that was there is enough to judge it by. */
    public function isJudged(string $id): bool
    {
        return $this->found?->part($id)->seen->isJudged() ?? true;
    }

    /** The same vehicle with other figures of its heat. */
    public function withHeat(Heat $heat): self
    {
        return new self(...[...get_object_vars($this), 'heat' => $heat]);
    }

    /** The same vehicle with another fan in the place of the first. */
    public function withFirstFan(Fan $fan): self
    {
        return new self(...[...get_object_vars($this), 'fans' => [$fan, ...array_slice($this->fans, 1)]]);
    }

    /** Depth left between a fan and what is nearest behind it, mm; below 0 where it does not go in. */
    public function gapMm(Fan $fan): float
    {
        $room = $fan->roomMm ?? $this->cooling->clearanceMm;
        // A shroud holds the fan off the core by its depth.
        $shroudMm = $fan->mount === Mount::Puller ? $this->fit->shroudDepthMm ?? 0.0 : 0.0;

        return $room + ($this->fit->movedMm ?? 0.0) - ($this->fit->boltHeadsMm ?? 0.0) - $shroudMm - $fan->depthMm;
    }

    /** @throws \OutOfBoundsException for an id no fan has; the reader refuses such a job file first */
    public function fan(string $id): Fan
    {
        foreach ($this->fans as $fan) {
            if ($fan->id === $id) {
                return $fan;
            }
        }

        throw new \OutOfBoundsException("No fan is called {$id}.");
    }
}
