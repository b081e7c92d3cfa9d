<?php

declare(strict_types=1);

namespace App\Http\Controllers\Orders;

use App\Database\Whole;
use App\Formats\Csv;
use App\History\History;
use App\Http\Requests\Orders\AskQuote;
use App\Http\Requests\Orders\KeepMoney;
use App\Models\Change;
use App\Models\FloorEvent;
use App\Models\Invoice;
use App\Models\Machine;
use App\Models\Order;
use App\Models\OrderLine;
use App\Money\Invoices;
use App\Money\LineMoney;
use App\Money\OrderMoney;
use App\Money\PaperPdf;
use App\Money\PriceList;
use App\Money\WorkOf;
use App\People\Caller;
use App\Shop\House;
use App\Shop\Premises;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\House\HouseRule;
use Hakama\Machine\RunTime;
use Hakama\Money\NoPrice;
use Hakama\Money\Quote;
use Hakama\Money\Rates;
use Hakama\Money\Work;
use Hakama\Thread\ThreadUse;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** What an order costs, is sold for and came to; its quote and its invoices. */
final readonly class MoneyController
{
    /** A stitch is about so long where there is no tape, and a piece of backing so large. */
    private const USUAL_STITCH_MM = 2.5;
    private const USUAL_BACKING_CM2 = 450.0;
    private const TRIMS_A_COLOUR = 2;
    private const JOBS = 40;

    public function __construct(
        private House $house,
        private PriceList $prices,
        private WorkOf $works,
        private Premises $premises,
    ) {}

    public function show(Order $order): View
    {
        return view('orders.money', [
            'order' => $order->load('customer'),
            'money' => $this->money($order),
            'seen' => KeepMoney::sign($order),
            'currency' => $this->premises->shop()->currency,
            'invoices' => Invoice::query()->where('order_id', $order->id)->orderBy('number')->get(),
            'form' => (string) Str::uuid(),
        ]);
    }

    public function keep(KeepMoney $request, Order $order): RedirectResponse
    {
        Whole::write(static function () use ($request, $order): void {
            $before = $order->only(['artwork_cents', 'agreed_cents']);
            $order->update([
                'artwork_cents' => $request->cents('artwork') ?? 0,
                'agreed_cents' => $request->cents('agreed'),
            ]);
            foreach ($order->lines()->get() as $line) {
                $before["blank {$line->id}"] = $line->blank_cents;
                $line->update(['blank_cents' => $request->cents("blank.{$line->id}")]);
            }
            $after = $order->only(['artwork_cents', 'agreed_cents']);
            foreach ($order->lines()->get() as $line) {
                $after["blank {$line->id}"] = $line->blank_cents;
            }
            [$was, $is] = History::differing($before, $after);
            if ($is !== []) {
                History::note(Change::ORDER, (string) $order->number, 'amounts', $was, $is);
            }
        });

        return redirect()->route('orders.money', $order)->with('done', 'The amounts are kept.');
    }

    /** One page for the customer. */
    public function quote(Order $order): Response
    {
        $order->load('customer');
        $money = $this->money($order);
        $price = $money->priceCents();
        abort_if($price === null, 404);
        $rows = array_map(
            static fn(LineMoney $line): array => [
                'text' =>
                    $line->line->garmentLabel().
                    ', sewn: '.
                    $line->line->decorations->whereNull('split_from_id')->map->positionLabel()->implode(', '),
                'pieces' => $line->job->pieces,
                'cents' => $line->quote->price ?? 0,
            ],
            $money->lines,
        );
        $sum = array_sum(array_column($rows, 'cents'));
        if ($sum !== $price) {
            $rows[] = ['text' => 'To the price for the whole order', 'pieces' => 0, 'cents' => $price - $sum];
        }

        return self::pdf(
            PaperPdf::of(
                $this->premises->shop()->name,
                "Quote for order {$order->number}",
                [
                    "For {$order->customer->name}",
                    'Of '.CarbonImmutable::now()->format('j F Y').', good for 30 days',
                    'Wanted by '.$order->due_at->format('l j F Y, H:i'),
                ],
                $rows,
                $price,
                $this->premises->shop()->currency,
                ['Prices by the stitches of the artwork as it is now; another artwork is another price.'],
            ),
            "quote-{$order->number}",
        );
    }

    public function invoice(Request $request, Order $order): RedirectResponse
    {
        $request->validate(['form' => ['required', 'uuid']], ['form.*' => 'Open the page anew.']);
        $invoice = Invoices::write(
            $this->money($order->load('customer')),
            $request->string('form')->lower()->value(),
            Caller::acting($request),
        );
        if ($invoice === null) {
            throw ValidationException::withMessages([
                'form' => 'There is nothing to invoice: no price yet, or all of it stands on an invoice.',
            ]);
        }

        return redirect()
            ->route('orders.money', $order)
            ->with('done', "Invoice {$invoice->number} is written.");
    }

    public function credit(Request $request, Invoice $invoice): RedirectResponse
    {
        $request->validate(['form' => ['required', 'uuid']], ['form.*' => 'Open the page anew.']);
        $credit = Invoices::credit($invoice, $request->string('form')->lower()->value(), Caller::acting($request));

        return redirect()
            ->route('orders.money', $invoice->order)
            ->with(
                $credit === null ? 'problem' : 'done',
                $credit === null
                    ? 'A credit is not credited again.'
                    : "Credit {$credit->number} takes invoice {$invoice->number} back.",
            );
    }

    public function paper(Invoice $invoice): Response
    {
        $invoice->load(['order']);
        $isCredit = $invoice->credits_id !== null;

        return self::pdf(
            PaperPdf::of(
                $this->premises->shop()->name,
                ($isCredit ? 'Credit ' : 'Invoice ').$invoice->number,
                [
                    "For {$invoice->customer}",
                    'Of '.$invoice->issued_at->format('j F Y').", order {$invoice->order->number}",
                    ...$isCredit
                        ? ['Takes back invoice '.Invoice::query()->whereKey($invoice->credits_id)->value('number')]
                        : [],
                ],
                $invoice->rows,
                $invoice->cents,
                $this->premises->shop()->currency,
                [],
            ),
            ($isCredit ? 'credit-' : 'invoice-').$invoice->number,
        );
    }

    /** All invoices, for the bookkeeper. */
    public function csv(): Response
    {
        $rows = Invoice::query()
            ->with('order')
            ->orderBy('number')
            ->get()
            ->map(
                static fn(Invoice $one): array => [
                    (string) $one->number,
                    $one->issued_at->format('Y-m-d'),
                    $one->credits_id === null ? 'invoice' : 'credit',
                    (string) $one->order->number,
                    $one->customer,
                    PaperPdf::amount($one->cents),
                ],
            )
            ->all();

        return (new Response(Csv::write(['number', 'day', 'kind', 'order', 'customer', 'amount'], array_values($rows))))
            ->header('Content-Type', 'text/csv; charset=UTF-8')
            ->header('Content-Disposition', 'attachment; filename="invoices.csv"');
    }

    /** What the orders of late came to, the dearest surprise first. */
    public function jobs(): View
    {
        $orders = Order::query()
            ->with([
                'customer',
                'lines.decorations.artwork.blocks.thread',
                'lines.decorations.setup.frame',
                'lines.decorations.batch',
            ])
            ->whereIn('id', FloorEvent::query()->where('kind', EventKind::PieceDone)->select('order_id'))
            ->orderByDesc('due_at')
            ->limit(self::JOBS)
            ->get();
        $this->works->countAll($orders->modelKeys());
        $jobs = $orders
            ->map(fn(Order $order): OrderMoney => OrderMoney::of($order, $this->house, $this->prices, $this->works))
            ->sortBy(static fn(OrderMoney $job): int => ($job->priceCents() ?? 0) - ($job->realCents() ?? 0));

        return view('books.jobs', ['jobs' => $jobs, 'currency' => $this->premises->shop()->currency]);
    }

    /** On the telephone: before there is an order, or an artwork. */
    public function ask(Request $request): View
    {
        $quotes = [];
        $problem = $guess = null;
        if ($request->query->count() > 0) {
            try {
                $asked = AskQuote::createFrom($request)->setContainer(app())->setRedirector(app('redirect'));
                $asked->validateResolved();
                $guess = $asked->guess($this->house->rules()->value(HouseRule::FullFill));
                foreach (
                    $guess === null ? [$asked->integer('stitches')] : [$guess->least, $guess->likely, $guess->most] as $stitches
                ) {
                    $quotes[$stitches] = Quote::of(
                        $asked->job(max(1, $stitches), $this->work(...)),
                        Rates::ofHouse($this->house->rules()),
                        $this->prices->price(null),
                        (int) $this->house->rules()->value(HouseRule::LeastCharge),
                    );
                }
            } catch (ValidationException $e) {
                $problem = $e->validator->errors()->first();
            } catch (NoPrice $e) {
                $problem = $e->getMessage();
            }
        }

        $answer = [
            'quotes' => $quotes,
            'guess' => $guess,
            'problem' => $problem,
            'currency' => $this->premises->shop()->currency,
            'wanted' => $this->house->rules()->value(HouseRule::WantedMargin),
        ];

        return $request->hasHeader('HX-Request') ? view('orders.asked', $answer) : view('orders.ask', $answer);
    }

    /** Work of which only stitches and colours are known, on the machine that sews it soonest. */
    private function work(int $stitches, int $colours): Work
    {
        $rules = $this->house->rules();
        $use = ThreadUse::of($stitches * self::USUAL_STITCH_MM, $stitches, $rules->threadUse());
        $machine = Machine::query()->whereNull('retired_at')->orderByDesc('heads')->first();
        $seconds =
            $machine === null
                ? 0.0
                : RunTime::about(
                    $stitches,
                    $colours,
                    $rules->value(HouseRule::Speed),
                    $machine->speedCurve(),
                    $rules->runTime(),
                    $machine->heads,
                )->seconds();

        return new Work(
            'one place',
            $stitches,
            round($use->topM, 2),
            round($use->bobbinM, 2),
            round($seconds, 1),
            $machine->heads ?? 1,
            $rules->value(HouseRule::HoopTime),
            $rules->value(HouseRule::FinishTime) +
                self::TRIMS_A_COLOUR * $colours * $rules->value(HouseRule::FinishTrim),
            $rules->value(HouseRule::LoadTime) + $rules->value(HouseRule::FrameTime),
            self::USUAL_BACKING_CM2,
            0.0,
            0.0,
        );
    }

    private function money(Order $order): OrderMoney
    {
        $order->load([
            'lines.decorations.artwork.blocks.thread',
            'lines.decorations.setup.frame',
            'lines.decorations.batch',
        ]);
        $order->lines->each(static fn(OrderLine $line) => $line->setRelation('order', $order));
        $this->works->countAll([$order->id]);

        return OrderMoney::of($order, $this->house, $this->prices, $this->works);
    }

    private static function pdf(string $bytes, string $name): Response
    {
        return (new Response($bytes))
            ->header('Content-Type', 'application/pdf')
            ->header('Content-Disposition', "inline; filename=\"{$name}.pdf\"");
    }
}
