<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** The real interface: our server on a free port with the demo builds, and a headless browser at it. */
final class Bench
{
    private static ?self $one = null;

    /** @var list<resource> */
    private array $processes = [];

    private string $folder;

    public string $url;

    private int $driverPort;

    /** @var array{list<string>, array<string, string>, int} */
    private array $server;

    /** @var list<RemoteWebDriver> */
    private array $windows = [];

    private function __construct()
    {
        $this->folder = sys_get_temp_dir().'/glow-browser-'.getmypid();
        @mkdir($this->folder, 0700, true);
        $root = dirname(__DIR__, 2);
        $env = [
            'GLOW_DATABASE' => "{$this->folder}/bench.sqlite",
            'GLOW_RUN' => "{$this->folder}/run",
            'APP_ENV' => 'testing',
            'APP_DEBUG' => 'false',
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'SESSION_DRIVER' => 'file',
            'PATH' => (string) getenv('PATH'),
            'PHP_CLI_SERVER_WORKERS' => '3',
            'HOME' => $this->folder,
        ];
        touch("{$this->folder}/bench.sqlite");
        foreach (['migrate --force', 'bench:demo'] as $command) {
            $process = proc_open(
                PHP_BINARY." {$root}/artisan {$command} --quiet",
                [1 => ['file', '/dev/null', 'w'], 2 => ['file', "{$this->folder}/log", 'a']],
                $pipes,
                $root,
                $env,
            );
            if (! is_resource($process) || proc_close($process) !== 0) {
                throw new RuntimeException("artisan {$command} failed: ".file_get_contents("{$this->folder}/log"));
            }
        }
        $port = self::freePort();
        $this->url = "http://127.0.0.1:{$port}";
        $this->server = [
            [
                PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-S',
                "127.0.0.1:{$port}",
                '-t',
                "{$root}/public",
                "{$root}/bin/router.php",
            ],
            $env,
            $port,
        ];
        $this->run(...$this->server);
        $this->driverPort = self::freePort();
        $this->run(
            ['chromedriver', "--port={$this->driverPort}"],
            ['PATH' => (string) getenv('PATH'), 'HOME' => $this->folder],
            $this->driverPort,
        );
        register_shutdown_function($this->stop(...));
    }

    public static function here(): self
    {
        return self::$one ??= new self();
    }

    public static function freePort(string $address = '127.0.0.1'): int
    {
        $socket = stream_socket_server("tcp://{$address}:0");
        $name = is_resource($socket) ? (string) stream_socket_get_name($socket, false) : ':0';
        is_resource($socket) && fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $env
     */
    private function run(array $command, array $env, int $port): void
    {
        $process = proc_open(
            ['setsid', ...$command],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', "{$this->folder}/log", 'a']],
            $pipes,
            dirname(__DIR__, 2),
            $env,
        );
        if (! is_resource($process)) {
            throw new RuntimeException("{$command[0]} did not start.");
        }
        $this->processes[] = $process;
        $until = hrtime(true) + 30e9;
        while (! $this->answers($port)) {
            if (hrtime(true) > $until) {
                throw new RuntimeException(
                    "{$command[0]} does not answer on port {$port}: ".file_get_contents("{$this->folder}/log"),
                );
            }
            usleep(20_000);
        }
    }

    private function answers(int $port): bool
    {
        // A refused connection is the normal answer of a server that is still starting.
        set_error_handler(static fn (): bool => true);
        $socket = fsockopen('127.0.0.1', $port);
        restore_error_handler();

        return is_resource($socket) && fclose($socket);
    }

    /** The server is taken away, as by a power cut; windows stay. */
    public function pause(): void
    {
        $process = array_shift($this->processes);
        posix_kill(-proc_get_status($process)['pid'], SIGKILL);
        proc_close($process);
        while ($this->answers($this->server[2])) {
            usleep(20_000);
        }
    }

    public function goOn(): void
    {
        $this->run(...$this->server);
        array_unshift($this->processes, array_pop($this->processes));
    }

    /** A phone at another address, which has gone on past the warning about a certificate it does not know. */
    public function phone(string $url): Window
    {
        return $this->window(390, 844, url: $url);
    }

    /**
     * @param  bool  $moving  whether the visitor lets things move
     * @param  string|null  $url  of another bench than the one of all tests
     */
    public function window(
        int $width = 1280,
        int $height = 800,
        bool $dark = false,
        bool $moving = false,
        ?string $url = null,
    ): Window {
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-dev-shm-usage',
            '--user-data-dir='.$this->folder.'/profile-'.count($this->windows),
            "--window-size={$width},{$height}",
            ...str_starts_with((string) $url, 'https') ? ['--ignore-certificate-errors'] : [],
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create("http://127.0.0.1:{$this->driverPort}", $capabilities, 30_000, 180_000);
        $tools = new ChromeDevToolsDriver($driver);
        $tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $width < 500,
        ]);
        if (str_starts_with((string) $url, 'https')) {
            $tools->execute('Emulation.setUserAgentOverride', ['userAgent' => 'Mozilla/5.0 (Mobile) Test']);
        }
        $tools->execute('Emulation.setEmulatedMedia', [
            'features' => [
                ['name' => 'prefers-color-scheme', 'value' => $dark ? 'dark' : 'light'],
                ['name' => 'prefers-reduced-motion', 'value' => $moving ? 'no-preference' : 'reduce'],
            ],
        ]);
        $this->windows[] = $driver;

        return new Window($driver, $url ?? $this->url);
    }

    private function stop(): void
    {
        foreach ($this->windows as $driver) {
            try {
                $driver->quit();
            } catch (\Throwable) {
                // closed by its test
            }
        }
        foreach ($this->processes as $process) {
            posix_kill(-proc_get_status($process)['pid'], SIGTERM);
        }
        exec('rm -rf '.escapeshellarg($this->folder));
    }
}
