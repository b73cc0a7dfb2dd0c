<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/**
 * One small change of a build, which is one step of its history. Its constructor is the description of its JSON form: a
 * parameter `$feedPoint` is the field `feed_point`, one with a default may be left out (see `Edits`).
 */
interface Edit
{
    /** @throws BadBuild where it can't be done, with a path and a sentence */
    public function apply(Draft $draft): void;

    /** In the words of the history: "Galley shelf: fed at both ends". */
    public function says(Names $names): string;
}
