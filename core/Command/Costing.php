<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Cost\Bought;
use BenchGlow\Cost\Cost;
use BenchGlow\Cost\Option;
use BenchGlow\Cost\Options;
use BenchGlow\Cost\Row;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\TakeOption;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Steps\Record;
use BenchGlow\Steps\Times;
use Brick\Math\BigDecimal;

/** `glow cost`: what a build costs, planned and as it came to, with its options. */
final readonly class Costing
{
    private Cost $cost;

    private Options $options;

    /** @param  list<string>  $with  options that are taken, by id */
    public function __construct(Document $document, array $with = [], ?Times $times = null, ?Record $record = null)
    {
        foreach ($with as $id) {
            $document = Editor::apply($document, new TakeOption($id));
        }
        $analysis = Analysis::of($document);
        $this->cost = new Cost($analysis, $times, $record);
        $this->options = new Options($analysis, $this->cost, $times);
    }

    /**
     * What the bench recorded of a build: a list of events.
     *
     * @throws BadBuild
     */
    public static function record(string $json): Record
    {
        $events = json_decode($json, true);
        if (! is_array($events) || ! array_is_list($events)) {
            throw BadBuild::at(
                '',
                'the record: expected a list of events, as [{"kind": "sit", "seconds": 0, "steps": []}].',
            );
        }

        return new Record(
            array_map(
                fn (Fields $e): array => [
                    'kind' => $e->text('kind'),
                    'seconds' => $e->number('seconds'),
                    'steps' => array_map(
                        fn (Fields $s): array => [
                            'step' => $s->text('step'),
                            'verb' => $s->text('verb'),
                            'reach' => $s->text('reach'),
                            'usual' => $s->number('usual'),
                            'slip' => $s->flag('slip'),
                        ],
                        $e->objects('steps'),
                    ),
                    'stated' => $e->flag('stated'),
                ],
                array_map(fn (mixed $e): Fields => new Fields(is_array($e) ? $e : []), $events),
            ),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $cost = $this->cost;
        $text = $cost->currency->text(...);
        $net = $cost->net();
        $actual = $cost->actualNet();

        return [
            'currency' => $cost->currency->code,
            'planned' => [
                'parts' => $text($cost->bought()),
                'hours' => $text($this->work(fn (Row $r): BigDecimal => $r->planned)),
                'hours_h' => Cost::short($cost->hours->likely),
                'consumables' => $text($this->of('consumables', fn (Row $r): BigDecimal => $r->planned)),
                'lines' => $text($this->of('line', fn (Row $r): BigDecimal => $r->planned)),
                'margin' => $text($this->of('margin', fn (Row $r): BigDecimal => $r->planned)),
                'discount' => $text($this->of('discount', fn (Row $r): BigDecimal => $r->planned)),
                'rounding' => $text($this->of('rounding', fn (Row $r): BigDecimal => $r->planned)),
                'net' => $text($net),
                'tax' => $text($cost->gross($net)->minus($net)),
                'gross' => $text($cost->gross($net)),
                'at_most' => $text($cost->most()),
            ],
            'actual' => $actual === null
                    ? null
                    : [
                        'consumables' => $text(
                            $this->of('consumables', fn (Row $r): BigDecimal => $r->actual ?? $r->planned),
                        ),
                        'lines' => $text($this->of('line', fn (Row $r): BigDecimal => $r->actual ?? $r->planned)),
                        'hours_h' => $this->tookH(),
                        'net' => $text($actual),
                        'tax' => $text($cost->gross($actual)->minus($actual)),
                        'gross' => $text($cost->gross($actual)),
                    ],
            'rows' => array_map(
                fn (Row $r): array => [
                    'id' => $r->id,
                    'kind' => $r->kind,
                    'label' => $r->label,
                    'circuit' => $r->circuit,
                    'planned' => $text($r->planned),
                    'actual' => $r->actual === null ? null : $text($r->actual),
                    'difference' => $r->difference() === null ? null : $text($r->difference()),
                    'hours_h' => $r->hoursH === '' ? null : $r->hoursH,
                    'took_h' => $r->tookH === '' ? null : $r->tookH,
                    'parts' => array_map($this->bought(...), $r->parts),
                ],
                $cost->rows,
            ),
            'left_over' => array_map(
                fn (Bought $b): array => [
                    'part' => $b->part,
                    'label' => $b->label,
                    'left' => $b->left,
                    'unit' => $b->unit,
                ],
                $cost->leftOver(),
            ),
            'unpriced' => $cost->unpriced(),
            'options' => array_map(
                fn (Option $o): array => [
                    'id' => $o->id,
                    'code' => $o->code,
                    'label' => $o->label,
                    'amount' => $o->amount === null ? null : $text($o->amount),
                    'because' => $o->because,
                    'valid' => $o->valid,
                    'chosen' => $o->chosen,
                    'changes' => $o->changes,
                ],
                $this->options->all,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function bought(Bought $b): array
    {
        return [
            'part' => $b->part,
            'label' => $b->label,
            'need' => $b->need,
            'unit' => $b->unit,
            'packs' => $b->packs,
            'size' => $b->size,
            'price' => $b->price === null ? null : $this->cost->currency->text($b->price),
            'left' => $b->left,
        ];
    }

    private function tookH(): ?string
    {
        $took = $this->cost->hours->took;

        return $took === null ? null : Cost::short(BigDecimal::sum(BigDecimal::zero(), ...array_values($took)));
    }

    /** @param  callable(Row): BigDecimal  $amount */
    private function of(string $kind, callable $amount): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($this->cost->rows as $row) {
            $sum = $row->kind === $kind ? $sum->plus($amount($row)) : $sum;
        }

        return $sum;
    }

    /** @param  callable(Row): BigDecimal  $amount */
    private function work(callable $amount): BigDecimal
    {
        $all = $this->of('circuit', $amount)
            ->plus($this->of('shared', $amount))
            ->plus($this->of('wire', $amount))
            ->plus($this->of('work', $amount));

        return $all->minus($this->cost->bought());
    }
}
