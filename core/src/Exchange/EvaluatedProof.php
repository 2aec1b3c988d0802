<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Changes;
use LampThread\Message\InvalidInput;
use LampThread\Parts\Shelf;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Proof;
use LampThread\Proof\RemedyEvaluation;
use LampThread\Sizing\Sizing;

/** A job file proven, its remedies evaluated on the file itself. */
final readonly class EvaluatedProof
{
    /** @param  list<Finding>  $findings  with the remedies that work */
    private function __construct(public Proof $proof, public array $findings) {}

    /**
     * @param  array<string, mixed>  $file  as decoded by JobFile
     * @param  Proof  $proof  of that file
     *
     * @throws InvalidInput
     */
    public static function of(array $file, JobFile $files, Shelf $shelf, Proof $proof): self
    {
        $changed = static function (Changes $changes) use ($file, $files, $shelf): ?Sizing {
            try {
                return Sizing::of($files->checked(JobDocument::of($file)->with($changes)), $shelf);
            } catch (InvalidInput) {
                return null;
            }
        };

        return new self($proof, (new RemedyEvaluation($shelf, $changed, $proof->sizing->cost()))->findings($proof));
    }

    /** Of a vehicle as it was found: nothing of it can be changed any more. */
    public static function ofFound(Proof $proof): self
    {
        return new self($proof, array_map(static fn (Finding $finding): Finding => $finding->withRemedies([]), $proof->findings));
    }
}
