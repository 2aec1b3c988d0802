<?php

declare(strict_types=1);

namespace LampThread\Exchange;

/** Brings job files of earlier versions forward, one version at a time. What is no job file at all is left for the schema to refuse. */
final class JobFileUpgrade
{
    public static function upgraded(\stdClass $data): \stdClass
    {
        return ($data->version ?? null) === 1 ? self::fromOne(clone $data) : $data;
    }

    /** Looms of version 1 had no plugs of their own at fans and probes; one that is built stays as it was built. */
    private static function fromOne(\stdClass $data): \stdClass
    {
        $data->version = 2;
        if (($data->wiring ?? null) instanceof \stdClass) {
            $data->wiring = clone $data->wiring;
            $data->wiring->servicePlugs ??= false;
        }

        return $data;
    }
}
