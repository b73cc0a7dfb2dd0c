<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Together;
use BenchGlow\Check\Tries;
use BenchGlow\Command\Report;
use BenchGlow\Edit\AddCircuit;
use BenchGlow\Edit\AddLight;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use Tests\Support\Faults;
use Tests\Support\Make;
use Tests\Support\Rig;
use Tests\Support\RigFaults;

/** A long strip whose far end is dim. */
function dim(float $metres): Document
{
    return Make::shelf($metres);
}

function found(Document $document, string $rule): Finding
{
    $of = array_filter(Review::of($document)->open(), fn (Finding $f): bool => $f->rule === $rule);

    return array_values($of)[0];
}

it('says what a fix reaches, and what was asked where it falls short', function (float $metres, string $says): void {
    $document = dim($metres);
    $tried = (new Tries($document))->of(found($document, 'strip.dim_end'));
    expect($tried?->helps)->toBeTrue()->and($tried?->reaches)->toBe($says);
    // What it says is what one then has.
    $after = Analysis::of(Editor::apply($document, found($document, 'strip.dim_end')->edit));
    $emitter = array_values($after->litState('shelf_light', 'nominal')->lights['shelf_light'])[0];
    expect((int) $says)->toBe((int) round(100 * $emitter->uniformity()));
})->with([[3.35, '90 %'], [6.5, '74 %, you asked 85 %']]);

it('does not offer what does not help', function (): void {
    $document = dim(3.35);
    $finding = found($document, 'strip.dim_end');
    $idle = new Finding(
        $finding->rule,
        $finding->severity,
        $finding->circuit,
        $finding->subject,
        $finding->message,
        'Call it something else',
        new SetField('shelf_light', 'label', 'Shelf, the dim one'),
    );
    $refused = new Finding(
        $finding->rule,
        $finding->severity,
        $finding->circuit,
        $finding->subject,
        $finding->message,
        'Feed what is not there',
        new FeedBothEnds('nothing'),
    );
    $tries = new Tries($document);
    expect($tries->of($idle)?->helps)->toBeFalse()->and($tries->of($refused))->toBeNull();
});

it('says so when a fix makes something else worse', function (): void {
    $document = Make::edited(Make::shelf(1.0), Make::set('F1', 'fuse_a', 15));
    $finding = found($document, 'fuse.exceeds_wire');
    $worse = new Finding(
        $finding->rule,
        $finding->severity,
        $finding->circuit,
        $finding->subject,
        $finding->message,
        'Fit 1 A',
        new SetField('F1', 'fuse_a', 1),
    );
    $tried = (new Tries($document))->of($worse);
    expect($tried?->helps)
        ->toBeTrue()
        ->and($tried?->worse)
        ->toBe(['The fuse opens in use: 1 A fuse, 1.79 A runs through it for hours. Fit 3 A.'])
        ->and($tried?->says())
        ->toStartWith('But then: The fuse opens in use');
});

it('offers nothing that leaves a danger it does not speak of', function (string $rule, callable $faulty): void {
    $document = $faulty();
    $tries = new Tries($document);
    $before = Make::findings($document);
    foreach (Together::of(Review::of($document)->analysis, Review::of($document)->open()) as $finding) {
        $tried = $tries->of($finding);
        if ($tried?->helps !== true || $finding->edit === null) {
            continue;
        }
        $left = Review::of(Editor::apply($document, $finding->edit))->open();
        foreach ($left as $f) {
            $new = ! in_array("{$f->severity->value} {$f->rule} {$f->subject}", $before, true);
            if ($new && $f->severity === Severity::Danger) {
                expect($tried->worse)->toContain($f->message);
            }
        }
    }
    expect($before)->not->toBe([]);
})->with(
    array_map(
        fn (string $rule, array $case): array => [$rule, $case[0]],
        array_keys([...Faults::cases(), ...RigFaults::cases()]),
        [...Faults::cases(), ...RigFaults::cases()],
    ),
);

it('tells what is the same of several things as one, and mends it at one place', function (): void {
    $rig = Rig::on('house_bank_12', place: 'boat');
    $rig->data['parts'][] = ['id' => 'thin', 'kind' => 'wire', 'area_mm2' => 0.75];
    $rig->input('hand')
        ->switch('s', 'hand')
        ->light('pod', 'module', 'pod_warm_12')
        ->want(['input' => 'hand'], 'pod');
    $rig->fused('bank.plus', 's.1', 2.0);
    $rig->lead('s.2', 'pod.plus', ['wire' => 'thin', 'length_m' => 1.0, 'label' => 'Feed of the pod']);
    $rig->lead('pod.minus', 'bank.minus', ['wire' => 'thin', 'length_m' => 1.0, 'label' => 'Return of the pod']);
    $document = $rig->document();
    $review = Review::of($document);
    $one = array_values(
        array_filter(
            Together::of($review->analysis, $review->open()),
            fn (Finding $f): bool => $f->rule === 'wire.too_thin',
        ),
    );
    expect($one)
        ->toHaveCount(1)
        ->and($one[0]->places())
        ->toBe(['lead_1', 'lead_2'])
        ->and($one[0]->message)
        ->toBe(
            '2 leads are 0.75 mm²: on a boat a single wire has 1 mm² at least, one of a sheathed cable 0.75. '.
                'They are feed of the pod and return of the pod.',
        )
        ->and($one[0]->fix)
        ->toBe('Lay 1 mm², at all 2')
        ->and(Make::findings(Editor::apply($document, $one[0]->edit)))
        ->not->toContain('note wire.too_thin lead_1')
        ->not->toContain('note wire.too_thin lead_2');
    $reported = Report::of($review)['findings'];
    $same = array_values(array_filter($reported, fn (array $f): bool => $f['rule'] === 'wire.too_thin'));
    expect($same)
        ->toHaveCount(1)
        ->and($same[0]['places'])
        ->toBe(['lead_1', 'lead_2']);
});

it('tells leads without a length in one sentence', function (): void {
    $rig = Rig::on()
        ->input('hand')
        ->switch('s', 'hand')
        ->light('pod', 'module', 'pod_warm_12')
        ->want(['input' => 'hand'], 'pod')
        ->lead('bank.plus', 's.1', ['length_m' => null])
        ->lead('s.2', 'pod.plus', ['length_m' => null])
        ->lead('pod.minus', 'bank.minus', ['length_m' => null]);
    $review = Review::of($rig->document());
    $said = array_map(fn (Finding $f): string => $f->message, Together::of($review->analysis, $review->open()));
    expect($said)->toContain(
        '3 leads have no length: what they lose is not told, nor if their fuses open. Computed as 0 m. '.
            'They are bank + to hand switch, 1, hand switch, 2 to pod + and pod − to bank −.',
    );
});

it('keeps findings apart that say different things', function (): void {
    $document = Make::edited(
        Make::circuit(
            Make::circuit(Make::bare(), 'One', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 2.0], 1.0),
            'Two',
            'strip_white_12_144',
            ['kind' => 'strip', 'wanted_m' => 2.0],
            1.0,
        ),
        Make::set('F1', 'fuse_a', 0.5),
        Make::set('F2', 'fuse_a', 1),
    );
    $review = Review::of($document);
    $small = array_filter(
        Together::of($review->analysis, $review->open()),
        fn (Finding $f): bool => $f->rule === 'fuse.too_small',
    );
    expect($small)->toHaveCount(2);
});

it('puts an amplifier in where one controller can\'t give enough', function (): void {
    $part = Catalogue::part('strip_rgb_12_144') ?? new Fields([]);
    $strip = fn (string $label): Fields => new Fields(['kind' => 'strip', 'label' => $label, 'wanted_m' => 4]);
    $document = Rig::on()->document();
    foreach (
        [
            new AddCircuit('Edge', $strip('Edge'), $part),
            new AddLight('edge', $strip('Other edge'), $part, how: 'with'),
            (new UseWay('edge', 'colour'))->saying(),
        ] as $edit
    ) {
        $document = Editor::apply($document, $edit);
    }
    foreach (['dimmer.channel_over', 'controller.total_over'] as $rule) {
        $finding = found($document, $rule);
        $tried = (new Tries($document))->of($finding);
        expect($finding->fix)
            ->toBe('Put an amplifier in')
            ->and($tried?->helps)
            ->toBeTrue()
            ->and($tried?->says())
            ->toBe('But then: 6 new wires have no length yet.');
        $after = Review::of(Editor::apply($document, $finding->edit ?? new Batch([])))->open();
        expect(array_filter($after, fn (Finding $f): bool => $f->rule === $rule))->toBe([]);
    }
});
