<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\LoomList;
use BenchGlow\Quantity\DecimalText;
use BenchGlow\Steps\Record;
use BenchGlow\Steps\Times;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * What a build costs and what it is sold for: parts by packs, hours at a rate, what is used up, lines; planned, and as it came
 * to (build-handover.md 14). No float touches an amount; a line is rounded half up to the currency's digits, and the total is
 * the sum of the lines that are shown.
 */
final readonly class Cost
{
    public const WORK = 'work';

    public const HIRE = 'hire';

    public const REWORK = 'rework';

    public const MARGIN = 'margin';

    public const DISCOUNT = 'discount';

    public const ROUNDING = 'rounding';

    public Currency $currency;

    public Shopping $shopping;

    public Hours $hours;

    /** @var list<Row> */
    public array $rows;

    private Fields $quote;

    private LoomList $list;

    public function __construct(Analysis $analysis, ?Times $times = null, ?Record $record = null)
    {
        $this->list = new LoomList($analysis);
        $this->quote = $analysis->build->document->fields()->object('quote');
        $this->currency = new Currency($analysis->build->settings->currency);
        $this->shopping = new Shopping($this->list, $this->currency);
        $this->hours = Hours::of($this->list, $times, $record);
        $rows = [...$this->circuits(), ...$this->common(), ...$this->lines()];
        $this->rows = [...$rows, ...$this->ending($rows)];
    }

    /** @return list<Row> parts and hours of each circuit */
    private function circuits(): array
    {
        $rows = [];
        foreach ($this->list->build->circuits as $id => $circuit) {
            $rows[] = $this->row((string) $id, 'circuit', $circuit->label, (string) $id, true);
        }

        return $rows;
    }

    /** @return list<Row> */
    private function common(): array
    {
        $rows = [
            $this->row(Shopping::SHARED, 'shared', 'Parts of several circuits', null, false),
            $this->row(Shopping::WIRE, 'wire', 'Wire', null, false),
            $this->consumables(),
            $this->row(
                self::WORK,
                'work',
                $this->hours->typed ? 'Work, hours as typed' : 'Work of no one circuit',
                '',
                true,
            ),
        ];
        $hire = $this->spent('hire', 'post', 'other');
        $hire === null ? null : ($rows[] = $this->only(self::HIRE, 'hire', 'Hire, post and the like', $hire));
        $wrong = $this->wrong();
        $wrong === null ? null : ($rows[] = $this->only(self::REWORK, 'rework', 'What went wrong', $wrong));

        return array_values(
            array_filter(
                $rows,
                fn (Row $r): bool => ! $r->planned->isZero() ||
                    ($r->actual !== null && ! $r->actual->isZero()) ||
                    $r->parts !== [],
            ),
        );
    }

    /** @param  string|null  $circuit  whose hours; '' those of none; null: none at all */
    private function row(string $id, string $kind, string $label, ?string $circuit, bool $works): Row
    {
        $parts = array_values(array_filter($this->shopping->all, fn (Bought $b): bool => $b->row === $id));
        $material = self::sum(array_map(fn (Bought $b): BigDecimal => $b->price ?? BigDecimal::zero(), $parts));
        $hours = $works ? $this->hours->planned[(string) $circuit] ?? null : null;
        $took = $works ? $this->hours->took[(string) $circuit] ?? null : null;
        $spent = $kind === self::WORK ? BigDecimal::zero() : $this->parts($id, $material);

        return new Row(
            $id,
            $kind,
            $label,
            $circuit === '' ? null : $circuit,
            $material->plus($this->money($hours)),
            $this->isActual() ? $spent->plus($this->money($this->hours->took === null ? $hours : $took)) : null,
            $parts,
            $hours === null ? '' : self::short($hours),
            $took === null ? '' : self::short($took),
        );
    }

    private function consumables(): Row
    {
        $parts = array_values(
            array_filter($this->shopping->all, fn (Bought $b): bool => $b->row === Shopping::CONSUMABLES),
        );
        $typed = $this->quote->textOrNull('consumables');
        $planned =
            $typed === null
                ? self::sum(array_map(fn (Bought $b): BigDecimal => $b->price ?? BigDecimal::zero(), $parts))
                : $this->currency->line(BigDecimal::of($typed));
        $label = $typed === null ? 'What is used up' : 'What is used up, as typed';
        $actual = $this->isActual() ? $this->spent('consumable') ?? $planned : null;

        return new Row(Shopping::CONSUMABLES, 'consumables', $label, null, $planned, $actual, $parts);
    }

    private function only(string $id, string $kind, string $label, BigDecimal $actual): Row
    {
        return new Row($id, $kind, $label, null, BigDecimal::zero(), $actual);
    }

    /** @return list<Row> */
    private function lines(): array
    {
        $rows = [];
        foreach ($this->quote->objects('lines') as $line) {
            $amount = $this->currency->line(BigDecimal::of($line->text('amount')));
            $rows[] = new Row(
                $line->text('id'),
                'line',
                $line->text('label'),
                $line->textOrNull('circuit'),
                $amount,
                $this->isActual() ? $amount : null,
            );
        }
        foreach ($this->quote->objects('options') as $option) {
            $amount = $option->textOrNull('amount');
            if ($amount !== null && $option->flag('chosen')) {
                $money = $this->currency->line(BigDecimal::of($amount));
                $rows[] = new Row(
                    $option->text('id'),
                    'line',
                    $option->text('label'),
                    null,
                    $money,
                    $this->isActual() ? $money : null,
                );
            }
        }

        return $rows;
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Row> margin on the parts, discount, what rounding makes of the sum
     */
    private function ending(array $rows): array
    {
        $ending = [];
        $share = $this->quote->textOrNull('margin');
        if ($share !== null && ! BigDecimal::of($share)->isZero()) {
            $on = fn (BigDecimal $parts): BigDecimal => $this->currency->line($parts->multipliedBy($share));
            $spent = $this->isActual() ? self::sum(array_map($this->material(...), $rows)) : null;
            $percent = self::short(BigDecimal::of($share)->multipliedBy(100));
            $ending[] = new Row(
                self::MARGIN,
                'margin',
                "Margin on parts, {$percent} %",
                null,
                $on($this->bought()),
                $spent === null ? null : $on($spent),
            );
        }
        $discount = $this->quote->textOrNull('discount');
        if ($discount !== null && ! BigDecimal::of($discount)->isZero()) {
            $off = $this->currency->line(BigDecimal::of($discount))->negated();
            $ending[] = new Row(self::DISCOUNT, 'discount', 'Discount', null, $off, $this->isActual() ? $off : null);
        }
        $step = $this->quote->textOrNull('rounding');
        if ($step !== null) {
            $sum = self::sum(array_map(fn (Row $r): BigDecimal => $r->planned, [...$rows, ...$ending]));
            $by = $this->currency->step($sum, $step)->minus($sum);
            $by->isZero()
                ? null
                : ($ending[] = new Row(
                    self::ROUNDING,
                    'rounding',
                    'Rounded',
                    null,
                    $by,
                    $this->isActual() ? BigDecimal::zero()->toScale($this->currency->digits) : null,
                ));
        }

        return $ending;
    }

    /** Of the actual of a row what was spent on parts. */
    private function material(Row $row): BigDecimal
    {
        return in_array($row->kind, ['circuit', 'shared', 'wire'], true)
            ? $this->parts(
                $row->id,
                self::sum(array_map(fn (Bought $b): BigDecimal => $b->price ?? self::none(), $row->parts)),
            )
            : self::none();
    }

    /** What was spent on the parts of a row; as planned where nobody kept what parts cost. */
    private function parts(string $row, BigDecimal $planned): BigDecimal
    {
        if ($this->spent('part') === null) {
            return $planned;
        }
        $rowOf = [];
        foreach ($this->shopping->all as $bought) {
            $rowOf[$bought->part] = $bought->row;
        }
        $sum = BigDecimal::zero();
        foreach ($this->quote->objects('costs') as $cost) {
            $of = $cost->textOrNull('circuit') ?? ($rowOf[$cost->text('part')] ?? Shopping::SHARED);
            $isPart = ! $cost->has('kind') || $cost->isA('part');
            $sum = $isPart && $of === $row ? $sum->plus(BigDecimal::of($cost->text('amount'))) : $sum;
        }

        return $this->currency->line($sum);
    }

    /** What was spent on some kinds; null where nothing was kept of them. */
    private function spent(string ...$kinds): ?BigDecimal
    {
        $sum = null;
        foreach ($this->quote->objects('costs') as $cost) {
            if (in_array($cost->text('kind', 'part'), $kinds, true)) {
                $sum = ($sum ?? BigDecimal::zero())->plus(BigDecimal::of($cost->text('amount')));
            }
        }

        return $sum === null ? null : $this->currency->line($sum);
    }

    /** What mistakes cost beside their time; null where none cost anything. */
    private function wrong(): ?BigDecimal
    {
        $sum = null;
        foreach ($this->list->build->document->fields()->objects('log') as $entry) {
            if ($entry->isA('mistake') && $entry->number('cost') > 0.0) {
                $sum = ($sum ?? BigDecimal::zero())->plus(BigDecimal::of(DecimalText::of($entry->number('cost'), 4)));
            }
        }

        return $sum === null ? null : $this->currency->line($sum);
    }

    private function money(?BigDecimal $hours): BigDecimal
    {
        $rate = $this->quote->textOrNull('rate_per_h');

        return $this->currency->line(
            $hours === null || $rate === null ? BigDecimal::zero() : $hours->multipliedBy($rate),
        );
    }

    /** Whether anything of what it came to was recorded. */
    public function isActual(): bool
    {
        return $this->hours->took !== null || $this->quote->objects('costs') !== [] || $this->wrong() !== null;
    }

    /** What the parts come to, wire among them, without what is used up. */
    public function bought(): BigDecimal
    {
        return self::sum(
            array_map(
                fn (Bought $b): BigDecimal => $b->row === Shopping::CONSUMABLES
                    ? BigDecimal::zero()
                    : $b->price ?? BigDecimal::zero(),
                $this->shopping->all,
            ),
        );
    }

    public function net(): BigDecimal
    {
        return self::sum(array_map(fn (Row $r): BigDecimal => $r->planned, $this->rows));
    }

    public function actualNet(): ?BigDecimal
    {
        return $this->isActual()
            ? self::sum(array_map(fn (Row $r): BigDecimal => $r->actual ?? BigDecimal::zero(), $this->rows))
            : null;
    }

    /** @return list<array{label: string, rate: string, amount: BigDecimal}> on a net amount */
    public function taxes(BigDecimal $net): array
    {
        return array_map(
            fn (Fields $tax): array => [
                'label' => $tax->text('label'),
                'rate' => $tax->text('rate'),
                'amount' => $this->currency->line($net->multipliedBy($tax->text('rate'))),
            ],
            $this->quote->objects('tax'),
        );
    }

    public function gross(BigDecimal $net): BigDecimal
    {
        return $net->plus(self::sum(array_column($this->taxes($net), 'amount')));
    }

    /** Net where the hours are as many as they can well be. */
    public function most(): BigDecimal
    {
        return $this->net()->plus($this->money($this->hours->most->minus($this->hours->likely)));
    }

    /** What is said to whoever asks: with tax where prices are with it. */
    public function said(BigDecimal $net): BigDecimal
    {
        return $this->quote->flag('gross') ? $this->gross($net) : $net;
    }

    /** @return list<string> what has no price, and is not summed as nothing */
    public function unpriced(): array
    {
        return array_values(
            array_unique(
                array_map(
                    fn (Bought $b): string => $b->label,
                    array_filter(
                        $this->shopping->all,
                        fn (Bought $b): bool => $b->price === null &&
                            ! ($b->row === Shopping::CONSUMABLES && $this->quote->has('consumables')),
                    ),
                ),
            ),
        );
    }

    /** @return list<Bought> what stays over once it is built */
    public function leftOver(): array
    {
        return array_values(
            array_filter($this->shopping->all, fn (Bought $b): bool => BigDecimal::of($b->left)->isPositive()),
        );
    }

    /** @param  list<BigDecimal>  $all */
    private static function sum(array $all): BigDecimal
    {
        return array_reduce($all, fn (BigDecimal $sum, BigDecimal $b): BigDecimal => $sum->plus($b), self::none());
    }

    /** To two digits, without zeros that say nothing. */
    public static function short(BigDecimal $number): string
    {
        return (string) $number->toScale(2, RoundingMode::HALF_UP)->stripTrailingZeros();
    }

    private static function none(): BigDecimal
    {
        return BigDecimal::zero();
    }
}
