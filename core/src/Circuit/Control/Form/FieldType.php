<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Form;

enum FieldType: string
{
    case Number = 'number';
    case Flag = 'flag';
    case Word = 'word';
    case Text = 'text';
    case Stages = 'stages';
}
