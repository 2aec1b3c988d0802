<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Proof\Want;
use LampThread\Proof\Wants;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a brief wants of its first fan, state by state, whatever the circuit does. */
final class WantsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, Setting, Want}> */
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

        yield 'hot and running' => [$plain, new Setting(Key::Run, 850, $hot), Want::Temperature];
        yield 'cold and running' => [$plain, new Setting(Key::Run, 850, $cold), Want::Rest];
        yield 'hot, key out' => [$plain, new Setting(Key::Off, 0, $hot), Want::Rest];
        yield 'hot, cranking, nothing said of it' => [$plain, new Setting(Key::Crank, 0, $hot), Want::Either];
        yield 'between the two, was hot' => [$plain, new Setting(Key::Run, 850, 90, memory: ['stage-1-switch' => 1]), Want::Temperature];
        yield 'between the two, was cold' => [$plain, new Setting(Key::Run, 850, 90), Want::Rest];
        yield 'hot, key out, fed from the battery' => [
            [...$plain, '/control' => [...$plain['/control'], 'coilFeed' => 'battery']], new Setting(Key::Off, 0, $hot), Want::Temperature,
        ];
        yield 'cranking, locked out' => [$make($switch, $load['one fan'], more: ['lockouts' => ['cranking' => true]]), new Setting(Key::Crank, 0, $hot), Want::HeldOff];
        yield 'above the lockout' => [$make($switch, $load['one fan'], more: ['lockouts' => ['aboveRpm' => 2500]]), new Setting(Key::Run, 2500, $hot), Want::HeldOff];
        yield 'below the lockout' => [$make($switch, $load['one fan'], more: ['lockouts' => ['aboveRpm' => 2500]]), new Setting(Key::Run, 2400, $hot), Want::Temperature];
        yield 'above the lockout, by override' => [
            $make($switch, $load['one fan'], 'earth', null, $override['force-on'], ['lockouts' => ['aboveRpm' => 2500]]),
            new Setting(Key::Run, 3000, $cold, ['override' => 'on']), Want::Either,
        ];
        foreach (['force-on', 'three-position', 'change-over'] as $kind) {
            $with = $make($switch, $load['one fan'], 'earth', null, $override[$kind]);
            yield "{$kind} on" => [$with, new Setting(Key::Run, 850, $cold, ['override' => 'on']), Want::Override];
            yield "{$kind} on, key out" => [$with, new Setting(Key::Off, 0, $cold, ['override' => 'on']), Want::Rest];
            yield "{$kind} on, cranking" => [$with, new Setting(Key::Crank, 0, $cold, ['override' => 'on']), Want::Either];
        }
        $three = $make($switch, $load['one fan'], 'earth', null, $override['three-position']);
        yield 'off is off, hot too' => [$three, new Setting(Key::Run, 850, $hot, ['override' => 'off']), Want::HeldOff];
        yield 'automatic, hot' => [$three, new Setting(Key::Run, 850, $hot, ['override' => 'automatic']), Want::Temperature];
        $cut = $make($switch, $load['one fan'], 'earth', null, $override['cut-out'], ['afterRun' => ['delayS' => 200]]);
        yield 'cut, hot' => [$cut, new Setting(Key::Run, 850, $hot, ['override' => 'cut']), Want::HeldOff];
        yield 'cut while it would run on' => [$cut, new Setting(Key::Off, 0, $hot, ['override' => 'cut'], elapsedS: 10), Want::HeldOff];
        yield 'runs on' => [$cut, new Setting(Key::Off, 0, $cold, ['override' => 'normal'], elapsedS: 10), Want::AfterRun];
        yield 'has run on' => [$cut, new Setting(Key::Off, 0, $cold, ['override' => 'normal'], elapsedS: 200), Want::Rest];
        $lowHigh = $make($switch, $load['dropping resistor'], 'earth', null, $override['low-high']);
        yield 'low' => [$lowHigh, new Setting(Key::Run, 850, $cold, ['override' => 'low']), Want::Override];
        yield 'high' => [$lowHigh, new Setting(Key::Run, 850, $cold, ['override' => 'high']), Want::Override];
        $sensor = $make($decider['computer'], $load['one fan'], 'earth', null, $override['sensor-open']);
        yield 'sensor opened' => [$sensor, new Setting(Key::Run, 850, $cold, ['override' => 'on']), Want::Override];
        yield 'a computer sleeps with the key out' => [$sensor, new Setting(Key::Off, 0, $hot, ['override' => 'automatic']), Want::Rest];
        foreach (['separate-relay', 'interposing-relay'] as $trigger) {
            $cooled = $make($switch, $load['one fan'], 'earth', $ac[$trigger]);
            yield "air conditioning by {$trigger}" => [$cooled, new Setting(Key::Run, 850, $cold, ['air-conditioning' => 'on']), Want::AirConditioning];
            yield "air conditioning by {$trigger}, key out" => [$cooled, new Setting(Key::Off, 0, $cold, ['air-conditioning' => 'on']), Want::Rest];
        }
        $pressure = $make($switch, $load['one fan'], 'earth', $ac['pressure-switch']);
        yield 'pressure high' => [$pressure, new Setting(Key::Run, 850, $cold, ['pressure' => 'high']), Want::AirConditioning];
        yield 'pressure normal' => [$pressure, new Setting(Key::Run, 850, $cold, ['pressure' => 'normal']), Want::Rest];
        yield 'by hand' => [$make($decider['hand'], $load['one fan']), new Setting(Key::Run, 850, $cold, ['stage-1-switch' => 'on']), Want::Hand];
        yield 'carried by the switch, key out' => [$make($decider['switch carrying the fan'], $load['one fan']), new Setting(Key::Off, 0, $hot), Want::Temperature];
        yield 'original control, key out' => [$make($decider['original'], $load['one fan']), new Setting(Key::Off, 0, $hot), Want::Rest];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('wanted')]
    public function test_what_is_wanted(array $changes, Setting $setting, Want $want): void
    {
        $sizing = Orchard::sizing($changes);

        self::assertSame($want, (new Wants($sizing->brief, $sizing->circuit))->in($setting)['fan-1']);
    }

    public function test_a_second_fan_is_wanted_at_its_own_temperature(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']));
        $wants = new Wants($sizing->brief, $sizing->circuit);

        self::assertSame(['fan-1' => Want::Temperature, 'fan-2' => Want::Rest], $wants->in(new Setting(Key::Run, 850, 94)));
        self::assertSame(['fan-1' => Want::Temperature, 'fan-2' => Want::Temperature], $wants->in(new Setting(Key::Run, 850, 98)));
    }

    public function test_of_two_stages_that_want_one_fan_the_stronger_wish_counts(): void
    {
        self::assertSame(Want::Temperature, Want::HeldOff->or(Want::Temperature));
        self::assertSame(Want::Temperature, Want::Temperature->or(Want::HeldOff));
        self::assertSame(Want::Either, Want::HeldOff->or(Want::Either));
        self::assertSame(Want::HeldOff, Want::Rest->or(Want::HeldOff));
        foreach (Want::cases() as $want) {
            self::assertFalse($want->runs() && $want->rests());
        }
    }
}
