<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Handover\Workshop;
use App\Http\Requests\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The workshop as it stands on its papers. */
final readonly class WorkshopController
{
    public function __construct(private Body $body) {}

    public function show(): JsonResponse
    {
        return new JsonResponse(get_object_vars(Workshop::kept()));
    }

    public function keep(Request $request): JsonResponse
    {
        return new JsonResponse(get_object_vars(Workshop::keep($this->body->of($request, 'workshop-request'))));
    }
}
