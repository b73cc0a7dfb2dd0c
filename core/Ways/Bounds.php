<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Build\Build;
use BenchGlow\Harness\Harness;

/**
 * Where a section of a chain begins and ends, as pins one can hang a wire on: for one that is not there, where it would be.
 *
 * @phpstan-import-type Element from Chain
 */
final readonly class Bounds
{
    /** @param  list<string>  $kinds  the section each block belongs to */
    public function __construct(
        private Build $build,
        private Harness $harness,
        private Chain $chain,
        private array $kinds,
    ) {
    }

    /** @return array<string, array{list<string>, string|null}> kind => pins behind it, and the pin before it unless that is the start */
    public function all(): array
    {
        $last = fn (string $kind): int => max([-1, ...array_keys($this->kinds, $kind, true)]);
        $source = $last(Section::SOURCE);
        $switching = $last(Section::SWITCHING);
        $control = $last(Section::CONTROL);
        $switchingAt = $switching >= 0 ? $switching : $source;
        $controlAt = $control >= 0 ? $control : max($switching, $source);
        $first = fn (string $kind): ?int => array_search($kind, $this->kinds, true) === false
            ? null
            : (int) array_search($kind, $this->kinds, true);

        return [
            Section::SOURCE => [$this->behind($this->tap()), null],
            Section::SWITCHING => [
                $this->behind($switchingAt),
                $this->before($first(Section::SWITCHING) ?? $source + 1),
            ],
            Section::CONTROL => [$this->behind($controlAt), $this->before($first(Section::CONTROL) ?? $controlAt + 1)],
            Section::RUNS => [
                $this->behind(count($this->kinds) - 1),
                $this->before(max($source, $switching, $control) + 1),
            ],
        ];
    }

    /** The block of a fuse tap, which is a source; −1 where there is none. */
    private function tap(): int
    {
        $first = $this->chain->blocks[0] ?? [];

        return count($first) === 1 && $first[0]['lead'] === '' && $first[0]['kind'] === 'fuse' ? 0 : -1;
    }

    /** The place between a block and the one before it. */
    private function place(int $block): string
    {
        return $block <= 0 ? Chain::START : $this->chain->cuts[$block - 1] ?? '';
    }

    /** The pin before a block where a switch or controller stands there; null: the way to it is only wire. */
    private function before(int $block): ?string
    {
        for ($n = min($block, count($this->kinds)) - 1; $n >= 0; $n--) {
            $acting = array_filter(
                $this->chain->blocks[$n],
                fn (array $e): bool => in_array($e['kind'], ['contact', 'control'], true),
            );
            if ($acting !== []) {
                return $this->place($n + 1);
            }
        }

        return null;
    }

    /** @return list<string> pins as written where what goes on from a block ends */
    private function behind(int $block): array
    {
        $place = $this->place($block + 1);
        $earlier = $this->pins(0, $block + 1);
        $later = array_diff_key(
            $this->pins($block + 1, count($this->chain->blocks)),
            $earlier,
            [$place => true],
            $this->chain->starts,
        );
        $thing = explode('.', $place)[0];
        $kind = ($this->build->devices[$thing] ?? null)?->kind();
        $here = in_array($kind, ['switch', 'relay', 'controller'], true) && ! isset($this->acting($block)[$thing]);
        if ($here || isset($this->build->lights[$thing])) {
            return [$place];
        }
        $ends = [];
        foreach ($this->chain->blocks as $n => $elements) {
            foreach ($n > $block ? $elements : [] as $e) {
                if ($e['lead'] !== '' && $this->touches($e, $place)) {
                    $ends += array_fill_keys($this->farEnds($e['lead'], $later), true);
                }
            }
        }

        return array_map(strval(...), array_keys($ends));
    }

    /** @return array<string, true> switches and controllers up to a block */
    private function acting(int $block): array
    {
        $acting = [];
        foreach (array_slice($this->chain->blocks, 0, $block + 1) as $elements) {
            foreach ($elements as $e) {
                $acting += in_array($e['kind'], ['contact', 'control'], true) ? [$e['thing'] => true] : [];
            }
        }

        return $acting;
    }

    /** @return array<string, true> */
    private function pins(int $from, int $to): array
    {
        $pins = [];
        foreach (array_slice($this->chain->blocks, $from, $to - $from) as $elements) {
            foreach ($elements as $e) {
                $pins += [$e['a'] => true, $e['b'] => true];
            }
        }

        return $pins;
    }

    /** @param  Element  $element */
    private function touches(array $element, string $place): bool
    {
        $starts = $place === Chain::START ? $this->chain->starts : [$place => true];

        return isset($starts[$element['a']]) || isset($starts[$element['b']]);
    }

    /**
     * @param  array<string, true>  $later
     * @return list<string>
     */
    private function farEnds(string $lead, array $later): array
    {
        $ends = [];
        foreach ($this->build->leads[$lead]->cores ?? [] as $core) {
            foreach ($core as $pin) {
                if ($pin !== null && isset($later[$this->harness->pin($pin)])) {
                    $ends[] = $pin;
                }
            }
        }

        return $ends;
    }
}
