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

    /** @param  array<string, OwnPart>  $ownParts */
    public static function of(array $ownParts): self
    {
        $files = [];
        foreach (self::FOLDERS as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof SplFileInfo) {
                    $files[$file->getPathname()] = [$file->getMTime(), $file->getSize()];
                }
            }
        }
        ksort($files);

        return new self(md5(serialize([$files, $ownParts])));
    }
}
