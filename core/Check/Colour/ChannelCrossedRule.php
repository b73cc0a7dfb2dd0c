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
            $crossed = count($channels) > 1 ? self::crossed($analysis, $light->id, $channels) : null;
            if ($crossed !== null) {
                [$device, $driver, $own] = $crossed;
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    "Channel {$driver} of `{$device}` drives the {$own} of `{$light->id}`: its colours come out swapped. ".
                        'Change the two cores over.',
                );
            }
        }

        return $findings;
    }

    /**
     * @param  list<string>  $channels
     * @return array{string, string, string}|null controller, its channel, and the one of the strip that hangs on it
     */
    private static function crossed(Analysis $analysis, string $light, array $channels): ?array
    {
        foreach ($analysis->harness->wiredPins($light) as $pin) {
            $own = substr((string) strrchr($pin, '.'), 1);
            if (! in_array($own, $channels, true)) {
                continue;
            }
            foreach ($analysis->paths->around($pin) as $step) {
                [$device, $driver] = [...explode('.', $step->id), ''];
                $another = $step->kind === 'contact' && $driver !== $own && in_array($driver, $channels, true);
                if ($another && isset($analysis->bodies->contacts["{$device}.{$own}"])) {
                    return [$device, $driver, $own];
                }
            }
        }

        return null;
    }
}
