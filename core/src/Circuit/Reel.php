<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** Wires that are cut from one size: a thread's feed, its way through the relay and its return. Fewer sizes, fewer mistakes. */
final readonly class Reel
{
    /**
     * @param  string  $id  also the id of the sizing choice
     * @param  string  $fuseId  what protects everything on it
     * @param  string  $loadFrom  terminal where the current enters what the thread feeds
     * @param  string  $loadTo  terminal where it leaves
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $fuseId,
        public string $loadFrom,
        public string $loadTo,
    ) {}
}
