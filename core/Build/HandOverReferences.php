<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use DateTimeImmutable;

/** What a schema can't check of a price and a hand-over: shares below one, days that exist, options that can be read. */
final readonly class HandOverReferences
{
    private const MOST_SHARE = ['margin' => 10.0];

    public function __construct(private Document $document, private Index $index)
    {
    }

    /** @throws BadBuild */
    public function check(): void
    {
        $quote = $this->document->fields()->object('quote');
        foreach (self::MOST_SHARE as $field => $most) {
            if ((float) $quote->text($field) > $most) {
                throw BadBuild::at("/quote/{$field}", "{$quote->text($field)} is over {$most}; it is a share of one.");
            }
        }
        foreach ($quote->objects('tax') as $i => $tax) {
            if ((float) $tax->text('rate') > 1.0) {
                $percent = round(100.0 * (float) $tax->text('rate'), 4);
                $meant = $percent > 100.0 && $percent < 200.0 ? ' Did you mean '.($percent - 100.0).' %?' : '';
                throw BadBuild::at("/quote/tax/{$i}/rate", "{$tax->text('label')} {$percent} % is over 100.{$meant}");
            }
        }
        $this->day('/quote/valid_until', $quote->text('valid_until'));
        foreach ($quote->objects('costs') as $i => $cost) {
            $this->day("/quote/costs/{$i}/on", $cost->text('on'));
        }
        foreach ($quote->objects('options') as $i => $option) {
            $this->option("/quote/options/{$i}", $option->textOrNull('edit'), $option->texts('excludes'));
        }
        foreach ($this->document->fields()->object('handover')->objects('open') as $i => $open) {
            $this->day("/handover/open/{$i}/due_on", $open->text('due_on'));
        }
        foreach ($this->document->fields()->objects('parts') as $i => $part) {
            $size = $part->object('pack');
            if ($size->has('price') && ! is_string($size->data['price'])) {
                throw BadBuild::at("/parts/{$i}/pack/price", 'expected money as decimal text, as "12.50".');
            }
        }
    }

    /** @param  list<string>  $excludes */
    private function option(string $path, ?string $edit, array $excludes): void
    {
        if ($edit !== null) {
            $read = json_decode($edit, true);
            if (! is_array($read) || ! is_string($read['op'] ?? null)) {
                throw BadBuild::at("{$path}/edit", 'expected an edit as JSON text, as {"op": "set", …}.');
            }
        }
        foreach ($excludes as $j => $id) {
            if (($this->index->sections[$id] ?? '') !== 'quote.options') {
                throw BadBuild::at("{$path}/excludes/{$j}", "`{$id}` is no option of this quote.");
            }
        }
    }

    /** A day that no calendar has is not moved to the next month in silence. */
    private function day(string $path, string $said): void
    {
        $day = substr($said, 0, 10);
        if ($day === '') {
            return;
        }
        $real = DateTimeImmutable::createFromFormat('!Y-m-d', $day);
        if ($real === false || $real->format('Y-m-d') !== $day) {
            $month = DateTimeImmutable::createFromFormat('!Y-m-d', substr($day, 0, 8).'01');
            $has =
                $month === false
                    ? 'there is no such month'
                    : $month->format('F').' has '.$month->format('t').' days';
            throw BadBuild::at($path, "{$day} is no day: {$has}.");
        }
    }
}
