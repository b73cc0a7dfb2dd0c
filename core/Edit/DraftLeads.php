<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;

/** The leads of a draft while they are cut, healed and re-ended. Lengths of the pieces always add up to what was cut. */
final class DraftLeads
{
    /** @var list<LeadDraft> */
    public array $all;

    /** @var array<string, true> joints that stay, however many wires they join */
    public array $stay = [];

    public function __construct(private readonly Draft $draft)
    {
        $this->all = array_map(
            fn (mixed $lead): LeadDraft => LeadDraft::of(new Fields(is_array($lead) ? $lead : [])),
            $draft->list(['leads']),
        );
    }

    public function save(): void
    {
        $this->all = array_values(array_filter($this->all, fn (LeadDraft $l): bool => $l->cores !== []));
        if ($this->all !== [] || isset($this->draft->data['leads'])) {
            $this->draft->data['leads'] = array_map(fn (LeadDraft $l): array => $l->data(), $this->all);
        }
    }

    public function find(string $id): ?LeadDraft
    {
        foreach ($this->all as $lead) {
            if ($lead->id === $id) {
                return $lead;
            }
        }

        return null;
    }

    /** @return list<array{LeadDraft, int, int}> lead, core and end (0, 1) of all that hangs on a pin */
    public function on(string $pin): array
    {
        return $this->where(fn (string $p): bool => $p === $pin);
    }

    /** @return list<array{LeadDraft, int, int}> of all that hangs on any pin of a thing */
    public function onThing(string $id): array
    {
        return $this->where(fn (string $p): bool => explode('.', $p)[0] === $id);
    }

    /**
     * @param  callable(string): bool  $is
     * @return list<array{LeadDraft, int, int}>
     */
    private function where(callable $is): array
    {
        $found = [];
        foreach ($this->all as $lead) {
            foreach ($lead->cores as $c => $core) {
                foreach ($core as $end => $pin) {
                    if ($pin !== null && $is($pin)) {
                        $found[] = [$lead, $c + 1, $end];
                    }
                }
            }
        }

        return $found;
    }

    public static function pin(LeadDraft $lead, int $core, int $end): ?string
    {
        return $lead->cores[$core - 1][$end] ?? null;
    }

    public static function moveEnd(LeadDraft $lead, int $core, int $end, ?string $pin): void
    {
        $ends = $lead->cores[$core - 1];
        $lead->cores[$core - 1] = $end === 0 ? [$pin, $ends[1]] : [$ends[0], $pin];
    }

    /** A new lead with one core, its length not known yet. */
    public function add(?string $circuit, string $from, string $to, string $near): LeadDraft
    {
        $id = $this->draft->name($near);
        $lead = new LeadDraft(
            $id,
            ['id' => $id, 'circuit' => $circuit, 'length_m' => null, 'wire' => null],
            [[$from, $to]],
        );
        $this->all[] = $lead;

        return $lead;
    }

    public function drop(LeadDraft $lead): void
    {
        $this->all = array_values(array_filter($this->all, fn (LeadDraft $l): bool => $l !== $lead));
    }

    /** A core that leaves its cable as a lead of its own; what is set into it goes along. */
    public function alone(LeadDraft $lead, int $core): LeadDraft
    {
        if (! $lead->isCable()) {
            return $lead;
        }
        $own = new LeadDraft(
            $this->draft->name("{$lead->id}_{$core}"),
            array_diff_key($lead->rest, ['label' => 1, 'id' => 1, 'inline' => 1, 'colours' => 1]),
            [$lead->cores[$core - 1]],
            $lead->lengthM,
            array_slice($lead->colours, $core - 1, 1),
            $lead->route,
            $lead->ends,
        );
        $kept = [];
        foreach ($lead->inline as $thing) {
            $f = new Fields($thing);
            if ($f->isA('plug')) {
                $ways = $f->items('ways');
                if (isset($ways[$core - 1])) {
                    $own->inline[] = [
                        ...$thing,
                        'id' => $this->draft->name($f->text('id')),
                        'ways' => [$ways[$core - 1]],
                    ];
                    array_splice($ways, $core - 1, 1);
                    $thing = [...$thing, 'ways' => $ways];
                }
                $kept[] = $thing;
            } elseif ($f->integer('core', 1) === $core) {
                $own->inline[] = [...$thing, 'core' => 1];
            } else {
                $kept[] = $f->integer('core', 1) > $core ? [...$thing, 'core' => $f->integer('core', 1) - 1] : $thing;
            }
        }
        // A plug nothing goes through any more is no thing in this lead.
        $lead->inline = array_values(array_filter($kept, fn (array $t): bool => ($t['ways'] ?? [0]) !== []));
        array_splice($lead->cores, $core - 1, 1);
        array_splice($lead->colours, $core - 1, 1);
        $this->after($lead, $own);

        return $own;
    }

    private function after(LeadDraft $lead, LeadDraft $new): void
    {
        $at = (int) array_search($lead, $this->all, true);
        array_splice($this->all, $at + 1, 0, [$new]);
    }

    /**
     * Cuts a core: the source half keeps its id, name, colours and end, the other half is new.
     *
     * @param  float  $atM  from the lead's first end
     * @return array{LeadDraft, LeadDraft} source half, far half
     */
    public function cut(
        LeadDraft $lead,
        int $core,
        float $atM,
        bool $fromIsSource,
        string $sourcePin,
        string $farPin,
    ): array {
        $lead = $this->alone($lead, $core);
        [$firstM, $secondM] = self::parts($lead->lengthM, $atM);
        [$from, $to] = $lead->cores[0];
        [$first, $second] = [[], []];
        foreach ($lead->inline as $thing) {
            $m = (new Fields($thing))->number('at_m');
            if ($m < $atM || ($m === $atM && $fromIsSource)) {
                $first[] = $thing;
            } else {
                $second[] = [...$thing, 'at_m' => self::shifted($m, -(float) $firstM)];
            }
        }
        [$routeA, $routeB] = $this->routes($lead->route, $lead->lengthM === null ? null : $atM);
        $newId = $this->draft->name($lead->id);
        $new = new LeadDraft($newId, array_diff_key($lead->rest, ['label' => 1, 'inline' => 1]), []);
        $new->colours = $lead->colours;
        [$source, $far] = [$lead, $new];
        [$a, $b] = $fromIsSource ? [$source, $far] : [$far, $source];
        [$pinA, $pinB] = $fromIsSource ? [$sourcePin, $farPin] : [$farPin, $sourcePin];
        $ends = $lead->ends;
        [$a->cores, $b->cores] = [[[$from, $pinA]], [[$pinB, $to]]];
        [$a->lengthM, $b->lengthM, $a->route, $b->route] = [$firstM, $secondM, $routeA, $routeB];
        [$a->inline, $b->inline] = [$first, $second];
        [$a->ends, $b->ends] = $ends === null ? [null, null] : [[$ends[0], null], [null, $ends[1]]];
        $at = (int) array_search($lead, $this->all, true);
        array_splice($this->all, $at, 1, [$source, $far]);

        return [$source, $far];
    }

    /** @return array{float|null, float|null} two lengths that add up to the whole exactly, as floats add */
    private static function parts(?float $whole, float $atM): array
    {
        if ($whole === null) {
            return [null, null];
        }
        foreach ([0.0, 0.001, -0.001, 0.002] as $nudge) {
            $a = min($whole, max(0.0, round($atM + $nudge, 4)));
            foreach ([round($whole - $a, 4), round($whole - $a, 9), $whole - $a] as $b) {
                if ($a + $b === $whole) {
                    return [$a, $b];
                }
            }
        }

        return [0.0, $whole];
    }

    private static function shifted(float $m, float $by): float
    {
        return max(0.0, round($m + $by, 9));
    }

    /**
     * The stretches of a route dealt out by length; the one that is cut stands in both.
     *
     * @param  list<string>  $route
     * @return array{list<string>, list<string>}
     */
    private function routes(array $route, ?float $atM): array
    {
        $known = Build::of($this->draft->document)->routes;
        $lengths = array_map(fn (string $r): ?float => ($known[$r] ?? null)?->lengthM, $route);
        if ($atM === null || $route === [] || in_array(null, $lengths, true)) {
            return [$route, $route];
        }
        $done = 0.0;
        foreach ($lengths as $n => $m) {
            $done += (float) $m;
            if ($atM <= $done + 1e-9) {
                return [array_slice($route, 0, $n + 1), array_slice($route, $n)];
            }
        }

        return [$route, array_slice($route, -1)];
    }

    /**
     * Makes one lead of two that met on a thing now gone: lengths are summed, what ran the other way is turned.
     *
     * @param  array{LeadDraft, int}  $source  a lead with one core, and its end (0, 1) that is free
     * @param  array{LeadDraft, int}  $far
     */
    public function heal(array $source, array $far): void
    {
        [$keep, $end] = $source;
        [$other, $otherEnd] = $far;
        if ($otherEnd === $end) {
            self::turn($other);
            $otherEnd = 1 - $otherEnd;
        }
        [$first, $second] = $end === 1 ? [$keep, $other] : [$other, $keep];
        $known = $first->lengthM !== null && $second->lengthM !== null;
        // Where a length is not known the places say only the order.
        $least = max([0.0, ...array_map(fn (array $t): float => (new Fields($t))->number('at_m'), $first->inline)]);
        $behind = array_map(
            fn (array $t): array => [
                ...$t,
                'at_m' => $known
                    ? self::shifted((new Fields($t))->number('at_m'), (float) $first->lengthM)
                    : max($least, (new Fields($t))->number('at_m')),
            ],
            $second->inline,
        );
        $keep->inline = [...$first->inline, ...$behind];
        $keep->cores = [[$first->cores[0][0], $second->cores[0][1]]];
        $keep->route = self::joined($first->route, $second->route);
        $keep->ends =
            $first->ends === null && $second->ends === null
                ? null
                : [$first->ends[0] ?? null, $second->ends[1] ?? null];
        $keep->lengthM = $known ? (float) $first->lengthM + (float) $second->lengthM : null;
        $this->drop($other);
    }

    /** The same lead, written from its other end. */
    private static function turn(LeadDraft $lead): void
    {
        $lead->cores = array_map(fn (array $core): array => [$core[1], $core[0]], $lead->cores);
        $lead->route = array_reverse($lead->route);
        $lead->ends = $lead->ends === null ? null : [$lead->ends[1], $lead->ends[0]];
        $length = (float) $lead->lengthM;
        $lead->inline = array_reverse(
            array_map(
                fn (array $t): array => [
                    ...$t,
                    'at_m' => self::shifted($length, -(new Fields($t))->number('at_m')),
                    ...($t['kind'] ?? '') === 'diode'
                        ? ['points' => ($t['points'] ?? 'to') === 'to' ? 'from' : 'to']
                        : [],
                ],
                $lead->inline,
            ),
        );
    }

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b
     * @return list<string>
     */
    private static function joined(array $a, array $b): array
    {
        if ($a === $b) {
            return $a;
        }

        return $a !== [] && $b !== [] && end($a) === $b[0] ? [...$a, ...array_slice($b, 1)] : [...$a, ...$b];
    }

    /** A joint that joins only two wires any more goes, and they are one. */
    public function healJoint(string $joint): void
    {
        $ends = $this->on($joint);
        if (
            isset($this->stay[$joint]) ||
            count($ends) !== 2 ||
            $ends[0][0] === $ends[1][0] ||
            $ends[0][0]->isCable() ||
            $ends[1][0]->isCable()
        ) {
            return;
        }
        // The one that ends on the joint comes from the source.
        [$source, $far] = $ends[0][2] === 1 || $ends[1][2] === 0 ? [$ends[0], $ends[1]] : [$ends[1], $ends[0]];
        $this->heal([$source[0], $source[2]], [$far[0], $far[2]]);
        $this->draft->data['devices'] = array_values(
            array_filter(
                $this->draft->list(['devices']),
                fn (mixed $d): bool => ! is_array($d) || ($d['id'] ?? '') !== $joint,
            ),
        );
    }
}
