<?php

declare(strict_types=1);

namespace Tests\Writers;

use App\Api\Actions\Programs;
use App\Api\Actions\Webhooks;
use App\Api\Models\ConnectedProgram;
use App\Api\Models\Delivery;
use App\Api\Models\News;
use App\Api\Models\ProgramToken;
use App\Api\Models\Webhook;
use App\Api\NewsKind;
use App\Api\Scope;
use App\Artwork\Models\Artwork;
use App\Floor\Actions\AppendEvent;
use App\Floor\Folder\MachineFolder;
use App\Floor\Log\FloorLog;
use App\Floor\Models\Bundle;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Money\Models\AccountTable;
use App\Money\Models\BankReceipt;
use App\Money\Models\GivenQuote;
use App\Money\Models\Invoice;
use App\Money\Models\LedgerExport;
use App\Orders\Actions\CustomerBook;
use App\Orders\Approvals\ApprovalBook;
use App\Orders\ImportState;
use App\Orders\Letters\DraftLetter;
use App\Orders\Letters\LetterBook;
use App\Orders\Letters\LetterKind;
use App\Orders\Letters\LetterState;
use App\Orders\Models\Approval;
use App\Orders\Models\Customer;
use App\Orders\Models\Decoration;
use App\Orders\Models\ExpectedBlanks;
use App\Orders\Models\Order;
use App\Orders\Models\OrderImport;
use App\Orders\Models\Piece;
use App\Orders\OrderFacts;
use App\People\Models\Pairing;
use App\People\Models\Person;
use App\People\Models\Tablet;
use App\Plan\Models\Batch;
use App\Plan\Models\Proposal;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\KeptPlacement;
use App\Shop\Calendar\CalendarBook;
use App\Shop\House;
use App\Shop\Models\Change;
use App\Stock\Models\BackingStock;
use App\Stock\Models\Cloth;
use App\Stock\Models\Cone;
use App\Stock\Models\ExpectedGoods;
use App\Stock\Models\Hardware;
use Carbon\CarbonImmutable;
use Closure;
use Database\Demo\DemoShop;
use Database\Factories\OrderFactory;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\PieceState;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Support\Str;
use LogicException;

/** For every address that changes something: a shop in which it can be asked for, and what is sent. */
final class Writes
{
    private const UUID = '0e1d6a0c-8f5e-4b51-9a6b-6c1e6f2f6c01';

    private static function invoice(): Invoice
    {
        $order = self::polos();
        $order->update(['agreed_cents' => 10_000]);
        $accounts = app(\App\Money\Queries\OrderAccounts::class);
        $book = app(\App\Money\Actions\Invoices::class);

        return $book->write($accounts->of($order->refresh()), Str::uuid()->toString(), 'Odo')
            ?? throw new LogicException('there is a price to write an invoice of');
    }

    private static function program(): ConnectedProgram
    {
        Programs::letIn('Web shop', [Scope::ReadOrders], self::UUID, '');

        return ConnectedProgram::query()->firstOrFail();
    }

    private static function webhook(): Webhook
    {
        Webhooks::tellAt(self::program(), 'http://127.0.0.1:9/told');

        return Webhook::query()->firstOrFail();
    }

    private static function receipt(int $cents): BankReceipt
    {
        return BankReceipt::query()->create([
            'entry_key' => hash('sha256', 'one'),
            'booked_on' => '2026-03-02',
            'cents' => $cents,
            'party' => 'Choir',
            'text' => 'thanks',
            'is_open' => true,
            'read_at' => CarbonImmutable::now(),
        ]);
    }

    private static function approval(): Approval
    {
        return app(ApprovalBook::class)->ask(self::polos()->refresh(), self::UUID, 'Maren');
    }

    /** @return array<string, Closure(): Write> by the name of the route, else by its address */
    public static function all(): array
    {
        return [
            ...self::orders(),
            ...self::artwork(),
            ...self::setup(),
            ...self::needles(),
            ...self::plan(),
            ...self::floor(),
            ...self::machines(),
            ...self::books(),
            ...self::shop(),
            ...self::people(),
            ...self::begin(),
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function orders(): array
    {
        $typed = [
            'customer' => 'Harbour Choir',
            'due_date' => '2026-03-20',
            'due_time' => '16:00',
            'lines' => [
                [
                    'garment' => 'polo',
                    'fabric' => 'pique',
                    'colour_name' => 'ink',
                    'colour_hex' => '#1f2a44',
                    'sizes' => ['M' => 2],
                    'decorations' => [['position' => 'left_chest', 'artwork_id' => '']],
                ],
            ],
        ];
        $quote = [
            'pieces' => 24,
            'stitches' => 6000,
            'colours' => 2,
            'places' => 1,
            'customer' => 'Harbour Choir',
        ];

        return [
            'orders.store' => static function () use ($typed): Write {
                Customer::query()->firstOrCreate(['name' => 'Harbour Choir']);

                return Write::to('POST', '/orders', [...$typed, 'form' => self::UUID], Second::Each)->own('form');
            },
            'customers.store' => static fn() => Write::to(
                'POST',
                '/customers',
                ['name' => 'Weir Wardens', 'phone' => '0555 9'],
                Second::Same,
            )->holds(static fn() => self::same(1, Customer::query()->where('name', 'Weir Wardens')->count())),
            'customers.update' => static function (): Write {
                $customer = Customer::query()->firstOrCreate(['name' => 'Harbour Choir'])->refresh();

                return Write::to('PUT', "/customers/{$customer->id}", [
                    'name' => 'Harbour Choir', 'phone' => '0555 9', 'seen' => CustomerBook::sign($customer),
                ], Second::Same)->holds(static fn() => self::same(
                    1,
                    Change::query()->where('kind', Change::CUSTOMER)->where('after->phone', '0555 9')->count(),
                ));
            },
            'customers.merge' => static function (): Write {
                $kept = Customer::query()->firstOrCreate(['name' => 'Harbour Choir']);
                $double = Customer::query()->firstOrCreate(['name' => 'Choir, Harbour']);

                return Write::to(
                    'POST',
                    "/customers/{$kept->id}/merge",
                    ['double' => $double->id],
                    Second::Refused,
                )->holds(static fn() => self::same(
                    1,
                    Change::query()
                        ->where('kind', Change::CUSTOMER)
                        ->whereJsonContains('before->merged->name', 'Choir, Harbour')
                        ->count(),
                ));
            },
            'customers.read' => static fn() => Write::to('POST', '/customers/list', [], Second::Same)->file(
                'list',
                'customers.csv',
                "name,phone\nWeir Wardens,0555 9\n",
            )->holds(static fn() => self::same(1, Customer::query()->where('name', 'Weir Wardens')->count())),
            'orders.book' => static function (): Write {
                Customer::query()->firstOrCreate(['name' => 'Harbour Choir']);

                return Write::to('POST', '/plan/ask/order', [
                    'customer' => 'Harbour Choir',
                    'like' => Batch::query()->whereNotNull('rank')->orderByDesc('id')->value('code'),
                    'pieces' => 3,
                    'way' => 'behind',
                    'form' => self::UUID,
                ], Second::Each)->own('form');
            },
            'orders.another' => static fn() => Write::to('POST', '/orders/new', $typed, Second::Same),
            'orders.check' => static fn() => Write::to('POST', '/orders/new/check', $typed, Second::Refused),
            'orders.promise' => static fn() => Write::to('POST', '/orders/new/promise', $typed, Second::Refused),
            'orders.list' => static fn() => Write::to('POST', '/orders/list', [], Second::Refused)->file(
                'list',
                'orders.csv',
                "order,customer,due,garment,fabric,colour,size,count,position\n".
                    "1,Harbour Choir,2026-03-20 16:00,polo,pique,ink,M,2,left_chest\n",
            ),
            'orders.import.stop' => static fn() => Write::to('POST', '/orders/imports/'.OrderImport::query()->create([
                'file_name' => 'orders.csv',
                'checksum' => hash('sha256', 'orders.csv'),
                'state' => ImportState::Wrong,
                'orders' => 3,
                'asked_at' => CarbonImmutable::now(),
            ])->id.'/stop', [], Second::Same),
            'orders.language' => static fn() => Write::to(
                'PUT',
                '/orders/'.self::polos()->number.'/language',
                ['reads' => 'es'],
                Second::Same,
            ),
            'orders.change' => static function (): Write {
                $order = self::polos();

                return Write::to(
                    'PUT',
                    "/orders/{$order->number}",
                    [
                        'seen' => OrderFacts::sign($order),
                        'customer' => 'Harbour Choir',
                        'due_date' => '2026-03-21',
                        'due_time' => '12:00',
                        'sizes' => [$order->lines()->firstOrFail()->id => ['M' => 6]],
                    ],
                    Second::Refused,
                );
            },
            'orders.add' => static function () use ($typed): Write {
                $order = self::polos();

                return Write::to(
                    'POST',
                    "/orders/{$order->number}/lines",
                    ['seen' => OrderFacts::sign($order), 'lines' => $typed['lines']],
                    Second::Refused,
                );
            },
            'orders.cancel' => static fn() => Write::to(
                'POST',
                '/orders/'.self::polos()->number.'/cancel',
                ['why_cancelled' => 'the choir is ill'],
                Second::Refused,
            ),
            'orders.reopen' => static function (): Write {
                $order = self::polos();
                \App\Orders\Actions\OrderChange::cancel($order, 'the choir is ill');

                return Write::to('POST', "/orders/{$order->number}/reopen", [], Second::Refused);
            },
            'orders.shelve' => static fn() => Write::to(
                'PUT',
                '/orders/'.self::polos()->number.'/shelf',
                ['shelf' => 'by the door'],
                Second::Refused,
            ),
            'orders.arrive' => static fn() => Write::to(
                'POST',
                '/orders/lines/'.self::polos()->lines()->firstOrFail()->id.'/arrivals',
                ['id' => self::UUID, 'good' => 5, 'wrong' => 1],
                Second::Each,
            )->own('id'),
            'bank.read' => static fn() => Write::to('POST', '/books/bank', [], Second::Refused)
                ->file('list', 'bank.csv', "date,amount,name,text\n2026-03-02,12.50,Choir,thanks\n")
                ->holds(static fn() => self::same(1, BankReceipt::query()->count())),
            'bank.assign' => static function (): Write {
                $invoice = self::invoice();
                $receipt = self::receipt(100);

                return Write::to('PUT', "/books/bank/{$receipt->id}", ['invoice' => $invoice->number], Second::Refused)
                    ->holds(static fn() => self::same(100, (int) $invoice->payments()->sum('cents')));
            },
            'programs.let-in' => static fn() => Write::to(
                'POST',
                '/shop/programs',
                ['form' => self::UUID, 'name' => 'Web shop', 'scopes' => ['orders:read']],
                Second::Each,
            )->own('form'),
            'programs.shut-out' => static function (): Write {
                $program = self::program();

                return Write::to('DELETE', "/shop/programs/{$program->id}", [], Second::Same)
                    ->holds(static fn() => self::same(0, ProgramToken::query()->count()));
            },
            'programs.tell-at' => static fn() => Write::to(
                'PUT',
                '/shop/programs/'.self::program()->id.'/told',
                ['url' => 'http://127.0.0.1:9/told'],
                Second::Same,
            )->holds(static fn() => self::same(1, Webhook::query()->count())),
            'programs.end' => static fn() => Write::to(
                'DELETE',
                '/shop/programs/'.self::webhook()->connected_program_id.'/told',
                [],
                Second::Same,
            )->holds(static fn() => self::same(0, Webhook::query()->count())),
            'programs.try-now' => static fn() => Write::to(
                'POST',
                '/shop/programs/'.self::webhook()->connected_program_id.'/told',
            ),
            'programs.again' => static function (): Write {
                $news = News::query()->create([
                    'sign' => self::UUID,
                    'kind' => NewsKind::OrderNew,
                    'number' => 1,
                    'body' => '{}',
                    'made_at' => CarbonImmutable::now(),
                ]);
                $delivery = Delivery::query()->create(['webhook_id' => self::webhook()->id, 'news_id' => $news->id]);

                return Write::to('POST', "/shop/programs/told/{$delivery->id}");
            },
            'ledger.write' => static function (): Write {
                self::invoice();

                return Write::to(
                    'POST',
                    '/books/ledger',
                    ['form' => self::UUID, 'until' => CarbonImmutable::now()->toDateString()],
                    Second::Refused,
                )->own('form')->holds(static fn() => self::same(1, LedgerExport::query()->count()));
            },
            'ledger.keep' => static function (): Write {
                $table = AccountTable::inForce(app(House::class));

                return Write::to('PUT', '/books/ledger/accounts', [
                    'accounts' => [...$table->uses, 'cash' => ['number' => '1600', 'name' => 'Till']],
                    'taxes' => $table->taxes,
                    'seen' => $table->stateHash(),
                ], Second::Same)->holds(static fn() => self::same(1, AccountTable::query()->count()));
            },
            'bank.aside' => static fn() => Write::to('DELETE', '/books/bank/'.self::receipt(100)->id, [], Second::Same),
            'orders.approvals.ask' => static fn() => Write::to(
                'POST',
                '/orders/'.self::polos()->number.'/approvals',
                ['form' => self::UUID],
                Second::Each,
            )->own('form')->holds(static fn() => self::same(
                1,
                Approval::query()->whereNull('withdrawn_at')->count(),
            )),
            'orders.approvals.withdraw' => static fn() => Write::to(
                'DELETE',
                '/orders/approvals/'.self::approval()->id,
                [],
                Second::Refused,
            ),
            'approval.answer' => static function (): Write {
                $approval = self::approval();

                return Write::to('POST', "/approve/{$approval->token}", [
                    'answer' => 'approved', 'name' => 'Ida', 'seen' => $approval->shown_hash,
                ], Second::Refused);
            },
            'orders.expect' => static fn() => Write::to(
                'POST',
                '/orders/lines/'.self::polos()->lines()->firstOrFail()->id.'/expected',
                ['id' => self::UUID, 'expected' => 5, 'expected_on' => CarbonImmutable::tomorrow()->format('Y-m-d')],
                Second::Each,
            )->own('id'),
            'orders.expect.forget' => static function (): Write {
                $expected = ExpectedBlanks::query()->create([
                    'order_line_id' => self::polos()->lines()->firstOrFail()->id,
                    'form_id' => self::UUID,
                    'pieces' => 3,
                    'expected_on' => CarbonImmutable::now()->addDays(2)->format('Y-m-d'),
                    'who' => 'Maren',
                    'noted_at' => CarbonImmutable::now(),
                ]);

                return Write::to('DELETE', "/orders/expected/{$expected->id}", [], Second::Refused);
            },
            'orders.hand' => static function (): Write {
                $order = self::finished();
                $line = $order->lines()->firstOrFail();
                $size = Piece::query()->where('order_id', $order->id)->value('size');
                $garments = \App\Orders\Queries\OrderedGarments::of($order)->toHandOver($line->id, (string) $size);

                return Write::to(
                    'POST',
                    "/orders/{$order->number}/hand-overs",
                    ['id' => self::UUID, 'sizes' => [$line->id => [(string) $size => $garments]]],
                    Second::Refused,
                )->own('id');
            },
            'orders.artwork' => static function (): Write {
                $order = OrderFactory::new()->blankets()->create();
                $artwork = Artwork::query()->where('name', 'Ferry roundel')->firstOrFail();

                return Write::to(
                    'PUT',
                    '/orders/decorations/'.self::decoration($order)->id,
                    ['artwork_id' => $artwork->id],
                    Second::Same,
                );
            },
            'orders.names.keep' => static function (): Write {
                $order = OrderFactory::new()->blankets()->create();

                return Write::to(
                    'PUT',
                    '/orders/names/'.self::decoration($order)->id,
                    [
                        'names' => "Ann\nBo\nCleo\nDora\nEve\nFay",
                        'alphabet' => 'block',
                        'height_mm' => 12,
                        'thread' => self::thread(),
                    ],
                    Second::Free,
                );
            },
            'orders.names.approve' => static function (): Write {
                $order = OrderFactory::new()->blankets()->create();

                $decoration = self::decoration($order);
                $lettering = self::named($decoration);

                return Write::to(
                    'POST',
                    "/orders/names/{$decoration->id}/approve",
                    [
                        'who' => self::person(),
                        'seen' => \App\Orders\Http\Requests\KeepNames::sign($decoration, $lettering),
                    ],
                    Second::Same,
                );
            },
            'orders.names.check' => static function (): Write {
                $order = OrderFactory::new()->blankets()->create();

                return Write::to('POST', '/orders/names/'.self::decoration($order)->id.'/check', [
                    'names' => 'Ann',
                    'alphabet' => 'block',
                    'height_mm' => 12,
                    'thread' => self::thread(),
                ]);
            },
            'orders.colours.keep' => static function (): Write {
                $decoration = self::decoration(self::polos());
                $block = $decoration->artwork?->blocks()->firstOrFail();

                return Write::to(
                    'PUT',
                    "/orders/colours/{$decoration->id}",
                    ['blocks' => [$block?->number => self::thread()]],
                    Second::Same,
                );
            },
            'orders.quotes.keep' => static fn() => Write::to(
                'POST',
                '/orders/quotes',
                [...$quote, 'form' => self::UUID],
                Second::Each,
            )->own('form'),
            'orders.quotes.answer' => static function (): Write {
                $kept = GivenQuote::query()->create([
                    'number' => 1,
                    'version' => 1,
                    'form_id' => Str::uuid()->toString(),
                    'customer' => 'Harbour Choir',
                    'asked' => ['pieces' => '24'],
                    'rows' => [],
                    'pieces' => 24,
                    'price_cents' => 9_000,
                    'least_cents' => 9_000,
                    'most_cents' => 9_000,
                    'cost_cents' => 5_000,
                    'state' => \Hakama\Money\QuoteState::Open,
                    'who' => 'Odo',
                    'made_at' => CarbonImmutable::now(),
                ]);

                return Write::to(
                    'PUT',
                    "/orders/quotes/{$kept->id}",
                    ['answer' => 'declined', 'why' => 'too dear'],
                    Second::Refused,
                );
            },
            'orders.money.keep' => static function (): Write {
                $order = self::polos();

                return Write::to(
                    'PUT',
                    "/orders/{$order->number}/money",
                    [
                        'agreed' => '120.00',
                        'artwork' => '30.00',
                        'seen' => \App\Money\Http\Requests\KeepMoney::sign($order->refresh()),
                    ],
                    Second::Refused,
                );
            },
            'orders.invoice' => static function (): Write {
                $order = self::polos();
                $order->update(['agreed_cents' => 10_000]);

                return Write::to(
                    'POST',
                    "/orders/{$order->number}/invoices",
                    ['form' => self::UUID],
                    Second::Refused,
                )->own('form');
            },
            'invoices.pay' => static function (): Write {
                $invoice = self::invoice();

                // Each pays all of it: only one finds it open.
                return Write::to(
                    'POST',
                    "/books/invoices/{$invoice->number}/payments",
                    ['form' => self::UUID, 'paid' => '100.00', 'paid_on' => CarbonImmutable::now()->toDateString()],
                    Second::Refused,
                )->own('form');
            },
            'letterhead.keep' => static fn() => Write::to(
                'PUT',
                '/shop/letterhead',
                ['name' => 'Tarn & Tiller', 'city' => 'Ullenmere'],
                Second::Same,
            ),
            'orders.count.add' => static fn() => Write::to(
                'POST',
                '/orders/'.self::finished()->number.'/count',
                [
                    'code' => \Hakama\Floor\Tag::of(
                        Piece::query()->where('order_id', self::finished()->id)->firstOrFail()->id,
                    )->code(),
                ],
                Second::Same,
            ),
            'orders.count.anew' => static fn() => Write::to(
                'DELETE',
                '/orders/'.self::finished()->number.'/count',
                [],
                Second::Same,
            ),
            'orders.bundles' => static fn() => Write::to(
                'POST',
                '/orders/'.self::polos()->number.'/bundles',
                ['of' => 4],
                Second::Refused,
            ),
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function artwork(): array
    {
        $artwork = static fn(): Artwork => Artwork::query()->where('name', 'Ringers’ bell')->firstOrFail();

        return [
            'artwork.store' => static fn() => Write::to('POST', '/artwork', ['name' => 'A row'], Second::Refused)->file(
                'tape',
                'row.dst',
                self::tape(60),
            ),
            'artwork.update' => static fn() => Write::to(
                'PUT',
                "/artwork/{$artwork()->id}",
                ['name' => 'The bell', 'variant' => $artwork()->variant->value],
                Second::Same,
            ),
            'artwork.thread' => static fn() => Write::to(
                'PUT',
                "/artwork/{$artwork()->id}/blocks/1",
                ['thread' => self::thread()],
                Second::Same,
            ),
            'artwork.cloth.keep' => static fn() => Write::to(
                'PUT',
                "/artwork/{$artwork()->id}/cloth",
                ['cloths' => [1 => Cloth::query()->firstOrFail()->code]],
                Second::Same,
            ),
            'artwork.hardware.keep' => static fn() => Write::to(
                'PUT',
                "/artwork/{$artwork()->id}/cloth/hardware",
                ['hardware' => [Hardware::query()->firstOrFail()->code => 2]],
                Second::Same,
            ),
            'artwork.cloth.together' => static fn() => Write::to('POST', "/artwork/{$artwork()->id}/cloth/together"),
            'artwork.replace' => static fn() => Write::to(
                'POST',
                "/artwork/{$artwork()->id}/file",
                ['why' => 'denser', 'sure' => 1],
                Second::Refused,
            )->file('tape', 'bell.dst', self::tape(80)),
            'artwork.letters' => static fn() => Write::to(
                'PUT',
                "/artwork/{$artwork()->id}/letters",
                ['block' => 1, 'letter_mm' => 5],
                Second::Same,
            ),
            'artwork.make.keep' => static fn() => Write::to(
                'POST',
                "/artwork/{$artwork()->id}/make",
                ['turn' => 90, 'name' => 'The bell, turned', 'sure' => 1],
                Second::Refused,
            ),
            'artwork.sewout' => static fn() => Write::to(
                'POST',
                "/artwork/{$artwork()->id}/sew-outs",
                [
                    'fabric' => 'pique',
                    'backing' => 'cutaway',
                    'layers' => 1,
                    'needle' => '75/11 sharp',
                    'speed' => 700,
                    'passed' => 1,
                    'who' => self::person(),
                ],
            )->holds(static fn() => self::same(WritersTestCase::senders(), \App\Artwork\Models\SewOut::query()->where('remark', '')->where('speed_spm', 700)->where('who', self::person())->where('sewn_at', CarbonImmutable::now())->count())),
            'artwork.stops.keep' => static function () use ($artwork): Write {
                return Write::to(
                    'PUT',
                    "/artwork/{$artwork()->id}/stops",
                    [
                        'seen' => \App\Artwork\Http\StopSheetController::sign($artwork()->load('blocks')),
                        'blocks' => [1 => ['role' => '', 'action' => '', 'note' => 'look here']],
                    ],
                    Second::Refused,
                );
            },
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function setup(): array
    {
        return [
            'setup.store' => static function (): Write {
                $decoration = self::decoration(OrderFactory::new()->polos()->create());

                return Write::to('POST', "/setup/{$decoration->id}", ['frame' => Frame::query()->where('kind', 'round')->orderByDesc('window_width_mm')->firstOrFail()->code, 'turn' => 0], Second::Free);
            },
            'setup.keep' => static fn() => Write::to(
                'PUT',
                '/setup/'.self::decoration(self::polos())->id.'/placement',
                ['size' => 'M', 'down' => '190', 'across' => '90'],
                Second::Same,
            ),
            'setup.printed' => static fn() => Write::to(
                'POST',
                '/setup/'.self::decoration(self::polos())->id.'/printed',
                [],
                Second::Same,
            ),
            'setup.picture.measure' => static fn() => Write::to(
                'POST',
                '/setup/'.self::decoration(self::polos())->id.'/picture',
                [
                    'frame' => Frame::query()->firstOrFail()->code,
                    'points' => [
                        ['px' => [100, 100], 'mm' => [-50, 50]],
                        ['px' => [300, 100], 'mm' => [50, 50]],
                        ['px' => [300, 300], 'mm' => [50, -50]],
                        ['px' => [100, 300], 'mm' => [-50, -50]],
                    ],
                    'touched' => [[200, 200], [200, 150]],
                ],
                Second::Refused,
            ),
            'setup.backing.add' => static fn() => Write::to(
                'POST',
                '/setup/backing',
                ['kind' => 'cutaway', 'form' => 'piece', 'width' => 200, 'length' => 200, 'count' => 10],
                Second::Free,
            ),
            'setup.cut' => static fn() => Write::to(
                'POST',
                '/setup/backing/'.self::batch(self::polos())->code,
                [],
                Second::Refused,
            ),
            'setup.stock' => static fn() => Write::to(
                'PUT',
                '/setup/backing/'.BackingStock::query()->where('form', 'piece')->firstOrFail()->id,
                ['count' => 7, 'length' => 200],
                Second::Same,
            ),
            'setup.clamps.keep' => static fn() => Write::to(
                'POST',
                '/setup/clamps',
                [
                    'frame' => Frame::query()->where('kind', 'clamp')->firstOrFail()->code,
                    'machine' => 'M1',
                    'dropped' => 1,
                    'who' => self::person(),
                ],
                Second::Free,
            ),
            'setup.practice.log' => static fn() => Write::to(
                'POST',
                '/setup/practice',
                [
                    'fabric' => 'leather',
                    'frame_kind' => 'magnetic',
                    'who' => self::person(),
                    'on_scrap' => 1,
                    'came_out' => 3,
                    'failed' => 0,
                ],
                Second::Free,
            )->holds(static fn() => self::same(
                WritersTestCase::senders() * 3,
                (int) \App\Setup\Models\Practice::query()->where('fabric', 'leather')->where('who', self::person())->where('on_scrap', true)->sum('came_out'),
            )),
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function needles(): array
    {
        return [
            'needles.fit' => static fn() => Write::to(
                'POST',
                '/needles/M2/fittings',
                ['id' => self::UUID, 'numbers' => [1, 2], 'size' => '80/12', 'point' => 'sharp'],
            )
                ->own('id')
                ->holds(static fn() => self::same(
                    2 * WritersTestCase::senders(),
                    \App\Needles\Models\NeedleFitting::query()->where('size', '80/12')->where('fitted_at', CarbonImmutable::now())->count(),
                )),
            'needles.load' => static fn() => Write::to('POST', '/needles/M2/2', ['thread' => self::thread()], Second::Same),
            'needles.pin' => static fn() => Write::to('PUT', '/needles/M2/2', ['pinned' => 1], Second::Same),
            'needles.slots.keep' => static function (): Write {
                $batch = app(PlanBoard::class)->batches()['B-107'];

                return Write::to(
                    'POST',
                    '/needles/M2/slots',
                    ['batch' => 'B-107', 'file' => $batch->design->checksum, 'slot' => '12'],
                    Second::Same,
                );
            },
            'needles.head' => static fn() => Write::to(
                'POST',
                '/needles/M3/heads',
                ['head' => 2, 'out' => 1, 'wrong' => 'trimmer'],
                Second::Same,
            )->holds(static fn() => self::same(
                1,
                Change::query()->where('kind', Change::MACHINE)->where('thing', 'M3')->count(),
            )),
            'needles.care.note' => static fn() => Write::to(
                'POST',
                '/needles/M2/care',
                ['id' => self::UUID, 'task' => 'oil'],
                Second::Each,
            )->own('id'),
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function plan(): array
    {
        return [
            'plan.moves' => static function (): Write {
                $code = self::batch(self::polos())->code;

                return Write::to(
                    'POST',
                    '/plan/moves',
                    ['batch' => $code, 'machine' => 'M1', 'rank' => 1, 'version' => PlanBoard::version()],
                    Second::Refused,
                );
            },
            'plan.due' => static fn() => Write::to('POST', '/plan/due', ['version' => PlanBoard::version()], Second::Refused),
            'plan.undo' => static function (): Write {
                self::polos();

                return Write::to('POST', '/plan/undo', ['version' => PlanBoard::version()], Second::Refused);
            },
            'plan.fix' => static fn() => Write::to(
                'PUT',
                '/plan/batches/'.self::batch(self::polos())->code.'/fixed',
                ['fixed' => 1, 'version' => PlanBoard::version()],
                Second::Refused,
            ),
            'plan.split' => static fn() => Write::to(
                'POST',
                '/plan/batches/'.self::batch(self::polos())->code.'/split',
                ['pieces' => 3, 'version' => PlanBoard::version()],
                Second::Refused,
            ),
            'plan.merge' => static function (): Write {
                $code = self::batch(self::polos())->code;
                app()->forgetScopedInstances();
                $new = app(\App\Plan\Actions\PlanChanges::class)->split($code, 3, PlanBoard::version());

                return Write::to(
                    'POST',
                    "/plan/batches/{$new}/merge",
                    ['into' => $code, 'version' => PlanBoard::version()],
                    Second::Refused,
                );
            },
            'plan.propose' => static fn() => Write::to('POST', '/plan/proposals', ['iterations' => 100], Second::Each),
            'plan.stop' => static fn() => Write::to('POST', '/plan/proposals/'.self::proposal()->id.'/stop', [], Second::Same),
            'plan.take' => static fn() => Write::to(
                'POST',
                '/plan/proposals/'.self::proposal()->id.'/take',
                ['whole' => 1, 'version' => PlanBoard::version()],
                Second::Refused,
            ),
            'plan.leave' => static fn() => Write::to(
                'DELETE',
                '/plan/proposals/'.self::proposal()->id,
                [],
                Second::Same,
            ),
            'plan.lateness.keep' => static function (): Write {
                $customer = Customer::query()->firstOrFail();

                return Write::to(
                    'PUT',
                    '/plan/lateness',
                    ['late' => [$customer->id => 3], 'was' => [$customer->id => $customer->late_weight]],
                    Second::Refused,
                );
            },
            'plan.week' => static fn() => Write::to(
                'PUT',
                '/plan/calendar/week',
                ['seen' => CalendarBook::weekSign(), 'week' => self::WEEK],
                Second::Free,
            ),
            'plan.off' => static fn() => Write::to(
                'POST',
                '/plan/calendar/off',
                ['day' => '2026-03-06', 'why' => 'the fair'],
                Second::Refused,
            ),
            'plan.extra' => static fn() => Write::to(
                'POST',
                '/plan/calendar/extra',
                ['extra_from' => '2026-03-07T08:00', 'extra_to' => '2026-03-07T12:00', 'extra_why' => 'festival'],
                Second::Refused,
            ),
            'plan.down' => static fn() => Write::to(
                'POST',
                '/plan/calendar/down',
                ['machine' => 'M1', 'from' => '2026-03-06T08:00', 'to' => '2026-03-06T10:00', 'what' => 'service'],
                Second::Refused,
            ),
            'plan.person' => static fn() => Write::to(
                'POST',
                '/plan/calendar/person',
                ['who' => self::person(), 'people' => -1, 'first_day' => '2026-03-06', 'weekdays' => [5]],
                Second::Refused,
            ),
            'plan.calendar.remove' => static function (): Write {
                \App\Shop\Models\DayOff::query()->create(['day' => '2026-03-09', 'why' => 'the fair']);

                return Write::to('DELETE', '/plan/calendar/off/2026-03-09', [], Second::Refused);
            },
        ];
    }

    private const WEEK = [
        1 => '08:00-12:00',
        2 => '08:00-12:00',
        3 => '08:00-12:00',
        4 => '08:00-12:00',
        5 => '08:00-12:00',
        6 => '',
        7 => '',
    ];

    /** @return array<string, Closure(): Write> */
    private static function floor(): array
    {
        return [
            'floor.events' => static fn() => self::sewnByHand(),
            'floor.correct' => static function (): Write {
                $event = \App\Floor\Models\FloorEvent::query()
                    ->where('kind', EventKind::PieceDone)
                    ->where('machine_id', Machine::query()->where('code', 'M1')->firstOrFail()->id)
                    ->orderByDesc('seq')
                    ->firstOrFail();

                return Write::to(
                    'POST',
                    '/floor/M1/corrections',
                    [
                        'id' => self::UUID,
                        'kind' => 'piece_returned',
                        'of' => "{$event->seq}:{$event->pieces[0]}",
                        'reason' => 'counted twice',
                    ],
                    Second::Refused,
                )->own('id');
            },
            'floor.void' => static fn() => self::toldTwice(),
            'orders.letters.send' => static fn() => Write::to(
                'POST',
                '/orders/'.self::polos()->number.'/letters/received',
                ['form' => self::UUID, 'to' => 'ida@example.com', 'subject' => 'Your order', 'text' => 'It has come.'],
                Second::Each,
            )->own('form'),
            'orders.letters.again' => static function (): Write {
                $draft = new DraftLetter(LetterKind::Received, 'gone@example.com', 'Your order', 'It has come.');
                $letter = LetterBook::write(self::polos(), $draft, self::UUID, '');
                $letter->become(LetterState::Failed, 'closed');

                $again = "/orders/letters/{$letter->id}/again";

                return Write::to('POST', $again, ['to' => 'ida@example.com'], Second::Refused);
            },
            'invoices.letter.send' => static fn() => Write::to(
                'POST',
                '/books/invoices/'.self::invoice()->number.'/letters/invoice',
                ['form' => self::UUID, 'to' => 'ida@example.com', 'subject' => 'Invoice', 'text' => 'Attached.'],
                Second::Each,
            )->own('form'),
            'floor.stick' => static fn() => Write::to('POST', '/floor/M1/stick', [], Second::Same),
            'floor.folder.one' => static function (): Write {
                $tapes = app(MachineFolder::class)->of(Machine::query()->where('code', 'M1')->sole());

                return Write::to('POST', "/floor/M1/files/{$tapes[0]->file->name}", [], Second::Same);
            },
            'floor.who' => static fn() => Write::to('PUT', '/floor/who', ['who' => self::person()], Second::Refused),
            'floor.finished' => static function (): Write {
                $piece = self::pieceTo('finish');

                return Write::to(
                    'POST',
                    '/floor/finish',
                    ['id' => self::UUID, 'numbers' => [$piece->id], 'who' => self::person()],
                    Second::Refused,
                )->own('id');
            },
            'floor.check' => static fn() => Write::to(
                'POST',
                '/floor/check/'.self::pieceTo('passed')->id,
                [
                    'id' => self::UUID,
                    'verdict' => 'reject',
                    'cause' => \Hakama\Floor\SpoilCause::cases()[0]->value,
                    'note' => 'a hole',
                    'who' => self::person(),
                ],
                Second::Refused,
            )->own('id'),
            'floor.bench.right' => static function (): Write {
                $kept = KeptPlacement::query()->first() ?? throw new LogicException('no kept place in the demo');

                return Write::to('POST', "/floor/bench/places/{$kept->id}", [], Second::Same);
            },
            'floor.bundles.split' => static fn() => Write::to(
                'POST',
                '/floor/bundles/'.self::bundles()[0].'/split',
                ['pieces' => 1],
                Second::Refused,
            ),
            'floor.bundles.join' => static function (): Write {
                [$one, $other] = self::bundles();

                return Write::to(
                    'POST',
                    "/floor/bundles/{$one}/join",
                    ['other' => Bundle::query()->findOrFail($other)->tag()->code()],
                    Second::Refused,
                );
            },
            'floor.bundles.count' => static fn() => Write::to(
                'POST',
                '/floor/bundles/'.self::bundles()[0].'/count',
                ['here' => 4],
                Second::Same,
            ),
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function machines(): array
    {
        return [
            'machines/pair' => static function (): Write {
                $machine = Machine::query()->where('code', 'M2')->firstOrFail();

                return Write::to('POST', '/machines/pair', ['code' => Pairing::open($machine->id)], Second::Refused);
            },
            'machines/reports' => static function (): Write {
                [$machine, $batch] = self::sewing();

                return Write::to(
                    'POST',
                    '/machines/reports',
                    [
                        'id' => self::UUID,
                        'load' => FloorLog::run($batch)->load->event,
                        'kind' => 'sewn',
                        'stitch' => $batch->decoration->artwork?->stitches,
                        'clock_s' => 400,
                    ],
                    Second::Refused,
                )
                    ->own('id')
                    ->header('Authorization', 'Bearer '.DemoShop::token($machine->code));
            },
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function books(): array
    {
        return [
            'invoices.credit' => static function (): Write {
                $invoice = self::invoice();

                return Write::to(
                    'POST',
                    "/books/invoices/{$invoice->number}/credit",
                    ['form' => self::UUID],
                    Second::Refused,
                )->own('form');
            },
            'books.learned.decide' => static fn() => Write::to(
                'PUT',
                '/books/learned',
                ['machine' => 'M1', 'fabric' => 'pique', 'do' => 'back'],
                Second::Same,
            ),
            'books.learned.cloth' => static fn() => Write::to(
                'PUT',
                '/books/learned/cloths',
                ['fabric' => 'pique', 'do' => 'back'],
                Second::Same,
            ),
            'books.learned.rule' => static function (): Write {
                $offer = app(\App\Books\Learning\RuleLearning::class)->offers()[0] ?? null;

                return Write::to('PUT', '/books/learned/rules', [
                    'about' => $offer->about ?? 'nothing',
                    'do' => 'leave',
                    'figures' => $offer?->sign() ?? 'nothing',
                ]);
            },
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function shop(): array
    {
        return [
            'shop.rules' => static fn() => Write::to(
                'PUT',
                '/shop/rules',
                ['frame_margin_mm' => '9.5', 'seen' => app(\App\Shop\House::class)->sign()],
                Second::Refused,
            ),
            'shop.undo' => static function (): Write {
                app(\App\Shop\Actions\RuleChange::class)->set(['frame_margin_mm' => 9.0]);

                return Write::to(
                    'POST',
                    '/shop/changes/'.Change::query()->orderByDesc('seq')->firstOrFail()->seq.'/undo',
                    [],
                    Second::Refused,
                );
            },
            'machines.add' => static fn() => Write::to(
                'POST',
                '/shop/machines',
                [
                    'code' => 'M7',
                    'title' => 'The new one',
                    'heads' => 1,
                    'needles' => 12,
                    'top_spm' => 1000,
                    'drivers' => ['flat'],
                    'driver' => 'flat',
                    'counts_from' => 'left',
                    'many' => 1,
                ],
                Second::Refused,
            ),
            'machines.code' => static fn() => Write::to('POST', '/shop/machines/M2/code', [], Second::Free),
            'machines.retire' => static function (): Write {
                $machine = Machine::query()->where('code', 'M1')->firstOrFail()->replicate();
                $machine->fill(['code' => 'M8', 'token_hash' => hash('sha256', 'M8')])->save();

                return Write::to('POST', '/shop/machines/M8/retire', ['gone' => 1], Second::Refused);
            },
            'machines.revoke' => static fn() => Write::to('DELETE', '/shop/machines/M2/token', [], Second::Same),
            'prices.keep' => static fn() => Write::to(
                'PUT',
                '/shop/prices',
                [
                    'limits' => [5000, 20000],
                    'steps' => [1, 12],
                    'prices' => [['9.00', '6.50'], ['19.00', '14.00']],
                    'seen' => \App\Foundation\StateHash::of(\App\Money\Queries\PriceList::steps()),
                ],
                Second::Refused,
            ),
            'prices.take' => static fn() => Write::to('POST', '/shop/prices/file', [], Second::Same)->file(
                'list',
                'prices.csv',
                "stitches_to,pieces_from,price\n5000,1,9.00\n",
            ),
            'prices.machine' => static fn() => Write::to(
                'POST',
                '/shop/prices/machine',
                [
                    'machine_price' => 12000,
                    'years' => 7,
                    'hours' => 1500,
                    'watts' => 500,
                    'kwh' => '0.3',
                    'care' => 400,
                ],
                Second::Free,
            ),
            'prices.bought' => static fn() => Write::to(
                'POST',
                '/shop/prices/bought',
                ['id' => self::UUID, 'of' => \Hakama\House\HouseRule::ThreadKm->value, 'amount' => 5, 'paid' => 20],
                Second::Free,
            )->own('id'),
            'ordering.count' => static fn() => Write::to(
                'POST',
                '/shop/ordering/counts',
                ['kind' => 'bobbins', 'amount' => 40],
                Second::Each,
            ),
            'ordering.expect' => static fn() => Write::to(
                'POST',
                '/shop/ordering/expected',
                ['of' => 'Thread', 'what' => 'D-16', 'comes_on' => CarbonImmutable::tomorrow()->format('Y-m-d')],
                Second::Same,
            ),
            'ordering.forget' => static function (): Write {
                $expected = ExpectedGoods::query()->create([
                    'of' => 'Thread',
                    'what' => 'D-16',
                    'expected_on' => CarbonImmutable::tomorrow()->format('Y-m-d'),
                    'who' => 'Maren',
                    'noted_at' => CarbonImmutable::now(),
                ]);

                return Write::to('DELETE', "/shop/ordering/expected/{$expected->id}", [], Second::Refused);
            },
            'ordering.measure' => static fn() => Write::to(
                'POST',
                '/shop/ordering/cloths',
                ['cloth' => Cloth::query()->whereNull('retired_at')->firstOrFail()->code, 'length_mm' => 2000],
                Second::Same,
            ),
            'ordering.supply' => static fn() => Write::to(
                'PUT',
                '/shop/ordering/suppliers',
                ['suppliers' => ['Thread' => ['name' => 'Weir & Spool', 'lead_days' => 4]]],
                Second::Same,
            ),
            'catalogue.read' => static fn() => Write::to('POST', '/shop/catalogue/cloths', [], Second::Same)->file(
                'list',
                'cloths.csv',
                \App\Foundation\Formats\Csv::write(
                    array_map(
                        static fn(\App\Shop\Catalogue\Column $one): string => $one->name,
                        app(\App\Shop\Catalogue\ClothList::class)->columns(),
                    ),
                    array_slice(app(\App\Shop\Catalogue\ClothList::class)->rows(), 0, 1),
                ),
            ),
            'catalogue.update' => static function (): Write {
                $list = app(\App\Shop\Catalogue\ClothList::class);
                $row = $list->rows()[0];
                $columns = array_map(static fn(\App\Shop\Catalogue\Column $one): string => $one->name, $list->columns());

                return Write::to(
                    'PUT',
                    '/shop/catalogue/cloths/one',
                    [
                        ...array_combine($columns, $row),
                        'name' => 'felt, another',
                        'seen' => \App\Foundation\StateHash::of([$row]),
                    ],
                    Second::Refused,
                );
            },
            'catalogue.retire' => static fn() => Write::to(
                'POST',
                '/shop/catalogue/cloths/retire',
                ['name' => Cloth::query()->whereNull('retired_at')->firstOrFail()->code, 'gone' => 1],
                Second::Refused,
            ),
            'threads.store' => static fn() => Write::to(
                'POST',
                '/shop/threads',
                [
                    'code' => 'K-99',
                    'name' => 'Moss',
                    'colour' => '#4f7043',
                    'weight' => 40,
                    'cone' => 1,
                    'metres_left' => 900,
                    'shelf' => 'A9',
                ],
                Second::Same,
            ),
            'threads.empty' => static fn() => Write::to(
                'DELETE',
                '/shop/threads/cones/'.Cone::query()->orderByDesc('id')->firstOrFail()->id,
                [],
                Second::Refused,
            ),
            'threads.read' => static fn() => Write::to('POST', '/shop/threads/list', [], Second::Same)->file(
                'list',
                'threads.csv',
                \App\Stock\ShelfList::csv(\App\Stock\Actions\ThreadShelf::rows()),
            ),
            'threads.take' => static fn() => Write::to('POST', '/shop/threads/list/nothing', ['seen' => 'nothing'], Second::Refused),
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function people(): array
    {
        return [
            'people.add' => static fn() => Write::to(
                'POST',
                '/shop/people',
                ['names' => 'Ann', 'role' => 'operator'],
                Second::Refused,
            ),
            'people.update' => static fn() => Write::to(
                'PUT',
                '/shop/people/'.Person::query()->where('role', 'operator')->firstOrFail()->id,
                ['role' => 'planner'],
                Second::Same,
            ),
            'people.skills' => static fn() => Write::to(
                'PUT',
                '/shop/people/'.Person::query()->where('role', 'operator')->firstOrFail()->id.'/skills',
                ['skills' => ['caps', 'lettering']],
                Second::Same,
            ),
            'people.secret' => static fn() => Write::to(
                'PUT',
                '/shop/people/'.Person::query()->where('role', 'operator')->firstOrFail()->id.'/secret',
                ['kind' => 'pin', 'secret' => '4711'],
                Second::Same,
            ),
            'people.retire' => static fn() => Write::to(
                'POST',
                '/shop/people/'.Person::query()->where('role', 'operator')->firstOrFail()->id.'/retire',
                ['gone' => 1],
                Second::Refused,
            ),
            'people.tablet' => static fn() => Write::to(
                'POST',
                '/shop/people/tablets',
                ['tablet' => 'by the window'],
                Second::Same,
            ),
            'people.tablet.revoke' => static function (): Write {
                Tablet::pair('by the window', null);

                return Write::to(
                    'DELETE',
                    '/shop/people/tablets/'.Tablet::query()->firstOrFail()->id,
                    [],
                    Second::Same,
                );
            },
            'people.calendars' => static fn() => Write::to('POST', '/shop/people/calendars', [], Second::Same),
            'sign-in.try' => static function (): Write {
                Person::query()->where('name', self::person())->firstOrFail()->update(['password' => 'four words in a row']);

                return Write::to(
                    'POST',
                    '/sign-in',
                    ['name' => self::person(), 'password' => 'another altogether'],
                    Second::Refused,
                )->refused();
            },
            'language' => static fn() => Write::to('POST', '/language', ['language' => 'es'], Second::Same),
            'reading.choose' => static fn() => Write::to(
                'PUT',
                '/reading',
                ['language' => 'es', 'region' => 'MX', 'hours' => '24', 'units' => 'inch'],
                Second::Same,
            ),
            'people.language' => static fn() => Write::to(
                'PUT',
                '/shop/people/language',
                ['language' => 'es', 'region' => 'MX'],
                Second::Same,
            ),
            'sign-out' => static fn() => Write::to('POST', '/sign-out', [], Second::Refused),
            'tablet.take' => static fn() => Write::to(
                'POST',
                '/tablet',
                ['code' => Pairing::open(null, 'by the window')],
                Second::Refused,
            ),
        ];
    }

    /** @return array<string, Closure(): Write> */
    private static function begin(): array
    {
        $own = static function (): void {
            \App\Shop\Onboarding\Onboarding::insteadOfTheDemo(['machines', 'frames', 'garments', 'threads', 'rules']);
            app()->forgetScopedInstances();
        };

        return [
            'begin.shop' => static function () use ($own): Write {
                $own();

                return Write::to('PUT', '/begin/shop', [
                    'name' => 'The mill',
                    'zone' => 'UTC',
                    'currency' => 'EUR',
                    'owner' => 'Ann',
                    'password' => 'four words in a row',
                    'again' => 'four words in a row',
                ]);
            },
            'begin.frames' => static fn() => Write::to(
                'POST',
                '/begin/frames',
                ['sets' => [\Hakama\Machine\FrameSet::cases()[0]->value]],
                Second::Same,
            ),
            'begin.threads' => static fn() => Write::to(
                'POST',
                '/begin/threads',
                ['codes' => array_slice(array_keys(\Hakama\Thread\ColourCard::threads()), 0, 3)],
                Second::Same,
            ),
            'begin.week' => static function () use ($own): Write {
                $own();

                return Write::to('PUT', '/begin/week', ['seen' => CalendarBook::weekSign(), 'week' => self::WEEK]);
            },
            'begin.pass' => static function () use ($own): Write {
                $own();

                return Write::to('POST', '/begin/pass/people', [], Second::Same);
            },
            'begin.done' => static fn() => Write::to('POST', '/begin/done', [], Second::Same),
            'begin.demo' => static fn() => Write::to('POST', '/begin/demo', [], Second::Refused),
            'begin.clear' => static fn() => Write::to(
                'POST',
                '/begin/clear',
                ['word' => 'my own', 'keep' => ['machines']],
                Second::Refused,
            ),
        ];
    }

    /** Nobody's controller tells of the machine: a hand says that the load is sewn, and so does another. */
    private static function sewnByHand(): Write
    {
        [$machine, $batch] = self::sewing();

        return Write::to(
            'POST',
            "/floor/{$machine->code}/events",
            ['id' => self::UUID, 'kind' => 'sewn', 'batch' => $batch->code, 'who' => self::person()],
            Second::Refused,
        )
            ->own('id')
            ->holds(static function () use ($batch): void {
                $sewn = \App\Floor\Models\FloorEvent::query()
                    ->where('batch_id', $batch->id)
                    ->where('kind', EventKind::Sewn)
                    ->count();
                self::same(1, $sewn);
                self::same([], app(\App\Floor\Actions\RecountFloor::class)->all()->misfits);
            });
    }

    /** A log in which two told of one load, as earlier versions could leave it. */
    private static function toldTwice(): Write
    {
        [$machine, $batch] = self::sewing();
        $run = FloorLog::run($batch);
        $sewn = static fn(): Event => new Event(
            Str::uuid()->toString(),
            EventKind::Sewn,
            $batch->id,
            $run->load->number,
            10,
            60.0,
            $run->onFrame,
        );
        app(AppendEvent::class)->append($machine, $batch, $sewn(), 'hand', 'Odo');
        $first = \App\Floor\Models\FloorEvent::query()->orderByDesc('seq')->firstOrFail();
        $second = \App\Floor\Models\FloorEvent::query()->create([
            ...collect($first->getAttributes())->except(['seq', 'event_id', 'pieces', 'wear'])->all(),
            'event_id' => Str::uuid()->toString(),
            'pieces' => $first->pieces,
            'wear' => $first->wear,
        ]);

        return Write::to(
            'POST',
            "/floor/{$machine->code}/voids",
            ['event' => $second->seq, 'why_void' => 'told by two'],
            Second::Refused,
        );
    }

    /** @return array{Machine, Batch} twelve polos at M2, the first of them being sewn */
    public static function sewing(): array
    {
        $order = OrderFactory::new()->polos()->nextAt('M2')->create();
        $batch = self::batch($order);
        $machine = Machine::query()->where('code', 'M2')->firstOrFail();
        $first = Piece::query()->where('order_id', $order->id)->orderBy('id')->firstOrFail();
        foreach ([[EventKind::PreflightDone, []], [EventKind::LoadStarted, [$first->id]]] as [$kind, $pieces]) {
            app(AppendEvent::class)->append(
                $machine,
                $batch,
                new Event(
                    Str::uuid()->toString(),
                    $kind,
                    $batch->id,
                    FloorLog::run($batch)->load->number,
                    pieces: $pieces,
                ),
                'hand',
                'Odo',
            );
        }
        $machine->update(['paired_at' => null]);
        app()->forgetScopedInstances();
        $board = app(PlanBoard::class);
        $at = app(\App\Floor\Queries\Stations::class)->at($board->machines()->firstWhere('code', 'M2') ?? $machine, $board)->running?->batch->code;
        if ($at !== $batch->code) {
            throw new LogicException("{$at} is at the machine, not {$batch->code}");
        }
        app()->forgetScopedInstances();

        return [$machine->refresh(), $batch];
    }

    public static function polos(): Order
    {
        return OrderFactory::new()->polos()->setUp()->create()->refresh();
    }

    private static function finished(): Order
    {
        return Order::query()
            ->whereDoesntHave('lines.decorations.pieces', static fn($piece) => $piece->open())
            ->whereHas('lines.decorations.pieces')
            ->orderBy('number')
            ->firstOrFail();
    }

    private static function decoration(Order $order): Decoration
    {
        return Decoration::query()
            ->with('artwork')
            ->whereIn('order_line_id', $order->lines()->select('id'))
            ->orderBy('id')
            ->firstOrFail();
    }

    private static function batch(Order $order): Batch
    {
        return Batch::query()
            ->with('decoration.artwork')
            ->where('decoration_id', self::decoration($order)->id)
            ->firstOrFail();
    }

    private static function pieceTo(string $finish): Piece
    {
        $piece = Piece::query()->where('state', PieceState::Done)->orderBy('id')->firstOrFail();
        $piece->update(['finish' => $finish]);

        return $piece;
    }

    /** @return list<int> two of one order */
    private static function bundles(): array
    {
        Bundle::tie(self::polos(), 4, 'Odo');

        return array_values(Bundle::query()->orderByDesc('id')->limit(2)->pluck('id')->all());
    }

    private static function named(Decoration $decoration): \App\Orders\Models\Lettering
    {
        $pieces = Piece::query()->where('decoration_id', $decoration->id)->orderBy('id')->pluck('id')->all();
        app(\App\Orders\Names\NamesBook::class)->keep(
            $decoration,
            new \App\Orders\Models\Lettering(['alphabet' => \Hakama\Lettering\Alphabet::Block, 'height_mm' => 12.0]),
            array_combine($pieces, ['Ann', 'Bo', 'Cleo', 'Dora', 'Eve', 'Fay']),
            (int) \App\Stock\Models\Thread::query()->orderBy('id')->value('id'),
        );

        return \App\Orders\Models\Lettering::of($decoration->refresh()) ?? throw new LogicException('no names');
    }

    private static function proposal(): Proposal
    {
        self::polos();
        app()->forgetScopedInstances();

        return Proposal::query()->create([
            'state' => 'ready',
            'version' => PlanBoard::version(),
            'seed' => 1,
            'iterations' => 100,
            'sequence' => app(PlanBoard::class)->sequence()->batches,
            'asked_at' => CarbonImmutable::now(),
        ]);
    }

    public static function person(): string
    {
        return (string) Person::query()->whereNull('retired_at')->orderBy('id')->value('name');
    }

    private static function thread(): string
    {
        return (string) \App\Stock\Models\Thread::query()->orderBy('id')->value('code');
    }

    private static function tape(int $stitches): string
    {
        $builder = new PatternBuilder('ROW');
        for ($i = 1; $i <= $stitches; $i++) {
            $builder->stitchTo(20 * ($i % 2), 3 * $i);
        }

        return (new TapeWriter())->toString($builder->pattern());
    }

    private static function same(mixed $wanted, mixed $is): void
    {
        \PHPUnit\Framework\Assert::assertSame($wanted, $is);
    }
}
