<?php

declare(strict_types=1);

namespace App\Design;

use FilesystemIterator;
use LampThread\Parts\OwnPart;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What an answer depends on besides the job itself: the program as it stands, and the workshop's own parts. */
final readonly class Build
{
    private const FOLDERS = ['core/src', 'core/data', 'schema', 'lang'];

    private function __construct(public string $id) {}

    /**
     * @param  array<string, OwnPart>  $ownParts
     * @param  string|null  $program  what the program is known by where it does not change while it runs; its files are looked at where it may
     */
    public static function of(array $ownParts, ?string $program): self
    {
        return new self(md5(serialize([$program ?? self::files(), $ownParts])));
    }

    /** @return array<string, array{int, int}> file to when it was changed and its size */
    private static function files(): array
    {
        $files = [];
        foreach (self::FOLDERS as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof SplFileInfo) {
                    $files[$file->getPathname()] = [(int) $file->getMTime(), (int) $file->getSize()];
                }
            }
        }
        ksort($files);

        return $files;
    }
}
