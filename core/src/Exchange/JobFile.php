<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Circuit\Control\Compatibility;
use LampThread\Circuit\Control\FoundCompatibility;
use LampThread\Exchange\Reading\BriefReader;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;

/** Reads and writes *.lampthread.json. */
final readonly class JobFile
{
    public const FORMAT = 'lamp-thread/job';

    public const VERSION = 5;

    /** A job is a few kilobytes, but it carries its record, which may be long. */
    public const MOST_BYTES = 8_000_000;

    public function __construct(private Schema $schema, private Shelf $shelf) {}

    public static function standard(Shelf $shelf): self
    {
        return new self(new Schema, $shelf);
    }

    /**
     * @return array<string, mixed> the file as decoded, checked against the schema and against itself
     *
     * @throws InvalidInput with everything that is wrong and where
     */
    public function decode(string $json): array
    {
        return $this->check(Json::read($json, self::MOST_BYTES));
    }

    /**
     * @param  mixed  $data  decoded JSON, objects as objects
     * @return array<string, mixed>
     *
     * @throws InvalidInput
     */
    public function check(mixed $data): array
    {
        if (! $data instanceof \stdClass || ($data->format ?? null) !== self::FORMAT) {
            throw InvalidInput::at('/format', Message::of('input.job.format', format: self::FORMAT));
        }
        $data = JobFileUpgrade::upgraded($data);
        if (($data->version ?? null) !== self::VERSION) {
            throw InvalidInput::at('/version', Message::of(
                'input.job.version', version: (string) json_encode($data->version ?? null, JSON_PARTIAL_OUTPUT_ON_ERROR), known: self::VERSION,
            ));
        }
        $this->schema->check('job', $data);
        // Read apart, as they belong on the shelf and into the record of the job.
        unset($data->ownParts, $data->record);
        $file = json_decode((string) json_encode($data, JSON_PRESERVE_ZERO_FRACTION), true);
        $this->brief($file);

        return $file;
    }

    /**
     * @param  array<string, mixed>  $file  as decoded by this class
     *
     * @throws InvalidInput
     */
    public function brief(array $file): Brief
    {
        $brief = BriefReader::read($file, $this->shelf);
        $problems = [...Compatibility::problems($brief), ...FoundCompatibility::problems($brief, $this->shelf)];

        return $problems === [] ? $brief : throw new InvalidInput($problems);
    }

    /**
     * The brief of a job that was changed, checked as though its file had just been read.
     *
     * @throws InvalidInput
     */
    public function checked(JobDocument $job): Brief
    {
        return $this->brief($this->decode(self::encode($job->file)));
    }

    /** @param  array<string, mixed>  $file */
    public static function encode(array $file): string
    {
        return json_encode(self::withObjects($file), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * For eyes that are not to see whose job it is.
     *
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    public static function withoutCustomer(array $file): array
    {
        $file['job'] = [...$file['job'] ?? [], 'customer' => '', 'notes' => ''];

        return $file;
    }

    /**
     * An object without entries is a list to PHP once it has been read; here it is an object again.
     *
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    public static function withObjects(array $file): array
    {
        $file['runs'] ??= [];
        $file['pinned'] ??= [];

        return JobSchema::standard()->withObjects($file);
    }
}
