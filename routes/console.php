<?php

declare(strict_types=1);

use App\LocalNet\Door;
use App\LocalNet\Fingerprint;
use App\LocalNet\Networks;
use App\LocalNet\Opening;
use App\LocalNet\Pairings;
use App\LocalNet\Passphrase;
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
    Door::thin();
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

Artisan::command('bench:open {--hours=4} {--address=} {--port=8443}', function (): int {
    /** @var \Illuminate\Console\Command $this */
    $said = fn (string $name): string => is_string($this->option($name)) ? $this->option($name) : '';
    $number = fn (string $name): int => preg_match('/^\d{1,5}$/', $said($name)) === 1 ? (int) $said($name) : -1;
    try {
        $address = (new Networks())->chosen($said('address'));
        $opening = Opening::open($address, $number('port'), $number('hours'));
    } catch (NotUnderstood $e) {
        $this->error($e->getMessage());

        return 2;
    }
    $this->info("The bench is open at {$opening->url()}, {$opening->untilWords()}.");
    $print = Fingerprint::at($opening);
    if ($print !== null) {
        $this->line('Its certificate: '.implode(' ', $print->words()).' ('.substr($print->hex(), 0, 17).' …)');
    }
    $this->line('The digits stand at the bench, under Hold it on the phone. Close it with: bin/glow close');

    return 0;
})->purpose('Open the bench that runs here to the local net');

Artisan::command('bench:close', function (): int {
    /** @var \Illuminate\Console\Command $this */
    $was = Opening::now();
    Opening::close();
    Pairings::drop();
    $this->info($was === null ? 'The bench was not open.' : 'The bench is closed to the net.');

    return 0;
})->purpose('Close the bench to the local net');

Artisan::command('bench:door {kind} {words}', function (string $kind, string $words): int {
    Door::tell($kind, $words);

    return 0;
})->purpose('Write down what happened at the door, where no page did it');

Artisan::command('bench:passphrase {--clear}', function (): int {
    /** @var \Illuminate\Console\Command $this */
    if (! (bool) $this->option('clear')) {
        $this->error('A passphrase is set in the bench\'s settings; here it is only taken off: bin/glow passphrase --clear');

        return 2;
    }
    Passphrase::clear();
    $this->info('The bench has no passphrase now.');

    return 0;
})->purpose('Take a lost passphrase off');
