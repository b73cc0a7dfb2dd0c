<?php

declare(strict_types=1);

namespace App\Stations\HandOver\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** One figure of the quote, typed in its place. */
final readonly class QuoteForm extends Form
{
    public static function op(): string
    {
        return 'quote';
    }

    public function edit(Fields $in): Edit
    {
        $text = trim($in->text('text'));
        $field = $in->text('of');
        $currency = $this->document->fields()->object('settings')->text('currency', 'EUR');
        $empty = $text === '';
        $value = match ($field) {
            'rate_per_h' => $empty ? null : Said::rate($text, $currency),
            'margin' => $empty ? null : Said::share($text, 'Margin', 1000),
            'consumables' => $empty ? null : Said::money($text, 'What is used up', $currency),
            'discount' => $empty ? null : Said::money($text, 'Discount', $currency),
            'tax' => $empty ? [] : array_map(Said::tax(...), preg_split('/\s*;\s*|\s*,\s(?=\p{L})/u', $text) ?: []),
            'valid_until' => $empty ? null : Said::day($text, 'Valid until'),
            'hours' => $this->hours($text),
            'gross' => $text === 'with',
            'rounding' => $text === '' ? '0.01' : $text,
            default => throw new NotUnderstood('The price has no such figure; load the page again.'),
        };

        return new SetField('build', "quote.{$field}", $value);
    }

    private function hours(string $text): string
    {
        $hours = str_replace(',', '.', trim((string) preg_replace('/\s*h$/', '', $text)));
        if ($hours === '' || $hours === 'plan') {
            return 'plan';
        }
        if (preg_match('/^\d{1,5}(\.\d{1,2})?$/', $hours) !== 1) {
            throw new NotUnderstood(
                "Hours: expected hours, as 5.5, or nothing for those of the plan; found “{$text}”.",
            );
        }

        return $hours;
    }
}
