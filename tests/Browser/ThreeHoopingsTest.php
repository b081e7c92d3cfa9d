<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Depends;
use PHPUnit\Framework\Attributes\Test;

/** A leg with three motifs, from the tape to the last pair of trousers that is counted. */
final class ThreeHoopingsTest extends BrowserTestCase
{
    private static string $batch = '';

    #[Test]
    public function three_motifs_along_a_leg_are_hooped_three_times_and_the_setup_says_where(): void
    {
        $path = sys_get_temp_dir().'/three-bells-'.getmypid().'.dst';
        file_put_contents($path, self::tape());
        $this->visit('/artwork');
        $this->find('#tape')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->sees('three-bells');
        $this->type('#name', 'Three bells');
        $this->press('Upload');
        $this->sees('“Three bells” added.');
        unlink($path);
        $this->find("[aria-label='Choose the thread for block 1']")->click();
        $this->find("[aria-label='Use D-12 for block 1']")->click();
        $this->sees('has all its threads');

        $this->visit('/orders/new');
        $this->type('#customer', 'Canoe school, the tall ones');
        $this->choose('#l0-garment', 'trousers');
        $this->choose('#l0-fabric', 'canvas');
        $this->type('#l0-style', 'Portage');
        $this->type('#l0-colour', 'stone');
        $this->type('#l0-M', '2');
        $this->choose('#l0-p0', 'leg');
        $option = $this->browser
            ->findElement(WebDriverBy::xpath('//select[@id="l0-a0"]/option[.="Three bells"]'))
            ->getAttribute('value');
        $this->choose('#l0-a0', (string) $option);
        $this->set('#due_date', '2026-03-20');
        $this->press('Save order');
        $this->sees('saved.');

        $this->press('to set up');
        $this->sees('3 hoopings along the tube');
        // Measured down from the waistband: 50 mm each, 30 between them, so 80 from mark to mark.
        preg_match_all('/(\d+) mm[^\n]*from the waistband, on the outer seam/', $this->text(), $marks);
        self::assertCount(3, $marks[1]);
        self::assertSame([80, 80], [(int) $marks[1][1] - (int) $marks[1][0], (int) $marks[1][2] - (int) $marks[1][1]]);
        $this->press('Set up in');
        $this->sees('is set up and planned.');
        preg_match('/(B-\d+) is set up/', $this->text(), $found);
        self::$batch = $found[1];
    }

    #[Test]
    #[Depends('three_motifs_along_a_leg_are_hooped_three_times_and_the_setup_says_where')]
    public function each_hooping_is_sewn_from_its_own_tape_and_the_piece_is_counted_after_the_third(): void
    {
        $this->putFirst(self::$batch, 'M2');
        $this->visit('/needles/M2');
        for ($i = 0; $i < 6 && str_contains($this->text(), 'before '.self::$batch.'.'); $i++) {
            $before = $this->text();
            $this->keys('l');
            $this->browser->wait(8, 100)->until(fn(): bool => $this->text() !== '' && $this->text() !== $before);
        }
        $this->visit('/floor/M2');
        $this->sees('It takes 3 hoopings');
        foreach ($this->all('.check input') as $box) {
            $box->click();
        }
        $this->choose('#who', 'Ilse');
        $this->press('All checked');
        $machine = new MachineOnTheLine('M2');
        foreach ([1, 1, 2, 2, 3, 3] as $i => $hooping) {
            $this->sees("Hooping {$hooping} of 3: the cross at ");
            $this->press('Start load '.($i + 1));
            $this->sees('Sewing load '.($i + 1));
            self::assertSame('sew', $machine->takeUp());
            self::assertSame(50, $machine->sew(100_000), 'a third of the tape');
            $this->press($hooping === 3 ? 'Done: count this piece' : "Off: hooping {$hooping} of 3 is sewn");
        }
        $this->isDone('Done: count this piece');
        $this->visit('/floor/finish');
        $this->sees('Three bells');
    }

    private static function tape(): string
    {
        $builder = new PatternBuilder('BELLS');
        foreach ([1600, 800, 0] as $y) {
            $builder->travelTo(0, $y, 3);
            for ($i = 1; $i <= 50; $i++) {
                $builder->stitchTo($i % 2 === 0 ? 0 : 60, $y + 10 * $i);
            }
        }

        return (new TapeWriter())->toString($builder->pattern());
    }
}
