<?php

declare(strict_types=1);

/*
 * Phones at the work and one bench, against a server that is open to the local net:
 *   bin/glow start --port 8300; bin/glow open --address 127.0.0.2 --port 8443
 *   php bench/phones.php http://127.0.0.1:8300 https://127.0.0.2:8443 [SECONDS] [PHONES]
 * Each phone is let in by its six digits, asks for news every 0.7 s and marks an act every 5 s; the bench reads pages and asks
 * for news. Prints requests, errors, median, 95th percentile and worst by kind, and how long an act takes until the bench is
 * told of it; exit 1 with an error or a p95 of an act over 250 ms.
 */

/** One device and what it does next. */
final class Held
{
    public const NEWS_S = 0.7;

    public const ACT_S = 5.0;

    public float $news = 0.0;

    public bool $busy = false;

    public string $base = '0';

    /** Where the act now is sent to; '' before a page was read. */
    private string $to = '';

    /** @var array<string, string> fields of the act now */
    private array $fields = [];

    /** @param  array<string, string>  $cookies */
    public function __construct(
        public readonly string $url,
        public readonly string $build,
        public readonly bool $isBench,
        public float $act,
        private array $cookies = [],
    ) {
    }

    /** @param  array<array-key, mixed>|null  $fields  null: only read */
    public function request(string $path, ?array $fields = null): CurlHandle
    {
        $one = curl_init($this->url.$path);
        $cookies = [];
        foreach ($this->cookies as $name => $value) {
            $cookies[] = "{$name}={$value}";
        }
        curl_setopt_array($one, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_SSL_VERIFYPEER => false,
            CURLOPT_SSL_VERIFYHOST => 0,
            CURLOPT_ENCODING => 'gzip',
            CURLOPT_TIMEOUT => 30,
            CURLOPT_HTTPHEADER => $fields === null ? [] : ['HX-Request: true'],
        ]);
        if ($cookies !== []) {
            curl_setopt($one, CURLOPT_COOKIE, implode('; ', $cookies));
        }
        if ($fields !== null) {
            curl_setopt($one, CURLOPT_POSTFIELDS, http_build_query($fields));
        }

        return $one;
    }

    public function news(): CurlHandle
    {
        return $this->request("/b/{$this->build}/head?since={$this->base}&window=w".spl_object_id($this));
    }

    /** @return array{string, CurlHandle} a page, or the act that the last one showed */
    public function next(): array
    {
        if ($this->isBench) {
            $page = ['circuit', 'build', 'probe', 'prove'][mt_rand(0, 3)];

            return ['page', $this->request("/b/{$this->build}/{$page}")];
        }
        if ($this->to === '') {
            return ['first page', $this->request("/b/{$this->build}/build")];
        }
        $fields = [
            ...$this->fields,
            'base' => $this->base,
            'token' => bin2hex(random_bytes(8)),
            'window' => 'w'.spl_object_id($this),
        ];

        return ['act', $this->request($this->to, $fields)];
    }

    /** @return string the body of an answer; its cookies and the next act are kept */
    public function takes(CurlHandle $one, string $said): string
    {
        $size = curl_getinfo($one, CURLINFO_HEADER_SIZE);
        preg_match_all('/^set-cookie: ([^=]+)=([^;]*)/mi', substr($said, 0, $size), $m, PREG_SET_ORDER);
        foreach ($m as [, $name, $value]) {
            $this->cookies[$name] = $value;
        }
        $body = substr($said, $size);
        if (preg_match('/name="base"\s+value="(\d+)"/', $body, $b) === 1) {
            $this->base = $b[1];
        }
        // A form to its end, the one of the act that is done.
        preg_match_all('/<form[^>]*?action="([^"]*edit[^"]*)".*?<\/form>/s', $body, $forms, PREG_SET_ORDER);
        foreach ($forms as [$form, $to]) {
            if (preg_match('/name="op"\s+value="done"/', $form) === 1) {
                preg_match_all('/name="([^"]+)"\s+value="([^"]*)"/', $form, $f, PREG_SET_ORDER);
                $this->to = html_entity_decode($to);
                $this->fields = array_map(html_entity_decode(...), array_column($f, 2, 1));
            }
        }

        return $body;
    }
}

/** All of them at once, and what came of it. */
final class Crew
{
    /** @var list<Held> */
    private array $all = [];

    /** @var array<int, array{Held, string, float}> requests under way by their handle */
    private array $running = [];

    /** @var array<string, list<float>> kind => seconds */
    private array $took = [];

    /** @var array<string, int> */
    private array $wrong = [];

    /** @var array<string, float> a revision => when its act was sent */
    private array $made = [];

    private CurlMultiHandle $multi;

    public function __construct(string $bench, string $net, int $count)
    {
        $this->multi = curl_multi_init();
        $visitor = new Held($bench, '', true, 0.0);
        preg_match_all('#/b/([0-9a-f]{16})/#', $this->now($visitor, '/'), $m);
        $builds = array_values(array_unique($m[1]));
        for ($n = 0; $n < $count; $n++) {
            $phone = new Held($net, $builds[$n % 2], false, microtime(true) + $n * Held::ACT_S / $count);
            $code = $this->now($visitor, '/phone/code?rights=work');
            if (preg_match('/class="six">(\d+) (\d+)/', $code, $six) !== 1) {
                exit("No digits: is the bench open?\n");
            }
            $this->now($phone, '/pair', ['digits' => str_split($six[1].$six[2])]);
            $this->all[] = $phone;
        }
        $this->all[] = new Held($bench, $builds[0], true, microtime(true) + 1.0);
    }

    /** @param  array<string, mixed>|null  $fields */
    private function now(Held $who, string $path, ?array $fields = null): string
    {
        $one = $who->request($path, $fields);

        return $who->takes($one, (string) curl_exec($one));
    }

    public function work(float $seconds): void
    {
        $until = microtime(true) + $seconds;
        do {
            $now = microtime(true);
            foreach ($now < $until ? $this->all : [] as $who) {
                if ($now >= $who->news) {
                    $who->news = $now + Held::NEWS_S;
                    $this->begin($who, 'news', $who->news());
                }
                if ($now >= $who->act && ! $who->busy) {
                    $who->act += Held::ACT_S;
                    $who->busy = true;
                    $this->begin($who, ...$who->next());
                }
            }
            curl_multi_exec($this->multi, $left);
            while (($done = curl_multi_info_read($this->multi)) !== false) {
                $handle = $done['handle'] ?? null;
                $handle instanceof CurlHandle ? $this->end($handle) : null;
            }
            curl_multi_select($this->multi, 0.02);
        } while (microtime(true) < $until || $this->running !== []);
    }

    private function begin(Held $who, string $kind, CurlHandle $one): void
    {
        $this->running[spl_object_id($one)] = [$who, $kind, microtime(true)];
        curl_multi_add_handle($this->multi, $one);
    }

    private function end(CurlHandle $one): void
    {
        [$who, $kind, $began] = $this->running[spl_object_id($one)];
        unset($this->running[spl_object_id($one)]);
        $this->took[$kind][] = microtime(true) - $began;
        $status = curl_getinfo($one, CURLINFO_RESPONSE_CODE);
        $body = $who->takes($one, (string) curl_multi_getcontent($one));
        curl_multi_remove_handle($this->multi, $one);
        if ($status >= 400 || $status === 0) {
            $this->wrong["{$kind} {$status}"] = 1 + ($this->wrong["{$kind} {$status}"] ?? 0);
        }
        if ($kind !== 'news') {
            $who->busy = false;
            $kind === 'act' ? ($this->made["{$who->build} {$who->base}"] = $began) : null;
        } elseif ($status === 200) {
            $head = ((array) json_decode($body, true))['head'] ?? null;
            $who->base = is_int($head) ? (string) $head : $who->base;
            $sent = $this->made["{$who->build} {$who->base}"] ?? null;
            $sent !== null && $who->isBench ? ($this->took['told at the bench'][] = microtime(true) - $sent) : null;
        }
    }

    /** @return int the exit code */
    public function tell(): int
    {
        $slow = false;
        foreach ($this->took as $kind => $all) {
            sort($all);
            $at = fn (float $share): int => (int) round(1000 * $all[(int) floor($share * (count($all) - 1))]);
            printf(
                "%-18s %6d  median %5d ms  p95 %5d ms  worst %5d ms\n",
                $kind,
                count($all),
                $at(0.5),
                $at(0.95),
                $at(1.0),
            );
            $slow = $slow || ($kind === 'act' && $at(0.95) > 250);
        }
        printf("errors %d %s\n", array_sum($this->wrong), json_encode($this->wrong));

        return $this->wrong === [] && ! $slow ? 0 : 1;
    }
}

$crew = new Crew($argv[1] ?? 'http://127.0.0.1:8300', $argv[2] ?? 'https://127.0.0.2:8443', (int) ($argv[4] ?? 6));
$crew->work((float) ($argv[3] ?? 300));
exit($crew->tell());
