<?php

declare(strict_types=1);

namespace Tests\Support;

use App\LocalNet\Devices;
use App\LocalNet\Right;
use App\Models\Device;
use App\Store\Bench;
use Illuminate\Testing\TestResponse;
use Tests\WebTestCase;

/** The bench opened to the local net, and requests that come in by it. */
final class AtTheDoor
{
    public const ADDRESS = '192.168.1.20';

    public const HERE = 'https://192.168.1.20:8443';

    /** As the web server says it of the listener on the local net. */
    public static function open(?int $until = null): void
    {
        $run = sys_get_temp_dir().'/glow-door-'.getmypid();
        @mkdir("{$run}/open", 0700, true);
        touch("{$run}/can-open");
        $state = ['address' => self::ADDRESS, 'port' => 8443, 'until' => $until];
        file_put_contents("{$run}/open/state.json", json_encode($state));
        config(['app.run' => $run]);
    }

    public static function close(): void
    {
        @unlink(sys_get_temp_dir().'/glow-door-'.getmypid().'/open/state.json');
    }

    /** @return array{Device, string} a device that was let in, and its token */
    public static function device(Right $right, string $from = '192.168.1.31'): array
    {
        $token = bin2hex(random_bytes(32));
        $device = Device::create([
            'name' => 'Phone '.(Device::query()->count() + 1),
            'kind' => 'phone',
            'rights' => $right->value,
            'token_hash' => hash('sha256', $token),
            'net' => $from,
            'paired_at' => Bench::now(),
            'seen_at' => Bench::now(),
        ]);

        return [$device->refresh(), $token];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, string>  $headers
     */
    public static function asks(
        WebTestCase $test,
        string $method,
        string $path,
        string $token = '',
        array $fields = [],
        array $headers = [],
        string $from = '192.168.1.31',
        string $host = self::HERE,
    ): TestResponse {
        $server = ['GLOW_LISTENER' => 'net', 'REMOTE_ADDR' => $from];
        foreach ($headers as $name => $value) {
            $server['HTTP_'.strtoupper(strtr($name, '-', '_'))] = $value;
        }
        $cookies = $token === '' ? [] : [Devices::COOKIE => $token];

        return $test->disableCookieEncryption()->call($method, $host.$path, $fields, $cookies, [], $server);
    }
}
