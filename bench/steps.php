<?php

declare(strict_types=1);

/*
 * How long an order of work takes to find: every example with its steps, hours and changes of the power; a job of 200 and of 400
 * steps, with the parts that grow in line with it apart.
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/steps.php
 */

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Edit\CopyCircuit;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Choices;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Network;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\StepList;
use BenchGlow\Steps\Times;

require dirname(__DIR__).'/vendor/autoload.php';

/** @param  callable(): mixed  $run */
function median(callable $run): float
{
    $all = [];
    for ($i = 0; $i < 7; $i++) {
        $begun = hrtime(true);
        $run();
        $all[] = (hrtime(true) - $begun) / 1e6;
    }
    sort($all);

    return $all[3];
}

$document = fn (string $name): Document => Document::fromJson(
    (string) file_get_contents(dirname(__DIR__)."/examples/{$name}.glow.json"),
);

foreach (glob(dirname(__DIR__).'/examples/*.glow.json') ?: [] as $path) {
    $name = basename($path, '.glow.json');
    $list = new LoomList(Analysis::of($document($name)));
    $plan = new Plan($list);
    printf(
        "%-28s %3d steps %3d acts %5.1f h hands %5.1f h in all, %d power changes\n",
        $name,
        count($plan->steps->all),
        count($plan->acts),
        $plan->hands()['likely'],
        $plan->end / 3600,
        $plan->powerChanges,
    );
}

$grown = $document('j03-colour-poles');
foreach ([200, 400] as $wanted) {
    do {
        $list = new LoomList(Analysis::of($grown));
        $job = fn (): Job => new Job($list, Choices::of(new Fields([])), new Times());
        $count = count((new StepList($job()))->all);
        if ($count < $wanted) {
            $circuit = $grown->fields()->objects('circuits')[0]->text('id');
            $grown = Editor::apply($grown, new CopyCircuit($circuit, "Copy {$count}"));
        }
    } while ($count < $wanted);
    $steps = new StepList($job());
    printf(
        "%d steps: %.0f ms in all; steps %.0f ms, network %.0f ms\n",
        $count,
        median(fn () => new Plan($list)),
        median(fn () => new StepList($job())),
        median(fn () => new Network($steps)),
    );
}
