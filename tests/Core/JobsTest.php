<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Command\Report;
use Tests\Support\Jobs;

/** The whole truth table at the normal supply, as a builder writes it: what glows, at which level. @return array<string, string> */
function truth(Analysis $a): array
{
    $table = [];
    foreach ($a->scenes() as $scene) {
        if ($scene->supply !== 'nominal') {
            continue;
        }
        $lit = [];
        foreach ($scene->lit->lights as $light => $emitters) {
            foreach ($emitters as $name => $e) {
                if ($e->flux !== [] && $e->greatest() > $a->build->settings->darkTo) {
                    $lit[] =
                        "{$e->name} {$e->level($a->build->settings)}".
                        (Judgement::flashes($a->build, $scene, $light, $name) ? ' flashing' : '');
                }
            }
        }
        $table[
            implode(
                ' ',
                array_map(fn (string $i, string $p): string => "{$i}={$p}", array_keys($scene->inputs), $scene->inputs),
            )
        ] = $lit === [] ? 'dark' : implode(', ', $lit);
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
    expect(truth($a))
        ->toBe($job->truth)
        ->and($a->intents['main']->mismatches)
        ->toBe([])
        ->and($a->intents['main']->verdict)
        ->toBe('met');
    foreach ($a->scenes() as $scene) {
        expect($scene->solved())->toBeTrue();
    }
    foreach (Report::of(Review::reviewed($a), 'all')['circuits'][0]['states'] as $state) {
        expect(array_column($state['host'], 'back_fed'))->not->toContain(true);
    }
})->with(array_keys(Jobs::all()));

it('has exactly these findings where nothing is wrong', function (string $job): void {
    $findings = [
        // An unused resting contact, lamps at voltage while dark, what a radio draws: said, and right so.
        'J04' => ['note lead.unused_live k'],
        'J05' => ['note light.live_when_off lamps'],
        'J10' => ['note light.live_when_off edge'],
        'J11' => ['note supply.standby bank'],
        'J22' => ['note fuse.may_not_blow F1'],
        'J14' => ['warning resistor.too_hot row_l', 'warning resistor.too_hot row_r'],
    ];
    $open = Review::of(Jobs::all()[$job]->document)->open();
    expect(array_map(fn ($f): string => "{$f->severity->value} {$f->rule} {$f->subject}", $open))->toBe(
        $findings[$job] ?? [],
    );
})->with(array_keys(Jobs::all()));

it('names the planted fault', function (string $job): void {
    $job = Jobs::all()[$job];
    $raw = json_decode($job->document->json);
    ($job->fault)($raw);
    $a = Analysis::of(Document::fromDecoded(json_decode((string) json_encode($raw))));
    $said = array_map(fn ($f): string => "{$f->rule} {$f->subject} {$f->message}", Review::reviewed($a)->open());
    foreach (Report::of(Review::reviewed($a), 'all')['circuits'][0]['states'] as $state) {
        if (in_array(true, array_column($state['host'], 'back_fed'), true)) {
            $said[] = 'back-fed';
        }
    }
    foreach ($a->intents['main']->mismatches as $m) {
        $said[] = $m->because;
    }
    $said[] = (string) $a->intents['main']->reason;
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

/** What a build says of itself: verdict, findings, back-fed loads. @return list<string> */
function said(Document $document): array
{
    $a = Analysis::of($document);
    $said = [
        $a->intents['main']->verdict,
        ...array_map(fn ($f): string => "{$f->rule} {$f->subject}", Review::reviewed($a)->open()),
    ];
    foreach ($a->scenes() as $scene) {
        foreach ($a->bodies->loads as $key => $load) {
            if (
                ! isset($scene->closed["{$load->wire}.live"]) &&
                abs((float) $scene->lit->between($load->from, $load->to)) > 0.1 * $load->atV
            ) {
                $said[] = "back-fed {$key}";
            }
        }
    }

    return array_values(array_unique($said));
}

it('says so when any single core is taken off', function (string $job): void {
    $document = Jobs::all()[$job]->document;
    $sound = said($document);
    $raw = json_decode($document->json);
    foreach ($raw->leads as $n => $lead) {
        [$from, $to] = $lead->cores[0];
        $lead->cores[0] = [$from, null];
        expect(said(Document::fromDecoded($raw)))->not->toBe($sound, "lead {$n} of {$job} is off, and nothing says so");
        $lead->cores[0] = [$from, $to];
    }
})->with(array_keys(Jobs::all()));

it('says so when two neighbouring cores of the trike are crossed', function (): void {
    $raw = json_decode((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json'));
    $crossed = 0;
    foreach ($raw->leads as $lead) {
        foreach (array_keys(array_slice($lead->cores, 1)) as $c) {
            [$lead->cores[$c][1], $lead->cores[$c + 1][1]] = [$lead->cores[$c + 1][1], $lead->cores[$c][1]];
            $a = Analysis::of(Document::fromDecoded($raw));
            $verdicts = array_map(fn ($i): string => $i->verdict, $a->intents);
            expect(in_array('not_met', $verdicts, true) || Review::reviewed($a)->open() !== [])->toBeTrue(
                "cores {$c} and the next of {$lead->id} crossed, and nothing says so",
            );
            [$lead->cores[$c][1], $lead->cores[$c + 1][1]] = [$lead->cores[$c + 1][1], $lead->cores[$c][1]];
            $crossed++;
        }
    }
    expect($crossed)->toBe(1 + 4 + 3 + 3);
});

it('says so when two neighbouring leads are crossed at their far ends', function (string $job): void {
    $document = Jobs::all()[$job]->document;
    $sound = said($document);
    $raw = json_decode($document->json);
    foreach (array_slice($raw->leads, 1) as $n => $next) {
        $lead = $raw->leads[$n];
        [$a, $b] = [$lead->cores[0][1], $next->cores[0][1]];
        // From one terminal to two, or two taps of one trunk, or from two to one: crossing changes no connection.
        $froms = [$lead->cores[0][0], $next->cores[0][0]];
        $trunk = array_filter(
            $raw->leads,
            fn (stdClass $l): bool => ! isset($l->inline) && array_diff($froms, $l->cores[0]) === [],
        );
        if ($a === $b || $froms[0] === $froms[1] || $trunk !== []) {
            continue;
        }
        [$lead->cores[0][1], $next->cores[0][1]] = [$b, $a];
        expect(said(Document::fromDecoded($raw)))->not->toBe(
            $sound,
            "the far ends of {$lead->id} and {$next->id} of {$job} are crossed, and nothing says so",
        );
        [$lead->cores[0][1], $next->cores[0][1]] = [$a, $b];
    }
})->with(array_keys(Jobs::all()));
