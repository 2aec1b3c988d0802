<?php

declare(strict_types=1);

namespace App\Providers;

use App\Design\Designs;
use App\Design\Kept;
use App\Keep\Backups;
use App\Keep\Database;
use App\Keep\WorkshopConnection;
use App\Models\Part;
use App\People\Discretion;
use App\People\Visitor;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\ServiceProvider;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Wording;
use LampThread\Parts\Shelf;
use PDO;

final class LampThreadProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn (PDO|Closure $pdo, string $database, string $prefix, array $config): WorkshopConnection => (
            new WorkshopConnection($pdo, $database, $prefix, $config)
        ));
        $this->app->scoped(Shelf::class, static fn (): Shelf => self::shelf());
        $this->app->scoped(JobFile::class, fn (): JobFile => JobFile::standard($this->app->make(Shelf::class)));
        $this->app->scoped(Wording::class, static fn (): Wording => Wording::english());
        $this->app->scoped(Designs::class);
        $this->app->bind(Discretion::class, fn (): Discretion => Discretion::towards($this->app->make(Visitor::class)));
        $this->app->singleton(Kept::class, static fn (): Kept => new Kept(cache()->store()));
        $this->app->singleton(Backups::class, static fn (): Backups => new Backups((string) config('app.backups')));
    }

    public function boot(): void
    {
        // A worker that holds a database file which was put aside begins anew on the one that took its place.
        $begun = @fileinode(Database::path());
        Queue::looping(static function () use ($begun): void {
            clearstatcache();
            if (@fileinode(Database::path()) !== $begun) {
                app('queue.worker')->shouldQuit = true;
            }
        });
        // A request is what its method says: no parameter or header makes another of it.
        Request::setAllowedHttpMethodOverride([]);
    }

    /** What ships and what the workshop has added, as it stands now. */
    public static function shelf(): Shelf
    {
        $shelf = Shelf::standard();

        return $shelf->with(Part::shelved($shelf->gates));
    }
}
