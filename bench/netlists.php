<?php

declare(strict_types=1);

/*
 * Every example's netlist read back by a simulator that shares no code with core (tests/Support/Simulator.php), against what was
 * solved: the table of docs/physics.md.
 *   php bench/netlists.php
 */

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use Tests\Support\ReadBack;

require __DIR__.'/../vendor/autoload.php';

echo "| example | moments | unknowns | volts apart, at most | amps apart, at most |\n|---|---|---|---|---|\n";
foreach (glob(__DIR__.'/../examples/*.glow.json') ?: [] as $file) {
    $analysis = Analysis::of(Document::fromJson((string) file_get_contents($file)));
    $read = ReadBack::of($analysis);
    printf(
        "| %s | %d | %d | %.1e | %.1e |\n",
        basename($file, '.glow.json'),
        $read->moments,
        $read->unknowns,
        $read->voltsApart,
        $read->ampsApart,
    );
}
