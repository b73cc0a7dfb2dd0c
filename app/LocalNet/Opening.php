<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Support\WallClock;
use BenchGlow\Quantity\NotUnderstood;

/**
 * Whether the bench answers beyond this machine, where and until when. Kept as files in the folder of what runs, read and
 * carried out by bin/glow start, which takes them away when it begins and ends: a restart closes the bench.
 */
final readonly class Opening
{
    public const PORT = 8443;

    /** Hours it stays open => how that is said; 0: until it is closed. */
    public const HOURS = [1 => '1 hour', 4 => '4 hours', 12 => '12 hours', 0 => 'until it is closed'];

    /** So long bin/glow start takes at most to see what is wanted. */
    private const TICK_US = 700_000;

    /** Tenths of a second until the listener must answer. */
    private const PATIENCE = 100;

    private function __construct(
        public string $address,
        public int $port,
        public ?int $until,
    ) {
    }

    public static function now(): ?self
    {
        $kept = @file_get_contents(self::folder().'/state.json');
        $said = $kept === false ? null : json_decode($kept, true);
        if (! is_array($said) || ! is_string($said['address'] ?? null) || ! is_int($said['port'] ?? null)) {
            return null;
        }
        $until = is_int($said['until'] ?? null) ? $said['until'] : null;

        return $until !== null && $until <= now()->getTimestamp()
            ? null
            : new self($said['address'], $said['port'], $until);
    }

    /** @throws NotUnderstood in words, and nothing stands open then */
    public static function open(string $address, int $port, int $hours): self
    {
        self::mustBePossible($port, $hours);
        $now = self::now();
        $same = $now !== null && $now->address === $address && $now->port === $port;
        if (! $same && self::taken($address, $port)) {
            throw new NotUnderstood(
                "Port: another bench or program answers at {$address}:{$port} already; choose another port.",
            );
        }
        $opening = new self($address, $port, $hours === 0 ? null : now()->getTimestamp() + 3600 * $hours);
        @mkdir(self::folder(), 0700, true);
        @unlink(self::folder().'/failed');
        self::put('Caddyfile', (new Listener($opening))->config());
        self::put('state.json', (string) json_encode(get_object_vars($opening)));
        // The last of the three is what bin/glow start looks for: where, for how long, and that it is asked for anew.
        $seconds = $hours === 0 ? '-' : (string) (3600 * $hours);
        self::put('wanted', "{$address} {$port} {$seconds} ".bin2hex(random_bytes(4))."\n");
        $same ? usleep(self::TICK_US) : null;
        for ($n = 0; $n < self::PATIENCE; $n++) {
            if (is_file(self::folder().'/failed')) {
                break;
            }
            if (is_file(self::folder().'/listens') && $opening->answers()) {
                Door::tell('opened', "Opened at {$opening->where()}, ".self::HOURS[$hours].'.');

                return $opening;
            }
            usleep(100_000);
        }
        $said = trim((string) @file_get_contents(self::folder().'/failed'));
        self::close();
        throw new NotUnderstood(
            "The bench could not be opened at {$opening->where()}".($said === '' ? '.' : ": {$said}."),
        );
    }

    /** @throws NotUnderstood */
    private static function mustBePossible(int $port, int $hours): void
    {
        if ($port < 1024 || $port > 65535) {
            throw new NotUnderstood('Port: expected a number from 1024 to 65535, as 8443.');
        }
        if (! isset(self::HOURS[$hours])) {
            throw new NotUnderstood('Hours: expected 1, 4 or 12, or until it is closed.');
        }
        if (! is_file(dirname(self::folder()).'/can-open')) {
            throw new NotUnderstood(
                'The bench can be opened only where it runs with Caddy and php-fpm by bin/glow start: '.
                    'sudo apt-get install caddy php8.2-fpm, then start it again.',
            );
        }
    }

    public static function close(): void
    {
        $was = self::now();
        foreach (['wanted', 'state.json'] as $file) {
            @unlink(self::folder()."/{$file}");
        }
        if ($was !== null) {
            Door::tell('closed', 'Closed.');
        }
        for ($n = 0; $n < self::PATIENCE && is_file(self::folder().'/listens'); $n++) {
            usleep(50_000);
        }
    }

    /** "192.168.1.20:8443". */
    public function where(): string
    {
        return (str_contains($this->address, ':') ? "[{$this->address}]" : $this->address).":{$this->port}";
    }

    public function url(): string
    {
        return "https://{$this->where()}";
    }

    /** "until 22:10", "until it is closed". */
    public function untilWords(): string
    {
        return $this->until === null
            ? self::HOURS[0]
            : 'until '.WallClock::of(gmdate('Y-m-d H:i:s', $this->until))->format('H:i');
    }

    private static function folder(): string
    {
        return config()->string('app.run').'/open';
    }

    /** Whole or not at all. */
    private static function put(string $file, string $text): void
    {
        $path = self::folder()."/{$file}";
        if (@file_put_contents("{$path}.part", $text) === false || ! @rename("{$path}.part", $path)) {
            throw new NotUnderstood('The folder storage/run can’t be written; the bench stays closed.');
        }
    }

    private static function taken(string $address, int $port): bool
    {
        $socket = @stream_socket_server('tcp://'.(new self($address, $port, null))->where());
        if ($socket === false) {
            return true;
        }
        fclose($socket);

        return false;
    }

    private function answers(): bool
    {
        return Fingerprint::at($this) !== null;
    }
}
