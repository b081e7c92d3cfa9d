<?php

declare(strict_types=1);

namespace App\Orders\Approvals;

use App\Artwork\Drawing\PatternDrawing;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Garment\SizeRun;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Orders\Queries\OrderedGarments;
use App\Setup\Queries\DecorationSetups;
use App\Stock\Models\Thread;
use Illuminate\Database\Eloquent\Collection;

/** Draws up what a customer is asked to approve, in their language. */
final readonly class ToApprove
{
    public function __construct(
        private ShopProfile $premises,
        private DecorationSetups $setups,
        private SaidPrice $price,
    ) {}

    public function of(Order $order): Shown
    {
        $order->load(['customer', 'lines.decorations' => self::whole(...), 'lines.decorations.artwork.blocks.thread']);
        $names = self::names($order);

        return $this->premises->writeTo($order->customer->language, function () use ($order, $names): Shown {
            $wanted = OrderedGarments::of($order)->wanted;
            $this->setups->know($order->lines->toBase()->flatMap(
                static fn(OrderLine $line) => $line->decorations->each->setRelation('line', $line)->all(),
            ));

            return new Shown(
                $this->premises->shop()->name,
                $order->customer->name,
                $order->number,
                Dates::full($order->due_at),
                $this->premises->shop()->currency,
                $this->price->of($order),
                array_values($order->lines->map(fn(OrderLine $line): array => [
                    'garment' => $line->garmentLabel(),
                    'hex' => $line->colour_hex,
                    'sizes' => SizeRun::said($wanted[$line->id] ?? []),
                    'places' => array_values($line->decorations
                        ->map(fn(Decoration $one): array => $this->place($one, $names))
                        ->all()),
                ])->all()),
            );
        });
    }

    /** @return array<int, string> decoration => sign of how it would be sewn now */
    public static function signs(Order $order): array
    {
        $order->load(['lines.decorations' => self::whole(...), 'lines.decorations.artwork.blocks.thread']);
        $names = self::names($order);
        $signs = [];
        foreach ($order->lines as $line) {
            foreach ($line->decorations as $one) {
                $one->setRelation('line', $line);
                $signs[$one->id] = self::signOf($one, self::threads($one), $names[$one->id] ?? []);
            }
        }

        return $signs;
    }

    /** What of a decoration was agreed to: another design, place, colour or name is another sign. */
    public static function sign(Decoration $decoration): string
    {
        $root = $decoration->split_from_id ?? $decoration->id;

        return self::signOf($decoration, self::threads($decoration), self::namesOf([$root])[$root] ?? []);
    }

    /**
     * @param list<array{code: string, name: string, hex: string}> $threads
     * @param list<string>                                          $names
     */
    private static function signOf(Decoration $decoration, array $threads, array $names): string
    {
        return hash('sha256', (string) json_encode([
            $decoration->artwork?->checksum,
            $decoration->position->value,
            $decoration->line->garment->value,
            $decoration->line->colour_hex,
            array_column($threads, 'code'),
            $names,
        ]));
    }

    /**
     * @param array<int, list<string>> $names by decoration
     *
     * @return array{decoration: int, sign: string, place: string, artwork: string, size: string, drawing: string,
     *     design: string, threads: list<array{code: string, name: string, hex: string}>, names: list<string>}
     */
    private function place(Decoration $decoration, array $names): array
    {
        $threads = self::threads($decoration);
        $artwork = $decoration->artwork;
        [$design, $drawing] = ['', ''];
        if ($artwork?->read_at !== null) {
            $design = PatternDrawing::svg($artwork, $artwork->pattern(), array_column($threads, 'hex'), false);
            $marked = $this->setups->sizes($decoration)->smallest()?->advice->marked;
            if ($marked !== null) {
                $drawing = PlaceDrawing::svg($marked, $decoration->line->colour_hex, $design, $artwork->bounds());
            }
        }

        return [
            'decoration' => $decoration->id,
            'sign' => self::signOf($decoration, $threads, $names[$decoration->id] ?? []),
            'place' => $decoration->positionLabel(),
            'artwork' => $artwork->name ?? '',
            'size' => $artwork?->read_at === null ? '' : __('approval.page.so_large', [
                'width' => round($artwork->bounds()->width()),
                'height' => round($artwork->bounds()->height()),
            ]),
            'drawing' => $drawing,
            'design' => $design,
            'threads' => $threads,
            'names' => $names[$decoration->id] ?? [],
        ];
    }

    /** @return list<array{code: string, name: string, hex: string}> by block, as sewn on this decoration */
    private static function threads(Decoration $decoration): array
    {
        $ways = Colourway::of($decoration);

        return array_values(
            $decoration->artwork?->blocks
                ->map(static fn(ArtworkBlock $block): ?Thread => $ways[$block->number] ?? $block->thread)
                ->map(static fn(?Thread $thread): array => [
                    'code' => $thread->code ?? '',
                    'name' => $thread->name ?? '',
                    'hex' => $thread->hex ?? '#8a8577',
                ])
                ->all() ?? [],
        );
    }

    /** @return array<int, list<string>> decoration => the names on it, in the order of the pieces */
    private static function names(Order $order): array
    {
        return self::namesOf($order->lines->flatMap->decorations->pluck('id')->all());
    }

    /**
     * @param array<array-key, mixed> $roots decorations that are no part of another
     *
     * @return array<int, list<string>>
     */
    private static function namesOf(array $roots): array
    {
        $of = Decoration::query()
            ->whereIn('id', $roots)
            ->orWhereIn('split_from_id', $roots)
            ->get(['id', 'split_from_id'])
            ->mapWithKeys(static fn(Decoration $one): array => [$one->id => $one->split_from_id ?? $one->id]);
        $names = [];
        $pieces = Piece::query()->whereIn('decoration_id', $of->keys())->whereNotNull('text')->orderBy('id')->get();
        foreach ($pieces as $piece) {
            $names[(int) $of[$piece->decoration_id]][] = (string) $piece->text;
        }

        return $names;
    }

    /** @param \Illuminate\Database\Eloquent\Relations\Relation<Decoration, OrderLine, Collection<int, Decoration>> $decorations */
    private static function whole(mixed $decorations): void
    {
        $decorations->whereNull('split_from_id')->with(['setup', 'batch', 'colourways.thread']);
    }
}
