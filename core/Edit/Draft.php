<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Format\BadBuild;

/** A document being edited: its data, its index as it was, and the ids given so far. */
final class Draft
{
    /** @var array<array-key, mixed> */
    public array $data;

    public Index $index;

    /** @var array<string, true> ids this edit has given */
    public array $named = [];

    public function __construct(public Document $document)
    {
        $this->data = $document->data;
        $this->index = Index::of($document);
    }

    /**
     * What has been done so far becomes the document the next edit reads.
     *
     * @throws BadBuild where it is no valid build
     */
    public function settle(): void
    {
        $this->document = $this->finished();
        $this->data = $this->document->data;
        $this->index = Index::of($this->document);
        $this->named = [];
    }

    /** @throws BadBuild where it is no valid build */
    public function finished(): Document
    {
        return $this->data === $this->document->data ? $this->document : Document::fromEdited($this->data);
    }

    public function known(string $id): void
    {
        if (! $this->index->has($id)) {
            throw BadBuild::at('/id', "nothing has the id `{$id}`; it may have been removed.");
        }
    }

    /** @param  list<string|int>  $path keys from the top */
    public function put(array $path, mixed $value): void
    {
        $this->data = self::with($this->data, $path, $value);
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  list<string|int>  $path
     * @return array<array-key, mixed>
     */
    private static function with(array $node, array $path, mixed $value): array
    {
        $key = array_shift($path);
        if ($key === null) {
            return $node;
        }
        $inner = $node[$key] ?? [];
        $node[$key] = $path === [] ? $value : self::with(is_array($inner) ? $inner : [], $path, $value);

        return $node;
    }

    /**
     * @param  list<string|int>  $path
     * @return list<mixed>
     */
    public function list(array $path): array
    {
        $node = $this->data;
        foreach ($path as $key) {
            $node = is_array($node) ? $node[$key] ?? [] : [];
        }

        return is_array($node) ? array_values($node) : [];
    }

    /** A new id near the wish that neither the document nor this edit has used. */
    public function name(string $wish): string
    {
        $id = $this->index->free($wish, $this->named);
        $this->named[$id] = true;

        return $id;
    }

    /** The same for a letter with a number: F3, R1. */
    public function number(string $letter): string
    {
        $id = $this->index->numbered($letter, $this->named);
        $this->named[$id] = true;

        return $id;
    }
}
