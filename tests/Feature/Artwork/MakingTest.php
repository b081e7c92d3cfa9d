<?php

declare(strict_types=1);

namespace Tests\Feature\Artwork;

use App\Artwork\Models\Artwork;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\Paper;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\StopStep;
use Hakama\Artwork\Template;
use Hakama\Artwork\Variant;
use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\RecordKind;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Vector\SvgReader;
use Hakama\Stitch\Vector\VectorRules;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class MakingTest extends FeatureTestCase
{
    #[Test]
    public function the_best_sheet_for_a_quantity_is_proposed_from_the_frames_there_are(): void
    {
        $bell = \App\Artwork\Models\Artwork::query()->where('name', 'Ringers’ bell')->firstOrFail();
        $page = $this->get("/artwork/{$bell->id}/make/sheets?for=48")
            ->assertOk()
            ->assertSee('Lay out');
        // Forty-eight are never forty-eight sheets where a frame takes several.
        $page->assertSeeInOrder(['Per sheet', 'Sheets', 'Time'])->assertDontSee('>48</td>', false);
        $this->get("/artwork/{$bell->id}/make?frame=S-30&columns=3&rows=2&for=48")
            ->assertOk()
            ->assertSee('Number of pieces');
        foreach (['0', '-3', 'many', '99999'] as $bad) {
            $this->get("/artwork/{$bell->id}/make/sheets?for={$bad}")
                ->assertOk()
                ->assertSee('Number of pieces');
        }
    }

    #[Test]
    public function copies_regrouped_are_worked_out_before_anything_is_kept(): void
    {
        $sprig = self::artwork('Seed sprig');
        $count = Artwork::query()->count();
        $page = $this->get("/artwork/{$sprig->id}/make/preview?columns=3&rows=2&gap=5&regroup=1")->assertOk();

        // Six copies of three blocks: 17 changes in file order, 2 regrouped.
        self::assertMatchesRegularExpression(
            '~In file order</td> <td class="num">[^<]*</td> <td class="num">17</td>~',
            (string) $page->getContent(),
        );
        $page->assertSee('3 × 2 = 6 copies')->assertSee('<strong>15</strong>', false);
        self::assertSame($count, Artwork::query()->count());
        $this->get("/artwork/{$sprig->id}/make/preview?frame=R-9&columns=3")
            ->assertSee('and the field is 76.0 × 76.0 mm')
            ->assertSee('Nothing was made');
        $this->get("/artwork/{$sprig->id}/make/preview?frame=S-30&most=1&regroup=1&gap=5")->assertSee(
            '7 × 3 = 21 copies',
        );
        $this->get("/artwork/{$sprig->id}/make/preview?stops=999999")->assertSee(
            'There is no stitch after stitch 999999',
        );
        $this->get("/artwork/{$sprig->id}/make/preview?columns=99")
            ->assertOk()
            ->assertSee('Copies across: 1 to 40.');
        $this->get('/artwork/'.self::artwork('Lake panorama')->id.'/make/preview?columns=8&rows=8')->assertSee(
            'a machine takes at most',
        );
    }

    #[Test]
    public function what_is_made_is_kept_with_its_artwork_and_its_threads(): void
    {
        $sprig = self::artwork('Seed sprig');
        $this->post("/artwork/{$sprig->id}/make", [
            'columns' => 2,
            'rows' => 2,
            'gap' => 6,
            'regroup' => 1,
            'turn' => 90,
        ])->assertSessionHasNoErrors();
        $made = Artwork::query()->orderByDesc('id')->firstOrFail();

        self::assertSame(
            [$sprig->id, Variant::Copies, 4 * $sprig->stitches, 2],
            [$made->family_id, $made->variant, $made->stitches, $made->changes],
        );
        self::assertSame($sprig->blocks()->pluck('thread_id')->all(), $made->blocks()->pluck('thread_id')->all());
        self::assertEqualsWithDelta(
            [2 * $sprig->bounds()->height() + 6, 2 * $sprig->bounds()->width() + 6],
            [$made->bounds()->width(), $made->bounds()->height()],
            0.2,
        );
        $this->get("/artwork/{$made->id}")->assertSee(
            'Made from “Seed sprig”: turned 90°, 2 × 2 copies, regrouped by colour',
        );
        // The very same once more is known by its content.
        $this->post("/artwork/{$sprig->id}/make", [
            'columns' => 2,
            'rows' => 2,
            'gap' => 6,
            'regroup' => 1,
            'turn' => 90,
            'name' => $made->name,
        ])->assertSessionHasErrors('name');
    }

    #[Test]
    public function copies_halt_where_their_source_does_each_as_often_as_there_are_copies(): void
    {
        $leaf = self::artwork('Applied leaf');
        $leaf
            ->blocks()
            ->where('number', 3)
            ->update(['action' => StopAction::BrushLint]);
        $actions = static fn(Artwork $of): array => array_values(
            array_filter(
                array_map(
                    static fn(StopStep $step): ?StopAction => $step->halts() ? $step->action : null,
                    $of->load('blocks')->stopSheet(false)->steps,
                ),
            ),
        );
        self::assertSame([StopAction::LayCloth, StopAction::TrimCloth, StopAction::BrushLint], $actions($leaf));
        foreach ([[2, 1], [2, 2], [1, 3]] as [$columns, $rows]) {
            foreach ([0, 1] as $regroup) {
                $this->post("/artwork/{$leaf->id}/make", [
                    'columns' => $columns,
                    'rows' => $rows,
                    'gap' => 6,
                    'regroup' => $regroup,
                ])->assertSessionHasNoErrors();
                $made = Artwork::query()->latest('id')->firstOrFail();
                // Regrouped, each act is done once for all the copies; else once for each.
                $times = $regroup === 1 ? 1 : $columns * $rows;
                self::assertSame(
                    array_merge(...array_fill(0, $times, $actions($leaf))),
                    $actions($made),
                    "{$columns} × {$rows}, {$regroup}",
                );
            }
        }
    }

    #[Test]
    public function a_long_one_is_read_at_once_and_keeps_its_threads_and_roles(): void
    {
        \Illuminate\Support\Facades\Queue::fake();
        config(['shop.records_read_at_once' => 10]);
        $leaf = self::artwork('Applied leaf');
        $leaf
            ->blocks()
            ->where('number', 1)
            ->update(['role' => 'placement', 'action' => 'lay_cloth', 'note' => 'green felt']);
        $this->post("/artwork/{$leaf->id}/make", [
            'columns' => 2,
            'rows' => 1,
            'regroup' => 1,
        ])->assertSessionHasNoErrors();
        $made = Artwork::query()->orderByDesc('id')->firstOrFail();

        self::assertNotNull($made->read_at);
        self::assertSame($leaf->blocks()->pluck('thread_id')->all(), $made->blocks()->pluck('thread_id')->all());
        self::assertSame(
            [BlockRole::Placement, 'green felt'],
            [$made->blocks()->first()?->role, $made->blocks()->first()?->note],
        );
    }

    #[Test]
    public function mirroring_is_asked_twice_unless_there_is_no_lettering(): void
    {
        $sprig = self::artwork('Seed sprig');
        $this->get("/artwork/{$sprig->id}/make/preview?mirrored=1")->assertSee('can’t be read');
        $this->post("/artwork/{$sprig->id}/make", ['mirrored' => 1])->assertSessionHasErrors('sure');
        $this->get("/artwork/{$sprig->id}/make/tape.dst?mirrored=1")->assertRedirect();
        $this->post("/artwork/{$sprig->id}/make", ['mirrored' => 1, 'sure' => 1])->assertSessionHasNoErrors();
        $sprig->update(['lettering' => false]);
        $this->get("/artwork/{$sprig->id}/make/preview?mirrored=1")->assertDontSee('can’t be read');
    }

    #[Test]
    public function reading_back_what_was_written_gives_the_same_stitches(): void
    {
        foreach (['Seed sprig', 'Lantern row'] as $name) {
            $artwork = self::artwork($name);
            $tape = (string) $this->get("/artwork/{$artwork->id}/make/tape.dst?columns=2&rows=3&gap=4&regroup=1")
                ->assertOk()
                ->getContent();
            $figures = PatternFigures::of((new TapeReader())->fromString($tape), HouseRules::of()->measuring());
            self::assertSame(
                [6 * $artwork->stitches, $artwork->changes],
                [$figures->counts->stitches, $figures->counts->changes],
            );
            self::assertEqualsWithDelta(6 * $artwork->coreLengths()->totalMm(), $figures->lengths->totalMm(), 1e-6);

            // As a drawing and back: every needle point of 12.1 mm or less in its place.
            $svg = (string) $this->get("/artwork/{$artwork->id}/drawing.svg?download=1")
                ->assertHeader('Content-Disposition')
                ->getContent();
            $drawing = (new SvgReader(new VectorRules(stitchMm: 13)))->fromString($svg);
            self::assertSame(self::points($artwork->pattern()), self::points($drawing->pattern));
            self::assertSame($artwork->load('blocks.thread')->colours(), $drawing->colours);
        }
    }

    #[Test]
    public function a_drawing_comes_in_as_stitches_with_the_nearest_threads(): void
    {
        $svg =
            '<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 40"><g '.
            'stroke="#1f3f66" fill="none"><path d="M5 5h30v20h-30z"/></g><g stroke="#00ff00"><polyline points="5,30 '.
            '40,30"/></g><text>no</text></svg>';
        $this->post('/artwork', [
            'tape' => self::upload($svg, 'box plan.svg'),
            'name' => '',
        ])->assertSessionHasNoErrors();
        $artwork = Artwork::query()->with('blocks.thread')->orderByDesc('id')->firstOrFail();

        // 30 mm in ten stitches, 20 in seven, twice; 35 mm in twelve.
        self::assertSame([34, 12], $artwork->blocks->pluck('stitches')->all());
        self::assertSame('D-12', $artwork->blocks[0]->thread?->code);
        self::assertNull($artwork->blocks[1]->thread, 'no thread of the shelf passes for that green');
        $this->get("/artwork/{$artwork->id}")->assertSee('Left out, because only lines can be sewn: text.');
    }

    #[Test]
    public function a_hostile_drawing_is_refused_and_leaves_nothing(): void
    {
        $count = Artwork::query()->count();
        foreach (
            [
                '<svg><script>1</script></svg>',
                '<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]><svg><text>&a;</text></svg>',
                '<svg',
                'GIF89a',
            ] as $svg
        ) {
            $this->post('/artwork', [
                'tape' => self::upload($svg, 'x.svg'),
                'name' => 'Saved',
            ])->assertSessionHasErrors('tape');
            self::assertStringContainsString('“x.svg” cannot be sewn', (string) session('errors')?->first('tape'));
            self::assertSame('Saved', old('name'));
        }
        self::assertSame($count, Artwork::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function sheets(): iterable
    {
        yield 'A4' => ['Ferry roundel', 'a4'];
        yield 'Letter' => ['Applied leaf', 'letter'];
        yield 'on two sheets' => ['Lake panorama', 'a4'];
    }

    #[Test]
    #[DataProvider('sheets')]
    public function the_template_is_true_to_a_fifth_of_a_millimetre(string $name, string $paper): void
    {
        $artwork = self::artwork($name);
        $pdf = (string) $this->get("/artwork/{$artwork->id}/template.pdf?paper={$paper}")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')
            ->getContent();
        $size = Paper::from($paper);
        self::assertSame(1, preg_match('/MediaBox \[0(?:\.0+)? 0(?:\.0+)? ([\d.]+) ([\d.]+)\]/', $pdf, $box));
        self::assertEqualsWithDelta(
            [$size->widthMm(), $size->heightMm()],
            [((float) $box[1] / 72) * 25.4, ((float) $box[2] / 72) * 25.4],
            0.01,
        );

        $template = Template::of($artwork->bounds(), $size);
        $pages = self::pages($pdf);
        self::assertCount(count($template->tiles), $pages);
        foreach ($pages as $i => $lines) {
            // The rule: a level line of 50 mm in the foot of every sheet.
            $rules = array_filter(
                $lines,
                static fn(array $l): bool => abs($l[1] - $l[3]) < 0.01 && abs($l[1] - 12) < 0.01,
            );
            self::assertEqualsWithDelta(
                50.0,
                max(array_map(static fn(array $l): float => abs($l[2] - $l[0]), $rules)),
                0.01,
            );
            // The longest level line above it is that of the cross, 6 mm out on either side, in the middle of the
            // design.
            $level = array_filter($lines, static fn(array $l): bool => abs($l[1] - $l[3]) < 0.01 && $l[1] > 26);
            usort($level, static fn(array $a, array $b): int => abs($b[2] - $b[0]) <=> abs($a[2] - $a[0]));
            self::assertEqualsWithDelta($artwork->bounds()->width() + 12, abs($level[0][2] - $level[0][0]), 0.2);
            $centre = $template->tiles[$i]->onPaper($template->centre());
            self::assertEqualsWithDelta(
                [$centre->x, $size->heightMm() - $centre->y],
                [($level[0][0] + $level[0][2]) / 2, $level[0][1]],
                0.2,
            );
            // The outline: its corners are those of the hull, each where the sheet has it.
            foreach ($artwork->coreHull()->points as $corner) {
                $at = $template->tiles[$i]->onPaper($corner);
                $nearest = min(
                    array_map(
                        static fn(array $l): float => hypot($l[0] - $at->x, $l[1] - $size->heightMm() + $at->y),
                        $lines,
                    ),
                );
                self::assertLessThan(0.2, $nearest);
            }
        }
    }

    /** @return list<list<array{float, float, float, float}>> per page its lines in mm from the lower left corner */
    private static function pages(string $pdf): array
    {
        preg_match_all('/stream\n(.*?)\nendstream/s', $pdf, $streams);
        $pages = [];
        foreach ($streams[1] as $stream) {
            $text = (string) @gzuncompress($stream);
            if (preg_match_all('/([\d.-]+) ([\d.-]+) m ([\d.-]+) ([\d.-]+) l S/', $text, $found, PREG_SET_ORDER) > 0) {
                $pages[] = array_map(
                    static fn(array $line): array => array_map(
                        static fn(string $n): float => ((float) $n / 72) * 25.4,
                        array_slice($line, 1),
                    ),
                    $found,
                );
            }
        }

        return $pages;
    }

    /** @return list<array{int, int}> sewn points about the first of them */
    private static function points(\Hakama\Stitch\Pattern $pattern): array
    {
        $points = [];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === RecordKind::Stitch->value) {
                    $points[] = [$chunk->xs[$i], $chunk->ys[$i]];
                }
            }
        }

        return array_map(static fn(array $p): array => [$p[0] - $points[0][0], $p[1] - $points[0][1]], $points);
    }

    private static function artwork(string $name): Artwork
    {
        return Artwork::query()->where('name', $name)->firstOrFail();
    }
}
