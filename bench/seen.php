<?php

declare(strict_types=1);

/*
 * How soon an act marked on a phone is seen on the bench, in two real browsers at two addresses of this machine: from
 * the press on the phone until the bench's own page shows the next act. Starts a bench of its own.
 *
 * php bench/seen.php [ACTS] [EXAMPLE]
 */

use Tests\Support\Bench;
use Tests\Support\Served;
use Tests\Support\Window;

require __DIR__.'/../vendor/autoload.php';

[, $acts, $example] = [...array_slice($argv, 0, 3), ...array_slice(['', '60', 'heron'], count($argv))];
$served = new Served();
$served->start('--new');
$port = Bench::freePort('127.0.0.2');
[$code, $said] = $served->glow('open', '--address', '127.0.0.2', '--port', (string) $port);
if ($code !== 0) {
    fwrite(STDERR, "{$said}\n");
    exit(1);
}
$bench = Bench::here()->window(url: "http://127.0.0.1:{$served->port}");
$key = (string) preg_replace('#^.*/b/#', '', $bench->bringIn($example));
$bench->open("/b/{$key}/build");
$began = hrtime(true);
$bench->click('.hand-phone a, .net-bar a');
$bench->find('.six');
$phone = Bench::here()->phone("https://127.0.0.2:{$port}");
$phone->open('/pair');
$phone->click('.digit');
$phone->keys(...str_split((string) preg_replace('/\D/', '', $bench->text('.six'))));
$phone->find('#act-now');
printf("press to hand   %.1f s\n", (hrtime(true) - $began) / 1e9);
$bench->click('#phone [data-close]');

$shown = fn (Window $w): mixed => $w->script(
    'const act = document.querySelector("#act-now");'.
        'return act.querySelector("h1").textContent + /act \d+/.exec(act.textContent)',
);
$took = [];
for ($n = 0; $n < (int) $acts; $n++) {
    $was = $shown($bench);
    $own = $shown($phone);
    $pressed = hrtime(true);
    $phone->click('.act-keys .done button');
    $bench->until(fn (): bool => $shown($bench) !== $was, 'the bench shows the next act');
    $took[] = (hrtime(true) - $pressed) / 1e6;
    $phone->until(fn (): bool => $shown($phone) !== $own, 'the phone shows the next act');
    // Not in step with the questions of the bench.
    usleep(random_int(0, 900_000));
}
sort($took);
$at = fn (float $share): float => $took[(int) ceil($share * count($took)) - 1];
printf(
    "%d acts seen    median %.0f ms  p95 %.0f ms  worst %.0f ms\n",
    count($took),
    $at(0.5),
    $at(0.95),
    $took[count($took) - 1],
);
exit($at(0.95) > 2000.0 ? 1 : 0);
