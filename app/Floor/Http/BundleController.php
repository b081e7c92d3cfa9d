<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Models\Bundle;
use App\Orders\Models\Order;
use App\People\Caller;
use Hakama\Floor\Tag;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Bundles: tied, split, joined, counted. */
final class BundleController
{
    private const MOST = 200;

    public function tie(Request $request, Order $order): RedirectResponse
    {
        $of = $request->integer('of');
        if ($of < 2 || $of > self::MOST) {
            throw ValidationException::withMessages([
                'of' => sprintf('A bundle has 2 to %d pieces.', self::MOST),
            ]);
        }
        $tied = Bundle::tie($order, $of, Caller::acting($request));

        return redirect()
            ->route('orders.tags', [$order, 'by' => 'bundle'])
            ->with(
                'done',
                match ($tied) {
                    0 => 'Every piece is in a bundle already.',
                    1 => 'One bundle is tied.',
                    default => "{$tied} bundles are tied.",
                },
            );
    }

    public function split(Request $request, Bundle $bundle): RedirectResponse
    {
        $new = $bundle->split($request->integer('pieces'), Caller::acting($request));
        if ($new === null) {
            throw ValidationException::withMessages([
                'pieces' => sprintf('1 to %d of its pieces can be taken off.', max(1, $bundle->pieces()->count() - 1)),
            ]);
        }

        return redirect()
            ->route('floor.tag', $new->tag()->code())
            ->with('done', "{$new->tag()->code()} is a bundle of its own now: it wants its label.");
    }

    public function join(Request $request, Bundle $bundle): RedirectResponse
    {
        $tag = Tag::read($request->string('other')->value());
        $other = $tag?->isBundle === true ? Bundle::query()->find($tag->number) : null;
        if ($other === null || ! $bundle->join($other)) {
            throw ValidationException::withMessages([
                'other' => 'That is no bundle of the same artwork at the same place of the same order.',
            ]);
        }

        return redirect()
            ->route('floor.tag', $bundle->tag()->code())
            ->with('done', "{$tag->code()} is tied to it; its label is good no more.");
    }

    /** How many are here, held against how many should be. */
    public function count(Request $request, Bundle $bundle): RedirectResponse
    {
        $here =
            preg_match('/^\d{1,4}$/D', $request->string('here')->trim()->value()) === 1
                ? $request->integer('here')
                : -1;
        $should = $bundle->pieces()->count();
        if ($here < 0) {
            throw ValidationException::withMessages(['here' => 'How many are here, as a whole number.']);
        }

        return redirect()
            ->route('floor.tag', $bundle->tag()->code())
            ->with(
                $here === $should ? 'done' : 'problem',
                match (true) {
                    $here === $should => "All {$should} are here.",
                    $here < $should => sprintf('%d of %d are here: %d missing.', $here, $should, $should - $here),
                    default => sprintf('%d are here, %d more than belong to it.', $here, $here - $should),
                },
            );
    }
}
