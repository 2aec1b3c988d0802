<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Why a test that was done is done once more. */
enum Again: string
{
    /** Its answer alone says what it is. */
    case Decides = 'decides';
    /** Its answer does not go with the rest. */
    case Contradicts = 'contradicts';
    /** What is wrong is there at some tests only. */
    case ComesAndGoes = 'returns';
}
