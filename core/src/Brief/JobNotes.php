<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What the job is called and whose it is. */
final readonly class JobNotes
{
    public function __construct(
        public string $title,
        public string $customer,
        public string $vehicle,
        public string $notes,
    ) {}
}
