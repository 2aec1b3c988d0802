<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Support\ServiceProvider;
use LampThread\Exchange\JobFile;
use LampThread\Shelf\Shelf;

final class LampThreadProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Shelf::class, static fn (): Shelf => Shelf::standard());
        $this->app->singleton(JobFile::class, fn (): JobFile => JobFile::standard($this->app->make(Shelf::class)));
    }
}
