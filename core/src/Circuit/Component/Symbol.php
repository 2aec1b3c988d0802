<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/**
 * What a component is drawn as between two of its terminals: symbols of IEC 60617, lying along the thread with their terminals at −26
 * and +26 on the x axis, y downwards.
 */
enum Symbol: string
{
    case Fuse = 'fuse';
    case Coil = 'coil';
    case MakeContact = 'make-contact';
    case ThermalMake = 'thermal-make';
    case HandMake = 'hand-make';
    case KeySwitch = 'key-switch';
    case Motor = 'motor';
    case RestContact = 'rest-contact';
    case DelayMake = 'delay-make';
    case PressureMake = 'pressure-make';
    case Lockout = 'lockout';
    case Module = 'module';
    case Diode = 'diode';
    case Resistor = 'resistor';
    case Lamp = 'lamp';
    case BodyThread = 'body-thread';
    case EarthPoint = 'earth-point';
    case Splice = 'splice';
    case Plug = 'plug';

    /** Distance of a terminal from the middle of its symbol. */
    public const REACH = 26;

    /** Half the width of a splice, which has no leads of its own. */
    public const SPLICE_REACH = 9;

    private const STUBS = 'M-26 0H-14M14 0H26';

    /** @return list<array{d: string, when: string}> outlines; a shape may belong to one state only: `closed` or `open` */
    public function shapes(): array
    {
        return match ($this) {
            self::Fuse => [self::always('M-26 0H26'), self::always('M-16 -7H16V7H-16Z')],
            self::Coil => [self::always('M-26 0H-16M16 0H26'), self::always('M-16 -12H16V12H-16Z')],
            self::Motor => [
                self::always('M-26 0H-17M17 0H26'), self::always('M-17 0A17 17 0 1 0 17 0A17 17 0 1 0 -17 0Z'), self::always('M-7 7V-7L0 2L7 -7V7'),
            ],
            self::BodyThread => [self::always('M-26 0H26'), self::always('M-12 -8L-6 8M-3 -8L3 8M6 -8L12 8')],
            self::Plug => [self::always('M-26 0H-4M8 0H26'), self::always('M-10 -7L-4 0L-10 7M2 -7L8 0L2 7')],
            self::Splice => [self::always('M-9 -6H9V6H-9Z')],
            self::EarthPoint => [self::always('M0 0H12M12 -13V13M18 -8V8M24 -3V3')],
            self::MakeContact => self::contact(''),
            self::RestContact => [
                self::always(self::STUBS.'M14 0V-13'), ['d' => 'M-14 0L17 -8', 'when' => 'closed'], ['d' => 'M-14 0L13 10', 'when' => 'open'],
            ],
            self::DelayMake => self::contact('M-3 -8V-16M3 -8V-16M-9 -16A9 9 0 0 0 9 -16'),
            self::PressureMake => self::contact('M0 -8V-15M-7 -15H7L0 -27Z'),
            self::Lockout => self::contact('M0 -8V-15M-8 -15H8V-27H-8ZM-8 -15L8 -27'),
            self::Module => [self::always('M-26 0H-18M18 0H26'), self::always('M-18 -14H18V14H-18ZM-9 5L0 -6L9 5')],
            self::Diode => [self::always('M-26 0H26'), self::always('M-9 -10V10L9 0ZM9 -10V10')],
            self::Resistor => [self::always('M-26 0H-18M18 0H26'), self::always('M-18 -7H18V7H-18Z')],
            self::Lamp => [self::always('M-26 0H-13M13 0H26'), self::always('M-13 0A13 13 0 1 0 13 0A13 13 0 1 0 -13 0ZM-9 -9L9 9M9 -9L-9 9')],
            self::ThermalMake => self::contact('M0 -8V-15M-5 -15H5V-27H-5Z'),
            self::HandMake => self::contact('M0 -8V-22M-7 -22H7'),
            self::KeySwitch => self::contact('M0 -8V-16M-5 -21A5 5 0 1 0 5 -21A5 5 0 1 0 -5 -21Z'),
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
