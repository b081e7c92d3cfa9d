<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Orders\Models\ExpectedBlanks;
use App\Orders\Models\HandOver;
use App\Orders\Models\Order;
use App\Plan\Queries\BlankCounts;
use App\Shop\House;
use Hakama\Floor\Blanks;
use Hakama\Floor\CheckRules;
use Hakama\Garment\Size;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * The garments of an order, by line and size: how many are wanted, begun, done in every place, handed over and here as
 * blanks. A garment is done when each of its decorations is.
 */
final readonly class OrderedGarments
{
    /**
     * @param array<int, array<string, int>> $wanted line => size => garments
     * @param array<int, array<string, int>> $begun  of which so many cannot be taken out any more
     * @param array<int, array<string, int>> $done
     * @param array<int, array<string, int>> $handed
     * @param array<int, Blanks>               $blanks   by line
     * @param array<int, int>                  $wrong    line => blanks that came and are of no use
     * @param array<int, list<ExpectedBlanks>> $expected line => what is on its way, soonest first
     * @param Collection<int, HandOver>                $slips by their numbers
     * @param int                                      $pieces of all decorations
     */
    private function __construct(
        public array $wanted,
        public array $begun,
        public array $done,
        public array $handed,
        public array $blanks,
        public array $wrong,
        public array $expected,
        public Collection $slips,
        public int $pieces,
        public int $piecesDone,
    ) {}

    public static function of(Order $order): self
    {
        // Where another pair of eyes looks, nothing leaves before it has passed.
        $looked = CheckRules::of(app(House::class)->rules())->byAnother();
        $rows = DB::table('pieces as p')
            ->join('decorations as d', 'd.id', '=', 'p.decoration_id')
            ->where('p.order_id', $order->id)
            ->groupByRaw('d.order_line_id, coalesce(d.split_from_id, d.id), p.size')
            ->selectRaw(
                "d.order_line_id as line, coalesce(d.split_from_id, d.id) as decoration, p.size,
                count(*) as pieces, sum(p.state = 'done'".
                    ($looked ? " and p.finish = 'passed'" : '').
                    ") as done, sum(p.state != 'waiting') as begun",
            )
            ->get();
        $wanted = $begun = $done = [];
        foreach ($rows as $row) {
            [$line, $size] = [(int) $row->line, (string) $row->size];
            $wanted[$line][$size] = max($wanted[$line][$size] ?? 0, (int) $row->pieces);
            $begun[$line][$size] = max($begun[$line][$size] ?? 0, (int) $row->begun);
            $done[$line][$size] = min($done[$line][$size] ?? PHP_INT_MAX, (int) $row->done);
        }
        $handed = [];
        $slips = HandOver::query()->where('order_id', $order->id)->orderBy('number')->get();
        foreach ($slips as $one) {
            foreach ($one->pieces as $line => $sizes) {
                foreach ($sizes as $size => $count) {
                    $handed[(int) $line][(string) $size] = ($handed[(int) $line][(string) $size] ?? 0) + $count;
                }
            }
        }
        $counts = new BlankCounts(app(House::class));
        $blanks = $wrong = $expected = [];
        foreach (
            BlankCounts::with(DB::table('order_lines as l')->where('l.order_id', $order->id)->select('l.id'))
                ->selectRaw('(select coalesce(sum(r.wrong), 0) from arrivals r where r.order_line_id = l.id) as wrong')
                ->get() as $line
        ) {
            $blanks[(int) $line->id] = $counts->of($line);
            $wrong[(int) $line->id] = (int) $line->wrong;
        }
        foreach (
            ExpectedBlanks::query()
                ->whereIn('order_line_id', array_keys($blanks))
                ->outstanding()
                ->orderBy('expected_on')
                ->get() as $one
        ) {
            $expected[$one->order_line_id][] = $one;
        }

        return new self(
            array_map(Size::inOrder(...), $wanted),
            array_map(Size::inOrder(...), $begun),
            array_map(Size::inOrder(...), $done),
            array_map(Size::inOrder(...), $handed),
            $blanks,
            $wrong,
            $expected,
            $slips,
            (int) $rows->sum('pieces'),
            (int) $rows->sum('done'),
        );
    }

    /** Done and still here. */
    public function toHandOver(int $line, string $size): int
    {
        return max(0, ($this->done[$line][$size] ?? 0) - ($this->handed[$line][$size] ?? 0));
    }

    public function hasToHandOver(): bool
    {
        foreach ($this->done as $line => $sizes) {
            foreach (array_keys($sizes) as $size) {
                if ($this->toHandOver($line, (string) $size) > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** "40 of 48 came good, 8 short (2 came wrong)"; '' where nobody has counted. */
    public function blanks(int $line): string
    {
        $blanks = $this->blanks[$line];
        if ($blanks->good === null) {
            return '';
        }

        return __('orders.ordered_garments.of_good', [
            'good' => $blanks->good,
            'wanted' => $blanks->wanted,
            'value' => $blanks->short() > 0 ? __('orders.ordered_garments.short', ['missing' => $blanks->short()]) : '',
            'value_2' => $this->wrong[$line] > 0
                ? ' '.__('orders.ordered_garments.wrong', ['wrong' => $this->wrong[$line]])
                : '',
        ]);
    }
}
