<?php

declare(strict_types=1);

/*
 * Faults planted in builds that are not quite as planned (lengths ±10 %, watts ±5 %, supply ±1.5 %, resistances of faults × 0.5 to
 * 1.8, 2 % wrong looks, 1 % slips, 30 mV noise): how often the finder names them, after how many looks and readings; and how long
 * a table takes. A circuit's first symptom is seen before it is asked.
 *
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M bench/faults.php [hunts a circuit]
 */

require __DIR__.'/../vendor/autoload.php';

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultTable;
use BenchGlow\Prove\Finder;
use BenchGlow\Prove\NextTry;
use BenchGlow\Prove\Observation;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Seen;
use BenchGlow\Prove\Sight;
use BenchGlow\Prove\StatesThatMatter;
use BenchGlow\Prove\Works;
use Random\Engine\Mt19937;
use Random\Randomizer;

ini_set('memory_limit', '2G');
$many = (int) ($argv[1] ?? 6);
$dice = new Randomizer(new Mt19937(17));
$uniform = fn (): float => $dice->getInt(0, 0x3FFFFFFF) / 0x3FFFFFFF;
$share = fn (float $by): float => 1.0 + $by * (2.0 * $uniform() - 1.0);
$disturbed = function (Document $document) use ($share): Document {
    $edits = [];
    foreach ($document->fields()->objects('leads') as $lead) {
        $last = 0.0;
        foreach ($lead->objects('inline') as $thing) {
            $last = max($last, $thing->number('at_m'));
        }
        $long = $lead->numberOrNull('length_m');
        if ($long !== null) {
            $edits[] = new SetField($lead->text('id'), 'length_m', max($last, round($long * $share(0.1), 3)));
        }
    }
    foreach ($document->fields()->objects('parts') as $part) {
        $watts = $part->numberOrNull('watts_per_m');
        if ($watts !== null) {
            $edits[] = new SetField($part->text('id'), 'watts_per_m', round($watts * $share(0.05), 4));
        }
    }
    foreach ($document->fields()->objects('supplies') as $supply) {
        $volts = round($supply->number('nominal_v') * $share(0.015), 3);
        $volts = min($supply->number('max_v'), max($supply->number('min_v'), $volts));
        $edits[] = new SetField($supply->text('id'), 'nominal_v', $volts);
    }

    return array_reduce($edits, fn (Document $d, SetField $e): Document => Editor::apply($d, $e), $document);
};
$noisy = function (NextTry $try, Seen $seen, string $fault) use ($dice, $uniform): Observation {
    if ($try->kind === 'look') {
        $word = $seen->looks[$try->at] ?? 'right';
        $word = $uniform() < 0.02 ? Sight::WORDS[$dice->getInt(0, 4)] : $word;

        return new Observation('look', $try->state, $try->at, null, $word);
    }
    if ($try->kind === 'fuse') {
        return new Observation('fuse', $try->state, $try->at, null, "fuse:{$try->at}" === $fault ? 'blown' : 'whole');
    }
    $volts = $seen->volts[$try->at] ?? null;
    if ($volts === null) {
        return new Observation('volts', $try->state, $try->at, $dice->getInt(0, 1) === 1 ? null : 0.0, null);
    }
    $noise = sqrt(-2 * log(max(1e-9, $uniform()))) * cos(2 * M_PI * $uniform());
    $volts = $uniform() < 0.01 ? 12.0 * $uniform() : $volts + 0.03 * $noise;

    return new Observation('volts', $try->state, $try->at, $volts, null);
};
$first = $three = $hunts = $unseen = $else = 0;
$readings = $times = $nextMs = [];
$kinds = [];
$shown = $visible = 0;
foreach (glob(__DIR__.'/../examples/*.glow.json') ?: [] as $file) {
    $document = Document::fromJson((string) file_get_contents($file));
    $analysis = Analysis::of($document);
    $real = Analysis::of($disturbed($document));
    foreach (array_keys($analysis->build->circuits) as $circuit) {
        if ($analysis->build->lightsOf($circuit) === []) {
            continue;
        }
        $begun = hrtime(true);
        $table = new FaultTable(new Works($analysis, $circuit));
        $matter = StatesThatMatter::of($table);
        $cells = count($table->faults) * count($table->states);
        $times[] = [(hrtime(true) - $begun) / 1e6, $cells, count($matter->states)];
        $visible += count($matter->visible);
        $shown += count(array_intersect($matter->seen, $matter->visible));
        $truth = new FaultTable(new Works($real, $circuit));
        $keys = array_keys($table->faults);
        for ($n = 0; $n < $many && $keys !== []; $n++) {
            $key = $keys[$dice->getInt(0, count($keys) - 1)];
            $was = $truth->faults[$key] ?? null;
            if ($was === null) {
                continue;
            }
            $times_ = 0.5 * 3.6 ** $uniform();
            $added = array_map(
                fn (float $o): float => $o >= Overlay::OPEN_OHM ? $o : $o * $times_,
                $was->overlay->added,
            );
            $one = $was->overlay;
            $overlay = new Overlay(
                $added,
                $one->set,
                $one->turned,
                $one->moved,
                $one->bridged,
                $one->forced,
                $one->supplies,
            );
            $row = $truth->rowOf(new Fault($key, $was->kind, $was->places, $was->says, $was->weight, $overlay));
            $seen = [];
            foreach ($matter->states as $state) {
                foreach ($row[$truth->state($table->states[$state])]->looks as $emitter => $word) {
                    $seen === [] && $word !== 'right'
                        ? ($seen[] = new Observation('look', $state, $emitter, null, $word))
                        : null;
                }
            }
            if ($seen === []) {
                $unseen++;

                continue;
            }
            $hunts++;
            do {
                $finder = new Finder($table, $matter, $seen);
                $asked = hrtime(true);
                $next = $finder->next(1);
                $nextMs[] = (hrtime(true) - $asked) / 1e6;
                $next === [] ? null : ($seen[] = $noisy($next[0], $row[$truth->state($next[0]->with)], $key));
            } while ($next !== []);
            $ranked = array_map(
                fn (array $r): array => array_map(fn (Fault $f): string => $f->key, $r[0]->faults),
                array_slice($finder->ranked(), 0, 3),
            );
            $isFirst = in_array($key, $ranked[0] ?? [], true);
            $isThree = in_array($key, array_merge([], ...$ranked), true);
            $first += (int) $isFirst;
            $three += (int) $isThree;
            $else += (int) $finder->noneFits();
            $readings[] = count($seen) - 1;
            $kinds[$was->kind][] = $isThree;
        }
    }
}
sort($readings);
sort($nextMs);
usort($times, fn (array $a, array $b): int => $a[0] <=> $b[0]);
printf("%d hunts, %d faults no state shows to the eye\n", $hunts, $unseen);
printf(
    "first %.1f %%, in the first three %.1f %%, none fits %d\n",
    (100 * $first) / $hunts,
    (100 * $three) / $hunts,
    $else,
);
printf(
    "looks and readings: median %d, 90 %% within %d\n",
    $readings[intdiv($hunts, 2)],
    $readings[(int) (0.9 * $hunts)],
);
foreach ($kinds as $kind => $all) {
    printf("  %-14s %3d of %3d in the first three\n", $kind, count(array_filter($all)), count($all));
}
printf(
    "states that matter: %d at most; %d of %d faults to be seen are shown\n",
    max([0, ...array_column($times, 2)]),
    $shown,
    $visible,
);
$slowest = $times[count($times) - 1];
printf(
    "tables: median %.0f ms, slowest %.0f ms (%d faults × states); next act: median %.1f ms, slowest %.1f ms\n",
    $times[intdiv(count($times), 2)][0],
    $slowest[0],
    $slowest[1],
    $nextMs[intdiv(count($nextMs), 2)],
    end($nextMs),
);
