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
     * @param  array<string, Run>  $runs  by stretch, or by stretch and reel as Stretch::on() names it
     * @param  array<string, string>  $pinned  choice id to shelf part id
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
        public array $runs,
        public array $pinned,
        public Usage $usage,
        public Heat $heat,
    ) {}

    /** @param  string  $reel  what is cut for it; one fan can lie farther off than another */
    public function run(Stretch $stretch, string $reel = ''): Run
    {
        return $this->runs[$stretch->on($reel)] ?? $this->runs[$stretch->value] ?? $stretch->usual();
    }

    /** The same vehicle with other figures of its heat. */
    public function with(Heat $heat): self
    {
        return new self(
            $this->job, $this->supply, $this->cooling, $this->wiring, $this->fans, $this->control, $this->fit, $this->driveline, $this->runs, $this->pinned,
            $this->usage, $heat,
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
