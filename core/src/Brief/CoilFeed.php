<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the coil circuit takes its feed: a circuit of the key by its DIN 72552 terminal, or a place that is live at all times. */
enum CoilFeed: string
{
    case Ignition = 'ignition';
    case Accessory = 'accessory';
    case Battery = 'battery';
    case FuseBoxStud = 'fuse-box-stud';
    case StarterTerminal = 'starter-terminal';
    case AlternatorOutput = 'alternator-output';
    case ExistingCircuit = 'existing-circuit';

    /** Whether the key switches it. */
    public function isKeyed(): bool
    {
        return $this === self::Ignition || $this === self::Accessory;
    }

    /** DIN 72552 number of the vehicle circuit that is tapped. */
    public function terminal(): string
    {
        return match ($this) {
            self::Ignition => '15',
            self::Accessory => '75',
            self::Battery, self::FuseBoxStud, self::StarterTerminal, self::AlternatorOutput, self::ExistingCircuit => '30',
        };
    }

    /** The place it is fed from where the fans could be fed from there too; null for a circuit of the key. */
    public function liveFeed(): ?Feed
    {
        return Feed::tryFrom($this->value);
    }
}
