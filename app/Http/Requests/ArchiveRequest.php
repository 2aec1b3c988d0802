<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** Fits schema/archive-request.json. */
final readonly class ArchiveRequest
{
    private function __construct(public int $version, public bool $isArchived) {}

    public static function read(Request $request, Body $body): self
    {
        $data = $body->of($request, 'archive-request');

        return new self($data->version, $data->isArchived);
    }
}
