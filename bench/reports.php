<?php

declare(strict_types=1);

/*
 * Everything the headless tools say about every example, as digests: proof that a change of the house changed no number and no word.
 *
 * php bench/reports.php --write   keeps the digests in bench/reports.txt
 * php bench/reports.php           compares with them; exit 1 and the names of what differs
 */

$root = dirname(__DIR__);
$said = function (string $command) use ($root): string {
    exec("cd {$root} && php bin/tools.php {$command} 2>&1", $lines, $code);

    return implode("\n", $lines)."\nexit {$code}";
};
$digests = [];
foreach (glob("{$root}/examples/*.glow.json") ?: [] as $file) {
    $name = basename($file, '.glow.json');
    $path = escapeshellarg("examples/{$name}.glow.json");
    $digests["{$name} report"] = $said("report {$path} --states all");
    $digests["{$name} report worst awg"] = $said("report {$path} --wire awg");
    $digests["{$name} story"] = $said("story {$path}");
    foreach (['csv', 'json', 'cir'] as $form) {
        $out = tempnam(sys_get_temp_dir(), 'glow').".{$form}";
        $said("report {$path} --out ".escapeshellarg($out));
        $digests["{$name} {$form}"] = is_file($out) ? (string) file_get_contents($out) : '';
        @unlink($out);
    }
}
$lines = [];
foreach ($digests as $name => $text) {
    $lines[] = substr(hash('sha256', $text), 0, 24)."  {$name}";
}
$kept = __DIR__.'/reports.txt';
if (in_array('--write', $argv, true)) {
    file_put_contents($kept, implode("\n", $lines)."\n");
    echo count($lines)." digests kept\n";
    exit(0);
}
$differs = array_diff($lines, file($kept, FILE_IGNORE_NEW_LINES) ?: []);
foreach ($differs as $line) {
    echo "differs: {$line}\n";
}
echo count($lines) - count($differs).' of '.count($lines)." the same\n";
exit($differs === [] ? 0 : 1);
