<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Message\Message;

/** Set points proposed for one stage, with what bounds them and how they drive. */
final readonly class SetPointAdvice
{
    /**
     * @param  string|null  $switch  fixed pair that is proposed, where the stage is decided by one
     * @param  bool  $isToBeHad  false where only a fixed pair would do and the shelf has none that works: the figures then are an adjustable one's
     * @param  list<SetPointBound>  $bounds
     * @param  list<Message>  $verdicts  what is to be said of the values it has now; empty where they are sound
     */
    public function __construct(
        public int $stage,
        public float $onC,
        public float $offC,
        public ?string $switch,
        public bool $isToBeHad,
        public array $bounds,
        public array $verdicts,
    ) {}
}
