<?php

declare(strict_types=1);

namespace App\Stations;

use BenchGlow\Build\Document;
use BenchGlow\Check\Review;

/** What a station's bead is judged by. */
final readonly class Standing
{
    /** @param  bool  $pinned  whether this revision was handed over */
    public function __construct(public Document $document, public Review $review, public bool $pinned)
    {
    }
}
