<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\SetPointCard;
use LampThread\Exchange\Wording;
use LampThread\Road\Vehicle;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** The card for whoever programs a computer or turns a screw. */
final class SetPointCardTest extends TestCase
{
    private const DECIDER = '/control/stages/0/decider';

    public function test_both_units_are_in_the_steps_that_can_be_set(): void
    {
        foreach (Workshop::jobs() as $job) {
            foreach (SetPointCard::of(Vehicle::of(Workshop::sizing($job)))['rows'] as $row) {
                if ($row['onC'] !== null) {
                    self::assertSame(0.0, fmod($row['onC'], 0.5), $job);
                    self::assertSame(0.0, fmod($row['onF'], 1.0), $job);
                    self::assertEqualsWithDelta($row['onC'], ($row['onF'] - 32) / 1.8, 0.55, $job);
                    self::assertGreaterThan($row['offC'], $row['onC'], $job);
                    self::assertGreaterThan($row['offF'], $row['onF'], $job);
                }
            }
        }
    }

    public function test_a_later_stage_is_commanded_with_those_below_it(): void
    {
        $card = self::worded(SetPointCard::of(Vehicle::of(Workshop::sizing('tern-step-van'))));
        self::assertStringContainsString('left at 61 %', $card['rows'][0]['commanded']['says']);
        self::assertStringContainsString('left at 102 %', $card['rows'][1]['commanded']['says']);
        self::assertSame('No fan runs.', $card['resting']['says']);
        self::assertStringContainsString('1500 kPa', $card['airConditioning']['says']);
    }

    public function test_it_says_how_each_kind_is_set(): void
    {
        $how = static fn (array $changes): string => self::worded(SetPointCard::of(Vehicle::of(Orchard::sizing($changes))))['rows'][0]['how'];
        $thermostat = ['kind' => 'thermostat', 'output' => 'dry-contact', 'onC' => 90, 'offC' => 85, 'place' => 'top-hose'];
        self::assertStringContainsString('fixed pair', $how([]));
        self::assertStringContainsString('Entered as figures', $how([self::DECIDER => $thermostat]));
        $hotter = $how([self::DECIDER => [...$thermostat, 'leastC' => 70, 'mostC' => 110, 'clockwise' => 'hotter']]);
        $cooler = $how([self::DECIDER => [...$thermostat, 'leastC' => 70, 'mostC' => 110, 'clockwise' => 'cooler']]);
        self::assertStringContainsString('50 %', $hotter);
        self::assertNotSame($hotter, $cooler);
    }

    public function test_a_hand_has_no_temperatures_and_an_after_run_its_time(): void
    {
        $card = SetPointCard::of(Vehicle::of(Orchard::sizing([
            self::DECIDER => ['kind' => 'hand', 'ratedA' => 10], '/control/overrides' => [], '/control/coilFeed' => 'battery',
        ])));
        self::assertSame([null, null, null], [$card['rows'][0]['onC'], $card['rows'][0]['offF'], $card['rows'][0]['place']]);
        self::assertEqualsWithDelta(235, SetPointCard::of(Vehicle::of(Workshop::sizing('kestrel-single-seater')))['afterRunS'], 1e-9);
    }

    /**
     * @param  array<string, mixed>  $card
     * @return array<string, mixed>
     */
    private static function worded(array $card): array
    {
        return Wording::english()->worded($card);
    }
}
