<?php

declare(strict_types=1);

namespace App\Plans;

use LampThread\Plans\Judged;
use Symfony\Component\Process\Process;

/**
 * The second part of a search, in a process of its own, so that two cores work on it. Question and answer go through files: a pipe that nobody
 * reads meanwhile would hold it up.
 */
final readonly class OtherPart
{
    /** How its files are called. */
    public const NAMED = 'lamp-plan-';

    private const WITHIN_S = 300;

    private function __construct(private Process $process, private string $question, private string $answer) {}

    /**
     * @param  array<string, mixed>  $file  of the job
     * @param  array<string, mixed>  $question
     */
    public static function begin(array $file, array $question): self
    {
        $asked = (string) tempnam(sys_get_temp_dir(), self::NAMED);
        $answer = (string) tempnam(sys_get_temp_dir(), self::NAMED);
        file_put_contents($asked, json_encode(['file' => $file, 'question' => (object) $question]));
        $fast = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M'];
        $process = new Process([PHP_BINARY, ...$fast, base_path('artisan'), 'lamp:plan-part', $asked, $answer], timeout: self::WITHIN_S);
        $process->start();

        return new self($process, $asked, $answer);
    }

    /**
     * @return iterable<int, Judged> by number
     *
     * @throws \RuntimeException where the other process has failed
     */
    public function judged(): iterable
    {
        $this->process->wait();
        $lines = file($this->answer, FILE_IGNORE_NEW_LINES) ?: [];
        $this->clear();
        if (! $this->process->isSuccessful()) {
            throw new \RuntimeException("The second half of the plans failed: {$this->process->getErrorOutput()}");
        }
        foreach ($lines as $line) {
            [$number, $judged] = unserialize((string) base64_decode($line));
            yield $number => $judged;
        }
    }

    /** Ends it: nobody waits for it any more. */
    public function stop(): void
    {
        $this->process->stop(0);
        $this->clear();
    }

    private function clear(): void
    {
        @unlink($this->question);
        @unlink($this->answer);
    }
}
