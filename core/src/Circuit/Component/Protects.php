<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** What opens before a wire behind it burns. */
interface Protects
{
    /** Rating of the fuse, A. */
    public function fuseA(): float;
}
