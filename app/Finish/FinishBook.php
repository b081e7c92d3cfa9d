<?php

declare(strict_types=1);

namespace App\Finish;

use App\Database\Whole;
use App\FloorLog\FloorLog;
use App\Models\Batch;
use App\Models\Finishing;
use App\Models\FloorEvent;
use App\Models\Machine;
use App\Models\OrderLine;
use App\Models\Piece;
use App\Shop\Catalogue;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Floor\CheckRules;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\NotToBeDone;
use Hakama\Floor\PieceState;
use Hakama\Floor\SpoilCause;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;

/** Writes down what is done to pieces off the machine: finished, looked at, put right, or rejected and sewn again. */
final readonly class FinishBook
{
    public function __construct(private House $house, private Catalogue $catalogue) {}

    /**
     * @param list<int> $pieces
     *
     * @return int how many are finished by it; none where the same form came before
     */
    public function finish(array $pieces, string $form, string $who): int
    {
        return Whole::write(function () use ($pieces, $form, $who): int {
            $rules = CheckRules::of($this->house->rules());
            $done = 0;
            foreach ($this->open($pieces, $form) as $piece) {
                if (! in_array($piece->finish, [FinishState::ToFinish, FinishState::Rework], true)) {
                    continue;
                }
                $wants = $rules->wants(self::numberOf($piece), self::worth($piece, $this->catalogue));
                $piece->update(['finish' => $piece->finish->finished($wants)]);
                $this->note($piece, $form, Finishing::FINISHED, $who);
                $done++;
            }

            return $done;
        });
    }

    /** @throws NotToBeDone */
    public function check(Piece $piece, bool $good, string $form, string $who, string $note): void
    {
        Whole::write(function () use ($piece, $good, $form, $who, $note): void {
            foreach ($this->open([$piece->id], $form) as $one) {
                $another = CheckRules::of($this->house->rules())->byAnother();
                $state = ($one->finish ?? FinishState::Passed)->checked($good, $who, $one->sewn_by, $another);
                $one->update(['finish' => $state]);
                $this->note($one, $form, $good ? Finishing::PASSED : Finishing::REWORK, $who, null, $note);
            }
        });
    }

    /**
     * It is not good, at the check or days later: it waits again, and is in the books as spoiled.
     *
     * @return string what follows from it, in words
     */
    public function reject(Piece $piece, SpoilCause $cause, string $form, string $who, string $note): string
    {
        return Whole::write(function () use ($piece, $cause, $form, $who, $note): string {
            foreach ($this->open([$piece->id], $form) as $one) {
                if ($one->state !== PieceState::Done) {
                    throw NotToBeDone::notSewn();
                }
                $batch = Batch::query()->where('decoration_id', $one->decoration_id)->firstOrFail();
                $last = self::lastDone($batch, $one);
                $machine = Machine::query()->findOrFail($last->machine_id ?? $batch->machine_id);
                FloorLog::append(
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
                $this->note($one, $form, Finishing::REJECTED, $who, $cause, $note);
                Piece::query()
                    ->whereKey($one->id)
                    ->update(['finish' => null, 'sewn_by' => '']);
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
            ->lockForUpdate()
            ->get();
    }

    private function note(
        Piece $piece,
        string $form,
        string $kind,
        string $who,
        ?SpoilCause $cause = null,
        string $note = '',
    ): void {
        Finishing::query()->create([
            'form_id' => $form,
            'piece_id' => $piece->id,
            'order_id' => $piece->order_id,
            'kind' => $kind,
            'who' => mb_substr($who, 0, 40),
            'sewn_by' => $piece->sewn_by,
            'machine_id' => Batch::query()->where('decoration_id', $piece->decoration_id)->value('machine_id'),
            'fabric' => $piece->decoration->line->fabric->value,
            'cause' => $cause,
            'note' => mb_substr($note, 0, 200),
            'done_at' => CarbonImmutable::now(),
        ]);
    }

    /** Which one of its decoration it is, in the order they are sewn. */
    private static function numberOf(Piece $piece): int
    {
        return Piece::query()->where('decoration_id', $piece->decoration_id)->where('id', '<=', $piece->id)->count();
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
        $spoiled = (int) FloorEvent::query()
            ->where('order_id', $line->order_id)
            ->whereIn('kind', [EventKind::PieceSpoiled, EventKind::PieceRejected])
            ->sum('piece_count');
        $left = $line->spares - $spoiled;

        return $left >= 0
            ? sprintf('It is sewn again on a spare; %s left of this line.', $left === 0 ? 'none is' : "{$left} are")
            : sprintf(
                'There is no spare left: order one more %s. Order %d is promised for %s and is short of it until then.',
                $line->garmentLabel(),
                $line->order->number,
                $line->order->due_at->format('D j M, H:i'),
            );
    }
}
