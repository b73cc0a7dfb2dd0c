<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Preference;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;

/** Solved builds, kept by the document and by how it is to be shown. */
final class Analyses
{
    /** @var array<string, Review> */
    private array $here = [];

    public function of(Document $document, Preference $preference): Review
    {
        $of = ['solved', $document->hash(), ...$preference->key()];

        return $this->here[implode(':', $of)] ??= Keeper::value(
            $of,
            fn (): Review => Review::of($document, $preference->wire, $preference->units),
        );
    }
}
