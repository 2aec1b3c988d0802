<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\GalleryController;
use App\Http\Controllers\HandoverController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PlanChoicesController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\ProofController;
use App\Http\Controllers\RoadController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\TaskController;
use App\Http\Controllers\TrailController;
use App\Http\Controllers\WorkshopController;
use App\Http\Middleware\May;
use App\Tasks\TaskKind;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;
use LampThread\Exchange\Log\StandIn;

// For everyone.
Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'signIn']);
Route::post('session/code', [SessionController::class, 'useCode']);
Route::delete('session', [SessionController::class, 'signOut']);

// For whoever works here: looking, and working things out without keeping them.
Route::middleware([May::class.':ask', SubstituteBindings::class])->group(function (): void {
    Route::get('health', HealthController::class);
    Route::get('arrangements', GalleryController::class);
    Route::get('shelf', [ShelfController::class, 'show']);
    Route::get('shelf/own-parts.csv', [ShelfController::class, 'export']);
    Route::get('jobs', [JobController::class, 'index']);
    Route::get('jobs/{job}', [JobController::class, 'show']);
    Route::get('jobs/{job}/proof', [ProofController::class, 'show']);
    Route::get('jobs/{job}/proof/compare/{number}', [ProofController::class, 'compare'])->where('number', '[1-9]\d{0,8}');
    Route::get('jobs/{job}/revisions', [ProofController::class, 'revisions']);
    Route::get('jobs/{job}/file', [ExportController::class, 'file'])->name('job.file');
    Route::get('jobs/{job}/cut-list.csv', [ExportController::class, 'cutList']);
    Route::get('jobs/{job}/parts.csv', [ExportController::class, 'parts']);
    Route::get('jobs/{job}/parts.fods', [ExportController::class, 'partsSpreadsheet']);
    Route::get('jobs/{job}/dossier.pdf', [ExportController::class, 'dossier'])->name('job.dossier');
    Route::get('jobs/{job}/labels.pdf', [ExportController::class, 'labels']);
    Route::get('jobs/{job}/follow-up.ics', [ExportController::class, 'followUp']);
    Route::get('jobs/{job}/threads.svg', [ExportController::class, 'threads']);
    Route::get('jobs/{job}/netlist.cir', [ExportController::class, 'netlist']);
    Route::get('drives/{drive}/legs', [RoadController::class, 'legs']);
    Route::get('drives/{drive}.csv', [RoadController::class, 'export']);
    Route::post('jobs/{job}/bench', [BenchController::class, 'settle']);
    Route::post('jobs/{job}/road', [RoadController::class, 'drive']);
    Route::get('jobs/{job}/road/card', [RoadController::class, 'card']);
    Route::get('jobs/{job}/road/advice', [RoadController::class, 'advice']);
    Route::get('jobs/{job}/logs', [LogController::class, 'index']);
    Route::get('jobs/{job}/logs/{log}.csv', [LogController::class, 'export']);
    Route::get('jobs/{job}/logs/{log}', [LogController::class, 'show']);
    Route::post('jobs/{job}/logs/{log}/fit', [LogController::class, 'fit']);
    Route::get('jobs/{job}/logs/{before}/against/{after}', [LogController::class, 'compare']);
    Route::get('jobs/{job}/stand-in/{device}', [LogController::class, 'record'])->whereIn('device', StandIn::cases());
    Route::get('workshop', [WorkshopController::class, 'show']);
    Route::get('jobs/{job}/handover', [HandoverController::class, 'show']);
    Route::get('jobs/{job}/handover/simulated', [HandoverController::class, 'simulated']);
    Route::get('jobs/{job}/readings.csv', [HandoverController::class, 'readings'])->name('job.readings');
    Route::get('jobs/{job}/photographs/{record}', [HandoverController::class, 'picture'])->name('record.picture');
    Route::get('jobs/{job}/trail', [TrailController::class, 'show']);
    Route::get('plan-choices', PlanChoicesController::class);
    Route::get('practice', [PracticeController::class, 'index']);
    Route::post('practice', [PracticeController::class, 'begin']);
    Route::get('practice/{run}', [PracticeController::class, 'show']);
    Route::get('practice/{run}/design', [PracticeController::class, 'design']);
    Route::post('practice/{run}/moves', [PracticeController::class, 'move']);
    Route::get('trail', [TrailController::class, 'choices']);
    Route::post('trail', [TrailController::class, 'unknown']);
    Route::post('log-columns', [LogController::class, 'columns']);
    Route::post('jobs/{job}/tasks/{kind}', [TaskController::class, 'begin'])->whereIn('kind', TaskKind::named());
    Route::get('jobs/{job}/tasks/{kind}', [TaskController::class, 'latest'])->whereIn('kind', TaskKind::named());
    Route::get('tasks/{task}', [TaskController::class, 'show']);
    Route::delete('tasks/{task}', [TaskController::class, 'stop'])->name('task.stop');
});

// For owners and fitters.
Route::middleware([May::class.':change', SubstituteBindings::class])->group(function (): void {
    Route::post('shelf/parts', [ShelfController::class, 'add'])->name('part.add');
    Route::post('shelf/parts/{id}', [ShelfController::class, 'change'])->name('part.change');
    Route::delete('shelf/parts/{id}', [ShelfController::class, 'remove'])->name('part.remove');
    Route::post('shelf/import', [ShelfController::class, 'import'])->name('part.import');
    Route::post('jobs', [JobController::class, 'start'])->name('job.start');
    Route::post('jobs/import', [JobController::class, 'import'])->name('job.import');
    Route::delete('jobs/{job}', [JobController::class, 'remove'])->name('job.remove');
    Route::post('jobs/{job}/restore', [JobController::class, 'restore'])->withoutMiddleware(SubstituteBindings::class)->name('job.restore');
    Route::post('jobs/{job}/archive', [JobController::class, 'archive'])->name('job.archive');
    Route::post('jobs/{job}/duplicate', [JobController::class, 'duplicate'])->name('job.duplicate');
    Route::post('jobs/{job}/sizes', [JobController::class, 'takeSizes'])->name('job.sizes');
    Route::post('jobs/{job}/revisions/{number}', [JobController::class, 'standOn'])->where('number', '[1-9]\d{0,8}')->name('job.stand-on');
    Route::post('jobs/{job}/changes', [JobController::class, 'change'])->name('job.change');
    Route::post('jobs/{job}/arrangement', [JobController::class, 'arrange'])->name('job.arrange');
    Route::post('jobs/{job}/mend', [JobController::class, 'mend'])->name('job.mend');
    Route::post('jobs/{job}/undo', [JobController::class, 'undo'])->name('job.undo');
    Route::post('jobs/{job}/redo', [JobController::class, 'redo'])->name('job.redo');
    Route::post('jobs/{job}/road/drives', [RoadController::class, 'import'])->name('drive.import');
    Route::post('jobs/{job}/road/drives/made', [RoadController::class, 'make'])->name('drive.make');
    Route::delete('drives/{drive}', [RoadController::class, 'remove'])->name('drive.remove');
    Route::post('jobs/{job}/logs', [LogController::class, 'store'])->name('log.store');
    Route::delete('jobs/{job}/logs/{log}', [LogController::class, 'remove'])->name('log.remove');
    Route::post('workshop', [WorkshopController::class, 'keep'])->name('workshop.keep');
    Route::post('jobs/{job}/records', [HandoverController::class, 'write'])->name('record.write');
    Route::post('jobs/{job}/photographs', [HandoverController::class, 'photograph'])->name('record.photograph');
});

// For owners, or whoever is at the machine where nobody is asked.
Route::post('jobs/{job}/erase', [JobController::class, 'erase'])->middleware(May::class.':erase')->name('job.erase');

// For owners.
Route::middleware(May::class.':manage')->group(function (): void {
    Route::get('people', [PeopleController::class, 'index']);
    Route::post('people', [PeopleController::class, 'add'])->name('person.add');
    Route::post('people/{id}/code', [PeopleController::class, 'giveCode'])->name('person.code');
    Route::post('people/{id}/role', [PeopleController::class, 'change'])->name('person.role');
    Route::post('people/{id}/sign-out', [PeopleController::class, 'signOut'])->name('person.sign-out');
    Route::delete('people/{id}', [PeopleController::class, 'remove'])->name('person.remove');
    Route::post('people/customers', [PeopleController::class, 'hideCustomers'])->name('people.customers');
});
