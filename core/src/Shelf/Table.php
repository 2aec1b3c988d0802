<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** A published table as it can be read. */
final readonly class Table
{
    /**
     * @param  string  $source  where it is published
     * @param  non-empty-list<string>  $columns  with units
     * @param  list<list<string>>  $rows
     */
    public function __construct(
        public string $name,
        public string $source,
        public array $columns,
        public array $rows,
    ) {}
}
