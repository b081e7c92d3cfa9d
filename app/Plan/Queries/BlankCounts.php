<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\ShopClock;
use App\Shop\Deliveries;
use App\Shop\House;
use Hakama\Floor\Blanks;
use Hakama\Floor\Coming;
use Hakama\Floor\Lacking;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use stdClass;

/** What the lines of orders have to be sewn on: as it was ordered, came, is on its way, and was spoiled. */
final readonly class BlankCounts
{
    private Deliveries $deliveries;

    public function __construct(House $house)
    {
        $this->deliveries = new Deliveries($house);
    }

    /** A query over order lines, called `l`, with all that `of` reads. */
    public static function with(Builder $query): Builder
    {
        return $query
            ->addSelect('l.spares')
            ->selectRaw('(select sum(r.good) from arrivals r where r.order_line_id = l.id) as blanks')
            ->selectRaw(
                '(select count(distinct p.size, p.number) from pieces p join decorations e on e.id = p.decoration_id
                    where e.order_line_id = l.id) as garments',
            )
            ->selectRaw(
                '(select coalesce(sum(r.spoiled), 0) from batch_runs r join batches e on e.id = r.batch_id
                    join decorations g on g.id = e.decoration_id where g.order_line_id = l.id) as spoiled',
            )
            ->selectRaw(
                '(select json_arrayagg(json_array(x.size, x.pieces - x.came, x.expected_on)) from expected_blanks x
                    where x.order_line_id = l.id and x.came < x.pieces) as coming',
            );
    }

    public function of(stdClass $line): Blanks
    {
        /** @var list<array{string, int, string}> $coming */
        $coming = $line->coming === null ? [] : json_decode($line->coming, true, flags: JSON_THROW_ON_ERROR);

        return new Blanks(
            (int) $line->garments,
            (int) $line->spares,
            $line->blanks === null ? null : (int) $line->blanks,
            (int) $line->spoiled,
            array_map(
                fn(array $one): Coming => new Coming($one[0], (int) $one[1], $this->deliveries->on($one[2])),
                $coming,
            ),
        );
    }

    /**
     * For which pieces of open batches there is no blank yet.
     *
     * @param Collection<int, stdClass> $rows with what `of` reads, the decoration that a batch was split from (family) and
     *     the sizes of its pieces that are not begun (waiting)
     *
     * @return array<int, Lacking> by batch
     */
    public function lacking(Collection $rows): array
    {
        $lacking = [];
        foreach ($rows->groupBy('family') as $batches) {
            $waiting = $batches
                ->sortBy('id')
                ->mapWithKeys(static fn(stdClass $row): array => [(int) $row->id => self::sizes($row->waiting)])
                ->all();
            $lacking += $this->of($batches->firstOrFail())->lackedBy($waiting, ShopClock::now());
        }

        return $lacking;
    }

    /** @return array<array-key, int> size => pieces */
    private static function sizes(?string $kept): array
    {
        /** @var list<string> $sizes */
        $sizes = $kept === null ? [] : json_decode($kept, true, flags: JSON_THROW_ON_ERROR);

        return array_count_values($sizes);
    }
}
