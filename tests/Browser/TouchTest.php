<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\Test;

/** On a telephone and on a tablet, what is pressed is as large as a finger; at the machines larger. */
final class TouchTest extends BrowserTestCase
{
    private const FINGER = 44;
    private const AT_MACHINES = 48;

    private const SMALL = <<<'JS'
        const small = [];
        const pressed = 'main button, main select, main summary, main .btn, main .tabs a, ' +
            'main input:not([type=checkbox]):not([type=radio]):not([type=hidden]):not(.sr-only)';
        for (const one of document.querySelectorAll(pressed)) {
            const box = one.getBoundingClientRect();
            if (box.width === 0 || getComputedStyle(one).visibility === 'hidden') continue;
            // A range is dragged by its knob, a colour stands beside a field that says the same.
            if (['range', 'color', 'file'].includes(one.type)) continue;
            if (box.height < arguments[0] - 0.5)
                small.push(`${one.tagName} ${Math.round(box.height)} ${(one.textContent || one.name).trim().slice(0, 30)}`);
        }
        return [...new Set(small)].slice(0, 6);
        JS;

    #[Test]
    #[DataProviderExternal(PagesTest::class, 'mainPages')]
    public function what_is_pressed_is_as_large_as_a_finger(string $path): void
    {
        $least = str_starts_with($path, '/floor') ? self::AT_MACHINES : self::FINGER;
        foreach ([[390, 844], [1024, 768]] as [$width, $height]) {
            $this->browser->manage()->window()->setSize(new WebDriverDimension($width, $height));
            $this->visit($path);
            self::assertSame([], $this->browser->executeScript(self::SMALL, [$least]), "{$path} at {$width}");
        }
    }
}
