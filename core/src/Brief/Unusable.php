<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What came in cannot be used; says everything that is wrong with it. */
final class Unusable extends \DomainException
{
    /** @param  non-empty-list<Problem>  $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(static fn (Problem $problem): string => $problem->line(), $problems)));
    }

    public static function because(string $at, string $says): self
    {
        return new self([new Problem($at, $says)]);
    }
}
