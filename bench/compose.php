<?php

declare(strict_types=1);

/*
 * Composing: circuits for wishes, offers for wires, sections, edits. Prints medians and 95th percentiles.
 *   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/compose.php
 */

require __DIR__.'/../vendor/autoload.php';

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Compose\Composer;
use BenchGlow\Compose\Offers;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Edit\TakePartOut;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Scene\TooMuch;
use BenchGlow\Ways\Sections;

ini_set('memory_limit', '1G');
/** How long things took, by what was done. */
final class Clock
{
    /** @var array<string, list<float>> milliseconds */
    public static array $ms = [];

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T|null null: refused in words
     */
    public static function time(string $what, callable $do): mixed
    {
        $from = hrtime(true);
        try {
            return $do();
        } catch (BadBuild|TooMuch) {
            return null;
        } finally {
            self::$ms[$what][] = (hrtime(true) - $from) / 1e6;
        }
    }
}

$documents = [];
foreach (glob(dirname(__DIR__).'/examples/*.glow.json') ?: [] as $file) {
    $documents[basename($file, '.glow.json')] = Document::fromJson((string) file_get_contents($file));
}
$answered = $asked = 0;
foreach ($documents as $document) {
    $build = Build::of($document);
    foreach (array_keys($build->circuits) as $circuit) {
        Clock::time('sections', fn (): Sections => Sections::of($document, $circuit));
    }
    foreach ($build->leads as $lead) {
        $place = new Fields(['lead' => $lead->id, 'core' => 1]);
        $with = Clock::time('insert', fn (): Document => Editor::apply($document, new InsertPart($place, 'schottky_3')));
        $new =
            $with !== null
                ? array_diff(array_keys(Build::of($with)->index->paths), array_keys($build->index->paths))
                : [];
        foreach ($new as $id) {
            if (str_starts_with($id, 'D')) {
                Clock::time('take out', fn (): Document => Editor::apply($with, new TakePartOut($id)));
            }
        }
    }
    foreach (array_slice($build->leads, 0, 3) as $lead) {
        if ($lead->circuit !== null) {
            Clock::time(
                'offers',
                fn (): array => (new Offers($document, new Fields(['lead' => $lead->id, 'core' => 1])))->all(),
            );
        }
    }
}
/** Wishes over what a build has: two, three and four things, by hand, lid, door and wires of the host. */
mt_srand(11);
foreach (
    [
        'wherry' => 'chart_locker',
        'j20-step-of-two-doors' => 'main',
        'j08-bar-lamp' => 'main',
        'j10-lid-and-master' => 'main',
    ] as $name => $circuit
) {
    $document = $documents[$name];
    $inputs = array_keys(Build::of($document)->inputs);
    for ($n = 0; $n < 40; $n++) {
        $leaves = min(count($inputs), 2 + ($n % 3));
        $picked = (array) array_rand(array_flip($inputs), max(1, $leaves));
        $when = array_map(
            fn (string $i): array => mt_rand(0, 3) === 0 ? ['not' => ['input' => $i]] : ['input' => $i],
            array_map(strval(...), $picked),
        );
        while (count($when) > 1) {
            $two = array_splice($when, 0, 2);
            $when[] = [mt_rand(0, 1) === 1 ? 'any' : 'all' => $two];
        }
        $found = Clock::time("wish of {$leaves}", fn () => (new Composer($document, $circuit))->of($when[0]));
        $asked++;
        $answered += $found !== null && $found->cards !== [] ? 1 : 0;
    }
}
foreach (Clock::$ms as $what => $list) {
    sort($list);
    $at = fn (float $share): float => $list[(int) floor($share * (count($list) - 1))];
    printf(
        "%-10s %4d   median %7.1f ms   p95 %7.1f ms   worst %7.1f ms\n",
        $what,
        count($list),
        $at(0.5),
        $at(0.95),
        $at(1.0),
    );
}
printf("%d of %d wishes have a proven circuit\n", $answered, $asked);
