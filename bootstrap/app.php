<?php

declare(strict_types=1);

use App\Http\Middleware\BoundedBody;
use App\Http\Middleware\Numbered;
use App\Http\Middleware\OpenToTheShop;
use App\Http\Middleware\OwnPagesOnly;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Refusal;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Support\Facades\Route;

// What the program writes is for who runs it alone: it holds whose job is whose.
umask(0077);

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(using: function (): void {
        Route::prefix('api')->middleware(OpenToTheShop::class)->group(__DIR__.'/../routes/api.php');
        Route::group([], __DIR__.'/../routes/web.php');
    })
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin only, so no CORS. Job files are texts to be kept as they are, so no trimming of what comes in.
        $middleware->use([Numbered::class, SecurityHeaders::class, OwnPagesOnly::class, ValidatePostSize::class, BoundedBody::class]);
        $middleware->remove(HandleCors::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Refusal::register($exceptions);
    })
    ->create();
