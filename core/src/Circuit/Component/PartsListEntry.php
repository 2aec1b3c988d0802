<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;

/** A part that is bought for a component. */
final readonly class PartsListEntry
{
    /**
     * @param  float|null  $price  in the workshop's own money; null where none is known
     * @param  Message|null  $use  what it is for; null for the component itself
     */
    public function __construct(public Message $part, public ?float $price = null, public ?Message $use = null) {}
}
