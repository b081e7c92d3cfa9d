<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Illuminate\Filesystem\Filesystem;

/** A browser without a monitor, with a profile of its own that goes when it is closed. */
final readonly class Headless
{
    private function __construct(public RemoteWebDriver $driver, private string $profile) {}

    /**
     * @param string      $url        where its driver listens
     * @param int         $patienceMs for one answer of the driver
     * @param string|null $camera     a film (Y4M) that its camera shows over and over; null: it has none
     */
    public static function open(string $url, int $patienceMs = 60_000, ?string $camera = null): self
    {
        $profile = sys_get_temp_dir().'/hakama-browser-'.bin2hex(random_bytes(6));
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(
            ChromeOptions::CAPABILITY,
            (new ChromeOptions())->setBinary(__DIR__.'/headless-shell')->addArguments([
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                '--hide-scrollbars',
                '--window-size=1280,800',
                '--lang=en-GB',
                "--user-data-dir={$profile}",
                ...$camera === null
                    ? []
                    : [
                        '--use-fake-ui-for-media-stream',
                        '--use-fake-device-for-media-stream',
                        "--use-file-for-fake-video-capture={$camera}",
                    ],
            ]),
        );

        return new self(RemoteWebDriver::create($url, $capabilities, 20_000, $patienceMs), $profile);
    }

    /** As it was when it was opened: nothing kept of any page of a server, and nobody signed in. */
    public function forget(string $url): void
    {
        $this->driver->get('about:blank');
        $this->ask('Storage.clearDataForOrigin', ['origin' => $url, 'storageTypes' => 'all']);
        $this->ask('Network.clearBrowserCookies');
    }

    /**
     * Asks the browser itself for something.
     *
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed> its answer
     */
    public function ask(string $command, array $with = []): array
    {
        return (array) $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => $command,
            'params' => (object) $with,
        ]);
    }

    public function close(): void
    {
        $this->driver->quit();
        (new Filesystem())->deleteDirectory($this->profile);
    }
}
