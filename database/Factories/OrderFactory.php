<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Artwork\Models\Artwork;
use App\Orders\Actions\OrderBook;
use App\Orders\Models\Customer;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\OrderNumber;
use App\Orders\TypedLine;
use App\Plan\Actions\PlanChanges;
use App\Plan\Queries\PlanBoard;
use App\Setup\Actions\SetupChoices;
use App\Shop\Catalogue\Catalogue;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\Factory;
use LogicException;

/**
 * An order as it takes its way through the shop: entered with its pieces, set up as advised, planned.
 *
 * What it is sewn on and with (garments, artworks, frames, machines) is the catalogue's.
 *
 * @extends Factory<Order>
 */
final class OrderFactory extends Factory
{
    protected $model = Order::class;

    public function definition(): array
    {
        return [
            'number' => static fn(): int => OrderNumber::next(),
            'customer_id' => static fn(): int => Customer::query()->firstOrCreate(['name' => 'Tide Table Kitchen'])->id,
            'received_at' => CarbonImmutable::now()->subDays(3),
            'due_at' => CarbonImmutable::today()->setTime(12, 0),
            'note' => '',
        ];
    }

    /**
     * A line more.
     *
     * @param array<string, mixed>       $garment garment, fabric, style and what else the form has of them
     * @param array<string, int>         $sizes   size => pieces
     * @param array<string, string|null> $on      position => name of the artwork
     */
    public function of(array $garment, array $sizes, array $on): self
    {
        return $this->afterCreating(static function (Order $order) use ($garment, $sizes, $on): void {
            $decorations = [];
            foreach ($on as $position => $name) {
                $decorations[] = [
                    'position' => $position,
                    'artwork_id' => $name === null ? null : Artwork::query()->where('name', $name)->firstOrFail()->id,
                ];
            }
            $typed = ['colour_name' => 'stone', ...$garment, 'sizes' => $sizes, 'decorations' => $decorations];
            OrderBook::write($order, [
                TypedLine::read($typed, app(Catalogue::class)) ?? throw new LogicException('no such garment'),
            ]);
        });
    }

    /** @param array<string, int> $sizes */
    public function polos(array $sizes = ['M' => 4, 'L' => 6, 'XL' => 2]): self
    {
        return $this->of(['garment' => 'polo', 'fabric' => 'pique', 'style' => 'Landing'], $sizes, [
            'left_chest' => 'Ringers’ bell',
        ]);
    }

    public function hoodies(): self
    {
        return $this->of(
            ['garment' => 'hoodie', 'fabric' => 'fleece', 'style' => 'Deckhand'],
            ['S' => 3, 'M' => 5, 'L' => 5, 'XL' => 2],
            ['left_chest' => 'Ferry roundel'],
        );
    }

    public function aprons(int $pieces = 14): self
    {
        return $this->of(
            ['garment' => 'apron', 'fabric' => 'canvas', 'style' => 'Oven'],
            ['one' => $pieces],
            ['centre' => 'Loaf and moon'],
        );
    }

    public function caps(int $pieces = 20): self
    {
        return $this->of(
            [
                'garment' => 'cap',
                'fabric' => 'twill',
                'structure' => 'structured',
                'profile' => 'mid',
                'style' => 'Quayside',
            ],
            ['one' => $pieces],
            ['cap_front' => 'Lantern row'],
        );
    }

    public function jackets(): self
    {
        return $this->of(
            ['garment' => 'jacket', 'fabric' => 'canvas', 'style' => 'Storm'],
            ['M' => 4, 'L' => 4],
            ['left_chest' => 'Paddle mark'],
        );
    }

    /** Their artwork is not there yet. */
    public function blankets(): self
    {
        return $this->of(
            ['garment' => 'blanket', 'fabric' => 'plush', 'style' => 'Picnic'],
            ['one' => 6],
            ['corner' => null],
        );
    }

    /** Each decoration in its best frame, as advised, and in the plan where it fits. */
    public function setUp(): self
    {
        return $this->afterCreating(static function (Order $order): void {
            foreach (self::decorations($order) as $decoration) {
                app(SetupChoices::class)->keepAdvised($decoration->loadForSetup());
            }
            app(PlanChanges::class)->placeOpen();
            app()->forgetScopedInstances();
        });
    }

    /** Set up, and next at this machine: behind what runs there. */
    public function nextAt(string $machine): self
    {
        return $this->setUp()->afterCreating(static function (Order $order) use ($machine): void {
            $board = app(PlanBoard::class);
            $runs = count(
                array_filter(
                    $board->sequence()->on($machine),
                    static fn(string $code): bool => $board->batches()[$code]->started,
                ),
            );
            foreach (self::decorations($order) as $decoration) {
                assert($decoration->batch !== null);
                app(PlanChanges::class)->move($decoration->batch->code, $machine, $runs, PlanBoard::version());
            }
            app()->forgetScopedInstances();
        });
    }

    /** @return Collection<int, Decoration> */
    private static function decorations(Order $order): Collection
    {
        return Decoration::query()
            ->with(['batch', 'artwork.blocks.thread', 'line'])
            ->whereIn('order_line_id', $order->lines()->select('id'))
            ->orderBy('id')
            ->get();
    }
}
