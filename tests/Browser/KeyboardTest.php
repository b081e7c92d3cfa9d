<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;

/** The main path with no mouse: nothing here clicks. */
final class KeyboardTest extends BrowserTestCase
{
    #[Test]
    public function an_order_goes_from_the_book_to_the_first_load_by_keyboard_alone(): void
    {
        $this->visit('/orders');
        $this->keys('?');
        $this->sees('Keyboard shortcuts');
        $this->sees('Go to Plan');
        // Keys go to what has the focus: by then that is in the list that was opened.
        $this->browser
            ->wait(8, 50)
            ->until(fn(): bool => (bool) $this->browser->executeScript(
                'return document.querySelector("#keys[open]")?.contains(document.activeElement) === true',
            ));
        $this->keys(WebDriverKeys::ESCAPE);
        $this->gone('#keys[open]');

        $this->keys('n');
        $this->sees('Enter the order');
        $this->tabTo('#customer');
        $this->keys('Harbour Choir');
        // Day, month and year are typed one after another, the way this browser's language wants them.
        $this->tabTo('#due_date');
        $this->browser->executeScript('document.activeElement.value = "2026-03-05"');
        $this->tabTo('#l0-garment');
        $this->keys('bag');
        $this->tabTo('#l0-fabric');
        $this->keys('canvas');
        $this->tabTo('#l0-colour');
        $this->keys('natural');
        $this->tabTo('#l0-one');
        $this->keys('3');
        $this->tabTo('#l0-p0');
        $this->keys('centre');
        $this->tabTo('#l0-a0');
        $this->keys('Ringers');
        $this->tabTo('form[action$="/orders"] button.btn-main');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees('saved.');

        $this->tabTo('a[href*="/setup/"]:not([href$="/setup"]):not(.pleat)');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees('Which end goes to the machine');
        $this->keys('s');
        $this->sees('is set up and planned.');
        preg_match('/(B-\d+) is set up/', $this->text(), $found);
        $batch = $found[1];

        $this->keys('5');
        $this->sees('Striped: changeover.');
        $this->moveToFrontOfM2($batch);

        $this->keys('4');
        $this->sees('Next batches');
        $this->tabTo('a[href$="/needles/M2"]');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees('M2');
        for ($i = 0; $i < 6 && str_contains($this->text(), "before {$batch}."); $i++) {
            $before = $this->text();
            $this->keys('l');
            $this->browser->wait(8, 100)->until(fn(): bool => $this->text() !== '' && $this->text() !== $before);
        }

        $this->keys('6');
        $this->sees('Machine M1');
        $this->tabTo('a[href$="/floor/M2"]');
        $this->keys(WebDriverKeys::ENTER);
        $this->sees('Before the first load');
        $this->sees($batch);
        // Each line of the list has a key of its own, shown beside it.
        $lines = $this->browser->executeScript(
            'return [...document.querySelectorAll(".check kbd")].map((el) => el.textContent)',
        );
        self::assertGreaterThan(4, count($lines));
        $this->keys(...$lines);
        $this->tabTo('#who');
        $this->keys('Ilse', WebDriverKeys::TAB, 'g');
        $this->sees('Ready for load 1');
        $this->keys('s');
        $this->sees('Sewing load 1');
        $this->keys('x');
        $this->sees('Stopped by hand');
        $this->keys('g');
        $this->sees('Sewing load 1');
        $this->finishBy($batch);
    }

    /** Arrows go from bar to bar, shift with an arrow moves the one that has the focus. */
    private function moveToFrontOfM2(string $batch): void
    {
        $css = ".bar[data-batch=\"{$batch}\"]";
        for ($day = 0; $day < 5 && $this->all($css) === []; $day++) {
            $this->keys('n');
            $this->browser
                ->wait(8, 100)
                ->until(fn(): bool => str_contains($this->browser->getCurrentURL(), 'day='.($day + 1)));
            $this->find('#plan');
        }
        $this->tabTo($css);
        for ($i = 0; $i < 12; $i++) {
            $this->find($css);
            [$machine, $placement] = [
                (string) $this->attribute($css, 'data-machine'),
                (int) $this->attribute($css, 'data-rank'),
            ];
            if ($machine === 'M2' && $placement === 0) {
                break;
            }
            $this->shift(
                $machine < 'M2'
                    ? WebDriverKeys::ARROW_DOWN
                    : ($machine > 'M2'
                        ? WebDriverKeys::ARROW_UP
                        : WebDriverKeys::ARROW_LEFT),
            );
            // What it would bring is said before it is let go.
            $this->browser
                ->wait(8, 100)
                ->until(
                    fn(): bool => str_contains($this->textOf('#consequence'), 'Enter drops it there'),
                    'nothing is said of the move',
                );
            $this->keys(WebDriverKeys::ENTER);
            $this->browser
                ->wait(8, 100)
                ->until(
                    fn(): bool => $this->attribute($css, 'data-machine') !== $machine
                        || (int) $this->attribute($css, 'data-rank') !== $placement,
                    'the batch did not move',
                );
            if ($this->all($css) === []) {
                $this->keys('p');
                $this->find('#plan');
            }
            $this->tabTo($css);
        }
        self::assertSame(['M2', '0'], [$this->attribute($css, 'data-machine'), $this->attribute($css, 'data-rank')]);
    }

    /** The pieces are sewn, so that the machine is free for the tests after this one. */
    private function finishBy(string $batch): void
    {
        $machine = new MachineOnTheLine('M2');
        for ($load = 1; $load <= 3; $load++) {
            self::assertSame('sew', $machine->takeUp());
            $machine->sew(100_000);
            $this->sees("Load {$load} is sewn");
            $this->keys('d');
            if ($load < 3) {
                $this->sees('Ready for load '.($load + 1));
                $this->keys('s');
                $this->sees('Sewing load '.($load + 1));
            }
        }
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->text() !== '' && ! str_contains($this->text(), $batch.','),
                'the batch is still there',
            );
    }
}
