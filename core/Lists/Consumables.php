<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Build\Part;
use BenchGlow\Format\Fields;
use BenchGlow\Loom\Stretch;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Shown;

/** What is used up beside wire and strip: tube, sleeve, terminals, fixings, guards (layout-harness.md 13). */
final class Consumables
{
    /** One more in ten goes wrong or is wanted elsewhere. */
    private const MORE = 1.1;

    /** @var array<string, Consumable> */
    private array $rows = [];

    private function __construct(private readonly LoomList $list)
    {
    }

    /** @return list<Consumable> */
    public static function of(LoomList $list): array
    {
        $all = new self($list);
        $all->tubes();
        $all->sleeves();
        $all->terminals();
        $all->fixings();
        $all->guards();

        return array_values($all->rows);
    }

    private function tubes(): void
    {
        $ends = [];
        foreach ($this->list->wires() as $wire) {
            array_push($ends, ...array_column($wire['ends'], 'tube'));
        }
        foreach ([...array_map(fn ($j): ?array => $j->tube(), $this->list->joints->all), ...$ends] as $tube) {
            if ($tube === null) {
                continue;
            }
            $size = Shown::plain($tube['supplied_mm'], 1).' to '.Shown::plain($tube['recovered_mm'], 1).' mm';
            $this->add(
                "heat-shrink {$size}".($tube['lined'] ? ', lined' : ''),
                $tube['length_mm'] / 1000,
                'm',
                fn (Fields $p): bool => $p->isA('tube') &&
                    abs($p->number('supplied_mm') - $tube['supplied_mm']) < 0.05 &&
                    $p->flag('lined') === $tube['lined'],
            );
        }
    }

    private function sleeves(): void
    {
        foreach ($this->list->loom->stretches as $id => $stretch) {
            $inside = $this->list->sleeveMm((string) $id);
            $style = $stretch->route->sleeve;
            if ($style !== 'none' && $stretch->leads !== [] && $inside !== null) {
                $this->add(
                    'sleeve '.Shown::plain($inside, 1).' mm, '.$style,
                    $stretch->lengthM,
                    'm',
                    fn (Fields $p): bool => $p->isA('sleeve') &&
                        $p->text('style') === $style &&
                        abs($p->number('inside_mm') - $inside) < 0.05,
                );
            }
        }
    }

    /** Crimped ends by what goes on them; solder and the pins that come with a plug are none. */
    private function terminals(): void
    {
        foreach ($this->list->wires() as $wire) {
            foreach ($wire['ends'] as $end) {
                $words = strtolower((string) $end['terminal']);
                if ($end['pin'] !== null && in_array($end['end'], ['ring', 'spade', 'crimp'], true)) {
                    $this->add($words, 1.0, 'piece', fn (Fields $p): bool => self::isTerminal($p, $words));
                }
            }
        }
    }

    /** @param  string  $words  "ring, red, M6", "crimp, blue", or what the build calls its own */
    private static function isTerminal(Fields $part, string $words): bool
    {
        $said = explode(', ', $words);
        $stud = $part->numberOrNull('stud_mm');

        return $part->isA('terminal') &&
            (strtolower($part->text('label')) === $words ||
                ($part->text('style') === ($said[0] === 'crimp' ? 'butt' : $said[0]) &&
                    $part->text('colour') === ($said[1] ?? '') &&
                    ($stud === null || 'm'.Shown::plain($stud, 0) === ($said[2] ?? ''))));
    }

    private function fixings(): void
    {
        foreach ($this->list->loom->stretches as $id => $stretch) {
            $count = self::held($stretch);
            $mm = $this->list->bundleMm((string) $id);
            if ($count > 0) {
                $part = $this->clip($mm);
                $this->add(
                    strtolower($part?->text('label') ?? 'clip for '.Shown::plain($mm, 1).' mm'),
                    $count * self::MORE,
                    'piece',
                    fn (Fields $p): bool => $p->text('label') === $part?->text('label'),
                );
            }
        }
    }

    /** Grommets and glands that a hole says it has. */
    private function guards(): void
    {
        foreach ($this->list->build->holes as $hole) {
            if (in_array($hole->edge, ['grommet', 'gland'], true) && ! $hole->existing) {
                $this->add(
                    "{$hole->edge} for a hole of ".Shown::plain($hole->mm, 1).' mm',
                    1.0,
                    'piece',
                    fn (Fields $p): bool => $p->isA('guard') &&
                        $p->text('style') === $hole->edge &&
                        abs($p->number('hole_mm') - $hole->mm) < 0.3,
                );
            }
        }
    }

    /** @param  callable(Fields): bool  $is  the part that is meant */
    private function add(string $what, float $need, string $unit, callable $is): void
    {
        $before = $this->rows[$what] ?? null;
        [$part, $own] = $before === null ? $this->part($is) : [$before->part, $before->own];
        $have = $own === null ? 0.0 : $this->have($own);
        $this->rows[$what] = Consumable::of($what, ($before->exact ?? 0.0) + $need, $unit, $part, $own, $have);
    }

    /**
     * @param  callable(Fields): bool  $is
     * @return array{Fields|null, string|null} data of the part, and its id where the build has it
     */
    private function part(callable $is): array
    {
        foreach ($this->list->build->parts as $id => $part) {
            if ($is($part->fields)) {
                return [$part->fields, (string) $id];
            }
        }
        foreach (Catalogue::LOOM_SHELVES as $shelf) {
            foreach (Catalogue::shelf($shelf) as $entry) {
                if ($is($entry->object('part'))) {
                    return [Catalogue::part($entry->object('part')->text('id')), null];
                }
            }
        }

        return [null, null];
    }

    /** The least that holds so thick a bundle. */
    private function clip(float $mm): ?Fields
    {
        $own = array_map(fn (Part $p): Fields => $p->fields, array_values($this->list->build->parts));
        $shelf = array_map(fn (Fields $e): Fields => $e->object('part'), Catalogue::shelf('fixings'));
        foreach ([...$own, ...$shelf] as $part) {
            $most = $part->items('holds_mm')[1] ?? null;
            if ($part->text('style') === 'clip' && is_numeric($most) && $mm <= (float) $most + 1e-9) {
                return $part;
            }
        }

        return null;
    }

    private function have(string $part): float
    {
        foreach ($this->list->build->document->fields()->object('work')->objects('parts') as $row) {
            if ($row->text('part') === $part) {
                return $row->number('have');
            }
        }

        return 0.0;
    }

    private static function held(Stretch $stretch): int
    {
        $every = $stretch->route->spacingM ?? $stretch->zone->everyM;

        return match (true) {
            $stretch->leads === [] || in_array($stretch->route->fixing, ['loom', 'tape', 'none'], true) => 0,
            $every === null => 2,
            default => (int) ceil($stretch->lengthM / $every - 1e-9) + 1,
        };
    }
}
