<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\FormatOne;
use BenchGlow\Format\JsonSchema;
use BenchGlow\Parts\Catalogue;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\Support\Make;

function exampleFiles(): array
{
    return array_map(fn (string $f): array => [basename($f)], glob(__DIR__.'/../../examples/*.glow.json') ?: []);
}

function schemaErrors(mixed $decoded): array
{
    static $schema = null;
    static $validator = null;
    $validator ??= new Validator();
    $schema ??= json_decode((string) file_get_contents(__DIR__.'/../../schema/build-1.json'));
    $error = $validator->validate($decoded, $schema)->error();

    return $error === null ? [] : array_keys((new ErrorFormatter())->format($error, false));
}

it('publishes the schema it reads by', function (): void {
    expect(json_decode((string) file_get_contents(__DIR__.'/../../schema/build-1.json'), true))->toBe(
        json_decode((string) json_encode(JsonSchema::of(FormatOne::shape())), true),
    );
});

it('reads every example without loss and writes the same bytes again', function (string $file): void {
    $text = (string) file_get_contents(__DIR__."/../../examples/{$file}");
    $document = Document::fromJson($text);
    expect(json_decode($document->json))
        ->toEqual(json_decode($text))
        ->and(Document::fromJson($document->json)->json)
        ->toBe($document->json)
        ->and(schemaErrors(json_decode($text)))
        ->toBe([]);
})->with(exampleFiles());

it('keeps an empty object apart from an empty list', function (): void {
    $with = json_decode(Make::bare()->json);
    $with->settings = new stdClass();
    $with->never = [];
    expect(Document::fromDecoded($with)->json)->toContain('"settings": {}')->toContain('"never": []');
});

/**
 * One wrong thing somewhere in a valid file: a field renamed, removed, retyped or put out of range.
 *
 * @return array{mixed, string}
 */
function mutate(stdClass $build): string
{
    $places = [];
    $walk = function (mixed $node, string $path) use (&$walk, &$places): void {
        if ($node instanceof stdClass) {
            foreach (array_keys(get_object_vars($node)) as $key) {
                $places[] = [$node, $key, "{$path}/{$key}"];
                $walk($node->{$key}, "{$path}/{$key}");
            }
        } elseif (is_array($node)) {
            foreach ($node as $i => $item) {
                $walk($item, "{$path}/{$i}");
            }
        }
    };
    $walk($build, '');
    [$owner, $key, $path] = $places[mt_rand(0, count($places) - 1)];
    $value = $owner->{$key};
    switch (mt_rand(0, 3)) {
        case 0:
            $owner->{$key.'q'} = $value;
            break;
        case 1:
            $owner->{$key} = match (true) {
                is_string($value) => 17,
                is_array($value) => new stdClass(),
                $value instanceof stdClass => 'text',
                default => 'text',
            };
            break;
        case 2:
            $owner->{$key} =
                is_int($value) || is_float($value) ? -1e12 : (is_string($value) ? str_repeat('x y', 3000) : 3.5);
            break;
        default:
            $owner->{$key} = is_array($value) ? 'not a list' : [[]];
    }

    return $path;
}

it('refuses mutated files at the same path as the schema', function (): void {
    mt_srand(20261125);
    $refused = 0;
    $texts = array_map(
        fn (array $f): string => (string) file_get_contents(__DIR__."/../../examples/{$f[0]}"),
        exampleFiles(),
    );
    for ($n = 0; $refused < 200; $n++) {
        expect($n)->toBeLessThan(2000);
        $build = json_decode($texts[$n % count($texts)]);
        $what = mutate($build);
        $paths = schemaErrors($build);
        if ($paths === []) {
            continue; // a map's new key or the like: still a build in shape
        }
        try {
            Document::fromDecoded($build);
            $path = 'was taken';
        } catch (BadBuild $e) {
            $path = $e->path === '' ? '/' : $e->path;
        }
        expect(in_array($path, $paths, true))->toBeTrue(
            "{$what}: the schema says ".implode(' ', $paths).", the reader {$path}",
        );
        $refused++;
    }
});

it('names the near miss', function (string $from, string $to, string $says): void {
    $text = str_replace($from, $to, Make::shelf()->json);
    expect(fn () => Document::fromJson($text))->toThrow(BadBuild::class, $says);
})->with([
    ['"wanted_m"', '"wantd_m"', '/lights/0: unknown field `wantd_m`. Did you mean `wanted_m`?'],
    [
        '"kind": "strip",'."\n".'            "part"',
        '"kind": "stripe",'."\n".'            "part"',
        '/lights/0/kind: expected one of strip, leds, module, found "stripe". Did you mean `strip`?',
    ],
    [
        '"bank.plus"',
        '"bank.pluss"',
        '/leads/0/cores/0/0: `bank` has no pin `pluss`; it has plus, minus. Did you mean `plus`?',
    ],
    ['"bank.plus"', '"bnak.plus"', 'nothing has the id `bnak`. Did you mean `bank`?'],
    ['"title": "Test bench"', '"title": ""', '/title: expected text of 1 to 200 characters, found "".'],
    ['"min_v": 11.8', '"min_v": 12.9', '/supplies/0/min_v: the lowest volts are over the nominal ones.'],
    ['"nominal_v": 12.6', '"nominal_v": 230', '/supplies/0/nominal_v: expected a number from 0.1 to 60, found 230.'],
    ['"at_m": 0.1', '"at_m": 5', "/leads/0/inline/0/at_m: 5 m lies past the lead's end at 3.2 m."],
    ['"id": "shelf"', '"id": "bank"', '/circuits/0/id: the id `bank` stands already at /supplies/0.'],
    [
        '"wanted_m": 3.34',
        '"wanted_m": 1e999',
        '/lights/0/wanted_m: expected a number from 0 to 1000, found a number too large.',
    ],
    ['"version": 1', '"version": 2', '/version: expected a whole number'],
]);

it('holds builds to their limits', function (): void {
    $shelf = json_decode(Make::shelf()->json);
    $shelf->parts[0]->leds_per_cut = 1;
    $shelf->lights[0]->wanted_m = 500;
    expect(fn () => Document::fromDecoded($shelf))->toThrow(
        BadBuild::class,
        'that is 30000 cut units; one strip may have 4000.',
    );
});

it('refuses a build whose full text passes the limit though the file does not', function (): void {
    $build = json_decode(Make::shelf()->json);
    $lead = json_encode($build->leads[0], JSON_THROW_ON_ERROR);
    for ($n = 0; strlen($text = json_encode($build, JSON_THROW_ON_ERROR)) < 900_000; $n += 100) {
        for ($k = $n; $k < $n + 100; $k++) {
            $copy = json_decode($lead);
            $copy->id = "lead_{$k}";
            $build->leads[] = $copy;
        }
    }
    expect(strlen($text))
        ->toBeLessThan(1_048_576)
        ->and(fn () => Document::fromJson($text))
        ->toThrow(BadBuild::class, 'written out in full, this build is over 1 MB.');
});

it('refuses what is no clean JSON', function (string $text, string $says): void {
    expect(fn () => Document::fromJson($text))->toThrow(BadBuild::class, $says);
})->with([
    ["\xEF\xBB\xBF{}", 'byte-order mark'],
    ['{"a":1', 'this is not JSON'],
    ['[]', 'expected an object, found a list'],
    ['{"format":"x","format":"y"}', 'names "format" twice in one object'],
    ['{"a":{"b":1,"c":[{"b":2},{"b":3,"b":4}]}}', 'names "b" twice'],
    [str_repeat('[', 30).str_repeat(']', 30), 'nested more than 24 deep'],
    [str_repeat(' ', 1_048_577), 'over 1 MB'],
    [
        '{"format":"bench-glow/build","version":1,"title":"t","place":"boat","supplies":[],"circuits":[],"minor":11,"aura":1}',
        'made by a later Bench Glow (format 1.11; this one reads 1.10)',
    ],
    [
        '{"format":"bench-glow/build","version":1,"title":"t","place":"boat","supplies":[],"circuits":[],"circuts":[]}',
        'unknown field `circuts`. Did you mean `circuits`?',
    ],
    [
        '{"format":"bench-glow/build","version":1,"title":"t","place":"boat","supplies":[]}',
        'field `circuits` is missing',
    ],
]);

it('checks references the schema can\'t', function (callable $spoil, string $says): void {
    $trike = json_decode((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json'));
    $spoil($trike);
    expect(fn () => Document::fromDecoded($trike))->toThrow(BadBuild::class, $says);
})->with([
    [
        fn (stdClass $t) => ($t->circuits[0]->wants[0]->when->input = 'brak'),
        '/circuits/0/wants/0/when/input: nothing in inputs has the id `brak`. Did you mean `brake`?',
    ],
    [
        fn (stdClass $t) => ($t->circuits[1]->wants[0]->when->is = 'lefft'),
        '/circuits/1/wants/0/when/is: `turn` has no position `lefft`',
    ],
    [
        fn (stdClass $t) => ($t->circuits[0]->wants[0]->glow[0] = 'lamp_l.rad'),
        '`lamp_l` has no emitter `rad`; it has red, amber. Did you mean `red`?',
    ],
    [fn (stdClass $t) => ($t->lights[0]->mirror_of = 'lamp_r'), '/mirror_of: `lamp_l` mirrors itself in the end.'],
    [
        fn (stdClass $t) => ($t->devices[1]->at->onn = (object) ['input' => 'lights']),
        '/devices/1/at: `rocker` has no position `onn`',
    ],
    [
        fn (stdClass $t) => ($t->devices[1]->part = 'blinker'),
        'a switch needs a part of kind switch; `blinker` is a controller.',
    ],
    [fn (stdClass $t) => ($t->leads[5]->inline[0]->ways = [1, 2, 3, 4, 4]), 'way 4 of `p_box` is used twice.'],
    [fn (stdClass $t) => ($t->leads[5]->inline[0]->ways = [9]), '`p_box` has 5 ways.'],
    [fn (stdClass $t) => ($t->leads[0]->wire = 'rocker'), '`rocker` is a switch, expected a wire.'],
    [fn (stdClass $t) => ($t->parts[2]->contacts[0]->to = '3'), '/parts/2/contacts/0/to: the part has no pin `3`.'],
    [
        fn (stdClass $t) => ($t->parts[2]->contacts[0]->closed_when->at = 'onn'),
        'the part has no position `onn`. Did you mean `on`?',
    ],
    [fn (stdClass $t) => ($t->leads[0]->cores[0] = [null, null]), 'a core has at least one end on a pin.'],
    [fn (stdClass $t) => ($t->leads[1]->route = ['barr']), 'nothing in routes has the id `barr`. Did you mean `bar`?'],
    [fn (stdClass $t) => ($t->leads[5]->cores[] = ['dist', null]), '6 cores, but `w05x5` has 5.'],
    [
        fn (stdClass $t) => ($t->log = [
            (object) ['id' => 'l1', 'on' => '2026-05-02', 'kind' => 'note', 'about' => ['lampe_l.minus']],
        ]),
        '/log/0/about/0: nothing has the id `lampe_l`.',
    ],
    [
        fn (stdClass $t) => ($t->supplies[0]->max_v = 12.5),
        '/supplies/0/max_v: the highest volts are under the nominal ones.',
    ],
    [
        fn (stdClass $t) => ($t->parts[6]->inside[0]->to = $t->parts[6]->inside[0]->from),
        '/parts/6/inside/0/to: a branch must join two different nodes.',
    ],
    [
        fn (stdClass $t) => ($t->parts[5]->contacts[0]->closed_when = (object) ['sense' => 'coil']),
        '/parts/5/contacts/0/closed_when/sense: the part has no sense `coil`.',
    ],
    [
        fn (stdClass $t) => ($t->lights[0]->part = 'rocker'),
        '/lights/0/part: a light of kind module needs a part of kind module; `rocker` is a switch.',
    ],
    [
        fn (stdClass $t) => ($t->leads[0]->inline[] = (object) [
            'id' => 'F2',
            'kind' => 'fuse',
            'at_m' => 0.05,
            'fuse_a' => 2,
        ]),
        '/leads/0/inline/1/at_m: things in line stand in rising order of at_m.',
    ],
    [fn (stdClass $t) => ($t->leads[0]->inline[0]->core = 2), '/leads/0/inline/0/core: the lead has 1 cores.'],
    [
        fn (stdClass $t) => ($t->leads[1]->inline = [
            (object) ['id' => 'D1', 'kind' => 'diode', 'at_m' => 0.1, 'part' => 'rocker', 'points' => 'to'],
        ]),
        '/leads/1/inline/0/part: `rocker` is no diode.',
    ],
    [fn (stdClass $t) => ($t->leads[5]->inline[0]->plug = 'dist'), '/leads/5/inline/0/plug: `dist` is no plug.'],
    [
        fn (stdClass $t) => ($t->circuits[0]->wants[0]->when = array_reduce(
            range(1, 9),
            fn (stdClass $w): stdClass => (object) ['not' => $w],
            (object) ['input' => 'brake'],
        )),
        'the expression is nested more than 8 deep.',
    ],
    [
        fn (stdClass $t) => ($t->circuits[0]->wants[0]->when = (object) ['imput' => 'brake']),
        '/circuits/0/wants/0/when: unknown field `imput`. Did you mean `input`?',
    ],
    [
        fn (stdClass $t) => ($t->circuits[0]->wants[0]->when = (object) ['is' => 'on']),
        '/circuits/0/wants/0/when: expected one of any, all, not, input.',
    ],
    [
        fn (stdClass $t) => ($t->circuits[0]->wants[0]->when = (object) ['any' => 'brake']),
        '/circuits/0/wants/0/when/any: expected a list of expressions, found "brake".',
    ],
    [
        fn (stdClass $t) => ($t->devices[1]->at = (object) ['o n' => (object) ['input' => 'lights']]),
        '/devices/1/at: `o n` can\'t be a name here.',
    ],
    [
        fn (stdClass $t) => ($t->devices[1]->id = '1rocker'),
        '/devices/1/id: expected an id (a letter, then up to 39 letters, digits or _)',
    ],
    [fn (stdClass $t) => ($t->leads[0]->cores[0] = ['pack.plus', 'dist', 'dist']), '/leads/0/cores/0: expected'],
    [
        fn (stdClass $t) => ($t->host = (object) [
            'wires' => [(object) ['id' => 'hw', 'polarity' => 'positive', 'fed_by' => 'pakc', 'loads' => []]],
        ]),
        'nothing in supplies has the id `pakc`. Did you mean `pack`?',
    ],
]);

it('says each of a build\'s faults as one sentence', function (callable $spoil): void {
    $trike = json_decode((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json'));
    $spoil($trike);
    try {
        Document::fromDecoded($trike);
        $message = '';
    } catch (BadBuild $e) {
        $message = $e->getMessage();
    }
    expect($message)->toMatch('~^/\S+: .+[.?]$~')->not->toContain("\n");
})->with([
    [fn (stdClass $t) => ($t->place = 'balloon')],
    [fn (stdClass $t) => ($t->supplies[0]->internal_ohm = -1)],
    [fn (stdClass $t) => ($t->leads[0]->length_m = '3,2')],
    [fn (stdClass $t) => ($t->lights[0]->count = 1.5)],
    [fn (stdClass $t) => ($t->leads[0]->inline[0]->form = 'fuse')],
    [fn (stdClass $t) => ($t->circuits[0]->wants[0]->flash = 'no')],
    [fn (stdClass $t) => ($t->circuits[0]->wants[0]->glow = 'lamp_l.red')],
    [fn (stdClass $t) => ($t->settings = [])],
]);

it('ships a catalogue whose parts are all valid in a build', function (string $shelf, int $least, string $kind): void {
    $entries = Catalogue::shelf($shelf);
    expect(count($entries))->toBeGreaterThanOrEqual($least);
    $build = json_decode(Make::bare()->json);
    foreach ($entries as $entry) {
        expect($entry->text('source'))->not->toBe('');
        $part = Catalogue::part($entry->object('part')->text('id'));
        $build->parts[] = json_decode((string) json_encode($part?->data));
        expect($part?->text('kind'))->toBe($kind);
    }
    expect(count(Document::fromDecoded($build)->fields()->objects('parts')))->toBe(count($entries));
})->with([
    ['leds', 10, 'led'],
    ['strips', 12, 'strip'],
    ['modules', 6, 'module'],
    ['switches', 14, 'switch'],
    ['relays', 12, 'relay'],
    ['diodes', 6, 'diode'],
    ['controllers', 12, 'controller'],
    ['plugs', 10, 'plug'],
]);

it('ships wires, fuses and supplies', function (): void {
    expect(count(Catalogue::shelf('wires')))
        ->toBeGreaterThanOrEqual(20)
        ->and(count(Catalogue::shelf('fuses')))
        ->toBeGreaterThanOrEqual(3)
        ->and(count(Catalogue::shelf('supplies')))
        ->toBeGreaterThanOrEqual(10);
    foreach (Catalogue::shelf('supplies') as $entry) {
        expect(Make::bare([], $entry->text('key'))->title())->toBe('Test bench');
    }
});
