<?php

declare(strict_types=1);

use App\Store\Bench;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\SetField;
use Tests\Support\AtBuild;

it('shows the act now, its figure, why it comes now, the job as one wire and what stands open', function (): void {
    $build = $this->hungExample('heron');
    $response = $this->get("/b/{$build->key}/build")->assertOk();
    $page = AtBuild::words($response);
    expect($page)
        ->toContain('act 1 of')
        ->toContain('Now: ')
        ->toContain('The job, one wire:')
        ->toContain('What stands open')
        ->toContain('Side-deck strip off, 6 screws in bag A')
        ->toContain('acts');
    expect($response->getContent())->toContain('class="act-drawing"')->toContain('class="bead-now"');
    // No id and no word of the code is read by a builder.
    expect($page)->not->toMatch('/\b[a-z]+_[a-z_]+\b/');
});

it('marks an act with the facts that were seen, goes on to the next, and takes it back', function (): void {
    $build = $this->hungExample('j22-cabinet');
    $page = $this->get("/b/{$build->key}/build")->assertOk();
    expect(AtBuild::words($page))->toContain('Lay out parts and tools');
    AtBuild::sends($this, $build, [
        'op' => 'done',
        'steps' => '["kit:all"]',
        'as' => '{}',
        'words' => 'Lay out parts and tools',
    ])->assertOk();
    expect(AtBuild::marked($this->stands($build)))->toBe(['kit:all']);
    expect(AtBuild::words($this->get("/b/{$build->key}/build")))->not->toContain('Now: a missing drill or fuse');
    $done = $this->stands($build)->fields()->object('work')->objects('done')[0];
    expect($done->text('on'))->toMatch('/^\d{4}-\d\d-\d\dT\d\d:\d\d[+-]/');
    app(Bench::class)->undo($build->refresh(), $build->head, 'back', 'w');
    expect(AtBuild::marked($this->stands($build)))->toBe([]);
});

it('keeps every mark of two windows, none twice', function (): void {
    $build = $this->hungExample('heron');
    $seen = $build->refresh()->head;
    $steps = array_map(fn (int $n): string => "photo:thing_{$n}", range(1, 40));
    foreach ($steps as $n => $step) {
        // Both windows go on from what they saw at first: each mark is put on what the bench has come to.
        $answer = AtBuild::sends(
            $this,
            $build,
            ['op' => 'done', 'steps' => json_encode([$step]), 'words' => 'a picture'],
            $seen,
        );
        $answer->assertOk();
    }
    $all = AtBuild::marked($this->stands($build));
    expect(array_intersect($steps, $all))->toHaveCount(40);
    expect(array_unique($all))->toHaveCount(count($all));
});

it('does not confirm a cut that has changed meanwhile', function (): void {
    $build = $this->hungExample('heron');
    $seen = $build->refresh()->head;
    app(Bench::class)->write($build, $seen, 'longer', 'w', new SetField('nameboard_light_feed', 'length_m', 3.0));
    $cut = ['op' => 'done', 'steps' => '["cut:nameboard_light_feed"]', 'words' => 'Cut it'];
    expect(AtBuild::words(AtBuild::sends($this, $build, $cut, $seen)))->toContain('changed');
    expect(AtBuild::marked($this->stands($build)))->not->toContain('cut:nameboard_light_feed');
});

it('brings back the plan, not the past', function (): void {
    $build = $this->hungExample('j22-cabinet');
    $bench = app(Bench::class);
    $first = $build->refresh()->head;
    $bench->write($build, $first, 'a', 'w', new SetField('build', 'title', 'Another title'));
    $bench->write($build->refresh(), $build->head, 'b', 'w', new Mark(['kit:all'], '2026-06-01T18:00+02:00', 'kit'));
    $bench->restore($build->refresh(), $build->head, 'c', 'w', $first);
    $stands = $this->stands($build);
    expect($stands->title())
        ->not->toBe('Another title')
        ->and(AtBuild::marked($stands))
        ->toBe(['kit:all']);
    expect($bench->revision($build->refresh(), $build->head)->what)->toContain('1 done steps kept');
});

it('says what is done otherwise, and offers what mends it', function (): void {
    $build = $this->hungExample('j22-cabinet');
    $first = "cut:{$this->stands($build)->fields()->objects('leads')[0]->text('id')}";
    AtBuild::sends($this, $build, [
        'op' => 'otherwise',
        'steps' => json_encode([$first]),
        'as' => json_encode([$first => ['length_m' => 9.0]]),
        'words' => 'Cut the lead',
        'figure' => '0.40 m',
    ])->assertOk();
    expect(AtBuild::marked($this->stands($build)))->toBe([$first]);
    expect(AtBuild::words($this->get("/b/{$build->key}/build")))
        ->toContain('it was done 0.4 m long, and the build says')
        ->toContain('The build is right as it was made');
});

it('answers bad input with a sentence that names the field', function (array $fields, string $says): void {
    $build = $this->hungExample('heron');
    $head = $build->refresh()->head;
    expect(AtBuild::words(AtBuild::sends($this, $build, $fields)))->toContain($says);
    expect($build->refresh()->head)->toBe($head);
})->with([
    [['op' => 'hours', 'days' => ['mo'], 'from' => '25:10', 'to' => '26:00'], '"25:10" is no time of day. Type 18:00.'],
    [['op' => 'hours', 'days' => ['mo'], 'from' => '20:00', 'to' => '18:00'], 'To: 18:00 is not after 20:00.'],
    [['op' => 'hours', 'from' => '18:00', 'to' => '20:00'], 'Days: choose at least one.'],
    [
        ['op' => 'fastener', 'panel' => 'deck_strip', 'kind' => 'bolt', 'count' => '4', 'size' => 'M5x?'],
        'M5x? has no length; type M5x16, or leave the length out.',
    ],
    [
        ['op' => 'fastener', 'panel' => 'deck_strip', 'kind' => 'bolt', 'count' => 'some'],
        'How many: expected a whole number',
    ],
    [['op' => 'panel', 'label' => ''], 'It is called: expected up to 60 letters'],
    [['op' => 'mistake', 'cause' => 'fate'], 'Cause: choose what comes nearest.'],
    [['op' => 'not_now', 'step' => 'kit:all', 'words' => 'Kit', 'until' => 'soon'], 'Until: expected a day'],
    [['op' => 'otherwise', 'steps' => '["kit:all"]', 'words' => 'Kit'], 'Otherwise: say how it was done'],
    [['op' => 'own_step', 'text' => ''], 'What: what is to be done?'],
    [['op' => 'done', 'steps' => '[]'], 'The page is older than the build'],
]);

it('takes a panel off in one form, with its fasteners, and closes it last', function (): void {
    $build = $this->hungExample('j22-cabinet');
    AtBuild::sends($this, $build, ['op' => 'panel', 'label' => 'Back board', 'off' => 'slides down'])->assertOk();
    AtBuild::sends($this, $build, [
        'op' => 'fastener',
        'panel' => 'back_board',
        'kind' => 'screw',
        'count' => '6',
        'size' => 'no 4 x 1/2',
        'bag' => 'A',
    ])->assertOk();
    $page = AtBuild::words($this->get("/b/{$build->key}/build"));
    expect($page)->toContain('Take off back board')->toContain('0 of 6 back')->toContain('6 × screw no 4 x 1/2');
    AtBuild::sends($this, $build, [
        'op' => 'edit',
        'edit' => json_encode(['op' => 'fasten', 'id' => 'fastener', 'state' => 'back']),
    ])->assertOk();
    expect(AtBuild::words($this->get("/b/{$build->key}/build")))->toContain('6 of 6 back');
});

it('plans each way of working when asked, and takes one by one press', function (): void {
    $build = $this->hungExample('j22-cabinet');
    expect(AtBuild::words($this->get("/b/{$build->key}/build")))->toContain('Plan each of them');
    $page = AtBuild::words($this->get("/b/{$build->key}/build?see=ways")->assertOk());
    expect($page)->toContain('Wires first')->toContain('Lamps first')->toContain('on the bench');
    AtBuild::sends($this, $build, [
        'op' => 'edit',
        'edit' => json_encode(['op' => 'choose', 'choice' => 'order', 'value' => 'mount_first']),
    ])->assertOk();
    expect($this->stands($build)->fields()->object('work')->object('plan')->text('order'))->toBe('mount_first');
});

it('hands out the order of work and the tray sheet', function (string $what, string $type): void {
    $build = $this->hungExample('heron');
    $answer = $this->get("/b/{$build->key}/build/paper/{$what}")->assertOk();
    expect($answer->headers->get('content-type'))->toContain($type);
})->with([['steps.pdf', 'application/pdf'], ['steps.csv', 'text/csv'], ['tray.pdf', 'application/pdf']]);

it('has a page of the guide', function (): void {
    expect(AtBuild::words($this->get('/guide/build')))->toContain('One act at a time');
});
