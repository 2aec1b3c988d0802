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
     * @param  bool  $isCut  whether the wire is cut through and only one end of it goes on; else it is joined and goes on
     */
    public function __construct(public Component $splice, public Wire $into, public array $coming, public bool $isCut) {}
}
