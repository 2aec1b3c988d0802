<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Changes;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/**
 * Which of the two arrangements of a job is meant. The vehicle as it was found is looked at as a job of its own, in which nothing is altered: every
 * view, form and computation takes it as it takes any other.
 */
enum VehicleState: string
{
    case Found = 'found';
    case Leaves = 'leaves';

    /** What of a job file each of the two has of its own. */
    private const OWN = ['fans', 'control', 'runs'];

    public static function of(bool $isFound): self
    {
        return $isFound ? self::Found : self::Leaves;
    }

    /**
     * @param  array<string, mixed>  $file  of the job
     * @return array<string, mixed> of the job as it is looked at
     *
     * @throws InvalidInput where nothing was found
     */
    public function file(array $file): array
    {
        if ($this === self::Leaves) {
            return $file;
        }
        $found = $file['found'] ?? throw InvalidInput::at('/found', Message::of('refusal.found-untold'));

        return [...$file, 'runs' => [], ...array_intersect_key($found, array_flip(self::OWN)), 'renewed' => [], 'pinned' => [], 'candidates' => []];
    }

    /** Changes of the file as it is looked at, as changes of the job file. */
    public function changes(Changes $changes): Changes
    {
        $ofJob = [];
        foreach ($changes as $place => $value) {
            $isOwn = $this === self::Found && in_array(explode('/', $place)[1] ?? '', self::OWN, true);
            $ofJob[$isOwn ? "/found{$place}" : $place] = $value;
        }

        return Changes::of($ofJob);
    }

    /** Another arrangement as a whole, as Arrangements has it, as changes of the job file: of what was found, nothing else of the job. */
    public function arranged(Changes $changes): Changes
    {
        $own = array_intersect_key($changes->byPlace, array_flip(array_map(static fn (string $own): string => "/{$own}", self::OWN)));

        return $this === self::Leaves ? $changes : $this->changes(Changes::of($own))->set('/found/parts', [])->set('/found/wrong', []);
    }

    /** A refusal of the job file, told by the places of the file as it is looked at. */
    public function refused(InvalidInput $refused): InvalidInput
    {
        return $this === self::Leaves ? $refused : new InvalidInput(array_map(static fn (Problem $problem): Problem => new Problem(
            (string) preg_replace('~^/found(?=/('.implode('|', self::OWN).')(/|$))~', '', $problem->at), $problem->message,
        ), $refused->problems));
    }
}
