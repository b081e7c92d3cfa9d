<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Formats\Csv;
use App\Foundation\Http\Download;
use App\Money\Actions\AccountTables;
use App\Money\Actions\LedgerExports;
use App\Money\Http\Requests\KeepAccounts;
use App\Money\Http\Requests\WriteLedgerExport;
use App\Money\Models\AccountTable;
use App\Money\Models\LedgerExport;
use App\Money\Queries\Unbooked;
use App\People\Caller;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Money\Ledger\NoTaxKey;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** What goes to the bookkeeper, and by which accounts. */
final readonly class LedgerController
{
    public function __construct(private House $house) {}

    public function index(): View
    {
        $table = AccountTable::inForce($this->house);
        $unbooked = new Unbooked($table, CarbonImmutable::now());

        [$invoices, $payments] = $unbooked->counts();

        return view('money.ledger', [
            'table' => $table,
            'invoices' => $invoices,
            'payments' => $payments,
            'isMore' => max($invoices, $payments) > Unbooked::COUNTED,
            'counted' => Unbooked::COUNTED,
            'unknown' => $unbooked->unknownRates(),
            'page' => LedgerExport::query()->listed()->simplePaginate(20),
        ]);
    }

    public function write(WriteLedgerExport $request, LedgerExports $exports): RedirectResponse
    {
        try {
            $form = $request->string('form')->lower()->value();
            $export = $exports->write($request->until(), $form, Caller::acting($request));
        } catch (NoTaxKey $e) {
            throw ValidationException::withMessages(['until' => __('ledger.export.no_tax_key', [
                'percent' => round($e->percent, 2),
            ])]);
        }
        if ($export === null) {
            throw ValidationException::withMessages(['until' => __('ledger.export.nothing_waits')]);
        }

        return redirect()->route('ledger.show')->with('done', __('ledger.export.was_written', [
            'number' => $export->number,
            'entries' => $export->entries,
        ]));
    }

    public function keep(KeepAccounts $request, AccountTables $tables): RedirectResponse
    {
        if (! $tables->keep($request->table(), $request->string('seen')->value(), Caller::acting($request))) {
            throw ValidationException::withMessages(['seen' => __('ledger.table.changed_meanwhile')]);
        }

        return redirect()->route('ledger.show')->with('done', __('ledger.table.saved'));
    }

    /** As it left, to the last sign. */
    public function journal(LedgerExport $export): Response
    {
        return Download::csv($export->journal(), "journal-{$export->number}");
    }

    /** The accounts by which it was made. */
    public function accounts(LedgerExport $export): Response
    {
        $rows = [];
        foreach ($export->accountTable->uses as $use => $account) {
            $rows[] = [$account['number'], $account['name'], $use];
        }
        foreach ($export->accountTable->taxes as $tax) {
            $rows[] = [$tax['sales'], $tax['sales_name'], 'sales'];
            $rows[] = [$tax['tax'], $tax['tax_name'], 'tax'];
        }

        return Download::csv(
            Csv::write(['account', 'name', 'use'], array_values(array_unique($rows, SORT_REGULAR))),
            "accounts-{$export->number}",
        );
    }

    public function taxKeys(LedgerExport $export): Response
    {
        return Download::csv(Csv::write(
            ['tax_percent', 'tax_key', 'sales_account', 'tax_account'],
            array_map(
                static fn(array $tax): array => [(string) $tax['percent'], $tax['key'], $tax['sales'], $tax['tax']],
                $export->accountTable->taxes,
            ),
        ), "tax-keys-{$export->number}");
    }
}
