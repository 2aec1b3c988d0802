<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How the air conditioning makes the fan run. */
enum AirConditioningTrigger: string
{
    /** A relay whose coil the clutch wire feeds and whose contact joins the fan's lead from a fuse of its own. */
    case SeparateRelay = 'separate-relay';

    /** A small relay on the clutch wire whose contact joins the shared trigger. */
    case InterposingRelay = 'interposing-relay';

    /** A diode from the clutch wire into a supply-side coil. */
    case Diode = 'diode';

    /** The clutch wire joined straight to a supply-side coil: the classic fault, kept so that it can be shown. */
    case Joined = 'joined';

    /** A switch on the high-pressure line that joins the trigger. */
    case PressureSwitch = 'pressure-switch';

    /** The engine computer does it. */
    case Computer = 'computer';

    /** The controller's own input. */
    case ControllerInput = 'controller-input';
}
