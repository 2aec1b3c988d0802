<?php

declare(strict_types=1);

namespace App\Plans;

use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PlanSpace;
use LampThread\Message\InvalidInput;
use LampThread\Parts\Shelf;
use LampThread\Plans\Asked;
use LampThread\Plans\Draft;
use LampThread\Plans\Front;
use LampThread\Plans\Judged;
use LampThread\Plans\Search;
use LampThread\Sizing\Sizing;

/** Sizes and judges every draft of a job, or every so many of them, one arrangement after the other. */
final readonly class PlanSearch
{
    /** So far above the thermostat's opening an engine is as cool as it gets any good from, K (common practice, no source). */
    private const ENOUGH_ABOVE_K = 10.0;

    /** Room in a number for the policies of one draft. */
    public const POLICIES = 10;

    private PlanSpace $space;

    /** @var list<Draft> */
    public array $drafts;

    /** @param  array<string, mixed>  $file  of the job, as decoded */
    public function __construct(private array $file, private Asked $asked, private JobFile $files, private Shelf $shelf)
    {
        $this->space = new PlanSpace($file, $asked);
        $this->drafts = $this->space->drafts();
    }

    /**
     * @param  int  $part  of $parts; what shares work is in one part
     * @return iterable<int, Judged> what came of each draft, one for each policy of set points, by number: that of the draft is a tenth of it
     */
    public function judged(int $part = 0, int $parts = 1): iterable
    {
        $search = new Search($this->shelf, $this->asked->question, $front = new Front);
        $partOf = $this->partOf($parts);
        foreach ($this->drafts as $number => $draft) {
            if ($partOf[$draft->choices['arrangement']] !== $part) {
                continue;
            }
            foreach ($this->one($search, $draft) as $at => $one) {
                if ($one->isDone && $one->figures !== null) {
                    $front->add("{$number}/{$at}", $one->figures);
                }
                yield self::POLICIES * $number + $at => $one;
            }
        }
    }

    /** @return array<string, int> arrangement to its part: the largest first, each to the part with least so far */
    private function partOf(int $parts): array
    {
        $sizes = array_count_values(array_map(static fn (Draft $draft): string => $draft->choices['arrangement'], $this->drafts));
        arsort($sizes);
        $loads = array_fill(0, $parts, 0);
        $partOf = [];
        foreach ($sizes as $arrangement => $size) {
            $least = 0;
            foreach ($loads as $part => $load) {
                $least = $load < $loads[$least] ? $part : $least;
            }
            $partOf[$arrangement] = $least;
            $loads[$least] += $size;
        }

        return $partOf;
    }

    /** Coolant that is cool enough for this vehicle, °C. */
    public function enoughC(): float
    {
        return $this->file['cooling']['thermostatOpensC'] + self::ENOUGH_ABOVE_K;
    }

    /** Sized again, with its set points. */
    public function sizing(Judged $judged): Sizing
    {
        $draft = $judged->advice === null ? $judged->draft : PlanSpace::set($judged->draft, $judged->advice, $judged->policy);

        return $this->sized($draft);
    }

    /** @return iterable<int, Judged> */
    private function one(Search $search, Draft $draft): iterable
    {
        $known = $search->known($draft);
        if ($known !== null) {
            return [$known];
        }
        try {
            $sizing = $this->sized($draft);
        } catch (InvalidInput $refused) {
            return [Judged::out($draft, null, [], $refused->problems[0]->message)];
        }

        return $search->judged($draft, $sizing, $this->space->unpricedCost($draft));
    }

    /** @throws InvalidInput where it cannot be wired */
    private function sized(Draft $draft): Sizing
    {
        return Sizing::of($this->files->checked(JobDocument::of($this->file)->with($draft->changes)), $this->shelf);
    }
}
