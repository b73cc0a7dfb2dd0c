<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use BenchGlow\Lists\Consumable;
use BenchGlow\Lists\Consumables;
use BenchGlow\Lists\CutLists;
use BenchGlow\Lists\CutPiece;
use BenchGlow\Lists\LoomList;
use BenchGlow\Lists\Piece;
use BenchGlow\Lists\Pieces;
use BenchGlow\Quantity\DecimalText;
use Brick\Math\BigDecimal;

/** All that is bought for a build, each in the row it belongs to: a circuit, several, the wire, what is used up. */
final readonly class Shopping
{
    public const SHARED = 'shared';

    public const WIRE = 'wire';

    public const CONSUMABLES = 'consumables';

    /** @var list<Bought> */
    public array $all;

    public function __construct(private LoomList $list, private Currency $currency)
    {
        $this->all = [...$this->reels(), ...$this->pieces(), ...$this->usedUp()];
    }

    /** @return list<Bought> strips and wire, by the reels of the cut plan */
    private function reels(): array
    {
        $stock = [];
        foreach ($this->list->build->document->fields()->object('work')->objects('offcuts') as $n => $offcut) {
            $stock[] = [
                'id' => "o{$n}",
                'part' => $offcut->text('part'),
                'length_m' => $offcut->number('length_m'),
            ];
        }
        $all = [];
        foreach ((new CutLists([$this->list->analysis], $stock))->all() as $cuts) {
            $circuits = array_map(
                fn (CutPiece $p): string => (string) ($this->list->build->lights[$p->for]->circuit ?? ''),
                $cuts->pieces,
            );
            $all[] = new Bought(
                $cuts->sold->kind === 'wire' ? self::WIRE : self::rowOf($circuits),
                $cuts->sold->names[0] ?? $cuts->sold->part,
                $cuts->sold->label,
                'm',
                DecimalText::of($cuts->buy->need, 3),
                $cuts->buy->packs,
                DecimalText::of($cuts->sold->sizeM, 3),
                $cuts->buy->price === null ? null : $this->currency->line(BigDecimal::of($cuts->buy->price)),
                DecimalText::of($cuts->buy->left ?? 0.0, 3),
            );
        }

        return $all;
    }

    /** @return list<Bought> */
    private function pieces(): array
    {
        $have = [];
        foreach ($this->list->build->document->fields()->object('work')->objects('parts') as $row) {
            $have[$row->text('part')] = $row->number('have');
        }
        $all = [];
        foreach (Pieces::counted($this->list->analysis) as $same) {
            $first = $same[0];
            $need = array_sum(array_map(fn (Piece $p): int => $p->count, $same));
            $short = max(0, $need - (int) floor($have[$first->key] ?? 0));
            $pack = $first->part?->fields->object('pack');
            $isPacked = $pack !== null && $pack->text('unit') === 'piece' && $pack->textOrNull('price') !== null;
            $size = $isPacked ? max(1, (int) round($pack->number('size'))) : 1;
            $packs = intdiv($short + $size - 1, $size);
            $price = $isPacked
                ? BigDecimal::of($pack->text('price'))
                : ($first->price === null
                    ? null
                    : BigDecimal::of(DecimalText::of($first->price)));
            $all[] = new Bought(
                self::rowOf(array_map(fn (Piece $p): string => (string) $p->circuit, $same)),
                $first->key,
                $first->label,
                'piece',
                (string) $need,
                $packs,
                (string) $size,
                $price === null ? null : $this->currency->line($price->multipliedBy($packs)),
                (string) ($packs * $size - $short),
            );
        }

        return $all;
    }

    /** @return list<Bought> */
    private function usedUp(): array
    {
        return array_map(
            fn (Consumable $c): Bought => new Bought(
                self::CONSUMABLES,
                $c->own ?? $c->what,
                $c->what,
                $c->unit,
                DecimalText::of($c->buy->need, 3),
                $c->buy->packs,
                DecimalText::of($c->part?->object('pack')->number('size', 1.0) ?? 1.0, 3),
                $c->buy->price === null ? null : $this->currency->line(BigDecimal::of($c->buy->price)),
                DecimalText::of($c->buy->left ?? 0.0, 3),
            ),
            Consumables::of($this->list),
        );
    }

    /**
     * The circuit all of it is for; what is for several, or for none, is shared.
     *
     * @param  list<string>  $circuits
     */
    private static function rowOf(array $circuits): string
    {
        $one = array_values(array_unique($circuits));

        return count($one) === 1 && $one[0] !== '' ? $one[0] : self::SHARED;
    }
}
