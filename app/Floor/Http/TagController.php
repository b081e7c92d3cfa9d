<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Http\Requests\PrintTags;
use App\Floor\Labels\Label;
use App\Floor\Labels\LabelsPdf;
use App\Floor\Models\Bundle;
use App\Floor\Models\Finishing;
use App\Floor\Queries\TaggedPiece;
use App\Foundation\Http\Download;
use App\Orders\Models\Order;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Shop\Catalogue\Catalogue;
use Hakama\Floor\Tag;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Labels of pieces, and what is known of a piece whose label is scanned or typed. */
final class TagController
{
    /** Every label of an order, on a sheet or a roll. */
    public function labels(PrintTags $request, Order $order): View
    {
        return view('orders.tags', [
            'order' => $order,
            'stock' => $request->stock(),
            'byBundle' => $request->isByBundle(),
            'labels' => self::of($request, $order),
        ]);
    }

    public function pdf(PrintTags $request, Order $order): Response
    {
        return Download::pdf(
            LabelsPdf::of(
                self::of($request, $order),
                $request->stock(),
                __('floor.tag_controller.labels', ['number' => $order->number]),
            ),
            "labels-{$order->number}",
        );
    }

    /** @return list<Label> */
    private static function of(PrintTags $request, Order $order): array
    {
        $order->load(['customer', 'lines.decorations.artwork']);

        return $request->isByBundle() ? Label::ofBundles($order) : Label::ofPieces($order);
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
                ->with('problem', __('floor.tag_controller.there_is_no_bundle_with_this'))
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
                ->with('problem', __('floor.tag_controller.there_is_no_piece_with_this'));
        }

        return view('floor.tag', [
            'read' => $read,
            'looks' => Finishing::query()->where('piece_id', $read->piece->id)->orderBy('id')->get(),
            'people' => $catalogue->people(),
            'who' => Caller::acting($request),
        ]);
    }
}
