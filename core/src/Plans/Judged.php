<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Message\Message;
use LampThread\Road\Advice;

/** What came of a draft: judged to the end, beaten before that, or out, with the reason. */
final readonly class Judged
{
    /**
     * @param  Figures|null  $figures  as far as they are known; null where it could not be sized
     * @param  list<string>  $broken  wishes and limits it breaks
     * @param  Message|null  $danger  that puts it out
     */
    private function __construct(
        public Draft $draft,
        public ?Figures $figures,
        public bool $isDone,
        public array $broken,
        public ?Message $danger,
        public ?Advice $advice,
        public string $policy,
    ) {}

    public static function done(Draft $draft, Figures $figures, ?Advice $advice, string $policy): self
    {
        return new self($draft, $figures, true, [], null, $advice, $advice === null ? '' : $policy);
    }

    public static function pruned(Draft $draft, Figures $figures): self
    {
        return new self($draft, $figures, false, [], null, null, '');
    }

    /** @param  list<string>  $broken */
    public static function out(Draft $draft, ?Figures $figures, array $broken, ?Message $danger): self
    {
        return new self($draft, $figures, false, $broken, $danger, null, '');
    }

    public function isOut(): bool
    {
        return $this->broken !== [] || $this->danger !== null;
    }
}
