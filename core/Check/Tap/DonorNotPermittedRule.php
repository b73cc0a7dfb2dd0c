<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\HostWay;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A tap in a way that is no comfort or accessory way: engine control, fuel, brakes, restraint. */
final class DonorNotPermittedRule implements Rule
{
    public function id(): string
    {
        return 'donor.not_permitted';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Tap::all($analysis) as $tap) {
            if ($tap->host instanceof HostWay && ! $tap->host->comfort && $tap->host->takesLoads()) {
                $findings[$tap->id()] ??= new Finding(
                    $this->id(),
                    Severity::Danger,
                    $tap->circuit,
                    $tap->id(),
                    Words::first($tap->name()).
                        ' is no comfort way. Engine control, fuel, brakes and restraint feed nothing else: take an accessory way.',
                );
            }
        }

        return array_values($findings);
    }
}
