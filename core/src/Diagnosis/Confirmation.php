<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Which test not yet done proves a cause best: what it then shows, hardly anything else that was possible would show. */
final readonly class Confirmation
{
    /** So much of what was possible before may show it too, and each minute counts as this share of it (common practice, no source). */
    private const MOST_OTHERS = 0.6;

    private const SHARE_A_MINUTE = 0.03;

    /** What a test of the part itself is worth before others that confirm as well. */
    private const OWN_TEST_WORTH = 0.5;

    public function __construct(private Story $story, private Trail $trail) {}

    /** What must then be true too; null where no test shows it well enough. */
    public function of(int $likeliest): ?Answer
    {
        $table = $this->story->table;
        // Another instrument on the same spot would only say the same again.
        $read = array_map(static fn (Answer $answer): string => $answer->test->column(), $this->story->answers);
        $before = $this->story->untested()->shares();
        $causes = array_keys(array_filter($before, static fn (float $share): bool => $share > Trail::COUNTS_SHARE));
        $place = $table->causes[$likeliest]->place();
        $sound = $table->soundCauses()[$table->causes[$likeliest]->subject] ?? null;
        $best = null;
        $least = self::MOST_OTHERS;
        foreach (array_filter($this->trail->offered(), static fn (Test $test): bool => ! in_array($test->column(), $read, true)) as $test) {
            $outcome = Reading::outcome($test, $table->shown($test, [$likeliest])[$likeliest]);
            $others = 0.0;
            foreach ($table->groups($test->column(), $causes) as $bytes => $alike) {
                foreach (Reading::outcome($test, $table->value($test, (string) $bytes)) === $outcome ? $alike : [] as $cause) {
                    $others += $table->causes[$cause]->place() === $place ? 0.0 : $before[$cause];
                }
            }
            // A test of the very part, which shows what no sound one does, proves more than volts beside it.
            $isOfPart = $test->tries($place) && $outcome !== Reading::outcome($test, $sound === null ? FaultTable::ABSENT : $table->shown($test, [$sound])[$sound]);
            $worth = $others + self::SHARE_A_MINUTE * $this->trail->minutes($test) - ($isOfPart ? self::OWN_TEST_WORTH : 0.0);
            if ($worth < $least && $test->kind !== TestKind::Lamp) {
                [$best, $least] = [new Answer($test, $table->shown($test, [$likeliest])[$likeliest]), $worth];
            }
        }

        return $best;
    }
}
