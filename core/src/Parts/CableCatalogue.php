<?php

declare(strict_types=1);

namespace LampThread\Parts;

/** The cable catalogue a job is cut from. SAE gauge is thinner than AWG of the same number. */
enum CableCatalogue: string
{
    case Metric = 'metric';
    case Awg = 'awg';
    case Sae = 'sae';
}
