<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

/** A switch: a hand, a lid, a magnet or a sensor moves it between positions. */
final readonly class SwitchDevice extends Device
{
    public function kind(): string
    {
        return 'switch';
    }

    public function hasBody(): bool
    {
        return true;
    }

    /** @return array<array-key, mixed>|null when it stands in a position; null: nothing is said of it */
    public function movedTo(string $position): ?array
    {
        $at = $this->fields->object('at');

        return $at->has($position) ? $at->object($position)->data : null;
    }

    /** @return array<string, array<array-key, mixed>> position => when it stands there, in the order of the file */
    public function at(): array
    {
        $all = [];
        foreach (array_keys($this->fields->object('at')->data) as $position) {
            $all[(string) $position] = $this->fields->object('at')->object((string) $position)->data;
        }

        return $all;
    }
}
