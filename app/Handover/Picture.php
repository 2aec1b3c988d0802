<?php

declare(strict_types=1);

namespace App\Handover;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** What a picture is by its content; its name is never asked. */
final class Picture
{
    public const MOST_BYTES = 16_000_000;

    private const MOST_PIXELS = 100_000_000;

    /** How a file of an iPhone’s or a camera’s own kind begins, after its first box’s length. */
    private const HEIC = ['ftypheic', 'ftypheix', 'ftyphevc', 'ftypmif1', 'ftypmsf1', 'ftypavif'];

    /** @throws InvalidInput where it is none that any browser shows */
    public static function typeOf(string $bytes): string
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::at('', Message::of('input.picture.too-large', most: self::MOST_BYTES / 1e6));
        }
        if (in_array(substr($bytes, 4, 8), self::HEIC, true)) {
            throw InvalidInput::at('', Message::of('input.picture.heic'));
        }
        $size = @getimagesizefromstring($bytes);
        $type = $size === false ? '' : $size['mime'];
        if (! in_array($type, ['image/jpeg', 'image/png'], true)) {
            throw InvalidInput::at('', Message::of('input.picture.none'));
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS || $size[0] < 1 || $size[1] < 1) {
            throw InvalidInput::at('', Message::of('input.picture.too-large', most: self::MOST_BYTES / 1e6));
        }

        return $type;
    }
}
