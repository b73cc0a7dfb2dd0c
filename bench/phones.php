<?php

declare(strict_types=1);

/*
 * Phones at the work and one bench, against a server that is open to the local net:
 *   bin/glow start --port 8300; bin/glow open --address 127.0.0.2 --port 8443
 *   php bench/phones.php http://127.0.0.1:8300 https://127.0.0.2:8443 [SECONDS] [PHONES]
 * Each phone is let in by its six digits, asks for news every 0.7 s and marks an act every 5 s; the bench reads pages and asks
 * for news. Prints requests, errors, median, 95th percentile and worst by kind, and how long an act takes until the bench is
 * told of it; exit 1 with an error or a p95 over 250 ms.
 */

[$bench, $net] = [$argv[1] ?? 'http://127.0.0.1:8300', $argv[2] ?? 'https://127.0.0.2:8443'];
[$seconds, $count] = [(float) ($argv[3] ?? 300), (int) ($argv[4] ?? 6)];
const NEWS_S = 0.7;
const ACT_S = 5.0;

/** One request, waited for. @return array{int, string, array<string, string>} */
function ask(string $url, ?array $fields = null, string $cookie = ''): array
{
    $one = handle($url, $fields, $cookie);
    $said = (string) curl_exec($one);

    return answer($one, $said);
}

function handle(string $url, ?array $fields, string $cookie, array $headers = []): CurlHandle
{
    $one = curl_init($url);
    curl_setopt_array($one, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_HEADER => true,
        CURLOPT_SSL_VERIFYPEER => false,
        CURLOPT_SSL_VERIFYHOST => 0,
        CURLOPT_ENCODING => 'gzip',
        CURLOPT_TIMEOUT => 30,
        CURLOPT_COOKIE => $cookie,
        CURLOPT_HTTPHEADER => $headers,
    ]);
    $fields === null ?: curl_setopt($one, CURLOPT_POSTFIELDS, http_build_query($fields));

    return $one;
}

/** @return array{int, string, array<string, string>} status, body, cookies */
function answer(CurlHandle $one, string $said): array
{
    $size = curl_getinfo($one, CURLINFO_HEADER_SIZE);
    preg_match_all('/^set-cookie: ([^=]+)=([^;]*)/mi', substr($said, 0, $size), $m);

    return [curl_getinfo($one, CURLINFO_HTTP_CODE), substr($said, $size), array_combine($m[1], $m[2])];
}

function cookies(array $all): string
{
    return implode('; ', array_map(fn (string $n, string $v): string => "{$n}={$v}", array_keys($all), $all));
}

/** The form that marks the act now, as the page has it. */
function act(string $html): ?array
{
    if (preg_match('/<form[^>]*?action="([^"]*edit[^"]*)"(?:(?!<\/form>).)*?name="op"\s+value="done".*?<\/form>/s', $html, $m) !== 1) {
        return null;
    }
    preg_match_all('/name="([^"]+)"\s+value="([^"]*)"/', $m[0], $f);
    $fields = array_combine($f[1], array_map(html_entity_decode(...), $f[2]));

    return [html_entity_decode($m[1]), $fields];
}

preg_match_all('#/b/([0-9a-f]{16})/#', ask("{$bench}/")[1], $m);
$builds = array_values(array_unique($m[1]));
$visitors = [];
for ($n = 0; $n < $count; $n++) {
    [, $html] = ask("{$bench}/phone/code?rights=work");
    preg_match('/class="six">(\d+) (\d+)/', $html, $six) ?: exit("No digits: is the bench open?\n");
    [$status, , $got] = ask("{$net}/pair", ['digits' => str_split($six[1].$six[2])]);
    $status === 303 ?: exit("Not let in: {$status}\n");
    $visitors[] = ['url' => $net, 'cookies' => $got, 'build' => $builds[$n % 2], 'news' => 0.0, 'act' => microtime(true) + $n * ACT_S / $count, 'form' => null, 'base' => '0', 'busy' => false];
}
$visitors[] = ['url' => $bench, 'cookies' => [], 'build' => $builds[0], 'news' => 0.0, 'act' => microtime(true) + 1, 'form' => null, 'base' => '0', 'busy' => false];
$took = $wrong = $told = $made = [];
$multi = curl_multi_init();
$running = [];
$until = microtime(true) + $seconds;
do {
    $now = microtime(true);
    foreach ($visitors as $n => &$v) {
        $isBench = $v['url'] === $bench;
        if ($now < $until && $now >= $v['news']) {
            $v['news'] = $now + NEWS_S;
            $one = handle("{$v['url']}/b/{$v['build']}/head?since={$v['base']}&window=w{$n}", null, cookies($v['cookies']));
            $running[] = [$one, $n, 'news', $now];
            curl_multi_add_handle($multi, $one);
        }
        if ($now < $until && $now >= $v['act'] && ! $v['busy']) {
            $v['act'] += ACT_S;
            $v['busy'] = true;
            if ($v['form'] === null || $isBench) {
                $page = $isBench ? ['circuit', 'build', 'probe', 'handover'][mt_rand(0, 3)] : 'build';
                $one = handle("{$v['url']}/b/{$v['build']}/{$page}", null, cookies($v['cookies']));
                $kind = 'page';
            } else {
                [$to, $fields] = $v['form'];
                $fields = [...$fields, 'base' => $v['base'], 'token' => bin2hex(random_bytes(8)), 'window' => "w{$n}"];
                $one = handle($v['url'].$to, $fields, cookies($v['cookies']), ['HX-Request: true']);
                $kind = 'act';
            }
            $running[] = [$one, $n, $kind, $now];
            curl_multi_add_handle($multi, $one);
        }
    }
    unset($v);
    curl_multi_exec($multi, $left);
    while ($done = curl_multi_info_read($multi)) {
        foreach ($running as $at => [$one, $n, $kind, $began]) {
            if ($one !== $done['handle']) {
                continue;
            }
            [$status, $body, $got] = answer($one, (string) curl_multi_getcontent($one));
            $took[$kind][] = curl_getinfo($one, CURLINFO_TOTAL_TIME);
            $v = &$visitors[$n];
            $v['cookies'] = [...$v['cookies'], ...$got];
            if ($status >= 400 || $status === 0) {
                $wrong[] = "{$kind} {$status}";
            }
            if ($kind !== 'news') {
                $v['busy'] = false;
                $v['form'] = act($body) ?? ($kind === 'act' ? null : $v['form']);
                if (preg_match('/name="base"\s+value="(\d+)"/', $body, $b) === 1) {
                    $v['base'] = $b[1];
                    $kind === 'act' ? ($made["{$v['build']} {$b[1]}"] = $began) : null;
                }
            } elseif ($status === 200 && $v['url'] === $bench) {
                $head = json_decode($body, true)['head'] ?? null;
                $began = $made["{$v['build']} {$head}"] ?? null;
                $began === null ?: ($told[] = microtime(true) - $began);
                $v['base'] = (string) $head;
            }
            unset($v);
            curl_multi_remove_handle($multi, $one);
            unset($running[$at]);
        }
    }
    curl_multi_select($multi, 0.02);
} while (microtime(true) < $until || $running !== []);
$took['told at the bench'] = $told;
foreach ($took as $kind => $all) {
    sort($all);
    $n = count($all);
    if ($n > 0) {
        $at = fn (float $share): int => (int) round(1000 * $all[min($n - 1, (int) floor($share * $n))]);
        printf("%-18s %6d  median %5d ms  p95 %5d ms  worst %5d ms\n", $kind, $n, $at(0.5), $at(0.95), $at(1.0));
        $slow = ($slow ?? false) || ($kind !== 'told at the bench' && $at(0.95) > 250);
    }
}
printf("errors %d %s\n", count($wrong), json_encode(array_count_values($wrong)));
exit($wrong === [] && ! $slow ? 0 : 1);
