<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What people look for in the circuit that is in the cooling system, and the tests that show it: core/data/faults/cooling.json. */
final readonly class CoolingCauses
{
    /** How often nothing is wrong by the time it is looked at, over a broken wire (common practice, no source). */
    public const SOUND_WEIGHT = 3.0;

    /** The test that shows whether air is drawn through the core. */
    public const PAPER = 'paper';

    private const PATH = __DIR__.'/../../data/faults/cooling.json';

    private const WARM_MINUTES = 10.0;

    /** @return list<CoolingCause> */
    public static function all(): array
    {
        return array_map(static fn (array $cause): CoolingCause => new CoolingCause(
            $cause['id'], (float) $cause['weight'], $cause['isFelt'], array_values(array_map(Symptom::from(...), $cause['shows'])), $cause['answers'],
        ), self::data()['causes']);
    }

    /** @return list<Test> the usual answer first */
    public static function tests(): array
    {
        return array_map(static fn (array $test): Test => new Test(
            TestKind::Cooling, null, $test['id'], $test['minutes'] + (($test['isWarm'] ?? false) ? self::WARM_MINUTES : 0.0), $test['answers'], $test['caution'] ?? null,
        ), self::data()['tests']);
    }

    /** @return array{causes: list<array<string, mixed>>, tests: list<array<string, mixed>>} */
    private static function data(): array
    {
        return json_decode((string) file_get_contents(self::PATH), true, flags: JSON_THROW_ON_ERROR);
    }
}
