<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;

/**
 * Edits are pure functions document → document. What they leave is checked as a whole, so an edit either gives a valid build
 * or is refused with a path and a sentence.
 */
final class Editor
{
    /** @throws BadBuild */
    public static function apply(Document $document, Edit $edit): Document
    {
        $draft = new Draft($document);
        $edit->apply($draft);

        return $draft->finished();
    }
}
