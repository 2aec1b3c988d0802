<?php

declare(strict_types=1);

namespace LampThread\Tests;

use LampThread\Brief\Brief;
use LampThread\Brief\Changes;
use LampThread\Exchange\EvaluatedProof;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Schema;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Proof\Proof;
use LampThread\Sizing\Sizing;

/** The demo's Orchard sprayer, as it is or with something about it changed. */
final class Orchard
{
    public const PATH = __DIR__.'/../data/jobs/orchard-sprayer.lampthread.json';

    /** The same job at 24 V: half the current, twice the voltage. */
    public const AT_24V = [
        '/supply/systemV' => 24, '/supply/restingV' => 25.2, '/supply/chargingV' => 28.4, '/supply/crankingV' => 19.2,
        '/fans/0/ratedV' => 26, '/fans/0/runA' => 7.75, '/fans/0/startA' => 23,
    ];

    private static ?Shelf $shelf = null;

    private static ?Schema $schema = null;

    public static function shelf(): Shelf
    {
        return self::$shelf ??= Shelf::standard();
    }

    /** Kept, as reading the schema files takes longer than checking by them. */
    public static function schema(): Schema
    {
        return self::$schema ??= new Schema;
    }

    public static function files(): JobFile
    {
        return new JobFile(self::schema(), self::shelf());
    }

    /**
     * @param  array<string, mixed>  $changes  JSON pointer to value
     * @return array<string, mixed>
     */
    public static function file(array $changes = []): array
    {
        return JobDocument::of(json_decode((string) file_get_contents(self::PATH), true))->with(Changes::of($changes))->file;
    }

    /** @param  array<string, mixed>  $changes */
    public static function brief(array $changes = []): Brief
    {
        $files = self::files();

        return $files->brief($files->decode(JobFile::encode(self::file($changes))));
    }

    /** @param  array<string, mixed>  $changes */
    public static function evaluated(array $changes = []): EvaluatedProof
    {
        $files = self::files();

        return EvaluatedProof::of(self::file($changes), $files, self::shelf(), Proof::of(self::sizing($changes), self::shelf()));
    }

    public static function english(Message $message): string
    {
        return Wording::english()->text($message);
    }

    /** @param  array<string, mixed>  $changes */
    public static function sizing(array $changes = []): Sizing
    {
        return Sizing::of(self::brief($changes), self::shelf());
    }
}
