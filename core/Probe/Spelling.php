<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\Input;

/** Conditions over kinds of inputs, said over the inputs a build has; those that are missing are made. */
final class Spelling
{
    /** @var list<array{id: string, label: string, kind: string, positions: list<string>}> inputs that had to be made */
    public array $made = [];

    /**
     * @param  array<string, Input>  $inputs
     * @param  callable(string): string  $free  an id nothing has yet, near a wish
     */
    public function __construct(private array $inputs, private $free)
    {
    }

    /**
     * @param  array<array-key, mixed>  $when  over kinds
     * @return array<array-key, mixed> over inputs; what goes by nothing is always
     */
    public function over(array $when): array
    {
        foreach (['any', 'all'] as $word) {
            if (is_array($when[$word] ?? null)) {
                $there = $this->there($word, $when[$word]);
                $list = array_map(fn (mixed $w): array => $this->over(is_array($w) ? $w : []), $there);

                return count($list) === 1 ? $list[0] : [$word => $list];
            }
        }
        $kind = is_string($when['kind'] ?? null) ? $when['kind'] : 'other';
        [$id, $positions] = $this->input($kind);
        $meant = array_values(array_filter((array) ($when['is'] ?? []), is_string(...)));
        $is = array_values(
            array_filter(
                array_slice($positions, 1),
                fn (string $p): bool => array_filter($meant, fn (string $m): bool => str_contains($p, $m)) !== [],
            ),
        );

        return $is === [] ? ['input' => $id] : ['input' => $id, 'is' => count($is) === 1 ? $is[0] : $is];
    }

    /**
     * Of several that would do, those the build has; the first where it has none.
     *
     * @param  array<array-key, mixed>  $list
     * @return list<mixed>
     */
    private function there(string $word, array $list): array
    {
        $list = array_values($list);
        if ($word === 'all' || count($list) < 2) {
            return $list;
        }
        $there = array_values(array_filter($list, fn (mixed $w): bool => is_array($w) && $this->has($w)));

        return $there === [] ? array_slice($list, 0, 1) : $there;
    }

    /** @param  array<array-key, mixed>  $when */
    private function has(array $when): bool
    {
        foreach ((array) ($when['all'] ?? ($when['any'] ?? [])) as $inner) {
            if (is_array($inner) && ! $this->has($inner)) {
                return false;
            }
        }

        return ! is_string($when['kind'] ?? null) || $this->known($when['kind']) !== null;
    }

    /** @return array{string, list<string>}|null */
    private function known(string $kind): ?array
    {
        foreach ($this->inputs as $id => $input) {
            if (Condition::kind($input) === $kind) {
                return [(string) $id, $input->positions];
            }
        }
        foreach ($this->made as $input) {
            if ($input['kind'] === $kind) {
                return [$input['id'], $input['positions']];
            }
        }

        return null;
    }

    /** @return array{string, list<string>} id and positions */
    private function input(string $kind): array
    {
        $known = $this->known($kind);
        if ($known !== null) {
            return $known;
        }
        [$label, $positions] = Tables::input($kind);
        $id = ($this->free)($kind);
        $this->made[] = ['id' => $id, 'label' => $label, 'kind' => $kind, 'positions' => $positions];

        return [$id, $positions];
    }
}
