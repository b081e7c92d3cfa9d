<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;

/** What hangs on the wall: a sheet a day, as a printer would get it. */
final class PrintTest extends BrowserTestCase
{
    /** Of a sheet, so much is ink at most: letters and lines, no surfaces. */
    private const INK = 0.08;

    #[Test]
    #[TestWith(['/plan/days'])]
    #[TestWith(['/setup/backing'])]
    public function each_day_is_one_page_and_no_surface_is_printed(string $path): void
    {
        $this->visit($path);
        $days = count($this->browser->findElements(WebDriverBy::cssSelector('.print-page')));
        self::assertGreaterThan(1, $days);
        $file = tempnam(sys_get_temp_dir(), 'sheet');
        foreach (['A4' => [8.27, 11.69], 'Letter' => [8.5, 11.0]] as $name => [$width, $height]) {
            $printed = self::$shared?->ask('Page.printToPDF', [
                'paperWidth' => $width,
                'paperHeight' => $height,
                // As somebody has it who prints surfaces too.
                'printBackground' => true,
            ])['data'] ?? '';
            file_put_contents($file, base64_decode((string) $printed, true));
            self::assertSame(1, preg_match('/Pages:\s+(\d+)/', (string) shell_exec("pdfinfo {$file}"), $pages));
            self::assertSame($days, (int) $pages[1], "{$path} on {$name}");
        }
        shell_exec("pdftoppm -r 40 -gray {$file} {$file}-page");
        $sheets = glob("{$file}-page*.pgm") ?: [];
        self::assertCount($days, $sheets);
        foreach ($sheets as $sheet) {
            // Behind three lines of what it is: a byte a point.
            $points = (string) preg_replace('/^P5\s+\d+\s+\d+\s+\d+\s/', '', (string) file_get_contents($sheet), 1);
            $counts = (array) count_chars($points, 1);
            $dark = array_sum(array_filter($counts, static fn(int $grey): bool => $grey < 200, ARRAY_FILTER_USE_KEY));
            self::assertLessThan(self::INK, $dark / strlen($points), basename($sheet));
            self::assertGreaterThan(0, $dark, 'something is on it');
            unlink($sheet);
        }
        unlink($file);
    }
}
