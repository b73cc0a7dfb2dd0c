<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Stations\Build\Forms\FastenerForm;
use BenchGlow\Build\Build;
use BenchGlow\Build\Fastener;
use BenchGlow\Steps\Ledger;

/** Fasteners as the ledger lists and asks for them. */
final readonly class LedgerRows
{
    public function __construct(private Build $build)
    {
    }

    public function last(string $panel): ?Fastener
    {
        $last = null;
        foreach ($this->build->fasteners as $fastener) {
            $last = $fastener->panel === $panel ? $fastener : $last;
        }

        return $last;
    }

    /** @return array<string, string> fields of the form of a fastener, as the last one had them */
    public function likeLast(Fastener $last): array
    {
        return array_filter([
            'kind' => isset(FastenerForm::KINDS[$last->kind]) ? $last->kind : 'screw',
            'size' => $last->size,
            'bag' => $last->bag,
            'washer' => $last->washer ? '1' : '',
            'hidden' => $last->hidden ? '1' : '',
            'single_use' => $last->singleUse ? '1' : '',
        ]);
    }

    public function where(Fastener $fastener): string
    {
        return ($fastener->where === '' ? '' : ", {$fastener->where}").
            ($fastener->bag === '' ? '' : ", bag {$fastener->bag}");
    }

    public function toBuy(Ledger $ledger): string
    {
        $all = $ledger->toBuy();

        return implode(
            ', ',
            array_map(
                fn (string $what, int $many): string => "{$many} × {$what}",
                array_map(strval(...), array_keys($all)),
                $all,
            ),
        );
    }
}
