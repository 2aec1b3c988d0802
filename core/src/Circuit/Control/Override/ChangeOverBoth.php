<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;

/**
 * A change-over relay in the plus and one in the minus of each fan, worked together: the vehicle's wiring and the fan's own feed and
 * earth never meet, whichever of the two is live.
 */
final readonly class ChangeOverBoth extends ChangesOver
{
    public static function kind(): string
    {
        return 'change-over-both';
    }

    public function installBeforeFans(Harness $harness): void
    {
        $switch = $this->switch($harness, ['automatic' => [], 'on' => [['1', '2']]]);
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, TriggerLine::WIRES);
        foreach ($this->fanIds($harness) as $fanId) {
            $this->plus($harness, $fanId, $switch->terminal('2'), $this->fused($harness, $fanId));
            $this->minus($harness, $fanId);
        }
    }
}
