<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverSelect;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Depends;
use PHPUnit\Framework\Attributes\Test;

/** An order's way through the shop, in the order in which it is gone. */
final class MainPathTest extends BrowserTestCase
{
    private static int $order = 0;
    private static string $batch = '';

    #[Test]
    public function a_tape_is_uploaded_and_its_blocks_get_threads(): void
    {
        $path = sys_get_temp_dir().'/two-bars-'.getmypid().'.dst';
        file_put_contents($path, self::tape());
        $this->visit('/artwork');
        $this->find('#tape')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->sees('two-bars');
        $this->type('#name', 'Two bars');
        $this->press('Upload');
        $this->sees('“Two bars” added.');
        $this->sees('Choose a thread for block 1, 2.');
        foreach ([1, 2] as $block) {
            $this->find("[aria-label='Choose the thread for block {$block}']")->click();
            $this->find("[aria-label='Use D-12 for block {$block}']");
            $this->all("[aria-label^='Use '][aria-label$='for block {$block}']")[$block - 1]->click();
            $this->sees("Block {$block} sews in");
        }
        $this->sees('has all its threads');
        $this->find('[data-ready]');
        self::assertGreaterThan(
            10,
            $this->browser->executeScript('return document.querySelector("[data-player]").player.t.sewn'),
        );
        unlink($path);
    }

    #[Test]
    #[Depends('a_tape_is_uploaded_and_its_blocks_get_threads')]
    public function an_order_is_entered_with_a_mistake_first_and_nothing_typed_is_lost(): void
    {
        $this->visit('/orders/new');
        $this->type('#customer', 'Tower <b>Captain</b>');
        $this->choose('#l0-garment', 'apron');
        $this->choose('#l0-fabric', 'canvas');
        $this->type('#l0-colour', 'ecru');
        $this->type('#l0-one', '2');
        $this->type('#l0-spares', '2');
        $this->choose('#l0-p0', 'centre');
        $option = $this->browser
            ->findElement(WebDriverBy::xpath('//select[@id="l0-a0"]/option[.="Two bars"]'))
            ->getAttribute('value');
        $this->choose('#l0-a0', (string) $option);
        $this->press('Save order');
        $this->sees('Enter the due date.');
        self::assertSame('Tower <b>Captain</b>', $this->find('#customer')->getAttribute('value'));
        self::assertSame('2', $this->find('#l0-one')->getAttribute('value'));
        $this->press('Add a line');
        $this->find('#l1-garment');
        $this->press('Remove this line');
        self::assertSame([], $this->all('#l1-garment'));
        $this->set('#due_date', '2026-03-06');
        $this->press('Save order');
        $this->sees('saved.');
        $this->sees('Tower <b>Captain</b>');
        self::$order = (int) basename($this->browser->getCurrentURL());
        self::assertGreaterThan(1024, self::$order);
    }

    #[Test]
    #[Depends('an_order_is_entered_with_a_mistake_first_and_nothing_typed_is_lost')]
    public function it_is_set_up_in_the_frame_that_is_looked_at(): void
    {
        $this->visit('/orders/'.self::$order);
        $this->press('to set up');
        $this->sees('Which end goes to the machine');
        $this->find('.tabs [data-key=f]')->click();
        $this->find("[aria-label='Look at frame R-12']")->click();
        $this->sees('R-12, 120 × 120 mm');
        $this->find('input[name=turn][value="180"]')->click();
        $this->browser->wait(8, 100)->until(fn(): bool => $this->attribute('#in-frame', 'data-turn') === '180');
        $this->press('Set up in R-12');
        $this->sees('is set up and planned.');
        preg_match('/(B-\d+) is set up/', $this->text(), $found);
        self::$batch = $found[1];
    }

    #[Test]
    #[Depends('it_is_set_up_in_the_frame_that_is_looked_at')]
    public function it_is_moved_to_the_front_of_a_machine_by_dragging(): void
    {
        $this->visit('/plan');
        $bar = $this->barAnywhere(self::$batch);
        $from = $bar->getAttribute('data-machine');
        self::assertNotNull($from);
        $lane = $this->find('[data-lane="M2"]');
        $placement = $this->browser->executeScript(
            'const b = arguments[0].getBoundingClientRect(); return [b.left, b.top, b.height]',
            [$lane],
        );
        $grip = $this->browser->executeScript(
            'const b = arguments[0].querySelector(".edge").getBoundingClientRect(); return [b.left + b.width / 2, '.
            'b.top + b.height / 2]',
            [$bar],
        );
        // To the very left of lane M2: before everything that waits there.
        $this->drag($grip, [$placement[0] + 100, $placement[1] + $placement[2] / 2]);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->all(
                    '.bar[data-batch="'.self::$batch.'"][data-machine="M2"][data-rank="0"]',
                ) !== [],
                'the batch did not come to the front of M2',
            );
        // Kept, not only drawn; and now it stands today.
        $this->visit('/plan');
        self::assertSame('0', $this->attribute('.bar[data-batch="'.self::$batch.'"]', 'data-rank'));
    }

    #[Test]
    #[Depends('it_is_moved_to_the_front_of_a_machine_by_dragging')]
    public function its_needles_are_loaded(): void
    {
        $this->visit('/needles/M2');
        $this->sees(self::$batch);
        for ($i = 0; $i < 6 && str_contains($this->text(), 'before '.self::$batch.'.'); $i++) {
            $before = $this->text();
            $this->keys('l');
            $this->browser->wait(8, 100)->until(fn(): bool => $this->text() !== '' && $this->text() !== $before);
        }
        self::assertStringNotContainsString('before '.self::$batch.'.', $this->text());
    }

    #[Test]
    #[Depends('its_needles_are_loaded')]
    public function it_is_sewn_with_a_break_and_counted(): void
    {
        $machine = new MachineOnTheLine('M2');
        $this->visit('/floor/M2');
        $this->sees('Before the first load');
        $this->press('All checked');
        $this->sees('Confirm every line of the list by hand');
        foreach ($this->all('.check input') as $box) {
            $box->click();
        }
        $this->press('All checked');
        $this->sees('Choose who confirms it');
        // What was ticked stays ticked.
        $this->choose('#who', 'Ilse');
        $this->press('All checked');
        $this->press('Start load 1');
        $this->sees('Sewing load 1');
        self::assertSame('sew', $machine->takeUp());
        $stitch = $machine->sew(8);
        self::assertGreaterThan(50, $stitch);
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->textOf('#stitch') === (string) $stitch,
                'the page did not follow the machine',
            );
        self::assertGreaterThan(0, $this->inkOnCanvas(), 'the design fills');

        $machine->breakThread();
        $this->sees('Thread broke');
        $this->sees("Stopped at stitch {$stitch}");
        // A reload loses nothing.
        $this->visit('/floor/M2');
        $this->sees("Stopped at stitch {$stitch}");
        $this->press('Go on');
        $this->sees('Sewing load 1');
        self::assertSame('sew', $machine->command());
        $machine->sew(100_000);
        $this->sees('Load 1 is sewn: take it off');
        $this->press('Done: count this piece');
        $this->sees('Ready for load 2');
        $this->sees('1 / 2');

        $this->press('Start load 2');
        $this->press('puckered');
        $this->sees('1 spoiled');
        $this->press('Start load 3');
        $this->sees('Sewing load 3');
        self::assertSame('sew', $machine->takeUp());
        $machine->sew(100_000);
        $this->press('Done: count this piece');
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => $this->text() !== '' && ! str_contains($this->text(), self::$batch.','),
                'the batch is still at the machine',
            );
        $this->visit('/orders/'.self::$order);
        $this->sees('2 / 2');
        $this->visit('/books');
        $this->sees((string) self::$order);
        $this->sees('1 puckered');
    }

    #[Test]
    #[Depends('it_is_sewn_with_a_break_and_counted')]
    public function it_is_finished_looked_at_rejected_and_sewn_again_on_the_last_spare(): void
    {
        $this->school('check', 'always');
        $this->visit('/floor/finish');
        $this->inFormOf(self::$batch, 'floor/finish', 'Odo', 'Finished');
        $this->sees('2 pieces finished.');
        // Who sewed it is not offered to look at it.
        $this->inFormOf('no. 1', 'floor/check', 'Odo', 'Pass');
        $this->sees('no. 1 passed.');
        $this->inFormOf('no. 2', 'floor/check', 'Odo', 'Sew again');
        $this->sees('Give the reason for rejecting.');
        $this->inFormOf('no. 2', 'floor/check', 'Odo', 'Sew again', 'puckering');
        $this->sees('It is sewn again on a spare; none is left on this line.');
        $this->visit('/orders/'.self::$order);
        $this->sees('1 / 2');

        $this->putFirst(self::$batch, 'M2');
        $this->visit('/floor/M2');
        $machine = new MachineOnTheLine('M2');
        $this->press('Start load');
        $this->sees('Sewing load');
        self::assertSame('sew', $machine->takeUp());
        $machine->sew(100_000);
        $this->press('Done: count this piece');
        $this->isDone('Done: count this piece');
        $this->visit('/floor/finish');
        $this->inFormOf(self::$batch, 'floor/finish', 'Odo', 'Finished');
        $this->sees('One piece finished.');
        // Odo was the last who touched the machine: it was his this time.
        $this->inFormOf('no. 2', 'floor/check', 'Ilse', 'Pass');
        $this->sees('no. 2 passed.');
        $this->visit('/orders/'.self::$order);
        $this->sees('2 / 2');
        $this->school('check', 'sewer');
    }

    /** What the house does where practitioners differ. */
    private function school(string $question, string $school): void
    {
        $this->visit('/shop');
        $this->browser->executeScript('document.getElementById("schools").open = true');
        $this->choose("#s-{$question}", $school);
        $this->press('Save changes');
        // Words that stand there only once it is saved: whoever leaves sooner is brought back by the answer.
        $this->sees('existing setups stay');
    }

    /** In the form of a batch or a piece: who does it, why it is not good, and the button. */
    private function inFormOf(string $what, string $to, string $who, string $button, string $cause = ''): void
    {
        $path = WebDriverBy::xpath(
            sprintf(
                '//form[contains(@action, "%s")][contains(., "%s")][ancestor-or-self::*[contains(., '.
                '"%s")][contains(@class, "bg-paper")]]',
                $to,
                $what,
                self::$batch,
            ),
        );
        try {
            $box = $this->browser->wait(8, 100)->until(WebDriverExpectedCondition::presenceOfElementLocated($path));
        } catch (TimeoutException) {
            self::fail("No form of {$what} on {$this->browser->getCurrentURL()}:\n".substr($this->text(), 0, 1500));
        }
        assert($box instanceof WebDriverElement);
        (new WebDriverSelect($box->findElement(WebDriverBy::name('who'))))->selectByVisibleText($who);
        if ($cause !== '') {
            (new WebDriverSelect($box->findElement(WebDriverBy::name('cause'))))->selectByValue($cause);
        }
        $box->findElement(WebDriverBy::xpath(sprintf('.//button[contains(., "%s")]', $button)))->click();
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private function drag(array $from, array $to): void
    {
        // The pointer's own events, as a hand makes them: down, a few moves, up.
        $this->browser->executeScript(
            <<<'JS'
            const [from, to] = arguments;
            const always = {button: 0, bubbles: true, cancelable: true};
            const at = (x, y, kind, target) =>
                target.dispatchEvent(new PointerEvent(kind, {clientX: x, clientY: y, ...always}));
            const grip = document.elementFromPoint(...from);
            at(...from, 'pointerdown', grip);
            for (let i = 1; i <= 8; i++) at(from[0] + (to[0] - from[0]) * i / 8, from[1] + (to[1] - from[1]) * i / 8, 'pointermove', document);
            at(...to, 'pointerup', document);
            JS
            ,
            [$from, $to],
        );
    }

    /** The batch's bar, the whole week in sight. */
    private function barAnywhere(string $batch): \Facebook\WebDriver\Remote\RemoteWebElement
    {
        $this->visit('/plan?zoom=week');
        $this->find('#plan');
        $bars = $this->all(".bar[data-batch=\"{$batch}\"]");
        if ($bars !== []) {
            $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$bars[0]]);

            return $bars[0];
        }
        self::fail("{$batch} is on no day of the plan");
    }

    private function inkOnCanvas(): int
    {
        return (int) $this->browser->executeScript(
            'const c = document.getElementById("sewing"); const d = c.getContext("2d").getImageData(0, 0, c.width, '.
            'c.height).data; let n = 0; for (let i = 0; i < d.length; i += 4) if (d[i + 3] > 200 && (d[i] < 200 || '.
            'd[i + 1] < 190)) n++; return n',
        );
    }

    private static function tape(): string
    {
        $builder = new PatternBuilder('TWO BARS');
        for ($i = 0; $i < 240; $i++) {
            $builder->stitchTo($i % 2 === 0 ? 0 : 40, 2 * $i);
        }
        $builder->stop()->trimTo(200, 0);
        for ($i = 0; $i < 240; $i++) {
            $builder->stitchTo($i % 2 === 0 ? 200 : 240, 2 * $i);
        }

        return (new TapeWriter())->toString($builder->pattern());
    }
}
