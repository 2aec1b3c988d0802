<?php

declare(strict_types=1);

namespace App\Models;

use App\Design\Design;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Choice;

/**
 * What the desk shows of a job and finds it by, as its proof has it once it is proven. It is worked out when the job is saved or proven and
 * kept beside it, so that the desk opens no job file. Fits schema/job-list.json.
 */
final readonly class JobRow
{
    /**
     * @param  list<Message>  $lacks  what the installer has not told or done yet
     * @param  list<Problem>  $problems  why it cannot be read; none where it can
     * @param  array<string, string>  $texts  column of job_texts to what is searched
     * @param  list<string>  $ownParts  ids of the workshop's own parts that its file names
     */
    private function __construct(
        public string $title,
        public string $customer,
        public JobState $state,
        public array $texts,
        public array $ownParts,
        private string $vehicle,
        private ?int $systemV,
        private ?int $fans,
        private int $dangers,
        private int $warnings,
        private int $accepted,
        private bool $isProven,
        private array $lacks,
        private array $problems,
    ) {}

    /** Of a design that is not proven yet, by its sizes alone. */
    public static function of(Design $design, Wording $wording): self
    {
        return self::counted($design, $design->findings(), false, $wording);
    }

    public static function proven(Design $design, Wording $wording): self
    {
        return self::counted($design, array_values($design->proofSummary()->findings), true, $wording);
    }

    /** @param  list<Finding>  $findings */
    private static function counted(Design $design, array $findings, bool $isProven, Wording $wording): self
    {
        $standing = array_filter($findings, static fn (Finding $one): bool => $one->accepted === null);
        $of = static fn (Severity $severity): int => count(array_filter($standing, static fn (Finding $one): bool => $one->severity === $severity));
        $about = $design->brief->job;
        $lacks = array_keys(array_filter([
            'row.lacks.vehicle' => $about->vehicle === '',
            'row.lacks.tapped-fuse' => in_array('tapped-fuse-assumed', array_column($findings, 'code'), true),
        ]));
        [$dangers, $warnings] = [$of(Severity::Danger), $of(Severity::Warning)];

        return new self(
            $about->title,
            $about->customer,
            match (true) {
                $dangers > 0 => JobState::Danger,
                $warnings > 0 => JobState::Warning,
                default => $isProven ? JobState::Sound : JobState::NotProven,
            },
            [
                'title' => $about->title, 'customer' => $about->customer, 'vehicle' => $about->vehicle, 'notes' => $about->notes,
                'parts' => self::lines(array_map(static fn (Choice $choice): Message => $choice->label(), $design->choices()), $wording),
                'findings' => self::lines(array_map(static fn (Finding $one): Message => $one->title(), $standing), $wording),
            ],
            $design->ownParts(),
            $about->vehicle,
            $design->brief->supply->systemV,
            count($design->brief->fans),
            $dangers,
            $warnings,
            count($findings) - count($standing),
            $isProven,
            array_map(static fn (string $code): Message => Message::of($code), $lacks),
            [],
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
        $text = static fn (string $name): string => is_array($about) && is_string($about[$name] ?? null) ? mb_substr($about[$name], 0, 200) : '';
        $texts = ['title' => $text('title'), 'customer' => $text('customer'), 'vehicle' => $text('vehicle')];

        return new self(
            $texts['title'], $texts['customer'], JobState::Unreadable, [...$texts, 'notes' => '', 'parts' => '', 'findings' => ''],
            self::named($job->file()), $texts['vehicle'], null, null, 0, 0, 0, false, [], $problems,
        );
    }

    /** @return array<string, mixed> as it is kept */
    public function present(Wording $wording): array
    {
        return $wording->worded([
            'title' => $this->title,
            'customer' => $this->customer,
            'vehicle' => $this->vehicle,
            'state' => $this->state->value,
            'systemV' => $this->systemV,
            'fans' => $this->fans,
            'dangers' => $this->dangers,
            'warnings' => $this->warnings,
            'accepted' => $this->accepted,
            'isProven' => $this->isProven,
            'lacks' => $this->lacks,
            'problems' => array_map(static fn (Problem $problem): array => ['at' => $problem->at, 'message' => $problem->message], array_slice($this->problems, 0, 5)),
        ]);
    }

    /**
     * @param  array<string, mixed>  $file  that does not read
     * @return list<string> whatever it may mean by part
     */
    private static function named(array $file): array
    {
        return array_values(array_unique(array_filter(is_array($file['pinned'] ?? null) ? $file['pinned'] : [], is_string(...))));
    }

    /** @param  array<Message>  $messages */
    private static function lines(array $messages, Wording $wording): string
    {
        return implode("\n", array_unique(array_map($wording->text(...), $messages)));
    }
}
