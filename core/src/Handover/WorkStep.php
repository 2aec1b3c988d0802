<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Message\Message;

/** One step of the work, electrical or not. */
final readonly class WorkStep
{
    /**
     * @param  float  $minutes  as a practised hand takes them (common practice, no source)
     * @param  list<Message>  $items  what is done, in order
     * @param  list<string>  $needs  ids of the steps that must be done before
     * @param  list<Message>  $tools
     * @param  list<Message>  $consumables
     */
    public function __construct(
        public string $id,
        public Message $title,
        public float $minutes,
        public array $items,
        public array $needs,
        public array $tools,
        public array $consumables,
        public int $hands,
        public bool $waitsForCold,
        public ?Message $caution,
    ) {}
}
