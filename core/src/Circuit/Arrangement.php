<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** Something that adds its components and wires to the loom. */
interface Arrangement
{
    public function install(Harness $harness): void;
}
