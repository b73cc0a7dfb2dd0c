<?php

declare(strict_types=1);

/*
 * A second process on the bench, for the tests of two windows and of a crash.
 *   prepare            makes the tables and one build
 *   edit WHO N         adds N facts, each put on top again where the build has moved on
 *   lengths WHO N      sets N lengths; prints "token no" once each is kept
 */

use App\Models\Build;
use App\Store\Bench;
use App\Store\Conflict;
use BenchGlow\Edit\AddItem;
use BenchGlow\Format\Fields;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Make;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$bench = $app->make(Bench::class);
[, $what, $who, $count] = [...$argv, '', '', '0'];

if ($what === 'prepare') {
    Artisan::call('migrate', ['--force' => true]);
    $bench->create(Make::shelf(), 'Begun', 'test');
    exit(0);
}
$build = Build::query()->firstOrFail();
$base = $build->head;
for ($n = 0; $n < (int) $count; $n++) {
    $edit =
        $what === 'edit'
            ? new AddItem('brief.facts', new Fields(['id' => "{$who}_{$n}", 'kind' => 'other']))
            : Make::set('shelf_light', 'wanted_m', 1 + (hexdec(substr(md5("{$who}{$n}"), 0, 4)) % 3000) / 1000);
    for (; ;) {
        $token = "{$who}-{$n}-".bin2hex(random_bytes(4));
        try {
            $base = $bench->write($build, $base, $token, $who, $edit)->no;
            break;
        } catch (Conflict $e) {
            $base = $e->head;
        }
    }
    if ($what === 'lengths') {
        fwrite(STDOUT, "{$token} {$base}\n");
    }
}
