<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Circuit\Component\Component;

/** A splice at which wires that come meet one that was there. */
final readonly class Joint
{
    /**
     * @param  Wire  $into  as it lay when it was found
     * @param  non-empty-list<Wire>  $coming
     * @param  string|null  $end  the one terminal of that wire it still leads to, where it is cut through; null where it goes on to both
     */
    public function __construct(public Component $splice, public Wire $into, public array $coming, public ?string $end) {}
}
