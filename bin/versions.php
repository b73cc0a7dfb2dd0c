<?php

declare(strict_types=1);

// Every installed PHP package with its version, one a line: what docs/versions.txt records.
$installed = require __DIR__.'/../vendor/composer/installed.php';
foreach ($installed['versions'] as $name => $package) {
    if (isset($package['pretty_version']) && $name !== $installed['root']['name'] && ! isset($package['replaced'])) {
        $lines[] = "{$name} {$package['pretty_version']}";
    }
}
sort($lines);
echo implode("\n", $lines), "\n";
