<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Floor\TaggedPiece;
use App\Http\Requests\Floor\PrintTags;
use App\Models\Bundle;
use App\Models\Finishing;
use App\Models\Order;
use App\Models\Piece;
use App\People\Caller;
use App\Plan\PlanBoard;
use App\Shop\Catalogue;
use Hakama\Floor\Tag;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Labels of pieces, and what is known of a piece whose label is scanned or typed. */
final class TagController
{
    /** Every label of an order, on a sheet or a roll. */
    public function labels(PrintTags $request, Order $order): View
    {
        $order->load(['customer', 'lines.decorations.artwork']);

        return view('orders.tags', [
            'order' => $order,
            'roll' => $request->isRoll(),
            'bundles' => $request->isByBundle()
                ? Bundle::query()
                    ->with(['pieces:id,bundle_id,size', 'decoration.line', 'decoration.artwork'])
                    ->whereIn('decoration_id', $order->lines->flatMap->decorations->pluck('id'))
                    ->orderBy('id')
                    ->get()
                : null,
            'pieces' => Piece::query()
                ->with(['decoration.line', 'decoration.artwork'])
                ->where('order_id', $order->id)
                ->orderBy('decoration_id')
                ->orderBy('id')
                ->get(),
        ]);
    }

    /** Where a label is scanned or typed. */
    public function find(Request $request): View|RedirectResponse
    {
        $typed = $request->string('code')->trim()->value();
        $tag = Tag::read($typed);
        if ($tag !== null) {
            return redirect()->route('floor.tag', $tag->code());
        }

        return view('floor.tags', ['typed' => $typed]);
    }

    private static function bundle(Tag $tag): View|RedirectResponse
    {
        $bundle = Bundle::query()
            ->with(['pieces', 'decoration.line.order.customer', 'decoration.artwork', 'decoration.batch.machine'])
            ->find($tag->number);

        return $bundle === null
            ? redirect()
                ->route('floor.tags', ['code' => $tag->code()])
                ->with('problem', 'There is no bundle with this label here (any more).')
            : view('floor.bundle', ['bundle' => $bundle]);
    }

    /** The piece or bundle, where it stands, and what is next. */
    public function show(Request $request, PlanBoard $board, Catalogue $catalogue, string $code): View|RedirectResponse
    {
        $tag = Tag::read($code);
        if ($tag?->isBundle === true) {
            return self::bundle($tag);
        }
        $read = $tag === null ? null : TaggedPiece::of($tag, $board);
        if ($read === null) {
            return redirect()
                ->route('floor.tags', ['code' => $code])
                ->with('problem', 'There is no piece with this label here.');
        }

        return view('floor.tag', [
            'read' => $read,
            'looks' => Finishing::query()->where('piece_id', $read->piece->id)->orderBy('id')->get(),
            'people' => $catalogue->people(),
            'who' => Caller::acting($request),
        ]);
    }
}
