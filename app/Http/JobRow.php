<?php

declare(strict_types=1);

namespace App\Http;

use App\Design\Design;
use App\Models\Job;
use LampThread\Message\Problem;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;

/** What the list shows of a job, as its proof has it once it is proven: kept beside it, so that the list opens no job file. Fits schema/job-list.json. */
final readonly class JobRow
{
    /** @param  list<Problem>  $problems  why it cannot be read; none where it can */
    private function __construct(
        private string $title,
        private string $customer,
        private string $vehicle,
        private ?int $systemV,
        private ?int $fans,
        private int $dangers,
        private int $warnings,
        private int $accepted,
        private bool $isProven,
        private array $problems,
    ) {}

    /** Of a design that is not proven yet, by its sizes alone. */
    public static function of(Design $design): self
    {
        return self::counted($design, $design->findings(), false);
    }

    public static function proven(Design $design): self
    {
        return self::counted($design, array_values($design->proofSummary()->findings), true);
    }

    /** @param  list<Finding>  $findings */
    private static function counted(Design $design, array $findings, bool $isProven): self
    {
        $standing = array_filter($findings, static fn (Finding $one): bool => $one->accepted === null);
        $of = static fn (Severity $severity): int => count(array_filter($standing, static fn (Finding $one): bool => $one->severity === $severity));
        $about = $design->file['job'];

        return new self(
            $about['title'], $about['customer'] ?? '', $about['vehicle'] ?? '', $design->brief->supply->systemV, count($design->brief->fans),
            $of(Severity::Danger), $of(Severity::Warning), count($findings) - count($standing), $isProven, [],
        );
    }

    /**
     * A job whose file no longer reads, as far as it can be told.
     *
     * @param  non-empty-list<Problem>  $problems
     */
    public static function unreadable(Job $job, array $problems): self
    {
        $about = $job->file()['job'] ?? [];
        $text = static fn (string $name): string => is_array($about) && is_string($about[$name] ?? null) ? $about[$name] : '';

        return new self($text('title'), $text('customer'), $text('vehicle'), null, null, 0, 0, 0, false, $problems);
    }

    /** @return array<string, mixed> its messages still messages */
    public function present(): array
    {
        return [
            'title' => $this->title,
            'customer' => $this->customer,
            'vehicle' => $this->vehicle,
            'systemV' => $this->systemV,
            'fans' => $this->fans,
            'dangers' => $this->dangers,
            'warnings' => $this->warnings,
            'accepted' => $this->accepted,
            'isProven' => $this->isProven,
            'problems' => array_map(static fn (Problem $problem): array => ['at' => $problem->at, 'message' => $problem->message], $this->problems),
        ];
    }
}
