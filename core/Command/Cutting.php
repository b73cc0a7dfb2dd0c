<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\CutLists;
use BenchGlow\Lists\PartCuts;
use BenchGlow\Lists\ReadyList;
use BenchGlow\Quantity\Csv;

/** `glow cuts`: what is cut from which reel or offcut, what is bought, and what can be made when. */
final class Cutting
{
    /** @var list<Analysis> */
    private readonly array $builds;

    /**
     * @param  list<Document>  $documents
     * @param  list<array{id: string, part: string, length_m: float}>  $stock
     * @param  string  $today  2026-05-02
     */
    public function __construct(array $documents, private readonly array $stock, private readonly string $today)
    {
        $this->builds = array_map(fn (Document $d): Analysis => Analysis::of($d), $documents);
    }

    /**
     * Offcuts out of `{"offcuts": [{"id"?, "part", "length_m", "from"?}]}`.
     *
     * @return list<array{id: string, part: string, length_m: float}>
     *
     * @throws BadBuild by the field that is wrong
     */
    public static function stock(string $text): array
    {
        $json = json_decode($text, true);
        if (! is_array($json) || ! is_array($json['offcuts'] ?? null)) {
            throw BadBuild::at('/offcuts', 'expected JSON with a list of offcuts.');
        }
        $all = [];
        foreach (array_values($json['offcuts']) as $n => $one) {
            $f = new Fields(is_array($one) ? $one : []);
            $m = is_array($one) ? $one['length_m'] ?? null : null;
            if ($f->text('part') === '') {
                throw BadBuild::at("/offcuts/{$n}/part", 'expected the part it is an offcut of.');
            }
            if ((! is_int($m) && ! is_float($m)) || $m <= 0 || $m > 1000) {
                throw BadBuild::at("/offcuts/{$n}/length_m", 'expected metres over 0, up to 1000.');
            }
            $all[] = [
                'id' => $f->text('id', 'offcut_'.($n + 1)),
                'part' => $f->text('part'),
                'length_m' => (float) $m,
            ];
        }

        return $all;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $ready = $waits = [];
        foreach ($this->builds as $analysis) {
            $list = new ReadyList($analysis, $this->today);
            foreach ($list->circuits() as $circuit => $one) {
                $row = [
                    'build' => $analysis->build->document->title(),
                    'circuit' => $circuit,
                    'from' => $one->from,
                    'in_time' => $one->inTime,
                ];
                if ($one->waits === []) {
                    $ready[] = $row;
                } else {
                    $waits[] = [...$row, 'for' => $one->waits];
                }
            }
        }

        return [
            'parts' => array_map(
                fn (PartCuts $c): array => [
                    'part' => $c->sold->part,
                    'label' => $c->sold->label,
                    'bins' => $c->bins(),
                    'packs' => $c->buy->packs,
                    'price' => $c->buy->price,
                    'exact' => $c->plan->exact,
                    'lower_bound' => $c->plan->bound,
                    'too_long' => array_map(fn (int $n): string => $c->pieces[$n]->for, $c->plan->over),
                ],
                $this->cuts(),
            ),
            'ready' => $ready,
            'waits' => $waits,
        ];
    }

    /** @return list<PartCuts> */
    private function cuts(): array
    {
        return (new CutLists($this->builds, $this->stock))->all();
    }

    public function csv(): string
    {
        $rows = [['part', 'from', 'length_m', 'piece_m', 'build', 'for', 'left_m']];
        foreach ($this->cuts() as $cuts) {
            foreach ($cuts->plan->bins as $bin) {
                foreach ($bin['pieces'] as $n) {
                    $rows[] = [
                        $cuts->sold->label,
                        $bin['offcut'] === null ? 'new' : 'offcut',
                        $bin['length'] / 1000,
                        $cuts->pieces[$n]->lengthM,
                        $cuts->pieces[$n]->build,
                        $cuts->pieces[$n]->words,
                        $bin['left'] / 1000,
                    ];
                }
            }
        }

        return Csv::text($rows);
    }
}
