<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\HandoverPresenter;
use LampThread\Exchange\ReadingParser;
use LampThread\Exchange\ReadingsCsv;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Observation\Reads;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** Tests, readings and what they say, as they go out. */
final class HandoverPresenterTest extends TestCase
{
    private const VOLTS = 'hot-1/volt/fan-1:+/fan-1:-';

    public function test_every_test_says_in_words_what_should_be_read(): void
    {
        $says = [];
        foreach (Wording::english()->worded(['tests' => (new HandoverPresenter(Workshop::sizing('orchard-sprayer')))->tests()])['tests'] as $test) {
            $says[$test['id']] = $test['says'];
            self::assertNotSame('', $test['says']);
            foreach ($test['leads'] as $lead) {
                self::assertNotSame('', $lead['name']);
            }
        }
        self::assertSame('yes', $says['rest/seen//']);
        self::assertSame('30 A', $says['printed/ampere/fan-1-fuse/']);
        self::assertSame('open: the meter shows no figure', $says['out/ohm/stage-1-switch:1/stage-1-switch:2']);
        self::assertStringStartsWith('at most', $says['hot-1/volt/fan-1:-/battery:-']);
        self::assertMatchesRegularExpression('/^12 V; 10\.7 V to 12\.7 V$/', $says[self::VOLTS]);
    }

    public function test_leads_name_the_wires_that_are_there_through_a_plug_too(): void
    {
        $leads = array_column((new HandoverPresenter(Workshop::sizing('orchard-sprayer')))->tests(), 'leads', 'id');
        self::assertSame(['fan-1:+', 'fan-1:-'], array_column($leads[self::VOLTS], 'spot'));
        self::assertSame(['W4'], array_column($leads[self::VOLTS][0]['wires'], 'id'));
        self::assertSame('W4', $leads['hot-1/ampere/W4/'][0]['spot']);
    }

    public function test_nothing_is_suspected_while_all_passes_nor_from_ohms_alone(): void
    {
        $handover = new HandoverPresenter(Workshop::sizing('orchard-sprayer'));
        self::assertNull($handover->diagnosis([]));
        self::assertNull($handover->diagnosis([self::VOLTS => 12.0]));
        self::assertNull($handover->diagnosis(['out/ohm/fan-1-relay:86/fan-1-relay:85' => 900.0]));
    }

    public function test_what_is_suspected_is_named_as_it_is_on_the_drawing(): void
    {
        $handover = new HandoverPresenter(Workshop::sizing('orchard-sprayer'));
        $diagnosis = $handover->diagnosis([
            self::VOLTS => 6.1, 'hot-1/volt/battery:+/fan-1:+' => 6.0, 'hot-1/volt/fan-1:-/battery:-' => 0.07, 'hot-1/volt/battery:+/fan-1-fuse:1' => 0.02,
            'hot-1/volt/battery:+/fan-1-fuse:2' => 5.95,
        ]);
        self::assertNotNull($diagnosis);
        self::assertSame('fan-1-fuse', $diagnosis['suspects'][0]['part']);
        self::assertGreaterThan(0.9, $diagnosis['suspects'][0]['share']);
        self::assertStringContainsString('F2, Main fuse, radiator: a joint with', Orchard::english($diagnosis['suspects'][0]['says']));
    }

    public function test_a_fuse_out_of_its_holder_is_nothing_getting_through(): void
    {
        $handover = new HandoverPresenter(Workshop::sizing('orchard-sprayer'));
        $diagnosis = $handover->diagnosis([
            'hot-1/seen//' => 0.0, self::VOLTS => 0.0, 'hot-1/volt/fan-1-relay:86/fan-1-relay:85' => 12.4, 'hot-1/volt/fan-1-fuse:1/battery:-' => 12.6,
            'hot-1/volt/fan-1-fuse:2/battery:-' => 0.0,
        ]);
        self::assertNotNull($diagnosis);
        self::assertSame('fan-1-fuse', $diagnosis['suspects'][0]['part']);
        self::assertStringContainsString('nothing gets through', Orchard::english($diagnosis['suspects'][0]['says']));
    }

    public function test_a_current_is_offered_only_where_it_is_worth_it(): void
    {
        $handover = new HandoverPresenter(Workshop::sizing('tern-step-van'));
        self::assertSame([], $handover->proposals(['hot-2/ampere/W4/' => 11.2, self::VOLTS => 3.0, 'moon/ampere/W4/' => 3.0]));
        [$proposal] = $handover->proposals(['hot-2/ampere/W4/' => 9.0]);
        self::assertSame('/fans/0/runA', $proposal['path']);
        self::assertLessThan(13.0, $proposal['value']);
        self::assertStringContainsString('left was measured at 9 A', Orchard::english($proposal['says']));
        self::assertSame([], $handover->proposals(['hot-2/ampere/W4/' => 0.1]), 'a fan that stands is no lighter one');
    }

    /** Whatever a simulated instrument shows can be typed as it is, in every job of the workshop. */
    public function test_what_is_simulated_can_be_typed(): void
    {
        foreach (Workshop::jobs() as $job) {
            $handover = new HandoverPresenter(Workshop::sizing($job));
            foreach ($handover->tests() as $test) {
                $typed = $handover->simulated($test['id'], 11, false);
                [$least, $most] = Reads::from($test['reads'])->bounds();
                $value = ReadingParser::read($typed, Reads::from($test['reads']));
                self::assertTrue($value >= $least && $value <= $most, "{$job}: {$test['id']}: {$typed}");
            }
        }
        $this->expectException(InvalidInput::class);
        (new HandoverPresenter(Workshop::sizing('orchard-sprayer')))->simulated('week/celsius/moon/', 11, false);
    }

    public function test_a_follow_up_reading_has_a_name_and_nonsense_has_none(): void
    {
        $handover = new HandoverPresenter(Workshop::sizing('orchard-sprayer'));
        $named = $handover->followUp('hot-1/volt/fan-1-fuse:2/battery:-');
        self::assertSame('Volts from F2 2 to battery −', $named === null ? '' : Orchard::english($named));
        self::assertNull($handover->followUp('hot-1/volt/moon:1/battery:-'));
        self::assertNull($handover->followUp('battery-off'));
    }

    public function test_readings_go_out_as_a_table(): void
    {
        $tests = Wording::english()->worded(['tests' => (new HandoverPresenter(Workshop::sizing('orchard-sprayer')))->tests()])['tests'];
        $reading = static fn (?bool $passes): array => ['typed' => '12.1', 'value' => 12.1, 'passes' => $passes, 'by' => 'MK', 'at' => '2026-11-26T09:00:00Z'];
        $csv = ReadingsCsv::write($tests, [self::VOLTS => $reading(true), 'hot-1/ampere/W4/' => $reading(false), 'rest/seen//' => $reading(null)]);
        self::assertStringStartsWith('phase,test,setting,expected,read,passes,by,at', $csv);
        foreach (['12.1,yes,MK', '12.1,no,MK', '12.1,no longer counts,MK'] as $cells) {
            self::assertStringContainsString($cells, $csv);
        }
    }
}
