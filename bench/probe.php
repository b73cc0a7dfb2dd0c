<?php

declare(strict_types=1);

/*
 * Probing of practice hosts: readings, seconds, sure and wrong names for the program's own tests, for random ones and for going
 * condition by condition; how long the next test takes. The first argument is how many hosts, the second the goal.
 *   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M bench/probe.php 500 all
 */

require __DIR__.'/../vendor/autoload.php';

use BenchGlow\Build\Build;
use BenchGlow\Probe\Condition;
use BenchGlow\Probe\Host\Dice;
use BenchGlow\Probe\Host\Generator;
use BenchGlow\Probe\Host\Round;
use BenchGlow\Probe\NextTest;
use BenchGlow\Probe\Probing;

ini_set('memory_limit', '2G');
$hosts = (int) ($argv[1] ?? 40);
$goals = isset($argv[2]) ? [$argv[2]] : ['all', 'needed'];
$places = ['boat', 'road_vehicle', 'cycle', 'other'];
$spots = ['lamp', 'loom', 'panel'];
/** Readings a wire after which the other ways of asking stop. */
const PATIENCE = 18;

/** @return list<array{array<string, string>, string, string, bool}> everything one could ask of a wire */
function questions(Build $build): array
{
    $conditions = [[]];
    foreach ($build->inputs as $id => $input) {
        foreach (array_slice($input->positions, 1) as $position) {
            $conditions[] = [$id => $position];
            $conditions[] = [$id => $position, ...isset($build->inputs['key']) ? ['key' => 'run'] : []];
        }
    }
    $all = [];
    foreach ($conditions as $with) {
        $all[] = [$with, 'meter', 'ground', true];
        $all[] = [$with, 'meter', 'plus', true];
    }
    $all[] = [[], 'meter', 'ground', false];

    return $all;
}

/** @return callable(Probing): (array{string, array<string, string>, string, string, bool}|null) */
function inOrder(array $list): callable
{
    $n = 0;

    return function (Probing $probing) use (&$n, $list): ?array {
        return $probing->isDone() || $n >= count($list) ? null : $list[$n++];
    };
}

foreach ($goals as $goal) {
    $sums = [];
    $ms = [];
    for ($i = 1; $i <= $hosts; $i++) {
        $host = Generator::draw(5000 + $i, $places[$i % 4], $spots[$i % 3], 'worn');
        $build = Build::of($host->document);
        $dice = new Dice("order {$i}");
        $each = [];
        foreach (questions($build) as [$with, $tool, $to, $on]) {
            foreach (array_keys($host->truths) as $n) {
                if (! $host->truths[$n]->function->byHint) {
                    $each[] = ['p'.($n + 1), $with, $tool, $to, $on];
                }
            }
        }
        $most = PATIENCE * count($host->truths);
        $timed = function (Probing $probing) use (&$ms): ?array {
            $from = hrtime(true);
            $test = NextTest::best($probing, null, 1)[0] ?? null;
            $ms[] = (hrtime(true) - $from) / 1e6;

            return $test === null
                ? null
                : [$test->wire, $test->condition->with, $test->instrument(), $test->to(), $test->powered()];
        };
        $ways = ['its own' => $timed];
        if ($i % 5 === 0) {
            $ways['random'] = inOrder($dice->shuffled($each));
            $ways['condition by condition'] = inOrder($each);
        }
        foreach ($ways as $name => $ask) {
            $round = Round::play($host, $goal, $ask, $most);
            $score = [
                ...$round->against($host),
                'readings' => count($round->readings),
                'seconds' => $round->seconds,
                'hosts' => 1,
            ];
            foreach ($score as $what => $value) {
                $sums[$name][$what] = ($sums[$name][$what] ?? 0) + $value;
            }
        }
    }
    foreach ($sums as $name => $s) {
        printf(
            "%-8s %-24s %4d hosts, %5.1f readings and %5.0f s a host, %4.1f a wire, %5.1f %% sure, %d of %d sure names wrong; %d of %d needs found, %d wrong\n",
            $goal,
            $name,
            $s['hosts'],
            $s['readings'] / $s['hosts'],
            $s['seconds'] / $s['hosts'],
            $s['readings'] / $s['wires'],
            (100 * $s['sure']) / $s['wires'],
            $s['wrong'],
            $s['sure'],
            $s['found'],
            $s['needed'],
            $s['wrong_needed'],
        );
    }
    sort($ms);
    printf(
        "%-8s next test: median %.0f ms, p95 %.0f ms, worst %.0f ms\n",
        $goal,
        $ms[intdiv(count($ms), 2)],
        $ms[(int) (0.95 * count($ms))],
        end($ms),
    );
}
