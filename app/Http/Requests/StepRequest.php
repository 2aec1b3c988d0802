<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** Undo or redo; fits schema/step-request.json. */
final readonly class StepRequest
{
    private function __construct(public int $version) {}

    public static function read(Request $request, Body $body): self
    {
        return new self($body->of($request, 'step-request')->version);
    }
}
