<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Keep\Health;
use Illuminate\Http\JsonResponse;

final class HealthController
{
    public function __invoke(Health $health): JsonResponse
    {
        return new JsonResponse($health->present(), $health->isWell() ? 200 : 503);
    }
}
