<?php

declare(strict_types=1);

namespace App\Trail;

use App\Design\Design;
use App\Models\PracticeRun;
use LampThread\Circuit\Fault\Fault;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\Jumper;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Practice;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Verdict;
use LampThread\Exchange\PracticePresenter;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Scenario\Limits;

/** One run of practice at its bench: moves, their judgement, and what is told once it ends. */
final readonly class PracticeBench
{
    private const MOST_MOVES = 60;

    /** What is renewed because it fits, and was sound, takes so long, min (common practice, no source). */
    private const RENEW_MINUTES = 5.0;

    /** What trying a bare wire takes, and a fuse that it blows, min. */
    private const WIRE_MINUTES = 2.0;

    private const FUSE_MINUTES = 3.0;

    private FaultTable $table;

    private int $cause;

    private Practice $practice;

    public function __construct(private PracticeRun $run, private Design $design, private Shelf $shelf)
    {
        $this->table = $design->faultTable();
        $this->cause = $this->hidden();
        $lamp = new LampReading([$design->circuit()], $design->brief->supply->systemV);
        $seen = array_values(array_map(Symptom::from(...), $run->seen));
        $this->practice = new Practice($this->table, $lamp, $this->cause, $seen, Tool::cases(), crc32($run->id));
    }

    /** @throws InvalidInput for a test there is not, or one that was done, or past the end */
    public function move(string $id): void
    {
        $this->mustBeOpen();
        $test = $this->table->tests[$id] ?? throw InvalidInput::at('/test', Message::of('input.no-such-test', id: $id));
        $answers = $this->answers();
        $judged = $this->practice->judged($answers, $test);
        $this->keep([
            'test' => $id, 'value' => $this->practice->shown($test), 'minutes' => round($judged['chosen']->minutes, 1), 'bits' => round($judged['chosen']->bits, 3),
            'verdict' => $judged['verdict']->value, 'best' => $judged['best']?->test->id(),
        ], $judged['chosen']->minutes);
    }

    /** @throws InvalidInput */
    public function wire(string $situation, string $from, string $to): void
    {
        $this->mustBeOpen();
        $at = $this->table->situations[$situation] ?? throw InvalidInput::at('/wire/situation', Message::of('input.no-such-test', id: $situation));
        if (array_diff([$from, $to], $this->design->circuit()->terminals()) !== [] || $from === $to) {
            throw InvalidInput::at('/wire', Message::of('input.not-terminals'));
        }
        $limits = new Limits($this->design->circuit(), $this->design->brief, $this->shelf);
        $seen = (new Jumper($this->design->circuit(), $limits))->seen($this->table->causes[$this->cause], $at, $from, $to);
        $minutes = self::WIRE_MINUTES + ($seen['danger'] ? self::FUSE_MINUTES : 0.0);
        $this->run->dangers += $seen['danger'] ? 1 : 0;
        $this->keep([
            'wire' => [$situation, $from, $to], 'seen' => $seen['seen'], 'minutes' => $minutes, 'verdict' => ($seen['danger'] ? Verdict::Danger : Verdict::Good)->value,
        ], $minutes);
    }

    /** @throws InvalidInput past the end */
    public function name(string $place): void
    {
        $this->mustBeOpen();
        if ($this->practice->isFault($place)) {
            $verdicts = array_map(static fn (array $move): Verdict => Verdict::from($move['verdict']), $this->run->moves);
            $this->run->score = $this->practice->score($this->run->minutes, array_values($verdicts), $this->run->wrong, $this->run->dangers);
            $this->run->save();
        } elseif ($this->practice->fits($this->answers(), $place)) {
            $this->keep(['named' => $place, 'minutes' => self::RENEW_MINUTES, 'verdict' => Verdict::Fits->value], self::RENEW_MINUTES);
        } else {
            $this->run->wrong++;
            $this->run->save();
        }
    }

    /** It is given up: the way is shown, and nothing is scored. */
    public function giveUp(): void
    {
        $this->mustBeOpen();
        $this->run->score = 0;
        $this->run->save();
    }

    /** @return array<string, mixed> fits schema/practice-run.json once it is worded */
    public function answer(): array
    {
        $presenter = new PracticePresenter($this->design->circuit(), $this->table, $this->practice);

        return [
            'id' => $this->run->id, 'lesson' => $this->run->lesson, 'job' => (string) ($this->run->file['job']['title'] ?? ''), 'person' => $this->run->person,
            'minutes' => round($this->run->minutes, 1), 'wrong' => $this->run->wrong, 'dangers' => $this->run->dangers, 'score' => $this->run->score,
            ...$presenter->of($this->run->lesson, $this->run->seen, $this->run->moves, $this->run->score === null ? null : $this->cause),
        ];
    }

    /** @return list<Answer> of the tests so far */
    private function answers(): array
    {
        $answers = [];
        foreach ($this->run->moves as $move) {
            $test = $this->table->tests[$move['test'] ?? ''] ?? null;
            if ($test !== null) {
                $answers[] = new Answer($test, (float) $move['value']);
            }
        }

        return $answers;
    }

    /** @param  array<string, mixed>  $move */
    private function keep(array $move, float $minutes): void
    {
        $this->run->moves = [...$this->run->moves, $move];
        $this->run->minutes += $minutes;
        $this->run->save();
    }

    /** @throws InvalidInput */
    private function mustBeOpen(): void
    {
        if ($this->run->score !== null || count($this->run->moves) >= self::MOST_MOVES) {
            throw InvalidInput::at('', Message::of('input.practice-ended'));
        }
    }

    private function hidden(): int
    {
        foreach ($this->table->causes as $at => $cause) {
            // Runs that were begun before joints had sizes tell of the kind.
            $ways = isset($this->run->fault['ways']) ? $cause->ways() : array_map(static fn (Fault $fault): string => $fault->kind->value, $cause->faults);
            if ($cause->outside === $this->run->fault['cooling'] && $ways === ($this->run->fault['ways'] ?? $this->run->fault['faults'])) {
                return $at;
            }
        }

        throw InvalidInput::at('', Message::of('input.practice-outdated'));
    }
}
