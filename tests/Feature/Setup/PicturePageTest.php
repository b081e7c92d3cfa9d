<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use App\Artwork\Models\Artwork;
use App\Artwork\Papers\TemplatePdf;
use App\Machine\Models\Frame;
use App\Setup\Models\Setup;
use Hakama\Artwork\Paper;
use Hakama\Artwork\Template;
use Hakama\Picture\Targets;
use Hakama\Stitch\Bounds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What the page of the measured place asks the shop, and the paper it is measured by. */
final class PicturePageTest extends FeatureTestCase
{
    #[Test]
    public function what_was_touched_is_measured_with_the_design_as_it_would_then_lie(): void
    {
        $decoration = self::decoration(self::polos());
        $frame = Frame::query()->findOrFail(Setup::query()->findOrFail($decoration->id)->frame_id);
        $this->get("/setup/{$decoration->id}/picture")
            ->assertOk()
            ->assertSee($frame->code)
            ->assertSee('Template with targets');
        // Four pixels a millimetre, the mark 5 mm right and 2 mm up, upright.
        $answer = $this->postJson("/setup/{$decoration->id}/picture", $this->touched($frame->code))->assertOk();
        self::assertSame(
            ['move', 5.0, 2.0, 0.0],
            [
                $answer->json('say'),
                (float) $answer->json('right_mm'),
                (float) $answer->json('up_mm'),
                (float) $answer->json('angle_deg'),
            ],
        );
        $width = Artwork::query()->findOrFail($decoration->artwork_id)->bounds()->width();
        self::assertEqualsWithDelta(
            $frame->window_width_mm / 2 + 5 - $width / 2,
            (float) $answer->json('clear.left'),
            0.06,
        );
        // And back: the middle of the frame is seen where it was.
        $m = $answer->json('matrix');
        self::assertEqualsWithDelta([400.0, 300.0], [$m[2] / $m[8], $m[5] / $m[8]], 1e-6);
    }

    #[Test]
    public function seams_and_marks_are_measured_from_the_same_picture(): void
    {
        $decoration = self::decoration(self::polos());
        $say = fn(string $ask, array $touched): string => (string) $this->postJson("/setup/{$decoration->id}/picture", [
            ...$this->touched('R-9'),
            'ask' => $ask,
            'touched' => $touched,
        ])
            ->assertOk()
            ->json('text');
        // Four pixels a millimetre, y downwards: 160 px across and 8 up are 40 mm and 2.
        self::assertStringStartsWith('The other mark is 2.0 mm higher over 40 mm', $say('level', [[300, 300], [460, 292]]));
        self::assertStringStartsWith(
            '40.0 mm to the left seam, 30.0 mm to the right one: the middle is 5.0 mm further left.',
            $say('seams', [[240, 200], [240, 400], [520, 200], [520, 400], [400, 300]]),
        );
        self::assertStringStartsWith('The seam runs straight up.', $say('angle', [[300, 200], [300, 400]]));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unfit(): iterable
    {
        yield 'three points' => [['points' => array_slice(self::points(), 0, 3)], 'Touch the four points'];
        yield 'a mark that is no place' => [['touched' => [['left', 'right'], [1, 2]]], 'Touch the four points'];
        yield 'no such frame' => [['frame' => 'NONE'], 'Choose one of your frames'];
        yield 'up lies on the mark' => [['touched' => [[420, 292], [420, 292]]], 'is on the mark'];
        $mixed = self::points();
        [$mixed[0]['px'], $mixed[2]['px']] = [$mixed[2]['px'], $mixed[0]['px']];
        yield 'no such question' => [['ask' => 'colour'], 'Choose what to measure'];
        yield 'a seam touched once' => [['ask' => 'angle', 'touched' => [[1, 2]]], 'seam, seam again'];
        yield 'a seam touched twice at one position' => [['ask' => 'angle', 'touched' => [[9, 9], [9, 9]]], 'too close'];
        yield 'two mixed up' => [['points' => $mixed], 'mixed up'];
    }

    /** @param array<string, mixed> $with */
    #[Test]
    #[DataProvider('unfit')]
    public function what_cannot_be_measured_is_refused_in_words(array $with, string $words): void
    {
        $decoration = self::decoration(self::polos());
        $told = $this->postJson("/setup/{$decoration->id}/picture", [...$this->touched('R-9'), ...$with])
            ->assertStatus(422)
            ->json('message');
        self::assertStringContainsString($words, $told);
    }

    #[Test]
    public function targets_stand_clear_of_the_design_and_the_lines_through_them_meet_in_its_cross(): void
    {
        [$up, $right, $low, $left] = Targets::around(new Bounds(-30, 30, -20, 20))->places;
        self::assertSame([0.0, 0.0, 0.0, 0.0], [$up->x, $low->x, $right->y, $left->y]);
        self::assertEqualsWithDelta(1.6, $up->y / -$low->y, 1e-9);
        self::assertSame([34.0, 44.0], [-$low->y, $right->x]);

        $artwork = Artwork::query()->where('name', 'Ferry roundel')->firstOrFail();
        $template = Template::of($artwork->bounds(), Paper::A4);
        self::assertNotNull($template->targets());
        $pdf = TemplatePdf::of($template, $artwork);
        self::assertStringStartsWith('%PDF', $pdf);
        // What does not go on a sheet with the design is left to the sticker.
        self::assertNull(Template::of(new Bounds(0, 160, 0, 200), Paper::A4)->targets());
        $this->get('/setup/stickers.pdf?paper=letter')->assertOk()->assertHeader('Content-Type', 'application/pdf');
    }

    /** @return array<string, mixed> */
    private function touched(string $frame): array
    {
        return [
            'frame' => $frame,
            'points' => self::points(),
            'touched' => [[420, 292], [420, 192]],
        ];
    }

    /** @return list<array{px: list<int>, mm: list<int>}> */
    private static function points(): array
    {
        return array_map(static fn(array $mm): array => ['mm' => $mm, 'px' => [400 + 4 * $mm[0], 300 - 4 * $mm[1]]], [
            [0, 60],
            [60, 0],
            [0, -60],
            [-60, 0],
        ]);
    }
}
