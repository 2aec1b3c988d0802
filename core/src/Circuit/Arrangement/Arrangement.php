<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Circuit\Harness;

/** One control idea: the components and wires it adds to the loom. */
interface Arrangement
{
    public function install(Harness $harness): void;
}
