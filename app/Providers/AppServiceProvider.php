<?php

declare(strict_types=1);

namespace App\Providers;

use App\Stations\Stations;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singletonIf(Stations::class, fn (): Stations => new Stations());
    }

    public function boot(): void
    {
        // The list of keys names the stations, on pages without a build too.
        View::composer('frame.bar', fn (ViewContract $view): ViewContract => $view->with('stations', $this->app->make(Stations::class)));
    }
}
