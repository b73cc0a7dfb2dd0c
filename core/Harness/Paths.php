<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** Shortest ways along wires and inline things from the supplies: which wires feed a pin, which bring it back. */
final class Paths
{
    /** @var array<string, list<Step>> steps that leave a pin */
    private array $next = [];

    /** @var array<string, list<string>> pins that a load, a coil or a diode inside something joins */
    private array $beside = [];

    /** @var array<string, array{float, Step|null}> metres from a plus, and the step that got there */
    private array $fromPlus;

    /** @var array<string, array{float, Step|null}> */
    private array $fromMinus;

    /** @var list<string> */
    private array $plus = [];

    /** @var list<string> */
    private array $minus = [];

    public function __construct(private readonly Harness $harness, ?Bodies $bodies = null)
    {
        foreach ($harness->wires as $wire) {
            $this->link('wire', $wire->id, $wire->from, $wire->to, $wire->lengthM, $wire->lead);
        }
        foreach ($harness->things as $thing) {
            if ($thing->lead !== '' && count($thing->pins) === 2) {
                $this->link($thing->kind, $thing->id, $thing->pins[0], $thing->pins[1], 0.0, $thing->lead);
            }
        }
        if ($bodies !== null) {
            $this->linkBodies($bodies);
        }
        foreach ($harness->things as $thing) {
            if ($thing->kind === 'supply') {
                $this->plus[] = $thing->pins[0];
                $this->minus[] = $thing->pins[1];
            }
            if ($thing->kind === 'ground') {
                $this->minus[] = $thing->pins[0];
            }
        }
        $this->measure();
    }

    private function linkBodies(Bodies $bodies): void
    {
        foreach ($bodies->contacts as $contact) {
            $this->link('contact', $contact->id, $contact->from, $contact->to, 0.0, '');
        }
        foreach ($bodies->joins as [$a, $b]) {
            $this->link('inside', "{$a}={$b}", $a, $b, 0.0, '');
        }
        foreach ($bodies->fixed as $id => [$from, $to]) {
            $this->beside[$from][] = $to;
            $this->beside[$to][] = $from;
            // What the host has in line: its own fuse and source; loads and coils are no way to a light.
            if (str_ends_with($id, '.fuse') || str_ends_with($id, '.source')) {
                $this->link(str_ends_with($id, '.fuse') ? 'host_fuse' : 'inside', $id, $from, $to, 0.0, '');
            }
        }
    }

    private function measure(): void
    {
        $this->fromPlus = $this->spread($this->plus, $this->minus);
        $this->fromMinus = $this->spread($this->minus, $this->plus);
    }

    /**
     * The same along some steps only.
     *
     * @param  callable(Step): bool  $passes
     */
    public function only(callable $passes): self
    {
        $paths = clone $this;
        $paths->next = array_map(fn (array $steps): array => array_values(array_filter($steps, $passes)), $this->next);
        $paths->measure();

        return $paths;
    }

    private function link(string $kind, string $id, string $a, string $b, float $m, string $lead): void
    {
        $this->next[$a][] = new Step($kind, $id, $a, $b, $m, $lead);
        $this->next[$b][] = new Step($kind, $id, $b, $a, $m, $lead);
    }

    /**
     * @param  list<string>  $sources
     * @param  list<string>  $closed  pins that are reached but not passed
     * @return array<string, array{float, Step|null}>
     */
    private function spread(array $sources, array $closed): array
    {
        $best = [];
        /** @var \SplMinHeap<array{float, int, string, Step|null}> $queue */
        $queue = new \SplMinHeap();
        $order = 0;
        foreach ($sources as $pin) {
            $queue->insert([0.0, $order++, $pin, null]);
        }
        while (! $queue->isEmpty()) {
            [$m, , $pin, $step] = $queue->extract();
            if (isset($best[$pin])) {
                continue;
            }
            $best[$pin] = [$m, $step];
            if (in_array($pin, $closed, true)) {
                continue;
            }
            foreach ($this->next[$pin] ?? [] as $onward) {
                if (! isset($best[$onward->to])) {
                    $queue->insert([$m + $onward->lengthM, $order++, $onward->to, $onward]);
                }
            }
        }

        return $best;
    }

    /** Current could reach the light and return by another of its rails: be it through a contact that is open, or a lamp of the host. */
    public function fed(string $light): bool
    {
        if ($this->conducts($light)) {
            return true;
        }
        $pins = $this->harness->wiredPins($light);
        $out = $this->besides($pins, $this->plus, $this->minus);
        $back = $this->besides($pins, $this->minus, $this->plus);

        return $out !== [] && $back !== [] && count($out + $back) > 1;
    }

    /** @return bool whether some pin is reached by these steps alone and some brings it back */
    public function conducts(string $light): bool
    {
        $pins = $this->harness->wiredPins($light);

        return array_filter($pins, fn (string $p): bool => isset($this->fromPlus[$p])) !== [] &&
            array_filter($pins, fn (string $p): bool => isset($this->fromMinus[$p])) !== [];
    }

    /**
     * Rails whose pins are reached from there, through loads too.
     *
     * @param  list<string>  $pins
     * @param  list<string>  $from
     * @param  list<string>  $closed  reached but not passed
     * @return array<string, true>
     */
    private function besides(array $pins, array $from, array $closed): array
    {
        $seen = array_fill_keys($from, true);
        $open = $from;
        while (($pin = array_pop($open)) !== null) {
            $onward = in_array($pin, $closed, true)
                ? []
                : [...array_map(fn (Step $s): string => $s->to, $this->next[$pin] ?? []), ...$this->beside[$pin] ?? []];
            foreach ($onward as $next) {
                if (! isset($seen[$next])) {
                    $seen[$next] = true;
                    $open[] = $next;
                }
            }
        }
        $rails = [];
        foreach ($pins as $pin) {
            $rails += isset($seen[$pin]) ? [(string) strrchr($pin, '.') => true] : [];
        }

        return $rails;
    }

    /**
     * Pins that hang on this one, not past the closed ones.
     *
     * @param  list<string>  $closed
     * @return array<string, true>
     */
    public function from(string $pin, array $closed): array
    {
        return array_fill_keys(array_keys($this->spread([$pin], $closed)), true);
    }

    /** @return list<string> pins of a light that have a wire */
    public function pinsOf(string $light): array
    {
        return $this->harness->wiredPins($light);
    }

    /** Some pin of the light hangs on this one by wires, things and contacts, closed or not, without a supply between. */
    public function reaches(string $light, string $pin): bool
    {
        $found = $this->spread([$pin], [...$this->plus, ...$this->minus]);

        return array_intersect_key(array_fill_keys($this->harness->wiredPins($light), true), $found) !== [];
    }

    /** @return list<list<Step>> the ways out and back of a light's wired pins */
    public function waysTo(string $light): array
    {
        $ways = [];
        foreach ($this->harness->wiredPins($light) as $pin) {
            foreach ([$this->feed($pin), $this->back($pin)] as $way) {
                if ($way !== null) {
                    $ways[] = $way;
                }
            }
        }

        return $ways;
    }

    /** @return list<Step>|null from the supply's plus to the pin; null: no way */
    public function feed(string $pin): ?array
    {
        return $this->trace($pin, $this->fromPlus);
    }

    /** @return list<Step>|null from the supply's minus to the pin */
    public function back(string $pin): ?array
    {
        return $this->trace($pin, $this->fromMinus);
    }

    /** @return list<Step> what lies between a pin and its supply, out and back */
    public function around(string $pin): array
    {
        return [...$this->feed($pin) ?? [], ...$this->back($pin) ?? []];
    }

    public function metresFromPlus(string $pin): ?float
    {
        return $this->fromPlus[$pin][0] ?? null;
    }

    public function metresFromMinus(string $pin): ?float
    {
        return $this->fromMinus[$pin][0] ?? null;
    }

    /**
     * @param  array<string, array{float, Step|null}>  $best
     * @return list<Step>|null
     */
    private function trace(string $pin, array $best): ?array
    {
        if (! isset($best[$pin])) {
            return null;
        }
        $steps = [];
        while (($step = $best[$pin][1] ?? null) !== null) {
            array_unshift($steps, $step);
            $pin = $step->from;
        }

        return $steps;
    }

    /**
     * Wire segments a fuse protects: everything its far side reaches without another fuse or a supply, and the way back from the
     * lights found there.
     *
     * @return array{list<string>, list<string>} wire ids, light ids
     */
    public function behind(string $fuse): array
    {
        $thing = $this->harness->things[$fuse];
        [$a, $b] = $thing->pins;
        $far =
            ($this->metresFromPlus($a) ?? INF) <= ($this->metresFromPlus($b) ?? INF) &&
            $this->stepInto($b)?->id === $fuse
                ? $b
                : $a;
        [$wires, $lights, $seen] = $this->reached($far, $fuse);
        foreach ($lights as $light) {
            foreach ($this->harness->wiredPins($light) as $pin) {
                $wires += isset($seen[$pin]) ? [] : $this->wiresBack($pin);
            }
        }

        return [array_values($wires), array_values($lights)];
    }

    /**
     * What a pin reaches without another fuse or a supply.
     *
     * @return array{array<string, string>, array<string, string>, array<string, true>} wires, lights, pins
     */
    private function reached(string $far, string $fuse): array
    {
        $wires = [];
        $lights = [];
        $open = [$far];
        $seen = [$far => true];
        while ($open !== []) {
            $pin = array_shift($open);
            $lights += $this->lightAt($pin);
            $steps = array_filter(
                $this->next[$pin] ?? [],
                fn (Step $s): bool => $s->id !== $fuse && $s->kind !== 'fuse',
            );
            foreach ($steps as $step) {
                if ($step->kind === 'wire') {
                    $wires[$step->id] = $step->id;
                }
                $head = $this->harness->things[explode('.', $step->to)[0]]->kind ?? '';
                if (! isset($seen[$step->to]) && $head !== 'supply') {
                    $seen[$step->to] = true;
                    $open[] = $step->to;
                }
            }
        }

        return [$wires, $lights, $seen];
    }

    /** @return array<string, string> wires on the way back from a pin */
    private function wiresBack(string $pin): array
    {
        $wires = [];
        foreach ($this->back($pin) ?? [] as $step) {
            if ($step->kind === 'wire') {
                $wires[$step->id] = $step->id;
            }
        }

        return $wires;
    }

    private function stepInto(string $pin): ?Step
    {
        return $this->fromPlus[$pin][1] ?? null;
    }

    /** @return array<string, string> the light a pin belongs to */
    private function lightAt(string $pin): array
    {
        $owner = explode('.', $pin)[0];
        $isLight = in_array($this->harness->things[$owner]->kind ?? '', ['strip', 'leds', 'module'], true);

        return $isLight ? [$owner => $owner] : [];
    }
}
