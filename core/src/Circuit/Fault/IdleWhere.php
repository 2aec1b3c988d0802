<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

/** What of a state leaves a fault without effect there, by the substitution theorem. */
enum IdleWhere
{
    /** Nothing flows through the part. */
    case NothingFlows;
    /** Nothing flows through the elements of the part that it is in. */
    case NothingFlowsInIt;
    /** Nothing flows through its coil. */
    case NothingFlowsInCoil;
    /** Its end lies at earth already. */
    case AtEarth;
    /** Nothing lies across it. */
    case NothingAcross;
    /** It stands at rest. */
    case AtRest;
    /** It stands as if it were actuated. */
    case Actuated;
    /** It stands the same, whatever it reads. */
    case ReadsTheSame;
    /** It has to be solved everywhere. */
    case Nowhere;
}
