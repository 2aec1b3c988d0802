<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** Fits schema/bench-request.json. */
final readonly class BenchRequest
{
    /**
     * @param  array<string, string|int|float|null>  $set  input to its value
     * @param  array<string, int>  $memory  component to its position
     * @param  array<string, string>  $faults  component or wire to a kind of fault
     * @param  array{string, string}|null  $leads  terminals
     */
    private function __construct(public array $set, public array $memory, public array $faults, public ?array $leads) {}

    public static function read(Request $request, Body $body): self
    {
        $data = $body->of($request, 'bench-request');

        return new self(Body::map($data->set ?? null), Body::map($data->memory ?? null), Body::map($data->faults ?? null), $data->leads ?? null);
    }
}
