<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** A published table as it can be read. */
final readonly class Table
{
    /**
     * @param  string  $source  where it is published
     * @param  non-empty-list<Message>  $columns  with units
     * @param  list<list<string|Message>>  $rows
     */
    public function __construct(
        public Message $name,
        public string $source,
        public array $columns,
        public array $rows,
    ) {}
}
