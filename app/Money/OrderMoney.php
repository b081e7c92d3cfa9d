<?php

declare(strict_types=1);

namespace App\Money;

use App\Foundation\Words\Words;
use App\Money\Queries\PriceList;
use App\Money\Queries\ShopRates;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Money\Amount;
use Hakama\Money\Cost;
use Hakama\Money\CostCategory;
use Hakama\Money\Job;
use Hakama\Money\NoPrice;
use Hakama\Money\Quote;
use Hakama\Money\Rates;

/** What an order costs, is sold for, and came to: the sum of its lines. */
final readonly class OrderMoney
{
    /** @param list<LineMoney> $lines */
    private function __construct(
        public Order $order,
        public array $lines,
        public int $least,
        public float $wantedMargin,
    ) {}

    /** Wants `lines.decorations.artwork.blocks`, `lines.decorations.setup.frame` and `batch` loaded. */
    public static function of(Order $order, House $house, PriceList $prices, DecorationCosting $works, ShopRates $rates): self
    {
        $lines = [];
        foreach ($order->lines as $i => $line) {
            // What is paid once stands with the first line.
            $lines[] = self::line($line, $i === 0 ? $order->artwork_cents : 0, $rates->on($line->fabric), $prices, $works);
        }

        return new self(
            $order,
            $lines,
            (int) $house->rules()->value(HouseRule::LeastCharge),
            $house->rules()->value(HouseRule::WantedMargin),
        );
    }

    private static function line(
        OrderLine $line,
        int $artworkCents,
        Rates $rates,
        PriceList $prices,
        DecorationCosting $works,
    ): LineMoney {
        $roots = $line->decorations->whereNull('split_from_id');
        [$jobWorks, $done, $missing] = [[], [], []];
        $pieces = 1;
        foreach ($roots as $decoration) {
            $pieces = max($pieces, $works->pieces($decoration));
            $work = $works->of($decoration, $line);
            if ($work === null) {
                $missing[] = $decoration->positionLabel();
                continue;
            }
            $jobWorks[] = $work;
            $done[] = $works->done($decoration, $work);
        }
        $job = new Job($pieces, (int) $line->blank_cents, $works->worth($line), $artworkCents, $jobWorks);
        $sewn = array_values(array_filter($done, static fn($one): bool => $one->sewn() > 0));
        $quote = null;
        $noPrice = '';
        try {
            $quote = Quote::of($job, $rates, $prices->price(null), 0);
        } catch (NoPrice $e) {
            $noPrice = Words::why($e);
        }

        return new LineMoney(
            $line,
            $job,
            Cost::planned($job, $rates),
            $quote,
            $noPrice,
            $sewn === [] ? null : Cost::real($job, $rates, $sewn),
            $missing,
            $done,
        );
    }

    public function plannedCents(): int
    {
        return array_sum(array_map(static fn(LineMoney $line): int => $line->planned->cents(), $this->lines));
    }

    /** What the customer has off the list; nothing where a price was agreed for this order. */
    public function discountCents(): int
    {
        return $this->order->agreed_cents !== null
            ? 0
            : Amount::of($this->listCents() ?? 0)->percent($this->order->customer->discount_percent)->cents();
    }

    /** What was agreed; else what the list says, less the customer’s discount, with the least charge; null where the list has no price. */
    public function priceCents(): ?int
    {
        if ($this->order->agreed_cents !== null) {
            return $this->order->agreed_cents;
        }
        $sum = $this->listCents();

        return $sum === null ? null : max($this->least, $sum - $this->discountCents());
    }

    /** By the list alone. */
    public function listCents(): ?int
    {
        $sum = 0;
        foreach ($this->lines as $line) {
            if ($line->quote === null) {
                return null;
            }
            $sum += $line->quote->price;
        }

        return $sum;
    }

    /** What all lines came to that are sewn, whole or in part; null before the first piece. */
    public function realCents(): ?int
    {
        $real = array_filter(
            array_map(static fn(LineMoney $line): int => $line->real?->cents() ?? 0, $this->lines),
            static fn(int $cents): bool => $cents !== 0,
        );

        return $real === [] ? null : array_sum($real);
    }

    /** How much of the order is sewn, by its stitches: 0 to 1. */
    public function sewnShare(): float
    {
        [$sewn, $all] = [0, 0];
        foreach ($this->lines as $line) {
            foreach ($line->done as $done) {
                $sewn += $done->work->stitches * min($done->pieces, $line->job->pieces);
                $all += $done->work->stitches * $line->job->pieces;
            }
        }

        return $all === 0 ? 0.0 : $sewn / $all;
    }

    /** Of the price what is sewn has earned; null where there is no price. */
    public function earnedCents(): ?int
    {
        $price = $this->priceCents();

        return $price === null ? null : (int) round($price * $this->sewnShare());
    }

    /** What is sewn has earned, less what it cost; null where there is no price, or nothing sewn. */
    public function profitCents(): ?int
    {
        $earned = $this->earnedCents();
        $real = $this->realCents();

        return $earned === null || $real === null ? null : $earned - $real;
    }

    /**
     * The line of the cost in which what is sewn is furthest from what was planned for it.
     *
     * @return array{CostCategory, int}|null what it is about, and by how many cents it is dearer
     */
    public function furthest(): ?array
    {
        $by = [];
        $share = $this->sewnShare();
        foreach ($this->lines as $line) {
            foreach ($line->real === null ? [] : $line->planned->lines as $row) {
                $by[$row->about->value] =
                    ($by[$row->about->value] ?? 0) + ($line->real?->of($row->about, $row->decoration) ?? 0) -
                    (int) round($row->cents * $share);
            }
        }
        // Overhead only follows the others.
        unset($by[CostCategory::Overhead->value]);
        uasort($by, static fn(int $a, int $b): int => abs($b) <=> abs($a));
        $most = array_key_first($by);

        return $most === null || $by[$most] === 0 ? null : [CostCategory::from($most), $by[$most]];
    }

    /** Of what is earned or would be, to one decimal; null where that is nothing. */
    public static function marginPercent(?int $earned, int $cost): ?float
    {
        return $earned === null || $earned === 0 ? null : round((100 * ($earned - $cost)) / $earned, 1);
    }
}
