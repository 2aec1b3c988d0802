<?php

declare(strict_types=1);

namespace LampThread\Message;

/** What came in cannot be used; carries everything that is wrong with it. */
final class InvalidInput extends \DomainException
{
    /** @param  non-empty-list<Problem>  $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(', ', array_map(static fn (Problem $problem): string => "{$problem->at} {$problem->message->code}", $problems)));
    }

    /** One problem, at one place. */
    public static function at(string $at, Message $message): self
    {
        return new self([new Problem($at, $message)]);
    }
}
