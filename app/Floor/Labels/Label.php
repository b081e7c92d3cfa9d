<?php

declare(strict_types=1);

namespace App\Floor\Labels;

use App\Floor\Models\Bundle;
use App\Foundation\Http\ShopAddress;
use App\Garment\SizeRun;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use Hakama\Floor\Tag;

/** What stands on the label of a piece, or of a bundle. */
final readonly class Label
{
    /**
     * @param string       $address what its code leads to
     * @param list<string> $lines   in plain letters
     * @param string       $what    which one it is, in bold letters
     */
    private function __construct(public string $code, public string $address, public array $lines, public string $what) {}

    /** @return list<self> one a piece */
    public static function ofPieces(Order $order): array
    {
        return array_values(
            Piece::query()
                ->with(['decoration.line', 'decoration.artwork'])
                ->where('order_id', $order->id)
                ->orderBy('decoration_id')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Piece $piece): self => self::on(
                        Tag::of($piece->id),
                        $order,
                        $piece->decoration,
                        $piece->label().($piece->text === null ? '' : ", {$piece->text}"),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<self> one a bundle */
    public static function ofBundles(Order $order): array
    {
        return array_values(
            Bundle::query()
                ->with(['pieces:id,bundle_id,size', 'decoration.line', 'decoration.artwork'])
                ->whereIn('decoration_id', $order->lines->flatMap->decorations->pluck('id'))
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Bundle $bundle): self => self::on(
                        $bundle->tag(),
                        $order,
                        $bundle->decoration,
                        SizeRun::said($bundle->pieces->countBy('size')->all()),
                    ),
                )
                ->all(),
        );
    }

    private static function on(Tag $tag, Order $order, Decoration $decoration, string $what): self
    {
        return new self(
            $tag->code(),
            self::address($tag->code()),
            [
                __('floor.label.number_and_customer', [
                    'number' => $order->number,
                    'customer' => $order->customer->name,
                ]),
                $decoration->line->garmentLabel(),
                $decoration->positionLabel().', '.($decoration->artwork->name ?? __('floor.label.artwork_to_follow')),
            ],
            $what,
        );
    }

    /** Where a telephone that reads it finds the piece: by the name others know the shop by, where it has one. */
    private static function address(string $code): string
    {
        return ShopAddress::of('floor.tag', $code);
    }

    /** Whether nobody but this computer would find what the labels name. */
    public static function leadsNowhere(): bool
    {
        $host = (string) parse_url(self::address('P-1-8'), PHP_URL_HOST);

        return str_starts_with($host, '127.') || in_array($host, ['localhost', '[::1]', '::1'], true);
    }
}
