<?php

declare(strict_types=1);

namespace LampThread\Scenario;

use LampThread\Operation\OperatingPoint;

/** What comes of faults in one state: which fuses open, in which order and when, what burns before, and where it ends. */
final readonly class Course
{
    /**
     * @param  OperatingPoint  $atOnce  before any fuse opens
     * @param  OperatingPoint  $final  once every fuse that it opens has opened
     * @param  array<string, float>  $opened  fuse to the time by which it has surely opened, s; in the order they open
     * @param  array{string, float, float}|null  $burnsWithin  what is hotter than it stands before a fuse has opened, its current in A, and that time in s
     */
    public function __construct(public OperatingPoint $atOnce, public OperatingPoint $final, public array $opened, public ?array $burnsWithin) {}

    /** @return array{string, float}|null the first fuse that opens, and the time by which it has surely opened, s */
    public function firstOpened(): ?array
    {
        $fuse = array_key_first($this->opened);

        return $fuse === null ? null : [$fuse, $this->opened[$fuse]];
    }
}
