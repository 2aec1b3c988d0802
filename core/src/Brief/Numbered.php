<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Ids of things a job may have several of: the first is called by the word alone. */
final class Numbered
{
    /** @param  int  $number  from 1 */
    public static function id(string $word, int $number): string
    {
        return $number === 1 ? $word : "{$word}-{$number}";
    }
}
