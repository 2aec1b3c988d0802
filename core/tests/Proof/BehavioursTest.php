<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\FanDemand;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Proof\Behaviours;
use LampThread\Proof\Finding\Severity;
use LampThread\Scenario\Limits;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Operation\Buzzer;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Each rule holds in a sound circuit and fails in one that was spoilt for it. */
final class BehavioursTest extends TestCase
{
    private const INDICATED = ['/control/overrides/0/indicator' => true];

    /** @return iterable<string, array{string, array<string, mixed>, OperatingConditions, array<string, FaultKind>, string}> rule, job, state, what spoils it, where it fails */
    public static function spoilt(): iterable
    {
        $air = ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'separate-relay']];
        $hot = new OperatingConditions(Key::Run, 850, 110);
        $cold = new OperatingConditions(Key::Run, 850, 20);

        yield 'fuse out, hot' => ['runs-when-hot', [], $hot, ['fan-1-fuse' => FaultKind::Open], 'fan-1'];
        yield 'relay stuck, air conditioning on' => [
            'runs-with-air-conditioning', $air, new OperatingConditions(Key::Run, 850, 20, ['air-conditioning' => 'on']), [
                'fan-1-air-conditioning-relay' => FaultKind::StuckOff,
            ], 'fan-1',
        ];
        yield 'override open' => [
            'obeys-override', [], new OperatingConditions(Key::Run, 850, 20, ['override' => 'on']), ['override' => FaultKind::Open], 'fan-1',
        ];
        yield 'time relay open' => [
            'runs-on', ['/control/afterRun' => ['delayS' => 200]], new OperatingConditions(Key::Off, 0, 20, elapsedS: 5),
            ['after-run-relay' => FaultKind::Open], 'fan-1',
        ];
        yield 'relay welded' => ['rests', [], $cold, ['fan-1-relay' => FaultKind::StuckOn], 'fan-1'];
        yield 'cut-out shorted' => [
            'held-off', ['/control/overrides' => [['kind' => 'cut-out']]], new OperatingConditions(Key::Run, 850, 110, ['override' => 'cut']),
            ['override' => FaultKind::Short], 'fan-1',
        ];
        yield 'relay welded, key out' => ['dead-with-key-out', [], new OperatingConditions, ['fan-1-relay' => FaultKind::StuckOn], 'battery'];
        yield 'lamp burnt out' => ['indicator-tells', self::INDICATED, $hot, ['indicator' => FaultKind::Open], 'indicator'];
        yield 'fan shorted' => ['within-ratings', [], $hot, ['fan-1' => FaultKind::Short], ''];
        yield 'key switch shorted, bare terminal' => [
            'bare-terminals-dead', [
                '/control/stages/0/decider/place' => 'engine-outlet', '/control/coilFeed' => 'battery',
            ], new OperatingConditions, [], 'stage-1-switch',
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, FaultKind>  $faults
     */
    #[DataProvider('spoilt')]
    public function test_the_rule_holds_when_sound_and_fails_when_spoilt(
        string $rule,
        array $changes,
        OperatingConditions $setting,
        array $faults,
        string $at,
    ): void {
        $sizing = Orchard::sizing($changes);
        if ($faults !== []) {
            self::assertTrue(self::holds($rule, $sizing, $sizing->circuit, $setting), 'sound');
        }
        $fails = self::holds($rule, $sizing, $sizing->circuit, $setting->withFaults($sizing->circuit->broken($faults)));

        self::assertIsString($fails);
        self::assertStringContainsString($at, $fails);
    }

    /** Whoever feeds the coil from the battery, so that the fan runs with the key out, has a live terminal at the radiator; else it is a mistake. */
    #[TestWith(['battery', Severity::Note])]
    #[TestWith(['ignition', Severity::Warning])]
    public function test_a_terminal_that_has_to_be_live_is_only_noted(string $coilFeed, Severity $severity): void
    {
        $sizing = Orchard::sizing(['/control/coilFeed' => $coilFeed]);
        $behaviours = array_column(self::behaviours($sizing, $sizing->circuit), null, 'id');

        self::assertSame($severity, $behaviours['bare-terminals-dead']->severity);
    }

    public function test_stages_out_of_order_are_seen(): void
    {
        $band = Combination::deciders()['switch closing when hot'];
        $two = Combination::changes($band, Combination::loads()['two at two temperatures']);
        $swapped = [...$two, '/control/stages/0/decider' => [...$band, 'onC' => 99, 'offC' => 94], '/control/stages/1/decider' => $band];
        $setting = new OperatingConditions(Key::Run, 850, 95);

        self::assertNull(self::holds('stages-in-order', Orchard::sizing($two), Orchard::sizing($two)->circuit, $setting));
        self::assertSame('fan-2', self::holds('stages-in-order', Orchard::sizing($swapped), Orchard::sizing($swapped)->circuit, $setting));
        self::assertTrue(self::holds('stages-in-order', Orchard::sizing($two), Orchard::sizing($two)->circuit, new OperatingConditions(Key::Run, 850, 120)));
    }

    public function test_a_relay_that_never_rests_is_seen(): void
    {
        $sizing = Orchard::sizing();
        $buzzing = new Circuit(
            [...$sizing->circuit->components, 'buzzer' => new Buzzer('buzzer', 'K9', Message::verbatim('Buzzer'))],
            $sizing->circuit->wires,
            $sizing->circuit->wireGroups,
        );

        self::assertTrue(self::holds('comes-to-rest', $sizing, $sizing->circuit, new OperatingConditions));
        self::assertSame('buzzer', self::holds('comes-to-rest', $sizing, $buzzing, new OperatingConditions));
    }

    public function test_a_computer_output_fed_from_outside_is_seen(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['computer'], Combination::loads()['one fan']));
        $wire = $sizing->circuit->wires[0];
        $circuit = $sizing->circuit;
        $booster = new \LampThread\Tests\Proof\Booster('booster', 'G9', Message::verbatim('Booster'));
        $fed = new Circuit(
            [...$circuit->components, 'booster' => $booster],
            [
                ...$circuit->wires,
                new Wire('W99', 'booster:+', 'stage-1-output:out', Stretch::Dash, $wire->segment, Colour::Trigger, $wire->group, $wire->conductor, 60),
            ],
            $circuit->wireGroups,
        );

        self::assertTrue(self::holds('outputs-not-fed-back', $sizing, $circuit, new OperatingConditions(Key::Run, 850, 20)));
        self::assertSame('stage-1-output', self::holds('outputs-not-fed-back', $sizing, $fed, new OperatingConditions(Key::Run, 850, 20)));
    }

    public function test_a_clutch_fed_through_a_bridge_is_seen(): void
    {
        $sizing = Orchard::sizing(['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'separate-relay']]);
        $wire = $sizing->circuit->wires[0];
        $bridged = new Circuit(
            [...$sizing->circuit->components, 'bridge' => new FixedResistor('bridge', 'R9', Message::verbatim('Bridge'), 0.1)],
            [
                ...$sizing->circuit->wires,
                new Wire('W98', 'fan-1:+', 'bridge:1', Stretch::Dash, $wire->segment, Colour::Trigger, $wire->group, $wire->conductor, 60),
                new Wire('W99', 'bridge:2', 'clutch:1', Stretch::Dash, $wire->segment, Colour::Trigger, $wire->group, $wire->conductor, 60),
            ],
            $sizing->circuit->wireGroups,
        );
        $hot = new OperatingConditions(Key::Run, 850, 110);

        self::assertTrue(self::holds('clutch-not-fed-back', $sizing, $sizing->circuit, $hot));
        self::assertSame('clutch', self::holds('clutch-not-fed-back', $sizing, $bridged, $hot));
    }

    public function test_only_what_the_brief_asks_for_is_looked_at(): void
    {
        $ids = static function (array $changes): array {
            $sizing = Orchard::sizing($changes);

            return array_map(static fn ($behaviour): string => $behaviour->id, self::behaviours($sizing, $sizing->circuit));
        };

        self::assertNotContains('runs-with-air-conditioning', $ids([]));
        self::assertNotContains('obeys-override', $ids(['/control/overrides' => []]));
        self::assertNotContains('runs-on', $ids([]));
        self::assertNotContains('indicator-tells', $ids([]));
        self::assertContains('indicator-tells', $ids(self::INDICATED));
        self::assertSame(array_unique($ids(self::INDICATED)), $ids(self::INDICATED));
    }

    private static function holds(string $rule, Sizing $sizing, Circuit $circuit, OperatingConditions $setting): true|string|null
    {
        $point = (new Solver($circuit))->settle($setting);
        $behaviours = array_column(self::behaviours($sizing, $circuit), null, 'id');

        return $behaviours[$rule]->in($point, (new FanDemand($sizing->brief, $circuit))->in($setting));
    }

    /** @return list<\LampThread\Proof\Behaviour> */
    private static function behaviours(Sizing $sizing, Circuit $circuit): array
    {
        $limits = new Limits($circuit, $sizing->brief, Orchard::shelf());

        return (new Behaviours($sizing->brief, $circuit, $limits))->all();
    }
}
