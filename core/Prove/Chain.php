<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Document;

/** The gates of a build in the order in which they are proven, and how far the proof reaches. */
final class Chain
{
    /** @var list<Link> */
    public readonly array $links;

    public readonly Outcomes $outcomes;

    /** @var array<string, string> light => the one it mirrors */
    private readonly array $mirrors;

    /** @param  list<Gate>  $gates */
    public function __construct(array $gates, Document $document)
    {
        $this->outcomes = new Outcomes($document);
        $marks = Marks::of($document);
        $mirrors = [];
        foreach ($document->fields()->objects('lights') as $light) {
            $of = $light->textOrNull('mirror_of');
            $of === null ? null : ($mirrors[$light->text('id')] = $of);
        }
        $this->mirrors = $mirrors;
        $links = [];
        foreach ($gates as $gate) {
            $outcome = $this->outcomes->last[$gate->key] ?? $marks->outcome($gate);
            $links[] = new Link($gate, self::stands($gate, $outcome), $outcome);
        }
        $this->links = $links;
    }

    private static function stands(Gate $gate, ?Outcome $outcome): string
    {
        return match (true) {
            $outcome === null => Link::OPEN,
            $outcome->result === 'skipped' => Link::SKIPPED,
            $outcome->facts !== '' && $outcome->facts !== $gate->facts => Link::STALE,
            $outcome->fails() => Link::FAILS,
            default => Link::RIGHT,
        };
    }

    public function link(string $key): ?Link
    {
        foreach ($this->links as $link) {
            if ($link->gate->key === $key) {
                return $link;
            }
        }

        return null;
    }

    /** The first that is not done: it fails, is stale, or open. The other side of a mirrored light after its own. */
    public function first(): ?Link
    {
        foreach ($this->links as $link) {
            if (! $link->isDone() && ! $this->waits($link)) {
                return $link;
            }
        }

        return null;
    }

    /** Whether it is of the other side of a mirrored light, and the first side is not yet right. */
    public function waits(Link $link): bool
    {
        $of = $this->mirrors[$link->gate->subject()] ?? null;
        $first = $of === null ? null : $this->link("{$link->gate->kind}:{$of}");

        return $first !== null && ! $first->isDone();
    }

    /** @return array<string, int> open · right · fails · stale · skipped => how many */
    public function counts(): array
    {
        $counts = array_fill_keys([Link::OPEN, Link::RIGHT, Link::FAILS, Link::STALE, Link::SKIPPED], 0);
        foreach ($this->links as $link) {
            $counts[$link->stands]++;
        }

        return $counts;
    }

    /** Every gate right and fresh; skipped ones count. */
    public function holds(): bool
    {
        return $this->links !== [] && $this->first() === null;
    }

    /** @return list<list<Link>> rows as they stand under one another: gates of one kind */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->links as $link) {
            $rows[$link->gate->kind][] = $link;
        }

        return array_values($rows);
    }
}
