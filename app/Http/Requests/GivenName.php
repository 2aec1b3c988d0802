<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** What a file that comes in is to be called: it stands in the address, as the body is the file. */
final class GivenName
{
    private const LONGEST = 80;

    /** @throws InvalidInput at `/name` */
    public static function of(Request $request): string
    {
        $name = trim($request->query->getString('name'));

        return $name === '' || mb_strlen($name) > self::LONGEST ? throw InvalidInput::at('/name', Message::of('input.drive.name', most: self::LONGEST)) : $name;
    }
}
