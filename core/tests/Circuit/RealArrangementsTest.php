<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Exchange\JobFile;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Proof\BehaviourRow;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Proof;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Vehicles as they come, each against what its circuit is by hand, against ngspice, and proven. */
final class RealArrangementsTest extends TestCase
{
    /** What a running fan's feed carries at least, A. */
    private const FEEDS_FROM_A = 0.5;

    /**
     * @param  array<string, mixed>  $file
     * @param  array<string, array<string, string|null>>  $truth  state to fan to the fuse it is fed through; null where it stands
     */
    #[DataProviderExternal(RealArrangements::class, 'all')]
    public function test_each_fan_is_fed_as_the_circuit_by_hand_has_it(array $file, array $truth): void
    {
        $files = Orchard::files();
        $sizing = Sizing::of($files->brief($files->decode(JobFile::encode($file))), Orchard::shelf());
        $solver = new Solver($sizing->circuit);
        $points = [];
        foreach ($truth as $state => $fans) {
            $points[$state] = $solver->settle(self::conditions($state));
            foreach ($fans as $fan => $fuse) {
                self::assertSame($fuse !== null, $points[$state]->position($fan) === FanMotor::TURNING, "{$state}: {$fan}");
                self::assertFeeds($points[$state], $fuse, $state);
            }
        }
        Ngspice::assertAgrees($points);
        foreach ($sizing->choices as $choice) {
            self::assertTrue($choice->isMade(), "{$choice->id} fits nothing");
        }
        $this->isProven($sizing);
    }

    private function isProven(Sizing $sizing): void
    {
        $proof = Proof::of($sizing, Orchard::shelf(), isQuick: true);
        $broken = array_filter($proof->behaviours, static fn (BehaviourRow $row): bool => $row->broken() !== null && $row->behaviour->severity === Severity::Danger);
        self::assertSame([], array_map(static fn (BehaviourRow $row): string => $row->behaviour->id, array_values($broken)));
    }

    private static function assertFeeds(OperatingPoint $point, ?string $fuse, string $state): void
    {
        if ($fuse !== null) {
            self::assertGreaterThan(self::FEEDS_FROM_A, abs($point->currentA($fuse)), "{$state}: through {$fuse}");
        }
    }

    private static function conditions(string $state): OperatingConditions
    {
        $words = explode(' ', $state);
        $key = Key::from(array_shift($words));
        $coolantC = (float) array_shift($words);
        $set = [];
        foreach ($words as $word) {
            [$name, $value] = explode('=', $word);
            $set[$name] = $value;
        }
        $rpm = $set['rpm'] ?? ($key === Key::Run ? 850 : 0);
        $elapsedS = isset($set['t']) ? (float) $set['t'] : null;

        return new OperatingConditions($key, (float) $rpm, $coolantC, array_diff_key($set, ['rpm' => 1, 't' => 1]), elapsedS: $elapsedS);
    }
}
