<?php

declare(strict_types=1);

namespace App\Floor\Finish;

use App\Floor\Actions\AppendEvent;
use App\Floor\Models\BatchProgress;
use App\Floor\Models\Finishing;
use App\Floor\Models\FloorEvent;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\Dates;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Floor\ActRefused;
use Hakama\Floor\CheckRules;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\PieceState;
use Hakama\Floor\SpoilCause;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;

/** Writes down what is done to pieces off the machine: finished, looked at, put right, or rejected and sewn again. */
final readonly class FinishBook
{
    public function __construct(private House $house, private Catalogue $catalogue, private AppendEvent $log) {}

    /**
     * @param list<int> $pieces
     *
     * @return int how many are finished by it; none where the same form came before
     */
    public function finish(array $pieces, string $form, string $who): int
    {
        return Transaction::run(function () use ($pieces, $form, $who): int {
            $open = $this->open($pieces, $form)->filter(
                static fn(Piece $piece): bool => in_array(
                    $piece->finish,
                    [FinishState::ToFinish, FinishState::Rework],
                    true,
                ),
            );
            $rules = CheckRules::of($this->house->rules());
            $numbers = self::numbers($open);
            $then = [];
            foreach ($open as $piece) {
                $wants = $rules->wants($numbers[$piece->id], self::worth($piece, $this->catalogue));
                $then[($piece->finish ?? FinishState::ToFinish)->finished($wants)->value][] = $piece->id;
            }
            foreach ($then as $state => $these) {
                Piece::query()
                    ->whereKey($these)
                    ->update(['finish' => $state]);
            }
            self::note($open, $form, Finishing::FINISHED, $who);

            return $open->count();
        });
    }

    /**
     * @param array<string, string|float|null> $seen a picture of it, and the place that is meant
     *
     * @throws ActRefused
     */
    public function check(Piece $piece, bool $good, string $form, string $who, string $note, array $seen = []): void
    {
        Transaction::run(function () use ($piece, $good, $form, $who, $note, $seen): void {
            $rules = CheckRules::of($this->house->rules());
            foreach ($this->open([$piece->id], $form) as $one) {
                $state = ($one->finish ?? FinishState::Passed)->checked($good, $who, $one->sewn_by, $rules->byAnother());
                $isBare = ($seen['photo'] ?? null) === null && $note === '';
                if ($good && $isBare && $rules->wantsPicture(Piece::passed($one->decoration_id)->count())) {
                    throw ActRefused::withoutPicture();
                }
                $one->update(['finish' => $state]);
                self::note([$one], $form, $good ? Finishing::PASSED : Finishing::REWORK, $who, null, $note, $seen);
            }
        });
    }

    /**
     * It is not good, at the check or days later: it waits again, and is in the books as spoiled.
     *
     * @param array<string, string|float|null> $seen a picture of it, and the place that is meant
     *
     * @return string what follows from it, in words
     */
    public function reject(
        Piece $piece,
        SpoilCause $cause,
        string $form,
        string $who,
        string $note,
        array $seen = [],
    ): string {
        return Transaction::run(function () use ($piece, $cause, $form, $who, $note, $seen): string {
            foreach ($this->open([$piece->id], $form) as $one) {
                if ($one->state !== PieceState::Done) {
                    throw ActRefused::notSewn();
                }
                $batch = Batch::query()->where('decoration_id', $one->decoration_id)->firstOrFail();
                $last = self::lastDone($batch, $one);
                $machine = Machine::query()->findOrFail($last->machine_id ?? $batch->machine_id);
                $this->log->append(
                    $machine,
                    $batch,
                    new Event(
                        Str::uuid()->toString(),
                        EventKind::PieceRejected,
                        $batch->id,
                        $last->load ?? 0,
                        pieces: [$one->id],
                        cause: $cause,
                    ),
                    'hand',
                    $who,
                    reason: $note,
                );
                self::note([$one], $form, Finishing::REJECTED, $who, $cause, $note, $seen);
            }

            return self::follows($piece);
        });
    }

    /**
     * Locked, and without those that this very form was about already.
     *
     * @param list<int> $pieces
     *
     * @return Collection<int, Piece>
     */
    private function open(array $pieces, string $form): Collection
    {
        $told = Finishing::query()->where('form_id', $form)->pluck('piece_id')->all();

        return Piece::query()
            ->with('decoration.line')
            ->whereKey(array_values(array_diff($pieces, $told)))
            ->orderBy('id')
            ->get();
    }

    /**
     * @param iterable<Piece>                  $pieces
     * @param array<string, string|float|null> $seen
     */
    private static function note(
        iterable $pieces,
        string $form,
        string $kind,
        string $who,
        ?SpoilCause $cause = null,
        string $note = '',
        array $seen = [],
    ): void {
        $pieces = [...$pieces];
        $machines = Batch::query()
            ->whereIn('decoration_id', array_column($pieces, 'decoration_id'))
            ->pluck('machine_id', 'decoration_id');
        Finishing::query()->insert(
            array_map(
                static fn(Piece $piece): array => [
                    'form_id' => $form,
                    'piece_id' => $piece->id,
                    'order_id' => $piece->order_id,
                    'kind' => $kind,
                    'who' => mb_substr($who, 0, 40),
                    'sewn_by' => $piece->sewn_by,
                    'machine_id' => $machines[$piece->decoration_id] ?? null,
                    'fabric' => $piece->decoration->line->fabric->value,
                    'cause' => $cause?->value,
                    'note' => mb_substr($note, 0, 200),
                    ...$seen,
                    'done_at' => CarbonImmutable::now(),
                ],
                $pieces,
            ),
        );
    }

    /**
     * Which one of its decoration each is, in the order they are sewn.
     *
     * @param Collection<int, Piece> $pieces
     *
     * @return array<int, int> by piece, from 1
     */
    private static function numbers(Collection $pieces): array
    {
        $numbers = [];
        $all = Piece::query()
            ->whereIn('decoration_id', $pieces->pluck('decoration_id')->unique())
            ->orderBy('id')
            ->get(['id', 'decoration_id']);
        foreach ($all->groupBy('decoration_id') as $these) {
            foreach ($these->values() as $at => $piece) {
                $numbers[$piece->id] = $at + 1;
            }
        }

        return $numbers;
    }

    private static function worth(Piece $piece, Catalogue $catalogue): ?int
    {
        $line = $piece->decoration->line;

        return $line->unit_value_cents ?? $catalogue->of($line)?->unitValueCents;
    }

    private static function lastDone(Batch $batch, Piece $piece): ?FloorEvent
    {
        return FloorEvent::query()
            ->where('batch_id', $batch->id)
            ->where('kind', EventKind::PieceDone)
            ->orderByDesc('seq')
            ->whereJsonContains('pieces', $piece->id)
            ->first();
    }

    /** Whether a spare is left to sew it on, or a blank is to be ordered and which promise hangs on it. */
    private static function follows(Piece $piece): string
    {
        $line = OrderLine::query()
            ->with('order')
            ->findOrFail($piece->decoration()->firstOrFail()->order_line_id);
        $batches = Batch::query()
            ->select('id')
            ->whereIn('decoration_id', Decoration::query()->select('id')->where('order_line_id', $line->id));
        $spoiled = (int) BatchProgress::query()->whereIn('batch_id', $batches)->sum('spoiled');
        $left = $line->spares - $spoiled;

        return $left >= 0
            ? __('floor.finish_book.it_is_sewn_again_on_a', ['value' => match ($left) {
                0 => __('floor.finish_book.none_is'),
                1 => __('floor.finish_book.n_1_is'),
                default => __('floor.finish_book.are', ['left' => $left]),
            }])
            : __('floor.finish_book.no_spare_left_order_one_more', [
                'garment_label' => $line->garmentLabel(),
                'number' => $line->order->number,
                'due_at' => Dates::dayTime($line->order->due_at),
            ]);
    }
}
