<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Gallery;
use Illuminate\Http\JsonResponse;

final readonly class GalleryController
{
    public function __invoke(Gallery $gallery): JsonResponse
    {
        return new JsonResponse($gallery->answer(), json: true);
    }
}
