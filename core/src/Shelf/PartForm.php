<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/**
 * Which ratings each kind of part has, and which of them cannot be together. Bounds are wider than any part of a vehicle's fan
 * circuit (common practice, no source).
 */
final class PartForm
{
    /** Resistivity of copper times a thousand, mΩ·mm²/m at 20 °C (IEC 60028: 1/58), and how far stranded cable is off it. */
    private const COPPER_MILLIOHM_MM2_PER_M = 1000 / 58;

    private const COPPER_TOLERANCE = 0.25;

    /** A coil's resistor is about this many times the coil (common practice, no source). */
    private const RESISTOR_OVER_COIL = 8.0;

    /** Leakage of a diode the right way round, Ω. */
    private const DIODE_OHM = 1e6;

    /** @return list<PartField> price first */
    public static function fields(PartKind $kind): array
    {
        return [PartField::number('price', $kind === PartKind::Cable ? 'Price of a metre' : 'Price', '', 0, 1e5), ...match ($kind) {
            PartKind::Fuse => [
                PartField::word('family', 'Family', ['blade', 'cartridge', 'bolt-down']),
                PartField::number('ratedA', 'Rated current', 'A', 0.5, 500),
                PartField::number('coldMilliohm', 'Cold resistance', 'mΩ', 0.05, 500),
            ],
            PartKind::Relay => [
                PartField::number('coilV', 'Coil for a system of', 'V', 6, 24),
                PartField::number('coilOhm', 'Coil', 'Ω', 5, 5000),
                PartField::number('pullInV', 'Surely pulls in at', 'V', 1, 24),
                PartField::number('dropOutV', 'Surely lets go at', 'V', 0.1, 20),
                PartField::number('makeA', 'Make contact carries', 'A', 1, 300),
                PartField::number('restA', 'Rest contact carries', 'A', 1, 300, 'none'),
                PartField::number('inrushA', 'Make contact switches on', 'A', 1, 2000),
                PartField::number('contactMilliohm', 'Closed contact', 'mΩ', 0.1, 100),
                PartField::number('ratedAtC', 'Rated up to', '°C', 20, 125),
                PartField::number('maxAmbientC', 'Carries nothing at', '°C', 40, 175),
                PartField::number('ratedOperations', 'Operations at rated load', '', 1000, 1e8),
                PartField::word('suppression', 'Coil’s kick goes into', ['resistor', 'diode']),
                PartField::number('suppressionOhm', 'That resistor', 'Ω', 20, 1e7, '8 × coil'),
            ],
            PartKind::Terminal => [
                PartField::word('shape', 'Shape', ['blade', 'ring']),
                PartField::number('maxAreaMm2', 'Takes wire up to', 'mm²', 0.3, 60),
                PartField::number('maxA', 'Carries', 'A', 1, 500),
            ],
            PartKind::Cable => [
                PartField::word('catalogue', 'Catalogue', ['metric', 'awg', 'sae']),
                PartField::number('areaMm2', 'Copper', 'mm²', 0.1, 60),
                PartField::number('milliohmPerM', 'Resistance at 20 °C', 'mΩ/m', 0.1, 200),
            ],
            PartKind::Switch => [
                PartField::number('onC', 'On at', '°C', 20, 150),
                PartField::number('offC', 'Off at', '°C', 20, 150),
                PartField::number('ratedA', 'Carries', 'A', 0.1, 60),
            ],
        }];
    }

    /**
     * Ratings that are possible alone and impossible together.
     *
     * @param  array<string, float|string|null>  $values  each within its field's bounds
     * @return array<string, string> field to what is wrong
     */
    public static function contradictions(PartKind $kind, array $values): array
    {
        $wrong = [];
        if ($kind === PartKind::Relay) {
            $rules = [
                'coilV' => [in_array($values['coilV'], [6.0, 12.0, 24.0], true), 'must be 6, 12 or 24 V.'],
                'pullInV' => [$values['pullInV'] < $values['coilV'], 'must be below the system’s voltage, or the relay may never pull in.'],
                'dropOutV' => [$values['dropOutV'] < $values['pullInV'], 'must be below the voltage it pulls in at.'],
                'inrushA' => [$values['inrushA'] >= $values['makeA'], 'must be at least what the contact carries.'],
                'restA' => [$values['restA'] === null || $values['restA'] <= $values['makeA'], 'must not be above what the make contact carries.'],
                'maxAmbientC' => [$values['maxAmbientC'] > $values['ratedAtC'], 'must be above the ambient its ratings hold at.'],
            ];
            $wrong = array_map(static fn (array $rule): string => $rule[1], array_filter($rules, static fn (array $rule): bool => ! $rule[0]));
        }
        if ($kind === PartKind::Switch && $values['offC'] >= $values['onC']) {
            $wrong['offC'] = 'must be below the temperature it comes on at.';
        }
        if ($kind === PartKind::Cable) {
            $expected = self::COPPER_MILLIOHM_MM2_PER_M / (float) $values['areaMm2'];
            if (abs((float) $values['milliohmPerM'] / $expected - 1) > self::COPPER_TOLERANCE) {
                $wrong['milliohmPerM'] = sprintf('is not copper of %G mm²: that has about %.3G mΩ/m.', $values['areaMm2'], $expected);
            }
        }

        return $wrong;
    }

    /**
     * @param  array<string, mixed>  $values  checked
     * @param  array<string, FuseGates>  $gates  by family
     */
    public static function build(PartKind $kind, string $id, string $name, array $values, array $gates): Conductor|FusePart|RelayPart|SwitchPart|TerminalPart
    {
        if ($kind === PartKind::Cable) {
            return new Conductor($id, $name, (float) $values['areaMm2'], (float) $values['milliohmPerM'], (float) $values['price']);
        }
        if ($kind === PartKind::Fuse) {
            return new FusePart(...[...$values, 'id' => $id, 'name' => $name, 'gates' => $gates[(string) $values['family']]]);
        }
        if ($kind === PartKind::Switch) {
            return new SwitchPart(...[...$values, 'id' => $id, 'name' => $name]);
        }
        if ($kind === PartKind::Terminal) {
            return new TerminalPart(...[...$values, 'id' => $id, 'name' => $name]);
        }
        $values['suppressionOhm'] ??= $values['suppression'] === 'diode' ? self::DIODE_OHM : self::RESISTOR_OVER_COIL * (float) $values['coilOhm'];

        return new RelayPart(...[...$values, 'id' => $id, 'name' => $name, 'coilV' => (int) $values['coilV']]);
    }
}
