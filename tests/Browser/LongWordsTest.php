<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\Pseudo;

/**
 * In a language whose words are four tenths longer every word still has its room, on a desk and on a telephone, read
 * from either side.
 */
final class LongWordsTest extends BrowserTestCase
{
    private const PAGES = [
        '/orders', '/orders/new', '/orders/1004', '/orders/1004/approvals',
        '/orders/1004/letters/received', '/books/bank', '/books/ledger', '/shop/programs', '/shop/letterhead',
        '/customers', '/customers/1', '/customers/1/change',
        '/artwork', '/artwork/1', '/setup', '/setup/7', '/needles/M2', '/plan',
        '/plan/batches/B-106', '/floor/M2', '/floor/M1/files', '/floor/board', '/floor/shift', '/books', '/shop',
        '/shop/threads', '/shop/people',
    ];

    /** What has words of its own, is to be seen, and shows less of them than there is. */
    private const CUT = <<<'JS'
        const cut = [];
        const some = 'a, button, .btn, th, td, label, summary, h1, h2, p, li, dt, dd, .name, .note';
        for (const of of document.querySelectorAll(some)) {
            if (!of.offsetParent || of.closest('.sr-only, svg, canvas')) continue;
            const own = [...of.childNodes].some((one) => one.nodeType === 3 && one.textContent.trim() !== '');
            const style = getComputedStyle(of);
            if (!own || of.classList.contains('sr-only') || style.textOverflow === 'ellipsis') continue;
            if (style.overflowX !== 'visible' && of.scrollWidth > of.clientWidth + 1)
                cut.push(`${of.tagName} ${of.className}: ${of.textContent.trim().slice(0, 60)}`);
        }
        return cut.slice(0, 5);
        JS;

    private function speak(string $code): void
    {
        Pseudo::write(getenv('BROWSER_FILES').'/languages', $code);
        $this->browser->manage()->window()->setSize(new WebDriverDimension(1280, 800));
        $this->visit('/reading');
        (new WebDriverSelect($this->find('#spoken')))->selectByValue($code);
        $this->find('form[action$="/reading"] button')->click();
        $this->browser->wait(8, 100)->until(
            fn(): bool => $this->browser->executeScript('return document.documentElement.lang') === $code,
        );
    }

    #[Test]
    #[TestWith([Pseudo::CODE, 'ltr'])]
    #[TestWith([Pseudo::RIGHT_TO_LEFT, 'rtl'])]
    public function no_word_is_cut_and_no_page_is_wider_than_its_window(string $code, string $direction): void
    {
        $this->speak($code);
        self::assertSame($direction, $this->browser->executeScript('return getComputedStyle(document.body).direction'));
        $found = [];
        foreach (self::PAGES as $path) {
            foreach ([[1280, 800], [390, 800]] as [$width, $height]) {
                $this->browser->manage()->window()->setSize(new WebDriverDimension($width, $height));
                $this->visit($path);
                $over = (int) $this->browser->executeScript(
                    'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
                );
                if ($over > 0) {
                    $found[] = "{$path} at {$width}: {$over} px too wide";
                }
                foreach ((array) $this->browser->executeScript(self::CUT) as $cut) {
                    $found[] = "{$path} at {$width}: {$cut}";
                }
            }
        }
        self::assertSame([], $found);
    }
}
