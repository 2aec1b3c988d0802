<?php

declare(strict_types=1);

namespace LampThread\Handover;

/** What each step and test takes, min, from core/data/planning. */
final class Minutes
{
    private const PATH = __DIR__.'/../../data/planning/work-minutes.json';

    /** @var array{steps: array<string, int>, tests: array<string, int>}|null */
    private static ?array $known = null;

    /** @param  string  $step  of the work plan */
    public static function ofStep(string $step): int
    {
        return self::known()['steps'][$step] ?? throw new \LogicException("Nobody has said how long {$step} takes.");
    }

    /** @param  string  $test  of the test plan */
    public static function ofTest(string $test): int
    {
        return self::known()['tests'][$test] ?? throw new \LogicException("Nobody has said how long {$test} takes.");
    }

    /** @return array{steps: array<string, int>, tests: array<string, int>} */
    private static function known(): array
    {
        return self::$known ??= json_decode((string) file_get_contents(self::PATH), true, flags: JSON_THROW_ON_ERROR);
    }
}
