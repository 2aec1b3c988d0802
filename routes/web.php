<?php

declare(strict_types=1);

use App\Http\Controllers\PageController;
use Illuminate\Support\Facades\Route;

Route::get('/{any?}', PageController::class)->where('any', '(?!api/).*');
