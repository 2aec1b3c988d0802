<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Proof\BehaviourRow;
use LampThread\Proof\Proof;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Every two choices that go together, in every state: each circuit does what its brief wants, but for what is known of it. */
final class EveryArrangementTest extends TestCase
{
    /** What a choice cannot do, and is told beside it: behaviour to whether a brief is one of those. */
    private const KNOWN = [
        // The classic fault, kept so that it can be shown.
        'clutch-not-fed-back' => [['airConditioning/trigger', 'joined']],
        'within-ratings' => [['airConditioning/trigger', 'joined']],
        // The clutch wire feeds the coil past a cut-out in the coil feed; a separate relay feeds the fan past everything.
        'held-off' => [['airConditioning/trigger', 'diode'], ['airConditioning/trigger', 'joined'], ['airConditioning/trigger', 'separate-relay']],
        // It carries the fan, so it is live as long as the fan's fuse is in.
        'bare-terminals-dead' => [['stages/0/decider/isDirect', true]],
    ];

    /** @param  array<string, mixed>  $changes */
    #[DataProviderExternal(Combination::class, 'pairs')]
    public function test_the_circuit_does_what_the_brief_wants_in_every_state(array $changes): void
    {
        $proof = Proof::of(Orchard::sizing($changes), Orchard::shelf(), isQuick: true);
        $broken = array_filter($proof->behaviours, static fn (BehaviourRow $row): bool => $row->broken() !== null);

        foreach ($broken as $row) {
            $where = $row->broken();
            $setting = $proof->space->states[$where[0] ?? 0]->point->setting->inputs;
            self::assertTrue(self::isKnown($row->behaviour->id, $changes), "{$row->behaviour->words}: not at ".($where[1] ?? '').", {$setting}");
        }
        self::assertNull($proof->space->leftOut);
        self::assertGreaterThan(6, count($proof->space->states));
    }

    /** @param  array<string, mixed>  $changes */
    private static function isKnown(string $behaviour, array $changes): bool
    {
        foreach (self::KNOWN[$behaviour] ?? [] as [$path, $value]) {
            $at = $changes['/control'] ?? [];
            foreach (explode('/', $path) as $step) {
                $at = is_array($at) ? $at[$step] ?? null : null;
            }
            if ($at === $value) {
                return true;
            }
        }

        return false;
    }
}
