<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Place;
use LampThread\Message\Message;

/** How a probe, a bulb or a sender gets to where it senses. Common practice, no source. */
final class ProbeFitting
{
    /** @param  bool  $isCapillary  whether it is a bulb on a tube, not a sender with wires */
    public static function step(Place $place, bool $isCapillary): Message
    {
        return Message::of(match (true) {
            $place->isInFins() => 'step.sensor.probe-in-fins',
            $place === Place::Surface => 'step.sensor.on-surface',
            $place === Place::BayAir => 'step.sensor.in-air',
            $place->isInHose() => $isCapillary ? 'step.sensor.bulb-in-hose' : 'step.sensor.hose-sender',
            default => 'step.sensor.probe-in-port',
        });
    }
}
