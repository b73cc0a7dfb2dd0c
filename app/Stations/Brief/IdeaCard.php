<?php

declare(strict_types=1);

namespace App\Stations\Brief;

use BenchGlow\Drawing\CardDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Story\Idea;

/** A way of switching with its drawing, lit. */
final readonly class IdeaCard
{
    private function __construct(public Idea $idea, public ?Drawing $drawing)
    {
    }

    public static function of(Idea $idea, string $circuit): self
    {
        return new self($idea->told(), $idea->tried === null ? null : CardDrawing::of($idea->tried, $circuit));
    }

    /** "2 holes", "nothing to drill". */
    public function holes(): string
    {
        $n = $this->idea->holes;

        return $n === 0 ? 'nothing to drill' : $n.' hole'.($n === 1 ? '' : 's');
    }
}
