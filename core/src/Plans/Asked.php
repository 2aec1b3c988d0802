<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** A question with what the vehicle has: what switches its fan now, and which compressor. */
final readonly class Asked
{
    public const SWITCHED_BY = ['nothing', 'switch', 'computer', 'amplifier'];

    public const COMPRESSORS = ['none', 'clutch', 'variable'];

    public function __construct(public Question $question, public string $switchedBy, public string $compressor) {}
}
