<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\HostWire;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A lead on a host wire that must not be tapped, or not without asking. */
final class SignalNotToTapRule implements Rule
{
    public function id(): string
    {
        return 'signal.not_to_tap';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Tap::all($analysis) as $tap) {
            $rule = $tap->host instanceof HostWire ? $tap->host->tap : 'allowed';
            if ($rule === 'never') {
                $findings[$tap->id()] ??= new Finding(
                    $this->id(),
                    Severity::Danger,
                    $tap->circuit,
                    $tap->id(),
                    Words::first($tap->name()).' must not be tapped. Take another signal.',
                );
            } elseif ($rule === 'ask') {
                $findings[$tap->id()] ??= new Finding(
                    $this->id(),
                    Severity::Note,
                    $tap->circuit,
                    $tap->id(),
                    'Ask before tapping '.
                        $tap->name().
                        ': twisted pairs, sensor and ignition leads are never tapped.',
                );
            }
        }

        return array_values($findings);
    }
}
