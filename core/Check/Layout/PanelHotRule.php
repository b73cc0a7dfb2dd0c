<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Light\BoxHeat;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\EmitterState;

/** A closed box gets warmer than its material stands (layout-harness.md 5; electrics.md 10). */
final class PanelHotRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'panel.hot';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'panel') as $laid) {
            $watts = 0.0;
            foreach ($laid->lights as $light) {
                $lit = $analysis->litState($light->id, 'max')->lights[$light->id] ?? [];
                $watts += array_sum(array_map(fn (EmitterState $e): float => $e->watts, $lit));
            }
            $outline = $laid->outline();
            $area = 2 * $outline->area() + $outline->perimeter() * $laid->fields->number('depth_m', 0.05);
            $warm = self::PLACE_C + BoxHeat::rise($watts, $area);
            $stands = Pieces::of($analysis, $laid)?->standsC() ?? self::PLASTIC_C;
            if ($watts > 0.0 && $warm > $stands - BoxHeat::MARGIN_K) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ' gets to '.
                        Shown::plain($warm, 0).
                        ' °C inside with '.
                        Shown::plain($watts, 1).
                        ' W; its material stands '.
                        Shown::plain($stands, 0).
                        ' °C. Fewer watts, more air, or metal behind the strip.',
                );
            }
        }

        return $findings;
    }

    /** Round about on a warm day, °C. */
    private const PLACE_C = 35.0;

    /** Where a usual plastic softens, °C. */
    private const PLASTIC_C = 80.0;
}
