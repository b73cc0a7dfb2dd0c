<?php

declare(strict_types=1);

namespace BenchGlow\Check\Colour;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Format\Fields;

/** A colour of a strip that hangs on the controller's channel for another of its colours. */
final class ChannelCrossedRule implements Rule
{
    public function id(): string
    {
        return 'channel.crossed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $channels =
                $light->kind === 'strip'
                    ? array_map(fn (Fields $c): string => $c->text('id'), $light->part->objects('channels'))
                    : [];
            foreach (count($channels) > 1 ? $analysis->harness->wiredPins($light->id) : [] as $pin) {
                $own = substr((string) strrchr($pin, '.'), 1);
                foreach (
                    in_array($own, $channels, true)
                        ? [...$analysis->paths->feed($pin) ?? [], ...$analysis->paths->back($pin) ?? []]
                        : [] as $step
                ) {
                    [$device, $driver] = [...explode('.', $step->id), ''];
                    if (
                        $step->kind === 'contact' &&
                        $driver !== $own &&
                        in_array($driver, $channels, true) &&
                        isset($analysis->bodies->contacts["{$device}.{$own}"])
                    ) {
                        $findings[] = new Finding(
                            $this->id(),
                            Severity::Warning,
                            $light->circuit,
                            $light->id,
                            "Channel {$driver} of `{$device}` drives the {$own} of `{$light->id}`: its colours come out swapped. Change the two cores over.",
                        );

                        continue 3;
                    }
                }
            }
        }

        return $findings;
    }
}
