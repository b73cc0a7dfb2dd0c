<?php

declare(strict_types=1);

/*
 * Fifty people at one bench: reads, throws and edits against a running server.
 *   bin/glow start --port 8300, then: php bench/load.php http://127.0.0.1:8300 [SECONDS] [USERS]
 * Prints requests, errors, median, 95th percentile and worst by kind; exit 1 with an error or a p95 over the goal of 250 ms.
 */

/** One of the people: what they look at, and when they act next. */
final class Visitor
{
    /** A person thinks between two acts, about this long on average. */
    private const THINKS_S = 4.0;

    public ?float $next;

    private ?string $base = null;

    private ?string $csrf = null;

    private ?string $field = null;

    /** @var list<string> */
    private array $throws = [];

    /** @var non-empty-string */
    private string $jar;

    public function __construct(
        private readonly int $number,
        private readonly string $url,
        private readonly string $build,
    ) {
        $this->jar = sys_get_temp_dir()."/glow-load-{$number}";
        @unlink($this->jar);
        $this->next = microtime(true) + mt_rand(0, (int) (1000 * self::THINKS_S)) / 1000;
    }

    public function kind(): string
    {
        $dice = mt_rand(1, 100);

        return match (true) {
            $dice <= 60 || $this->base === null => 'read',
            $dice <= 85 && $this->throws !== [] => 'throw',
            default => $this->field === null ? 'read' : 'edit',
        };
    }

    public function request(string $kind): CurlHandle
    {
        $path = match ($kind) {
            'read' => ["/b/{$this->build}/circuit", "/b/{$this->build}/brief", "/b/{$this->build}/handover", '/'][
                mt_rand(0, 3)
            ],
            'throw' => $this->throws[mt_rand(0, count($this->throws) - 1)],
            default => "/b/{$this->build}/edit?at=circuit",
        };
        $handle = curl_init($this->url.$path) ?: throw new RuntimeException('curl does not start');
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEJAR => $this->jar,
            CURLOPT_COOKIEFILE => $this->jar,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_ENCODING => 'gzip',
            CURLOPT_HTTPHEADER => match ($kind) {
                'read' => [],
                'throw' => ['HX-Request: true'],
                default => ['HX-Request: true', "X-CSRF-TOKEN: {$this->csrf}"],
            },
        ]);
        if ($kind === 'edit') {
            curl_setopt(
                $handle,
                CURLOPT_POSTFIELDS,
                http_build_query([
                    'op' => 'set',
                    'id' => $this->field,
                    'field' => 'label',
                    'text' => 'Lamp '.mt_rand(1, 9999),
                    'base' => $this->base,
                    'token' => bin2hex(random_bytes(8)),
                    'window' => "load{$this->number}",
                ]),
            );
        }
        $this->next = null;

        return $handle;
    }

    public function answered(int $status, string $body): void
    {
        if (preg_match('/name="base"\s+value="(\d+)"/', $body, $m) === 1) {
            $this->base = $m[1];
        } elseif ($status === 409) {
            $this->base = null;
        }
        if (preg_match('/name="csrf-token"\s+content="([^"]+)"/', $body, $m) === 1) {
            $this->csrf = $m[1];
        }
        if (preg_match('/id="f-(\w+_light)-/', $body, $m) === 1) {
            $this->field = $m[1];
        }
        if (preg_match_all('/id="trigger-\d+"\s+href="([^"]+)"/', $body, $m) > 0) {
            $this->throws = array_map(html_entity_decode(...), $m[1]);
        }
        $this->next = microtime(true) + mt_rand((int) (500 * self::THINKS_S), (int) (1500 * self::THINKS_S)) / 1000;
    }
}

$url = rtrim($argv[1] ?? 'http://127.0.0.1:8000', '/');
[$seconds, $users] = [(int) ($argv[2] ?? 300), (int) ($argv[3] ?? 50)];
$goalMs = 250;
preg_match_all('#/b/([0-9a-f]{16})/circuit#', (string) file_get_contents($url), $m);
$builds = array_values(array_unique($m[1]));
if ($builds === []) {
    fwrite(STDERR, "There is no bench with builds at {$url}.\n");
    exit(2);
}
mt_srand(7);
$visitors = array_map(fn (int $n): Visitor => new Visitor($n, $url, $builds[$n % count($builds)]), range(0, $users - 1));
/** @var array<string, list<float>> $times */
$times = [];
/** @var array<string, int> $errors */
$errors = [];
/** @var array<int, array{Visitor, string}> $running */
$running = [];
$multi = curl_multi_init();
$until = microtime(true) + $seconds;
while (microtime(true) < $until || $running !== []) {
    $now = microtime(true);
    foreach ($visitors as $visitor) {
        if ($visitor->next !== null && $visitor->next <= $now && $now < $until) {
            $kind = $visitor->kind();
            $handle = $visitor->request($kind);
            curl_multi_add_handle($multi, $handle);
            $running[spl_object_id($handle)] = [$visitor, $kind];
        }
    }
    curl_multi_exec($multi, $active);
    curl_multi_select($multi, 0.01);
    while (($done = curl_multi_info_read($multi)) !== false) {
        $handle = $done['handle'];
        assert($handle instanceof CurlHandle);
        [$visitor, $kind] = $running[spl_object_id($handle)];
        unset($running[spl_object_id($handle)]);
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $times[$kind][] = curl_getinfo($handle, CURLINFO_TOTAL_TIME);
        // Another's change is no error: it is told and the person looks again.
        if ($status === 0 || ($status >= 400 && $status !== 409)) {
            $errors["{$kind} {$status}"] = ($errors["{$kind} {$status}"] ?? 0) + 1;
        }
        $visitor->answered($status, (string) curl_multi_getcontent($handle));
        curl_multi_remove_handle($multi, $handle);
        curl_close($handle);
    }
}
$all = array_merge(...array_values($times));
$over = false;
foreach (['all' => $all, ...$times] as $kind => $list) {
    sort($list);
    $at = fn (float $share): float => 1000 * $list[(int) floor($share * (count($list) - 1))];
    printf(
        "%-6s %5d requests   median %4.0f ms   p95 %4.0f ms   worst %5.0f ms\n",
        $kind,
        count($list),
        $at(0.5),
        $at(0.95),
        $at(1.0),
    );
    $over = $over || ($kind === 'all' && $at(0.95) > $goalMs);
}
foreach ($errors as $what => $count) {
    echo "error {$what}: {$count}\n";
}
printf(
    "%d users, %d s, %.1f requests a second, %d errors\n",
    $users,
    $seconds,
    count($all) / $seconds,
    array_sum($errors),
);
exit($errors !== [] || $over ? 1 : 0);
