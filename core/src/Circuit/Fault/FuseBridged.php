<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;

/** A fuse is bridged. */
final readonly class FuseBridged extends Fault
{
    public function __construct()
    {
        parent::__construct(FaultKind::FuseBridged);
    }

    public function isByHand(): bool
    {
        return true;
    }

    public function isOfRating(): bool
    {
        return true;
    }

    public function ratedA(float $ratedA): float
    {
        return INF;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(pulled: 'other-rating');
    }
}
