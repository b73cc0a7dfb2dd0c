<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Build\Build;
use BenchGlow\Harness\Harness;

/**
 * Tells the blocks of a circuit's two chains apart: contacts are switching, controllers control, all behind the last of these
 * runs; fuses, diodes, plugs and wires go with their neighbour toward the source.
 *
 * @phpstan-import-type Element from Chain
 */
final class SectionReader
{
    private string $why = '';

    public function __construct(private readonly Build $build, private readonly Harness $harness)
    {
    }

    /**
     * @param  Chain  $back  from home to the lights
     * @return array{
     *     list<Section>, string, bool, string|null,
     *     array<string, array{list<string>, string|null}>, array<string, array{list<string>, string|null}>
     * } what `Sections` is made of
     */
    public function read(Chain $feed, Chain $back): array
    {
        [$forth, $order] = $this->grouped($feed);
        [$home, $orderHome] = $this->grouped($back);
        $sections = [];
        foreach ($forth as $kind => $section) {
            $sections[$kind] = isset($home[$kind]) ? $section->with($home[$kind]) : $section;
        }
        $sections += $home;
        $switching = $sections[Section::SWITCHING] ?? null;
        $control = $sections[Section::CONTROL] ?? null;
        $both = array_intersect($switching->devices ?? [], $control->devices ?? []);
        if ($both !== []) {
            $this->why = 'switching and control can\'t be told apart';
        }
        $first = $this->controlFirst($order) && ! in_array(Section::SWITCHING, $orderHome, true);
        if ($this->why !== '') {
            $all = null;
            foreach ($sections as $section) {
                $all = $all === null ? $section->called(Section::WHOLE) : $all->with($section);
            }

            return [$all === null ? [] : [$all], $this->why, false, $this->source($feed), [], []];
        }
        $kinds = [Section::SOURCE, Section::SWITCHING, Section::CONTROL, Section::RUNS];
        /** @var array<string, Section> $sorted */
        $sorted = [];
        foreach ($first ? [$kinds[0], $kinds[2], $kinds[1], $kinds[3]] : $kinds as $kind) {
            if (isset($sections[$kind])) {
                $sorted[$kind] = $sections[$kind];
            }
        }
        $bounds = fn (Chain $chain): array => (new Bounds(
            $this->build,
            $this->harness,
            $chain,
            $this->kinds($chain),
        ))->all();

        return [array_values($sorted), '', $first, $this->source($feed), $bounds($feed), $bounds($back)];
    }

    /** The one pin the chain begins at, as a wire can hang on it. */
    private function source(Chain $chain): ?string
    {
        $pins = [];
        foreach ($chain->blocks[0] ?? [] as $e) {
            foreach ([[$e['a'], $e['b']], [$e['b'], $e['a']]] as [$pin, $other]) {
                if (isset($chain->starts[$pin])) {
                    // A tap sits in its way; wires hang on the tap.
                    $pins[$e['lead'] === '' ? $other : $pin] = true;
                }
            }
        }

        return count($pins) === 1 ? (string) array_key_first($pins) : null;
    }

    /** @return list<string> the section each block belongs to */
    private function kinds(Chain $chain): array
    {
        $last = count($chain->blocks) - 1;
        $kinds = [];
        foreach ($chain->blocks as $n => $block) {
            $kinds[] = $this->kindOf($block, $n === $last);
        }
        $active = array_keys(array_filter($kinds, fn (string $k): bool => $k !== ''));
        $behind = $active === [] ? $this->lastFuse($chain) : max($active);
        $now = Section::SOURCE;
        foreach ($kinds as $n => $is) {
            $now = $is !== '' ? $is : ($n > $behind ? Section::RUNS : $now);
            $kinds[$n] = $now;
        }

        return $kinds;
    }

    /** @return array{array<string, Section>, list<string>} sections of one chain, and the order of their kinds */
    private function grouped(Chain $chain): array
    {
        $sections = $order = [];
        foreach ($this->kinds($chain) as $n => $kind) {
            if (end($order) !== $kind) {
                if (in_array($kind, $order, true)) {
                    $this->why = 'switches and controllers take turns in it';
                }
                $order[] = $kind;
            }
            $block = $chain->blocks[$n];
            $section = $this->section($kind, $block);
            // A joint on a border belongs to what comes first.
            $earlier = array_merge(
                [],
                ...array_map(fn (Section $s): array => $s->kind === $kind ? [] : $s->devices, array_values($sections)),
            );
            $section = new Section(
                $kind,
                array_values(array_diff($section->devices, $earlier)),
                $section->leads,
                $section->things,
                $section->pins,
            );
            $sections[$kind] = isset($sections[$kind]) ? $sections[$kind]->with($section) : $section;
            if (
                $kind !== Section::RUNS &&
                $n === count($chain->blocks) - 1 &&
                $this->isSwitched($block) &&
                $this->touchesRuns($block)
            ) {
                $this->why = 'each light has its own switch';
            }
        }

        return [$sections, $order];
    }

    /** @param  list<Element>  $block */
    private function isSwitched(array $block): bool
    {
        return in_array('contact', array_column($block, 'kind'), true);
    }

    /**
     * @param  list<Element>  $block
     * @param  bool  $isLast  what then has several sources is a wire for each of several functions
     */
    private function kindOf(array $block, bool $isLast): string
    {
        $has = array_count_values(array_column($block, 'kind'));
        // A resistor beside a contact is a level.
        $contact = isset($has['contact']) || (! $isLast && count($this->sources($block)) > 1);
        $control = isset($has['control']) || (isset($has['resistor']) && count($block) > 1 && isset($has['contact']));

        return match (true) {
            $contact && $control => $this->joined(),
            $contact => Section::SWITCHING,
            $control || isset($has['resistor']) => Section::CONTROL,
            default => '',
        };
    }

    private function joined(): string
    {
        $this->why = 'switching and control can\'t be told apart';

        return Section::SWITCHING;
    }

    /**
     * Different sources a block begins at.
     *
     * @param  list<Element>  $block
     * @return array<string, true>
     */
    private function sources(array $block): array
    {
        $sources = [];
        foreach ($block as $e) {
            foreach ([$e['a'], $e['b']] as $pin) {
                $id = explode('.', $pin)[0];
                if (isset($this->build->wires[$id]) || isset($this->build->ways[$id])) {
                    $sources[$id] = true;
                }
                if (isset($this->build->supplies[$id]) && str_ends_with($pin, '.plus')) {
                    $sources[$id] = true;
                }
            }
        }

        return $sources;
    }

    /** @param  list<Element>  $block */
    private function touchesRuns(array $block): bool
    {
        $lights = [];
        foreach ($block as $e) {
            foreach ([$e['a'], $e['b']] as $pin) {
                $id = explode('.', $pin)[0];
                $lights += isset($this->build->lights[$id]) ? [$pin => true] : [];
            }
        }

        return count($lights) > 1;
    }

    private function lastFuse(Chain $chain): int
    {
        $last = -1;
        foreach ($chain->blocks as $n => $block) {
            $last = in_array('fuse', array_column($block, 'kind'), true) && count($block) === 1 ? $n : $last;
        }

        return $last;
    }

    /** @param  list<Element>  $block */
    private function section(string $kind, array $block): Section
    {
        $devices = $leads = $things = $pins = [];
        foreach ($block as $e) {
            foreach ([$e['a'], $e['b']] as $pin) {
                $pins[] = $pin;
                $id = explode('.', $pin)[0];
                if (isset($this->build->devices[$id])) {
                    $devices[] = $id;
                }
            }
            if ($e['lead'] !== '') {
                $leads[] = $e['lead'];
                $things[] = $e['thing'];
            }
        }
        // A wire only begins at its neighbour's pin; what stands here is gone through here, and joints.
        $own = array_column(array_filter($block, fn (array $e): bool => $e['lead'] === ''), 'thing');
        $joints = array_filter($devices, fn (string $d): bool => $this->build->devices[$d]->kind() === 'joint');
        $devices = [...$own, ...$joints];

        return new Section(
            $kind,
            array_values(array_unique($devices)),
            array_values(array_unique($leads)),
            array_values(array_unique(array_filter($things))),
            array_values(array_unique($pins)),
        );
    }

    /** @param  list<string>  $order */
    private function controlFirst(array $order): bool
    {
        $control = array_search(Section::CONTROL, $order, true);
        $switching = array_search(Section::SWITCHING, $order, true);

        return $control !== false && $switching !== false && $control < $switching;
    }
}
