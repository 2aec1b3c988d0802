<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How an adjustable thermostat switches. */
enum ThermostatOutput: string
{
    /** Capillary bulb working a contact; needs no supply. */
    case Capillary = 'capillary';

    /** Electronic, with a relay contact of its own. */
    case DryContact = 'dry-contact';

    /** Electronic, its output goes to earth when hot. */
    case ToEarth = 'to-earth';

    /** Electronic, its output goes to its supply when hot. */
    case ToSupply = 'to-supply';
}
