<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use PHPUnit\Framework\Attributes\Test;

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
        $this->sees('What is next');
        unlink($picture);
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
        $this->sees('No label is to be seen in it');
        file_put_contents($picture, 'not a picture');
        $this->visit('/floor/tags');
        $this->find('#scan-file')->setFileDetector(new LocalFileDetector())->sendKeys($picture);
        $this->sees('That is no picture.');
        unlink($picture);
    }
}
