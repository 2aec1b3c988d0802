<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;

/** A change-over relay let into each fan's plus: rest contact to what was there, make contact to a fused feed of its own. */
final readonly class ChangeOver extends ChangesOver
{
    public static function kind(): string
    {
        return 'change-over';
    }

    public function installBeforeFans(Harness $harness): void
    {
        $switch = $this->switch($harness, ['automatic' => [], 'on' => [['1', '2']]]);
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, TriggerLine::WIRES);
        foreach ($this->fanIds($harness) as $fanId) {
            $this->plus($harness, $fanId, $switch->terminal('2'), $this->fused($harness, $fanId));
        }
    }
}
