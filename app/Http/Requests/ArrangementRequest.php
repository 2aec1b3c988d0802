<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** Which arrangement a job is to have. */
final readonly class ArrangementRequest
{
    private function __construct(public ?string $arrangement, public int $version) {}

    public static function read(Request $request, Body $body): self
    {
        $data = $body->of($request, 'arrangement-request');

        return new self($data->arrangement ?? null, $data->version ?? 0);
    }
}
