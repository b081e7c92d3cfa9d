<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\Test;

/** Where no script runs, pages still say what they are, and their forms work. */
final class NoScriptTest extends BrowserTestCase
{
    private const PAGES = [
        '/orders', '/orders/new', '/orders/1008', '/orders/1008/story', '/orders/1008/approvals',
        '/orders/1008/letters/received',
        '/books/bank', '/books/ledger', '/shop/programs', '/orders/ask', '/shop/letterhead', '/customers', '/customers/1', '/customers/1/change',
        '/artwork', '/artwork/1',
        '/artwork/1/stops', '/setup', '/setup/7', '/setup/11', '/setup/11?tab=frames', '/setup/backing', '/needles/M1',
        '/needles/walks', '/plan', '/plan/ask', '/plan/calendar', '/plan/batches/B-107', '/floor/M1', '/floor/M2',
        '/floor/finish', '/floor/bench', '/floor/M1/files',
        '/floor/board', '/floor/shift', '/books', '/books/charts', '/books/charts/margin',
        '/shop',
        '/shop/threads', '/shop/threads/match', '/shop/catalogue', '/shop/people', '/shop/prices', '/reading',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->scripts(false);
    }

    protected function tearDown(): void
    {
        $this->scripts(true);
        parent::tearDown();
    }

    #[Test]
    public function every_page_says_what_it_is_and_offers_nothing_that_does_nothing(): void
    {
        foreach (self::PAGES as $path) {
            $this->browser->get(self::address($path));
            $main = $this->browser->findElement(WebDriverBy::tagName('main'));
            self::assertGreaterThan(60, strlen(trim($main->getText())), "{$path} says nothing");
            foreach ($this->all('main button[type="button"]') as $button) {
                self::assertFalse($button->isDisplayed(), "{$path}: \"{$button->getText()}\" does nothing");
            }
            foreach ($this->all('main canvas') as $canvas) {
                self::assertFalse($canvas->isDisplayed(), "{$path} has an empty picture");
            }
        }
        $this->browser->get(self::address('/artwork/1'));
        self::assertNotSame([], $this->all('noscript img, main img[src*="/drawing"]'));
    }

    #[Test]
    public function an_order_of_two_lines_is_entered_set_up_planned_and_sewn(): void
    {
        $this->browser->get(self::address('/orders/new'));
        $this->browser->findElement(WebDriverBy::id('customer'))->sendKeys('Quiet Harbour');
        $this->fill('due_date', '2026-03-20');
        $this->line(0, 'polo', 'pique', 'dark green', 'M', 'left_chest', 'Ringers');
        $this->click('Add a line');
        $this->browser->wait(8, 50)->until(fn(): bool => $this->all('#l1-garment') !== []);
        self::assertSame('Quiet Harbour', $this->typed('customer'));
        $this->line(1, 'bag', 'canvas', 'natural', 'one', 'centre', 'Seed sprig');
        $this->click('What can we promise?');
        $this->reads('Fri 20 Mar');
        // What was typed is there still.
        self::assertSame('dark green', $this->typed('l0-colour'));
        $this->click('Save order');
        $this->reads('saved.');

        $this->browser->findElement(WebDriverBy::cssSelector('main a[href*="/setup/"]:not([href$="/setup"])'))->click();
        $this->reads('Which end goes to the machine');
        // Another frame is looked at, and the advised one kept.
        $this->browser->findElement(WebDriverBy::xpath('//a[contains(., "Frames")]'))->click();
        $this->browser->wait(8, 50)->until(fn(): bool => $this->all('main td a[href*="frame="]') !== []);
        $this->click('Set up');
        $this->reads('is set up and planned.');
        $said = $this->browser->findElement(WebDriverBy::tagName('main'))->getText();
        preg_match('/B-\d+(?= is set up)/', $said, $batch);
        $this->browser->get(self::address('/plan'));
        $this->reads($batch[0] ?? 'a batch');
    }

    private function line(
        int $i,
        string $garment,
        string $fabric,
        string $colour,
        string $size,
        string $position,
        string $artwork,
    ): void {
        $select = fn(string $id): WebDriverSelect => new WebDriverSelect(
            $this->browser->findElement(WebDriverBy::id("l{$i}-{$id}")),
        );
        $select('garment')->selectByValue($garment);
        $select('fabric')->selectByValue($fabric);
        $this->browser->findElement(WebDriverBy::id("l{$i}-colour"))->sendKeys($colour);
        $this->browser->findElement(WebDriverBy::id("l{$i}-{$size}"))->sendKeys('2');
        $select('p0')->selectByValue($position);
        $select('a0')->selectByVisiblePartialText($artwork);
    }

    /** A date as the browser's own field takes it, digit by digit, month first here. */
    private function fill(string $id, string $day): void
    {
        [$year, $month, $date] = explode('-', $day);
        $this->browser->findElement(WebDriverBy::id($id))->sendKeys("{$month}{$date}{$year}");
    }

    private function click(string $label): void
    {
        $path = "//button[contains(normalize-space(.), \"{$label}\")]";
        $this->browser->findElement(WebDriverBy::xpath($path))->click();
    }

    private function typed(string $id): ?string
    {
        return $this->browser->findElement(WebDriverBy::id($id))->getAttribute('value');
    }

    /** Nothing can be asked of the page itself here: its text is read until it is the next one. */
    private function reads(string $words): void
    {
        $this->browser->wait(8, 100)->until(function () use ($words): bool {
            try {
                return str_contains($this->browser->findElement(WebDriverBy::tagName('body'))->getText(), $words);
            } catch (NoSuchElementException|StaleElementReferenceException) {
                return false;
            }
        }, "\"{$words}\" is not on {$this->browser->getCurrentURL()}");
        $this->addToAssertionCount(1);
    }

    private static function address(string $path): string
    {
        return getenv('TEST_URL').$path;
    }

    private function scripts(bool $run): void
    {
        self::$shared?->ask('Emulation.setScriptExecutionDisabled', ['value' => ! $run]);
    }
}
