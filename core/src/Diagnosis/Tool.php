<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What a test wants at hand. */
enum Tool: string
{
    case Eyes = 'eyes';
    case Lamp = 'lamp';
    case Meter = 'meter';
    case Clamp = 'clamp';
    case ScanTool = 'scan-tool';
    case SpareRelay = 'spare-relay';
    case SpareFuse = 'spare-fuse';
    /** A fused bare wire or two. */
    case Wire = 'wire';

    /** @return list<self> those that are at hand unless it is said otherwise */
    public static function usual(): array
    {
        return [self::Eyes, self::Lamp, self::Meter, self::SpareRelay, self::SpareFuse, self::Wire];
    }
}
