<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Message\Message;

/** Wires that are cut from one size: a feed, its way through the relay and its return. Fewer sizes, fewer mistakes. */
final readonly class WireGroup
{
    /**
     * @param  string  $id  also the id of the sizing choice
     * @param  string  $protectedBy  id of the component that protects everything in it
     * @param  string  $loadFrom  terminal where the current enters what it feeds
     * @param  string  $loadTo  terminal where it leaves
     * @param  string|null  $trunk  group that brings the current of this one and of others; null where it comes from the fuse itself
     * @param  bool  $isThin  whether it carries what a coil or a lamp draws, so that two of its wires may share a crimp
     * @param  string|null  $lengthsOf  name its lengths are told under in a job file; null for its own
     */
    public function __construct(
        public string $id,
        public Message $name,
        public string $protectedBy,
        public string $loadFrom,
        public string $loadTo,
        public ?string $trunk = null,
        public ?string $lengthsOf = null,
        public bool $isThin = false,
    ) {}
}
