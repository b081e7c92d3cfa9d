<?php

declare(strict_types=1);

use App\Http\Controllers\Artwork\ArtworkController;
use App\Http\Controllers\Artwork\BlockThreadController;
use App\Http\Controllers\Artwork\ClothController;
use App\Http\Controllers\Artwork\DrawingController;
use App\Http\Controllers\Artwork\HistoryController;
use App\Http\Controllers\Artwork\LettersController;
use App\Http\Controllers\Artwork\MakingController;
use App\Http\Controllers\Artwork\StopSheetController;
use App\Http\Controllers\Begin\BeginController;
use App\Http\Controllers\Begin\HomeController;
use App\Http\Controllers\Begin\UpController;
use App\Http\Controllers\Books\BooksController;
use App\Http\Controllers\Books\InvoiceController;
use App\Http\Controllers\Books\JobController;
use App\Http\Controllers\Books\LearnController;
use App\Http\Controllers\Books\PromiseController;
use App\Http\Controllers\Floor\BenchController;
use App\Http\Controllers\Floor\BundleController;
use App\Http\Controllers\Floor\CorrectionController;
use App\Http\Controllers\Floor\FinderController;
use App\Http\Controllers\Floor\FinishController;
use App\Http\Controllers\Floor\FloorController;
use App\Http\Controllers\Floor\FloorEventController;
use App\Http\Controllers\Floor\TagController;
use App\Http\Controllers\Needles\CardController;
use App\Http\Controllers\Needles\CareController;
use App\Http\Controllers\Needles\NeedlesController;
use App\Http\Controllers\Needles\PinController;
use App\Http\Controllers\Needles\WalkController;
use App\Http\Controllers\Orders\AskQuoteController;
use App\Http\Controllers\Orders\ChangeController;
use App\Http\Controllers\Orders\ColourController;
use App\Http\Controllers\Orders\CountController;
use App\Http\Controllers\Orders\MoneyController;
use App\Http\Controllers\Orders\NamesController;
use App\Http\Controllers\Orders\OrderController;
use App\Http\Controllers\Orders\OrderListController;
use App\Http\Controllers\Orders\QuoteController;
use App\Http\Controllers\People\PeopleController;
use App\Http\Controllers\People\SignInController;
use App\Http\Controllers\People\TabletController;
use App\Http\Controllers\Plan\AskController;
use App\Http\Controllers\Plan\CalendarController;
use App\Http\Controllers\Plan\ExportController;
use App\Http\Controllers\Plan\LatenessController;
use App\Http\Controllers\Plan\PlanController;
use App\Http\Controllers\Plan\ProposalController;
use App\Http\Controllers\Setup\BackingController;
use App\Http\Controllers\Setup\ClampController;
use App\Http\Controllers\Setup\HoopingController;
use App\Http\Controllers\Setup\PictureController;
use App\Http\Controllers\Setup\PlacementController;
use App\Http\Controllers\Setup\PracticeController;
use App\Http\Controllers\Setup\SetupController;
use App\Http\Controllers\Shop\CatalogueController;
use App\Http\Controllers\Shop\ChangesController;
use App\Http\Controllers\Shop\MachineController;
use App\Http\Controllers\Shop\PriceController;
use App\Http\Controllers\Shop\ShopController;
use App\Http\Controllers\Thread\OrderingController;
use App\Http\Controllers\Thread\ThreadController;
use App\Http\Controllers\Thread\ThreadListController;
use App\Http\PeekSession;
use App\Http\ReadsLong;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::get('/', HomeController::class)->name('home');
Route::get('/up', UpController::class)->name('up');

Route::controller(SignInController::class)->group(static function (): void {
    Route::get('/sign-in', 'show')->name('sign-in');
    Route::post('/sign-in', 'store')->name('sign-in.try');
    Route::post('/sign-out', 'destroy')->name('sign-out');
});
Route::get('/tablet', [TabletController::class, 'show'])->name('tablet.pair');
Route::post('/tablet', [TabletController::class, 'store'])->name('tablet.take');

Route::controller(BeginController::class)
    ->prefix('begin')
    ->name('begin.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show');
        Route::put('/shop', 'shop')->name('shop');
        Route::post('/frames', 'frames')->name('frames');
        Route::post('/threads', 'threads')->name('threads');
        Route::put('/week', 'week')->name('week');
        Route::post('/demo', 'demo')->name('demo');
        Route::post('/clear', 'clear')->name('clear');
        Route::post('/done', 'done')->name('done');
        Route::post('/pass/{step}', 'pass')->name('pass')->whereAlpha('step');
    });

Route::post('/orders/list', [OrderListController::class, 'store'])->name('orders.list');
Route::controller(ChangeController::class)
    ->prefix('orders')
    ->name('orders.')
    ->group(static function (): void {
        Route::post('/lines/{line}/arrivals', 'arrive')->name('arrive')->whereNumber('line');
        Route::get('/{order}/story', 'story')->name('story');
        Route::put('/{order}/shelf', 'shelve')->name('shelve');
        Route::get('/{order}/change', 'edit')->name('edit');
        Route::get('/{order}/lines/new', 'more')->name('more');
        Route::post('/{order}/lines', 'add')->name('add');
        Route::put('/{order}', 'update')->name('change');
        Route::post('/{order}/cancel', 'cancel')->name('cancel');
        Route::post('/{order}/reopen', 'reopen')->name('reopen');
        Route::post('/{order}/hand-overs', 'hand')->name('hand');
        Route::get('/{order}/slips/{number}', 'slip')->name('slip')->whereNumber('number');
    });
Route::controller(NamesController::class)
    ->prefix('orders/names')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/{decoration}', 'show')->name('names')->whereNumber('decoration');
        Route::put('/{decoration}', 'keep')->name('names.keep')->whereNumber('decoration');
        Route::post('/{decoration}/approve', 'approve')->name('names.approve')->whereNumber('decoration');
    });
Route::controller(ColourController::class)
    ->prefix('orders/colours')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/{decoration}', 'show')->name('colours')->whereNumber('decoration');
        Route::put('/{decoration}', 'keep')->name('colours.keep')->whereNumber('decoration');
    });
Route::get('/orders/ask', [AskQuoteController::class, 'page'])->name('orders.ask');
Route::controller(QuoteController::class)
    ->prefix('orders/quotes')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('quotes');
        Route::post('/', 'store')->name('quotes.keep');
        Route::put('/{quote}', 'answer')->name('quotes.answer')->whereNumber('quote');
        Route::get('/{quote}.pdf', 'paper')->name('quotes.paper')->whereNumber('quote');
    });
Route::controller(MoneyController::class)
    ->prefix('orders/{order}')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/money', 'show')->name('money');
        Route::put('/money', 'keep')->name('money.keep');
        Route::get('/quote', 'quote')->name('quote');
    });
Route::controller(InvoiceController::class)->group(static function (): void {
    Route::post('/orders/{order}/invoices', 'write')->name('orders.invoice');
    Route::get('/books/invoices.csv', 'csv')->name('invoices.csv')->middleware(ReadsLong::class);
    Route::get('/books/invoices/{invoice:number}', 'paper')->name('invoices.paper');
    Route::post('/books/invoices/{invoice:number}/credit', 'credit')->name('invoices.credit');
});
Route::get('/books/jobs', JobController::class)->name('books.jobs')->middleware(ReadsLong::class);
Route::get('/books/promises', PromiseController::class)->name('books.promises')->middleware(ReadsLong::class);
Route::get('/books/learned', [LearnController::class, 'show'])->name('books.learned')->middleware(ReadsLong::class);
Route::put('/books/learned', [LearnController::class, 'decide'])->name('books.learned.decide');
Route::put('/books/learned/cloths', [LearnController::class, 'decideCloth'])->name('books.learned.cloth');
Route::put('/books/learned/rules', [LearnController::class, 'decideRule'])->name('books.learned.rule');
Route::controller(PriceController::class)
    ->prefix('shop/prices')
    ->name('prices.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show');
        Route::put('/', 'keep')->name('keep');
        Route::get('/prices.csv', 'csv')->name('csv');
        Route::get('/rates.csv', 'rates')->name('rates');
        Route::post('/file', 'take')->name('take');
        Route::post('/machine', 'machineHour')->name('machine');
        Route::post('/bought', 'bought')->name('bought');
    });
Route::controller(OrderController::class)
    ->prefix('orders')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index');
        Route::get('/new', 'create')->name('create');
        Route::get('/new/line', 'line')->name('line');
        Route::post('/', 'store')->name('store');
        Route::get('/decorations/{decoration}/artworks', 'artworks')->name('artworks')->whereNumber('decoration');
        Route::put('/decorations/{decoration}', 'artwork')->name('artwork')->whereNumber('decoration');
        Route::get('/{order}', 'show')->name('show');
    });

Route::controller(ArtworkController::class)
    ->prefix('artwork')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index');
        Route::post('/', 'store')->name('store');
        Route::get('/{artwork}', 'show')->name('show')->whereNumber('artwork');
        Route::put('/{artwork}', 'update')->name('update')->whereNumber('artwork');
    });
Route::get('/artwork/{artwork}/stops', [StopSheetController::class, 'show'])->name('artwork.stops');
Route::controller(ClothController::class)
    ->prefix('artwork/{artwork}/cloth')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('cloth');
        Route::put('/', 'update')->name('cloth.keep');
        Route::post('/together', 'together')->name('cloth.together');
        Route::get('/pattern', 'pattern')->name('cloth.pattern');
    });
Route::put('/artwork/{artwork}/stops', [StopSheetController::class, 'update'])->name('artwork.stops.keep');
Route::put('/artwork/{artwork}/letters', [LettersController::class, 'update'])->name('artwork.letters');
Route::controller(MakingController::class)
    ->prefix('artwork/{artwork}')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/make', 'show')->name('make');
        Route::post('/make', 'store')->name('make.keep');
        Route::get('/make/tape.dst', 'tape')->name('make.tape');
    });
Route::controller(HistoryController::class)
    ->prefix('artwork')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/{artwork}/history', 'show')->name('history');
        Route::post('/{artwork}/file', 'replace')->name('replace');
        Route::post('/{artwork}/sew-outs', 'sewOut')->name('sewout');
    });
Route::put('/artwork/{artwork}/blocks/{number}', [BlockThreadController::class, 'update'])
    ->name('artwork.thread')
    ->whereNumber('number');
Route::get('/artwork/{artwork}/blocks/{number}/threads', [BlockThreadController::class, 'suggest'])
    ->name('artwork.suggest')
    ->whereNumber('number');

Route::controller(SetupController::class)
    ->prefix('setup')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index');
        Route::get('/{decoration}', 'show')->name('show')->whereNumber('decoration');
        Route::post('/{decoration}', 'store')->name('store')->whereNumber('decoration');
        Route::get('/{decoration}/paper', 'paper')->name('print')->whereNumber('decoration');
    });
Route::controller(PlacementController::class)
    ->prefix('setup/{decoration}')
    ->name('setup.')
    ->whereNumber('decoration')
    ->group(static function (): void {
        Route::put('/placement', 'keep')->name('keep');
    });
Route::controller(BackingController::class)
    ->prefix('setup/backing')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('backing');
        Route::post('/', 'store')->name('backing.add');
        Route::post('/{batch}', 'cut')->name('cut');
        Route::put('/{stock}', 'update')->name('stock')->whereNumber('stock');
    });
Route::controller(PictureController::class)
    ->prefix('setup')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/{decoration}/picture', 'show')->name('picture')->whereNumber('decoration');
        Route::post('/{decoration}/picture', 'measure')->name('picture.measure')->whereNumber('decoration');
        Route::get('/stickers.pdf', 'stickers')->name('stickers');
    });
Route::controller(ClampController::class)
    ->prefix('setup/clamps')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('clamps');
        Route::post('/', 'store')->name('clamps.keep');
        Route::get('/proving-design.dst', 'proving')->name('clamps.proving');
    });
Route::controller(PracticeController::class)
    ->prefix('setup/practice')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('practice');
        Route::post('/', 'store')->name('practice.log');
    });

Route::get('/needles/walks', [WalkController::class, 'show'])->name('needles.walks');
Route::get('/needles/cards/{code}', [CardController::class, 'show'])->name('needles.card');
Route::get('/needles/{machine}/care', [CareController::class, 'show'])->name('needles.care');
Route::post('/needles/{machine}/care', [CareController::class, 'note'])->name('needles.care.note');
Route::get('/needles/{machine}/pins', [PinController::class, 'show'])->name('needles.pins');
Route::controller(NeedlesController::class)
    ->prefix('needles')
    ->name('needles.')
    ->group(static function (): void {
        Route::get('/{machine?}', 'show')->name('show');
        Route::post('/{machine}/fittings', 'fit')->name('fit');
        Route::post('/{machine}/{number}', 'load')->name('load')->whereNumber('number');
        Route::put('/{machine}/{number}', 'pin')->name('pin')->whereNumber('number');
    });

Route::controller(PlanController::class)
    ->prefix('plan')
    ->name('plan.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show');
        Route::post('/moves', 'move')->name('moves');
        Route::post('/due', 'byDue')->name('due');
        Route::post('/undo', 'undo')->name('undo');
        Route::get('/batches/{code}', 'why')->name('why')->middleware(ReadsLong::class);
        Route::put('/batches/{code}/fixed', 'fix')->name('fix');
        Route::post('/batches/{code}/split', 'split')->name('split');
        Route::post('/batches/{code}/merge', 'merge')->name('merge');
    });
Route::get('/plan/ask', [AskController::class, 'show'])->name('plan.ask');
Route::controller(ProposalController::class)
    ->prefix('plan/proposals')
    ->name('plan.')
    ->group(static function (): void {
        Route::post('/', 'store')->name('propose');
        Route::get('/{proposal}', 'show')->name('proposal')->whereNumber('proposal');
        Route::post('/{proposal}/stop', 'stop')->name('stop')->whereNumber('proposal');
        Route::post('/{proposal}/take', 'take')->name('take')->whereNumber('proposal');
        Route::delete('/{proposal}', 'leave')->name('leave')->whereNumber('proposal');
    });
Route::get('/plan/lateness', [LatenessController::class, 'show'])->name('plan.lateness');
Route::put('/plan/lateness', [LatenessController::class, 'keep'])->name('plan.lateness.keep');
Route::controller(CalendarController::class)
    ->prefix('plan')
    ->name('plan.')
    ->group(static function (): void {
        Route::get('/calendar', 'show')->name('calendar');
        Route::put('/calendar/week', 'week')->name('week');
        Route::post('/calendar/off', 'dayOff')->name('off');
        Route::post('/calendar/extra', 'extra')->name('extra');
        Route::post('/calendar/down', 'downtime')->name('down');
        Route::post('/calendar/person', 'presence')->name('person');
        Route::delete('/calendar/{kind}/{which}', 'remove')->name('calendar.remove');
    });

Route::controller(FinishController::class)
    ->prefix('floor')
    ->name('floor.')
    ->group(static function (): void {
        Route::get('/board', 'board')->name('board');
        Route::get('/finish', 'show')->name('finish');
        Route::post('/finish', 'finish')->name('finished');
        Route::post('/check/{piece}', 'check')->name('check')->whereNumber('piece');
    });
Route::get('/shop/ordering', [OrderingController::class, 'show'])->name('ordering.show')->middleware(ReadsLong::class);
Route::get('/shop/ordering.csv', [OrderingController::class, 'csv'])->name('ordering.csv')->middleware(ReadsLong::class);
Route::post('/shop/ordering/counts', [OrderingController::class, 'count'])->name('ordering.count');
Route::post('/shop/ordering/cloths', [OrderingController::class, 'measure'])->name('ordering.measure');
Route::put('/shop/ordering/suppliers', [OrderingController::class, 'supply'])->name('ordering.supply');
Route::get('/floor/bench', [BenchController::class, 'show'])->name('floor.bench');
Route::post('/floor/bench/places/{kept}', [BenchController::class, 'right'])
    ->name('floor.bench.right')
    ->whereNumber('kept');
Route::get('/floor/finder', FinderController::class)->name('floor.finder');
Route::get('/orders/{order}/tags', [TagController::class, 'labels'])->name('orders.tags');
Route::get('/orders/{order}/labels.pdf', [TagController::class, 'pdf'])->name('orders.labels');
Route::controller(CountController::class)
    ->prefix('orders/{order}/count')
    ->name('orders.count')
    ->group(static function (): void {
        Route::get('/', 'show');
        Route::post('/', 'add')->name('.add');
        Route::delete('/', 'anew')->name('.anew');
    });
Route::get('/floor/tags', [TagController::class, 'find'])->name('floor.tags');
Route::post('/orders/{order}/bundles', [BundleController::class, 'tie'])->name('orders.bundles');
Route::controller(BundleController::class)
    ->prefix('floor/bundles/{bundle}')
    ->name('floor.bundles.')
    ->whereNumber('bundle')
    ->group(static function (): void {
        Route::post('/split', 'split')->name('split');
        Route::post('/join', 'join')->name('join');
        Route::post('/count', 'count')->name('count');
    });
Route::get('/floor/tags/{code}', [TagController::class, 'show'])->name('floor.tag');
Route::get('/floor/{machine?}', [FloorController::class, 'show'])->name('floor.show');
Route::get('/floor/cards/{code}', [CardController::class, 'floor'])->name('floor.card');
Route::put('/floor/who', [FloorController::class, 'who'])->name('floor.who');
Route::post('/floor/{machine}/events', [FloorEventController::class, 'store'])->name('floor.events');
Route::get('/floor/{machine}/corrections', [CorrectionController::class, 'show'])->name('floor.corrections');
Route::post('/floor/{machine}/corrections', [CorrectionController::class, 'store'])->name('floor.correct');
Route::post('/floor/{machine}/voids', [CorrectionController::class, 'void'])->name('floor.void');

Route::get('/books', [BooksController::class, 'show'])->name('books.show')->middleware(ReadsLong::class);
Route::get('/books.csv', [BooksController::class, 'csv'])->name('books.csv')->middleware(ReadsLong::class);
Route::get('/books.xlsx', [BooksController::class, 'xlsx'])->name('books.xlsx')->middleware(ReadsLong::class);

Route::get('/shop', [ShopController::class, 'show'])->name('shop.show');
Route::get('/shop/changes', [ChangesController::class, 'show'])->name('shop.changes');
Route::post('/shop/changes/{change}/undo', [ChangesController::class, 'undo'])
    ->name('shop.undo')
    ->whereNumber('change');
Route::controller(MachineController::class)
    ->prefix('shop/machines')
    ->name('machines.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show');
        Route::post('/', 'add')->name('add');
        Route::post('/{machine}/code', 'code')->name('code');
        Route::post('/{machine}/retire', 'retire')->name('retire');
        Route::delete('/{machine}/token', 'revoke')->name('revoke');
    });
Route::controller(PeopleController::class)
    ->prefix('shop/people')
    ->name('people.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show');
        Route::post('/', 'add')->name('add');
        Route::post('/tablets', 'tablet')->name('tablet');
        Route::delete('/tablets/{tablet}', 'revoke')->name('tablet.revoke')->whereNumber('tablet');
        Route::post('/calendars', 'calendars')->name('calendars');
        Route::put('/{person}', 'update')->name('update')->whereNumber('person');
        Route::put('/{person}/secret', 'secret')->name('secret')->whereNumber('person');
        Route::post('/{person}/retire', 'retire')->name('retire')->whereNumber('person');
    });
Route::controller(CatalogueController::class)
    ->prefix('shop/catalogue')
    ->name('catalogue.')
    ->group(static function (): void {
        Route::get('/{list?}', 'show')->name('show')->whereAlpha('list');
        Route::get('/{list}.csv', 'csv')->name('csv')->whereAlpha('list');
        Route::post('/{list}', 'read')->name('read')->whereAlpha('list');
        Route::get('/{list}/one', 'edit')->name('edit')->whereAlpha('list');
        Route::put('/{list}/one', 'update')->name('update')->whereAlpha('list');
        Route::post('/{list}/retire', 'retire')->name('retire')->whereAlpha('list');
    });
Route::put('/shop/rules', [ShopController::class, 'update'])->name('shop.rules');
Route::controller(ThreadListController::class)
    ->prefix('shop/threads')
    ->name('threads.')
    ->group(static function (): void {
        Route::get('/list.csv', 'csv')->name('csv');
        Route::get('/list.xlsx', 'xlsx')->name('xlsx');
        Route::post('/list', 'read')->name('read');
        Route::get('/list/{key}', 'preview')->name('preview');
        Route::post('/list/{key}', 'takeOver')->name('take');
    });
Route::controller(ThreadController::class)
    ->prefix('shop/threads')
    ->name('threads.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index');
        Route::post('/', 'store')->name('store');
        Route::get('/needs', 'needs')->name('needs');
        Route::get('/match', 'match')->name('match');
        Route::delete('/cones/{cone}', 'empty')->name('empty');
    });

/*
 * What pages fetch for themselves, pictures above all. None of it has a part in the session: saved by one of these that
 * was long on its way, it would lose what was told to the person meanwhile.
 */
Route::withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->middleware(PeekSession::class)
    ->group(static function (): void {
        Route::controller(DrawingController::class)
            ->prefix('artwork/{artwork}')
            ->name('artwork.')
            ->group(static function (): void {
                Route::get('/drawing.svg', 'svg')->name('drawing');
                Route::get('/track', 'track')->name('track');
                Route::get('/timeline', 'timeline')->name('timeline');
                Route::get('/density', 'density')->name('density');
                Route::get('/tape.dst', 'tape')->name('tape');
                Route::get('/template.pdf', 'template')->name('template');
            });
        Route::get('/artwork/{artwork}/note.txt', [ArtworkController::class, 'note'])->name('artwork.note');
        Route::get('/artwork/{artwork}/make/sheets', [MakingController::class, 'sheets'])->name('artwork.sheets');
        Route::get('/artwork/{artwork}/make/preview', [MakingController::class, 'preview'])->name('artwork.preview');
        Route::get('/floor/looks/{finishing}', [FinishController::class, 'picture'])
            ->name('floor.look')
            ->whereNumber('finishing');
        Route::get('/artwork/sew-outs/{sewOut}/photo', [HistoryController::class, 'photo'])->name('artwork.photo');
        Route::get('/floor/{machine}/pulse', [FloorController::class, 'pulse'])->name('floor.pulse');
        Route::get('/plan/consequence', [PlanController::class, 'consequence'])->name('plan.consequence');
        Route::get('/plan/batches/{code}/splitting', [PlanController::class, 'splitting'])->name('plan.splitting');
        Route::get('/plan/machines/{machine}.ics', [ExportController::class, 'machine'])->name('plan.ics');
        Route::get('/plan/promises/{customer}.ics', [ExportController::class, 'promises'])
            ->name('plan.promises')
            ->whereNumber('customer');
        Route::get('/plan.csv', [ExportController::class, 'csv'])->name('plan.csv')->middleware(ReadsLong::class);
        Route::get('/orders/ask/answer', [AskQuoteController::class, 'answered'])->name('orders.asked');
        Route::post('/orders/new/check', [OrderController::class, 'check'])->name('orders.check');
        Route::post('/orders/new/promise', [OrderController::class, 'promise'])->name('orders.promise');
        Route::controller(NamesController::class)
            ->prefix('orders/names')
            ->name('orders.')
            ->group(static function (): void {
                Route::post('/{decoration}/check', 'check')->name('names.check')->whereNumber('decoration');
                Route::get('/{decoration}/{text}.svg', 'drawing')
                    ->name('names.drawing')
                    ->whereNumber(['decoration', 'text']);
                Route::get('/{decoration}/{text}/track', 'track')
                    ->name('names.track')
                    ->whereNumber(['decoration', 'text']);
                Route::get('/{decoration}/{text}.dst', 'tape')
                    ->name('names.tape')
                    ->whereNumber(['decoration', 'text']);
            });
        Route::get('/orders/colours/{decoration}.svg', [ColourController::class, 'drawing'])
            ->name('orders.colours.drawing')
            ->whereNumber('decoration');
        Route::get('/orders/{order}/foresight', [ChangeController::class, 'foresee'])->name('orders.foresee');
        Route::get('/setup/{decoration}/hoopings/{number}/track', [HoopingController::class, 'track'])
            ->name('setup.hooping.track')
            ->whereNumber(['decoration', 'number']);
        Route::get('/setup/{decoration}/hoopings/{number}.dst', [HoopingController::class, 'tape'])
            ->name('setup.hooping.tape')
            ->whereNumber(['decoration', 'number']);
        Route::get('/setup/{decoration}/measure', [PlacementController::class, 'measure'])
            ->name('setup.measure')
            ->whereNumber('decoration');
    });
