<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Symbol;

/**
 * Outlines of the symbols of IEC 60617, lying along the thread: terminals at −26 and +26 on the x axis, y downwards.
 * A shape may belong to one state only: `closed` or `open`.
 */
final class SymbolShapes
{
    /** Distance of a terminal from the middle of its symbol. */
    public const REACH = 26;

    private const STUBS = 'M-26 0H-14M14 0H26';

    /** @return list<array{d: string, when: string}> */
    public static function of(Symbol $symbol): array
    {
        return match ($symbol) {
            Symbol::Fuse => [self::always('M-26 0H26'), self::always('M-16 -7H16V7H-16Z')],
            Symbol::Coil => [self::always('M-26 0H-16M16 0H26'), self::always('M-16 -12H16V12H-16Z')],
            Symbol::Motor => [self::always('M-26 0H-17M17 0H26'), self::always('M-17 0A17 17 0 1 0 17 0A17 17 0 1 0 -17 0Z'), self::always('M-7 7V-7L0 2L7 -7V7')],
            Symbol::BodyThread => [self::always('M-26 0H26'), self::always('M-12 -8L-6 8M-3 -8L3 8M6 -8L12 8')],
            Symbol::EarthPoint => [self::always('M0 0H12M12 -13V13M18 -8V8M24 -3V3')],
            Symbol::MakeContact => self::contact(''),
            Symbol::RestContact => [self::always(self::STUBS.'M14 0V-13'), ['d' => 'M-14 0L17 -8', 'when' => 'closed'], ['d' => 'M-14 0L13 10', 'when' => 'open']],
            Symbol::DelayMake => self::contact('M-3 -8V-16M3 -8V-16M-9 -16A9 9 0 0 0 9 -16'),
            Symbol::PressureMake => self::contact('M0 -8V-15M-7 -15H7L0 -27Z'),
            Symbol::Lockout => self::contact('M0 -8V-15M-8 -15H8V-27H-8ZM-8 -15L8 -27'),
            Symbol::Module => [self::always('M-26 0H-18M18 0H26'), self::always('M-18 -14H18V14H-18ZM-9 5L0 -6L9 5')],
            Symbol::Diode => [self::always('M-26 0H26'), self::always('M-9 -10V10L9 0ZM9 -10V10')],
            Symbol::Resistor => [self::always('M-26 0H-18M18 0H26'), self::always('M-18 -7H18V7H-18Z')],
            Symbol::Lamp => [self::always('M-26 0H-13M13 0H26'), self::always('M-13 0A13 13 0 1 0 13 0A13 13 0 1 0 -13 0ZM-9 -9L9 9M9 -9L-9 9')],
            Symbol::ThermalMake => self::contact('M0 -8V-15M-5 -15H5V-27H-5Z'),
            Symbol::HandMake => self::contact('M0 -8V-22M-7 -22H7'),
            Symbol::KeySwitch => self::contact('M0 -8V-16M-5 -21A5 5 0 1 0 5 -21A5 5 0 1 0 -5 -21Z'),
        };
    }

    /** @return list<array{d: string, when: string}> */
    private static function contact(string $actuator): array
    {
        return [
            self::always(self::STUBS),
            ['d' => 'M-14 0L13 -13', 'when' => 'open'],
            ['d' => 'M-14 0L15 -2', 'when' => 'closed'],
            ...($actuator === '' ? [] : [self::always($actuator)]),
        ];
    }

    /** @return array{d: string, when: string} */
    private static function always(string $d): array
    {
        return ['d' => $d, 'when' => 'always'];
    }
}
