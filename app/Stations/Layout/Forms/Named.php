<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** The layout that a form was sent for. */
final class Named
{
    /**
     * @param  string  $says  the sentence where there is none of that kind
     *
     * @throws NotUnderstood
     */
    public static function of(Document $document, string $id, string $kind, string $says): Fields
    {
        foreach ($document->fields()->objects('layouts') as $layout) {
            if ($layout->text('id') === $id && $layout->isA($kind)) {
                return $layout;
            }
        }
        throw new NotUnderstood($says);
    }
}
