<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use Tests\Support\Corpus;

it('finds nothing wrong with a sound build', function (string $name): void {
    $review = Review::of(Corpus::sound()[$name]->document());
    $intent = $review->analysis->intents['main'];
    $said = array_map(
        fn (Finding $f): string => "{$f->severity->value} {$f->rule} {$f->subject}: {$f->message}",
        array_filter($review->open(), fn (Finding $f): bool => $f->severity !== Severity::Note),
    );
    // What is right on either side is noted all the same.
    $notes = array_diff(array_map(fn (Finding $f): string => $f->rule, $review->open()), ['light.live_when_off']);
    expect([$intent->verdict, $said, array_values($notes)])->toBe(['met', [], []]);
})->with(array_keys(Corpus::sound()));

it('says what is wrong with a spoilt one', function (string $name): void {
    [$base, $spoil, $says] = Corpus::faulty()[$name];
    $sound = Corpus::sound()[$base]->data;
    $review = Review::of(Document::fromJson((string) json_encode($spoil($sound), JSON_PRESERVE_ZERO_FRACTION)));
    $said = array_map(fn (Finding $f): string => "{$f->rule} {$f->subject}", $review->open());
    foreach ($review->analysis->intents['main']->mismatches as $miss) {
        $said["because: {$miss->because}"] = "because: {$miss->because}";
    }
    $of = array_filter($said, fn (string $s): bool => str_starts_with($s, $says));
    expect($of)->not->toBe([], "{$says} is not among: ".implode(' | ', $said));
    // And it was silent of it before.
    $before = array_map(
        fn (Finding $f): string => "{$f->rule} {$f->subject}",
        Review::of(Corpus::sound()[$base]->document())->open(),
    );
    expect(array_filter($before, fn (string $s): bool => str_starts_with($s, $says)))->toBe([]);
})->with(array_keys(Corpus::faulty()));

it('is of many kinds', function (): void {
    expect(count(Corpus::sound()))->toBe(22)->and(count(Corpus::faulty()))->toBeGreaterThanOrEqual(35);
});
