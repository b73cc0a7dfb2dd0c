<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\Fields;
use BenchGlow\Ways\Setting;

/**
 * @phpstan-type Wanted array{string, string, list<string>, string}
 *
 * Lays the leads a plan wants with those that are there: one that joins the same pins stays, one that has one end in common is
 * re-ended, one that joins source and light is cut. What a lead has, its length, plugs, fuse, name, route, stays with it.
 */
final class Rewiring
{
    /** @var array<int, array{LeadDraft, int}> cores that may be used again */
    private array $free = [];

    /** @var list<Wanted> */
    private array $left = [];

    /** @var array<string, true> */
    private array $dropped = [];

    /** @var array<string, true> pins on whose wires the returns are */
    private array $minus;

    private readonly string $home;

    /**
     * @param  array<string, true>  $stays  things that are no matter of the plan
     * @param  array<string, true>|null  $strips  things in line that go where the plan lacks them; null: any
     */
    public function __construct(
        private readonly Draft $draft,
        private readonly DraftLeads $leads,
        Setting $setting,
        array $stays,
        private readonly ?array $strips,
    ) {
        // Where it begins and goes home it hangs on things that stay.
        $targets = [$setting->plus => true, $setting->home => true];
        $minus = [];
        foreach ($setting->lights as $light) {
            $targets += array_fill_keys([...$light['plus'], ...$light['minus'], ...$light['functions']], true);
            $minus += array_fill_keys($light['minus'], true);
        }
        $this->minus = $minus;
        $this->home = $setting->home;
        foreach ($leads->all as $lead) {
            foreach ($lead->circuit() === $setting->circuit ? $lead->cores : [] as $c => [$a, $b]) {
                if (
                    $a !== null &&
                    $b !== null &&
                    self::isFree($a, $b, $stays, $targets, [$setting->plus, $setting->home])
                ) {
                    $this->free[] = [$lead, $c + 1];
                }
            }
        }
    }

    /**
     * @param  array<string, true>  $stays
     * @param  array<string, true>  $targets
     * @param  list<string>  $borders  where the section begins and goes home
     */
    private static function isFree(string $a, string $b, array $stays, array $targets, array $borders): bool
    {
        $fixed = fn (string $pin): bool => isset($stays[explode('.', $pin)[0]]);
        $other = fn (string $pin): bool => $fixed($pin) && ! isset($targets[$pin]);

        // Between two things that stay it is no matter of the section, unless that lies just there.
        $within = $fixed($a) && $fixed($b) && ! in_array($a, $borders, true) && ! in_array($b, $borders, true);

        return ! $within && ! $other($a) && ! $other($b);
    }

    /**
     * @param  list<Wanted>  $wanted  pins, things in line, name
     * @return list<Wanted> those for which nothing was there
     */
    public function lay(array $wanted): array
    {
        $this->left = $wanted;
        $this->parted();
        $this->each($this->same(...));
        $this->each($this->between(...));
        $this->each(fn (LeadDraft $lead, int $core): bool => $this->oneEnd($lead, $core, true));
        $this->each(fn (LeadDraft $lead, int $core): bool => $this->oneEnd($lead, $core, false));
        foreach ($this->free as [$lead, $core]) {
            $this->drop($lead, $core);
        }

        return $this->left;
    }

    /** A wire from one light to the next goes where each is now fed by itself. */
    private function parted(): void
    {
        $fed = [];
        foreach ($this->left as [$from, $to]) {
            $fed += [$from => true, $to => true];
        }
        foreach ($this->leads->all as $lead) {
            for ($core = count($lead->cores); $core > 0; $core--) {
                [$a, $b] = array_map(strval(...), $lead->cores[$core - 1]);
                $apart = explode('.', $a)[0] !== explode('.', $b)[0] && $this->isTarget($a) && $this->isTarget($b);
                if ($apart && isset($fed[$a], $fed[$b])) {
                    $this->drop($lead, $core);
                }
            }
        }
    }

    /** @return array<string, true> leads and what lay in them that went */
    public function dropped(): array
    {
        return $this->dropped;
    }

    /** @param  callable(LeadDraft, int): bool  $use  true: it has found its place */
    private function each(callable $use): void
    {
        $free = $this->free;
        foreach ($free as $n => [$lead, $core]) {
            // Cores move up when one before them has left the cable.
            $at = $this->place($lead, $core);
            if ($use($lead, $at)) {
                unset($this->free[$n]);
            }
        }
    }

    private function place(LeadDraft $lead, int $core): int
    {
        return min($core, count($lead->cores));
    }

    /**
     * The first wanted lead that fits, taken off the list.
     *
     * @param  callable(Wanted): bool  $fits
     * @return Wanted|null
     */
    private function take(callable $fits): ?array
    {
        foreach ($this->left as $n => $wanted) {
            if ($fits($wanted)) {
                array_splice($this->left, $n, 1);

                return $wanted;
            }
        }

        return null;
    }

    private function same(LeadDraft $lead, int $core): bool
    {
        [$a, $b] = $lead->cores[$core - 1];
        $wanted = $this->take(fn (array $w): bool => [$w[0], $w[1]] === [$a, $b] || [$w[1], $w[0]] === [$a, $b]);
        if ($wanted !== null) {
            $this->fill($lead, $core, $wanted);
        }

        return $wanted !== null;
    }

    /** From one wanted lead to another: it is cut, behind its fuse; a return at its end, so that the light keeps its length. */
    private function between(LeadDraft $lead, int $core): bool
    {
        [$a, $b] = array_map(strval(...), $lead->cores[$core - 1]);
        $has = fn (string $pin): \Closure => /** @param  Wanted  $w */ fn (array $w): bool => in_array(
            $pin,
            [$w[0], $w[1]],
            true,
        );
        $first = array_filter($this->left, $has($a));
        $second = array_filter($this->left, $has($b));
        if ($first === [] || $second === []) {
            return false;
        }
        $one = $this->take($has($a));
        $two = $this->take($has($b));
        if ($one === null || $two === null) {
            return false;
        }
        if ($this->goesHome($one) !== $this->goesHome($two)) {
            // What was between them moves to the other side; the wire to it is no wire of that side.
            array_push($this->left, $one, $two);

            return false;
        }
        $isReturn = isset($this->minus[$a]) || isset($this->minus[$b]);
        $fromIsSource = $isReturn ? isset($this->minus[$a]) : ! $this->isTarget($a);
        [$source, $far] = $fromIsSource ? [[$one, $a], [$two, $b]] : [[$two, $b], [$one, $a]];
        $length = (float) $lead->lengthM;
        $fuses = array_map(
            fn (Fields $t): float => $t->number('at_m'),
            array_filter($lead->things($core), fn (Fields $t): bool => $t->isA('fuse')),
        );
        $at = match (true) {
            $isReturn => $fromIsSource ? $length : 0.0,
            $fuses === [] => $fromIsSource ? 0.0 : $length,
            default => $fromIsSource ? max($fuses) : min($fuses),
        };
        [$near, $rest] = $this->leads->cut(
            $lead,
            $core,
            $at,
            $fromIsSource,
            self::other(...$source),
            self::other(...$far),
        );
        foreach ([$near, $rest] as $piece) {
            // Cut right at its end there is a new wire, which nobody has measured.
            $piece->lengthM = $piece->lengthM === 0.0 && $length > 0.0 ? null : $piece->lengthM;
        }
        $this->fill($near, 1, $source[0]);
        $this->fill($rest, 1, $far[0]);

        return true;
    }

    /** @param  Wanted  $wanted */
    private function goesHome(array $wanted): bool
    {
        return isset($this->minus[$wanted[0]]) ||
            isset($this->minus[$wanted[1]]) ||
            in_array($this->home, [$wanted[0], $wanted[1]], true);
    }

    /** @param  Wanted  $wanted */
    private static function other(array $wanted, string $pin): string
    {
        return $wanted[0] === $pin ? $wanted[1] : $wanted[0];
    }

    private function isTarget(string $pin): bool
    {
        return ($this->draft->index->sections[explode('.', $pin)[0]] ?? '') === 'lights';
    }

    /** @param  bool  $atLight  by the end that is the light's */
    private function oneEnd(LeadDraft $lead, int $core, bool $atLight): bool
    {
        foreach ($lead->cores[$core - 1] as $end => $pin) {
            if ($pin === null || ($atLight && ! $this->isTarget($pin))) {
                continue;
            }
            $wanted = $this->take(fn (array $w): bool => in_array($pin, [$w[0], $w[1]], true));
            if ($wanted !== null) {
                $own = $this->leads->alone($lead, $core);
                DraftLeads::moveEnd($own, 1, 1 - $end, self::other($wanted, $pin));
                $this->fill($own, 1, $wanted);

                return true;
            }
        }

        return false;
    }

    /**
     * Things in line as wanted: what lacks is set at the source end, diodes and resistors of the old way go.
     *
     * @param  Wanted  $wanted
     */
    private function fill(LeadDraft $lead, int $core, array $wanted): void
    {
        $fromIsSource = $lead->cores[$core - 1][0] === $wanted[0];
        $want = array_count_values(array_map(fn (string $k): string => explode(' ', $k)[0], $wanted[2]));
        $inline = [];
        foreach ($lead->inline as $thing) {
            $f = new Fields($thing);
            $kind = $f->text('kind');
            if ($kind === 'plug' || $f->integer('core', 1) !== $core) {
                $inline[] = $thing;

                continue;
            }
            if (($want[$kind] ?? 0) > 0) {
                $want[$kind]--;
                $inline[] = $kind === 'diode' ? [...$thing, 'points' => $fromIsSource ? 'to' : 'from'] : $thing;
            } elseif ($kind !== 'fuse' && ($this->strips === null || isset($this->strips[$f->text('id')]))) {
                $this->dropped[$f->text('id')] = true;
            } else {
                $inline[] = $thing;
            }
        }
        $lead->inline = $inline;
        foreach ($wanted[2] as $kind) {
            $what = explode(' ', $kind)[0];
            if (($want[$what] ?? 0) > 0) {
                $want[$what]--;
                $this->set($lead, $core, $kind, $fromIsSource);
            }
        }
    }

    /** A fuse at the source end, anything else behind the last fuse. */
    private function set(LeadDraft $lead, int $core, string $kind, bool $fromIsSource): void
    {
        $end = $fromIsSource ? 0.0 : (float) $lead->lengthM;
        $fuses =
            $kind === 'fuse'
                ? []
                : array_map(
                    fn (Fields $t): float => $t->number('at_m'),
                    array_filter($lead->things($core), fn (Fields $t): bool => $t->isA('fuse')),
                );
        $at = $fuses === [] ? $end : ($fromIsSource ? max($fuses) : min($fuses));
        $thing = [...InLineThing::made($this->draft, $kind, $at, $fromIsSource), 'core' => $core];
        $before = array_filter(
            $lead->inline,
            fn (array $t): bool => (new Fields($t))->number('at_m') < $at ||
                ((new Fields($t))->number('at_m') === $at && $fromIsSource && $kind !== 'fuse'),
        );
        $lead->inline = [
            ...array_slice($lead->inline, 0, count($before)),
            $thing,
            ...array_slice($lead->inline, count($before)),
        ];
    }

    private function drop(LeadDraft $lead, int $core): void
    {
        $own = $this->leads->alone($lead, $this->place($lead, $core));
        $this->dropped[$own->id] = true;
        foreach ($own->inline as $thing) {
            $this->dropped[(new Fields($thing))->text('id')] = true;
        }
        $this->leads->drop($own);
    }
}
