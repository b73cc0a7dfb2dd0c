<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\When;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A wish that goes by something nothing tells of: no switch stands at it, and no wire of the host is live with it. */
final class WishNoSignalRule implements Rule
{
    public function id(): string
    {
        return 'wish.no_signal';
    }

    public function check(Analysis $analysis): array
    {
        $told = $this->told($analysis);
        $findings = [];
        foreach ($analysis->build->circuits as $circuit) {
            if ($analysis->build->lightsOf($circuit->id) === []) {
                continue;
            }
            foreach ($circuit->wants as $want) {
                foreach (array_diff($want->when->inputs(), $told) as $input) {
                    $findings["{$circuit->id} {$input}"] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        $circuit->id,
                        $input,
                        Words::first($circuit->label).
                            ' is wished by '.
                            Words::within($analysis->build->label($input)).
                            ', and nothing tells of it: no switch stands at it, and no wire of the host is live with it.',
                    );
                }
            }
        }

        return array_values($findings);
    }

    /** @return list<string> inputs that move a switch, or that a wire or way of the host goes by */
    private function told(Analysis $analysis): array
    {
        $whens = [];
        foreach ($analysis->build->devices as $device) {
            $whens = [
                ...$whens,
                ...$device instanceof SwitchDevice ? array_values($device->at()) : [],
                ...array_filter([$device->linkWhen()]),
            ];
        }
        foreach ([...$analysis->build->wires, ...$analysis->build->ways] as $item) {
            $whens[] = $item->liveWhen ?? [];
        }

        return array_values(
            array_unique(array_merge([], ...array_map(fn (array $w): array => (new When($w))->inputs(), $whens))),
        );
    }
}
