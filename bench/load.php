<?php

declare(strict_types=1);

/*
 * Fifty people at one bench: reads, throws and edits against a running server.
 *   bin/glow start --port 8300, then: php bench/load.php http://127.0.0.1:8300 [SECONDS] [USERS]
 * Prints requests, errors, median, 95th percentile and worst by kind; exit 1 with an error or a p95 over the goal of 250 ms.
 */

$url = rtrim($argv[1] ?? 'http://127.0.0.1:8000', '/');
[$seconds, $users] = [(int) ($argv[2] ?? 300), (int) ($argv[3] ?? 50)];
$goal = 0.25;

/** A person thinks between two acts, about this long on average. */
const THINKS_S = 4.0;

$jar = fn (int $user): string => sys_get_temp_dir()."/glow-load-{$user}";
$wall = (string) file_get_contents($url);
preg_match_all('#/b/([0-9a-f]{16})/circuit#', $wall, $m);
$builds = array_values(array_unique($m[1]));
if ($builds === []) {
    fwrite(STDERR, "There is no bench with builds at {$url}.\n");
    exit(2);
}
mt_srand(7);
$state = [];
for ($u = 0; $u < $users; $u++) {
    @unlink($jar($u));
    $state[$u] = ['next' => microtime(true) + mt_rand(0, (int) (1000 * THINKS_S)) / 1000, 'build' => $builds[$u % count($builds)], 'base' => null, 'csrf' => null, 'field' => null, 'throws' => []];
}
$times = [];
$errors = [];
$multi = curl_multi_init();
$running = [];
$start = function (int $u, string $kind) use (&$state, &$running, $multi, $url, $jar): void {
    $s = $state[$u];
    $path = match ($kind) {
        'read' => ["/b/{$s['build']}/circuit", "/b/{$s['build']}/brief", "/b/{$s['build']}/handover", '/'][mt_rand(0, 3)],
        'throw' => $s['throws'][mt_rand(0, count($s['throws']) - 1)],
        default => "/b/{$s['build']}/edit?at=circuit",
    };
    $handle = curl_init($url.$path);
    $headers = ['Accept-Encoding: gzip'];
    $options = [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar($u), CURLOPT_COOKIEFILE => $jar($u), CURLOPT_TIMEOUT => 30, CURLOPT_ENCODING => 'gzip'];
    if ($kind !== 'read') {
        $headers[] = 'HX-Request: true';
    }
    if ($kind === 'edit') {
        $headers[] = "X-CSRF-TOKEN: {$s['csrf']}";
        $options[CURLOPT_POSTFIELDS] = http_build_query([
            'op' => 'set', 'id' => $s['field'], 'field' => 'label', 'text' => 'Lamp '.mt_rand(1, 9999),
            'base' => $s['base'], 'token' => bin2hex(random_bytes(8)), 'window' => "load{$u}",
        ]);
    }
    curl_setopt_array($handle, $options + [CURLOPT_HTTPHEADER => $headers]);
    curl_multi_add_handle($multi, $handle);
    $running[(int) $handle] = [$u, $kind, microtime(true), $path];
};
$until = microtime(true) + $seconds;
while (microtime(true) < $until || $running !== []) {
    $now = microtime(true);
    foreach ($state as $u => $s) {
        if ($s['next'] !== null && $s['next'] <= $now && $now < $until) {
            $state[$u]['next'] = null;
            $dice = mt_rand(1, 100);
            $kind = $dice <= 60 || $s['base'] === null ? 'read' : ($dice <= 85 && $s['throws'] !== [] ? 'throw' : ($s['field'] === null ? 'read' : 'edit'));
            $start($u, $kind);
        }
    }
    curl_multi_exec($multi, $active);
    curl_multi_select($multi, 0.01);
    while (($done = curl_multi_info_read($multi)) !== false) {
        $handle = $done['handle'];
        [$u, $kind, $from, $path] = $running[(int) $handle];
        unset($running[(int) $handle]);
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $body = (string) curl_multi_getcontent($handle);
        $times[$kind][] = curl_getinfo($handle, CURLINFO_TOTAL_TIME);
        // Another's change is no error: it is told and the person looks again.
        if ($status >= 400 && $status !== 409) {
            $errors["{$kind} {$status}"] = ($errors["{$kind} {$status}"] ?? 0) + 1;
        }
        if (preg_match('/name="base"\s+value="(\d+)"/', $body, $m) === 1) {
            $state[$u]['base'] = $m[1];
        } elseif ($status === 409) {
            $state[$u]['base'] = null;
        }
        if (preg_match('/name="csrf-token"\s+content="([^"]+)"/', $body, $m) === 1) {
            $state[$u]['csrf'] = $m[1];
        }
        if (preg_match('/id="f-(\w+_light)-/', $body, $m) === 1) {
            $state[$u]['field'] = $m[1];
        }
        if (preg_match_all('/id="trigger-\d+"\s+href="([^"]+)"/', $body, $m) > 0) {
            $state[$u]['throws'] = array_map(html_entity_decode(...), $m[1]);
        }
        $state[$u]['next'] = microtime(true) + mt_rand((int) (500 * THINKS_S), (int) (1500 * THINKS_S)) / 1000;
        curl_multi_remove_handle($multi, $handle);
        curl_close($handle);
    }
}
$all = array_merge(...array_values($times));
$over = false;
foreach (['all' => $all, ...$times] as $kind => $list) {
    sort($list);
    $at = fn (float $share): float => 1000 * $list[(int) floor($share * (count($list) - 1))];
    printf("%-6s %5d requests   median %4.0f ms   p95 %4.0f ms   worst %5.0f ms\n", $kind, count($list), $at(0.5), $at(0.95), $at(1.0));
    $over = $over || ($kind === 'all' && $at(0.95) > 1000 * $goal);
}
foreach ($errors as $what => $count) {
    echo "error {$what}: {$count}\n";
}
printf("%d users, %d s, %.1f requests a second, %d errors\n", $users, $seconds, count($all) / $seconds, array_sum($errors));
exit($errors !== [] || $over ? 1 : 0);
