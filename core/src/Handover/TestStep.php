<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Message\Message;
use LampThread\Observation\Reads;

/** One test: how the vehicle stands, where the leads go, what is expected, and what to take care of. */
final readonly class TestStep
{
    /**
     * @param  list<Message>  $setting  what is done first
     * @param  float|null  $expected  in the unit of what it reads; null where only bounds are known
     * @param  string|null  $from  terminal, or wire that is clamped, or null where nothing is held anywhere
     */
    public function __construct(
        public string $id,
        public Phase $phase,
        public Message $title,
        public array $setting,
        public Reads $reads,
        public ?float $expected,
        public float $least,
        public float $most,
        public int $minutes,
        public ?string $from = null,
        public ?string $to = null,
        public ?Message $caution = null,
    ) {}

    /** The same while what is expected is the same: a reading of another test does not count for it. */
    public function fingerprint(): string
    {
        return substr(hash('sha256', json_encode([$this->id, round($this->least, 2), round(min($this->most, Reads::OPEN_OHM), 2)], JSON_THROW_ON_ERROR)), 0, 12);
    }

    public function passes(float $value): bool
    {
        return $value >= $this->least && $value <= $this->most;
    }
}
