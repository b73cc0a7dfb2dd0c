<?php

declare(strict_types=1);

/*
 * A crowd at the door: idle connections, bodies that come a byte at a time and guesses on the local net, while the bench is
 * asked for pages.
 *   php bench/crowd.php http://127.0.0.1:8300 127.0.0.2:8443 [CONNECTIONS] [SECONDS]
 * Prints how the bench answered alone and beside the crowd; exit 1 with an error at the bench.
 */

/** Those at the door, and what the bench does beside them. */
final class Crowd
{
    /** @var list<array{resource, int}> a connection, and what it does: nothing, a slow body, guesses */
    private array $all = [];

    private int $guesses = 0;

    public function __construct(private readonly string $bench, private readonly string $door)
    {
    }

    public function gather(int $count): int
    {
        $context = stream_context_create(['ssl' => ['verify_peer' => false, 'verify_peer_name' => false]]);
        for ($n = 0; $n < $count; $n++) {
            $one = @stream_socket_client("ssl://{$this->door}", $code, $words, 10, STREAM_CLIENT_CONNECT, $context);
            if ($one === false) {
                continue;
            }
            stream_set_blocking($one, false);
            if ($n % 3 === 1) {
                fwrite($one, "POST /pair HTTP/1.1\r\nHost: {$this->door}\r\nContent-Length: 8000\r\n\r\n");
            }
            $this->all[] = [$one, $n % 3];
        }

        return count($this->all);
    }

    private function push(): void
    {
        foreach ($this->all as [$one, $kind]) {
            if ($kind === 1) {
                @fwrite($one, 'x');
            } elseif ($kind === 2 && mt_rand(0, 9) === 0) {
                $body = 'digits[]='.str_pad((string) $this->guesses++, 6, '0', STR_PAD_LEFT);
                $length = strlen($body);
                $form = 'Content-Type: application/x-www-form-urlencoded';
                @fwrite(
                    $one,
                    "POST /pair HTTP/1.1\r\nHost: {$this->door}\r\n{$form}\r\nContent-Length: {$length}\r\n\r\n{$body}",
                );
                @fread($one, 65536);
            }
        }
    }

    /** Pages of the bench, one after the other, told with their 95th percentile. @return int errors */
    public function pages(string $words, float $seconds): int
    {
        [$took, $wrong, $until] = [[], 0, microtime(true) + $seconds];
        do {
            $began = microtime(true);
            $context = stream_context_create(['http' => ['timeout' => 10]]);
            $wrong += @file_get_contents("{$this->bench}/", false, $context) === false ? 1 : 0;
            $took[] = microtime(true) - $began;
            $this->push();
            usleep(100_000);
        } while (microtime(true) < $until);
        sort($took);
        $p95 = (int) round(1000 * $took[(int) floor(0.95 * (count($took) - 1))]);
        printf("%s: %d pages, %d errors, p95 %d ms; %d guesses\n", $words, count($took), $wrong, $p95, $this->guesses);

        return $wrong;
    }
}

$crowd = new Crowd($argv[1] ?? 'http://127.0.0.1:8300', $argv[2] ?? '127.0.0.2:8443');
$seconds = (float) ($argv[4] ?? 30);
$wrong = $crowd->pages('alone', $seconds / 2);
printf("%d connections at the door\n", $crowd->gather((int) ($argv[3] ?? 500)));
exit($wrong + $crowd->pages('beside', $seconds) === 0 ? 0 : 1);
