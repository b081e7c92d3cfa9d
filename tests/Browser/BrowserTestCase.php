<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** A real browser at a real server with the demo shop; bin/test starts both. */
abstract class BrowserTestCase extends TestCase
{
    protected static ?Headless $shared = null;

    protected RemoteWebDriver $browser;

    protected function setUp(): void
    {
        $this->browser = (self::$shared ??= self::open())->driver;
        $this->browser->manage()->window()->setSize(new WebDriverDimension(1280, 800));
    }

    /** One browser for all classes, which takes two seconds to come up; each finds it as if it were new. */
    private static function open(): Headless
    {
        $browser = Headless::open((string) getenv('DRIVER_URL'));
        register_shutdown_function($browser->close(...));

        return $browser;
    }

    public static function tearDownAfterClass(): void
    {
        self::$shared?->forget((string) getenv('TEST_URL'));
    }

    protected function visit(string $path): void
    {
        $this->browser->get(getenv('TEST_URL').$path);
    }

    protected function find(string $css): RemoteWebElement
    {
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => $this->all($css) !== [], "there is no {$css} on ".$this->browser->getCurrentURL());

        return $this->all($css)[0];
    }

    /** @return list<RemoteWebElement> */
    protected function all(string $css): array
    {
        return array_values($this->browser->findElements(WebDriverBy::cssSelector($css)));
    }

    /**
     * Pages are drawn anew under the test's hands, so what is gone by the time it is pressed is looked for once more.
     */
    protected function press(string $label): void
    {
        $path = sprintf('//*[self::button or self::a][contains(normalize-space(.), "%s")]', $label);
        $this->browser->wait(8, 100)->until(function () use ($path): bool {
            try {
                $this->browser->findElement(WebDriverBy::xpath($path))->click();

                return true;
            } catch (NoSuchElementException|StaleElementReferenceException|UnknownErrorException) {
                // The driver has two words for an element whose page went away between finding and pressing it.
                return false;
            }
        }, "there is no \"{$label}\" to press");
    }

    /**
     * Waits until a label is nowhere any more: a page that is left sooner may take with it what was sent. Between two
     * pages there is nothing at all, which says nothing.
     */
    protected function isDone(string $label): void
    {
        $this->browser
            ->wait(8, 100)
            ->until(function () use ($label): bool {
                $text = $this->text();

                return $text !== '' && ! str_contains($text, $label);
            }, "\"{$label}\" is still there");
    }

    /** Asked in one breath: between finding an element and asking it, the page may have been drawn anew. */
    protected function attribute(string $css, string $name): ?string
    {
        $value = $this->browser->executeScript(
            'return document.querySelector(arguments[0])?.getAttribute(arguments[1]) ?? null',
            [$css, $name],
        );

        return is_string($value) ? $value : null;
    }

    protected function textOf(string $css): string
    {
        return (string) $this->browser->executeScript('return document.querySelector(arguments[0])?.innerText ?? ""', [
            $css,
        ]);
    }

    protected function type(string $css, string $text): void
    {
        $this->steadily(function () use ($css, $text): void {
            $field = $this->find($css);
            $field->clear();
            $field->sendKeys($text);
        });
    }

    protected function choose(string $css, string $value): void
    {
        $this->steadily(fn() => (new \Facebook\WebDriver\WebDriverSelect($this->find($css)))->selectByValue($value));
    }

    /**
     * A part of the page that is drawn anew between finding a field and using it is a reason to find it once more, and so
     * is a list that closes while the focus is still in it: nothing was typed then. No other is.
     */
    private function steadily(callable $do): void
    {
        for ($tries = 1; ; $tries++) {
            try {
                $do();

                return;
            } catch (StaleElementReferenceException|ElementNotInteractableException $e) {
                if ($tries === 5) {
                    throw $e;
                }
                usleep(100_000);
            }
        }
    }

    /** Dates and times are typed differently in every language, so they are set as a script would. */
    protected function set(string $css, string $value): void
    {
        $this->find($css);
        $this->browser->executeScript(
            'const el = document.querySelector(arguments[0]); el.value = arguments[1]; el.dispatchEvent(new '.
            'Event("change", {bubbles: true}))',
            [$css, $value],
        );
    }

    protected function keys(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->steadily(fn() => (new WebDriverActions($this->browser))->sendKeys(null, $key)->perform());
        }
    }

    protected function shift(string $key): void
    {
        (new WebDriverActions($this->browser))
            ->keyDown(null, WebDriverKeys::SHIFT)
            ->sendKeys(null, $key)
            ->keyUp(null, WebDriverKeys::SHIFT)
            ->perform();
    }

    /** Waits until nothing matches any more; what is typed goes to a thing that is about to close until then. */
    protected function gone(string $css): void
    {
        $this->browser->wait(8, 100)->until(fn(): bool => $this->all($css) === [], "{$css} is still there");
        $this->addToAssertionCount(1);
    }

    protected function sees(string $text): void
    {
        try {
            $this->browser->wait(10, 100)->until(fn(): bool => str_contains($this->text(), $text));
        } catch (TimeoutException) {
            self::fail("\"{$text}\" is not on {$this->browser->getCurrentURL()}:\n".substr($this->text(), 0, 1500));
        }
        $this->addToAssertionCount(1);
    }

    protected function text(): string
    {
        return $this->textOf('body');
    }

    /**
     * Goes on with Tab until the focus is on what is wanted, as a person would who sees it. So many are sent in one
     * breath; once it is there, the rest of them go nowhere.
     */
    protected function tabTo(string $css): void
    {
        $this->browser->executeScript(
            <<<'JS'
            const [css] = arguments;
            const name = (on) => on.id || on.outerHTML.slice(0, 60);
            window.untab?.abort();
            window.untab = new AbortController();
            window.tabbed = [name(document.activeElement)];
            const listen = {capture: true, signal: window.untab.signal};
            const isThere = () => document.activeElement.matches(css);
            addEventListener('keydown', (e) => { if (e.key === 'Tab' && isThere()) e.preventDefault(); }, listen);
            addEventListener('focusin', (e) => window.tabbed.push(name(e.target)), listen);
            JS
            ,
            [$css],
        );
        $seen = [];
        for ($i = 0; $i < 10; $i++) {
            $this->keys(str_repeat(WebDriverKeys::TAB, 12));
            [$isThere, $seen] = $this->browser->executeScript(
                'const on = document.activeElement.matches(arguments[0]); if (on) window.untab.abort(); return [on, '.
                'window.tabbed]',
                [$css],
            );
            if ($isThere === true) {
                $this->addToAssertionCount(1);

                return;
            }
        }
        self::fail("Tab never came to {$css}; it came to\n".implode("\n", array_slice((array) $seen, 0, 40)));
    }

    /**
     * Presses a button of a page that nobody looks at: its own form is sent, with all that is in it.
     *
     * @return string the page that comes back, as text
     */
    protected function pressUnseen(string $path, string $label): string
    {
        $text = $this->browser->executeAsyncScript(
            <<<'JS'
            const [path, label, done] = arguments;
            const read = async (answer) => new DOMParser().parseFromString(await answer.text(), 'text/html');
            (async () => {
                const page = await read(await fetch(path));
                const says = (one) => one.textContent.replace(/\s+/g, ' ').includes(label);
                const button = [...page.querySelectorAll('button')].find(says);
                if (!button) return `there is no "${label}" in ${page.body.textContent}`;
                const form = button.form;
                const to = new URL(form.getAttribute('action'), location.href);
                const sent = await fetch(to, {method: 'POST', body: new FormData(form, button)});
                return (await read(sent)).body.textContent;
            })().then(done, (e) => done(String(e)));
            JS
            ,
            [$path, $label],
        );

        return (string) preg_replace('/\s+/', ' ', (string) $text);
    }

    /** The batch comes first on a machine, or at another rank, as the plan's page would send it. */
    protected function putFirst(string $batch, string $machine, int $rank = 0): void
    {
        $this->visit('/plan');
        $answer = $this->browser->executeAsyncScript(
            <<<'JS'
            const [batch, machine, rank, done] = arguments;
            const form = new FormData();
            const version = document.querySelector('[data-version]').dataset.version;
            const token = document.querySelector('[name=_token]').value;
            const fields = {batch, machine, rank, version, _token: token};
            for (const [name, value] of Object.entries(fields)) form.append(name, value);
            fetch('/plan/moves', {method: 'POST', body: form}).then(answer => done(answer.status)).catch(e => done(String(e)));
            JS
            ,
            [$batch, $machine, $rank],
        );
        self::assertSame(200, $answer);
    }
}
