<?php

declare(strict_types=1);

namespace App\Tasks;

/** Work that takes too long to be waited for within a request. */
enum TaskKind: string
{
    case Pairs = 'pairs';
    case Sweep = 'sweep';
    case Band = 'band';
    case Plans = 'plans';
    case Proof = 'proof';
    case Dossier = 'dossier';

    /** @return list<self> those a page asks for by name; the others come with what is asked for */
    public static function named(): array
    {
        return [self::Pairs, self::Sweep, self::Band, self::Plans];
    }

    /** Whether several of it with different questions may be open for one job. */
    public function standsAlone(): bool
    {
        return in_array($this, self::named(), true);
    }

    /** Somebody looks at an empty page meanwhile; long work does not stand in its way. */
    public function queue(): string
    {
        return $this->standsAlone() ? 'long' : 'short';
    }

    /** The schema its question fits. */
    public function question(): string
    {
        return match ($this) {
            self::Pairs, self::Proof, self::Dossier => 'empty-request',
            self::Sweep, self::Band => 'road-request',
            self::Plans => 'plan-request',
        };
    }

    /** @return class-string<Work> */
    public function work(): string
    {
        return match ($this) {
            self::Pairs => PairsWork::class,
            self::Sweep => SweepWork::class,
            self::Band => BandWork::class,
            self::Plans => PlansWork::class,
            self::Proof => ProofWork::class,
            self::Dossier => DossierWork::class,
        };
    }
}
