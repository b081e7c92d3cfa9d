<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;

/** What each station does under the hand, beside the main path. */
final class StationsTest extends BrowserTestCase
{
    #[Test]
    public function a_thread_is_found_by_the_colour_that_is_typed_and_by_weight(): void
    {
        $this->visit('/artwork/2');
        $this->find("[aria-label='Choose the thread for block 1']")->click();
        $this->set('#want', '#c9302c');
        $this->sees('D-17 Pennant');
        $this->choose('#weight', '60');
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->browser->executeScript(
                    'const t = document.querySelector("#choose table")?.innerText ?? ""; return t.includes("60 wt") '.
                    '&& !t.includes("40 wt")',
                ) === true,
                'threads of the other weight are still offered',
            );
        $this->set('#want', 'red');
        $this->sees('is no colour');
    }

    #[Test]
    public function pieces_are_hooped_beside_the_machine_at_one_touch_each(): void
    {
        $this->visit('/floor/M1');
        $hooped = substr_count($this->text(), 'hooped');
        $this->keys('h');
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => substr_count($this->text(), 'hooped') === $hooped + 1, 'the piece is not hooped');
        // A reload brings no second one: it was one event.
        $this->visit('/floor/M1');
        self::assertSame($hooped + 1, substr_count($this->text(), 'hooped'));
    }

    #[Test]
    public function the_floor_is_large_enough_for_a_thumb_and_stays_within_its_screen(): void
    {
        $this->browser->manage()->window()->setSize(new WebDriverDimension(1024, 768));
        foreach (['M1', 'M2', 'M3'] as $machine) {
            $this->visit("/floor/{$machine}");
            $small = $this->browser->executeScript(
                'return [...document.querySelectorAll("#station button, #station .check")].filter((el) => '.
                'el.offsetParent && el.getBoundingClientRect().height < 48).map((el) => el.textContent.trim())',
            );
            self::assertSame([], $small, $machine);
            self::assertLessThanOrEqual(
                0,
                (int) $this->browser->executeScript(
                    'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
                ),
            );
            $size = (float) $this->browser->executeScript(
                'return parseFloat(getComputedStyle(document.querySelector("#station .big")).fontSize)',
            );
            self::assertGreaterThanOrEqual(48, $size, 'read at two metres');
        }
    }

    #[Test]
    public function a_page_whose_server_is_gone_says_so_and_goes_on_by_itself(): void
    {
        $this->visit('/floor/M3');
        $this->find('#station');
        $pulse = $this->browser->executeScript(
            'const s = document.getElementById("station"); const was = s.dataset.pulse; s.dataset.pulse = '.
            '"http://127.0.0.1:1/"; return was',
        );
        $this->sees('The server does not answer. Entries are kept');
        $this->browser->executeScript('document.getElementById("station").dataset.pulse = arguments[0]', [$pulse]);
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => ! str_contains($this->text(), 'does not answer'), 'it did not find back');
        $this->addToAssertionCount(1);
    }

    #[Test]
    public function a_needle_is_pinned_and_unpinned_by_its_box(): void
    {
        $this->visit('/needles/M3');
        $box = fn() => $this->all('input[name=pinned]')[3];
        self::assertFalse($box()->isSelected());
        $box()->click();
        $this->sees('Needle 4 is pinned.');
        self::assertTrue($box()->isSelected());
        $box()->click();
        $this->sees('Needle 4 is unpinned.');
        self::assertFalse($box()->isSelected());
    }

    #[Test]
    public function a_house_rule_out_of_range_is_said_at_its_field_with_what_was_typed(): void
    {
        $this->visit('/shop');
        // Looked for by a word, it is the one that is left, its section open.
        $this->type('#find', 'swapping frames');
        $this->type('#r-swap_s', '9000');
        $this->press('Save changes');
        $this->sees('From 5 to 600 s.');
        self::assertSame('9000', $this->find('#r-swap_s')->getAttribute('value'));
        self::assertSame('true', $this->find('#r-swap_s')->getAttribute('aria-invalid'));
    }

    #[Test]
    public function a_move_that_cannot_be_is_said_and_the_batch_stays(): void
    {
        $this->visit('/plan');
        $bar = $this->find('.bar[data-machine="M1"][data-rank="1"]');
        $batch = (string) $bar->getAttribute('data-batch');
        $this->browser->executeScript('arguments[0].focus()', [$bar]);
        // Before what runs nothing goes.
        $this->shift(WebDriverKeys::ARROW_LEFT);
        $this->sees('is running: it stays, and nothing goes before it.');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees('is running: it stays, and nothing goes before it.');
        self::assertSame('1', $this->attribute(".bar[data-batch=\"{$batch}\"]", 'data-rank'));
        // The focus is where it was, so that the next key goes on from there.
        self::assertSame(
            $batch,
            $this->browser->executeScript('return document.activeElement.dataset.batch ?? null'),
        );
    }

    #[Test]
    public function the_books_are_shown_for_the_days_that_are_asked_for(): void
    {
        $this->visit('/books?from=2026-02-25&to=2026-02-27');
        $this->sees('By day, machine and order');
        self::assertStringContainsString(
            'from=2026-02-25&to=2026-02-27',
            (string) $this->find('a[href*="books.csv"]')->getAttribute('href'),
        );
        $this->visit('/books?from=2026-01-05&to=2026-01-06');
        $this->sees('Nothing was sewn in these days.');
    }

    #[Test]
    public function nothing_moves_for_who_asked_for_no_motion(): void
    {
        $this->visit('/orders');
        $rules = (string) $this->browser->executeScript(
            'return [...document.styleSheets].flatMap((s) => [...s.cssRules]).map((r) => r.cssText).join("")',
        );

        self::assertStringContainsString('prefers-reduced-motion', $rules);
        self::assertSame(
            [],
            $this->browser->executeScript('return document.getAnimations().map((a) => a.animationName)'),
        );
    }
}
