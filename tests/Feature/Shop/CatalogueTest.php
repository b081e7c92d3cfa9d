<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Foundation\Words\Words;
use App\Garment\Models\GarmentStyle;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use Hakama\House\Question;
use Hakama\Setup\Notes\SchoolTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class CatalogueTest extends FeatureTestCase
{
    /** @return iterable<string, array{string}> */
    public static function lists(): iterable
    {
        foreach (['garments', 'frames', 'machines', 'positions'] as $list) {
            yield $list => [$list];
        }
    }

    #[Test]
    #[DataProvider('lists')]
    public function a_list_that_is_saved_and_read_again_changes_nothing(string $list): void
    {
        $this->get("/shop/catalogue/{$list}")
            ->assertOk()
            ->assertSee('Download CSV');
        $csv = (string) $this->get("/shop/catalogue/{$list}.csv")
            ->assertOk()
            ->getContent();
        self::assertGreaterThan(1, substr_count($csv, "\n"));
        $this->post("/shop/catalogue/{$list}", [
            'list' => self::upload($csv, "{$list}.csv"),
        ])->assertSessionHasNoErrors();
        self::assertSame($csv, $this->get("/shop/catalogue/{$list}.csv")->getContent());
    }

    #[Test]
    public function new_measures_come_in_and_the_drawing_goes_by_them(): void
    {
        $csv =
            "style;garment;fabric;size;chest_width_mm;unit_value\nLanding;polo;pique;M;601;15.20\nJetty;tee;jersey;S;470;8\n";
        $this->post('/shop/catalogue/garments', ['list' => self::upload($csv, 'new.csv')])
            ->assertSessionHasNoErrors()
            ->assertSessionHas('done', '2 rows imported.');
        self::assertSame(
            ['chest_width' => 601],
            GarmentStyle::query()->where('name', 'Landing')->sole()->measures['M'],
        );
        self::assertSame(800, GarmentStyle::query()->where('name', 'Jetty')->sole()->unit_value_cents);
        $page = (string) $this->get('/setup/'.self::decoration(self::polos())->id.'?size=M')->getContent();
        preg_match('~id="on-garment".*?class="cloth-edge" d="M([^"]*)Z"~s', $page, $found);
        $xs = array_map(static fn(string $pair): float => (float) explode(' ', $pair)[0], explode('L', $found[1]));
        $ys = array_map(static fn(string $pair): float => (float) explode(' ', $pair)[1], explode('L', $found[1]));
        $hem = array_keys($ys, max($ys), true);
        self::assertEqualsWithDelta(
            601.0,
            max(array_map(static fn(int $i): float => $xs[$i], $hem)) -
                min(array_map(static fn(int $i): float => $xs[$i], $hem)),
            0.1,
            'the body is as wide as it was measured',
        );
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unfit(): iterable
    {
        yield 'a measure that is none' => [
            'garments',
            "style,garment,fabric,size,chest_width_mm\nNew,polo,pique,M,540\nOther,polo,pique,M,wide\n",
            'Row 3, chest_width_mm: must be a number',
        ];
        yield 'a garment nobody knows' => [
            'garments',
            "style,garment,fabric,size\nNew,yurt,pique,M\n",
            'Row 2, garment: is not a known value',
        ];
        yield 'a style that is two things' => [
            'garments',
            "style,garment,fabric,size\nNew,polo,pique,M\nNew,tee,jersey,L\n",
            'New appears twice with different values',
        ];
        yield 'a foreign column' => [
            'garments',
            "style,garment,fabric,size,taste\nNew,polo,pique,M,good\n",
            'taste is unknown',
        ];
        yield 'nothing but a head' => ['garments', "style,garment,fabric,size\n", 'The file has no rows'];
        yield 'a window larger than its frame' => [
            'frames',
            "code,name,kind,driver,outer_width_mm,outer_height_mm,window_width_mm,window_height_mm,count\nQ-1,New,square,flat,100,100,120,90,1\n",
            'the window is larger than the frame',
        ];
        yield 'a driver that is none' => [
            'frames',
            "code,name,kind,driver,outer_width_mm,outer_height_mm,window_width_mm,window_height_mm,count\nQ-1,New,square,rope,100,100,80,80,1\n",
            'Row 2, driver',
        ];
        yield 'nothing at all' => ['frames', '', 'The file has no rows'];
    }

    #[Test]
    #[DataProvider('unfit')]
    public function a_list_with_a_mistake_is_refused_whole_and_says_where(string $list, string $csv, string $said): void
    {
        $before = [GarmentStyle::query()->get()->toArray(), Frame::query()->get()->toArray()];
        $this->post("/shop/catalogue/{$list}", ['list' => self::upload($csv, 'bad.csv')])->assertSessionHasErrors(
            'list',
        );
        self::assertStringContainsString($said, (string) session('errors')?->first('list'));
        self::assertStringContainsString('Nothing was changed.', (string) session('errors')?->first('list'));
        self::assertSame($before, [GarmentStyle::query()->get()->toArray(), Frame::query()->get()->toArray()]);
    }

    #[Test]
    public function what_is_no_list_is_refused(): void
    {
        $this->post('/shop/catalogue/garments')->assertSessionHasErrors(['list' => 'Choose a file.']);
        $this->post('/shop/catalogue/garments', ['list' => self::upload('x', 'picture.png')])->assertSessionHasErrors([
            'list' => 'Upload a .csv file.',
        ]);
        $this->get('/shop/catalogue/hats')->assertNotFound();
        $this->get('/shop/catalogue/hats.csv')->assertNotFound();
    }

    #[Test]
    public function one_garment_is_changed_with_all_its_sizes_on_one_form(): void
    {
        $this->get('/shop/catalogue/garments/one?name=Landing')
            ->assertOk()
            ->assertSee('value="535"', false)
            ->assertSee('Measures by size');
        $this->put('/shop/catalogue/garments/one', [
            'style' => 'Landing',
            'garment' => 'polo',
            'fabric' => 'pique',
            'unit_value' => '16',
            'sizes' => ['M' => ['chest_width_mm' => '540'], 'S' => ['chest_width_mm' => '']],
        ])->assertSessionHasNoErrors();
        $style = GarmentStyle::query()->where('name', 'Landing')->sole();
        self::assertSame([540, 1600], [(int) $style->measures['M']['chest_width'], $style->unit_value_cents]);
        $this->put('/shop/catalogue/garments/one', [
            'style' => 'Landing',
            'garment' => 'polo',
            'fabric' => 'pique',
            'sizes' => ['M' => ['chest_width_mm' => '-4']],
        ])->assertSessionHasErrors('chest_width_mm');
        $this->put('/shop/catalogue/garments/one', [
            'style' => '',
            'garment' => '',
            'fabric' => '',
        ])->assertSessionHasErrors('style');
    }

    #[Test]
    public function a_machine_s_own_time_for_a_driver_is_what_the_plan_and_the_setup_go_by(): void
    {
        $csv = (string) $this->get('/shop/catalogue/machines.csv')->getContent();
        $this->post('/shop/catalogue/machines', [
            'list' => self::upload(str_replace('12', '21', $csv), 'machines.csv'),
        ])->assertSessionHasNoErrors();
        self::assertSame(['cap>flat' => 21], Machine::query()->where('code', 'M1')->sole()->driver_min);
        self::assertSame(21 * 60, self::board()->workload()->lanes['M1']->driverS['cap>flat'] ?? null);
    }

    #[Test]
    public function every_school_says_what_it_changes(): void
    {
        $page = $this->get('/shop')->assertOk()->assertSee('(your choice)');
        foreach (Question::cases() as $question) {
            foreach ($question->schools() as $school) {
                $changes = SchoolTable::changes($question, $school);
                self::assertNotSame([], $changes, "{$question->value}: {$school->value} changes nothing");
                $page->assertSee(Words::say($changes[0]));
            }
        }
    }
}
