<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Circuit\Arrangement;
use LampThread\Circuit\TriggerLine;

/** How the fans of a stage are fed. */
interface Load extends Arrangement
{
    /** The line whose joining runs the fans; null where what decides carries them itself. */
    public function triggerLine(): ?TriggerLine;

    /** Whether a relay of ours feeds them, so that its line can be cut and its lead joined. */
    public function hasOwnRelay(): bool;

    /** Whether what decides holds the fans' minus: a second feed into their plus then does nothing. */
    public function switchesMinus(): bool;

    /** @return array{string, string}|null terminals of an input of its own that the coil feed is there for */
    public function fedInput(): ?array;
}
