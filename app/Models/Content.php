<?php

declare(strict_types=1);

namespace App\Models;

/** A job file that was checked and worked out, with what is kept beside it. */
final readonly class Content
{
    /**
     * @param  array<string, mixed>  $file
     * @param  array<string, array{name: string, part: string, label: string}>  $sizes  choice to the part that was taken
     * @param  string  $program  version that sized it
     * @param  string|null  $by  who made it; null on one machine alone
     * @param  string  $build  the row was worked out under
     */
    public function __construct(public array $file, public array $sizes, public string $program, public JobRow $row, public string $build, public ?string $by) {}

    /** @return array<string, mixed> of a revision */
    public function columns(): array
    {
        return ['file' => $this->file, 'sizes' => $this->sizes, 'program' => $this->program, 'by' => $this->by];
    }
}
