<?php

declare(strict_types=1);

use App\Store\Difference;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetWire;
use Tests\Support\Make;

it('finds nothing between a build and itself', function (): void {
    expect(Difference::of(Make::shelf(), Make::shelf()))->toBe([]);
});

it('names a field that differs by its thing, with both values', function (): void {
    $theirs = Make::edited(Make::shelf(), Make::set('shelf_light', 'wanted_m', 2));
    $yours = Make::edited(Make::shelf(), Make::set('shelf_light', 'wanted_m', 1.5));
    expect(Difference::of($theirs, $yours))->toBe([
        ['name' => 'Shelf', 'field' => 'wanted_m', 'theirs' => '2', 'yours' => '1.5'],
    ]);
});

it('says what is there on one side only, and what is left to the recommendation', function (): void {
    $theirs = Make::edited(Make::shelf(), new RemoveItem('F1'));
    $rows = Difference::of($theirs, Make::shelf());
    expect($rows)->toContain(['name' => 'Fuse F1', 'field' => '', 'theirs' => 'not there', 'yours' => 'there']);
    $back = Difference::of(Make::shelf(), $theirs);
    expect($back)->toContain(['name' => 'Fuse F1', 'field' => '', 'theirs' => 'there', 'yours' => 'not there']);
    $wired = Make::edited(Make::shelf(), new SetWire('shelf_light_feed', 2.5));
    $wire = array_values(
        array_filter(Difference::of(Make::shelf(), $wired), fn (array $r): bool => $r['field'] === 'wire'),
    );
    expect($wire[0]['theirs'])->toBe('as recommended')->and($wire[0]['yours'])->not->toBe('as recommended');
});

it('tells the build\'s own fields apart from those of its things, and cuts long values', function (): void {
    $named = Make::edited(Make::shelf(), Make::set('build', 'title', 'Heron'));
    expect(Difference::of(Make::shelf(), $named))->toBe([
        ['name' => 'the build', 'field' => 'title', 'theirs' => 'Test bench', 'yours' => 'Heron'],
    ]);
    foreach (Difference::of(Make::shelf(), Make::edited(Make::shelf(), new FeedBothEnds('shelf_light'))) as $row) {
        expect(mb_strlen($row['theirs']))
            ->toBeLessThanOrEqual(60)
            ->and(mb_strlen($row['yours']))
            ->toBeLessThanOrEqual(60);
    }
});
