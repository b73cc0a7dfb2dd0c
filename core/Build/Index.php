<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Every id of a document with the path of its object and the section it stands in. */
final readonly class Index
{
    /**
     * @param  array<string, list<string|int>>  $paths  id => keys from the top
     * @param  array<string, string>  $sections  id => section, as lights, leads.inline, circuits.wants
     */
    private function __construct(private Document $document, public array $paths, public array $sections)
    {
    }

    private const NESTED = [
        'brief' => ['facts'],
        'host' => ['panels', 'ways', 'wires', 'grounds'],
        'probe' => ['connectors', 'wires', 'readings'],
        'work' => ['own_steps', 'fasteners'],
        'quote' => ['lines', 'options', 'costs'],
        'handover' => ['settings', 'open', 'left'],
    ];

    private const INSIDE = ['circuits' => 'wants', 'leads' => 'inline'];

    /** @throws BadBuild where an id stands twice */
    public static function of(Document $document): self
    {
        /** @var array<string, list<string|int>> $paths */
        $paths = [];
        /** @var array<string, string> $sections */
        $sections = [];
        /** @param  list<string|int>  $path */
        $fields = $document->fields();
        foreach (array_keys($document->data) as $section) {
            $section = (string) $section;
            foreach (self::NESTED[$section] ?? [] as $inner) {
                foreach ($fields->object($section)->objects($inner) as $i => $item) {
                    self::take($paths, $sections, $item, [$section, $inner, $i], "{$section}.{$inner}");
                }
            }
            if (isset(self::NESTED[$section])) {
                continue;
            }
            foreach ($fields->objects($section) as $i => $item) {
                self::take($paths, $sections, $item, [$section, $i], $section);
                if (isset(self::INSIDE[$section])) {
                    $inner = self::INSIDE[$section];
                    foreach ($item->objects($inner) as $j => $nested) {
                        self::take($paths, $sections, $nested, [$section, $i, $inner, $j], "{$section}.{$inner}");
                    }
                }
            }
        }

        return new self($document, $paths, $sections);
    }

    /**
     * @param  array<string, list<string|int>>  $paths
     * @param  array<string, string>  $sections
     * @param  list<string|int>  $path
     */
    private static function take(array &$paths, array &$sections, Fields $item, array $path, string $section): void
    {
        $id = $item->text('id');
        if ($id === '') {
            return;
        }
        if (isset($paths[$id])) {
            throw BadBuild::at(
                '/'.implode('/', $path).'/id',
                "the id `{$id}` stands already at /".implode('/', $paths[$id]).'.',
            );
        }
        $paths[$id] = $path;
        $sections[$id] = $section;
    }

    /**
     * The first id near a wish that nothing has.
     *
     * @param  array<string, true>  $also  ids that are taken too
     */
    public function free(string $wish, array $also = []): string
    {
        $base = $this->slug($wish);
        for ($id = $base, $n = 2; isset($this->paths[$id]) || isset($also[$id]); $n++) {
            $id = "{$base}_{$n}";
        }

        return $id;
    }

    /**
     * The first id of a letter and a number that nothing has: F3, R1.
     *
     * @param  array<string, true>  $also  ids that are taken too
     */
    public function numbered(string $letter, array $also = []): string
    {
        for ($n = 1; isset($this->paths["{$letter}{$n}"]) || isset($also["{$letter}{$n}"]); $n++);

        return "{$letter}{$n}";
    }

    public function has(string $id): bool
    {
        return isset($this->paths[$id]);
    }

    /** The object with this id; empty where there is none. */
    public function item(string $id): Fields
    {
        $value = isset($this->paths[$id]) ? $this->document->data : [];
        foreach ($this->paths[$id] ?? [] as $key) {
            $value = is_array($value) ? $value[$key] ?? [] : [];
        }

        return new Fields(is_array($value) ? $value : []);
    }

    public function path(string $id): string
    {
        return '/'.implode('/', $this->paths[$id] ?? []);
    }

    /** An id made from a label: "Galley shelf" → galley_shelf. */
    public static function slug(string $label): string
    {
        $base = substr(trim((string) preg_replace('/[^a-zA-Z0-9]+/', '_', $label), '_'), 0, 34);
        $base = strtolower($base);

        return preg_match('/^[a-z]/', $base) === 1 ? $base : rtrim("x_{$base}", '_');
    }
}
