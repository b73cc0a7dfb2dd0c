<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Inline;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A plug whose half toward the supply has bare contacts: pulled apart, they are live. */
final class PlugLiveHalfRule implements Rule
{
    public function id(): string
    {
        return 'plug.live_half';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                $device = $analysis->build->devices[$thing->plug] ?? null;
                if (
                    $thing->kind !== 'plug' ||
                    ! ($device instanceof PlugDevice) ||
                    $device->liveSide() !== 'male' ||
                    isset($findings[$thing->plug])
                ) {
                    continue;
                }
                $most = self::bareV($analysis, $thing);
                if ($most > 1.0) {
                    $findings[$thing->plug] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $lead->circuit,
                        $thing->plug,
                        'Pulled apart, '.
                            Words::within($device->ownLabel() ?: "plug {$thing->plug}").
                            ' has bare pins at '.
                            Shown::volts($most).
                            ' on the half toward the supply. Change the halves over: the shrouded one belongs there.',
                    );
                }
            }
        }

        return array_values($findings);
    }

    /** Most volts in any state on the half toward the supply. */
    private static function bareV(Analysis $analysis, Inline $plug): float
    {
        $most = 0.0;
        foreach ($analysis->scenes() as $scene) {
            foreach ($plug->ways as $way) {
                foreach ($analysis->build->supplies as $supply) {
                    $most = max($most, (float) $scene->lit->between("{$plug->id}.{$way}a", "{$supply->id}.minus"));
                }
            }
        }

        return $most;
    }
}
