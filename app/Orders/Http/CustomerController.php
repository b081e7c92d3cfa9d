<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Foundation\Http\Download;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Languages;
use App\Orders\Actions\CustomerBook;
use App\Orders\Actions\CustomerLists;
use App\Orders\CustomerCards;
use App\Orders\CustomerFacts;
use App\Orders\Http\Requests\ReadCustomers;
use App\Orders\Http\Requests\SaveCustomer;
use App\Orders\Letters\LetterState;
use App\Orders\Models\Customer;
use App\Orders\Models\Letter;
use App\Orders\OpenAmounts;
use App\Orders\Queries\CustomerRecord;
use App\Orders\Queries\OrderRow;
use App\Orders\StaleOrder;
use App\Plan\Queries\PlanBoard;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Customers as people know them: found, shown with all that belongs to them, changed, merged, out and in as lists. */
final class CustomerController
{
    private const SHOWN = 50;
    private const OFFERED = 200;
    private const ORDERS = 12;
    private const RETURNED = 3;
    private const FOUND_BY = ['name', 'email', 'phone', 'invoice_address', 'contacts'];

    public function index(Request $request): View
    {
        $words = mb_substr($request->string('q')->trim()->value(), 0, 80);
        $like = '%'.addcslashes($words, '%_\\').'%';
        $page = Customer::query()
            ->when($words !== '', static fn($q) => $q->whereAny(self::FOUND_BY, 'like', $like))
            ->orderBy('name')
            ->simplePaginate(self::SHOWN)
            ->withQueryString();

        return view('orders.customers', [
            'page' => $page,
            'words' => $words,
        ]);
    }

    public function show(Customer $customer, PlanBoard $board, OpenAmounts $amounts): View
    {
        $orders = $customer
            ->orders()
            ->with('customer')
            ->orderByDesc('due_at')
            ->orderByDesc('id')
            ->limit(self::ORDERS)
            ->get();

        return view('orders.customer', [
            'customer' => $customer,
            'countries' => Languages::regions(),
            'orders' => OrderRow::of($orders->all(), $board),
            'record' => CustomerRecord::ofEach([$customer->id])[$customer->id] ?? null,
            'things' => CustomerRecord::things($customer->id),
            'open' => $amounts->of([$customer->id])[$customer->id] ?? 0,
            'currency' => ShopProfile::currency(),
            'returned' => Letter::query()
                ->where('state', LetterState::Failed)
                ->whereIn('order_id', $customer->orders()->select('id'))
                ->latest('id')
                ->limit(self::RETURNED)
                ->get(Letter::LISTED),
            'changes' => ChangeLog::of(Change::CUSTOMER, $customer->name),
        ]);
    }

    public function create(): View
    {
        return $this->form(new Customer(CustomerFacts::NONE));
    }

    public function edit(Customer $customer): View
    {
        return $this->form($customer);
    }

    private function form(Customer $customer): View
    {
        return view('orders.customer-edit', [
            'customer' => $customer,
            'seen' => $customer->exists ? CustomerBook::sign($customer) : '',
            'facts' => CustomerFacts::of($customer),
            'countries' => Languages::regions(),
            'languages' => Languages::all(),
        ]);
    }

    public function store(SaveCustomer $request): RedirectResponse
    {
        return redirect()
            ->route('customers.show', CustomerBook::save(null, $request->said()))
            ->with('done', __('customers.controller.entered', ['name' => $request->string('name')->trim()->value()]));
    }

    public function update(SaveCustomer $request, Customer $customer): RedirectResponse
    {
        try {
            CustomerBook::save($customer, $request->said(), $request->string('seen')->value());
        } catch (StaleOrder) {
            throw ValidationException::withMessages(['seen' => __('customers.controller.changed_meanwhile')]);
        }

        return redirect()->route('customers.show', $customer)->with('done', __('customers.controller.saved'));
    }

    /** Both side by side, before they become one. */
    public function merging(Request $request, Customer $customer): View
    {
        $name = $request->string('double')->trim()->value();
        $double = Customer::query()->where('name', $name)->whereKeyNot($customer->id)->first();

        return view('orders.customer-merge', [
            'customer' => $customer,
            'double' => $double,
            'typed' => $name,
            'joined' => $double === null
                ? null
                : CustomerBook::joined(CustomerFacts::of($customer), CustomerFacts::of($double)),
            'records' => CustomerRecord::ofEach([$customer->id, $double->id ?? 0]),
            'others' => $double === null
                ? Customer::query()->whereKeyNot($customer->id)->orderBy('name')->limit(self::OFFERED)->pluck('name')
                : [],
            'countries' => Languages::regions(),
        ]);
    }

    public function merge(Request $request, Customer $customer): RedirectResponse
    {
        $double = Customer::query()->find($request->integer('double'));
        if ($double === null || $double->id === $customer->id) {
            // The second of two that pressed at once finds it done.
            return redirect()->route('customers.show', $customer)->with('problem', __('customers.controller.no_double'));
        }
        $moved = CustomerBook::merge($customer, $double);

        return redirect()->route('customers.show', $customer)->with('done', __('customers.controller.merged', [
            'name' => $double->name, 'kept' => $customer->name, 'orders' => $moved,
        ]));
    }

    public function csv(): StreamedResponse
    {
        return Download::rows(
            CustomerFacts::COLUMNS,
            static fn(): iterable => Customer::query()->lazyById(500)->map(CustomerFacts::row(...)),
            'customers',
        );
    }

    public function cards(): StreamedResponse
    {
        return response()->streamDownload(static function (): void {
            foreach (Customer::query()->lazyById(500) as $customer) {
                echo CustomerCards::write($customer);
            }
        }, 'customers.vcf', ['Content-Type' => 'text/vcard; charset=utf-8']);
    }

    public function card(Customer $customer): Response
    {
        return (new Response(CustomerCards::write($customer)))
            ->header('Content-Type', 'text/vcard; charset=utf-8')
            ->header('Content-Disposition', "attachment; filename=\"customer-{$customer->id}.vcf\"");
    }

    /** A list or address cards: the whole file or nothing of it. */
    public function read(ReadCustomers $request): RedirectResponse
    {
        try {
            $taken = CustomerLists::take((string) $request->list()->getRealPath());
        } catch (InvalidArgumentException $e) {
            throw ValidationException::withMessages(['list' => $e->getMessage()]);
        }

        return redirect()->route('customers.index')->with('done', __('customers.controller.read', ['count' => $taken]));
    }
}
