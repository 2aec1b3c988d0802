<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** Who or what works an input of the circuit from outside. */
enum InputSource
{
    case Driver;
    /** The vehicle's air conditioning: its last position asks for the fan. */
    case AirConditioning;
    /** Something else of the vehicle that wants air: its oil, its gearbox. No drive knows when. */
    case Vehicle;
}
