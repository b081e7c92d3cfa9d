<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverKeys;
use Hakama\House\HouseRules;
use Hakama\Machine\RunTime;
use Hakama\Machine\SpeedCurve;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\ReadsPdf;

/** Walking through an artwork stitch by stitch, on a real canvas. */
final class PlayerTest extends BrowserTestCase
{
    private const LANTERNS = '/artwork/5';

    #[Test]
    public function player_sheet_template_and_command_agree_to_the_stitch(): void
    {
        $tape = (string) file_get_contents(getenv('TEST_URL').self::LANTERNS.'/tape.dst');
        $figures = PatternFigures::of((new TapeReader())->fromString($tape), HouseRules::of()->measuring());
        $command = new Process([PHP_BINARY, 'artisan', 'stitch:inspect', '-'], dirname(__DIR__, 2), null, $tape);
        $command->mustRun();
        self::assertSame($figures->counts->stitches, json_decode($command->getOutput(), true)['stitches']);

        $this->open(self::LANTERNS);
        self::assertSame($figures->counts->stitches, $this->player('t.sewn'));
        self::assertSame($figures->counts->stitches, $this->player('stitch'), 'it opens with the whole design');
        self::assertSame(
            array_map(static fn($block): int => $block->stitches, $figures->blocks),
            $this->player('t.blocks.map((b) => b.to - b.from)'),
        );
        self::assertSame(self::thin($figures->counts->stitches), $this->textOf('[data-p=of]'));

        // As the machine sews: the run time of the core without the breaks it allows for.
        $time = RunTime::of(
            $figures->lengths,
            $figures->counts->changes,
            $figures->counts->trims,
            850,
            SpeedCurve::usual(1000),
            HouseRules::of()->runTime(),
        );
        self::assertEqualsWithDelta($time->seconds() - $time->breaksS, $this->player('total'), 1e-6);

        $this->visit(self::LANTERNS.'/stops');
        $this->sees('to '.self::thin($figures->counts->stitches));
        $pdf = (string) file_get_contents(getenv('TEST_URL').self::LANTERNS.'/template.pdf');
        self::assertStringContainsString("{$figures->counts->stitches} stitches", ReadsPdf::text($pdf));
    }

    #[Test]
    public function it_is_stepped_by_stitch_block_and_stop_with_keys_alone(): void
    {
        $this->open(self::LANTERNS);
        [$first, $second] = $this->player('t.blocks.slice(0, 2).map((b) => b.to)');
        $at = fn(string ...$keys): int => $this->pressed(...$keys);

        self::assertSame(0, $at(WebDriverKeys::HOME));
        self::assertSame(2, $at(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT));
        self::assertSame(1, $at(WebDriverKeys::ARROW_LEFT));
        self::assertSame($first, $at(']'), 'the stop is after the last stitch of the block');
        self::assertSame($first + 1, $at('.'), 'the block begins with the next');
        self::assertSame($second, $at(']'));
        self::assertSame($first + 1, $at(','), 'back to where this block began');
        self::assertSame(1, $at(','));
        self::assertSame($first, $at(']'));
        self::assertSame(0, $at('['));
        self::assertSame($this->player('t.sewn'), $at(WebDriverKeys::END));
        self::assertSame('6 of 6', $this->textOf('[data-p=block]'));
        self::assertSame('6', $this->attribute('[data-here]', 'data-block-row'));
        // Scrubbing by the range itself, as one who hears the page would.
        $this->browser->executeScript('document.getElementById("scrub").focus()');
        $this->keys(WebDriverKeys::ARROW_LEFT);
        $this->browser->wait(5, 50)->until(fn(): bool => $this->player('stitch') === $this->player('t.sewn') - 1);
        self::assertStringContainsString('block 6', (string) $this->attribute('#scrub', 'aria-valuetext'));
    }

    #[Test]
    public function it_plays_on_and_pauses_and_fills_in_thread_colours(): void
    {
        $this->open(self::LANTERNS);
        $this->pressed(WebDriverKeys::HOME);
        $bare = $this->painted();
        $this->choose('#rate', '2000');
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('p');
        $this->browser->wait(8, 50)->until(fn(): bool => $this->player('stitch') > 900, 'it does not play');
        $this->keys('p');
        $stood = $this->player('stitch');
        usleep(200_000);
        self::assertSame($stood, $this->player('stitch'), 'it went on after the pause');
        self::assertLessThan($this->player('t.sewn'), $stood);
        $some = $this->painted();
        $this->pressed(WebDriverKeys::END);
        $all = $this->painted();

        self::assertGreaterThan($bare['wick'] + 500, $some['wick'], 'second block is yellow');
        self::assertGreaterThan($some['ember'] + 100, $all['ember'], 'the third is red');
        // And back again: what was drawn is gone.
        $this->pressed(WebDriverKeys::HOME);
        self::assertLessThan(50, $this->painted()['wick']);
    }

    #[Test]
    public function the_same_stitch_looks_the_same_from_either_side(): void
    {
        $this->open(self::LANTERNS);
        $picture = fn(): string => (string) $this->browser->executeAsyncScript(
            'const done = arguments[0]; const p = document.querySelector("[data-player]").player; '.
            'p.goTo(2000).then(() => done(p.cloth.toDataURL()))',
        );
        $fromTheEnd = $picture();
        $this->pressed(WebDriverKeys::HOME);
        self::assertSame($fromTheEnd, $picture());
    }

    #[Test]
    public function density_order_and_findings_are_shown_on_the_drawing(): void
    {
        $this->open(self::LANTERNS);
        $plain = $this->painted();
        $this->keys('d');
        $this->sees('needle points per mm²');
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => $this->painted()['indigo'] > $plain['indigo'] + 300, 'no density is drawn');
        self::assertSame('true', $this->attribute('[data-do=density]', 'aria-pressed'));
        // The densest square of the map is the one the page names.
        self::assertSame(
            15,
            $this->browser->executeScript(
                'const s = document.querySelector("[data-player]").player.map.squares; let most = 0; for (let i = '.
                '2; i < s.length; i += 3) most = Math.max(most, s[i]); return most',
            ),
        );
        $this->keys('d');
        $rings = $this->painted()['persimmon'];
        $this->find('[data-spots]')->click();
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => $this->painted()['persimmon'] > $rings + 60, 'no place is ringed');
        self::assertSame('true', $this->attribute('[data-spots]', 'aria-pressed'));
    }

    #[Test]
    public function pressing_on_a_place_goes_to_the_stitch_that_ends_there(): void
    {
        $this->open(self::LANTERNS);
        // The middle of the canvas lies on the lantern in the middle.
        $this->find('[data-player] canvas')->click();
        $this->browser->wait(5, 50)->until(fn(): bool => $this->player('stitch') < $this->player('t.sewn'));
        [$x, $y] = $this->browser->executeScript(
            'const p = document.querySelector("[data-player]").player; const i = p.t.stitches[p.stitch - 1]; return '.
            'p.onScreen(p.t.xs[i], p.t.ys[i])',
        );
        [$width, $height] = $this->browser->executeScript(
            'const c = document.querySelector("[data-player] canvas").getBoundingClientRect(); return [c.width, c.height]',
        );
        self::assertEqualsWithDelta([$width / 2, $height / 2], [$x, $y], 14);
        // Closer: what is under the pointer stays; the whole design again.
        $this->keys('+', '+');
        self::assertGreaterThan(2, $this->player('eye.k'));
        $this->keys('w');
        self::assertSame(1, $this->player('eye.k'));
    }

    #[Test]
    public function a_million_records_are_taken_in_opened_and_played(): void
    {
        $path = sys_get_temp_dir().'/million-'.getmypid().'.dst';
        $tape = self::million();
        file_put_contents($path, $tape);
        $this->visit('/artwork');
        $this->find('#tape')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->type('#name', 'One million');
        $this->press('Upload');
        $this->browser
            ->wait(60, 300)
            ->until(fn(): bool => $this->all('[data-ready]') !== [], 'the million is not ready');
        unlink($path);
        $spans = (new TapeReader())->fromString($tape)->blockSpans();
        self::assertSame(
            array_sum(array_map(static fn($span): int => $span->stitches, $spans)),
            $this->player('t.sewn'),
        );
        self::assertGreaterThan(1_000_000, $this->player('t.count'));

        $this->pressed(WebDriverKeys::HOME);
        $this->choose('#rate', '10000');
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('p');
        $this->browser->wait(20, 100)->until(fn(): bool => $this->player('stitch') > 15_000, 'it does not play');
        $this->keys('p');
        // The server is started with a limit of 256 MiB a request and has answered; this is the page's own share.
        $heap = (int) $this->browser->executeScript('return performance.memory.usedJSHeapSize');
        $pictures = (int) $this->browser->executeScript(
            'const p = document.querySelector("[data-player]").player; const c = p.canvas.width * p.canvas.height * '.
            '4; return (Object.values(p.kept).length + 2) * c',
        );
        self::assertLessThan(256 * 1024 * 1024, $heap + $pictures);
    }

    private function open(string $path): void
    {
        $this->visit($path);
        $this->browser
            ->wait(20, 100)
            ->until(fn(): bool => $this->all('[data-ready]') !== [], 'the player is not ready');
    }

    private function player(string $expression): mixed
    {
        return $this->browser->executeScript(
            "const p = document.querySelector('[data-player]').player; return p.{$expression}",
        );
    }

    private function pressed(string ...$keys): int
    {
        $this->keys(...$keys);
        $this->browser->executeAsyncScript(
            'const done = arguments[0]; const p = document.querySelector("[data-player]").player; p.goTo(p.stitch).then(done)',
        );

        return (int) $this->player('stitch');
    }

    /** @return array<string, int> pixels of the canvas that are near to a colour */
    private function painted(): array
    {
        return $this->browser->executeScript(
            <<<'JS'
            const canvas = document.querySelector('[data-player] canvas');
            const data = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
            const near = { wick: [244, 195, 77], ember: [207, 74, 46], indigo: [43, 58, 103], persimmon: [168, 58, 22] };
            const counts = Object.fromEntries(Object.keys(near).map((name) => [name, 0]));
            for (let i = 0; i < data.length; i += 4) {
                if (data[i + 3] < 40) continue;
                for (const [name, [r, g, b]] of Object.entries(near)) {
                    const off = Math.abs(data[i] - r) + Math.abs(data[i + 1] - g) + Math.abs(data[i + 2] - b);
                    if (off < 45) counts[name]++;
                }
            }
            return counts;
            JS
            ,
        );
    }

    private static function thin(int $number): string
    {
        return number_format($number, 0, '.', "\u{202F}");
    }

    private static function million(): string
    {
        $builder = new PatternBuilder('MILLION');
        for ($i = 1; $i <= 1_000_000; $i++) {
            $row = intdiv($i, 200);
            $step = $i % 200;
            $i % 100_000 === 99_999
                ? $builder->stop()
                : $builder->stitchTo(20 * ($row % 2 === 0 ? $step : 199 - $step), $row % 4000);
        }

        return (new TapeWriter())->toString($builder->pattern());
    }

    #[Test]
    public function letters_are_measured_with_two_presses_on_the_drawing(): void
    {
        $this->visit(self::LANTERNS);
        $this->find('[data-ready]');
        $this->keys('y');
        $this->sees('the foot and the top of the smallest letter');
        // Two places 12 mm apart by the drawing's own scale.
        $told = $this->browser->executeScript(
            <<<'JS'
            const p = document.querySelector('[data-player]').player;
            const room = p.canvas.getBoundingClientRect();
            const at = (x, y) => ({bubbles: true, clientX: room.left + x, clientY: room.top + y});
            const press = (x, y) => p.canvas.dispatchEvent(new MouseEvent('click', at(x, y)));
            const [x, y] = [p.width / 2, p.height / 2];
            press(x, y);
            press(x, y - 120 * p.scale);
            return [document.getElementById('letter-mm').value, document.getElementById('letter-block').value];
            JS
            ,
        );
        self::assertEqualsWithDelta(12.0, (float) $told[0], 0.2);
        $this->sees('mm apart');
        $this->type('#letter-mm', '4.5');
        $this->press('Save');
        $this->sees("Letters in block {$told[1]} are 4.5 mm high");
    }
}
