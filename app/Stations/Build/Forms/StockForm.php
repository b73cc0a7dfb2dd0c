<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\CountStock;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** How much is left of what is used up. */
final readonly class StockForm extends Form
{
    public static function op(): string
    {
        return 'stock';
    }

    public function edit(Fields $in): Edit
    {
        $said = str_replace(',', '.', trim($in->text('have')));
        if (! is_numeric($said) || ! is_finite((float) $said) || (float) $said < 0.0 || (float) $said > 1e5) {
            throw new NotUnderstood("Left: \"{$said}\" is no amount. Type how much there is, as 2.5.");
        }

        return new CountStock($in->text('what'), (float) $said, WallClock::now()->format('Y-m-d\TH:iP'));
    }
}
