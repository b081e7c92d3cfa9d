<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use App\Artwork\Models\Artwork;
use App\Machine\Models\Frame;
use App\Orders\Models\Decoration;
use App\Setup\Queries\DecorationSetups;
use DOMDocument;
use Hakama\Garment\Size;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use SimpleXMLElement;
use Tests\Feature\FeatureTestCase;

/** What is drawn is what is said: read off the drawings themselves, in millimetres. */
final class SetupDrawnTest extends FeatureTestCase
{
    #[Test]
    public function no_demo_garment_in_any_size_has_its_design_outside_its_outline(): void
    {
        $drawn = 0;
        foreach (Decoration::query()->whereNotNull('artwork_id')->with('line')->get() as $decoration) {
            foreach (DB::table('pieces')->where('decoration_id', $decoration->id)->distinct()->pluck('size') as $size) {
                $html = (string) $this->get("/setup/{$decoration->id}?size={$size}")
                    ->assertOk()
                    ->getContent();
                $svg = self::drawing($html, str_contains($html, 'id="cap-flat"') ? 'cap-flat' : 'on-garment');
                $outline = self::outline($svg);
                $design = self::first($svg, '//*[@class="design"]');
                [$x, $y, $width, $height] = array_map(
                    static fn(string $name): float => (float) $design["data-{$name}"],
                    ['x', 'y', 'width', 'height'],
                );
                foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$h, $v]) {
                    self::assertTrue(
                        self::inside($outline, $x + ($h * $width) / 2, $y + ($v * $height) / 2),
                        "decoration {$decoration->id} in size {$size}: the corner {$h} {$v} is off the cloth",
                    );
                }
                $drawn++;
            }
        }
        self::assertGreaterThan(25, $drawn);
    }

    /** Frames are named as they are printed, and beside what a tape is laid on both are said. */
    #[Test]
    public function in_a_shop_that_works_in_inches_no_sheet_speaks_of_millimetres_alone(): void
    {
        $this->put('/shop/rules', ['schools' => ['units' => 'inch']])->assertSessionHasNoErrors();
        $caps = 0;
        foreach (Decoration::query()->whereNotNull('artwork_id')->pluck('id') as $id) {
            $html = (string) $this->get("/setup/{$id}")
                ->assertOk()
                ->getContent();
            $caps += (int) str_contains($html, 'cap-flat');
            $words = preg_replace('~\s+~', ' ', strip_tags($html)) ?? '';
            $words = preg_replace('~\(\d+ mm\)|\d+ × \d+ mm · towards~u', '', $words) ?? '';
            self::assertDoesNotMatchRegularExpression('~[\d.]+ mm\b|, mm\b~', $words, "decoration {$id}");
        }
        self::assertGreaterThan(0, $caps);
        $page = (string) $this->get('/artwork')->assertSee(' in')->getContent();
        self::assertStringNotContainsString(' mm', (string) preg_replace('~<script[^>]*id="words".*?</script>~s', '', $page));
    }

    #[Test]
    public function the_measured_lines_are_as_long_as_the_numbers_beside_them_in_every_size(): void
    {
        $hoodies = self::decoration(self::hoodies());
        $downs = [];
        foreach (['S', 'M', 'L', 'XL'] as $size) {
            $html = (string) $this->get("/setup/{$hoodies->id}?size={$size}")->getContent();
            $svg = self::drawing($html, 'on-garment');
            self::assertSame($size, (string) $svg['data-size']);
            $down = self::first($svg, '//*[@class="measured"]/*[@class="down"]');
            preg_match('~^M[\d.-]+ ([\d.-]+)V([\d.-]+)$~', (string) $down['d'], $ends);
            $said = (float) self::first($svg, '//*[local-name()="text"][@class="down"]');
            self::assertEqualsWithDelta(abs((float) $ends[2] - (float) $ends[1]), $said, 0.5);
            preg_match('~<strong\s+class="flex-1">([\d]+) mm down, ([\d]+) mm across~', $html, $placement);
            self::assertSame(
                round($said),
                (float) $placement[1],
                'the number in the list is the number in the drawing',
            );
            $across = self::first($svg, '//*[@class="across"]');
            preg_match('~^M([\d.-]+) [\d.-]+H([\d.-]+)$~', (string) $across['d'], $ends);
            self::assertEqualsWithDelta((float) $placement[2], abs((float) $ends[2] - (float) $ends[1]), 0.5);
            $downs[] = (float) $placement[1];
        }
        $sorted = $downs;
        sort($sorted);
        self::assertSame($sorted, $downs, 'a larger size is never measured less');
        self::assertGreaterThan($downs[0], $downs[3]);
    }

    #[Test]
    public function a_cap_is_drawn_flat_and_from_the_front_by_the_same_numbers(): void
    {
        $cap = self::decoration(self::caps());
        $html = (string) $this->get("/setup/{$cap->id}")->getContent();
        $flat = self::drawing($html, 'cap-flat');
        $front = self::drawing($html, 'cap-front');
        $design = self::first($flat, '//*[@class="design"]');
        [$y, $width, $height] = array_map(static fn(string $name): float => (float) $design["data-{$name}"], [
            'y',
            'width',
            'height',
        ]);
        preg_match('~^M[\d.-]+ (-?[\d.]+)H~', (string) self::first($flat, '//*[@class="gap"]')['d'], $gap);
        preg_match('~^M[\d.-]+ (-?[\d.]+)H~', (string) self::first($flat, '//*[@class="limit"]')['d'], $limit);
        self::assertEqualsWithDelta(-(float) $gap[1], $y - $height / 2, 0.02, 'it stands on the gap');
        self::assertGreaterThanOrEqual($y + $height / 2, -(float) $limit[1], 'and under the limit');

        // x' = r sin(x / r); a cap of 582 mm round, as the catalogue has it.
        $r = 582 / (2 * M_PI);
        self::assertEqualsWithDelta($r, (float) $front['data-radius'], 0.01);
        preg_match('~^M(-?[\d.]+) ~', (string) self::first($front, '//*[@class="edge"]')['d'], $edge);
        self::assertEqualsWithDelta(-$r * sin($width / 2 / $r), (float) $edge[1], 0.02);
        $strips = $front->xpath('//*[@class="strip"]') ?: [];
        self::assertCount(24, $strips);
        self::assertEqualsWithDelta(
            2 * $r * sin($width / 2 / $r),
            array_sum(array_map(static fn(SimpleXMLElement $strip): float => (float) $strip['width'], $strips)),
            0.2,
        );
        self::assertLessThan(
            (float) $strips[12]['width'],
            (float) $strips[0]['width'],
            'what is nearer the side is seen narrower',
        );
    }

    #[Test]
    public function a_clamp_shows_its_true_centre_beside_what_the_machine_takes_for_it(): void
    {
        $frame = Frame::query()->where('code', 'P-10')->firstOrFail();
        $apron = self::decoration(self::aprons());
        $apron->update([
            'position' => 'pocket',
            'artwork_id' => Artwork::query()->where('name', 'Paddle mark')->value('id'),
        ]);
        $html = (string) $this->get("/setup/{$apron->id}?frame=P-10")
            ->assertSee('what the machine takes for its centre')
            ->getContent();
        $svg = self::drawing($html, 'in-frame');
        $machine = self::first($svg, '//*[@id="machine-centre"]');
        self::assertSame(
            [-$frame->offset_x_mm, -$frame->offset_y_mm],
            [(float) $machine['data-x'], (float) $machine['data-y']],
        );
        // Of the four corners the clearance is written: no less than the slack of the two sides that meet there.
        $corners = array_map(floatval(...), $svg->xpath('//*[@class="corner"]') ?: []);
        self::assertCount(4, $corners);
        preg_match(
            '~Slack in the window: left (-?[\d.]+), right (-?[\d.]+), top (-?[\d.]+), bottom (-?[\d.]+)~',
            $html,
            $slack,
        );
        foreach ([[1, 3], [2, 3], [2, 4], [1, 4]] as $i => [$side, $end]) {
            self::assertGreaterThanOrEqual(
                hypot((float) $slack[$side], (float) $slack[$end]) - 0.1,
                $corners[$i],
                "corner {$i}",
            );
        }
    }

    #[Test]
    public function a_leg_is_sewn_in_the_hoopings_that_are_drawn_with_a_template_mark_for_each(): void
    {
        $leg = Decoration::query()->where('position', 'leg')->orderBy('id')->firstOrFail();
        $html = (string) $this->get("/setup/{$leg->id}")
            ->assertSee('along the tube')
            ->getContent();
        $svg = self::drawing($html, 'along-tube');
        $marks = array_map(
            static fn(SimpleXMLElement $one): float => (float) $one['data-mark'],
            $svg->xpath('//*[@class="hooping"]') ?: [],
        );
        self::assertSame((string) count($marks), (string) $svg['data-hoopings']);
        self::assertGreaterThan(1, count($marks));
        preg_match_all('~<td>(\d+) mm [^<]*from the waistband, on the outer seam or crease</td>~', $html, $said);
        self::assertSame(array_map(static fn(float $mark): string => (string) round($mark), $marks), $said[1]);
        $outline = self::outline($svg);
        foreach ($svg->xpath('//*[local-name()="image"]') ?: [] as $image) {
            // The picture has two millimetres of room on every side.
            [$x, $y, $w, $h] = array_map(static fn(string $name): float => (float) $image[$name], [
                'x',
                'y',
                'width',
                'height',
            ]);
            foreach (
                [[$x + 2, $y + 2], [$x + $w - 2, $y + 2], [$x + 2, $y + $h - 2], [$x + $w - 2, $y + $h - 2]] as [$px, $py]
            ) {
                self::assertTrue(self::inside($outline, $px, -$py));
            }
        }
    }

    #[Test]
    public function a_place_that_is_kept_for_one_design_along_a_leg_leaves_the_others_where_they_are(): void
    {
        $legs = Decoration::query()->where('position', 'leg')->orderBy('id')->get();
        self::assertCount(3, $legs);
        $starts = function () use ($legs): array {
            app()->forgetScopedInstances();
            $html = (string) $this->get("/setup/{$legs[0]->id}")->getContent();
            preg_match_all('~<td>(\d+) mm [^<]*from the waistband~', $html, $marks);

            return $marks[1];
        };
        $before = $starts();
        $size = $legs[0]->pieces()->value('size');
        // The last of the three, which is the first artwork once more, is put far down the leg.
        $this->put("/setup/{$legs[2]->id}/placement", [
            'size' => $size,
            'peg' => '',
            'down' => '620',
            'across' => '0',
        ])->assertSessionHasNoErrors();
        $after = $starts();

        self::assertSame(array_slice($before, 0, 2), array_slice($after, 0, 2));
        self::assertGreaterThanOrEqual(620, (int) end($after));
        $this->get("/setup/{$legs[0]->id}")
            ->assertDontSee('It fits no frame')
            ->assertSee(' mm between ');
        // On top of the first it is refused, with how much.
        $this->put("/setup/{$legs[2]->id}/placement", ['size' => $size, 'peg' => '', 'down' => '330', 'across' => '0']);
        $this->get("/setup/{$legs[0]->id}")->assertSee(' overlap by ');
    }

    #[Test]
    public function every_frame_of_the_table_is_drawn_with_the_slack_that_is_written(): void
    {
        $polo = self::decoration(self::polos());
        foreach (Frame::query()->where('driver', 'flat')->pluck('code') as $code) {
            $html = (string) $this->get("/setup/{$polo->id}?frame={$code}")->getContent();
            preg_match(
                '~Slack in the window: left (-?[\d.]+), right (-?[\d.]+), top (-?[\d.]+), bottom (-?[\d.]+)~',
                $html,
                $slack,
            );
            $svg = self::drawing($html, 'in-frame');
            $written = array_map(strval(...), array_slice($svg->xpath('//*[local-name()="text"]') ?: [], 0, 4));
            self::assertSame(array_slice($slack, 1), $written, (string) $code);
        }
    }

    #[Test]
    public function the_sheet_on_paper_has_what_the_workroom_needs(): void
    {
        $polo = self::decoration(self::polos());
        $this->get("/setup/{$polo->id}/paper")
            ->assertOk()
            ->assertSee('holes 2 and 2, select a')
            ->assertSee('Print it')
            ->assertSee('Position:')
            ->assertSee('peg 12')
            ->assertSee('trained people decide');
        $this->get('/setup/'.self::decoration(self::blankets())->id.'/paper')->assertRedirect(
            '/orders/'.self::blankets()->number,
        );
    }

    #[Test]
    public function the_desk_says_the_same_of_every_size_as_the_table_shows(): void
    {
        $hoodies = self::decoration(self::hoodies())->loadForSetup();
        $sheet = app(DecorationSetups::class)->sheet($hoodies, size: Size::XL);
        self::assertSame(Size::XL, $sheet->row->size);
        self::assertSame(
            ['S', 'M', 'L', 'XL'],
            array_map(static fn($row): string => $row->size->value, $sheet->sizes->rows),
        );
        self::assertSame([3, 5, 5, 2], array_map(static fn($row): int => $row->pieces, $sheet->sizes->rows));
    }

    private static function drawing(string $html, string $id): SimpleXMLElement
    {
        $page = new DOMDocument();
        // The parser is older than some of the elements.
        $page->loadHTML($html, LIBXML_NOERROR);
        $element = $page->getElementById($id);
        self::assertNotNull($element, "there is no {$id}");
        $svg = simplexml_load_string((string) $page->saveXML($element));
        self::assertNotFalse($svg);

        return $svg;
    }

    private static function first(SimpleXMLElement $svg, string $path): SimpleXMLElement
    {
        $found = $svg->xpath($path) ?: [];
        self::assertNotSame([], $found, "there is no {$path}");

        return $found[0];
    }

    /** @return list<array{float, float}> */
    private static function outline(SimpleXMLElement $svg): array
    {
        return array_map(static function (string $pair): array {
            [$x, $y] = explode(' ', $pair);

            return [(float) $x, -(float) $y];
        }, explode('L', trim((string) self::first($svg, '//*[@class="cloth-edge"]')['d'], 'MZ')));
    }

    /**
     * @param list<array{float, float}> $outline by the crossings of a ray to the right; what lies on the edge to a
     *     hundredth counts as on the cloth
     */
    private static function inside(array $outline, float $x, float $y): bool
    {
        $in = false;
        for ($i = 0, $j = count($outline) - 1; $i < count($outline); $j = $i++) {
            [[$x1, $y1], [$x2, $y2]] = [$outline[$j], $outline[$i]];
            $along = max(
                0.0,
                min(
                    1.0,
                    (($x - $x1) * ($x2 - $x1) + ($y - $y1) * ($y2 - $y1)) /
                        max(1e-9, ($x2 - $x1) ** 2 + ($y2 - $y1) ** 2),
                ),
            );
            if (hypot($x - $x1 - $along * ($x2 - $x1), $y - $y1 - $along * ($y2 - $y1)) < 0.02) {
                return true;
            }
            if ($y1 > $y !== $y2 > $y && $x < $x1 + (($y - $y1) / ($y2 - $y1)) * ($x2 - $x1)) {
                $in = ! $in;
            }
        }

        return $in;
    }
}
