<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** Fits schema/change-request.json. */
final readonly class ChangeRequest
{
    /**
     * @param  array<string, mixed>  $changes  place to value
     * @param  array<string, string>  $typed  place to text
     */
    private function __construct(public int $version, public string $label, public array $changes, public array $typed) {}

    public static function read(Request $request, Body $body): self
    {
        $data = $body->of($request, 'change-request');

        return new self($data->version, $data->label, Body::map($data->changes ?? null), Body::map($data->typed ?? null));
    }
}
