<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Message\InvalidInput;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Proof;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A mistake in a sound job raises exactly its own finding. The mistakes are those the trade knows; common practice, no source. Each is made in
 * every third of the jobs, the seed says in which.
 */
final class QuietTest extends TestCase
{
    private const EVERY = 3;

    private const DECIDER = '/control/stages/0/decider';

    /** @return iterable<string, array{array<string, mixed>, int}> */
    public static function jobs(): iterable
    {
        foreach (array_keys(SoundJobs::all()) as $at => $name) {
            yield $name => [SoundJobs::all()[$name], $at + (int) getenv('LAMP_SEED')];
        }
    }

    /** @param  array<string, mixed>  $job */
    #[DataProvider('jobs')]
    public function test_a_mistake_in_it_raises_its_own_finding_and_no_other(array $job, int $number): void
    {
        $made = 0;
        foreach (self::mistakes(Orchard::file($job)) as $code => $mistake) {
            if ($number++ % self::EVERY !== 0) {
                continue;
            }
            try {
                $sizing = Orchard::sizing([...$job, ...$mistake]);
            } catch (InvalidInput) {
                continue;
            }
            self::assertSame([$code], array_values(array_unique(self::aloud(Proof::of($sizing, Orchard::shelf(), isQuick: true)))), "{$code}");
            $made++;
        }
        self::assertGreaterThan(2, $made);
    }

    /**
     * @param  array<string, mixed>  $file  the sound job
     * @return array<string, array<string, mixed>> finding to what brings it
     */
    private static function mistakes(array $file): array
    {
        $control = $file['control'] + ['airConditioning' => null, 'afterRun' => null];
        $band = $control['stages'][0]['decider'];
        $systemV = $file['supply']['systemV'];
        $isFelt = isset($band['onC']);
        $isOpening = ($band['action'] ?? '') === 'opens-when-hot';
        $opens = $file['cooling']['thermostatOpensC'];

        return array_filter([
            'start-current-unlikely' => ['/fans/0/startA' => 1.2 * $file['fans'][0]['runA']],
            'fan-does-not-fit' => ['/fans/0/depthMm' => 120],
            'fan-gap-small' => ['/fans/0/depthMm' => $file['cooling']['clearanceMm'] - 4],
            'core-uncovered' => ['/fit' => ['coreWidthMm' => 1100, 'coreHeightMm' => 600, 'shroudPercent' => 0, 'flaps' => true]],
            'fan-wider-than-core' => ['/fans/0/diameterMm' => 440],
            'fan-blows-backwards' => ['/fans/0/polarityReversed' => true],
            'blade-wrong-way-round' => ['/fans/0/bladeFlipped' => true],
            'unfused-length' => ['/runs/battery-to-fuse/lengthM' => 0.6],
            'trigger-fuse-too-large' => $band['kind'] === 'stepless' ? null : ['/pinned/coil-fuse' => 'blade-40'],
            'feed-without-fuse' => ['/pinned/fan-1-fuse' => 'no-fuse'],
            'runs-while-cranking' => $isFelt && $band['kind'] !== 'computer' && $control['airConditioning'] === null ? ['/control/coilFeed' => 'ignition'] : null,
            'runs-with-key-out' => $isFelt && $band['kind'] !== 'computer' && $control['afterRun'] === null && ! $isOpening ? ['/control/coilFeed' => 'battery'] : null,
            'after-run-flattens' => $control['afterRun'] === null ? null : ['/supply/batteryAh' => 2],
            'idle-shortfall' => ['/supply/alternatorIdleA' => 1, '/supply/batteryAh' => 30],
            'sensor-in-still-coolant' => $isFelt ? [self::DECIDER.'/coolantStands' => true] : null,
            'off-below-thermostat' => $isFelt
                ? [self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/offC' => $opens - 4, self::DECIDER.'/onC' => $opens + 6]
                : null,
            'on-below-thermostat' => $isFelt && count($control['stages']) === 1
                ? [self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/offC' => $opens + 0.5, self::DECIDER.'/onC' => $opens + 1.5]
                : null,
            'low-and-high-exchanged' => isset($control['speeds']) ? [self::DECIDER.'/onC' => 99, self::DECIDER.'/offC' => 94] : null,
            'clutch-fed-backwards' => $control['stages'][0]['side'] === 'supply' && $control['airConditioning'] === null
                ? ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'joined', 'fuseA' => 10]]
                : null,
            'on-above-ceiling' => $isFelt && count($control['stages']) === 1 ? [self::DECIDER.'/onC' => $file['cooling']['ceilingC'] + 2] : null,
            'hose-adapter-no-earth' => $band['kind'] === 'thermal-switch' && $control['stages'][0]['side'] === 'earth'
                ? [self::DECIDER.'/place' => 'top-hose', self::DECIDER.'/earthLead' => false]
                : null,
            'ceiling-above-boiling' => ['/cooling/ceilingC' => 140],
            'lockout-in-climb' => ['/control/lockouts' => ['engineSpeed' => ['rpm' => 2000]], '/driveline' => ['axleRatio' => 4.11, 'gearRatios' => [3.5, 1], 'tyreM' => 0.66]],
            'tapped-without-fuse' => isset($control['airConditioning']['fuseA']) ? ['/control/airConditioning/fuseA' => 0] : null,
            'override-not-indicated' => ($control['overrides'][0]['kind'] ?? '') === 'cut-out' ? ['/control/overrides' => [['kind' => 'cut-out', 'indicator' => false]]] : null,
            'stages-out-of-order' => count($control['stages']) === 2 && ! isset($control['speeds']) ? [
                '/control/stages/1/decider/onC' => $band['onC'] - 1, '/control/stages/1/decider/offC' => $band['offC'],
            ] : null,
            'relay-over-rating' => $systemV === 12 && $file['fans'][0]['runA'] > 20 ? ['/pinned/fan-1-relay' => 'micro-20-12v'] : null,
        ]);
    }

    /** @return list<string> codes of what is not only worth knowing */
    private static function aloud(Proof $proof): array
    {
        return array_values(array_map(
            static fn (Finding $finding): string => $finding->code,
            array_filter($proof->findings, static fn (Finding $finding): bool => $finding->severity !== Severity::Note),
        ));
    }
}
