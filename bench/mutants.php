<?php

declare(strict_types=1);

/*
 * Spoilt builds by a seed, read in and shown on every page as a browser would, and through the command line's report.
 *   php bench/mutants.php [COUNT] [SEED]      prints what broke: a status over 499, a part that fails, more than 5 s; exit 1 then
 */

use App\Models\Build;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Command\Report;
use BenchGlow\Format\BadBuild;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Mutants;

require __DIR__.'/../vendor/autoload.php';

foreach (
    ['DB_DATABASE' => ':memory:', 'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'array', 'GLOW_DATABASE' => ':memory:'] as $k => $v
) {
    putenv("{$k}={$v}");
    $_ENV[$k] = $_SERVER[$k] = $v;
}
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
$app['env'] = 'testing';
/** @var Kernel $kernel */
$kernel = $app->make(Kernel::class);
[$count, $seed] = [(int) ($argv[1] ?? 10000), (int) ($argv[2] ?? 1)];
$mutants = new Mutants($seed);
[$taken, $broken, $slowest] = [0, 0, [0.0, '']];
$ask = function (string $method, string $path, array $files = []) use ($kernel, &$slowest): array {
    $request = Request::create($path, $method, [], [], $files, ['HTTP_HOST' => '127.0.0.1']);
    $from = microtime(true);
    $response = $kernel->handle($request);
    $took = microtime(true) - $from;
    $slowest = $took > $slowest[0] ? [$took, $path] : $slowest;

    return [$response->getStatusCode(), (string) $response->getContent(), $took];
};
for ($n = 0; $n < $count; $n++) {
    $text = $mutants->next();
    $before = Build::query()->count();
    [$status] = $ask('POST', '/builds/import', [
        'file' => UploadedFile::fake()->createWithContent('m.glow.json', $text),
    ]);
    $faults = $status >= 400 ? ["import {$status}"] : [];
    $build = Build::query()->latest('id')->first();
    if ($build !== null) {
        $taken++;
        foreach (['brief', 'circuit', 'handover', 'sheet', 'card', 'history', 'states.csv', 'lists.json'] as $page) {
            [$status, $html, $took] = $ask('GET', "/b/{$build->key}/{$page}");
            $bad =
                $status >= 500 ||
                str_contains($html, 'class="trouble"') ||
                str_contains($html, "can't be shown") ||
                $took > 5.0;
            if ($bad) {
                $faults[] = sprintf('%s %d %.1f s', $page, $status, $took);
            }
        }
        $build->delete();
    }
    try {
        Report::of(Review::of(Document::fromJson($text)));
    } catch (BadBuild) {
        // refused in a sentence
    } catch (Throwable $e) {
        $faults[] = 'report: '.$e::class.' '.$e->getMessage();
    }
    if ($faults !== []) {
        $broken++;
        echo 'seed ', $seed + $n, ': ', implode(', ', $faults), "\n";
    }
}
printf("%d mutants, %d taken in, %d broke something; slowest %.2f s (%s)\n", $count, $taken, $broken, ...$slowest);
exit($broken === 0 ? 0 : 1);
