<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

/** Something of the cooling system, which no wire knows of. */
final readonly class CoolingFault extends Fault {}
