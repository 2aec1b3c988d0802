<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Form;

use LampThread\Brief\Side;

/** One choice of a form: what is set where it is picked. */
final readonly class Option
{
    /**
     * @param  string  $id  also in the codes of its label and of the sentence that says when it fits
     * @param  array<string, float|string|bool>  $values  fields it sets besides the kind
     * @param  Side|null  $side  the side of the coil it switches; null where that is free
     * @param  array<string, mixed>  $alsoSets  fields of the stage outside the idea itself, where nothing is told there
     * @param  bool  $isForAllStages  whether it stands in all stages or in none
     */
    public function __construct(
        public string $id,
        public array $values = [],
        public ?Side $side = null,
        public array $alsoSets = [],
        public bool $isForAllStages = false,
    ) {}
}
