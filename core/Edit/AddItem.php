<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;

/** A thing more in a list. */
final readonly class AddItem implements Edit
{
    /** @param  string  $section  a section of the build, or a list inside a thing: leads.feed.inline */
    public function __construct(public string $section, public Fields $value, public ?string $before = null)
    {
    }

    public function says(Names $names): string
    {
        return 'Added '.
            ($this->value->text('label') ?: $this->value->text('kind') ?: str_replace('.', ' ', $this->section));
    }

    public function apply(Draft $draft): void
    {
        $path = [];
        $section = explode('.', $this->section)[0];
        $known = array_keys(FormatOne::shape()->fieldsOf(null));
        if (! in_array($section, $known, true)) {
            throw BadBuild::at(
                '/section',
                "a build has no section `{$section}`.".BadBuild::nearMiss($section, $known),
            );
        }
        foreach (explode('.', $this->section) as $step) {
            // A section inside a thing is named by the thing's id: leads.feed.inline
            $path = $path !== [] && $draft->index->has($step) ? $draft->index->paths[$step] : [...$path, $step];
        }
        $list = $draft->list($path);
        $value = $this->value->data;
        array_splice($list, $this->place($list), 0, [$value]);
        $draft->put($path, $list);
    }

    /**
     * Along a lead by its place, else before what it names, else last.
     *
     * @param  array<array-key, mixed>  $list
     */
    private function place(array $list): int
    {
        $at = $this->value->data['at_m'] ?? null;
        if ($at !== null) {
            return count(array_filter($list, fn (mixed $i): bool => is_array($i) && ($i['at_m'] ?? 0) <= $at));
        }
        foreach (array_values($list) as $i => $item) {
            if ($this->before !== null && is_array($item) && ($item['id'] ?? null) === $this->before) {
                return $i;
            }
        }

        return count($list);
    }
}
