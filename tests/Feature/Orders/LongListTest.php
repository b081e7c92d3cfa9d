<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Orders\Actions\ListedOrders;
use App\Orders\ImportState;
use App\Orders\Jobs\ImportOrders;
use App\Orders\Models\Order;
use App\Orders\Models\OrderImport;
use App\Orders\Models\Piece;
use App\Orders\OrderList;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use RuntimeException;
use Tests\Feature\FeatureTestCase;
use Throwable;

/** Lists too long to be waited for: looked through whole, stored a part at a time, gone on with after a kill. */
final class LongListTest extends FeatureTestCase
{
    private const ORDERS = 410;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake();
        Queue::fake([ImportOrders::class]);
        config(['shop.order_rows_read_at_once' => 800]);
    }

    #[Test]
    public function a_long_list_is_taken_in_by_the_worker_and_its_page_says_how_far_it_is(): void
    {
        $before = Order::query()->count();
        $import = $this->send(self::list());
        self::assertSame([ImportState::Checking, self::ORDERS, 0], [$import->state, $import->orders, $import->stored]);
        Queue::assertPushed(ImportOrders::class, 1);
        self::assertTrue($this->send(self::list())->is($import), 'the same list, sent again, is the same import');
        Queue::assertPushed(ImportOrders::class, 1);

        // A part of it at a time.
        $this->work($import);
        self::assertGreaterThan(0, $import->refresh()->checked);
        self::assertSame($before, Order::query()->count(), 'nothing is stored before all of it is looked through');
        $this->get("/orders/imports/{$import->id}")
            ->assertOk()
            ->assertSee(number_format($import->checked, 0, '', "\u{A0}").' of', false)
            ->assertSee('data-hx-get');
        $this->workThrough($import);

        self::assertSame(ImportState::Done, $import->state);
        self::assertSame($before + self::ORDERS, Order::query()->count());
        self::assertSame(
            [$import->first_number, $import->last_number],
            [
                (int) Order::query()->orderByDesc('number')->skip(self::ORDERS - 1)->value('number'),
                (int) Order::query()->max('number'),
            ],
        );
        $last = Order::query()->where('number', $import->last_number)->firstOrFail();
        $sizes = Piece::query()->where('order_id', $last->id)->groupBy('size')->orderBy('size');
        self::assertSame(['L' => 3, 'M' => 2], $sizes->selectRaw('size, count(*) as n')->pluck('n', 'size')->all());
        $this->get("/orders/imports/{$import->id}")
            ->assertSee("{$import->first_number} to {$import->last_number}");
        $this->get('/orders/new')->assertSee('many.csv');
        self::assertSame([], Storage::files('imports'), 'the file is not kept');
    }

    #[Test]
    public function killed_in_the_middle_it_goes_on_from_there_and_no_order_comes_twice(): void
    {
        $before = Order::query()->count();
        $import = $this->send(self::list());
        while ($import->refresh()->state === ImportState::Checking) {
            $this->work($import);
        }
        $this->work($import);
        $stored = $import->refresh()->stored;
        self::assertGreaterThan(0, $stored);
        self::assertLessThan(self::ORDERS, $stored);
        self::assertSame($before + $stored, Order::query()->count(), 'how far it is goes with what is stored');

        // Killed between two statements: neither the orders nor the count are there.
        OrderImport::updating(
            static fn(OrderImport $one) => $one->stored > $stored ? throw new RuntimeException('killed') : null,
        );
        try {
            $this->work($import);
            self::fail('it was killed');
        } catch (RuntimeException) {
        } finally {
            OrderImport::flushEventListeners();
        }
        self::assertSame($before + $stored, Order::query()->count());
        $this->workThrough($import);
        self::assertSame($before + self::ORDERS, Order::query()->count());

        // The same list once more finds every order there.
        $again = $this->send(self::list());
        self::assertFalse($again->is($import));
        $this->workThrough($again);
        self::assertSame(ImportState::Done, $again->state);
        self::assertSame($before + self::ORDERS, Order::query()->count());
    }

    #[Test]
    public function nothing_is_stored_of_a_list_with_a_mistake_in_its_last_row(): void
    {
        $before = Order::query()->count();
        $import = $this->send(self::list()."Z,Hollow Oak,2026-03-20,polo,pique,,navy,M,2,left_chest,Nowhere\n");
        $this->workThrough($import);

        self::assertSame(ImportState::Wrong, $import->state);
        self::assertSame($before, Order::query()->count());
        $this->get("/orders/imports/{$import->id}")
            ->assertSee('Nothing was imported')
            ->assertSee('none called “Nowhere”');
    }

    #[Test]
    public function stopped_it_keeps_what_is_stored_and_says_which_orders_they_are(): void
    {
        $before = Order::query()->count();
        $import = $this->send(self::list());
        while ($import->refresh()->stored === 0) {
            $this->work($import);
        }
        $this->post("/orders/imports/{$import->id}/stop")->assertRedirect("/orders/imports/{$import->id}");
        $this->workThrough($import);

        self::assertSame(ImportState::Stopped, $import->state);
        self::assertSame($before + $import->stored, Order::query()->count());
        $this->get("/orders/imports/{$import->id}")->assertSee("{$import->first_number} to {$import->last_number}");
    }

    #[Test]
    public function nobody_waits_for_ever_for_one_whose_file_is_gone_or_whose_job_is_lost(): void
    {
        $import = $this->send(self::list());
        Storage::delete($import->path());
        try {
            $this->work($import);
            self::fail('there is nothing to read');
        } catch (Throwable $e) {
            (new ImportOrders($import->id))->failed($e);
        }
        self::assertSame(ImportState::Stopped, $import->refresh()->state);
        $this->get("/orders/imports/{$import->id}")->assertSee('could not be read to its end')->assertDontSee('data-hx-get');

        // A shop that is started from a backup has lost its queue.
        $next = $this->send(self::list()."Z,Hollow Oak,2026-03-20,polo,pique,,navy,M,2,left_chest,Seed sprig\n");
        Queue::fake([ImportOrders::class]);
        DB::table('jobs')->delete();
        $this->artisan('shop:follow')->assertSuccessful();
        Queue::assertPushed(ImportOrders::class, 1);
        self::assertFalse($next->refresh()->state->isOver());
    }

    #[Test]
    public function rows_of_an_order_may_lie_anywhere_in_it(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'list');
        file_put_contents($path, self::HEAD.
            "A,Hollow Oak,2026-03-20,polo,pique,,navy,M,2,left_chest,Seed sprig\n".
            "B,Fennel & Rook,2026-03-21,bag,canvas,,\"nat\nural\",one,9,centre,\n\n".
            "A,Hollow Oak,2026-03-20,polo,pique,,navy,L,1,left_chest,Seed sprig\n");
        $list = OrderList::open($path);
        self::assertSame([['A', 'B'], 3], [$list->keys(), $list->rowCount]);
        self::assertSame(['M' => 2, 'L' => 1], $list->order('A')['form']['lines'][0]['sizes']);
        self::assertSame(["nat\nural", 3], [$list->order('B')['form']['lines'][0]['colour_name'], $list->order('B')['row']]);
        unlink($path);
    }

    private const HEAD = "order,customer,due,garment,fabric,style,colour,size,count,position,artwork\n";

    private static function list(): string
    {
        $rows = self::HEAD;
        foreach (['M' => 2, 'L' => 3] as $size => $count) {
            for ($i = 1; $i <= self::ORDERS; $i++) {
                $rows .= "A{$i},Customer ".($i % 7).",2026-03-20,polo,pique,,navy,{$size},{$count},left_chest,Seed sprig\n";
            }
        }

        return $rows;
    }

    private function send(string $csv): OrderImport
    {
        $this->post('/orders/list', ['list' => UploadedFile::fake()->createWithContent('many.csv', $csv)])
            ->assertSessionHasNoErrors()
            ->assertRedirectContains('/orders/imports/');

        return OrderImport::query()->orderByDesc('id')->firstOrFail();
    }

    /** As long as one part of it takes. */
    private function work(OrderImport $import): void
    {
        (new ImportOrders($import->id, 0.0))->handle(app(ListedOrders::class));
    }

    private function workThrough(OrderImport $import): void
    {
        for ($i = 0; $i < 40 && ! $import->refresh()->state->isOver(); $i++) {
            (new ImportOrders($import->id))->handle(app(ListedOrders::class));
        }
    }
}
