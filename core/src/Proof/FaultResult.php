<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Operation\OperatingPoint;

/**
 * What comes of a fault in one state.
 *
 * @internal
 */
final readonly class FaultResult
{
    /**
     * @param  OperatingPoint  $atOnce  before any fuse opens
     * @param  OperatingPoint  $final  once every fuse that it opens has opened
     * @param  array{string, float}|null  $opens  the first fuse that opens, and the time by which it has surely opened, s
     * @param  array{string, float, float}|null  $burnsWithin  what is hotter than it stands before that, its current in A, and that time in s
     */
    public function __construct(public OperatingPoint $atOnce, public OperatingPoint $final, public ?array $opens, public ?array $burnsWithin) {}
}
