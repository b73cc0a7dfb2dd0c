<?php

declare(strict_types=1);

use App\Models\Build;
use App\Solving\Heavy;
use App\Store\Archives;
use App\Store\Backups;
use App\Store\Demo;
use App\Store\Thinner;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\NotUnderstood;
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

Artisan::command('bench:archive {key} {file}', function (): int {
    /** @var \Illuminate\Console\Command $this */
    [$key, $file] = [$this->argument('key'), $this->argument('file')];
    $build = is_string($key) ? Build::query()->where('key', $key)->first() : null;
    if ($build === null || ! is_string($file)) {
        $this->error('glow: no build on this bench has that key; it stands in the address of its pages.');

        return 2;
    }
    try {
        Archives::write($build, $file);
    } catch (NotUnderstood $e) {
        $this->error("glow: {$e->getMessage()}");

        return 2;
    }
    $this->line((string) json_encode(['written' => ['path' => $file], 'build' => $build->title]));

    return 0;
})->purpose('Write a build with its history, its record and its pictures to one file');

Artisan::command('bench:unarchive {file}', function (): int {
    /** @var \Illuminate\Console\Command $this */
    $file = $this->argument('file');
    try {
        $build = Archives::read(is_string($file) ? $file : '');
    } catch (NotUnderstood $e) {
        $this->error("glow: {$e->getMessage()}");

        return 2;
    } catch (BadBuild $e) {
        $this->error("glow: {$e->inWords()}");

        return 2;
    }
    $this->line((string) json_encode(['build' => $build->title, 'key' => $build->key]));

    return 0;
})->purpose('Hang a build from an archive, once all of it is checked');
