<?php

declare(strict_types=1);

/*
 * Server time of station pages and fragments over the demo builds, as a browser would ask for them: our own server as bin/glow
 * starts it (opcache, JIT, four workers), solutions memoised. Prints median and 95th percentile.
 *
 * bin/glow start --port 8100 &   then   php bench/pages.php http://127.0.0.1:8100 [rounds]
 */

$url = $argv[1] ?? 'http://127.0.0.1:8000';
$rounds = $argv[2] ?? '8';
$get = function (string $path, bool $fragment = false) use ($url): array {
    $handle = curl_init($url.$path);
    if ($handle === false) {
        exit(1);
    }
    curl_setopt_array($handle, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_FOLLOWLOCATION => true,
        CURLOPT_HTTPHEADER => $fragment ? ['HX-Request: true'] : [],
    ]);
    $begun = hrtime(true);
    $body = curl_exec($handle);
    $took = (hrtime(true) - $begun) / 1e6;
    if (curl_getinfo($handle, CURLINFO_HTTP_CODE) !== 200) {
        fwrite(STDERR, "{$path} answered ".curl_getinfo($handle, CURLINFO_HTTP_CODE)."\n");
        exit(1);
    }

    return [$took, (string) $body];
};
preg_match_all('#href="(/b/[0-9a-f]+)/circuit#', $get('/')[1], $found);
$paths = $stations = [];
foreach (array_unique($found[1]) as $build) {
    preg_match_all('#'.$build.'/circuit\?c=([a-z0-9_]+)#', $get("{$build}/circuit")[1], $circuits);
    foreach (array_unique($circuits[1]) as $circuit) {
        foreach (['', '&s=low', '&s=high'] as $supply) {
            $paths[] = ["{$build}/circuit?c={$circuit}{$supply}", false];
            $paths[] = ["{$build}/circuit?c={$circuit}{$supply}", true];
        }
    }
    $paths[] = ["{$build}/brief", false];
    $stations[] = "{$build}/probe";
    $stations[] = "{$build}/layout";
    $stations[] = "{$build}/harness";
    $stations[] = "{$build}/build";
    $paths[] = ["{$build}/handover", false];
}
foreach ($paths as [$path, $fragment]) {
    $get($path, $fragment); // fills the memo, once
}
// A throw of every trigger of every circuit: solved already, drawn anew.
$throws = [];
foreach ($paths as [$path, $fragment]) {
    if (! $fragment && str_contains($path, '/circuit')) {
        preg_match_all('/id="trigger-\d+"\s+href="([^"]+)"/', $get($path)[1], $links);
        foreach ($links[1] as $link) {
            $throws[] = html_entity_decode($link);
        }
    }
}
foreach ($throws as $path) {
    $get($path, true);
    $paths[] = [$path, null];
}
$times = ['pages' => [], 'fragments' => [], 'throws' => []];
for ($n = 0; $n < (int) $rounds; $n++) {
    foreach ($paths as [$path, $fragment]) {
        $times[$fragment === null ? 'throws' : ($fragment ? 'fragments' : 'pages')][] = $get(
            $path,
            $fragment !== false,
        )[0];
    }
}
// Stations whose page depends on more than the wiring: once for what is kept, then timed.
foreach ($stations as $path) {
    $get($path);
}
for ($n = 0; $n < 3 * (int) $rounds; $n++) {
    foreach ($stations as $path) {
        $times[basename($path)][] = $get($path)[0];
    }
}
foreach ($times as $what => $list) {
    sort($list);
    printf(
        "%-10s %5d requests, median %5.1f ms, 95th percentile %5.1f ms, slowest %5.1f ms\n",
        $what,
        count($list),
        $list[intdiv(count($list), 2)],
        $list[(int) floor(0.95 * (count($list) - 1))],
        end($list),
    );
}
