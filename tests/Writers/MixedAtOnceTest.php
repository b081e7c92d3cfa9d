<?php

declare(strict_types=1);

namespace Tests\Writers;

use App\Floor\Actions\AppendEvent;
use App\Floor\Actions\RecountFloor;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Foundation\ShopProfile;
use App\Machine\Models\Machine;
use App\Money\Models\Invoice;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\People\Models\Person;
use Database\Demo\DemoShop;
use Database\Factories\OrderFactory;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\PieceState;
use Hakama\Floor\SpoilCause;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;

/** Different things that touch the same, in the same moment. */
final class MixedAtOnceTest extends WritersTestCase
{
    #[Test]
    public function a_load_that_the_machine_and_the_hand_call_sewn_is_sewn_once(): void
    {
        [$machine, $batch] = Writes::sewing();
        $before = Machine::query()->findOrFail($machine->id)->stitches;
        $hand = Write::to('POST', '/floor/M2/events', [
            'kind' => 'sewn',
            'batch' => $batch->code,
            'who' => Writes::person(),
        ])->own('id');
        $told = Write::to('POST', '/machines/reports', [
            'load' => FloorLog::run($batch)->load->event,
            'kind' => 'sewn',
            'stitch' => $batch->decoration->artwork?->stitches,
            'clock_s' => 400,
        ])
            ->own('id')
            ->header('Authorization', 'Bearer '.DemoShop::token('M2'));
        foreach (self::atOnce([$hand, $told, $hand, $told, $hand, $told, $hand, $told]) as [$status, $answer]) {
            self::assertContains($status, [200, 302, 303, 409], $answer);
        }

        $sewn = FloorEvent::query()->where('batch_id', $batch->id)->where('kind', EventKind::Sewn)->get();
        self::assertCount(1, $sewn);
        self::assertSame(
            $before + array_sum($sewn[0]->wear ?? []),
            Machine::query()->findOrFail($machine->id)->stitches,
            'and puts its wear on the needles once',
        );
        self::assertSame([], app(RecountFloor::class)->all()->misfits);
    }

    #[Test]
    public function a_reject_in_the_middle_of_a_count_leaves_pieces_and_batch_of_one_mind(): void
    {
        [$machine, $batch] = Writes::sewing();
        $tell = static fn(EventKind $kind, array $pieces = []) => app(AppendEvent::class)->append(
            $machine,
            $batch,
            new Event(
                Str::uuid()->toString(),
                $kind,
                $batch->id,
                FloorLog::run($batch)->load->number,
                10,
                60.0,
                $pieces,
            ),
            'hand',
            'Odo',
        );
        $pieces = Piece::query()->where('decoration_id', $batch->decoration_id)->orderBy('id')->pluck('id')->all();
        $tell(EventKind::Sewn, [$pieces[0]]);
        $tell(EventKind::PieceDone, [$pieces[0]]);
        $tell(EventKind::LoadStarted, [$pieces[1]]);
        $tell(EventKind::Sewn, [$pieces[1]]);
        $count = Write::to('POST', '/floor/M2/events', [
            'kind' => 'piece_done',
            'batch' => $batch->code,
            'who' => Writes::person(),
        ])->own('id');
        $reject = Write::to('POST', "/floor/check/{$pieces[0]}", [
            'verdict' => 'reject',
            'cause' => SpoilCause::cases()[0]->value,
            'note' => 'a hole',
            'who' => Writes::person(),
        ])->own('id');
        foreach (self::atOnce([$count, $reject, $count, $reject, $count, $reject]) as [$status, $answer]) {
            self::assertLessThan(500, $status, $answer);
        }

        $done = Piece::query()
            ->where('decoration_id', $batch->decoration_id)
            ->where('state', PieceState::Done)
            ->count();
        self::assertSame(1, $done);
        self::assertSame($done, FloorLog::run($batch->refresh())->done);
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
    }

    #[Test]
    public function two_owners_who_retire_each_other_leave_one(): void
    {
        ShopProfile::set(['is_demo' => false]);
        $owners = [];
        foreach (['Ann', 'Bo'] as $name) {
            $owners[] = Person::query()->create([
                'name' => $name,
                'role' => 'owner',
                'password' => 'four words in a row',
            ])->id;
        }
        Person::query()->whereNotIn('id', $owners)->update(['role' => 'operator', 'password' => null]);
        self::comeAnew();
        foreach (['Ann', 'Bo'] as $i => $name) {
            self::signIn($i, $name, 'four words in a row');
        }
        $answers = self::atOnce([
            Write::to('POST', "/shop/people/{$owners[1]}/retire", ['gone' => 1]),
            Write::to('POST', "/shop/people/{$owners[0]}/retire", ['gone' => 1]),
        ]);
        self::comeAnew();
        foreach ($answers as [$status, $answer]) {
            self::assertLessThan(500, $status, $answer);
        }
        self::assertSame(1, Person::query()->whereKey($owners)->whereNull('retired_at')->count());
    }

    #[Test]
    public function eight_invoices_of_eight_orders_have_eight_numbers_without_a_gap(): void
    {
        $first = 1 + (int) Invoice::query()->max('number');
        $writes = [];
        for ($i = 0; $i < self::MOST; $i++) {
            $order = OrderFactory::new()->polos(['M' => 1])->create(['agreed_cents' => 10_000]);
            $writes[] = Write::to('POST', "/orders/{$order->number}/invoices")->own('form');
        }
        foreach (self::atOnce($writes) as [$status, $answer]) {
            self::assertSame(302, $status, $answer);
        }
        self::assertSame(
            range($first, $first + self::MOST - 1),
            Invoice::query()->where('number', '>=', $first)->orderBy('number')->pluck('number')->all(),
        );
    }

    #[Test]
    public function an_order_that_is_cancelled_while_it_is_changed_is_one_or_the_other(): void
    {
        $order = Writes::polos();
        $change = Write::to('PUT', "/orders/{$order->number}", [
            'seen' => \App\Orders\OrderFacts::sign($order),
            'customer' => 'Harbour Choir',
            'due_date' => '2026-03-21',
            'due_time' => '12:00',
            'sizes' => [$order->lines()->firstOrFail()->id => ['M' => 40]],
        ]);
        $cancel = Write::to('POST', "/orders/{$order->number}/cancel", ['why_cancelled' => 'the choir is ill']);
        foreach (self::atOnce([$change, $cancel, $change, $cancel]) as [$status, $answer]) {
            self::assertLessThan(500, $status, $answer);
        }
        $is = Order::query()->findOrFail($order->id);
        self::assertNotNull($is->cancelled_at);
        self::assertSame(0, Piece::query()->where('order_id', $order->id)->count(), 'nothing of it waits any more');
    }

    #[Test]
    public function a_write_waits_for_another_and_a_machine_is_told_to_come_again(): void
    {
        $order = Writes::polos();
        [, $batch] = Writes::sewing();
        $load = FloorLog::run($batch)->load->event;
        [$holder, $letGo] = self::holdTheTurn();
        [[$told, $answer]] = self::atOnce([
            Write::to('POST', '/machines/reports', [
                'id' => Str::uuid()->toString(),
                'load' => $load,
                'kind' => 'thread_broke',
                'stitch' => 10,
                'clock_s' => 9,
            ])->header('Authorization', 'Bearer '.DemoShop::token('M2')),
        ]);
        $begun = hrtime(true);
        fwrite($letGo, "3000000\n");
        [[$hand, $said]] = self::atOnce([
            Write::to('PUT', "/orders/{$order->number}/shelf", ['shelf' => 'by the door']),
        ]);
        $waitedS = (hrtime(true) - $begun) / 1e9;
        fclose($letGo);
        proc_close($holder);
        self::assertSame(503, $told, $answer);
        self::assertStringContainsString('Try again', $answer);
        self::assertStringNotContainsString('cannot be reached', $answer);
        self::assertSame(302, $hand, $said);
        self::assertGreaterThan(2.9, $waitedS, 'longer than a page waits for an answer');
        self::assertSame('by the door', Order::query()->findOrFail($order->id)->shelf);
    }

    #[Test]
    public function forty_guesses_at_once_under_as_many_spellings_are_not_more_than_five(): void
    {
        Person::query()->where('name', Writes::person())->firstOrFail()->update(['password' => 'four words in a row']);
        $spelt = static fn(int $i): string => [
            Writes::person(),
            strtoupper(Writes::person()),
            strtolower(Writes::person()),
            ' '.Writes::person().' ',
            mb_convert_kana(Writes::person(), 'R'),
        ][$i % 5];
        $looked = 0;
        for ($round = 0; $round < 5; $round++) {
            $writes = [];
            for ($i = 0; $i < self::MOST; $i++) {
                $writes[] = Write::to('POST', '/sign-in', ['name' => $spelt($i), 'password' => "guess {$round} {$i}"]);
            }
            foreach (self::atOnce($writes) as [$status, $answer]) {
                self::assertSame(422, $status, $answer);
                $looked += str_contains($answer, 'Name and password do not match') ? 1 : 0;
            }
        }
        self::assertSame(5, $looked);
        self::assertSame(0, DB::table('people')->whereNotNull('remember_token')->count());
    }
}
