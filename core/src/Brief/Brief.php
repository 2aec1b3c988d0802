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
    ) {}

    /** @param  string  $group  of wires it is asked for; one fan can lie farther off than another */
    public function segment(Stretch $stretch, string $group = ''): Segment
    {
        return $this->segments[$stretch->in($group)] ?? $this->segments[$stretch->value] ?? $stretch->usual();
    }

    /** The same vehicle with other figures of its heat. */
    public function withHeat(Heat $heat): self
    {
        return new self(
            $this->job, $this->supply, $this->cooling, $this->wiring, $this->fans, $this->control, $this->fit, $this->driveline, $this->segments, $this->pinned,
            $this->usage, $heat, $this->accepted,
        );
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
