<?php

declare(strict_types=1);

/*
 * A crowd at the door: idle connections, bodies that come a byte at a time and guesses on the local net, while the bench is
 * asked for pages.
 *   php bench/crowd.php http://127.0.0.1:8300 127.0.0.2:8443 [CONNECTIONS] [SECONDS]
 * Prints how the bench answered alone and beside the crowd; exit 1 with an error at the bench.
 */

[$bench, $door] = [$argv[1] ?? 'http://127.0.0.1:8300', $argv[2] ?? '127.0.0.2:8443'];
[$count, $seconds] = [(int) ($argv[3] ?? 500), (float) ($argv[4] ?? 30)];
$context = stream_context_create(['ssl' => ['verify_peer' => false, 'verify_peer_name' => false]]);

/** @return array{int, int, int} requests, errors, and the 95th percentile in ms */
function pages(string $bench, float $seconds, callable $between): array
{
    [$took, $wrong, $until] = [[], 0, microtime(true) + $seconds];
    while (microtime(true) < $until) {
        $began = microtime(true);
        $said = @file_get_contents("{$bench}/", false, stream_context_create(['http' => ['timeout' => 10]]));
        $wrong += $said === false ? 1 : 0;
        $took[] = microtime(true) - $began;
        $between();
        usleep(100_000);
    }
    sort($took);

    return [count($took), $wrong, (int) round(1000 * $took[(int) floor(0.95 * (count($took) - 1))])];
}

printf("alone:  %d pages, %d errors, p95 %d ms\n", ...pages($bench, $seconds / 2, fn () => null));
$crowd = [];
for ($n = 0; $n < $count; $n++) {
    $one = @stream_socket_client("ssl://{$door}", $code, $words, 10, STREAM_CLIENT_CONNECT, $context);
    if ($one === false) {
        continue;
    }
    stream_set_blocking($one, false);
    // A third says nothing, a third sends a body slowly, a third guesses.
    if ($n % 3 === 1) {
        fwrite($one, "POST /pair HTTP/1.1\r\nHost: {$door}\r\nContent-Length: 8000\r\n\r\n");
    }
    $crowd[] = [$one, $n % 3];
}
printf("%d connections at the door\n", count($crowd));
$guess = 0;
$between = function () use (&$crowd, &$guess, $door): void {
    foreach ($crowd as [$one, $kind]) {
        if ($kind === 1) {
            @fwrite($one, 'x');
        } elseif ($kind === 2 && mt_rand(0, 9) === 0) {
            $body = 'digits[]='.str_pad((string) $guess++, 6, '0', STR_PAD_LEFT);
            @fwrite(
                $one,
                "POST /pair HTTP/1.1\r\nHost: {$door}\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: ".
                    strlen($body)."\r\n\r\n{$body}",
            );
            @fread($one, 65536);
        }
    }
};
$beside = pages($bench, $seconds, $between);
printf("beside: %d pages, %d errors, p95 %d ms; %d guesses sent\n", ...[...$beside, $guess]);
exit($beside[1] === 0 ? 0 : 1);
