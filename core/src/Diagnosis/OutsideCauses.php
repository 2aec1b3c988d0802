<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Brief\Brief;

/** What people look for in the circuit that is outside it, and the tests that show it: core/data/faults/cooling.json and vehicle.json. */
final readonly class OutsideCauses
{
    /** How often nothing is wrong by the time it is looked at, over a broken wire (common practice, no source). */
    public const SOUND_WEIGHT = 3.0;

    /** How often what is told of is what it was built to do (common practice, no source). */
    public const BUILT_SO_WEIGHT = 4.0;

    /** The test that shows whether air is drawn through the core. */
    public const PAPER = 'paper';

    private const PATH = __DIR__.'/../../data/faults';

    private const WARM_MINUTES = 10.0;

    /**
     * @param  list<OutsideCause>  $causes
     * @param  list<Test>  $tests  the usual answer first
     */
    private function __construct(public array $causes, public array $tests) {}

    /** Those this vehicle can have. */
    public static function of(Brief $brief): self
    {
        return self::where(static fn (?string $needs): bool => match ($needs) {
            null => true,
            'engine-fan' => $brief->engineFan !== null,
            'air-conditioning' => $brief->control->airConditioning !== null,
            default => throw new \LogicException("Nobody has said which vehicles have {$needs}."),
        });
    }

    public static function all(): self
    {
        return self::where(static fn (): bool => true);
    }

    /** @param  \Closure(string|null): bool  $has  whether a vehicle has what is needed */
    private static function where(\Closure $has): self
    {
        $causes = [];
        $tests = [];
        foreach (['cooling' => TestKind::Cooling, 'vehicle' => TestKind::Vehicle] as $file => $kind) {
            $data = json_decode((string) file_get_contents(self::PATH."/{$file}.json"), true, flags: JSON_THROW_ON_ERROR);
            foreach (array_filter($data['causes'], static fn (array $cause): bool => $has($cause['needs'] ?? null)) as $cause) {
                $causes[] = new OutsideCause(
                    $cause['id'], (float) $cause['weight'], $cause['isFelt'], array_values(array_map(Symptom::from(...), $cause['shows'])), $cause['answers'],
                );
            }
            foreach (array_filter($data['tests'], static fn (array $test): bool => $has($test['needs'] ?? null)) as $test) {
                $tests[] = new Test(
                    $kind, null, $test['id'], $test['minutes'] + (($test['isWarm'] ?? false) ? self::WARM_MINUTES : 0.0), $test['answers'], $test['caution'] ?? null,
                );
            }
        }

        return new self($causes, $tests);
    }
}
