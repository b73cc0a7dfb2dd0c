<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Carrier;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;

/** Where what leaves comes apart: cores that cross to a carrier and the plugs they cross in (layout-harness.md 10). */
final class PlugLines
{
    /**
     * @var array<string, array{stretches: list<string>, leads: array<string, list<array{Inline, string|null}>>}>
     *      carrier => crossing stretches, and each crossing lead with the plugs in it and the stretch of each
     */
    public readonly array $all;

    public function __construct(private readonly Build $build, private readonly Loom $loom)
    {
        $all = [];
        foreach (array_keys($build->carriers) as $id) {
            $all[$id] = $this->line((string) $id);
        }
        $this->all = $all;
    }

    /** @return array{stretches: list<string>, leads: array<string, list<array{Inline, string|null}>>} */
    private function line(string $carrier): array
    {
        $on = fn (?string $place): bool => ($this->build->places[(string) $place]->carrier ?? null) === $carrier;
        $crossing = [];
        foreach ($this->loom->stretches as $id => $stretch) {
            if ($stretch->route->from !== null && $on($stretch->route->from) !== $on($stretch->route->to)) {
                $crossing[] = (string) $id;
            }
        }
        $leads = [];
        foreach ($this->loom->leads as $id => $way) {
            if (array_intersect($way->stretches ?? [], $crossing) !== []) {
                $lead = $this->build->leads[$id];
                $leads[$id] = array_map(
                    fn (Inline $t): array => [$t, $this->loom->inLine($lead, $t)[0]],
                    array_values(array_filter($lead->inline, fn (Inline $t): bool => $t->kind === 'plug')),
                );
            }
        }

        return ['stretches' => $crossing, 'leads' => $leads];
    }

    /** Whether a plug line is wanted: what comes off, or a fact that says it does. */
    public function isWanted(Carrier $carrier): bool
    {
        if ($carrier->comesOff()) {
            return true;
        }
        foreach ($this->build->facts as $fact) {
            if ($fact->id === $carrier->fact && $fact->kind === 'comes_apart') {
                return true;
            }
        }

        return false;
    }

    /**
     * Crossing leads that have no plug where they cross.
     *
     * @return list<Lead>
     */
    public function unplugged(string $carrier): array
    {
        $line = $this->all[$carrier];
        $all = [];
        foreach ($line['leads'] as $id => $plugs) {
            if (array_filter($plugs, fn (array $p): bool => in_array($p[1], $line['stretches'], true)) === []) {
                $all[] = $this->build->leads[$id];
            }
        }

        return $all;
    }

    /** @return array<string, list<string>> plug devices in the line => leads that go through them */
    public function plugs(string $carrier): array
    {
        $all = [];
        foreach ($this->all[$carrier]['leads'] as $id => $plugs) {
            foreach ($plugs as [$thing, $stretch]) {
                if (in_array($stretch, $this->all[$carrier]['stretches'], true)) {
                    $all[$thing->plug][] = (string) $id;
                }
            }
        }

        return $all;
    }

    /** Carrier that a stretch crosses to; null for one that stays on one side. */
    public function crosses(?string $stretch): ?string
    {
        foreach ($this->all as $carrier => $line) {
            if (in_array($stretch, $line['stretches'], true)) {
                return (string) $carrier;
            }
        }

        return null;
    }
}
