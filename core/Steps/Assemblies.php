<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Loom\Loom;

/** Leads cut at their plugs and put together by what holds for good (build-handover.md 4). */
final class Assemblies
{
    /** @var array<string, Piece> */
    public readonly array $pieces;

    /** @var array<string, Assembly> by key of its longest piece */
    public readonly array $all;

    /** @var array<string, string> piece => assembly */
    private array $of = [];

    public function __construct(private readonly Build $build, private readonly Loom $loom)
    {
        $pieces = [];
        foreach ($build->leads as $lead) {
            foreach ($this->cut($lead) as $piece) {
                $pieces[$piece->key] = $piece;
            }
        }
        $this->pieces = $pieces;
        $this->all = $this->join();
    }

    public function with(string $piece): Assembly
    {
        return $this->all[$this->of[$piece]];
    }

    /** @return list<Assembly> with a lead in them */
    public function withLead(string $lead): array
    {
        $all = [];
        foreach ($this->pieces as $key => $piece) {
            if ($piece->lead->id === $lead) {
                $all[$this->of[$key]] = $this->with($key);
            }
        }

        return array_values($all);
    }

    /** @return list<Piece> */
    private function cut(Lead $lead): array
    {
        $plugs = array_values(array_filter($lead->inline, fn (Inline $i): bool => $i->kind === 'plug'));
        $length = $lead->lengthM ?? $this->loom->leads[$lead->id]->lengthM;
        $way = $this->loom->leads[$lead->id]->stretches ?? [];
        if ($plugs === []) {
            return [new Piece($lead->id, $lead, [null, null], $way, $length)];
        }
        $pieces = [];
        $from = 0;
        for ($n = 0; $n <= count($plugs); $n++) {
            [$left, $right] = [$plugs[$n - 1] ?? null, $plugs[$n] ?? null];
            $stretch = $right === null ? null : $this->loom->inLine($lead, $right)[0];
            $to = $stretch === null ? count($way) - 1 : (int) array_search($stretch, $way, true);
            $pieces[] = new Piece(
                "{$lead->id}.".($n + 1),
                $lead,
                [$left?->plug, $right?->plug],
                array_slice($way, $from, max(0, $to - $from + 1)),
                $length === null ? null : max(0.0, ($right === null ? $length : $right->atM) - ($left->atM ?? 0.0)),
            );
            $from = max(0, $to);
        }

        return $pieces;
    }

    /** @return array<string, Assembly> */
    private function join(): array
    {
        $root = [];
        $first = [];
        foreach ($this->pieces as $key => $piece) {
            $root[$key] = $key;
        }
        $find = function (string $k) use (&$root): string {
            while ($root[$k] !== $k) {
                $k = $root[$k];
            }

            return $k;
        };
        foreach ($this->pieces as $key => $piece) {
            foreach ($piece->ends() as [$core, $end, $pin]) {
                $held = $pin === null ? null : $this->heldBy($piece->lead, $core, $end, $pin);
                if ($held !== null) {
                    $first[$held] ??= $key;
                    $root[$find($key)] = $find($first[$held]);
                }
            }
        }
        $groups = [];
        foreach ($this->pieces as $key => $piece) {
            $groups[$find($key)][] = $piece;
        }
        $all = [];
        foreach ($groups as $pieces) {
            $one = $this->assembly($pieces);
            $all[$one->key] = $one;
            foreach ($pieces as $piece) {
                $this->of[$piece->key] = $one->key;
            }
        }

        return $all;
    }

    /** The joint or light that holds an end for good; null where it can be taken off. */
    private function heldBy(Lead $lead, int $core, int $end, string $pin): ?string
    {
        $thing = explode('.', $pin)[0];
        $device = $this->build->devices[$thing] ?? null;
        if ($device instanceof JointDevice) {
            return EndStyle::holdsTogether($device) ? $thing : null;
        }
        $style = EndStyle::of($this->build, $lead, $core, $end);

        return isset($this->build->lights[$thing]) && in_array($style, ['solder', 'crimp', 'factory'], true)
            ? $thing
            : null;
    }

    /** @param  list<Piece>  $pieces */
    private function assembly(array $pieces): Assembly
    {
        $longest = $pieces[0];
        $lights = $joints = $stretches = $circuits = [];
        foreach ($pieces as $piece) {
            $longest = (float) $piece->lengthM > (float) $longest->lengthM + 1e-9 ? $piece : $longest;
            $circuits[(string) $piece->lead->circuit] = true;
            array_push($stretches, ...$piece->stretches);
            foreach ($piece->ends() as [$core, $end, $pin]) {
                $held = $pin === null ? null : $this->heldBy($piece->lead, $core, $end, $pin);
                if ($held !== null) {
                    isset($this->build->lights[$held]) ? ($lights[] = $held) : ($joints[] = $held);
                }
            }
        }

        return new Assembly(
            $longest->key,
            $pieces,
            array_values(array_unique($lights)),
            array_values(array_unique($joints)),
            array_values(array_unique($stretches)),
            count($circuits) === 1 ? (array_key_first($circuits) ?: null) : null,
        );
    }
}
