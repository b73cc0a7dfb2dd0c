<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Quantity\Words;

/** How the host stands between two sittings, in three lines (build-handover.md 6). */
final readonly class Rest
{
    /**
     * @param  list<string>  $may  be used
     * @param  list<string>  $notYet  with what clears it
     * @param  list<string>  $leftAs  out, taped, parked
     * @param  list<string>  $unsafe  why it must not be left so; empty: it may
     * @param  list<string>  $panels  off
     */
    private function __construct(
        public array $may,
        public array $notYet,
        public array $leftAs,
        public array $unsafe,
        public array $panels,
    ) {
    }

    public function isSafe(): bool
    {
        return $this->unsafe === [];
    }

    /**
     * @param  array<string, true>  $done  keys of steps behind us
     * @param  string  $state  of the power
     */
    public static function after(Plan $plan, array $done, string $state): self
    {
        $is = fn (string $key): bool => isset($done[$key]);
        $may = $notYet = $leftAs = $unsafe = $off = [];
        $host = true;
        foreach ($plan->build->panels as $panel) {
            if (! $is("open:{$panel->id}") || $is("close:{$panel->id}")) {
                continue;
            }
            $off[] = $panel->id;
            if ($panel->neededToUse) {
                $host = false;
                $notYet[] = "the host: {$panel->label} goes back first";
            }
        }
        foreach ($plan->build->panels as $panel) {
            if ($is("unplug:{$panel->id}") && ! $is("couple:{$panel->id}")) {
                $host = false;
                $what = Words::within($panel->wire ?? 'its wire');
                $notYet[] = "{$what}: it is unplugged";
                $state === 'live' ? ($unsafe[] = "{$what} is unplugged and the power is on") : null;
            }
        }
        $open = self::openEnds($plan, $is);
        if ($open > 0) {
            $leftAs[] = Words::count($open, 'end').' open: tape each by itself';
            if ($state === 'live') {
                $unsafe[] = Words::count($open, 'end').' open on a wire that has its source, and the power is on';
            }
        }
        $leftAs = [...$leftAs, ...self::power($state)];
        foreach ($plan->build->circuits as $id => $circuit) {
            $begun = self::isBegun($plan, $is, (string) $id);
            $proven = $is("closed_test:{$id}") || $is("open_test:{$id}");
            if ($proven && $state === 'live') {
                $may[] = $circuit->label;
            } elseif ($begun) {
                $notYet[] = "{$circuit->label}: not proven yet";
            }
        }
        $host ? array_unshift($may, 'the host, as before') : null;
        foreach ($off as $panel) {
            $leftAs[] = $plan->build->panels[$panel]->label.' off';
        }

        return new self($may, $notYet, $leftAs, $unsafe, $off);
    }

    /** @return list<string> */
    private static function power(string $state): array
    {
        return match ($state) {
            'dead' => ['power off'],
            'fuse_out' => ['fuse out'],
            default => [],
        };
    }

    /**
     * Ends that hang open on a piece whose source is landed.
     *
     * @param  callable(string): bool  $is
     */
    private static function openEnds(Plan $plan, callable $is): int
    {
        $open = 0;
        foreach ($plan->steps->job->assemblies->all as $one) {
            $open += count($plan->steps->hanging($one, $is));
        }

        return $open;
    }

    /** @param  callable(string): bool  $is */
    private static function isBegun(Plan $plan, callable $is, string $circuit): bool
    {
        foreach ($plan->steps->all as $step) {
            if ($step->circuit === $circuit && $step->reach !== 'bench' && $is($step->key)) {
                return true;
            }
        }

        return false;
    }
}
