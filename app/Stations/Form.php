<?php

declare(strict_types=1);

namespace App\Stations;

use App\Models\Preference;
use BenchGlow\Build\Document;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Sizing\NotFitted;

/** One form of a station: what was typed into it becomes one edit, or a sentence that names the field. */
abstract readonly class Form
{
    final public function __construct(protected Document $document, protected Preference $preference)
    {
    }

    /** The word by which a page says which form it sends. */
    abstract public static function op(): string;

    /** @throws NotUnderstood|BadBuild|NotFitted */
    abstract public function edit(Fields $in): Edit;
}
