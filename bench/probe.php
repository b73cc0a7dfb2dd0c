<?php

declare(strict_types=1);

/*
 * Probing of practice hosts: readings, seconds, sure and wrong names for the program's own tests, for random ones and for going
 * condition by condition; how long the next test takes. The first argument is how many hosts, the second the goal.
 *   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M bench/probe.php 500 all
 */

require __DIR__.'/../vendor/autoload.php';

use BenchGlow\Build\Build;
use BenchGlow\Probe\Host\Dice;
use BenchGlow\Probe\Host\Generator;
use BenchGlow\Probe\Host\Host;
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

/**
 * One after the other, until all is known.
 *
 * @param  list<array{string, array<string, string>, string, string, bool}>  $list
 * @return callable(Probing): (array{string, array<string, string>, string, string, bool}|null)
 */
function inOrder(array $list): callable
{
    $n = 0;

    return function (Probing $probing) use (&$n, $list): ?array {
        return $probing->isDone() ? null : $list[$n++] ?? null;
    };
}

/** What one way of asking came to, over all hosts. */
final class Tally
{
    public int $hosts = 0;

    public int $readings = 0;

    public float $seconds = 0.0;

    /** @var array{wires: int, sure: int, wrong: int, needed: int, found: int, wrong_needed: int} */
    public array $score = ['wires' => 0, 'sure' => 0, 'wrong' => 0, 'needed' => 0, 'found' => 0, 'wrong_needed' => 0];

    public function add(Round $round, Host $host): void
    {
        $this->hosts++;
        $this->readings += count($round->readings);
        $this->seconds += $round->seconds;
        $score = $round->against($host);
        foreach (array_keys($this->score) as $what) {
            $this->score[$what] += $score[$what];
        }
    }

    public function says(): string
    {
        $s = $this->score;

        return sprintf(
            '%4d hosts, %5.1f readings and %5.0f s a host, %4.1f a wire, %5.1f %% sure, '.
                '%d of %d sure names wrong; %d of %d needs found, %d wrong',
            $this->hosts,
            $this->readings / $this->hosts,
            $this->seconds / $this->hosts,
            $this->readings / max(1, $s['wires']),
            (100 * $s['sure']) / max(1, $s['wires']),
            $s['wrong'],
            $s['sure'],
            $s['found'],
            $s['needed'],
            $s['wrong_needed'],
        );
    }
}

foreach ($goals as $goal) {
    /** @var array<string, Tally> $tallies */
    $tallies = [];
    $ms = [];
    for ($i = 1; $i <= $hosts; $i++) {
        $host = Generator::draw(5000 + $i, $places[$i % 4], $spots[$i % 3], 'worn');
        $each = [];
        foreach (questions(Build::of($host->document)) as [$with, $tool, $to, $on]) {
            foreach ($host->truths as $n => $truth) {
                if (! $truth->function->byHint) {
                    $each[] = ['p'.($n + 1), $with, $tool, $to, $on];
                }
            }
        }
        $timed = function (Probing $probing) use (&$ms): ?array {
            $from = hrtime(true);
            $test = NextTest::best($probing, null, 1)[0] ?? null;
            $ms[] = (hrtime(true) - $from) / 1e6;

            return $test === null
                ? null
                : [$test->wire, $test->condition->with, $test->instrument(), $test->to(), $test->powered()];
        };
        $ways = ['its own' => $timed];
        // The others take long: every fifth host.
        if ($i % 5 === 0) {
            $ways['random'] = inOrder((new Dice("order {$i}"))->shuffled($each));
            $ways['condition by condition'] = inOrder($each);
        }
        foreach ($ways as $name => $ask) {
            $tallies[$name] ??= new Tally();
            $tallies[$name]->add(Round::play($host, $goal, $ask, PATIENCE * count($host->truths)), $host);
        }
    }
    foreach ($tallies as $name => $tally) {
        printf("%-8s %-24s %s\n", $goal, $name, $tally->says());
    }
    sort($ms);
    printf(
        "%-8s next test: median %.0f ms, p95 %.0f ms, worst %.0f ms\n",
        $goal,
        $ms[intdiv(count($ms), 2)],
        $ms[(int) (0.95 * count($ms))],
        $ms[count($ms) - 1],
    );
}
