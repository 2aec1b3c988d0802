<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Handover\TestPlan;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;

/** The demo workshop's jobs with their test plans, made once. */
final class Workshop
{
    /** @var array<string, Sizing> */
    private static array $sizings = [];

    /** @var array<string, TestPlan> */
    private static array $plans = [];

    /** @return list<string> */
    public static function jobs(): array
    {
        return array_map(static fn (string $path): string => basename($path, '.lampthread.json'), glob(dirname(Orchard::PATH).'/*.json') ?: []);
    }

    public static function sizing(string $job): Sizing
    {
        return self::$sizings[$job] ??= Sizing::of(
            Orchard::files()->brief(Orchard::files()->decode((string) file_get_contents(dirname(Orchard::PATH)."/{$job}.lampthread.json"))), Orchard::shelf(),
        );
    }

    public static function plan(string $job): TestPlan
    {
        return self::$plans[$job] ??= new TestPlan(self::sizing($job));
    }
}
