<?php

declare(strict_types=1);

namespace App\Plans;

use LampThread\Plans\Judged;
use Symfony\Component\Process\Process;

/** The second part of a search, in a process of its own, so that two cores work on it. Nothing of it lies in a file: who is killed leaves nothing. */
final readonly class OtherPart
{
    private const WITHIN_S = 300;

    private function __construct(private Process $process) {}

    /**
     * @param  array<string, mixed>  $file  of the job
     * @param  array<string, mixed>  $question
     */
    public static function begin(array $file, array $question): self
    {
        $fast = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M'];
        $process = new Process([PHP_BINARY, ...$fast, base_path('artisan'), 'lamp:plan-part'], timeout: self::WITHIN_S);
        $process->setInput((string) json_encode(['file' => $file, 'question' => (object) $question]));
        $process->start();

        return new self($process);
    }

    /** Takes what it has said so far: it would wait for that before it said more. */
    public function listen(): void
    {
        $this->process->isRunning();
    }

    /**
     * @return iterable<int, Judged> by number
     *
     * @throws \RuntimeException where the other process has failed
     */
    public function judged(): iterable
    {
        $this->process->wait();
        if (! $this->process->isSuccessful()) {
            throw new \RuntimeException("The second half of the plans failed: {$this->process->getErrorOutput()}");
        }
        foreach (array_filter(explode("\n", $this->process->getOutput())) as $line) {
            [$number, $judged] = unserialize((string) base64_decode($line));
            yield $number => $judged;
        }
    }

    /** Ends it: nobody waits for it any more. */
    public function stop(): void
    {
        $this->process->stop(0);
    }
}
