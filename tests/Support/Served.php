<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

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
        $this->port = Bench::freePort();
    }

    /** @return array<string, string> where it keeps what it keeps and what runs */
    private function env(): array
    {
        return [
            'GLOW_DATABASE' => $this->database,
            // As it runs for a builder, not as tests of pages run it.
            'APP_ENV' => 'production',
            'APP_DEBUG' => 'false',
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'bench',
            'GLOW_RUN' => "{$this->folder}/run",
            'GLOW_AUTHORITY' => "{$this->folder}/authority",
            'GLOW_PHOTOS' => "{$this->folder}/photos",
        ];
    }

    /** @return array{int, string} exit code and what was said, of a command that ends by itself */
    public function glow(string ...$arguments): array
    {
        $command = implode(' ', array_map(escapeshellarg(...), [dirname(__DIR__, 2).'/bin/glow', ...$arguments]));
        $env = '';
        foreach ($this->env() as $name => $value) {
            $env .= "{$name}=".escapeshellarg($value).' ';
        }
        exec("{$env}{$command} 2>&1", $lines, $code);

        return [$code, implode("\n", $lines)];
    }

    public function start(string ...$arguments): void
    {
        $this->process = proc_open(
            ['setsid', dirname(__DIR__, 2).'/bin/glow', 'start', '--port', (string) $this->port, ...$arguments],
            [1 => ['file', "{$this->folder}/out", 'a'], 2 => ['file', "{$this->folder}/out", 'a']],
            $pipes,
            null,
            [...getenv(), ...$this->env()],
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

    public function until(callable $holds, string $what, float $seconds = 90.0): void
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
