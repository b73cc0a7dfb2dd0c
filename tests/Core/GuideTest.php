<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepGate;
use BenchGlow\Edit\UseWay;
use BenchGlow\Ways\Ways;
use Tests\Support\Make;

/** @return array<int, string> steps of the walk, by their number */
function walk(): array
{
    $text = (string) file_get_contents(dirname(__DIR__, 2).'/docs/guide/faulty-build.md');
    preg_match_all('/^(\d+)\. (.+)$/m', $text, $steps);

    return array_combine(array_map(intval(...), $steps[1]), $steps[2]);
}

/** @return list<Finding> */
function openIn(Document $document, string $label): array
{
    $circuit = '';
    foreach ($document->fields()->objects('circuits') as $c) {
        $circuit = $c->text('label') === $label ? $c->text('id') : $circuit;
    }

    static $open = new WeakMap();
    $open[$document] ??= Review::of($document)->open();

    return array_values(array_filter($open[$document], fn (Finding $f): bool => $f->circuit === $circuit));
}

it('walks through the faulty build as the guide says, every button where it says so', function (): void {
    $document = Make::file('harbour-tour.glow.json');
    foreach (walk() as $n => $step) {
        preg_match_all('/\*\*(.+?)\*\*/', $step, $bold);
        if (str_starts_with($step, 'Open **Build**')) {
            foreach (array_slice($bold[1], 1) as $button) {
                $open = Review::of($document)->open();
                $fix = array_values(array_filter($open, fn (Finding $f): bool => $f->fix === $button));
                expect($fix)->not->toBe([], "step {$n}: Build has no button {$button}");
                $document = Editor::apply($document, $fix[0]->edit);
            }
        }
        if (str_starts_with($step, 'Open **Prove**')) {
            $document = Editor::apply(
                $document,
                new KeepGate('contact:fog_bell_s@off', 'as_it_should', '2026-11-28T10:00+02:00'),
            );
        }
        if (! str_starts_with($step, 'Choose')) {
            continue;
        }
        $circuit = array_shift($bold[1]);
        expect(count(openIn($document, $circuit)))->toBeGreaterThanOrEqual($circuit === 'Landing' ? 0 : 1, $circuit);
        foreach ($bold[1] as $button) {
            $fix = array_values(array_filter(openIn($document, $circuit), fn (Finding $f): bool => $f->fix === $button));
            expect($fix)->not->toBe([], "step {$n}: {$circuit} has no button {$button}");
            $document = Editor::apply($document, $fix[0]->edit);
        }
        foreach (Ways::ALL as $way => $class) {
            if (str_contains($step, '*'.(new $class())->name().'*')) {
                $id = strtolower(strtr($circuit, ' ', '_'));
                $document = Editor::apply($document, (new UseWay($id, $way))->saying());
            }
        }
    }
    $left = Review::of($document)->open();
    $dangers = array_filter($left, fn (Finding $f): bool => $f->severity === Severity::Danger);
    expect(array_map(fn (Finding $f): string => $f->message, $dangers))->toBe([]);
    // What is left is what the walk leaves to the builder: a part to choose and lengths to measure.
    expect(array_values(array_unique(array_map(fn (Finding $f): string => $f->rule, $left))))->each->toBeIn([
        'light.wrong_voltage',
        'intent.not_met',
        'lead.undecided',
        'wire.too_thin',
        'strip.heat',
        'supply.hours',
        'probe.conflict',
        'tap.live_leg',
        'hole.web_thin',
        'hole.behind',
        'panel.stroke_narrow',
        'panel.island',
        'lead.too_short',
        'hinge.short',
        'route.unguarded',
        'loom.full',
        'joint.buried',
        'plug.missing',
        'colour.twice',
        'harness.unplaced',
        'route.unfixed',
        'route.end_open',
        'strain.none',
        'lead.ends_apart',
        'tube.none',
        'build.out_of_order',
        'build.helper_needed',
        // What was cut is cut: a thicker wire means cutting it again.
        'build.built_otherwise',
        'build.step_orphaned',
        // What was mended after it was proven is proven again.
        'prove.stale',
    ]);
});

it('says what each finding of the walk says', function (): void {
    $said = array_map(fn (Finding $f): string => $f->message, Review::of(Make::file('harbour-tour.glow.json'))->open());
    foreach (walk() as $n => $step) {
        preg_match_all('/(?<!\*)\*([A-Z][^*]+\.)\*(?!\*)/', $step, $quoted);
        foreach ($quoted[1] as $sentence) {
            $words = preg_replace('/^The relay /', '', rtrim($sentence, '.'));
            expect(implode("\n", $said))->toMatch(
                '~'.preg_quote(explode(':', (string) $words)[0], '~').'~',
                "step {$n}",
            );
        }
    }
});
