<?php

declare(strict_types=1);

namespace App\Design;

use LampThread\Exchange\Arrangements;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Wording;
use LampThread\Loom\Drawing;
use LampThread\Message\Message;

/** The usual arrangements as they are shown to choose among: each with its threads, as it is sized on the usual vehicle. */
final readonly class Gallery
{
    public function __construct(private Designs $designs, private Wording $wording, private Kept $cache) {}

    /** JSON that fits schema/arrangements.json; worked out once under one build. */
    public function answer(): string
    {
        $key = "gallery/{$this->designs->build->id}";
        $kept = $this->cache->get($key);
        if (is_string($kept)) {
            return $kept;
        }
        $answer = json_encode(array_map($this->shown(...), Arrangements::all()), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        $this->cache->put($key, $answer);

        return $answer;
    }

    /**
     * @param  array{id: string, switchedBy: string, fans: int, airConditioning: bool, changes: array<string, mixed>}  $arrangement
     * @return array<string, mixed>
     */
    private function shown(array $arrangement): array
    {
        $start = $this->designs->decode((string) file_get_contents(base_path('core/data/start.lampthread.json')));
        $file = JobDocument::of($start)->arranged($arrangement['id'])->file;
        $design = $this->designs->fresh($this->designs->decode(JobFile::encode($file)));

        return $this->wording->worded([
            'id' => $arrangement['id'],
            'title' => Message::of("arrangement.{$arrangement['id']}.title"),
            'fits' => Message::of("arrangement.{$arrangement['id']}.fits"),
            'switchedBy' => $arrangement['switchedBy'],
            'fans' => $arrangement['fans'],
            'airConditioning' => $arrangement['airConditioning'],
            'drawing' => Drawing::of($design->circuit(), Drawing::WIDE),
        ]);
    }
}
