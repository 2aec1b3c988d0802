<?php

declare(strict_types=1);

namespace App\Design;

use LampThread\Brief\Changes;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Parts\Shelf;

/** The one place every endpoint gets brief, sizes, circuit and proof of a job's content from. */
final class Designs
{
    /** @var array<string, Design> by content, within one request */
    private array $designs = [];

    public readonly Build $build;

    public function __construct(
        private readonly JobFile $files,
        private readonly Shelf $shelf,
        private readonly Wording $wording,
        private readonly Kept $cache,
    ) {
        $this->build = Build::of($shelf->own, config('app.build'));
    }

    /**
     * @return array<string, mixed> a job file that has just come in, checked
     *
     * @throws InvalidInput with everything that is wrong and where
     */
    public function decode(string $json): array
    {
        $file = $this->files->decode($json);
        // The schema need not be asked again for the same content under the same build.
        $this->cache->put("read/{$this->key($file)}", $file);

        return $file;
    }

    /**
     * A design with changes that are tried and not kept.
     *
     * @throws InvalidInput
     */
    public function changed(Design $design, Changes $changes): Design
    {
        return $this->of($this->decode(JobFile::encode(JobDocument::of($design->file)->with($changes)->file)));
    }

    /**
     * @param  array<string, mixed>|null  $file  as it was stored, perhaps by an earlier build; null where it is no JSON at all
     *
     * @throws InvalidInput where it is no longer a job that can be read
     */
    public function of(?array $file): Design
    {
        $key = $this->key($file);
        if (! isset($this->designs[$key])) {
            $read = $this->read($file, $key);
            // What an earlier program saved is another content once it is brought forward.
            $now = $this->key($read);
            $this->designs[$key] = $this->designs[$now] ??= $this->design($read, $now, VehicleState::Leaves);
        }

        return $this->designs[$key];
    }

    /** @param  array<string, mixed>  $file  as it is looked at */
    private function design(array $file, string $key, VehicleState $state): Design
    {
        return new Design($file, $this->files->brief($file), $state, $key, $this->files, $this->shelf, $this->wording, $this->cache);
    }

    /**
     * The design of one of the two arrangements of a job.
     *
     * @param  array<string, mixed>|null  $file  as it was stored
     *
     * @throws InvalidInput where it does not read, or nothing was found
     */
    public function as(VehicleState $state, ?array $file): Design
    {
        $design = $this->of($file);

        return $state === VehicleState::Leaves ? $design : $this->designs["{$design->key}/{$state->value}"] ??= $this->design(
            $state->file($design->file), "{$design->key}/{$state->value}", $state,
        );
    }

    /**
     * @param  array<string, mixed>|null  $stored
     * @return array<string, mixed> as this program has it
     *
     * @throws InvalidInput
     */
    private function read(?array $stored, string $key): array
    {
        $read = $this->cache->get("read/{$key}");
        if (! is_array($read)) {
            $read = $this->files->decode((string) json_encode($stored === null ? null : JobFile::withObjects($stored)));
            $this->cache->put("read/{$key}", $read);
        }

        return $read;
    }

    /**
     * Of a file that is looked at once, as when all jobs are: nothing of it is kept in memory.
     *
     * @param  array<string, mixed>|null  $file
     *
     * @throws InvalidInput
     */
    public function fresh(?array $file, VehicleState $state = VehicleState::Leaves): Design
    {
        $design = $this->as($state, $file);
        $this->designs = [];

        return $design;
    }

    /** @param  array<string, mixed>|null  $file */
    private function key(?array $file): string
    {
        return md5((string) json_encode($file)).'/'.$this->build->id;
    }
}
