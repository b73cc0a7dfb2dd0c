<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** What a schema can't check of the loom: stretches between two places, ways that hang together, parts of the right kind. */
final readonly class LoomReferences
{
    /** What a hole may be for. */
    private const THROUGH = ['routes', 'lights', 'devices', 'leads'];

    public function __construct(private Document $document, private Index $index)
    {
    }

    /** @throws BadBuild */
    public function check(): void
    {
        $fields = $this->document->fields();
        foreach ($fields->objects('routes') as $i => $route) {
            $this->route("/routes/{$i}", $route);
        }
        foreach ($fields->objects('holes') as $i => $hole) {
            if (! in_array($this->index->sections[$hole->text('for')] ?? '', self::THROUGH, true)) {
                throw BadBuild::at(
                    "/holes/{$i}/for",
                    "`{$hole->text('for')}` is no stretch, light, device or lead of this build.",
                );
            }
        }
        foreach ($fields->objects('leads') as $i => $lead) {
            $this->way("/leads/{$i}", $lead);
            foreach ($lead->items('end_parts') as $e => $part) {
                $this->kind("/leads/{$i}/end_parts/{$e}", is_string($part) ? $part : null, ['terminal', 'tube']);
            }
        }
        foreach ($fields->objects('devices') as $i => $device) {
            if ($device->isA('joint')) {
                $this->kind("/devices/{$i}/part", $device->textOrNull('part'), ['terminal']);
            }
        }
        foreach ($fields->objects('parts') as $i => $part) {
            $this->part("/parts/{$i}", $part);
        }
        foreach ($fields->object('work')->objects('offcuts') as $i => $cut) {
            $this->kind('/'.implode('/', ['work', 'offcuts', $i, 'part']), $cut->text('part'), ['wire', 'strip']);
        }
    }

    private function route(string $path, Fields $route): void
    {
        if ($route->has('from') && $route->text('from') === $route->text('to')) {
            throw BadBuild::at("{$path}/to", 'a stretch goes from one place to another, not back to itself.');
        }
    }

    /** A stated way hangs together where its stretches have ends. */
    private function way(string $path, Fields $lead): void
    {
        $ends = null;
        $before = '';
        foreach ($lead->texts('route') as $n => $id) {
            $route = $this->index->item($id);
            if (! $route->has('from')) {
                $ends = null;

                continue;
            }
            [$a, $b] = [$route->text('from'), $route->text('to')];
            if ($ends !== null && ! in_array($a, $ends, true) && ! in_array($b, $ends, true)) {
                throw BadBuild::at("{$path}/route/{$n}", "`{$id}` does not touch `{$before}`.");
            }
            // Which of its ends is free: the one that does not touch what came before.
            $ends = $ends === null ? [$a, $b] : [in_array($a, $ends, true) ? $b : $a];
            $before = $id;
        }
    }

    /** @param  list<string>  $kinds */
    private function kind(string $path, ?string $id, array $kinds): void
    {
        $kind = $id === null ? '' : $this->index->item($id)->text('kind');
        if ($id !== null && ! in_array($kind, $kinds, true)) {
            throw BadBuild::at(
                $path,
                $kind === ''
                    ? "nothing in parts has the id `{$id}`."
                    : "`{$id}` is a {$kind}, expected a ".implode(' or a ', $kinds).'.',
            );
        }
    }

    private function part(string $path, Fields $part): void
    {
        foreach (['accepts_mm2', 'branch_mm2', 'sheet_mm', 'wires_mm', 'holds_mm'] as $band) {
            $of = $part->items($band);
            if (count($of) === 2 && $of[0] > $of[1]) {
                throw BadBuild::at("{$path}/{$band}", 'the first number is the smaller one.');
            }
        }
        if ($part->isA('tube') && $part->number('recovered_mm') >= $part->number('supplied_mm')) {
            throw BadBuild::at("{$path}/recovered_mm", 'a tube is narrower once it has shrunk.');
        }
    }
}
