<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Message\Message;

/** A component that acts on the coolant's temperature. */
interface TemperatureSensing
{
    public function band(): TemperatureBand;

    /** Id of the stage it decides. */
    public function stageId(): string;

    /** @return non-empty-list<float> temperatures at which what it does changes, °C */
    public function thresholdsC(): array;

    /** Temperature from which it asks for all the air it can, °C. */
    public function fullDemandC(): float;

    /** Whether what it asks for goes with the temperature, instead of being all or nothing. */
    public function isProportional(): bool;

    /** In which way it is made to act while everything is cold: switch, switch-body, switch-common, switch-opens, thermostat, computer, stepless or power-module. */
    public function actedBy(): string;

    /** Whether only a scan tool makes it act, and so only with the key on. */
    public function needsScanTool(): bool;

    /** Whether it is made to act by joining its lead past its contact, so that nothing of the contact counts. */
    public function isJoinedPast(): bool;

    /** @return list<Message> how what it senses by is fitted where it sits */
    public function sensorSteps(): array;

    /** Whether the coolant is opened for that. */
    public function opensCoolant(): bool;
}
