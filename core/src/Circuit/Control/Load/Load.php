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

    /** Whether a relay of the loom's feeds them, each its own fans, so that two stages can be two speeds. */
    public function hasOwnRelay(): bool;

    /** @return array{string, string}|null ends of the contact in the first fan's plus, the feed's first; null where none lies there */
    public function contact(): ?array;

    /** Whether what decides holds the fans' minus: a second feed into their plus then does nothing. */
    public function switchesMinus(): bool;

    /** Whether what decides switches a side, of a coil or of the fans themselves, that is told. */
    public function hasSide(): bool;

    /** Whether it runs the fans without the coil feed. */
    public function isFedPastCoilFeed(): bool;

    /** @return array{string, string}|null terminals of an input of its own that the coil feed is there for */
    public function fedInput(): ?array;
}
