<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/** The application served with a shelf of its own, and a headless Chromium in front of it: one of each for all tests of a class. */
final class Chromium
{
    private const START_SECONDS = 30;

    public readonly RemoteWebDriver $driver;

    public readonly string $address;

    private Process $server;

    private Process $chromedriver;

    private string $folder;

    /** @param array<string, string> $settings of the application, in its environment */
    public function __construct(private readonly array $settings = [])
    {
        $this->folder = sys_get_temp_dir().'/ephemeron-browser-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $port = $this->freePort();
        $this->address = "http://127.0.0.1:{$port}";
        $this->serve($port);
        $this->driver = $this->open();
    }

    public function close(): void
    {
        $this->driver->quit();
        $this->chromedriver->stop(2);
        $this->server->stop(2);
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    private function serve(int $port): void
    {
        $root = dirname(__DIR__, 2);
        $environment = [
            'APP_ENV' => 'local',
            'APP_KEY' => 'base64:MDEyMzQ1Njc4OWFiY2RlZjAxMjM0NTY3ODlhYmNkZWY=',
            'APP_DEBUG' => 'false',
            'DB_CONNECTION' => 'sqlite',
            'DB_DATABASE' => "{$this->folder}/shelf.sqlite",
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
            'QUEUE_CONNECTION' => 'sync',
            // A page is looked at when it is whole.
            'EPHEMERON_PATIENCE' => '60',
            ...$this->settings,
        ];
        touch("{$this->folder}/shelf.sqlite");
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--force', '--seed', '--quiet'], $root, $environment, timeout: 60))->mustRun();
        if (($this->settings['EPHEMERON_MAKERS'] ?? '') === 'many') {
            foreach (['Ada', 'Berta'] as $maker) {
                $let = [PHP_BINARY, 'artisan', 'ephemeron:maker', $maker, '--phrase=three moons over the fold'];
                (new Process($let, $root, $environment))->mustRun();
            }
        }
        $this->server = new Process(
            [
                PHP_BINARY,
                '-d',
                'opcache.enable=1',
                '-d',
                'opcache.enable_cli=1',
                '-d',
                'upload_max_filesize=8M',
                '-d',
                'post_max_size=9M',
                '-S',
                "127.0.0.1:{$port}",
                'router.php',
            ],
            "{$root}/public",
            $environment,
            timeout: null,
        );
        // One process only: workers outlive the one that started them.
        $this->server->disableOutput()->start();
        $this->waitFor($port);
        // The first request compiles everything; no test waits for that.
        file_get_contents("{$this->address}/");
    }

    private function open(): RemoteWebDriver
    {
        $port = $this->freePort();
        $this->chromedriver = new Process(['chromedriver', "--port={$port}"], timeout: null);
        $this->chromedriver->disableOutput()->start();
        $this->waitFor($port);

        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update',
            '--disable-sync', '--no-first-run', '--disable-dev-shm-usage',
            '--force-prefers-reduced-motion', '--window-size=1280,800', "--user-data-dir={$this->folder}/profile",
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities, 60_000, 120_000);
    }

    private function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        assert($socket !== false);
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    private function waitFor(int $port): void
    {
        $end = microtime(true) + self::START_SECONDS;
        while (microtime(true) < $end) {
            $connection = @fsockopen('127.0.0.1', $port, timeout: 1);
            if ($connection !== false) {
                fclose($connection);

                return;
            }
            usleep(100_000);
        }

        throw new \RuntimeException("Nothing answers on port {$port}.");
    }
}
