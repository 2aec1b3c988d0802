<?php

declare(strict_types=1);

namespace App\Providers;

use App\Design\Designs;
use App\Design\Kept;
use App\Keep\Backups;
use App\Models\Part;
use Illuminate\Http\Request;
use Illuminate\Support\ServiceProvider;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Wording;
use LampThread\Parts\Shelf;

final class LampThreadProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Shelf::class, static fn (): Shelf => self::shelf());
        $this->app->scoped(JobFile::class, fn (): JobFile => JobFile::standard($this->app->make(Shelf::class)));
        $this->app->scoped(Wording::class, static fn (): Wording => Wording::english());
        $this->app->scoped(Designs::class);
        $this->app->singleton(Kept::class, static fn (): Kept => new Kept(cache()->store()));
        $this->app->singleton(Backups::class, static fn (): Backups => new Backups((string) config('app.backups')));
    }

    public function boot(): void
    {
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
