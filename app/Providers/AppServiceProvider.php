<?php

declare(strict_types=1);

namespace App\Providers;

use App\Frame\Frame;
use App\Frame\Head;
use App\LocalNet\Rights;
use App\LocalNet\Visitor;
use App\Models\Device;
use App\Solving\Heavy;
use App\Stations\Station;
use App\Stations\Stations;
use App\Store\Analyses;
use Illuminate\Auth\Access;
use Illuminate\Contracts\Auth\Access\Gate as GateContract;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        // Nobody has an account: who asks is the bench itself or a device that was let in.
        $this->app->singleton(
            GateContract::class,
            fn (Application $app): GateContract => new Access\Gate($app, fn (): ?Device => Visitor::now()),
        );
        $this->app->scoped(Analyses::class);
        $this->app->singletonIf(Stations::class, fn (): Stations => new Stations());
    }

    public function boot(): void
    {
        $this->gates();
        // The worker says that it is there each time it looks for work.
        Queue::looping(fn () => Heavy::beat());
        Blade::directive(
            'panel',
            fn (string $view): string => "<?php echo \\App\\Support\\Panel::of({$view}, get_defined_vars()); ?>",
        );
        // The list of keys names the stations, on pages without a build too.
        View::composer('frame.bar', function (ViewContract $view): void {
            $frame = $view->getData()['frame'] ?? null;
            $page = $view->getData()['guidePage'] ?? null;
            $view->with('stations', $this->app->make(Stations::class));
            $view->with('guidePage', $page ?? ($frame instanceof Frame ? $frame->station->guide() : null));
        });
        View::composer('frame.head', function (ViewContract $view): void {
            $frame = $view->getData()['frame'] ?? null;
            // A page that stands beside the stations may wear the looks of one.
            $like = $view->getData()['like'] ?? null;
            $station = $frame instanceof Frame ? $frame->station : ($like instanceof Station ? $like : null);
            $view->with('head', new Head($station));
        });
    }

    /** Who may do what, by one table; asked for each address, each form and each edit. */
    private function gates(): void
    {
        Gate::define('reach', [Rights::class, 'reach']);
        Gate::define('apply', [Rights::class, 'apply']);
        Gate::define('send', [Rights::class, 'send']);
        Gate::define('see-prices', [Rights::class, 'seePrices']);
    }
}
