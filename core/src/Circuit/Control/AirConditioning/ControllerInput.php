<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * The compressor's clutch wire into the controller's own input. Where that wants an earth, by a small relay: the wire is positive, and
 * joined to an input that is earthed by others it would be shorted.
 */
final readonly class ControllerInput extends IntoController
{
    public static function kind(): string
    {
        return 'controller-input';
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        $clutch = $harness->shared(SharedTerminal::CLUTCH);
        if (! self::wantsEarth($stage)) {
            self::join($harness, $stage, $clutch);

            return;
        }
        $relay = $this->relay($harness, self::id($harness, $stage, 'air-conditioning'), Message::of('component.air-conditioning-relay'), $clutch);
        self::earth($harness, $stage, $relay->terminal('30'), $relay->terminal('87'));
    }

    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return $this->inputRefusal($stage);
    }
}
