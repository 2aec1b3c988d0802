<?php

declare(strict_types=1);

namespace App\Plans;

use LampThread\Plans\Judged;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/** The second part of a search, in a process of its own, so that two cores work on it. */
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
        $input = new InputStream;
        $input->write((string) json_encode(['file' => $file, 'question' => (object) $question]));
        $input->close();
        $fast = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M'];
        $process = new Process([PHP_BINARY, ...$fast, base_path('artisan'), 'lamp:plan-part'], input: $input, timeout: self::WITHIN_S);
        $process->start();

        return new self($process);
    }

    /**
     * @return iterable<int, list<Judged>> number of a draft to what came of it
     *
     * @throws \RuntimeException where the other process has failed
     */
    public function judged(): iterable
    {
        $this->process->wait();
        if (! $this->process->isSuccessful()) {
            throw new \RuntimeException("The second half of the plans failed: {$this->process->getErrorOutput()}");
        }
        foreach (explode("\n", trim($this->process->getOutput())) as $line) {
            [$number, $judged] = unserialize((string) base64_decode($line)) ?: [null, []];
            if ($number !== null) {
                yield $number => $judged;
            }
        }
    }
}
