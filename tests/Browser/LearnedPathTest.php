<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Test;

/** What the log says of a figure of the house is taken, and taken back with one key. */
final class LearnedPathTest extends BrowserTestCase
{
    #[Test]
    public function a_figure_is_taken_and_taken_back_with_one_key(): void
    {
        $this->visit('/books/learned');
        $this->sees('House figures');
        $row = 'form[action$="/learned/rules"]';
        $offered = count($this->all($row));
        self::assertGreaterThan(0, $offered, 'the demo has logged something else than is reckoned');
        $about = (string) $this->attribute("{$row} input[name=about]", 'value');
        $this->find("{$row} button[value=take]")->click();
        $this->sees('now uses the measured figure.');
        self::assertLessThan($offered, count($this->all($row)));
        $this->visit("/shop/changes?q={$about}");
        $this->sees('Undo');
        $this->visit('/books/learned');

        // Offered anew after it was taken back, by the key that the page shows right after.
        $this->visit("/shop/changes?q={$about}");
        $this->press('Undo');
        $this->sees('Undone');
        $this->visit('/books/learned');
        $this->sees('House figures');
        self::assertCount($offered, $this->all($row));
        $this->find("{$row} button[value=take]")->click();
        $this->sees('Undo');
        $this->keys('u');
        $this->sees('Undone');
        $this->visit('/books/learned');
        $this->sees('House figures');
        self::assertCount($offered, $this->all($row));
    }
}
