<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use BenchGlow\Build\Document;
use BenchGlow\Quantity\NotUnderstood;

/** What a new wire, way or ground of the host hangs on. */
final class Feed
{
    public static function of(Document $document): string
    {
        $supply = $document->fields()->objects('supplies')[0] ?? throw new NotUnderstood('Host: add a supply first.');

        return $supply->text('id');
    }
}
