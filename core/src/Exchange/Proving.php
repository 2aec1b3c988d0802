<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Unusable;
use LampThread\Proof\Finding;
use LampThread\Proof\Proof;
use LampThread\Proof\Trials;
use LampThread\Shelf\Shelf;
use LampThread\Sizing\Sizing;

/** A job file proven, its remedies tried on the file itself. */
final readonly class Proving
{
    /** @param  list<Finding>  $findings  with the remedies that work */
    private function __construct(public Proof $proof, public array $findings) {}

    /**
     * @param  array<string, mixed>  $file  as decoded by JobFile
     *
     * @throws Unusable
     */
    public static function of(array $file, JobFile $files, Shelf $shelf): self
    {
        $sizing = Sizing::of($files->brief($file), $shelf);
        $changed = static function (array $changes) use ($file, $files, $shelf): ?Sizing {
            try {
                return Sizing::of($files->brief($files->decode(JobFile::encode(Changes::apply($file, $changes)))), $shelf);
            } catch (Unusable) {
                return null;
            }
        };
        $proof = Proof::of($sizing, $shelf);

        return new self($proof, (new Trials($shelf, $changed, $sizing->cost()))->of($proof));
    }
}
