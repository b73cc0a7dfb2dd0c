<?php

declare(strict_types=1);

use App\Solving\Heavy;
use App\Store\Backups;
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

Artisan::command('bench:backup {file?} {--daily : today\'s, where there is none yet}', function (): int {
    /** @var \Illuminate\Console\Command $this */
    try {
        if ((bool) $this->option('daily')) {
            $made = Backups::daily();
            $this->info($made === null ? 'Today\'s backup is there.' : "Kept in {$made}");

            return 0;
        }
        $file = $this->argument('file');
        Backups::write(is_string($file) ? $file : throw new RuntimeException('backup needs a file to write.'));
        $this->line("Kept in {$file}");
    } catch (RuntimeException $e) {
        $this->error("glow: {$e->getMessage()}");

        return 1;
    }

    return 0;
})->purpose('Copy the database, checked, by a temporary name');

Artisan::command('bench:prepare', function (): int {
    Heavy::prepare();

    return 0;
})->purpose('Make the worker\'s queue where it is not there');
