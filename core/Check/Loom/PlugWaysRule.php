<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Lead;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A plug with no way left for what still has to cross (layout-harness.md 10). */
final class PlugWaysRule implements Rule
{
    public function id(): string
    {
        return 'plug.ways';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach (array_keys($analysis->build->carriers) as $carrier) {
            $missing = array_sum(
                array_map(fn (Lead $l): int => count($l->cores), $list->plugs->unplugged((string) $carrier)),
            );
            foreach ($list->plugs->plugs((string) $carrier) as $plug => $leads) {
                $has = $analysis->build->part($analysis->build->devices[$plug]->part->id)->fields->integer('ways');
                $used = array_sum(array_map(fn (string $l): int => count($analysis->build->leads[$l]->cores), $leads));
                if ($missing > 0 && $has - $used < $missing) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        null,
                        (string) $plug,
                        Words::first($analysis->build->label((string) $plug)).
                            " has {$has} ways, {$used} are taken and {$missing} more must cross. Take a larger one.",
                    );
                }
            }
        }

        return $findings;
    }
}
