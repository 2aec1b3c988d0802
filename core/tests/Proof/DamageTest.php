<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Network\NodeVoltages;
use LampThread\Operation\ElementSet;
use LampThread\Operation\OperatingPoint;
use LampThread\Proof\Damage;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** From where on electronics, computers and clutches are harmed. */
final class DamageTest extends TestCase
{
    /**
     * Added electronics stand 2.2 times the system's voltage for a minute (a start from 24 V at 12 V), 2.5 times for tenths of a second, and 1.2 times the wrong
     * way round: ISO 16750-2, from memory; that what is added stands no more than the vehicle's own is common practice, no source.
     */
    #[TestWith([12, 26.3, 60.0, null])]
    #[TestWith([12, 26.5, 60.0, 'effect.electronics-damaged'])]
    #[TestWith([12, 29.9, 0.4, null])]
    #[TestWith([12, 30.1, 0.4, 'effect.electronics-damaged'])]
    #[TestWith([12, 26.5, 1.0, 'effect.electronics-damaged'])]
    #[TestWith([24, 52.7, 60.0, null])]
    #[TestWith([24, 52.9, 60.0, 'effect.electronics-damaged'])]
    #[TestWith([12, -14.3, 60.0, null])]
    #[TestWith([12, -14.5, 60.0, 'effect.electronics-damaged'])]
    public function test_what_electronics_stand(int $systemV, float $volts, float $lastsS, ?string $effect): void
    {
        $circuit = Orchard::sizing(Combination::changes(Combination::deciders()['electronic, to earth'], Combination::loads()['one fan']))->circuit;
        $sound = self::point($circuit, ['stage-1-switch:15' => (float) $systemV, 'battery:+' => (float) $systemV]);
        $after = self::point($circuit, ['stage-1-switch:15' => $volts, 'battery:+' => (float) $systemV]);

        self::assertSame($effect, (new Damage($circuit, $systemV))->done($after, $sound, $lastsS)[0]->code ?? null);
    }

    /** A volt beyond its rails is too much for a computer's output, a volt below earth at the supply for the alternator's diodes. Common practice, no source. */
    #[TestWith([12.9, 12.0, null])]
    #[TestWith([13.1, 12.0, 'effect.output-fed'])]
    #[TestWith([-0.9, 12.0, null])]
    #[TestWith([-1.1, 12.0, 'effect.output-fed'])]
    #[TestWith([0.0, -0.9, null])]
    #[TestWith([0.0, -1.1, 'effect.alternator-reversed'])]
    public function test_what_an_output_and_an_alternator_stand(float $outputV, float $supplyV, ?string $effect): void
    {
        $circuit = Orchard::sizing(Combination::changes(Combination::deciders()['computer'], Combination::loads()['one fan']))->circuit;
        $sound = self::point($circuit, ['stage-1-output:out' => 12.0, 'battery:+' => 12.0]);
        $after = self::point($circuit, ['stage-1-output:out' => $outputV, 'battery:+' => $supplyV]);
        $damage = new Damage($circuit, 12);

        self::assertSame($effect, $damage->done($after, $sound, 60.0)[0]->code ?? null);
        self::assertSame($effect === 'effect.output-fed' ? null : $effect, $damage->done($after, $after, 60.0)[0]->code ?? null, 'what was so before is no harm of the fault');
    }

    /** A clutch engages from 0.8 A on: unasked that is a harm, asked it is what is wanted. Common practice, no source. */
    #[TestWith([0.79, 'off', null])]
    #[TestWith([0.81, 'off', 'effect.clutch-engages'])]
    #[TestWith([-0.81, 'off', 'effect.clutch-engages'])]
    #[TestWith([3.0, 'on', null])]
    public function test_a_clutch_that_engages_unasked(float $ampere, string $airConditioning, ?string $effect): void
    {
        $circuit = Orchard::sizing(['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'interposing-relay']])->circuit;
        $sound = self::point($circuit, ['battery:+' => 12.0]);
        $after = self::point($circuit, ['battery:+' => 12.0], [Clutch::COIL => $ampere], $airConditioning);

        self::assertSame($effect, (new Damage($circuit, 12))->done($after, $sound, 60.0)[0]->code ?? null);
        self::assertNull((new Damage($circuit, 12))->done($after, $after, 60.0));
    }

    /**
     * @param  array<string, float>  $volts  by terminal
     * @param  array<string, float>  $currents
     */
    private static function point(Circuit $circuit, array $volts, array $currents = [], string $airConditioning = 'off'): OperatingPoint
    {
        return new OperatingPoint(
            $circuit, new OperatingConditions(Key::Run, 850, 20, [Clutch::INPUT => $airConditioning]), [],
            new NodeVoltages([...array_fill_keys($circuit->terminals(), 0.0), ...$volts]), $currents, [], new ElementSet('', [], []),
        );
    }
}
