<?php

declare(strict_types=1);

namespace Tests\Feature\Stock;

use App\Stock\Actions\ThreadShelf;
use App\Stock\Models\Cone;
use App\Stock\Models\Thread;
use App\Stock\ShelfList;
use Hakama\Thread\ShelfRow;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class ThreadShelfTest extends FeatureTestCase
{
    #[Test]
    public function the_shelf_says_what_runs_short_and_at_which_batch(): void
    {
        // 610 m of Mere, and ten backs of a lake want more; the cone is used up, one of 5000 m comes.
        $this->get('/shop/threads')->assertOk()->assertSee('D-16 Mere runs short at B-')->assertSee('A1 behind');
        $this->get('/shop/threads/needs')->assertOk()->assertSee('By order')->assertSee('Bobbins');
        $this->post('/shop/threads', [
            'code' => 'D-16',
            'name' => 'Mere',
            'colour' => '#316d8c',
            'weight' => 40,
            'cone' => 2,
            'shelf' => 'B8',
            'metres_left' => 5000,
        ])->assertSessionHasNoErrors();
        $this->get('/shop/threads')->assertSee('There is enough thread for everything planned');
    }

    #[Test]
    public function a_field_says_what_was_wrong_with_it_and_keeps_what_was_typed(): void
    {
        $page = $this->from('/shop/threads')
            ->followingRedirects()
            ->post('/shop/threads', [
                'code' => 'N-3',
                'name' => 'Reed',
                'colour' => '#223344',
                'weight' => 'thick & heavy',
                'metres_left' => 900,
            ])
            ->assertOk();
        preg_match('/<input id="weight"[^>]*>/', (string) $page->getContent(), $found);
        self::assertStringContainsString('aria-invalid="true" aria-describedby="wrong-weight"', $found[0] ?? '');
        self::assertStringContainsString('value="thick &amp; heavy"', $found[0] ?? '');
        $page->assertSee('id="wrong-weight"', false);
        preg_match('/<input id="name"[^>]*>/', (string) $page->getContent(), $right);
        self::assertStringContainsString('value="Reed"', $right[0] ?? '');
        self::assertStringNotContainsString('aria-invalid', $right[0] ?? '');
        // Everything that is wrong is said at once, each at its field.
        $this->post('/shop/threads', ['code' => '', 'name' => 'Reed', 'colour' => 'reed', 'weight' => '4'])
            ->assertSessionHasErrors(['code', 'colour', 'weight', 'metres_left'])
            ->assertSessionDoesntHaveErrors(['name', 'cone', 'shelf']);
    }

    #[Test]
    public function a_load_that_is_sewn_is_taken_off_the_cones_once(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $token = ['Authorization' => 'Bearer '.\Database\Demo\DemoShop::token('M1')];
        $wick = Thread::query()->where('code', 'D-05')->firstOrFail();
        $before = (float) $wick->cones()->sum('metres_left');
        $block = $batch->decoration->artwork?->blocks()->where('thread_id', $wick->id)->firstOrFail();
        $todo = $this->getJson('/machines/instruction', $token)->json();
        $sewn = [
            'id' => (string) \Illuminate\Support\Str::uuid(),
            'load' => $todo['load'],
            'kind' => 'sewn',
            'stitch' => 5399,
            'clock_s' => 700,
        ];
        $this->postJson('/machines/reports', $sewn, $token)->assertOk();
        $this->postJson('/machines/reports', $sewn, $token)->assertOk();

        // One piece: 1.05 of the length and 1.6 mm a stitch, kept to a tenth of a millimetre.
        self::assertEqualsWithDelta(
            $before - (1.05 * $block->length_mm + 1.6 * $block->stitches) / 1000,
            (float) $wick->cones()->sum('metres_left'),
            1e-4,
        );
    }

    #[Test]
    public function a_cone_is_typed_in_and_taken_off(): void
    {
        $this->post('/shop/threads', [
            'code' => 'N-1',
            'name' => 'Night heron',
            'colour' => '#223344',
            'weight' => 40,
            'metres_left' => 900,
            'shelf' => 'F2',
        ])->assertSessionHasNoErrors();
        $thread = Thread::query()->where('code', 'N-1')->firstOrFail();
        self::assertSame(900, $thread->load('cones')->metresLeft());
        $this->delete("/shop/threads/cones/{$thread->cones[0]->id}")->assertRedirect();
        self::assertSame(0, Cone::query()->where('thread_id', $thread->id)->count());

        foreach (
            [
                ['code' => ''],
                ['name' => ''],
                ['colour' => 'blue'],
                ['weight' => 4],
                ['metres_left' => -1],
                ['metres_left' => 'many'],
                ['cone' => 0],
            ] as $wrong
        ) {
            $this->post('/shop/threads', [
                'code' => 'N-2',
                'name' => 'x',
                'colour' => '#223344',
                'weight' => 40,
                'metres_left' => 900,
                ...$wrong,
            ])->assertSessionHasErrors(array_key_first($wrong));
        }
        self::assertFalse(Thread::query()->where('code', 'N-2')->exists());
    }

    #[Test]
    public function a_list_written_here_is_read_here_and_changes_nothing(): void
    {
        Thread::query()
            ->where('code', 'D-02')
            ->update(['name' => '=HYPERLINK("x")']);
        foreach (['csv', 'xlsx'] as $kind) {
            $bytes = (string) $this->get("/shop/threads/list.{$kind}")
                ->assertOk()
                ->getContent();
            if ($kind === 'csv') {
                self::assertStringContainsString("\"'=HYPERLINK", $bytes, 'what a spreadsheet would run is quoted');
            }
            $page = $this->import($bytes, "threads.{$kind}");
            $page
                ->assertSee('0 cones to add, 0 to change, 44 unchanged')
                ->assertSee('the shelf matches the list')
                ->assertDontSee('Import');
        }
    }

    #[Test]
    public function a_list_is_shown_before_it_is_taken_over(): void
    {
        $csv =
            "Code;Name;Colour;Weight;Cone;Place;Metres ".
            "left\nD-01;Ink;#1d2433;40;1;A1;450\nX-9;Kingfisher;#1277a0;60;;Z1;1200\nX-8;Bad;teal;40;1;;5\n\n";
        $ink = Thread::query()->where('code', 'D-01')->firstOrFail();
        $ink->cones()
            ->where('number', 1)
            ->update(['metres_left' => 600.4]);
        $csv = str_replace(';Ink;#1d2433', ";{$ink->name};{$ink->hex}", $csv);
        $page = $this->import($csv, 'new.csv');
        $page
            ->assertSee('changes: metres left 600 → 450')
            ->assertSee('Kingfisher')
            ->assertSee('new: weight 60, 1200 m at Z1')
            ->assertSee('Row 4. colour: “teal” is no colour', false)
            ->assertSee('1 cone to add, 1 to change');
        self::assertFalse(Thread::query()->where('code', 'X-9')->exists(), 'nothing is changed by looking');

        $this->take($page)->assertRedirect('/shop/threads');
        self::assertSame(
            [60, 1200],
            [
                Thread::query()->where('code', 'X-9')->firstOrFail()->weight,
                Thread::query()->with('cones')->where('code', 'X-9')->firstOrFail()->metresLeft(),
            ],
        );
        self::assertEquals(450, $ink->cones()->where('number', 1)->value('metres_left'));
        self::assertSame(40 + 1, Thread::query()->count(), 'what the list does not name is left alone');
    }

    #[Test]
    public function a_shelf_that_changed_meanwhile_is_looked_at_again(): void
    {
        $page = $this->import("code,name,colour,weight,metres_left\nD-40,Late,#112233,40,10\n", 'a.csv');
        // A machine that sews from the shelf changes nothing that was looked at; somebody who measures a cone does.
        $seen = ThreadShelf::sign();
        Cone::query()->update(['metres_left' => 90]);
        self::assertSame($seen, ThreadShelf::sign());
        $this->travel(1)->minutes();
        $this->post('/shop/threads', [
            'code' => 'D-04',
            'name' => 'Pewter',
            'colour' => '#8a8f98',
            'weight' => 40,
            'metres_left' => 3,
        ]);
        $this->take($page)->assertSessionHas('problem');
        self::assertFalse(Thread::query()->where('code', 'D-40')->exists());
    }

    #[Test]
    public function what_is_no_list_is_refused_with_what_is_missing(): void
    {
        foreach (
            [
                ['a,b', 'x.csv', 'missing: code'],
                ["\0\1\2", 'x.csv', 'The file is not text. Save it as CSV'],
                ['no zip', 'x.xlsx', 'not an XLSX file'],
                [str_repeat('x', 10), 'x.pdf', 'Upload a .csv, .xlsx file'],
            ] as [$bytes, $name, $why]
        ) {
            $this->post('/shop/threads/list', ['list' => self::upload($bytes, $name)])->assertSessionHasErrors('list');
            self::assertStringContainsString($why, (string) session('errors')?->first('list'));
        }
        $page = $this->import(
            "code,name,colour,weight,cone,metres_left\nA,a,#111111,40,1,5\nA,a,#111111,40,1,6\nB,b,#111111,40,1,5\nB,c,#111111,40,2,5\n",
            'twice.csv',
        );
        $page->assertSee('A, cone 1 is in the list twice')->assertSee('B has different names, colours or weights');
        $this->take($page)->assertSessionHasErrors('list');
        $this->get('/shop/threads/list/'.str_repeat('a', 24))->assertRedirect('/shop/threads');
    }

    #[Test]
    public function an_xlsx_of_another_hand_is_read_by_its_first_row(): void
    {
        $xlsx = ShelfList::xlsx([new ShelfRow('Y-1', 'Grebe', '#445566', 40, 1, 'Q1', 700)]);
        $this->import($xlsx, 'grebe.xlsx')->assertSee('Grebe')->assertSee('new: weight 40, 700 m at Q1');
    }

    #[Test]
    public function a_list_without_end_or_that_unpacks_to_mountains_is_refused(): void
    {
        $rows = "code,name,colour,weight,metres_left\n".str_repeat("A,a,#111111,40,5\n", ShelfList::MOST_ROWS + 2);
        $this->post('/shop/threads/list', ['list' => self::upload($rows, 'long.csv')])->assertSessionHasErrors([
            'list' => 'This is not a thread list. list: It has more than 5000 rows.',
        ]);

        $path = (string) tempnam(sys_get_temp_dir(), 'bomb');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('xl/worksheets/sheet1.xml', str_repeat('0', 70 * 1024 * 1024));
        $zip->close();
        self::assertLessThan(1024 * 1024, filesize($path));
        $this->post('/shop/threads/list', [
            'list' => self::upload((string) file_get_contents($path), 'bomb.xlsx'),
        ])->assertSessionHasErrors([
            'list' => 'This is not a thread list. list: It would unpack to far more than any thread shelf.',
        ]);
        unlink($path);
    }

    #[Test]
    public function a_list_in_the_letters_of_an_old_spreadsheet_is_read(): void
    {
        $this->import(
            (string) mb_convert_encoding(
                "code;name;colour;weight;metres_left\nG-1;Grünspecht;#4a7a3a;40;300\n",
                'Windows-1252',
                'UTF-8',
            ),
            'old.csv',
        )->assertSee('Grünspecht');
    }

    #[Test]
    public function five_threads_stand_side_by_side_on_the_cloth(): void
    {
        $page = (string) $this->get('/shop/threads/match?hex=%231f3f66&cloth=%23efe6cf')
            ->assertSee('D-12')
            ->assertSee('the same')
            ->getContent();
        self::assertSame(6, substr_count($page, 'class="thread-strip"'));
        self::assertStringContainsString('data-cloth="#efe6cf"', $page);
        // Like another thread: itself is no answer; only of one weight.
        $this->get('/shop/threads/match?like=D-65&weight=40')
            ->assertSee('asked for: D-65 Ember fine')
            ->assertSee('<strong>D-09</strong>', false)
            ->assertDontSee('<strong>D-65</strong>', false)
            ->assertDontSee('<strong>D-66</strong>', false);
        $this->get('/shop/threads/match?hex=sea')->assertSee('is no colour');
    }

    /** @return TestResponse<\Illuminate\Http\Response> the preview */
    private function import(string $bytes, string $name): TestResponse
    {
        return $this->followingRedirects()
            ->post('/shop/threads/list', ['list' => self::upload($bytes, $name)])
            ->assertOk();
    }

    /**
     * @param TestResponse<\Illuminate\Http\Response> $preview
     *
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function take(TestResponse $preview): TestResponse
    {
        $this->followRedirects = false;
        preg_match('~action="[^"]*(/shop/threads/list/\w+)"~', (string) $preview->getContent(), $action);
        preg_match('~name="seen" value="(\w+)"~', (string) $preview->getContent(), $seen);

        return $this->post($action[1] ?? '', ['seen' => $seen[1] ?? ThreadShelf::sign()]);
    }
}
