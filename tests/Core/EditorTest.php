<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Edit\Accept;
use BenchGlow\Edit\AddCircuit;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddLight;
use BenchGlow\Edit\CopyCircuit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\FeedStrip;
use BenchGlow\Edit\MoveItem;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetWire;
use BenchGlow\Edit\SplitRun;
use BenchGlow\Edit\Unaccept;
use BenchGlow\Edit\UsePart;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use Tests\Support\Make;

it('sets one field and nothing else', function (): void {
    $before = Make::shelf();
    $after = Editor::apply($before, Make::set('shelf_light', 'wanted_m', 1.84));
    expect($after->json)
        ->toBe(str_replace('"wanted_m": 3.34', '"wanted_m": 1.84', $before->json))
        ->and($before->json)
        ->toContain('3.34');
    expect(
        Editor::apply($before, Make::set('build', 'settings.drop_target', 0.05))
            ->fields()
            ->object('settings')
            ->number('drop_target'),
    )->toBe(0.05);
    expect(Editor::apply($before, Make::set('F1', 'fuse_a', 5))->json)->toContain('"fuse_a": 5');
});

it('adds things in line in the order of their place', function (): void {
    $after = Make::edited(
        Make::shelf(),
        new AddItem(
            'leads.shelf_light_feed.inline',
            new Fields(['id' => 'R1', 'kind' => 'resistor', 'at_m' => 2, 'ohm' => 1]),
        ),
        new AddItem(
            'leads.shelf_light_feed.inline',
            new Fields(['id' => 'R2', 'kind' => 'resistor', 'at_m' => 1, 'ohm' => 1]),
        ),
    );
    expect(array_column($after->data['leads'][0]['inline'], 'id'))->toBe(['F1', 'R2', 'R1']);
});

it('removes a light with its leads, its wants and what named it', function (): void {
    $two = Make::edited(
        Make::shelf(),
        new AddLight(
            'shelf',
            new Fields(['kind' => 'strip', 'wanted_m' => 1, 'mirror_of' => 'shelf_light']),
            Catalogue::part('strip_white_12_144') ?? new Fields([]),
            'bank',
        ),
    );
    expect(count($two->data['lights']))->toBe(2)->and(count($two->data['parts']))->toBe(1);
    $one = Editor::apply($two, new RemoveItem('shelf_light'));
    expect(array_column($one->data['lights'], 'id'))
        ->toBe(['shelf_light_2'])
        ->and(array_column($one->data['leads'], 'id'))
        ->toBe(['shelf_light_2_feed'])
        ->and(count($one->data['circuits'][0]['wants']))
        ->toBe(1)
        ->and($one->json)
        ->not->toContain('mirror_of');
});

it('removes any thing of any example whole, or says what still stands on it', function (string $file): void {
    $document = Make::file($file);
    foreach (Index::of($document)->sections as $id => $section) {
        try {
            $left = Editor::apply($document, new RemoveItem($id));
        } catch (BadBuild $e) {
            expect($e->getMessage())->toMatch(
                '~`'.$id.'` (is still used by|still feeds) `|still goes by `'.$id.'`~',
            );

            continue;
        }
        // What was read from its writing again holds: no reference hangs in the air.
        expect(Index::of(Document::fromJson($left->json))->has($id))->toBeFalse("{$id} of {$section}");
    }
})->with(fn (): array => array_map(basename(...), glob(dirname(__DIR__, 2).'/examples/*.glow.json') ?: []));

it('takes nothing along that only reads the same: a position, a pin of a part, a word', function (): void {
    $sash = Make::file('j11-signal-sash.glow.json');
    $left = Editor::apply($sash, new RemoveItem('left'));
    expect($left->data['inputs'])
        ->toEqual($sash->data['inputs'])
        ->and($left->data['parts'])
        ->toEqual($sash->data['parts']);
});

it('takes a circuit out of the stories that want it', function (): void {
    $wherry = Make::file('wherry.glow.json');
    $wanted = fn (Document $d): array => array_merge(
        ...array_map(
            fn (Fields $s): array => array_map(fn (Fields $w): string => $w->text('circuit'), $s->objects('wanted')),
            $d->fields()->objects('stories'),
        ),
    );
    expect($wanted($wherry))
        ->toContain('boarding_step')
        ->and($wanted(Editor::apply($wherry, new RemoveItem('boarding_step'))))
        ->not->toContain('boarding_step');
});

it('removes a circuit whole and refuses a part in use', function (): void {
    $none = Editor::apply(Make::shelf(), new RemoveItem('shelf'));
    expect([$none->data['circuits'], $none->data['lights'], $none->data['leads']])->toBe([[], [], []]);
    expect(fn () => Editor::apply(Make::shelf(), new RemoveItem('strip_white_12_144')))
        ->toThrow(BadBuild::class, '`strip_white_12_144` is still used by `shelf_light`.')

        ->and(fn () => Editor::apply(Make::shelf(), new RemoveItem('nobody')))
        ->toThrow(BadBuild::class, 'nothing has the id `nobody`; it may have been removed.');
});

it('feeds a strip elsewhere and back again to the same bytes', function (): void {
    $start = Make::shelf();
    $both = Editor::apply($start, new FeedBothEnds('shelf_light'));
    expect(count($both->data['leads']))
        ->toBe(2)
        ->and($both->data['leads'][1]['cores'])
        ->toBe([
            ['shelf_light.start.plus', 'shelf_light.end.plus'],
            ['shelf_light.start.minus', 'shelf_light.end.minus'],
        ])
        ->and($both->data['leads'][1]['length_m'])
        ->toBe(3.4)

        ->and(Editor::apply($both, new FeedStrip('shelf_light', 'start'))->json)
        ->toBe($start->json)
        ->and(Editor::apply($both, new FeedBothEnds('shelf_light'))->json)
        ->toBe($both->json);
    $middle = Editor::apply($start, new FeedStrip('shelf_light', 'middle'));
    expect($middle->data['leads'][0]['cores'][0][1])
        ->toBe('shelf_light.middle.plus')
        ->and(count($middle->data['leads']))
        ->toBe(1);
    expect(fn () => Editor::apply($start, new FeedStrip('shelf_light', 'sideways')))
        ->toThrow(BadBuild::class, 'start, end, both or middle')

        ->and(fn () => Editor::apply(Make::row(), new FeedBothEnds('row_light')))
        ->toThrow(BadBuild::class, 'only a strip has feed points');
});

it('splits a run into two that add up', function (): void {
    $two = Editor::apply(Make::shelf(3.0), new SplitRun('shelf_light'));
    $build = Build::of($two);
    expect(array_sum(array_map(fn ($l) => $l->wantedM(), $build->lights)))
        ->toEqualWithDelta(3.0, 1e-9)
        ->and(count($two->data['circuits'][0]['wants'][0]['glow']))
        ->toBe(2);
    $states = Analysis::of($two)->states['nominal']->lights;
    expect($states['shelf_light']['w']->uniformity())->toBeGreaterThan(
        Analysis::of(Make::shelf(3.0))->states['nominal']->lights['shelf_light']['w']->uniformity(),
    );
});

it('copies a circuit with new ids everywhere', function (): void {
    $copy = Editor::apply(Make::shelf(), new CopyCircuit('shelf', 'Shelf below'));
    expect(array_column($copy->data['circuits'], 'id'))
        ->toBe(['shelf', 'shelf_below'])
        ->and($copy->data['circuits'][1]['flag'])
        ->not->toBe($copy->data['circuits'][0]['flag'])

        ->and($copy->data['lights'][1]['circuit'])
        ->toBe('shelf_below')
        ->and($copy->data['leads'][1]['cores'][0])
        ->toBe(['bank.plus', 'shelf_light_2.start.plus'])
        ->and($copy->data['leads'][1]['inline'][0]['id'])
        ->toBe('F1_2');
    $a = Analysis::of($copy);
    expect($a->circuitA('shelf_below', 'nominal'))->toEqualWithDelta($a->circuitA('shelf', 'nominal'), 1e-9);
});

it('moves a circuit before another', function (): void {
    $copy = Make::edited(Make::shelf(), new CopyCircuit('shelf', 'Below'), new MoveItem('below', 'shelf'));
    expect(array_column($copy->data['circuits'], 'id'))->toBe(['below', 'shelf']);
});

it('changes a part and lays the leads anew when the strip has other wires', function (): void {
    $colour = Editor::apply(
        Make::shelf(),
        new UsePart('shelf_light', Catalogue::part('strip_rgb_12_144') ?? new Fields([])),
    );
    expect(array_column($colour->data['parts'], 'id'))
        ->toBe(['strip_rgb_12_144'])
        ->and(count($colour->data['leads'][0]['cores']))
        ->toBe(4);
    expect(count(Analysis::of($colour)->states['nominal']->lights['shelf_light']))->toBe(3);
    expect(
        fn () => Editor::apply(
            Make::shelf(),
            new UsePart('shelf_light', Catalogue::part('led_red_5') ?? new Fields([])),
        ),
    )->toThrow(BadBuild::class, 'needs a light of its own');
});

it('chooses a wire by size, once, and lets it follow again', function (): void {
    $thick = Make::edited(Make::shelf(), new SetWire('shelf_light_feed', 2.5), new SetWire('shelf_light_feed', 2.5));
    expect($thick->data['leads'][0]['wire'])
        ->toBe('wire_2_5mm2')
        ->and(count($thick->data['parts']))
        ->toBe(2);
    expect(Editor::apply($thick, new SetWire('shelf_light_feed', null))->data['leads'][0]['wire'])->toBeNull();
});

it('sets a finding aside only with a reason', function (): void {
    expect(fn () => Editor::apply(Make::shelf(), new Accept('strip.dim_end', 'shelf_light', ' ')))->toThrow(
        BadBuild::class,
        'needs its reason',
    );
    $aside = Editor::apply(Make::shelf(), new Accept('strip.dim_end', 'shelf_light', 'a board hides that end'));
    expect(Make::findings($aside))
        ->toBe(['note strip.cut_mismatch shelf_light'])
        ->and(Make::findings(Editor::apply($aside, new Unaccept('strip.dim_end', 'shelf_light'))))
        ->toBe(Make::findings(Make::shelf()))
        ->and(Editor::apply($aside, new RemoveItem('shelf_light'))->data['accepted'])
        ->toBe([]);
});

it('refuses an edit that would leave no build, and an unknown one', function (): void {
    expect(fn () => Editor::apply(Make::shelf(), Make::set('shelf_light', 'wanted_m', -1)))
        ->toThrow(BadBuild::class, '/lights/0/wanted_m: expected a number from 0 to 1000, found -1.')
        ->and(fn () => Edits::read(['op' => 'ad']))
        ->toThrow(BadBuild::class, 'there is no edit `ad`')

        ->and(fn () => Editor::apply(Make::shelf(), new RemoveItem('bank')))
        ->toThrow(BadBuild::class, '`bank` still feeds `shelf_light_feed`')

        ->and(fn () => Editor::apply(Make::shelf(), Make::set('shelf_light', 'id', 'x')))
        ->toThrow(BadBuild::class, 'an id stays');
});

it('leaves a valid build after any run of random edits', function (): void {
    mt_srand(5);
    $document = Make::shelf();
    foreach (range(1, 120) as $n) {
        $ids = array_keys(Build::of($document)->lights);
        $id = $ids[mt_rand(0, count($ids) - 1)] ?? null;
        $edit = match (mt_rand(0, 5)) {
            0 => new AddCircuit(
                "C {$n}",
                new Fields(['kind' => 'leds', 'count' => mt_rand(1, 20), 'per_string' => 2, 'ohm' => 330]),
                Catalogue::part('led_white_5') ?? new Fields([]),
            ),
            1 => new FeedStrip((string) $id, ['start', 'end', 'middle', 'both'][mt_rand(0, 3)]),
            2 => new CopyCircuit('shelf', "Copy {$n}"),
            3 => new RemoveItem((string) $id),
            4 => Make::set((string) $id, 'label', "Light {$n}"),
            default => new SplitRun((string) $id),
        };
        try {
            $document = Editor::apply($document, $edit);
        } catch (BadBuild) {
            continue;
        }
        expect(Document::fromJson($document->json)->json)->toBe($document->json);
        if (strlen($document->json) > 60_000) {
            $document = Make::shelf();
        }
    }
});

it('says which section it does not know, and what may have been meant', function (string $section, string $says): void {
    expect(fn () => Editor::apply(Make::shelf(), new AddItem($section, new Fields(['id' => 'zz']))))->toThrow(
        BadBuild::class,
        $says,
    );
})->with([
    ['lihgts', 'a build has no section `lihgts`. Did you mean `lights`?'],
    ['', 'a build has no section ``.'],
    ['attic', 'a build has no section `attic`.'],
]);
