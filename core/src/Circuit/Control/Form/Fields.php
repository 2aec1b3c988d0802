<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Form;

use LampThread\Brief\Place;
use LampThread\Message\Unit;

/** Fields that several control ideas have. */
final class Fields
{
    /** @return list<Field> of a temperature band, as FieldValues::band() reads them */
    public static function band(): array
    {
        return [
            Field::number('onC', Unit::Celsius, 20, 150),
            Field::number('offC', Unit::Celsius, 20, 150),
            Field::word('place', array_column(Place::cases(), 'value')),
            Field::flag('coolantStands', false),
        ];
    }

    /** @param  float  $usual  A */
    public static function ratedA(float $usual): Field
    {
        return Field::number('ratedA', Unit::Ampere, 0.1, 60, $usual);
    }
}
