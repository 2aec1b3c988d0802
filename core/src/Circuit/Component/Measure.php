<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** What a rating is measured by. */
enum Measure
{
    /** The greatest current through any of the elements, A. */
    case ElementCurrent;
    /** The greatest current that wires bring to any one of the terminals, A. */
    case TerminalCurrent;
    /** The greatest voltage of a terminal against battery negative, V. */
    case TerminalVoltage;
    /** The greatest I²R in an element, W. */
    case Dissipation;
}
