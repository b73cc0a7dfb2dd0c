<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** What a schema can't check in layouts: pieces, outlines with one shape, lights that are there, corners that make sense. */
final readonly class LayoutReferences
{
    private const SHAPES = ['rect_m', 'circle_m', 'path', 'text'];

    /** Kinds of device that a trial can be made of. */
    private const SENSORS = ['switch', 'relay', 'controller'];

    public function __construct(private Document $document, private Index $index)
    {
    }

    /** @throws BadBuild */
    public function check(): void
    {
        foreach ($this->document->fields()->objects('layouts') as $i => $layout) {
            $path = "/layouts/{$i}";
            $this->piece($path, $layout);
            $this->outline($path, $layout);
            $this->lights($path, $layout);
            $this->marks($path, $layout);
            if ($layout->isA('strip_path')) {
                $this->strip($path, $layout);
            }
            if ($layout->isA('sensor')) {
                $this->sensor($path, $layout);
            }
        }
    }

    private function piece(string $path, Fields $layout): void
    {
        $piece = $layout->textOrNull('piece');
        if ($piece !== null && ! $this->index->item($piece)->isA('piece')) {
            throw BadBuild::at("{$path}/piece", "`{$piece}` is a layout of another kind, not a piece.");
        }
    }

    private function outline(string $path, Fields $layout): void
    {
        if (! $layout->has('outline')) {
            return;
        }
        $has = array_values(
            array_filter(self::SHAPES, fn (string $shape): bool => $layout->object('outline')->has($shape)),
        );
        if (count($has) !== 1) {
            throw BadBuild::at(
                "{$path}/outline",
                'an outline is one of rect_m, circle_m, path and text; this one has '.
                    ($has === [] ? 'none' : implode(' and ', $has)).
                    '.',
            );
        }
    }

    private function lights(string $path, Fields $layout): void
    {
        foreach ($layout->texts('piece_lights') as $n => $light) {
            $this->light("{$path}/piece_lights/{$n}", $light);
        }
        foreach ($layout->objects('lights') as $n => $row) {
            $this->light("{$path}/lights/{$n}/light", $row->text('light'));
        }
    }

    private function light(string $path, string $id): void
    {
        if (($this->index->sections[$id] ?? '') !== 'lights') {
            throw BadBuild::at($path, "`{$id}` is no light of this build.");
        }
    }

    private function marks(string $path, Fields $layout): void
    {
        foreach (['marks', 'viewers'] as $list) {
            $seen = [];
            foreach ($layout->objects($list) as $n => $mark) {
                if (isset($seen[$mark->text('id')])) {
                    throw BadBuild::at("{$path}/{$list}/{$n}/id", "`{$mark->text('id')}` stands twice in it.");
                }
                $seen[$mark->text('id')] = true;
            }
        }
        foreach ($layout->objects('shadows') as $n => $shadow) {
            if ($shadow->number('from_m') > $shadow->number('to_m')) {
                throw BadBuild::at("{$path}/shadows/{$n}", 'from_m is past to_m.');
            }
        }
    }

    private function strip(string $path, Fields $layout): void
    {
        $light = $layout->textOrNull('light');
        if ($light !== null && ! $this->index->item($light)->isA('strip')) {
            throw BadBuild::at("{$path}/light", "`{$light}` is no strip; a strip path lays a strip.");
        }
    }

    private function sensor(string $path, Fields $layout): void
    {
        $device = $this->index->item($layout->text('device'));
        if (! in_array($device->text('kind'), self::SENSORS, true)) {
            throw BadBuild::at("{$path}/device", "`{$layout->text('device')}` is no switch; a trial is made of one.");
        }
        [$a, $b] = [$layout->number('shut'), $layout->number('open')];
        foreach ($layout->objects('trials') as $n => $trial) {
            $at = $trial->number('at');
            if ($a !== $b && ($at < min($a, $b) - 1e-9 || $at > max($a, $b) + 1e-9)) {
                throw BadBuild::at(
                    "{$path}/trials/{$n}/at",
                    "a trial at {$at} is outside the travel from {$a} to {$b}.",
                );
            }
        }
    }
}
