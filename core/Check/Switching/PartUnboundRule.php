<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Ports;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Connect;
use BenchGlow\Quantity\Words;

/** A part with a pin of its own, a coil's end or a tell lamp's, that hangs on nothing. */
final class PartUnboundRule implements Rule
{
    private const WANTS = [
        'plus' => 'a plus',
        'minus' => 'a way home',
        'trigger' => 'what throws it',
        'signal' => 'the signal it follows',
    ];

    public function id(): string
    {
        return 'part.unbound';
    }

    public function check(Analysis $analysis): array
    {
        $used = [];
        foreach ($analysis->build->leads as $lead) {
            $used += array_fill_keys(array_map(strval(...), array_merge([], ...$lead->cores)), true);
        }
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            if (! in_array($device->kind(), ['switch', 'relay', 'controller'], true)) {
                continue;
            }
            $ports = Ports::of($device->part->fields);
            $open = array_filter(
                $ports->own,
                fn (int|string $pin): bool => ! isset($used["{$id}.{$pin}"]),
                ARRAY_FILTER_USE_KEY,
            );
            // A tell lamp may be left out on purpose; a part nothing hangs on is not in use yet.
            $works = $device->kind() !== 'switch' || $device->part->style === 'solid_state';
            $wired = array_filter($device->part->pins, fn (string $pin): bool => isset($used["{$id}.{$pin}"])) !== [];
            $triggers = array_filter($ports->own, fn (string $n): bool => in_array($n, ['trigger', 'signal'], true));
            $bound = array_diff_key($triggers, $open) !== [];
            foreach ($works && $wired ? $open : [] as $pin => $need) {
                // Of several signals the ones that are not used may hang free.
                if (count($triggers) > 1 && $bound && isset($triggers[$pin])) {
                    continue;
                }
                $home = $need === 'minus' ? ($analysis->build->mainSupply()->id ?? '').'.minus' : '';
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->circuit(),
                    $id,
                    'Pin '.
                        str_replace('_', ' ', (string) $pin).
                        ' of '.
                        Words::within($device->label()).
                        " hangs on nothing; it wants {$this->want($need)}.",
                    $home === '' ? null : 'Lead it home',
                    $home === '' ? null : new Connect("{$id}.{$pin}", $home),
                );
            }
        }

        return $findings;
    }

    private function want(string $need): string
    {
        return self::WANTS[$need] ?? $need;
    }
}
