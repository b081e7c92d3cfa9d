<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\Transaction;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\OrderAgain;
use App\Orders\TypedLine;
use App\Plan\Actions\PlanChanges;
use App\Plan\AskedWay;
use App\Plan\Models\Batch;
use App\Plan\PlanRefused;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Setup\Actions\SetupChoices;
use App\Shop\Catalogue\Catalogue;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Hakama\Plan\Soonest;

/** An answer of the plan becomes the order: entered, set up like what it was asked after, and put where it was answered. */
final readonly class BookAnswer
{
    /** A due time that nobody named stands on a whole quarter of an hour. */
    private const ROUND_S = 900;

    public function __construct(
        private SetupChoices $choices,
        private PlanChanges $plan,
        private PlanBoard $board,
        private ShopOdds $odds,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param Batch                $like  of which it is so many more
     * @param CarbonImmutable|null $dueAt null: when the plan says
     * @param string               $form  the same one again is the same order
     *
     * @throws PlanRefused
     */
    public function book(
        Batch $like,
        int $pieces,
        ?CarbonImmutable $dueAt,
        string $customer,
        AskedWay $way,
        string $form,
    ): Order {
        return Transaction::run(function () use ($like, $pieces, $dueAt, $customer, $way, $form): Order {
            $booked = Order::query()->where('form_id', $form)->first();
            if ($booked !== null) {
                return $booked;
            }
            $now = CarbonImmutable::now();
            $order = OrderBook::enter(
                $customer,
                $now,
                $dueAt ?? $now->addYear(),
                '',
                [$this->line($like->decoration()->firstOrFail(), $pieces)],
                $form,
            );
            $decoration = Decoration::query()
                ->with(['artwork.blocks.thread', 'line'])
                ->whereIn('order_line_id', $order->lines()->select('id'))
                ->firstOrFail();
            $code = $this->choices->keepAdvised($decoration)->code;
            $this->plan->placeOpen();
            $this->board->forget();
            $option = $way->of(Soonest::of($this->board->timetable(), $code));
            if ($option !== null) {
                $this->plan->move($code, $option->machine, $option->rank, PlanBoard::version());
            }
            if ($dueAt === null) {
                $this->board->forget();
                $plan = $this->board->timetable();
                // What may be promised, as the answer said; where no odds are given, when it is through.
                $until = $this->odds->of($plan)->batches[$code]->promise ?? $plan->find($code)?->end() ?? ShopClock::now();
                $order->update(['due_at' => ShopClock::time((int) ceil($until / self::ROUND_S) * self::ROUND_S)]);
            }

            return $order;
        });
    }

    /** A line like that one, of so many garments, in its sizes as they were shared out there. */
    private function line(Decoration $like, int $pieces): TypedLine
    {
        $like->load(['line.decorations.artwork', 'line.decorations.pieces']);
        $typed = OrderAgain::line($like->line);
        $typed['spares'] = '';
        $typed['sizes'] = Size::shared(array_map(intval(...), (array) $typed['sizes']), $pieces);
        $typed['decorations'] = [['position' => $like->position->value, 'artwork_id' => (string) $like->artwork_id]];

        $line = TypedLine::read($typed, $this->catalogue);
        assert($line !== null);

        return $line;
    }
}
