<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Exchange\BenchPresenter;
use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\Wording;
use LampThread\Operation\Solver;
use LampThread\Proof\BehaviourRow;
use LampThread\Proof\Proof;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Every two choices that go together: each circuit does what its brief wants in every state, but for what is known of it. */
final class EveryArrangementTest extends TestCase
{
    /** A schema is asked about every so many of them: it takes longer than all the rest, and what differs among neighbours is the circuit. */
    private const SHOWN_EVERY = 4;

    private static int $number = 0;

    /** How many of each circuit's conditions ngspice is asked about. */
    private const STATES = 5;

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

    /**
     * One test, so that each is sized once.
     *
     * @param  array<string, mixed>  $changes
     */
    #[DataProviderExternal(Combination::class, 'somePairs')]
    public function test_it_is_solved_as_ngspice_does_can_be_built_and_does_what_the_brief_wants(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $this->agreesWithNgspice($sizing->circuit);
        $this->isDrawnCutAndLit($sizing);
        $this->doesWhatTheBriefWants($sizing, $changes);
    }

    private function agreesWithNgspice(Circuit $circuit): void
    {
        $conditions = OperatingEnvelope::conditions($circuit);
        $solver = new Solver($circuit);
        $step = max(1, intdiv(count($conditions), self::STATES));
        $points = [];
        for ($at = intdiv($step, 2); $at < count($conditions); $at += $step) {
            $point = $solver->settle($conditions[$at]);
            if ($point->isSettled()) {
                $points[$at] = $point;
            }
        }
        Ngspice::assertAgrees($points);
    }

    private function isDrawnCutAndLit(Sizing $sizing): void
    {
        $design = DesignPresenter::english($sizing, Orchard::shelf());
        $drawn = array_filter(array_column(array_merge(...array_column($design['drawings']['wide']['threads'], 'wires')), 'wire'));
        sort($drawn);
        $laid = array_column($design['wires'], 'id');
        sort($laid);

        self::assertSame($laid, $drawn, 'every wire is on exactly one thread');
        if (self::$number++ % self::SHOWN_EVERY > 0) {
            return;
        }
        Orchard::schema()->check('design', self::sent($design));
        $point = (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Run, 850, 93));
        Orchard::schema()->check('bench', self::sent(BenchPresenter::of($point, Wording::english(), ['battery:+', 'fan-1:+'])));
    }

    /** @param  array<string, mixed>  $changes */
    private function doesWhatTheBriefWants(Sizing $sizing, array $changes): void
    {
        $proof = Proof::of($sizing, Orchard::shelf(), isQuick: true);
        $broken = array_filter($proof->behaviours, static fn (BehaviourRow $row): bool => $row->broken() !== null);

        foreach ($broken as $row) {
            $where = $row->broken();
            $inputs = $proof->space->states[$where[0] ?? 0]->point->conditions->inputs;
            self::assertTrue(self::isKnown($row->behaviour->id, $changes), "{$row->behaviour->id}: not at ".($where[1] ?? '').", {$inputs}");
        }
        self::assertNull($proof->space->leftOut);
        self::assertGreaterThan(6, count($proof->space->states));
    }

    /** @param  array<string, mixed>  $answer */
    private static function sent(array $answer): mixed
    {
        return json_decode(json_encode($answer, JSON_THROW_ON_ERROR));
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
