<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Message\Message;

/** How the vehicle stands while something is read. */
final readonly class Setting
{
    /**
     * @param  string  $id  the same for the same setting of one circuit
     * @param  list<Message>  $says  what is done to get there
     * @param  string|null  $keyOn  the same with the key on, of one with a switch on and the key out
     */
    public function __construct(public string $id, public OperatingConditions $conditions, public array $says, public ?string $keyOn = null) {}
}
