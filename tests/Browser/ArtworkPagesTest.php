<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Test;

/** The rest of the artwork station and the thread shelf, under the hand. */
final class ArtworkPagesTest extends BrowserTestCase
{
    #[Test]
    public function what_is_decided_on_the_stop_sheet_halts_the_machine_on_the_floor(): void
    {
        $this->visit('/artwork/5/stops');
        $this->choose('#action-5', 'lay_cloth');
        $this->type('#note-5', 'the oval scraps');
        $this->press('Save stop sheet');
        $this->sees('Stop sheet saved');
        $this->sees('The machine must stop once');

        $machine = new MachineOnTheLine('M1');
        self::assertSame('sew', $machine->takeUp());
        $at = $machine->sew(100_000);
        $this->visit('/floor/M1');
        $this->sees('Needs you');
        $this->sees('Lay the cloth: the oval scraps. Then go on.');
        self::assertSame(
            (string) $at,
            $this->attribute('#steps li:nth-child(5)', 'data-to'),
            'it stands at the end of block 5',
        );
        $this->keys('g');
        $this->browser
            ->wait(8, 100)
            ->until(static fn(): bool => $machine->command() === 'sew', 'the machine does not go on');
        $machine->sew(100_000);
        $this->sees('is sewn: take it off');
    }

    #[Test]
    public function a_stop_sheet_prints_on_one_page_whichever_the_paper(): void
    {
        foreach ([[8.27, 11.69], [8.5, 11]] as [$width, $height]) {
            foreach (['/artwork/5/stops', '/artwork/10/stops'] as $path) {
                $this->visit($path);
                $this->sees('Save stop sheet');
                $printed = (new ChromeDevToolsDriver($this->browser))->execute('Page.printToPDF', [
                    'paperWidth' => $width,
                    'paperHeight' => $height,
                ]);
                self::assertSame(
                    1,
                    preg_match_all('~/Type\s*/Page\b~', (string) base64_decode((string) $printed['data'], true)),
                    "{$path} at {$height} inches",
                );
            }
        }
    }

    #[Test]
    public function a_colour_is_taken_from_a_point_of_a_photo_that_never_leaves_the_browser(): void
    {
        $this->visit('/shop/threads/match');
        // A photo of two cloths: plum on the left, sage on the right, with a speck on the plum.
        $path = (string) $this->photo();
        $this->find('#photo')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        unlink($path);
        $this->browser->wait(8, 100)->until(fn(): bool => $this->attribute('#photo-canvas', 'hidden') === null);
        $sent = (int) $this->browser->executeScript('return performance.getEntriesByType("resource").length');

        $this->pressOnPhoto(0.25, 0.5);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->attribute('[data-wanted]', 'data-wanted') === '#5a2a55',
                'the plum is not what was taken: '.
                    $this->browser->executeScript('return document.getElementById("hex").value'),
            );
        $this->pressOnPhoto(0.75, 0.5, shift: true);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->attribute('[data-cloth]', 'data-cloth') === '#a9b79a',
                'the sage is not the cloth',
            );
        $this->sees('D-11');
        // By keys: from the middle of the sage, far to the left, onto the plum.
        $this->browser->executeScript(
            'document.getElementById("hex").value = "#000000"; document.getElementById("photo-canvas").focus()',
        );
        for ($i = 0; $i < 14; $i++) {
            $this->shift(WebDriverKeys::ARROW_LEFT);
        }
        $this->keys(WebDriverKeys::ENTER);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->browser->executeScript('return document.getElementById("hex").value') ===
                    '#5a2a55',
            );
        $asked = $this->browser->executeScript(
            'return performance.getEntriesByType("resource").slice(arguments[0]).map((r) => r.name)',
            [$sent],
        );
        foreach ($asked as $address) {
            self::assertStringContainsString('/shop/threads/match?', $address, 'nothing but colours is sent');
        }
    }

    #[Test]
    public function a_list_of_threads_shows_what_it_would_change_before_it_does(): void
    {
        $path = sys_get_temp_dir().'/threads-'.getmypid().'.csv';
        file_put_contents(
            $path,
            "code,name,colour,weight,cone,place,metres_left\nT-1,Teasel,#7d6a8e,40,1,H1,800\nD-04,Pewter,#8a8f98,40,1,A4,77\nT-2,Broken,nope,40,1,H1,5\n",
        );
        $this->visit('/shop/threads');
        $this->find('#list')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->press('Show changes');
        $this->sees('Nothing is changed yet');
        unlink($path);
        $this->sees('Teasel');
        $this->sees('metres left 3531 → 77');
        $this->sees('“nope” is no colour');
        $this->keys('k');
        $this->sees('1 cones added, 1 changed');
        $this->sees('T-1 Teasel');
        self::assertStringContainsString('77', $this->textOf('#d-04'));
    }

    #[Test]
    public function copies_are_worked_out_while_one_types_and_mirroring_asks(): void
    {
        $this->visit('/artwork/2/make');
        $this->sees('In file order');
        $this->set('#columns', '4');
        $this->set('#rows', '2');
        $this->sees('4 × 2 = 8 copies');
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('i');
        $this->sees('this design may be mirrored');
        $this->press('Save with this artwork');
        $this->sees('Confirm that this design may be mirrored');
        self::assertSame(
            '4',
            $this->browser->executeScript('return document.getElementById("columns").value'),
            'nothing typed is lost',
        );
        $this->sees('4 × 2 = 8 copies');
        $this->find('[name=sure]')->click();
        $this->press('Save with this artwork');
        $this->sees('saved with “Seed sprig”');
    }

    #[Test]
    public function a_sew_out_is_written_down_with_a_photo(): void
    {
        $this->visit('/artwork/8/history');
        $this->sees('has no good sew-out');
        $this->keys('n');
        $this->choose('#fabric', 'jersey');
        $this->type('#who', 'Odo');
        $path = (string) $this->photo();
        $this->find('#photo')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->press('Save sew-out');
        $this->sees('Sew-out saved');
        unlink($path);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->browser->executeScript(
                    'const i = document.querySelector("#sewouts img"); i?.scrollIntoView(); return i?.complete && '.
                    'i.naturalWidth === 200',
                ) === true,
                'the photo is not shown',
            );
    }

    private function photo(): string
    {
        $picture = imagecreatetruecolor(200, 100);
        assert($picture !== false);
        imagefilledrectangle($picture, 0, 0, 99, 99, (int) imagecolorallocate($picture, 0x5a, 0x2a, 0x55));
        imagefilledrectangle($picture, 100, 0, 199, 99, (int) imagecolorallocate($picture, 0xa9, 0xb7, 0x9a));
        imagesetpixel($picture, 50, 50, (int) imagecolorallocate($picture, 255, 255, 255));
        $path = sys_get_temp_dir().'/cloth-'.bin2hex(random_bytes(4)).'.png';
        imagepng($picture, $path);

        return $path;
    }

    private function pressOnPhoto(float $x, float $y, bool $shift = false): void
    {
        $canvas = $this->find('#photo-canvas');
        $size = $canvas->getSize();
        $actions = new WebDriverActions($this->browser);
        // Offsets count from the middle of the element.
        $actions->moveToElement(
            $canvas,
            (int) round(($x - 0.5) * $size->getWidth()),
            (int) round(($y - 0.5) * $size->getHeight()),
        );
        $shift
            ? $actions->keyDown(null, WebDriverKeys::SHIFT)->click()->keyUp(null, WebDriverKeys::SHIFT)->perform()
            : $actions->click()->perform();
    }
}
