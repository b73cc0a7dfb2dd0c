<?php

declare(strict_types=1);

namespace App\Solving;

use App\Models\Preference;
use App\Store\Analyses;
use BenchGlow\Build\Document;
use Illuminate\Contracts\Queue\ShouldQueue;

/** One heavy build, solved and kept where the pages look for it. */
final class SolveBuild implements ShouldQueue
{
    public int $tries = 1;

    public int $timeout = 170;

    public function __construct(
        private readonly string $json,
        private readonly string $wire,
        private readonly string $units,
        private readonly string $decimalSign,
        private readonly string $key,
    ) {
    }

    public function handle(Analyses $analyses): void
    {
        $preference = new Preference([
            'wire' => $this->wire,
            'units' => $this->units,
            'decimal_sign' => $this->decimalSign,
        ]);
        $document = Document::fromStored($this->json);
        Heavy::run($this->key, function () use ($analyses, $document, $preference): void {
            $analyses->solve($document, $preference, Watch::at(...));
        });
    }
}
