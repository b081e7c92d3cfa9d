<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\ShopProfile;
use App\Money\Actions\BankBook;
use App\Money\BankFile;
use App\Money\Http\Requests\ReadStatement;
use App\Money\Models\BankReceipt;
use App\People\Caller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** What came to the bank: read from its statements, and put to the invoices it pays. */
final readonly class BankController
{
    public function index(ShopProfile $premises): View
    {
        return view('money.bank', [
            'page' => BankReceipt::query()->where('is_open', true)->orderByDesc('id')->simplePaginate(40),
            'currency' => $premises->shop()->currency,
        ]);
    }

    public function read(ReadStatement $request, BankBook $book): RedirectResponse
    {
        try {
            $taken = $book->take(BankFile::entries((string) $request->list()->getRealPath()), Caller::acting($request));
        } catch (InvalidArgumentException $e) {
            throw ValidationException::withMessages(['list' => $e->getMessage()]);
        }

        return redirect()->route('bank.show')->with('done', __('money.bank.read', $taken));
    }

    public function assign(Request $request, BankReceipt $receipt): RedirectResponse
    {
        $request->validate(
            ['invoice' => ['required', 'integer', 'between:1,999999999']],
            ['invoice.*' => __('money.bank.which_invoice')],
        );
        if (! BankBook::assign($receipt, $request->integer('invoice'), Caller::acting($request))) {
            throw ValidationException::withMessages(['invoice' => __('money.bank.not_so_much_open', [
                'number' => $request->integer('invoice'),
            ])]);
        }

        return redirect()->route('bank.show')->with('done', __('money.payment.noted', [
            'number' => $request->integer('invoice'),
        ]));
    }

    public function aside(BankReceipt $receipt): RedirectResponse
    {
        BankBook::setAside($receipt);

        return redirect()->route('bank.show')->with('done', __('money.bank.was_set_aside'));
    }
}
