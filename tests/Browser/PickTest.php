<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\Test;

/** Days and hours are typed and picked as whoever reads writes them, and kept as they were meant. */
final class PickTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        $this->writeAs('');
        parent::tearDown();
    }

    #[Test]
    public function a_day_is_read_in_every_form_that_can_be_meant_in_one_way_only(): void
    {
        $this->visit('/orders/new');
        foreach (
            [
                '5.12.2026' => ['2026-12-05', '05/12/2026'],
                '2026-12-24' => ['2026-12-24', '24/12/2026'],
                '24/12' => ['2026-12-24', '24/12/2026'],
                '3-1-27' => ['2027-01-03', '03/01/2027'],
                // Kept as typed, and said at the field.
                '31.2.2026' => ['', '31.2.2026'],
                'soon' => ['', 'soon'],
            ] as $typed => [$sent, $shown]
        ) {
            self::assertSame([$sent, $shown], $this->typed('due_date', $typed), $typed);
        }
        self::assertSame('Type it like this: 31/12/2026', $this->message('due_date'));
        foreach (
            ['1530' => '15:30', '4pm' => '16:00', '9.05' => '09:05', '16h30' => '16:30', '25:00' => ''] as $typed => $sent
        ) {
            self::assertSame($sent, $this->typed('due_time', (string) $typed)[0], (string) $typed);
        }
        // Nothing is sent that cannot be read.
        $this->press('Save order');
        self::assertStringEndsWith('/orders/new', $this->browser->getCurrentURL());
        self::assertSame('25:00', $this->browser->executeScript('return document.getElementById("due_time").value'));
    }

    #[Test]
    public function elsewhere_the_month_comes_first_the_week_begins_on_sunday_and_the_clock_has_twelve_hours(): void
    {
        $this->writeAs('US');
        $this->visit('/orders/new');
        self::assertSame(['2026-05-12', '05/12/2026'], $this->typed('due_date', '5/12/2026'));
        self::assertSame(['16:30', '4:30 PM'], $this->typed('due_time', '4:30 p'));
        $this->find('#due_date')->click();
        $this->browser->wait(8, 50)->until(
            fn(): bool => $this->browser->findElements(WebDriverBy::cssSelector('.flatpickr-calendar.open')) !== [],
        );
        self::assertSame('Sun', trim($this->textOf('.flatpickr-calendar.open .flatpickr-weekday')));
        // With the keys alone: down into the days, two to the right, taken.
        $this->keys(WebDriverKeys::ARROW_DOWN);
        $this->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ENTER);
        self::assertMatchesRegularExpression(
            '/^2026-0[45]-\d\d$/',
            (string) $this->browser->executeScript('return document.getElementById("due_date-iso").value'),
        );
    }

    /** @return array{string, string} what is sent, what is shown */
    private function typed(string $id, string $text): array
    {
        $field = $this->find("#{$id}");
        $field->clear();
        $field->sendKeys($text.WebDriverKeys::TAB);
        $values = $this->browser->executeScript(
            'return ["-iso", ""].map((end) => document.getElementById(arguments[0] + end).value)',
            [$id],
        );
        self::assertIsArray($values);

        return [(string) $values[0], (string) preg_replace('/\s/u', ' ', (string) $values[1])];
    }

    private function message(string $id): string
    {
        return (string) $this->browser->executeScript(
            'return document.getElementById(arguments[0]).validationMessage',
            [$id],
        );
    }

    private function writeAs(string $region): void
    {
        $this->visit('/reading');
        (new WebDriverSelect($this->find('#region')))->selectByValue($region);
        $this->find('form[action$="/reading"] button')->click();
        $this->sees('Saved. Pages');
    }
}
