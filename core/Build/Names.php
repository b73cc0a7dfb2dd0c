<?php

declare(strict_types=1);

namespace BenchGlow\Build;

/** What the things of a build are called, before a change and, for what only came by it, after. */
final readonly class Names
{
    private function __construct(private Index $before, private Index $after)
    {
    }

    public static function of(Document $document): self
    {
        return self::between($document, $document);
    }

    public static function between(Document $before, Document $after): self
    {
        return new self(Index::of($before), Index::of($after));
    }

    /** What a thing is called; '' for the build itself. */
    public function name(string $id): string
    {
        if ($id === '' || $id === 'build') {
            return '';
        }
        $item = $this->before->has($id) ? $this->before->item($id) : $this->after->item($id);
        $fuse = ($this->before->sections[$id] ?? '') === 'leads.inline';

        return $item->text('label', $fuse ? "Fuse {$id}" : $id);
    }

    /** "Galley shelf: fed at both ends"; of the build itself only what was done. */
    public function said(string $id, string $what): string
    {
        $name = $this->name($id);

        return $name === '' ? ucfirst($what) : "{$name}: {$what}";
    }

    /** @return array{string, string} the section a thing stands in and its kind there; '' where it has none */
    public function place(string $id): array
    {
        $index = $this->before->has($id) ? $this->before : $this->after;

        return [$index->sections[$id] ?? '', $index->has($id) ? $index->item($id)->text('kind') : ''];
    }
}
