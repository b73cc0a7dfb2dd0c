<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\HostWay;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Shown;

/** A host fuse over what its box or its wire bears: the donor's fuse is never made larger. */
final class DonorFuseEnlargedRule implements Rule
{
    public function id(): string
    {
        return 'donor.fuse_enlarged';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Tap::all($analysis) as $tap) {
            $host = $tap->host;
            $fuse = $host->fuseA;
            $limit = match (true) {
                $host instanceof HostWay => $host->boxMaxA,
                $host->areaMm2 === null => null,
                default => min(Copper::allowedA($host->areaMm2), Copper::ceilingA($host->areaMm2)),
            };
            if ($fuse === null || $limit === null || $fuse <= $limit + 1e-9 || isset($findings[$tap->id()])) {
                continue;
            }
            $findings[$tap->id()] = new Finding(
                $this->id(),
                Severity::Danger,
                $tap->circuit,
                $tap->id(),
                'The '.
                    Shown::amps($fuse).
                    ' fuse of '.
                    $tap->name().
                    ' is larger than its '.
                    ($tap->isWire() ? 'wire' : 'box').
                    ' bears, '.
                    Shown::amps($limit).
                    '. Put the host\'s own value back; the added circuit has its own fuse.',
            );
        }

        return array_values($findings);
    }
}
