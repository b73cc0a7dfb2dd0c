<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Lead;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Edit\TakePartOut;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use Tests\Support\Make;

/** @return array<string, array{string}> */
function everyExample(): array
{
    $all = [];
    foreach (glob(dirname(__DIR__, 2).'/examples/*.glow.json') ?: [] as $file) {
        $all[basename($file, '.glow.json')] = [basename($file)];
    }

    return $all;
}

/** @return array<string, Lead> leads of one core that joins two pins */
function plainLeads(Document $document): array
{
    return array_filter(
        Build::of($document)->leads,
        fn (Lead $l): bool => count($l->cores) === 1 && ! in_array(null, $l->cores[0], true),
    );
}

/** A build's text without empty lists and parts nothing uses: they say nothing. */
function plainly(Document $document): string
{
    $data = $document->data;
    $used = json_encode(array_intersect_key($data, ['lights' => 1, 'devices' => 1, 'leads' => 1]), JSON_THROW_ON_ERROR);
    $uses = fn (mixed $p): bool => is_array($p) && is_string($p['id'] ?? null) && str_contains($used, "\"{$p['id']}\"");
    $data['parts'] = array_values(array_filter((array) ($data['parts'] ?? []), $uses));

    return str_replace('[]', '', (string) preg_replace('/,?"\w+":\[\]/', '', json_encode($data, JSON_THROW_ON_ERROR)));
}

/** The id of what came with an edit, of this kind. */
function came(Document $before, Document $after, string $kind): string
{
    $index = Build::of($after)->index;
    foreach (array_diff(array_keys($index->paths), array_keys(Build::of($before)->index->paths)) as $id) {
        if ($index->sections[$id] !== 'parts' && $index->item($id)->isA($kind)) {
            return $id;
        }
    }
    throw new RuntimeException("no {$kind} came");
}

/** @return array<string, float> metres of wire by circuit, lengths that are not known as −1 */
function metres(Document $document): array
{
    $sum = [];
    foreach (Build::of($document)->leads as $lead) {
        $sum[(string) $lead->circuit] = round(
            ($sum[(string) $lead->circuit] ?? 0.0) + (float) $lead->lengthM * count($lead->cores),
            9,
        );
    }

    return $sum;
}

function at(string $lead, ?float $m = null, int $core = 1): Fields
{
    return new Fields(['lead' => $lead, 'core' => $core, ...$m === null ? [] : ['at_m' => $m]]);
}

it('puts parts into every wire and takes them out again, the same build to the byte', function (string $file): void {
    $document = Make::file($file);
    $inputs = array_keys(Build::of($document)->inputs);
    $parts = [
        'rocker_plain' => ['switch', $inputs === [] ? null : ['input' => $inputs[0]]],
        'relay_4_12_resistor' => ['relay', []],
        'dimmer_low' => ['controller', []],
        'schottky_3' => ['diode', []],
        'resistor' => ['resistor', []],
        'fuse' => ['fuse', []],
    ];
    mt_srand(crc32($file));
    $done = 0;
    foreach (plainLeads($document) as $lead) {
        foreach ($parts as $part => [$kind, $bind]) {
            $m = $lead->lengthM === null ? null : round((mt_rand(1, 99) / 100) * $lead->lengthM, 3);
            if ($bind === null) {
                continue;
            }
            try {
                $with = Make::edited($document, new InsertPart(at($lead->id, $m), $part, bind: new Fields($bind)));
            } catch (BadBuild $e) {
                // A return that serves others can't be moved behind a dimmer; a place may be taken.
                expect($e->getMessage())->toMatch('/serves other lights|stands at that place/');

                continue;
            }
            expect(metres($with))->toBe(metres($document));
            if ($done % 40 === 0 && count($with->fields()->objects('circuits')) < 4) {
                Analysis::of($with);
            }
            $id = came($document, $with, $kind);
            $again = Make::edited($with, new TakePartOut($id));
            expect(plainly($again))->toBe(plainly($document), "{$part} in {$lead->id}");
            $done++;
        }
    }
    expect($done)->toBeGreaterThanOrEqual(plainLeads($document) === [] ? 0 : 3);
})->with(everyExample());
