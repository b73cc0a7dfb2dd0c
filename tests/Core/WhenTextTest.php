<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Build\WhenText;
use BenchGlow\Quantity\NotUnderstood;

function spoken(): Document
{
    return Document::fromJson((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json'));
}

it('reads what people say and prints it back', function (string $text, array $when, ?string $printed = null): void {
    $read = WhenText::read($text, spoken());
    expect($read)
        ->toBe($when)
        ->and(WhenText::say($read, spoken()))
        ->toBe($printed ?? $text)
        ->and(WhenText::read(WhenText::say($read, spoken()), spoken()))
        ->toBe($when);
})->with([
    ['brake lever on', ['input' => 'brake']],
    ['turn switch left', ['input' => 'turn', 'is' => 'left']],
    ['turn switch left/right', ['input' => 'turn', 'is' => ['left', 'right']]],
    ['turn', ['input' => 'turn'], 'turn switch thrown'],
    ['light rocker off', ['input' => 'lights', 'is' => 'off']],
    ['brake lever on or light rocker on', ['any' => [['input' => 'brake'], ['input' => 'lights']]]],
    [
        'Light Rocker ON and not brake',
        ['all' => [['input' => 'lights'], ['not' => ['input' => 'brake']]]],
        'light rocker on and not brake lever on',
    ],
    [
        'light rocker on unless brake lever on',
        ['all' => [['input' => 'lights'], ['not' => ['input' => 'brake']]]],
        'light rocker on and not brake lever on',
    ],
    [
        'not (brake lever on or turn switch left)',
        ['not' => ['any' => [['input' => 'brake'], ['input' => 'turn', 'is' => 'left']]]],
    ],
    ['always', ['all' => []]],
    ['never', ['any' => []]],
]);

it('says what it could not make out', function (string $text, string $says): void {
    expect(fn () => WhenText::read($text, spoken()))->toThrow(NotUnderstood::class, $says);
})->with([
    ['', 'say when, as "lid up"'],
    ['hatch lid up', "'hatch' is no input of this build; it has light rocker, brake lever, turn switch."],
    ['turn switch sideways', "turn switch has no position 'sideways'; it has off, left, right."],
    ['brake lever on and', 'something is missing at the end.'],
    ['(brake lever on', 'a bracket is not closed.'],
    ['brake lever on light rocker on', "'light' was not understood there."],
]);

it('gives no article to someone', function (string $label, string $says): void {
    $document = Document::fromJson(
        (string) json_encode([
            'format' => 'bench-glow/build',
            'version' => 1,
            'title' => 't',
            'place' => 'boat',
            'supplies' => [],
            'circuits' => [],
            'inputs' => [['id' => 'i', 'kind' => 'motion', 'label' => $label, 'positions' => ['still', 'there']]],
        ]),
    );
    expect(WhenText::sentence(['input' => 'i', 'is' => 'there'], $document))->toBe($says);
})->with([
    ['Someone at the stove', 'someone at the stove is there'],
    ['Anchor watch', 'the anchor watch is there'],
    ['The hatch', 'the hatch is there'],
]);

it('says a circuit\'s wishes as one sentence, precedence spoken', function (): void {
    $document = spoken();
    $build = BenchGlow\Build\Build::of($document);
    expect(BenchGlow\Build\Sentence::of($build, $build->circuits['rear']))
        ->toBe([
            'The left rear lamp\'s red and the right rear lamp\'s red glow low when the light rocker is on, and brighter while the brake lever is on.',
        ])
        ->and(BenchGlow\Build\Sentence::of($build, $build->circuits['turns']))
        ->toBe([
            'The left rear lamp\'s amber flashes when the turn switch is left.',
            'The right rear lamp\'s amber flashes when the turn switch is right.',
        ])
        ->and(
            WhenText::sentence(
                [
                    'all' => [
                        ['any' => [['input' => 'lights'], ['input' => 'brake']]],
                        ['not' => ['input' => 'turn', 'is' => 'left']],
                    ],
                ],
                $document,
            ),
        )
        ->toBe('the light rocker is on or the brake lever is on, unless the turn switch is left');
});

it('takes a condition apart into clauses and puts it together again', function (string $text, ?int $clauses): void {
    $when = WhenText::read($text, spoken());
    $parts = BenchGlow\Build\Clauses::of($when, spoken());
    expect($parts === null ? null : count($parts))->toBe($clauses);
    if ($parts !== null) {
        expect(
            WhenText::read(
                BenchGlow\Build\Clauses::words(array_column($parts, 'text'), array_column($parts, 'join')),
                spoken(),
            ),
        )->toBe($when);
    }
})->with([
    ['brake lever on', 1],
    ['always', 1],
    ['not brake lever on', 1],
    ['brake lever on or light rocker on', 2],
    ['brake lever on and not light rocker on', 2],
    ['brake lever on or light rocker on unless turn switch left', 3],
    ['brake lever on or light rocker on or turn switch left', 3],
    ['(brake lever on or light rocker on) and turn switch left', null],
]);
