<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Build\When;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\PartsList;
use BenchGlow\Story\Idea;
use BenchGlow\Story\Ideas;
use BenchGlow\Story\Player;
use BenchGlow\Story\Share;
use BenchGlow\Story\Story;
use BenchGlow\Ways\Recognise;
use Random\Engine\Mt19937;
use Random\Randomizer;

function demo(string $name): Document
{
    return Document::fromJson((string) file_get_contents(__DIR__."/../../examples/{$name}.glow.json"));
}

/** @return array{Story, list<Idea>} the first story of a demo build and its ideas for a circuit */
function compared(Document $document, string $circuit): array
{
    $story = Story::of($document->fields()->objects('stories')[0], Analysis::of($document)->build);

    return [$story, (new Ideas($document, $circuit))->of($story)];
}

it('gives ideas whose figures are whole: spans without gaps, shares that add up, nothing darker than wanted', function (
    string $name,
    string $circuit,
): void {
    [$story, $ideas] = compared(demo($name), $circuit);
    $wanted = $story->wantedS($circuit);
    foreach ($ideas as $idea) {
        $day = $idea->day;
        $at = 0.0;
        [$dark, $wasted, $lit] = [0.0, 0.0, 0.0];
        foreach ($day->spans as [$from, $to, $glows, $isWanted]) {
            expect($from)->toEqualWithDelta($at, 1e-6)->and($to)->toBeGreaterThan($from);
            $at = $to;
            $dark += $isWanted && ! $glows ? $to - $from : 0.0;
            $wasted += $glows && ! $isWanted ? $to - $from : 0.0;
            $lit += $glows ? $to - $from : 0.0;
        }
        expect($at)
            ->toEqualWithDelta($story->lasts, 1e-6)
            ->and([$day->darkS, $day->wastedS, $day->litS])
            ->toEqualWithDelta([$dark, $wasted, $lit], 1e-6)
            ->and($day->darkS)
            ->toBeLessThanOrEqual($wanted + 1e-6)
            ->and($day->litS - $day->wastedS + $day->darkS)
            ->toEqualWithDelta($wanted, 1e-6)
            ->and(array_sum(array_map(fn (Share $s): float => $s->seconds, $day->shares)))
            ->toEqualWithDelta($story->lasts, 1e-6)
            ->and(array_sum(array_map(fn (Share $s): float => $s->ampHours(), $day->shares)))
            ->toEqualWithDelta($day->ampHours, 1e-9)
            ->and(array_sum(array_map(fn (Share $s): float => $s->lit ? $s->seconds : 0.0, $day->shares)))
            ->toEqualWithDelta($day->litS, 1e-6)
            ->and($idea->price)
            ->toBeGreaterThan(0.0)
            ->and($idea->why)
            ->toEndWith('.')
            ->and($idea->failure)
            ->not->toBe('');
        foreach ($day->battery as [$s, $share]) {
            expect($s)
                ->toBeLessThanOrEqual($story->lasts + 1e-6)
                ->and($share)
                ->toBeGreaterThanOrEqual(0.0)
                ->toBeLessThanOrEqual(1.0);
        }
    }
    $costs = array_map(fn (Idea $i): float => $i->cost, $ideas);
    $sorted = $costs;
    sort($sorted);
    expect($costs)
        ->toBe($sorted)
        ->and(count(array_filter($ideas, fn (Idea $i): bool => $i->edit === null)))
        ->toBe(1)
        ->and(array_unique(array_map(fn (Idea $i): string => $i->name, $ideas)))
        ->toHaveCount(count($ideas));
})->with([
    ['heron', 'galley_shelf'],
    ['heron', 'cabin_steps'],
    ['wherry', 'boarding_step'],
    ['wherry', 'saloon_floor'],
    ['coffee-trike', 'counter_edge'],
]);

it('makes the build each idea promises: used, it is the present way with the same figures', function (
    string $name,
    string $circuit,
): void {
    $document = demo($name);
    [$story, $ideas] = compared($document, $circuit);
    foreach (array_slice(array_filter($ideas, fn (Idea $i): bool => $i->edit !== null), 0, 4) as $idea) {
        $used = Editor::apply($document, $idea->edit ?? []);
        expect(Recognise::of($used, $circuit)['way'] ?? null)->toBe($idea->way, $idea->name);
        $now = array_values(
            array_filter((new Ideas($used, $circuit))->of($story), fn (Idea $i): bool => $i->edit === null),
        )[0];
        expect([$now->day->darkS, $now->day->wastedS, $now->day->flatS])
            ->toBe([$idea->day->darkS, $idea->day->wastedS, $idea->day->flatS], $idea->name)
            ->and($now->day->ampHours)
            ->toEqualWithDelta($idea->day->ampHours, 1e-9);
    }
})->with([['heron', 'galley_shelf'], ['wherry', 'boarding_step'], ['coffee-trike', 'counter_edge']]);

it('plays random stories as a watch beside the bench would write them down, minute by minute', function (
    int $seed,
): void {
    $random = new Randomizer(new Mt19937($seed));
    $document = demo('wherry');
    $analysis = Analysis::of($document);
    $build = $analysis->build;
    $inputs = array_values(
        array_filter(
            array_keys($build->restPositions()),
            fn (string $i): bool => isset($analysis->combinations->all[0][$i]),
        ),
    );
    $events = $wanted = [];
    for ($n = 0; $n < 12; $n++) {
        $input = $inputs[$random->getInt(0, count($inputs) - 1)];
        $positions = $build->positions($input);
        $events[] = [60.0 * $random->getInt(0, 239), $input, $positions[$random->getInt(0, count($positions) - 1)]];
    }
    usort($events, fn (array $a, array $b): int => $a[0] <=> $b[0]);
    for ($n = 0; $n < 3; $n++) {
        $from = $random->getInt(0, 200);
        $wanted[] = ['boarding_step', 60.0 * $from, 60.0 * ($from + $random->getInt(1, 39))];
    }
    $story = new Story('s', 's', 14400.0, $events, $wanted);
    $day = (new Player($analysis, 'boarding_step'))->play($story);
    [$dark, $wasted, $lit] = [0, 0, 0];
    $so = $build->restPositions();
    for ($minute = 0; $minute < 240; $minute++) {
        foreach ($events as [$at, $input, $to]) {
            $so = $at === 60.0 * $minute ? [...$so, $input => $to] : $so;
        }
        $state = $analysis->scene($so, 'nominal');
        $glows =
            max(
                array_map(
                    fn ($e): float => $e->greatest(),
                    $state?->lit->lights[$build->lightsOf('boarding_step')[0]->id] ?? [],
                ),
            ) >= 0.05;
        $asked = array_filter($wanted, fn (array $w): bool => $w[1] <= 60.0 * $minute && 60.0 * $minute < $w[2]) !== [];
        [$dark, $wasted, $lit] = [
            $dark + ($asked && ! $glows ? 1 : 0),
            $wasted + ($glows && ! $asked ? 1 : 0),
            $lit + ($glows ? 1 : 0),
        ];
    }
    expect([$day->darkS, $day->wastedS, $day->litS])->toEqualWithDelta(
        [60.0 * $dark, 60.0 * $wasted, 60.0 * $lit],
        1e-6,
    );
})->with(range(1, 12));

it('never ranks a way lower for covering more wanted light, whatever else the story holds', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $document = demo('heron');
    $rest = Analysis::of($document)->build->restPositions();
    $from = 600.0 * $random->getInt(1, 40);
    $to = $from + 600.0 * $random->getInt(2, 30);
    $on = $from + 600.0 * $random->getInt(0, (int) (($to - $from) / 600.0) - 1);
    $story = fn (float $thrown): Story => new Story(
        's',
        's',
        86400.0,
        [[$thrown, 'galley_switch', 'on'], [$to, 'galley_switch', 'off']],
        [['galley_shelf', $from, $to]],
    );
    $hand = function (Story $story) use ($document): Idea {
        return array_values(
            array_filter(
                (new Ideas($document, 'galley_shelf'))->of($story),
                fn (Idea $i): bool => $i->name === 'a hand switch: galley switch',
            ),
        )[0];
    };
    [$late, $early] = [$story($on), $story($from)];
    expect($early->missed(new When(['input' => 'galley_switch']), $rest, 'galley_shelf')['dark'])
        ->toBe(0.0)
        ->and($hand($early)->cost)
        ->toBeLessThanOrEqual($hand($late)->cost + 1e-9);
})->with(range(1, 8));

it('holds a budget against the whole build, not against the circuit alone', function (): void {
    $document = demo('heron');
    $whole = PartsList::price(Analysis::of($document));
    $with = fn (float $budget): array => compared(
        Editor::apply(
            $document,
            new AddItem('brief.facts', new Fields(['id' => 'fact_x', 'kind' => 'budget', 'value' => (string) $budget])),
        ),
        'galley_shelf',
    )[1];
    $present = fn (array $ideas): array => array_values(array_filter($ideas, fn (Idea $i): bool => $i->edit === null))[0]
        ->breaks;
    expect($present($with(round($whole - 1.0, 2))))
        ->toHaveCount(1)
        ->and($present($with(round($whole + 1.0, 2))))
        ->toBe([]);
    foreach ($with(round($whole + 1.0, 2)) as $idea) {
        // What costs more than a unit over the present way is over it, however cheap the circuit is.
        expect(
            array_values(array_filter($idea->breaks, fn (string $b): bool => str_starts_with($b, 'the budget'))) !== [],
        )->toBe(
            PartsList::price(Analysis::of($idea->edit === null ? $document : Editor::apply($document, $idea->edit))) >
                $whole + 1.0,
            $idea->name,
        );
    }
});
