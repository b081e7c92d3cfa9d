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
                'of' => __('floor.bundle_controller.a_bundle_has_2_to_pieces', ['value' => self::MOST]),
            ]);
        }
        $tied = Bundle::tie($order, $of, Caller::acting($request));

        return redirect()
            ->route('orders.tags', [$order, 'by' => 'bundle'])
            ->with(
                'done',
                match ($tied) {
                    0 => __('floor.bundle_controller.every_piece_is_already_in_a'),
                    1 => __('floor.bundle_controller.one_bundle_made'),
                    default => __('floor.bundle_controller.bundles_made', ['tied' => $tied]),
                },
            );
    }

    public function split(Request $request, Bundle $bundle): RedirectResponse
    {
        $new = $bundle->split($request->integer('pieces'), Caller::acting($request));
        if ($new === null) {
            throw ValidationException::withMessages([
                'pieces' => __('floor.bundle_controller.you_can_take_off_1_to', [
                    'value' => max(1, $bundle->pieces()->count() - 1),
                ]),
            ]);
        }

        return redirect()
            ->route('floor.tag', $new->tag()->code())
            ->with('done', __('floor.bundle_controller.is_a_new_bundle', ['code' => $new->tag()->code()]));
    }

    public function join(Request $request, Bundle $bundle): RedirectResponse
    {
        $tag = Tag::read($request->string('other')->value());
        $other = $tag?->isBundle === true ? Bundle::query()->find($tag->number) : null;
        if ($other === null || ! $bundle->join($other)) {
            throw ValidationException::withMessages([
                'other' => __('floor.bundle_controller.that_bundle_has_another_artwork_position'),
            ]);
        }

        return redirect()
            ->route('floor.tag', $bundle->tag()->code())
            ->with('done', __('floor.bundle_controller.joined_its_label_is_no_longer', ['code' => $tag->code()]));
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
            throw ValidationException::withMessages(
                ['here' => __('floor.bundle_controller.enter_a_whole_number_of_pieces')],
            );
        }

        return redirect()
            ->route('floor.tag', $bundle->tag()->code())
            ->with(
                $here === $should ? 'done' : 'problem',
                match (true) {
                    $here === $should => __('floor.bundle_controller.all_are_here', ['should' => $should]),
                    $here < $should => __('floor.bundle_controller.of_are_here_missing', [
                        'here' => $here,
                        'should' => $should,
                        'should_2' => $should - $here,
                    ]),
                    default => __('floor.bundle_controller.are_here_too_many', [
                        'here' => $here,
                        'here_2' => $here - $should,
                    ]),
                },
            );
    }
}
