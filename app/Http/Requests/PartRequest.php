<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use LampThread\Parts\PartKind;

/** Fits schema/part-request.json. */
final readonly class PartRequest
{
    /** @param  array<string, string>  $typed  rating to text */
    private function __construct(public ?PartKind $kind, public string $name, public array $typed, public bool $isArchived, public ?int $version) {}

    public static function read(Request $request, Body $body): self
    {
        $data = $body->of($request, 'part-request');

        return new self(PartKind::tryFrom($data->kind ?? ''), $data->name, Body::map($data->typed ?? null), $data->isArchived ?? false, $data->version ?? null);
    }
}
