<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Fixing;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Shown;

/** Said to cure in less than a third of what its kind takes. */
final class CureShortRule implements ReadsWork, Rule
{
    private const SHARE = 1 / 3;

    public function id(): string
    {
        return 'build.cure_short';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->fixings as $fixing) {
            $usual = Fixing::usualCureS($fixing->kind);
            if ($fixing->cureS < self::SHARE * $usual) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    $fixing->id,
                    ucfirst($fixing->words()).
                        ' is said to hold after '.
                        Shown::plain($fixing->cureS / 3600, 1).
                        ' h; its kind takes about '.
                        Shown::plain($usual / 3600, 0).
                        ' h until it may be loaded.',
                    'Wait as usual',
                    new SetField($fixing->id, 'cure_s', $usual),
                );
            }
        }

        return $findings;
    }
}
