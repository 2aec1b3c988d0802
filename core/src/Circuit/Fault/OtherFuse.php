<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

/** Another fuse, or none, is in a fuse's place. */
abstract readonly class OtherFuse extends Fault
{
    final public function isByHand(): bool
    {
        return true;
    }

    final public function isOfRating(): bool
    {
        return true;
    }

    final public function inTheHand(): InTheHand
    {
        return new InTheHand(pulled: 'other-rating');
    }
}
