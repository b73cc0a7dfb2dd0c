<?php

declare(strict_types=1);

/*
 * How the bench bears weight: CPU of a page of a build with 40 switched circuits, of the wall of 300 builds, and of an edit that
 * changes no wiring. Everything runs in this process, over a database of its own; what is solved is solved before it is timed.
 *
 * php bench/growth.php [circuits] [builds]
 */

use App\Models\Build;
use App\Models\Preference;
use App\Store\Bench;
use App\Wall\Wall;
use BenchGlow\Build\Document;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Tests\Support\Scenery;

[, $circuits, $builds] = [...$argv, '40', '300'];
$db = tempnam(sys_get_temp_dir(), 'glow');
foreach (['GLOW_DATABASE' => $db, 'APP_ENV' => 'production'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require __DIR__.'/../vendor/autoload.php';
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->call('migrate', ['--force' => true]);
// Forms are sent from here, not from a page of ours.
$app->bind(
    ValidateCsrfToken::class,
    fn (): object => new class
    {
        public function handle(Request $request, Closure $next): mixed
        {
            return $next($request);
        }
    },
);
$bench = $app->make(Bench::class);

/**
 * CPU in ms and bytes of one answer, the median of nine. Each is answered by a process of its own, so that nothing is carried
 * from one to the next but what is kept.
 *
 * @param  array<string, string|Closure(int): string>  $input
 * @return array{float, int}
 */
$ask = function (string $method, string $path, array $input = []) use ($app): array {
    $times = [];
    $bytes = 0;
    for ($n = 0; $n < 9; $n++) {
        $fresh = array_map(fn (mixed $v): mixed => $v instanceof Closure ? $v($n) : $v, $input);
        DB::purge();
        $pair = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0) ?: exit(1);
        $child = pcntl_fork();
        if ($child === 0) {
            $header = $input === [] ? [] : ['HTTP_HX_REQUEST' => '1'];
            $request = Request::create("http://127.0.0.1{$path}", $method, $fresh, server: $header);
            $cpu = fn (): float => array_sum(
                array_map(fn (array $t): float => 1e3 * $t[0] + $t[1] / 1e3, [
                    [(int) (getrusage() ?: [])['ru_utime.tv_sec'], (int) (getrusage() ?: [])['ru_utime.tv_usec']],
                    [(int) (getrusage() ?: [])['ru_stime.tv_sec'], (int) (getrusage() ?: [])['ru_stime.tv_usec']],
                ]),
            );
            $from = $cpu();
            $response = $app->make(Kernel::class)->handle($request);
            $took = $cpu() - $from;
            fwrite($pair[1], "{$response->getStatusCode()} {$took} ".strlen((string) $response->getContent()));
            posix_kill((int) getmypid(), SIGKILL);
        }
        pcntl_waitpid($child, $status);
        [$code, $took, $bytes] = [...explode(' ', (string) fread($pair[0], 200)), '', '', ''];
        if ((int) $code >= 400 || (int) $code < 200) {
            fwrite(STDERR, "{$path} answered {$code}\n");
            exit(1);
        }
        $times[] = (float) $took;
    }
    sort($times);

    return [$times[4], (int) $bytes];
};
/** @param  array{float, int}  $got */
$say = fn (string $what, array $got, string $goal): int => printf(
    "%-58s %7.1f ms CPU  %8d bytes   goal %s\n",
    $what,
    $got[0],
    $got[1],
    $goal,
);

$heavy = $bench->create(Scenery::many((int) $circuits, 1), 'Begun', 'bench');
$solve = hrtime(true);
$ask('GET', "/b/{$heavy->key}/circuit");
printf("first solved and shown in %.1f s\n", (hrtime(true) - $solve) / 1e9);
$page = $ask('GET', "/b/{$heavy->key}/circuit");
$say("a page of {$circuits} switched circuits", $page, '<= 100');
$say('  a throw on it', $ask('GET', "/b/{$heavy->key}/circuit?i[in3_1]=on"), '');
$base = fn (int $n): string => (string) Build::query()->where('key', $heavy->key)->value('head');
$mark = $ask('POST', "/b/{$heavy->key}/edit?at=circuit", [
    'op' => 'accept',
    'rule' => 'standby',
    'subject' => 'bank',
    'reason' => fn (int $n): string => "seen {$n}",
    'render' => 'all',
    'base' => $base,
    'token' => fn (int $n): string => "t{$n}",
]);
$say('an edit that changes no wiring', $mark, sprintf('<= %.1f (1.3 x the page)', 1.3 * $page[0]));
$shelf = Document::fromJson((string) file_get_contents(__DIR__.'/../examples/heron.glow.json'));
for ($n = 0; $n < (int) $builds; $n++) {
    $bench->create($shelf, 'Begun', 'bench');
}
$wall = $app->make(Wall::class);
$wall->card(Build::query()->orderByDesc('id')->firstOrFail(), Preference::row());
$say("the wall of {$builds} builds", $ask('GET', '/'), '<= 60');
exec('rm -rf '.escapeshellarg((string) $db).'*');
