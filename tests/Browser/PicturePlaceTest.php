<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Hakama\House\HouseRules;
use Hakama\Picture\MeasuredPlace;
use Hakama\Picture\Targets;
use Hakama\Picture\UnfitPicture;
use Hakama\Stitch\Point;
use PHPUnit\Framework\Attributes\Test;

/** A place measured from pictures whose truth is known, because they were drawn from it. */
final class PicturePlaceTest extends BrowserTestCase
{
    private const PAGE = '/setup/7/picture';
    private const PICTURES = 200;

    #[Test]
    public function two_hundred_drawn_pictures_are_measured_within_seven_tenths_or_refused(): void
    {
        $this->visit(self::PAGE);
        $this->find('#place-canvas');
        $this->browser->manage()->timeouts()->setScriptTimeout(60);
        $good = $wrong = $refused = 0;
        $worst = [];
        for ($seed = 1; $seed <= self::PICTURES; $seed++) {
            $told = $this->drawn($seed, 800, 600, 4.0 + ($seed % 4) * 2.0, $seed % 2 === 0, 1.6);
            $place = $this->place($told);
            if ($place === null) {
                $refused++;
                continue;
            }
            $off = hypot($place->rightMm - $told['truth'][0], $place->upMm - $told['truth'][1]);
            $turned = abs($place->deg - $told['truth'][2]);
            if ($off <= 0.7 && $turned <= 0.4) {
                $good++;
            } else {
                $worst[] = sprintf('%d: %.2f mm, %.2f°', $seed, $off, $turned);
                // Rather refused than wrong: what is not within the limits is at least not far off.
                $wrong += $off > 2.0 || $turned > 1.5 ? 1 : 0;
            }
        }
        self::assertSame(0, $wrong, implode('; ', $worst));
        self::assertGreaterThanOrEqual(
            (int) (0.95 * self::PICTURES),
            $good,
            "{$refused} refused; ".implode('; ', $worst),
        );
    }

    #[Test]
    public function a_picture_of_twelve_megapixels_is_looked_through_in_a_moment(): void
    {
        $this->visit(self::PAGE);
        $this->find('#place-canvas');
        $this->browser->manage()->timeouts()->setScriptTimeout(120);
        $told = $this->drawn(7, 4000, 3000, 5.0, false, 2.5);
        self::assertNotNull($told['found']);
        self::assertLessThan(3000, $told['ms']);
        $place = $this->place($told);
        self::assertNotNull($place);
        self::assertLessThan(0.7, hypot($place->rightMm - $told['truth'][0], $place->upMm - $told['truth'][1]));
    }

    #[Test]
    public function a_drawn_picture_that_is_opened_says_what_its_truth_is(): void
    {
        $this->visit(self::PAGE);
        $window = (int) $this->browser->executeScript(
            <<<'JS'
            const {frames} = JSON.parse(document.querySelector('[data-place]').dataset.place);
            const isSmallSquare = ([, [width, height, round]]) => width === height && ! round && width < 200;
            const [code, [side]] = Object.entries(frames).find(isSmallSquare);
            document.getElementById('place-frame').value = code;
            return side;
            JS
            ,
        );
        $told = $this->drawn(3, 1200, 900, 4.0, false, 1.2, $window, true);
        $this->sees('Targets found');
        $this->sees('Room left of the design');
        $said = $this->textOf('#place-said');
        [$right, $up, $deg] = $told['truth'];
        if (abs($deg) > 1.0) {
            self::assertStringContainsString('Hoop again: it is turned', $said);
            self::assertStringContainsString($deg > 0 ? 'counter-clockwise' : ' clockwise', $said);
        }
        $answer = $this->browser->executeScript('return document.querySelector("[data-place]").place.answer');
        self::assertLessThan(0.7, hypot($answer['right_mm'] - $right, $answer['up_mm'] - $up));
        self::assertLessThan(0.4, abs($answer['angle_deg'] - $deg));
    }

    #[Test]
    public function a_picture_is_opened_its_points_touched_and_what_to_do_is_said_over_it(): void
    {
        $this->visit(self::PAGE);
        $path = sys_get_temp_dir().'/no-targets-'.getmypid().'.png';
        $image = imagecreatetruecolor(400, 400);
        imagefilledrectangle($image, 0, 0, 399, 399, (int) imagecolorallocate($image, 180, 170, 150));
        imagepng($image, $path);
        $this->find('#place-file')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->sees('then: the cross, above it');
        unlink($path);
        // A frame whose window is 300 pixels across: touched by hand, the cross a tenth right of its middle.
        $touch = fn(int $x, int $y): mixed => $this->browser->executeScript(
            <<<'JS'
            const place = document.querySelector('[data-place]').place;
            const room = place.canvas.getBoundingClientRect();
            const [clientX, clientY] = [room.left + arguments[0] * place.scale, room.top + arguments[1] * place.scale];
            place.canvas.dispatchEvent(new PointerEvent('pointerdown', {bubbles: true, clientX, clientY}));
            JS
            ,
            [$x, $y],
        );
        foreach ([[200, 50], [350, 200], [200, 350], [50, 200], [230, 200], [230, 100]] as [$x, $y]) {
            $touch($x, $y);
        }
        $width = $this->browser->executeScript(
            'return JSON.parse(document.querySelector("[data-place]").dataset.place).frames[document.getElementById("place-frame").value][0]',
        );
        $this->sees(sprintf('Move it %.1f mm right.', $width / 10));
        $this->sees('Room left of the design');
        // The same picture is asked for a seam: the points of the frame stay.
        $this->choose('#place-ask', 'seams');
        $this->sees('left seam again');
        foreach ([[80, 100], [80, 300], [320, 100], [320, 300], [200, 200]] as [$x, $y]) {
            $touch($x, $y);
        }
        $this->sees('the mark is in the middle');
        $this->choose('#place-ask', 'angle');
        foreach ([[100, 100], [120, 300]] as [$x, $y]) {
            $touch($x, $y);
        }
        // Twenty across over two hundred down: 5.7 degrees.
        $this->sees('The seam runs 5.7° counter-clockwise of straight up.');
        $this->choose('#place-ask', 'place');
        foreach ([[230, 200], [230, 100]] as [$x, $y]) {
            $touch($x, $y);
        }
        // Two points of the frame mixed up: refused in words.
        $this->press('right ✓');
        $touch(50, 200);
        $this->press('left ✓');
        $touch(350, 200);
        $this->sees('mixed up');
    }

    /**
     * @param array{
     *     points: list<array{mm: list<float>, px: list<float>}>, found: array{mark: list<float>, up: list<float>}|null
     * } $told
     */
    private function place(array $told): ?MeasuredPlace
    {
        if ($told['found'] === null) {
            return null;
        }
        $pair = static fn(array $of): array => [(float) $of[0], (float) $of[1]];
        try {
            return MeasuredPlace::of(
                array_map(static fn(array $one): array => [$pair($one['px']), $pair($one['mm'])], $told['points']),
                $pair($told['found']['mark']),
                $pair($told['found']['up']),
                1.5,
                HouseRules::of()->place(),
            );
        } catch (UnfitPicture) {
            return null;
        }
    }

    /** @return array<string, mixed> */
    private function drawn(
        int $seed,
        int $width,
        int $height,
        float $noise,
        bool $dark,
        float $blur,
        int $window = 130,
        bool $open = false,
    ): array {
        $told = $this->browser->executeAsyncScript((string) file_get_contents(__DIR__.'/scene.js'), [
            [
                'seed' => $seed,
                'width' => $width,
                'height' => $height,
                'window' => $window,
                'open' => $open,
                'noise' => $noise,
                'dark' => $dark,
                'blur' => $blur,
                'targets' => array_map(static fn(Point $p): array => [$p->x, $p->y], Targets::sticker()->places),
            ],
        ]);
        self::assertIsArray($told);

        return $told;
    }
}
