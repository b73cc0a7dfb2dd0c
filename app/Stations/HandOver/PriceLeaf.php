<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Store\Diary;
use App\Store\Keeper;
use ArrayObject;
use BenchGlow\Cost\Codes;
use BenchGlow\Cost\Cost;
use BenchGlow\Cost\Option;
use BenchGlow\Cost\Options;
use BenchGlow\Cost\Row;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Format\Fields;
use Brick\Math\BigDecimal;

/** The price: one sentence, what it is made of, planned beside what it came to, options with what they change. */
final class PriceLeaf
{
    public readonly Cost $cost;

    public readonly Fields $quote;

    /** @var list<Option>|null */
    private ?array $options = null;

    public function __construct(private readonly Frame $frame)
    {
        $this->cost = new Cost($frame->analysis, Diary::times(), Diary::of($frame->build));
        $this->quote = $frame->document->fields()->object('quote');
    }

    public function said(BigDecimal $amount): string
    {
        return $this->cost->currency->said($amount);
    }

    /** "412 EUR, of which 5.4 hours; at most 468." */
    public function sentence(): string
    {
        $price = $this->said($this->cost->said($this->cost->net()));
        $hours = Cost::short($this->cost->hours->likely);
        if ($this->quote->textOrNull('rate_per_h') === null) {
            return "{$price}; {$hours} hours are not in it, no rate is typed.";
        }
        $high = $this->said($this->cost->said($this->cost->most()));
        $most = $high === $price ? '' : "; at most {$high}";
        $of = $this->cost->hours->typed ? "{$hours} hours as typed" : "of which {$hours} hours";

        return "{$price}, {$of}{$most}.";
    }

    /** With or without what tax, in words; '' where there is none. */
    public function taxed(): string
    {
        $taxes = $this->cost->taxes($this->cost->net());
        if ($taxes === []) {
            return '';
        }
        $each = array_map(fn (array $t): string => "{$t['label']} {$this->said($t['amount'])}", $taxes);
        $with = $this->quote->flag('gross') ? 'with ' : 'and to it ';

        return $with.implode(', ', $each).': '.$this->said($this->cost->gross($this->cost->net())).' in all';
    }

    /** @return array<string, array{string, string, string}> field => label, what stands in it, what it looks like */
    public function fields(): array
    {
        $q = $this->quote;
        $percent = fn (string $share): string => $share === ''
            ? ''
            : Cost::short(BigDecimal::of($share)->multipliedBy(100)).' %';
        $taxes = array_map(
            fn (Fields $t): string => "{$t->text('label')} {$percent($t->text('rate'))}",
            $q->objects('tax'),
        );

        return [
            'rate_per_h' => ['Rate', $q->text('rate_per_h') === '' ? '' : "{$q->text('rate_per_h')}/h", '45/h'],
            'margin' => ['Margin on parts', $percent($q->text('margin')), '20 %'],
            'tax' => ['Tax', implode('; ', $taxes), 'Tax 19 %'],
            'discount' => ['Discount', $q->text('discount'), '0'],
            'consumables' => ['What is used up', $q->text('consumables'), 'as reckoned'],
            'hours' => ['Hours', $q->text('hours') === 'plan' ? '' : $q->text('hours'), 'of the plan'],
            'valid_until' => ['Valid until', $q->text('valid_until'), '30 June'],
        ];
    }

    /** @return list<Option> priced once for what they are made from */
    public function options(): array
    {
        if ($this->options !== null) {
            return $this->options;
        }
        $of = ['options', $this->frame->document->hash(), Diary::newest()];
        $kept = Keeper::kept($of, ArrayObject::class)?->getArrayCopy();
        $known = array_values(array_filter($kept ?? [], fn (mixed $o): bool => $o instanceof Option));
        if ($kept === null) {
            $known = (new Options($this->frame->analysis, $this->cost, Diary::times()))->all;
            Keeper::put($of, new ArrayObject($known));
        }

        return $this->options = $known;
    }

    /** "+ 12.00 EUR", "− 4.00 EUR", "no difference" */
    public function difference(?BigDecimal $amount): string
    {
        return match (true) {
            $amount === null => '—',
            $amount->isZero() => 'no difference',
            $amount->isNegative() => $this->said($amount),
            default => '+ '.$this->said($amount),
        };
    }

    /**
     * The option's circuit as it is and as it would be.
     *
     * @return array{Drawing, Drawing}|null
     */
    public function drawings(Option $option): ?array
    {
        $circuit = $option->circuit;
        if ($option->after === null || $circuit === null || ! isset($this->frame->analysis->build->circuits[$circuit])) {
            return null;
        }

        return [
            CircuitDrawing::narrow($this->frame->analysis, $circuit, $this->frame->state()),
            CircuitDrawing::narrow($option->after, $circuit, $this->frame->state()),
        ];
    }

    /** @return list<list<Option>> those that exclude each other together */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->options() as $option) {
            $at = null;
            foreach ($groups as $n => $group) {
                foreach ($group as $other) {
                    $at =
                        in_array($other->id, $option->excludes, true) || in_array($option->id, $other->excludes, true)
                            ? $n
                            : $at;
                }
            }
            $at === null ? ($groups[] = [$option]) : ($groups[$at][] = $option);
        }

        return $groups;
    }

    /** The largest cause of the difference between planned and actual, in words; '' where nothing differs. */
    public function cause(): string
    {
        $worst = null;
        foreach ($this->cost->rows as $row) {
            $by = $row->difference()?->abs();
            $worst =
                $by !== null && ! $by->isZero() && ($worst === null || $by->isGreaterThan($worst[1]))
                    ? [$row, $by]
                    : $worst;
        }
        if ($worst === null) {
            return '';
        }
        $mistakes = [];
        foreach ($this->frame->document->fields()->objects('log') as $entry) {
            if ($entry->isA('mistake')) {
                $mistakes[] = $entry->text('text') ?: str_replace('_', ' ', $entry->text('cause'));
            }
        }

        return "Most of the difference is in “{$worst[0]->label}”".
            ($mistakes === [] ? '.' : '. Written down as gone wrong: '.implode('; ', $mistakes).'.');
    }

    /** Whether the newest change can be offered instead of made. */
    public function newest(): ?string
    {
        return $this->frame->moves->before() === null ? null : $this->frame->moves->undo;
    }

    /** @return array<string, string> */
    public function codes(): array
    {
        return (new Codes($this->frame->document))->all;
    }

    /** "2.3 h" */
    public function hours(Row $row): string
    {
        return $row->hoursH === '' ? '' : "{$row->hoursH} h".($row->tookH === '' ? '' : ", took {$row->tookH} h");
    }
}
