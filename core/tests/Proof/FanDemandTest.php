<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\FanDemand;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a brief wants of its first fan, state by state, whatever the circuit does. */
final class FanDemandTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, OperatingConditions, Demand}> */
    public static function wanted(): iterable
    {
        $make = Combination::changes(...);
        $decider = Combination::deciders();
        $load = Combination::loads();
        $ac = Combination::airConditioning();
        $override = Combination::overrides();
        $switch = $decider['switch closing when hot'];
        $cold = 20.0;
        $hot = 110.0;
        $plain = $make($switch, $load['one fan']);

        yield 'hot and running' => [$plain, new OperatingConditions(Key::Run, 850, $hot), Demand::Temperature];
        yield 'cold and running' => [$plain, new OperatingConditions(Key::Run, 850, $cold), Demand::Rest];
        yield 'hot, key out' => [$plain, new OperatingConditions(Key::Off, 0, $hot), Demand::Rest];
        yield 'hot, cranking, nothing said of it' => [$plain, new OperatingConditions(Key::Crank, 0, $hot), Demand::Either];
        yield 'between the two, was hot' => [$plain, new OperatingConditions(Key::Run, 850, 90, memory: ['stage-1-switch' => 1]), Demand::Temperature];
        yield 'between the two, was cold' => [$plain, new OperatingConditions(Key::Run, 850, 90), Demand::Rest];
        yield 'hot, key out, fed from the battery' => [
            [...$plain, '/control' => [...$plain['/control'], 'coilFeed' => 'battery']], new OperatingConditions(Key::Off, 0, $hot), Demand::Temperature,
        ];
        yield 'cranking, locked out' => [
            $make($switch, $load['one fan'], more: ['lockouts' => ['cranking' => true]]), new OperatingConditions(Key::Crank, 0, $hot), Demand::HeldOff,
        ];
        yield 'above the lockout' => [
            $make($switch, $load['one fan'], more: ['lockouts' => ['engineSpeed' => ['rpm' => 2500]]]), new OperatingConditions(Key::Run, 2500, $hot), Demand::HeldOff,
        ];
        yield 'below the lockout' => [
            $make($switch, $load['one fan'], more: ['lockouts' => ['engineSpeed' => ['rpm' => 2500]]]), new OperatingConditions(Key::Run, 2400, $hot), Demand::Temperature,
        ];
        yield 'above the lockout, by override' => [
            $make($switch, $load['one fan'], 'earth', null, $override['force-on'], ['lockouts' => ['engineSpeed' => ['rpm' => 2500]]]),
            new OperatingConditions(Key::Run, 3000, $cold, ['override' => 'on']), Demand::Either,
        ];
        foreach (['force-on', 'three-position', 'change-over'] as $kind) {
            $with = $make($switch, $load['one fan'], 'earth', null, $override[$kind]);
            yield "{$kind} on" => [$with, new OperatingConditions(Key::Run, 850, $cold, ['override' => 'on']), Demand::Override];
            yield "{$kind} on, key out" => [$with, new OperatingConditions(Key::Off, 0, $cold, ['override' => 'on']), Demand::Rest];
            yield "{$kind} on, cranking" => [$with, new OperatingConditions(Key::Crank, 0, $cold, ['override' => 'on']), Demand::Either];
        }
        $three = $make($switch, $load['one fan'], 'earth', null, $override['three-position']);
        yield 'off is off, hot too' => [$three, new OperatingConditions(Key::Run, 850, $hot, ['override' => 'off']), Demand::HeldOff];
        yield 'automatic, hot' => [$three, new OperatingConditions(Key::Run, 850, $hot, ['override' => 'automatic']), Demand::Temperature];
        $cut = $make($switch, $load['one fan'], 'earth', null, $override['cut-out'], ['afterRun' => ['delayS' => 200]]);
        yield 'cut, hot' => [$cut, new OperatingConditions(Key::Run, 850, $hot, ['override' => 'cut']), Demand::HeldOff];
        yield 'cut while it would run on' => [$cut, new OperatingConditions(Key::Off, 0, $hot, ['override' => 'cut'], elapsedS: 10), Demand::HeldOff];
        yield 'runs on' => [$cut, new OperatingConditions(Key::Off, 0, $cold, ['override' => 'normal'], elapsedS: 10), Demand::AfterRun];
        yield 'has run on' => [$cut, new OperatingConditions(Key::Off, 0, $cold, ['override' => 'normal'], elapsedS: 200), Demand::Rest];
        $lowHigh = $make($switch, $load['dropping resistor'], 'earth', null, $override['low-high']);
        yield 'low' => [$lowHigh, new OperatingConditions(Key::Run, 850, $cold, ['override' => 'low']), Demand::Override];
        yield 'high' => [$lowHigh, new OperatingConditions(Key::Run, 850, $cold, ['override' => 'high']), Demand::Override];
        $sensor = $make($decider['computer'], $load['one fan'], 'earth', null, $override['sensor-open']);
        yield 'sensor opened' => [$sensor, new OperatingConditions(Key::Run, 850, $cold, ['override' => 'on']), Demand::Override];
        yield 'a computer sleeps with the key out' => [$sensor, new OperatingConditions(Key::Off, 0, $hot, ['override' => 'automatic']), Demand::Rest];
        foreach (['separate-relay', 'interposing-relay'] as $trigger) {
            $cooled = $make($switch, $load['one fan'], 'earth', $ac[$trigger]);
            yield "air conditioning by {$trigger}" => [
                $cooled, new OperatingConditions(Key::Run, 850, $cold, ['air-conditioning' => 'on']), Demand::AirConditioning,
            ];
            yield "air conditioning by {$trigger}, key out" => [
                $cooled, new OperatingConditions(Key::Off, 0, $cold, ['air-conditioning' => 'on']), Demand::Rest,
            ];
        }
        $pressure = $make($switch, $load['one fan'], 'earth', $ac['pressure-switch']);
        yield 'pressure high' => [$pressure, new OperatingConditions(Key::Run, 850, $cold, ['pressure' => 'high']), Demand::AirConditioning];
        yield 'pressure normal' => [$pressure, new OperatingConditions(Key::Run, 850, $cold, ['pressure' => 'normal']), Demand::Rest];
        yield 'by hand' => [$make($decider['hand'], $load['one fan']), new OperatingConditions(Key::Run, 850, $cold, ['stage-1-switch' => 'on']), Demand::Hand];
        yield 'carried by the switch, key out' => [
            $make($decider['switch carrying the fan'], $load['one fan']), new OperatingConditions(Key::Off, 0, $hot), Demand::Temperature,
        ];
        yield 'original control, key out' => [$make($decider['original'], $load['one fan']), new OperatingConditions(Key::Off, 0, $hot), Demand::Rest];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('wanted')]
    public function test_what_is_wanted(array $changes, OperatingConditions $setting, Demand $want): void
    {
        $sizing = Orchard::sizing($changes);

        self::assertSame($want, (new FanDemand($sizing->brief, $sizing->circuit))->in($setting)['fan-1']);
    }

    public function test_a_second_fan_is_wanted_at_its_own_temperature(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']));
        $wants = new FanDemand($sizing->brief, $sizing->circuit);

        self::assertSame(['fan-1' => Demand::Temperature, 'fan-2' => Demand::Rest], $wants->in(new OperatingConditions(Key::Run, 850, 94)));
        self::assertSame(['fan-1' => Demand::Temperature, 'fan-2' => Demand::Temperature], $wants->in(new OperatingConditions(Key::Run, 850, 98)));
    }

    public function test_of_two_stages_that_want_one_fan_the_stronger_wish_counts(): void
    {
        self::assertSame(Demand::Temperature, Demand::HeldOff->or(Demand::Temperature));
        self::assertSame(Demand::Temperature, Demand::Temperature->or(Demand::HeldOff));
        self::assertSame(Demand::Either, Demand::HeldOff->or(Demand::Either));
        self::assertSame(Demand::HeldOff, Demand::Rest->or(Demand::HeldOff));
        foreach (Demand::cases() as $want) {
            self::assertFalse($want->runs() && $want->rests());
        }
    }
}
