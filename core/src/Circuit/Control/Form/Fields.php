<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Form;

use LampThread\Brief\ClockwiseSense;
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
            Field::optional('depthMm', Unit::Millimetre, 0, 200),
            Field::optional('fromInletMm', Unit::Millimetre, 0, 3000),
        ];
    }

    /** Names of the fields of a scale. */
    public const SCALE = ['leastC', 'mostC', 'clockwise'];

    /** @return list<Field> of the scale of something that is set by hand, as FieldValues::scale() reads them */
    public static function scale(): array
    {
        return [
            Field::optional('leastC', Unit::Celsius, 0, 150),
            Field::optional('mostC', Unit::Celsius, 0, 150),
            Field::usualWord('clockwise', array_column(ClockwiseSense::cases(), 'value'), ClockwiseSense::Hotter->value),
        ];
    }

    /** @param  float  $usual  A */
    public static function ratedA(float $usual): Field
    {
        return Field::number('ratedA', Unit::Ampere, 0.1, 60, $usual);
    }
}
