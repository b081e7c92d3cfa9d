<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\Test;
use Tests\ReadsPdf;

/** A label that was printed is read again, from a picture of it. */
final class LabelTest extends BrowserTestCase
{
    #[Test]
    public function a_drawn_label_is_scanned_from_its_picture_and_shows_its_piece(): void
    {
        $this->visit('/orders/1006/tags');
        $this->browser->wait(8, 100)->until(fn(): bool => count($this->all('.tag svg path')) > 2);
        $label = $this->all('.tag')[2];
        preg_match('~P-\d+-\d~', $label->getText(), $code);
        $picture = sys_get_temp_dir().'/label-'.getmypid().'.png';
        $label->takeElementScreenshot($picture);

        $this->visit('/floor/tags');
        $this->find('#scan-file')->setFileDetector(new LocalFileDetector())->sendKeys($picture);
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => str_ends_with($this->browser->getCurrentURL(), '/floor/tags/'.$code[0]));
        $this->sees($code[0]);
        $this->sees('What’s next');
        unlink($picture);
    }

    #[Test]
    public function the_code_of_a_printed_label_is_drawn_true(): void
    {
        $pdf = (string) file_get_contents(getenv('TEST_URL').'/orders/1006/labels.pdf?on=roll');
        // As a printer for labels would, 203 dots an inch.
        $picture = sys_get_temp_dir().'/printed-'.getmypid().'.png';
        file_put_contents($picture, ReadsPdf::picture($pdf, 203));
        $this->visit('/floor/tags');
        $this->find('#scan-file')->setFileDetector(new LocalFileDetector())->sendKeys($picture);
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => preg_match('~/floor/tags/P-\d+-\d$~', $this->browser->getCurrentURL()) === 1);
        $this->sees('What’s next');
        unlink($picture);
    }

    #[Test]
    public function labels_held_before_the_camera_are_counted_one_by_one(): void
    {
        $this->visit('/orders/1006/tags');
        $this->browser->wait(8, 100)->until(fn(): bool => count($this->all('.tag svg path')) > 2);
        $label = $this->all('.tag')[2];
        preg_match('~P-\d+-\d~', $label->getText(), $code);
        $picture = sys_get_temp_dir().'/held-'.getmypid().'.png';
        $label->takeElementScreenshot($picture);
        $film = sys_get_temp_dir().'/held-'.getmypid().'.y4m';
        self::film($picture, $film);

        $held = Headless::open((string) getenv('DRIVER_URL'), camera: $film);
        $held->driver->get(getenv('TEST_URL').'/orders/1006/count');
        $held->driver->findElement(WebDriverBy::cssSelector('[data-scan=camera]'))->click();
        // Nothing of this order is sewn yet: it is read, and said not to be counted.
        $counted = fn(): string => (string) $held->driver->executeScript(
            'return document.getElementById("counted").innerText',
        );
        $held->driver->wait(15, 200)->until(fn(): bool => str_contains($counted(), $code[0]));
        self::assertStringContainsString("{$code[0]} is not sewn yet: not counted.", $counted());
        $held->close();
        unlink($picture);
        unlink($film);
    }

    /** A second of film that shows a picture, as a camera would give it. */
    private static function film(string $picture, string $film): void
    {
        $shown = imagecreatefrompng($picture);
        self::assertNotFalse($shown);
        $frame = imagecreatetruecolor(640, 480);
        self::assertNotFalse($frame);
        imagefill($frame, 0, 0, 0xffffff);
        $scale = min(560 / imagesx($shown), 400 / imagesy($shown));
        [$width, $height] = [(int) (imagesx($shown) * $scale), (int) (imagesy($shown) * $scale)];
        imagecopyresampled($frame, $shown, 40, 40, 0, 0, $width, $height, imagesx($shown), imagesy($shown));
        $light = '';
        for ($y = 0; $y < 480; $y++) {
            for ($x = 0; $x < 640; $x++) {
                $light .= chr((int) (16 + 0.858 * ((int) imagecolorat($frame, $x, $y) & 0xff)));
            }
        }
        $shot = "FRAME\n".$light.str_repeat(chr(128), 2 * 320 * 240);
        file_put_contents($film, "YUV4MPEG2 W640 H480 F10:1 Ip A1:1 C420mpeg2\n".str_repeat($shot, 10));
    }

    #[Test]
    public function a_picture_without_a_label_says_so(): void
    {
        $picture = sys_get_temp_dir().'/blank-'.getmypid().'.png';
        $blank = imagecreatetruecolor(300, 200);
        self::assertNotFalse($blank);
        imagepng($blank, $picture);
        $this->visit('/floor/tags');
        $this->find('#scan-file')->setFileDetector(new LocalFileDetector())->sendKeys($picture);
        $this->sees('No label found in it');
        file_put_contents($picture, 'not a picture');
        $this->visit('/floor/tags');
        $this->find('#scan-file')->setFileDetector(new LocalFileDetector())->sendKeys($picture);
        $this->sees('This browser cannot open that picture');
        unlink($picture);
    }
}
