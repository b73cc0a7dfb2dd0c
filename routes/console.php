<?php

declare(strict_types=1);

use App\Store\Demo;
use App\Store\Thinner;
use Illuminate\Support\Facades\Artisan;

Artisan::command('bench:demo {--fresh : replace everything on the wall}', function (Demo $demo): int {
    /** @var \Illuminate\Console\Command $this */
    $hung = $demo->hang((bool) $this->option('fresh'));
    $this->info(
        $hung === 0 ? 'The wall has builds already; the demo builds were not hung.' : "{$hung} demo builds hung.",
    );

    return 0;
})->purpose('Hang the demo builds where the wall is empty');

Artisan::command('bench:thin', function (Thinner $thinner): int {
    /** @var \Illuminate\Console\Command $this */
    $taken = $thinner->run();
    $this->info("{$taken} old revisions taken out.");

    return 0;
})->purpose('Thin histories over 5,000 revisions or 64 MB');
