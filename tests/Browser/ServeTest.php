<?php

declare(strict_types=1);

/** A folder with a bench of its own, served by bin/glow start. */
final class Served
{
    public string $folder;

    public string $database;

    public int $port;

    /** @var resource|null */
    private $process = null;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/glow-served-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $this->database = "{$this->folder}/bench.sqlite";
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
    }

    /** @return array{int, string} exit code and what was said, of a command that ends by itself */
    public function glow(string ...$arguments): array
    {
        $command = implode(' ', array_map(escapeshellarg(...), [dirname(__DIR__, 2).'/bin/glow', ...$arguments]));
        exec("GLOW_DATABASE={$this->database} {$command} 2>&1", $lines, $code);

        return [$code, implode("\n", $lines)];
    }

    public function start(string ...$arguments): void
    {
        $this->process = proc_open(
            ['setsid', dirname(__DIR__, 2).'/bin/glow', 'start', '--port', (string) $this->port, ...$arguments],
            [1 => ['file', "{$this->folder}/out", 'a'], 2 => ['file', "{$this->folder}/out", 'a']],
            $pipes,
            null,
            [...getenv(), 'GLOW_DATABASE' => $this->database],
        );
        // The door is open before there is somebody behind it.
        $this->until(fn (): bool => $this->answers() && $this->get('/alive')[0] === 200, 'it answers');
    }

    public function pid(): int
    {
        return (int) file_get_contents("{$this->database}.lock");
    }

    public function answers(): bool
    {
        set_error_handler(static fn (): bool => true);
        $socket = fsockopen('127.0.0.1', $this->port, $e, $m, 0.5);
        restore_error_handler();

        return is_resource($socket) && fclose($socket);
    }

    /** @return array{int, array<string, string>, string} status, headers, body */
    public function get(string $path): array
    {
        $context = stream_context_create([
            'http' => ['header' => "Accept-Encoding: gzip\r\n", 'ignore_errors' => true, 'timeout' => 20],
        ]);
        $body = (string) file_get_contents("http://127.0.0.1:{$this->port}{$path}", false, $context);
        $headers = [];
        foreach ($http_response_header as $line) {
            [$name, $value] = [...explode(': ', $line, 2), ''];
            $headers[strtolower($name)] = $value;
        }
        preg_match('/ (\d{3})/', $http_response_header[0], $m);

        return [(int) $m[1], $headers, $body];
    }

    public function until(callable $holds, string $what, float $seconds = 40.0): void
    {
        $until = microtime(true) + $seconds;
        while (! $holds()) {
            if (microtime(true) > $until) {
                throw new RuntimeException("Waited in vain until {$what}: ".file_get_contents("{$this->folder}/out"));
            }
            usleep(100_000);
        }
    }

    public function __destruct()
    {
        if (is_resource($this->process) && is_file("{$this->database}.lock")) {
            posix_kill($this->pid(), SIGTERM);
        }
        exec('rm -rf '.escapeshellarg($this->folder));
    }
}

it(
    'serves pages and packed files, keeps out a second bench, and leaves nothing behind when it is killed',
    function (): void {
        $served = new Served();
        $served->start('--new');
        [$status, , $page] = $served->get('/');
        expect($status)->toBe(200)->and($page)->not->toBe('');
        [$status, $headers, $css] = $served->get('/assets/glow.css');
        expect([$status, $headers['content-encoding'] ?? ''])
            ->toBe([200, 'gzip'])
            ->and((string) gzdecode($css))
            ->toContain('--copper')
            ->and($headers['etag'] ?? '')
            ->not->toBe('');
        $font = $served->get('/assets/fonts/barlow-semi-condensed-latin-400-normal.woff2')[1];
        expect($font['cache-control'] ?? '')->toContain('immutable');
        expect(fileperms($served->database) & 0777)->toBe(0600);
        [$code, $said] = $served->glow('start', '--port', (string) ($served->port + 1));
        expect($code)
            ->toBe(1)
            ->and($said)
            ->toContain('running already (process '.$served->pid().')');
        // Backups are made while it runs, by a temporary name.
        [$code, $said] = $served->glow('backup', "{$served->folder}/copy.sqlite");
        expect([$code, is_file("{$served->folder}/copy.sqlite"), is_file("{$served->folder}/copy.sqlite.part")])->toBe([
            0,
            true,
            false,
        ]);
        [$code, $said] = $served->glow('restore', "{$served->folder}/copy.sqlite");
        expect($code)->toBe(1)->and($said)->toContain('running already');
        posix_kill($served->pid(), SIGKILL);
        $served->until(fn (): bool => ! $served->answers(), 'nobody answers any more', 10);
        [$code, $said] = $served->glow('restore', "{$served->folder}/copy.sqlite");
        expect($code)->toBe(0)->and($said)->toContain('builds put back')->toContain('kept aside');
        $served->start();
        expect($served->get('/')[0])->toBe(200);
        posix_kill($served->pid(), SIGTERM);
        $served->until(fn (): bool => ! $served->answers(), 'it stops when told', 10);
    },
);

it('puts no empty file and no demo build in the place of what is gone', function (): void {
    $served = new Served();
    [$code, $said] = $served->glow('start');
    expect($code)->toBe(1)->and($said)->toContain('there is no database at')->toContain('bin/glow start --new');
    expect(file_exists($served->database))->toBeFalse();
    touch($served->database);
    [$code, $said] = $served->glow('start');
    expect($code)->toBe(1)->and($said)->toContain('is empty');
    file_put_contents($served->database, str_repeat('no database ', 500));
    mkdir("{$served->folder}/backups");
    touch("{$served->folder}/backups/bench-2026-06-01.sqlite");
    [$code, $said] = $served->glow('start');
    expect($code)
        ->toBe(1)
        ->and($said)
        ->toContain("can't be used")
        ->toContain('The newest backup is')
        ->toContain('bench-2026-06-01.sqlite');
    expect(file_get_contents($served->database))->toStartWith('no database');
    [$code, $said] = $served->glow('restore', "{$served->folder}/backups/bench-2026-06-01.sqlite");
    expect($code)->toBe(1)->and($said)->toContain('it is empty');
});
