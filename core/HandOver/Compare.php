<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Build\Names;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Quantity\DecimalText;

/** Two documents of a build compared, thing by thing and field by field, in words, by circuit (build-handover.md 16). */
final class Compare
{
    /** Of what stands on the build itself, not on a thing. */
    public const BUILD = 'build';

    /** @var list<Change> */
    public readonly array $changes;

    private readonly Index $a;

    private readonly Index $b;

    public function __construct(private readonly Document $was, private readonly Document $is)
    {
        $this->a = Index::of($was);
        $this->b = Index::of($is);
        $this->changes = [...$this->build(), ...$this->things()];
    }

    /** @return list<Change> fields that no thing has: title, settings, brief, quote, hand-over, what was done */
    private function build(): array
    {
        $changes = [];
        [$was, $is] = [self::withoutThings($this->was->data, $this->a), self::withoutThings($this->is->data, $this->b)];
        foreach (self::different($was, $is) as $field => [$before, $after]) {
            $said = str_replace(['_', '.'], ' ', $field);
            $changes[] = new Change(
                null,
                self::BUILD,
                $field,
                $before,
                $after,
                ucfirst($said).self::said($before, $after),
            );
        }

        return $changes;
    }

    /** @return list<Change> */
    private function things(): array
    {
        $changes = [];
        foreach (array_unique([...array_keys($this->a->paths), ...array_keys($this->b->paths)]) as $id) {
            $id = (string) $id;
            $there = $this->b->has($id);
            $index = $there ? $this->b : $this->a;
            $item = $index->item($id);
            $said = $item->text('label') === '' ? $item->text('what', $item->text('text')) : '';
            $name = $said === '' ? Names::in($index)->name($id) : mb_strimwidth($said, 0, 60, '…');
            $circuit = $this->circuit($index, $id);
            if (! $there || ! $this->a->has($id)) {
                $own = $index->item($id)->data;
                $changes[] = new Change(
                    $circuit,
                    $id,
                    null,
                    $there ? null : $own,
                    $there ? $own : null,
                    $name.($there ? ' is new' : ' is gone'),
                );

                continue;
            }
            [$section, $kind] = Names::in($index)->place($id);
            $own = fn (Index $of): array => self::withoutThings($of->item($id)->data, $of);
            foreach (self::different($own($this->a), $own($this->b)) as $field => [$before, $after]) {
                $label = FormatOne::field($section, $kind, explode('.', $field)[0])->label;
                $changes[] = new Change(
                    $circuit,
                    $id,
                    $field,
                    $before,
                    $after,
                    "{$name}: {$label}".self::said($before, $after),
                );
            }
        }

        return $changes;
    }

    /** The circuit a thing belongs to, also as part of a lead or a want. */
    private function circuit(Index $index, string $id): ?string
    {
        $path = $index->paths[$id];
        if ($path[0] === 'circuits') {
            return $this->at($index, ['circuits', $path[1] ?? 0])->text('id');
        }
        $top = count($path) > 2 && is_int($path[1]) ? $this->at($index, [$path[0], $path[1]]) : $index->item($id);

        return $top->textOrNull('circuit');
    }

    /** @param  list<string|int>  $path */
    private function at(Index $index, array $path): Fields
    {
        $data = ($index === $this->b ? $this->is : $this->was)->data;
        foreach ($path as $key) {
            $data = is_array($data) ? $data[$key] ?? [] : [];
        }

        return new Fields(is_array($data) ? $data : []);
    }

    /**
     * Without the lists whose items are things themselves.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function withoutThings(array $data, Index $index): array
    {
        $left = [];
        foreach ($data as $key => $value) {
            $first = is_array($value) && is_array($value[0] ?? null) ? $value[0]['id'] ?? null : null;
            $path = is_string($first) ? $index->paths[$first] ?? [] : [];
            if (count($path) > 1 && $path[count($path) - 2] === $key) {
                continue;
            }
            $left[$key] = is_array($value) && ! array_is_list($value) ? self::withoutThings($value, $index) : $value;
        }

        return $left;
    }

    /**
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $is
     * @return array<string, array{mixed, mixed}> path below the thing => was, is
     */
    private static function different(array $was, array $is, string $under = ''): array
    {
        $all = [];
        foreach (array_unique([...array_keys($was), ...array_keys($is)]) as $key) {
            [$a, $b] = [$was[$key] ?? null, $is[$key] ?? null];
            $path = $under === '' ? (string) $key : "{$under}.{$key}";
            // An object that comes, or goes, is all its fields.
            if ((self::isObject($a) || self::isObject($b)) && self::isObject($a ?? []) && self::isObject($b ?? [])) {
                $all += self::different((array) $a, (array) $b, $path);
            } elseif ($a !== $b && ! (is_numeric($a) && is_numeric($b) && ! is_string($a) && $a == $b)) {
                $all[$path] = [$a, $b];
            }
        }

        return $all;
    }

    private static function isObject(mixed $value): bool
    {
        return is_array($value) && ($value === [] || ! array_is_list($value));
    }

    private static function said(mixed $was, mixed $is): string
    {
        [$a, $b] = [self::word($was), self::word($is)];

        return $a === '' || $b === '' ? ' changed' : " {$a} → {$b}";
    }

    private static function word(mixed $value): string
    {
        return match (true) {
            $value === null => 'as recommended',
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value), is_float($value) => DecimalText::of((float) $value, 4),
            is_string($value) => mb_strimwidth(str_replace('_', ' ', $value), 0, 60, '…'),
            default => '',
        };
    }

    /** @return array<string, list<Change>> circuit => its changes; under '' what belongs to none */
    public function byCircuit(): array
    {
        $all = [];
        foreach ($this->changes as $change) {
            $all[(string) $change->circuit][] = $change;
        }

        return $all;
    }
}
