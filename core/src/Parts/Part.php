<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** Something that can be chosen: a size of cable, a fuse, a relay, or what a brief has named. */
interface Part
{
    public function id(): string;

    /** As it is printed on the part or its reel. */
    public function label(): Message;

    /** Of one piece, or of a metre of cable, in the workshop's own money; null where it is not bought. */
    public function unitPrice(): ?float;
}
