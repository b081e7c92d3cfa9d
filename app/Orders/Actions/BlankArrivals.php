<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\Words\Dates;
use App\Orders\Models\Arrival;
use App\Orders\Models\ExpectedBlanks;
use App\Orders\Models\OrderLine;
use App\Plan\Actions\PlanChanges;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/** Writes down blanks that came in, counted, and those that are on their way. The plan follows. */
final readonly class BlankArrivals
{
    public function __construct(private PlanChanges $plan) {}

    /**
     * @param string $form the form it was written on: the same one again is the same delivery
     * @param string $size '' for any
     *
     * @return list<string> what it changed in the plan, in words
     */
    public function note(
        OrderLine $line,
        string $form,
        string $size,
        int $good,
        int $wrong,
        string $note,
        string $who,
    ): array {
        return Transaction::run(function () use ($line, $form, $size, $good, $wrong, $note, $who): array {
            $isNew = Arrival::query()->firstOrCreate(
                ['form_id' => $form],
                [
                    'order_line_id' => $line->id,
                    'good' => $good,
                    'wrong' => $wrong,
                    'size' => $size,
                    'note' => $note,
                    'who' => $who,
                    'came_at' => CarbonImmutable::now(),
                ],
            )->wasRecentlyCreated;
            if (! $isNew) {
                return [];
            }
            self::countOff($line, $size, $good + $wrong);

            return $this->told(
                $line,
                __('orders.change_controller.blanks_received', ['garment_label' => $line->garmentLabel()]),
                ['good' => $good, 'wrong' => $wrong],
            );
        });
    }

    /**
     * @param string $form the form it was written on: the same one again is the same delivery
     * @param string $size '' for any
     * @param string $day  on which they come
     *
     * @return list<string> what it changed in the plan, in words
     */
    public function expect(OrderLine $line, string $form, string $size, int $pieces, string $day, string $who): array
    {
        return Transaction::run(function () use ($line, $form, $size, $pieces, $day, $who): array {
            $isNew = ExpectedBlanks::query()->firstOrCreate(
                ['form_id' => $form],
                [
                    'order_line_id' => $line->id,
                    'size' => $size,
                    'pieces' => $pieces,
                    'expected_on' => $day,
                    'who' => $who,
                    'noted_at' => CarbonImmutable::now(),
                ],
            )->wasRecentlyCreated;

            return $isNew
                ? $this->told(
                    $line,
                    __('orders.blanks.expected_change', ['garment_label' => $line->garmentLabel()]),
                    ['pieces' => $pieces, 'day' => Dates::date(CarbonImmutable::parse($day))],
                )
                : [];
        });
    }

    /**
     * They do not come after all, or on another day that is written down anew.
     *
     * @return list<string> what it changed in the plan, in words
     */
    public function forget(ExpectedBlanks $expected): array
    {
        return Transaction::run(function () use ($expected): array {
            $line = OrderLine::query()->findOrFail($expected->order_line_id);
            $expected->delete();

            return $this->told(
                $line,
                __('orders.blanks.forgotten_change', ['garment_label' => $line->garmentLabel()]),
                ['pieces' => $expected->left(), 'day' => Dates::date($expected->expected_on)],
            );
        });
    }

    /** What came is taken to be what was expected: of its size first, the soonest first. */
    private static function countOff(OrderLine $line, string $size, int $came): void
    {
        $expected = ExpectedBlanks::query()
            ->where('order_line_id', $line->id)
            ->outstanding()
            ->when(
                $size !== '',
                static fn(Builder $query): Builder => $query->whereIn('size', ['', $size])->orderByDesc('size'),
            )
            ->orderBy('expected_on')
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        foreach ($expected as $one) {
            $of = min($came, $one->left());
            $came -= $of;
            $one->update(['came' => $one->came + $of]);
        }
    }

    /**
     * @param array<string, int|string> $after
     *
     * @return list<string>
     */
    private function told(OrderLine $line, string $what, array $after): array
    {
        $order = $line->order()->firstOrFail();
        ChangeLog::note(Change::ORDER, (string) $order->number, $what, null, $after);

        $isAwaited = ExpectedBlanks::query()->where('order_line_id', $line->id)->outstanding()->exists();

        return $isAwaited ? $this->plan->await($line->id) : [];
    }
}
