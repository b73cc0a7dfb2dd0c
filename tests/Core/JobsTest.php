<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Command\Report;
use BenchGlow\Report\Analysis;
use BenchGlow\Report\Intent;
use Tests\Support\Jobs;

/** The whole truth table at the normal supply, as a builder writes it: what glows, at which level. @return array<string, string> */
function truth(Analysis $a): array
{
    $table = [];
    foreach ($a->scenes as $scene) {
        if ($scene->supply !== 'nominal') {
            continue;
        }
        $lit = [];
        foreach ($scene->lit->lights as $light => $emitters) {
            foreach ($emitters as $name => $e) {
                if ($e->flux !== [] && $e->greatest() > $a->build->settings->darkTo) {
                    $lit[] = "{$e->name} {$e->level($a->build->settings)}".(Intent::flashes($a->build, $scene, $light, $name) ? ' flashing' : '');
                }
            }
        }
        $table[implode(' ', array_map(fn (string $i, string $p): string => "{$i}={$p}", array_keys($scene->inputs), $scene->inputs))] = $lit === [] ? 'dark' : implode(', ', $lit);
    }

    return $table;
}

it('keeps the example files as they are built', function (string $job): void {
    $job = Jobs::all()[$job];
    expect((string) file_get_contents(__DIR__."/../../examples/{$job->file}.glow.json"))->toBe($job->document->json);
})->with(array_keys(Jobs::all()));

it('glows in every state as its builder wants', function (string $job): void {
    $job = Jobs::all()[$job];
    $a = Analysis::of($job->document);
    expect(truth($a))->toBe($job->truth)
        ->and($a->intents['main']->mismatches)->toBe([])
        ->and($a->intents['main']->verdict)->toBe('met');
    foreach ($a->scenes as $scene) {
        expect($scene->solved())->toBeTrue();
    }
    foreach (Report::of($a, 'all')['circuits'][0]['states'] as $state) {
        expect(array_column($state['host'], 'back_fed'))->not->toContain(true);
    }
})->with(array_keys(Jobs::all()));

it('gives no danger where nothing is wrong', function (string $job): void {
    $open = Analysis::of(Jobs::all()[$job]->document)->open();
    expect(array_map(fn ($f): string => "{$f->rule} {$f->message}", array_filter($open, fn ($f): bool => $f->severity->value === 'danger')))->toBe([]);
})->with(array_keys(Jobs::all()));

it('names the planted fault', function (string $job): void {
    $job = Jobs::all()[$job];
    $raw = json_decode($job->document->json);
    ($job->fault)($raw);
    $a = Analysis::of(Document::fromDecoded(json_decode((string) json_encode($raw))));
    $said = array_map(fn ($f): string => "{$f->rule} {$f->subject} {$f->message}", $a->open());
    foreach (Report::of($a, 'all')['circuits'][0]['states'] as $state) {
        if (in_array(true, array_column($state['host'], 'back_fed'), true)) {
            $said[] = 'back-fed';
        }
    }
    foreach ($a->intents['main']->mismatches as $m) {
        $said[] = $m->because;
    }
    expect(implode("\n", $said))->toContain($job->named);
})->with(array_keys(Jobs::all()));

it('reports a diode turned round, wherever it stands', function (): void {
    $turned = 0;
    foreach (Jobs::all() as $name => $job) {
        $raw = json_decode($job->document->json);
        foreach ($raw->leads as $lead) {
            foreach ($lead->inline ?? [] as $thing) {
                if ($thing->kind === 'diode') {
                    $thing->points = $thing->points === 'to' ? 'from' : 'to';
                    $a = Analysis::of(Document::fromDecoded($raw));
                    expect($a->intents['main']->verdict)->toBe('not_met', "{$name}: {$thing->id} turned round");
                    $thing->points = $thing->points === 'to' ? 'from' : 'to';
                    $turned++;
                }
            }
        }
    }
    expect($turned)->toBeGreaterThanOrEqual(3);
});
