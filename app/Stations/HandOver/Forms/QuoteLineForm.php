<?php

declare(strict_types=1);

namespace App\Stations\HandOver\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** A line of the quote, an option with a price of its own, or what something came to. */
final readonly class QuoteLineForm extends Form
{
    public static function op(): string
    {
        return 'quote_line';
    }

    public function edit(Fields $in): Edit
    {
        $currency = $this->document->fields()->object('settings')->text('currency', 'EUR');
        $label = mb_substr(trim($in->text('words')), 0, 120);
        if ($label === '') {
            throw new NotUnderstood('Words: expected what it is, as “A day of hire”.');
        }
        $amount = Said::money($in->text('amount'), 'Amount', $currency);
        $list = $in->text('list', 'lines');
        $index = Index::of($this->document);

        return match ($list) {
            'options' => new AddItem(
                'quote.options',
                new Fields([
                    'id' => $index->free('option'),
                    'label' => $label,
                    'amount' => $amount,
                ]),
            ),
            'costs' => new AddItem(
                'quote.costs',
                new Fields([
                    'id' => $index->free('cost'),
                    'on' => WallClock::now()->format('Y-m-d'),
                    'label' => $label,
                    'amount' => $amount,
                    'kind' => $in->text('sort', 'part'),
                ]),
            ),
            default => new AddItem(
                'quote.lines',
                new Fields([
                    'id' => $index->free('line'),
                    'label' => $label,
                    'amount' => $amount,
                ]),
            ),
        };
    }
}
