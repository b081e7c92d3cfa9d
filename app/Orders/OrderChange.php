<?php

declare(strict_types=1);

namespace App\Orders;

use App\Database\Whole;
use App\History\History;
use App\Models\Change;
use App\Models\Customer;
use App\Models\Decoration;
use App\Models\KeptRun;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Piece;
use App\Models\Plan;
use App\Shop\Sign;
use Carbon\CarbonImmutable;
use Hakama\Floor\PieceState;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** An order that is in the book becomes another: who, when, how many of which size. What is begun stays. */
final class OrderChange
{
    /**
     * What stands in the way of so many garments.
     *
     * @param array<int, array<string, int>> $sizes line => size => garments
     *
     * @return array<string, string> field => what is wrong there
     */
    public static function problems(Order $order, array $sizes): array
    {
        $garments = Garments::of($order);
        $problems = [];
        foreach ($sizes as $line => $of) {
            foreach ($of as $size => $count) {
                $begun = max($garments->begun[$line][$size] ?? 0, $garments->handed[$line][$size] ?? 0);
                if ($count < $begun) {
                    $problems["sizes.{$line}.{$size}"] = sprintf(
                        '%d of these %s begun or sewn already: fewer than that it cannot be.',
                        $begun,
                        $begun === 1 ? 'is' : 'are',
                    );
                }
            }
        }

        return $problems;
    }

    /**
     * @param array<string, mixed>           $facts due_at, note, contact, customer: what is not in it stays
     * @param array<int, array<string, int>> $sizes line => size => garments; a size that is not in it stays
     * @param array<int, array<string, mixed>> $lines line => what it is, as lineFacts() says it
     *
     * @return array<string, mixed> what is other now
     */
    public static function make(Order $order, array $facts, array $sizes, string $seen, array $lines = []): array
    {
        return Whole::write(static function () use ($order, $facts, $sizes, $seen, $lines): array {
            Plan::lock();
            $order->unsetRelations()->refresh();
            self::mustBe($order, $seen);
            $before = self::facts($order);
            if (isset($facts['customer'])) {
                $facts['customer_id'] = Customer::query()->firstOrCreate([
                    'name' => trim((string) $facts['customer']),
                ])->id;
            }
            $order->update(array_diff_key($facts, ['customer' => 0]));
            foreach ($lines as $id => $is) {
                $order->lines()->findOrFail($id)->update($is);
            }
            $wanted = Garments::of($order)->wanted;
            foreach ($sizes as $line => $of) {
                // What stays as it is costs nothing: a page has every size of every line.
                foreach ($of as $size => $count) {
                    if ($count !== ($wanted[$line][$size] ?? 0)) {
                        self::resize($order, $line, (string) $size, $count);
                    }
                }
            }
            // Whoever planned with what it was before is told so.
            Plan::query()->increment('version');
            [$was, $is] = History::differing($before, self::facts($order->refresh()));
            if ($is !== []) {
                History::note(Change::ORDER, (string) $order->number, 'changed', $was, $is);
            }

            return $is;
        });
    }

    /**
     * Lines more; they are set up like those of a new order.
     *
     * @param list<TypedLine> $lines
     */
    public static function add(Order $order, array $lines, string $seen): void
    {
        Whole::write(static function () use ($order, $lines, $seen): void {
            Plan::lock();
            $order->unsetRelations()->refresh();
            self::mustBe($order, $seen);
            $before = self::facts($order);
            OrderBook::write($order, $lines);
            Plan::query()->increment('version');
            [, $is] = History::differing($before, self::facts($order->refresh()));
            History::note(
                Change::ORDER,
                (string) $order->number,
                count($lines) === 1 ? 'a line more' : count($lines).' lines more',
                null,
                $is,
            );
        });
    }

    /**
     * What may still be said otherwise of a line once it is in the book.
     *
     * @param array<mixed> $typed
     *
     * @return array<string, mixed>
     */
    public static function lineFacts(OrderLine $line, array $typed): array
    {
        $worth = $typed['unit_value'] ?? null;

        return [
            'colour_name' => trim((string) ($typed['colour_name'] ?? $line->colour_name)),
            'colour_hex' => strtolower((string) ($typed['colour_hex'] ?? $line->colour_hex)),
            'unit_value_cents' => is_numeric($worth) ? (int) round(100 * (float) $worth) : null,
            'spares' => (int) ($typed['spares'] ?? 0),
            'patch_back' =>
                $line->garment === Garment::Patch
                    ? PatchBack::tryFrom((string) ($typed['patch_back'] ?? '')) ?? $line->patch_back
                    : null,
        ];
    }

    /** @throws OrderMovedOn where it does not stand as it was seen */
    private static function mustBe(Order $order, string $seen): void
    {
        if (self::sign($order) !== $seen) {
            throw new OrderMovedOn(
                'Somebody else changed this order meanwhile; nothing was stored. This is how it stands now.',
            );
        }
    }

    /**
     * What waits is taken out; what is begun or sewn stays and is said.
     *
     * @return array{int, int} pieces taken out, pieces that stay
     */
    public static function cancel(Order $order, string $why): array
    {
        return Whole::write(static function () use ($order, $why): array {
            Plan::lock();
            $before = self::facts($order);
            $taken = 0;
            foreach (self::roots($order) as $decorations) {
                $taken += self::removable($decorations)->delete();
            }
            $order->update(['cancelled_at' => CarbonImmutable::now()]);
            Plan::query()->increment('version');
            [$was, $is] = History::differing($before, self::facts($order->refresh()));
            History::note(Change::ORDER, (string) $order->number, "cancelled: {$why}", $was, $is);

            return [$taken, Piece::query()->where('order_id', $order->id)->count()];
        });
    }

    /** It is wanted again, with the pieces it had when it was cancelled. */
    public static function reopen(Order $order): void
    {
        Whole::write(static function () use ($order): void {
            Plan::lock();
            $cancelled = Change::query()
                ->where('kind', Change::ORDER)
                ->where('thing', (string) $order->number)
                ->where('what', 'like', 'cancelled:%')
                ->orderByDesc('seq')
                ->first();
            $order->update(['cancelled_at' => null]);
            $lines = $order->lines()->orderBy('id')->get();
            foreach ($lines as $i => $line) {
                foreach (self::read((string) ($cancelled->before['line '.($i + 1)] ?? '')) as $size => $count) {
                    self::resize($order, $line->id, (string) $size, $count);
                }
            }
            Plan::query()->increment('version');
            History::note(Change::ORDER, (string) $order->number, 'wanted again');
        });
    }

    /** What it looks like to whoever opens it to change it. */
    public static function sign(Order $order, ?Garments $garments = null): string
    {
        return Sign::of(self::facts($order, $garments));
    }

    /**
     * What its history told, read back into what is changed.
     *
     * @param array<string, mixed> $told as facts() tells it, or a part of that
     *
     * @return array{array<string, mixed>, array<int, array<string, int>>, array<int, array<string, mixed>>} facts, line =>
     *     size => garments, and line => what it is
     */
    public static function told(Order $order, array $told): array
    {
        $facts = array_intersect_key($told, ['customer' => 0, 'contact' => 0, 'note' => 0]);
        if (isset($told['due'])) {
            $facts['due_at'] = CarbonImmutable::parse((string) $told['due']);
        }
        if (isset($told['event'])) {
            $facts['for_event'] = $told['event'] === 'yes';
        }
        $sizes = $lines = [];
        $wanted = Garments::of($order)->wanted;
        foreach ($order->lines()->orderBy('id')->get() as $i => $one) {
            $line = $one->id;
            $is = '/^(.*) (#[0-9a-f]{6}), worth (\S+)(?: catalogued)?, (\d+) spare(?:, (\w+))?$/u';
            if (preg_match($is, (string) ($told['line '.($i + 1).' is'] ?? ''), $of) === 1) {
                $lines[$line] = self::lineFacts($one, [
                    'colour_name' => $of[1],
                    'colour_hex' => $of[2],
                    'unit_value' => $of[3],
                    'spares' => $of[4],
                    'patch_back' => $of[5] ?? '',
                ]);
            }
            if (isset($told['line '.($i + 1)])) {
                // A size that was not there before is none of it.
                $sizes[$line] = [
                    ...array_map(static fn(): int => 0, $wanted[$line] ?? []),
                    ...self::read((string) $told['line '.($i + 1)]),
                ];
            }
        }

        return [$facts, $sizes, $lines];
    }

    /** @return array<string, mixed> as its history tells it */
    public static function facts(Order $order, ?Garments $garments = null): array
    {
        $facts = [
            'customer' => $order->relationLoaded('customer')
                ? $order->customer->name
                : (string) Customer::query()->whereKey($order->customer_id)->value('name'),
            'contact' => $order->contact,
            'due' => $order->due_at->format('Y-m-d H:i'),
            'note' => $order->note,
            'event' => $order->for_event ? 'yes' : 'no',
            'cancelled' => $order->cancelled_at?->format('Y-m-d H:i') ?? '',
        ];
        $wanted = ($garments ?? Garments::of($order))->wanted;
        $lines = $order->relationLoaded('lines') ? $order->lines : $order->lines()->get();
        foreach ($lines->sortBy('id')->values() as $i => $line) {
            $sizes = array_filter($wanted[$line->id] ?? []);
            $at = 'line '.($i + 1);
            $facts["{$at} is"] = implode(', ', [
                "{$line->colour_name} {$line->colour_hex}",
                'worth '.($line->unit_value_cents === null ? 'as catalogued' : $line->unit_value_cents / 100),
                "{$line->spares} spare",
                ...$line->patch_back === null ? [] : [$line->patch_back->value],
            ]);
            $facts[$at] = implode(
                ', ',
                array_map(
                    static fn(string $size, int $count): string => "{$size} {$count}",
                    array_map(strval(...), array_keys($sizes)),
                    $sizes,
                ),
            );
        }

        return $facts;
    }

    /** @return array<string, int> the same back: "M 12, L 4" */
    private static function read(string $sizes): array
    {
        preg_match_all('/(\w+) (\d+)/', $sizes, $found);

        return array_combine($found[1], array_map(intval(...), $found[2]));
    }

    /** @return array<int, list<int>> decorations of the order: the first of each place => it and those split off it */
    private static function roots(Order $order, ?int $line = null): array
    {
        $roots = [];
        $of = Decoration::query()
            ->whereIn('order_line_id', $line === null ? $order->lines()->select('id') : [$line])
            ->orderBy('id')
            ->get(['id', 'split_from_id']);
        foreach ($of as $decoration) {
            $roots[$decoration->split_from_id ?? $decoration->id][] = $decoration->id;
        }

        return $roots;
    }

    private static function resize(Order $order, int $line, string $size, int $wanted): void
    {
        foreach (self::roots($order, $line) as $root => $decorations) {
            $pieces = Piece::query()->whereIn('decoration_id', $decorations)->where('size', $size);
            $more = $wanted - $pieces->clone()->count();
            if ($more < 0) {
                self::removable($decorations)
                    ->where('size', $size)
                    ->orderByDesc('number')
                    ->limit(-$more)
                    ->delete();
            } elseif ($more > 0) {
                $last = (int) $pieces->clone()->max('number');
                Piece::query()->insert(
                    array_map(
                        static fn(int $number): array => [
                            'order_id' => $order->id,
                            'decoration_id' => $root,
                            'size' => $size,
                            'number' => $number,
                        ],
                        range($last + 1, $last + $more),
                    ),
                );
            }
        }
    }

    /**
     * Pieces that wait and are in no frame.
     *
     * @param list<int> $decorations
     *
     * @return Builder<Piece>
     */
    private static function removable(array $decorations): Builder
    {
        $hooped = KeptRun::query()
            ->whereIn('batch_id', DB::table('batches')->whereIn('decoration_id', $decorations)->select('id'))
            ->pluck('hooped')
            ->flatten()
            ->all();

        return Piece::query()
            ->whereIn('decoration_id', $decorations)
            ->where('state', PieceState::Waiting)
            ->whereNotIn('id', $hooped);
    }
}
