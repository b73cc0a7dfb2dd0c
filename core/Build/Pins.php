<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Which pins each id of a build offers. */
final readonly class Pins
{
    private function __construct(private Index $index)
    {
    }

    public static function of(Index $index): self
    {
        return new self($index);
    }

    /** What is wrong with a pin's name; null: nothing. */
    public function problem(string $pin): ?string
    {
        [$id, $rest] = [...explode('.', $pin, 2), ''];
        if (! $this->index->has($id)) {
            return "nothing has the id `{$id}`.".BadBuild::nearMiss($id, array_keys($this->index->sections));
        }
        $pins = $this->names($id);
        if ($pins === null) {
            return "`{$id}` has no pins.";
        }
        if (in_array($rest, $pins, true) || $this->isCutMark($id, $rest)) {
            return null;
        }
        if ($pins === ['']) {
            return "`{$id}` has one pin and is named by its id alone.";
        }

        return "`{$id}` has no pin `{$rest}`; it has ".implode(', ', $pins).'.'.BadBuild::nearMiss($rest, $pins);
    }

    /** @return list<string>|null the pin names of an id, '' for a one-pin thing; null where it has none */
    public function names(string $id): ?array
    {
        $item = $this->index->item($id);

        return match ($this->index->sections[$id] ?? '') {
            'supplies' => ['plus', 'minus'],
            'host.ways' => in_array($item->text('kind'), ['post', 'bus_stud'], true) ? ['line'] : ['line', 'load'],
            'host.wires', 'host.grounds' => [''],
            'lights' => $this->light($item),
            'devices' => $this->device($item),
            default => null,
        };
    }

    /** @return list<string> */
    private function light(Fields $light): array
    {
        $part = $this->index->item($light->text('part'));
        if ($light->isA('leds')) {
            return ['plus', 'minus'];
        }
        if ($light->isA('module')) {
            return $part->texts('pins');
        }
        $pins = [];
        foreach (['start', 'end', 'middle'] as $mark) {
            foreach ($this->rails($part) as $rail) {
                $pins[] = "{$mark}.{$rail}";
            }
        }

        return $pins;
    }

    /** @return list<string> rails of a strip as its pins name them: plus, minus · common, then the channels */
    public static function rails(Fields $strip): array
    {
        $channels = $strip->objects('channels');

        return count($channels) === 1
            ? ['plus', 'minus']
            : ['common', ...array_map(fn (Fields $c): string => $c->text('id'), $channels)];
    }

    private function isCutMark(string $id, string $rest): bool
    {
        $light = $this->index->item($id);
        if (! $light->isA('strip') || preg_match('/^u(\d{1,5})\.(.+)$/', $rest, $m) !== 1) {
            return false;
        }

        return in_array($m[2], self::rails($this->index->item($light->text('part'))), true);
    }

    /** @return list<string>|null */
    private function device(Fields $device): ?array
    {
        return match ($device->text('kind')) {
            'joint' => [''],
            'fuse_tap' => ['out'],
            'plug' => null,
            default => $this->index->item($device->text('part'))->texts('pins'),
        };
    }
}
