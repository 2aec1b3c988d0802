<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use LampThread\Brief\Changes;

/** Fits schema/change-request.json. */
final readonly class ChangeRequest
{
    /**
     * @param  array<string, string>  $typed  place to text
     * @param  list<string>  $picks  names of what is picked in the form
     * @param  int|null  $madeOn  version that what is changed was worked out for
     * @param  string|null  $id  of the change, by which it is known when it is sent again
     * @param  string|null  $window  of the browser it was made in
     */
    private function __construct(
        public int $version, public string $label, public Changes $changes, public array $typed, public array $picks, public ?int $madeOn, public ?string $id,
        public ?string $window,
    ) {}

    public static function read(Request $request, Body $body): self
    {
        $data = $body->of($request, 'change-request');

        return new self(
            $data->version, $data->label, Changes::of(Body::map($data->changes ?? null)), Body::map($data->typed ?? null), $data->picks ?? [], $data->madeOn ?? null,
            $data->id ?? null, $data->window ?? null,
        );
    }
}
