<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\ProofController;
use App\Http\Controllers\RoadController;
use App\Http\Controllers\ShelfController;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

Route::middleware(SubstituteBindings::class)->group(function (): void {
    Route::get('shelf', [ShelfController::class, 'show']);
    Route::post('shelf/parts', [ShelfController::class, 'add']);
    Route::post('shelf/parts/{id}', [ShelfController::class, 'change']);
    Route::delete('shelf/parts/{id}', [ShelfController::class, 'remove']);
    Route::post('shelf/import', [ShelfController::class, 'import']);
    Route::get('shelf/own-parts.csv', [ShelfController::class, 'export']);
    Route::get('jobs', [JobController::class, 'index']);
    Route::post('jobs', [JobController::class, 'start']);
    Route::post('jobs/import', [JobController::class, 'import']);
    Route::get('jobs/{job}', [JobController::class, 'show']);
    Route::delete('jobs/{job}', [JobController::class, 'remove']);
    Route::post('jobs/{job}/restore', [JobController::class, 'restore'])->withoutMiddleware(SubstituteBindings::class);
    Route::post('jobs/{job}/erase', [JobController::class, 'erase'])->withoutMiddleware(SubstituteBindings::class);
    Route::post('jobs/{job}/archive', [JobController::class, 'archive']);
    Route::post('jobs/{job}/duplicate', [JobController::class, 'duplicate']);
    Route::post('jobs/{job}/sizes', [JobController::class, 'takeSizes']);
    Route::post('jobs/{job}/revisions/{number}', [JobController::class, 'standOn'])->whereNumber('number');
    Route::post('jobs/{job}/changes', [JobController::class, 'change']);
    Route::post('jobs/{job}/mend', [JobController::class, 'mend']);
    Route::post('jobs/{job}/undo', [JobController::class, 'undo']);
    Route::post('jobs/{job}/redo', [JobController::class, 'redo']);
    Route::post('jobs/{job}/bench', [BenchController::class, 'settle']);
    Route::get('jobs/{job}/proof', [ProofController::class, 'show']);
    Route::post('jobs/{job}/proof/pairs', [ProofController::class, 'pairs']);
    Route::get('jobs/{job}/proof/compare/{number}', [ProofController::class, 'compare'])->whereNumber('number');
    Route::post('jobs/{job}/road', [RoadController::class, 'drive']);
    Route::post('jobs/{job}/road/sweep', [RoadController::class, 'sweep']);
    Route::post('jobs/{job}/road/calibrate', [RoadController::class, 'calibrate']);
    Route::post('jobs/{job}/road/drives', [RoadController::class, 'import']);
    Route::delete('drives/{drive}', [RoadController::class, 'remove']);
    Route::get('drives/{drive}.csv', [RoadController::class, 'export']);
    Route::get('jobs/{job}/revisions', [ProofController::class, 'revisions']);
    Route::get('jobs/{job}/file', [ExportController::class, 'file']);
    Route::get('jobs/{job}/cut-list.csv', [ExportController::class, 'cutList']);
    Route::get('jobs/{job}/threads.svg', [ExportController::class, 'threads']);
    Route::get('jobs/{job}/netlist.cir', [ExportController::class, 'netlist']);
});
