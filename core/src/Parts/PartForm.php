<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;
use LampThread\Message\Unit;

/**
 * Which ratings each kind of part has, and which of them cannot be together. Bounds are wider than any part of a vehicle's fan
 * circuit (common practice, no source).
 */
final class PartForm
{
    /** How far stranded cable is off the resistance of solid copper of its size. */
    private const COPPER_TOLERANCE = 0.25;

    /** A coil's resistor is about this many times the coil (common practice, no source). */
    private const RESISTOR_OVER_COIL = 8.0;

    /** Leakage of a diode the right way round, Ω. */
    private const DIODE_OHM = 1e6;

    /** @return list<PartField> price first */
    public static function fields(PartKind $kind): array
    {
        $price = PartField::number('price', Unit::One, 0, 1e5, label: $kind === PartKind::Cable ? 'part-field.pricePerMetre' : null);

        return [$price, ...match ($kind) {
            PartKind::Fuse => [
                PartField::word('family', ['blade', 'cartridge', 'bolt-down', 'breaker']),
                PartField::number('ratedA', Unit::Ampere, 0.5, 500),
                PartField::number('coldMilliohm', Unit::Milliohm, 0.05, 500),
            ],
            PartKind::Relay => [
                PartField::number('coilV', Unit::Volt, 6, 24),
                PartField::number('coilOhm', Unit::Ohm, 5, 5000),
                PartField::number('pullInV', Unit::Volt, 1, 24),
                PartField::number('dropOutV', Unit::Volt, 0.1, 20),
                PartField::number('makeA', Unit::Ampere, 1, 300),
                PartField::number('restA', Unit::Ampere, 1, 300, Message::of('part-field.none')),
                PartField::number('inrushA', Unit::Ampere, 1, 2000),
                PartField::number('contactMilliohm', Unit::Milliohm, 0.1, 100),
                PartField::number('ratedAtC', Unit::Celsius, 20, 125),
                PartField::number('maxAmbientC', Unit::Celsius, 40, 175),
                PartField::number('ratedOperations', Unit::One, 1000, 1e8),
                PartField::word('suppression', ['resistor', 'diode']),
                PartField::number('suppressionOhm', Unit::Ohm, 20, 1e7, Message::of('part-field.times-coil', times: self::RESISTOR_OVER_COIL)),
                PartField::word('base', ['micro', 'mini', 'power'], Message::of('part-field.by-rating')),
            ],
            PartKind::Terminal => [
                PartField::word('shape', array_column(TerminalShape::cases(), 'value')),
                PartField::number('maxAreaMm2', Unit::SquareMillimetre, 0.3, 60),
                PartField::number('maxA', Unit::Ampere, 1, 500),
            ],
            PartKind::Cable => [
                PartField::word('catalogue', array_column(CableCatalogue::cases(), 'value')),
                PartField::number('areaMm2', Unit::SquareMillimetre, 0.1, 60),
                PartField::number('milliohmPerM', Unit::MilliohmPerMetre, 0.1, 200),
            ],
            PartKind::Switch => [
                PartField::number('onC', Unit::Celsius, 20, 150),
                PartField::number('offC', Unit::Celsius, 20, 150),
                PartField::number('ratedA', Unit::Ampere, 0.1, 60),
            ],
        }];
    }

    /**
     * Ratings that are possible alone and impossible together.
     *
     * @param  array<string, float|string|null>  $values  each within its field's bounds
     * @return array<string, Message> field to what is wrong
     */
    public static function contradictions(PartKind $kind, array $values): array
    {
        return match ($kind) {
            PartKind::Relay => array_map(Message::of(...), array_filter([
                'coilV' => in_array($values['coilV'], [6.0, 12.0, 24.0], true) ? null : 'input.relay.coil-voltage',
                'pullInV' => $values['pullInV'] < $values['coilV'] ? null : 'input.relay.pull-in',
                'dropOutV' => $values['dropOutV'] < $values['pullInV'] ? null : 'input.relay.drop-out',
                'inrushA' => $values['inrushA'] >= $values['makeA'] ? null : 'input.relay.inrush',
                'restA' => $values['restA'] === null || $values['restA'] <= $values['makeA'] ? null : 'input.relay.rest',
                'maxAmbientC' => $values['maxAmbientC'] > $values['ratedAtC'] ? null : 'input.relay.ambient',
            ])),
            PartKind::Switch => $values['offC'] >= $values['onC'] ? ['offC' => Message::of('refusal.off-above-on')] : [],
            PartKind::Cable => self::notCopper((float) $values['areaMm2'], (float) $values['milliohmPerM']),
            PartKind::Fuse, PartKind::Terminal => [],
        };
    }

    /** @return array<string, Message> */
    private static function notCopper(float $areaMm2, float $milliohmPerM): array
    {
        $expected = 1000 * Copper::RESISTIVITY_OHM_MM2_PER_M / $areaMm2;

        return abs($milliohmPerM / $expected - 1) <= self::COPPER_TOLERANCE ? [] : ['milliohmPerM' => Message::of(
            'input.cable.not-copper', area: Unit::SquareMillimetre->of($areaMm2), expected: Unit::MilliohmPerMetre->of($expected),
        )];
    }

    /**
     * @param  array<string, mixed>  $values  checked
     * @param  array<string, FuseGates>  $gates  by family
     */
    public static function build(PartKind $kind, string $id, string $name, array $values, array $gates): Part
    {
        $named = [...$values, 'id' => $id, 'name' => $name];

        return match ($kind) {
            PartKind::Cable => new Conductor($id, $name, (float) $values['areaMm2'], (float) $values['milliohmPerM'], (float) $values['price']),
            PartKind::Fuse => new FusePart(...[...$named, 'gates' => $gates[(string) $values['family']]]),
            PartKind::Switch => new SwitchPart(...$named),
            PartKind::Terminal => new TerminalPart(...$named),
            PartKind::Relay => new RelayPart(...[
                ...$named,
                'coilV' => (int) $values['coilV'],
                'suppressionOhm' => $values['suppressionOhm'] ?? ($values['suppression'] === 'diode' ? self::DIODE_OHM : self::RESISTOR_OVER_COIL * (float) $values['coilOhm']),
            ]),
        };
    }
}
