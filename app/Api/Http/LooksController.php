<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Http\Requests\ListPart;
use App\Api\Shapes\CatalogueShape;
use App\Api\Shapes\InvoiceShape;
use App\Api\Shapes\Listing;
use App\Api\Shapes\ThreadShape;
use App\Foundation\ShopProfile;
use App\Money\Models\Invoice;
use App\Shop\Catalogue\Catalogue;
use App\Stock\Models\Thread;

/** What is only read: catalogue, stock, invoices. */
final readonly class LooksController
{
    public function __construct(private ShopProfile $premises) {}

    /** What an order may name: garments, fabrics, sizes, places. */
    public function catalogue(Catalogue $catalogue): CatalogueShape
    {
        return CatalogueShape::of($catalogue->namesInUse());
    }

    /**
     * Threads on the shelf.
     *
     * @return Listing<ThreadShape>
     */
    public function threads(ListPart $request): Listing
    {
        $found = Thread::query()
            ->with('cones')
            ->where('id', '>', $request->behind())
            ->orderBy('id')
            ->limit($request->limit() + 1)
            ->get();
        $part = $found->take($request->limit());

        return new Listing(
            array_values($part->map(ThreadShape::of(...))->all()),
            $found->count() > $part->count() ? $part->last()?->id : null,
        );
    }

    /**
     * Invoices and credit notes by their numbers.
     *
     * @return Listing<InvoiceShape>
     */
    public function invoices(ListPart $request): Listing
    {
        $currency = $this->premises->shop()->currency;
        $found = Invoice::query()
            ->with(['order', 'credits', 'payments'])
            ->where('number', '>', $request->behind())
            ->orderBy('number')
            ->limit($request->limit() + 1)
            ->get();
        $part = $found->take($request->limit());

        return new Listing(
            array_values($part->map(static fn(Invoice $one): InvoiceShape => InvoiceShape::of($one, $currency))->all()),
            $found->count() > $part->count() ? $part->last()?->number : null,
        );
    }

    /** One invoice or credit note. */
    public function invoice(Invoice $invoice): InvoiceShape
    {
        return InvoiceShape::of($invoice->load(['order', 'credits', 'payments']), $this->premises->shop()->currency);
    }
}
