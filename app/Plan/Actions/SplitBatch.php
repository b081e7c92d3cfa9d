<?php

declare(strict_types=1);

namespace App\Plan\Actions;

use App\Floor\Models\BatchProgress;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Plan\CannotChangePlan;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Setup\Models\Setup;
use App\Stock\Models\BackingCut;
use Hakama\Floor\PieceState;
use Illuminate\Database\Eloquent\Builder;

/** A part of a batch run by itself, and put together again. It happens within a change of the plan. */
final class SplitBatch
{
    /**
     * Some pieces of a batch, of those that are not begun, as a batch of their own with the same setup: those whose blanks
     * are still to come, then the last.
     *
     * @return string its code
     *
     * @throws CannotChangePlan
     */
    public static function off(OpenBatch $of, int $pieces): string
    {
        $free = Piece::query()
            ->where('decoration_id', $of->decorationId)
            ->where('state', PieceState::Waiting)
            ->whereNotIn('id', $of->started ? BatchProgress::hoopedOf($of->id) : [])
            ->orderByDesc('id')
            ->pluck('size', 'id')
            ->all();
        if ($pieces < 1 || $pieces > count($free) || $pieces >= $of->left) {
            throw CannotChangePlan::splitsOff($of->code, $of->left, min(count($free), $of->left - 1));
        }
        $decoration = Decoration::query()->with('setup')->findOrFail($of->decorationId);
        $apart = $decoration->replicate();
        $apart->split_from_id = $decoration->split_from_id ?? $decoration->id;
        $apart->save();
        $decoration->setup
            ?->replicate()
            ->fill(['decoration_id' => $apart->id])
            ->save();
        foreach (Colourway::query()->where('decoration_id', $decoration->id)->get() as $way) {
            $way->replicate()
                ->fill(['decoration_id' => $apart->id])
                ->save();
        }
        Piece::query()
            ->whereKey(array_slice(self::lackingFirst($free, $of->lacking->sizes()), 0, $pieces))
            ->update(['decoration_id' => $apart->id]);

        return Batch::open($apart)->code;
    }

    /**
     * @param array<int, string>    $free    piece => size
     * @param array<array-key, int> $lacking size => pieces without a blank
     *
     * @return list<int> pieces
     */
    private static function lackingFirst(array $free, array $lacking): array
    {
        $first = [];
        foreach ($free as $id => $size) {
            if (($lacking[$size] ?? 0) > 0) {
                $lacking[$size]--;
                $first[] = $id;
            }
        }

        return [...$first, ...array_values(array_diff(array_keys($free), $first))];
    }

    /**
     * The pieces of one batch go to another of the same decoration; the one that gave them is gone.
     *
     * @return array<string, mixed> all that is needed to have them apart again
     *
     * @throws CannotChangePlan
     */
    public static function into(OpenBatch $from, OpenBatch $into): array
    {
        if (! isset(self::siblings($from->decorationId)[$into->id])) {
            throw CannotChangePlan::ofAnotherDecoration($from->code, $into->code);
        }
        if ($from->started) {
            throw CannotChangePlan::runsAlready($from->code);
        }
        if (BackingCut::query()->where('batch_id', $from->id)->exists()) {
            throw CannotChangePlan::backingIsCut($from->code);
        }
        $decoration = Decoration::query()
            ->with(['setup', 'batch'])
            ->findOrFail($from->decorationId);
        $pieces = Piece::query()->where('decoration_id', $decoration->id);
        $family = Decoration::query()->where('split_from_id', $decoration->id);
        $joined = [
            'into' => $into->code,
            'decoration' => $decoration->getAttributes(),
            'setup' => $decoration->setup?->getAttributes(),
            'batch' => $decoration->batch?->getAttributes(),
            'pieces' => $pieces->pluck('id')->all(),
            'family' => $family->pluck('id')->all(),
        ];
        $pieces->update(['decoration_id' => $into->decorationId]);
        // What others were split off stays of one family when its eldest goes.
        $family
            ->clone()
            ->whereKeyNot($into->decorationId)
            ->update(['split_from_id' => $into->decorationId]);
        $family
            ->clone()
            ->whereKey($into->decorationId)
            ->update(['split_from_id' => null]);
        $decoration->batch?->delete();
        $decoration->setup?->delete();
        $decoration->delete();

        return $joined;
    }

    /**
     * What was put into another batch is a batch of its own again, as long as none of its pieces is begun there.
     *
     * @param array<string, mixed> $joined as `into` answered it
     *
     * @throws CannotChangePlan
     */
    public static function apart(array $joined): void
    {
        /**
         * @var array{into: string, decoration: array<string, mixed>, setup: array<string, mixed>,
         *     batch: array<string, mixed>, pieces: list<int>, family: list<int>} $joined
         */
        $into =
            Batch::query()->where('code', $joined['into'])->first() ?? throw CannotChangePlan::isGone($joined['into']);
        $begun = Piece::query()
            ->whereKey($joined['pieces'])
            ->where(
                static fn(Builder $query): Builder => $query
                    ->where('state', '!=', PieceState::Waiting)
                    ->orWhereIn('id', BatchProgress::hoopedOf($into->id)),
            )
            ->exists();
        if ($begun) {
            throw CannotChangePlan::isBegun($joined['into']);
        }
        Decoration::query()->insert($joined['decoration']);
        Decoration::query()
            ->whereKey($joined['family'])
            ->update(['split_from_id' => $joined['decoration']['id']]);
        // Run times are worked out when it is saved; an earlier version kept them within it.
        (new Setup())->setRawAttributes(array_diff_key($joined['setup'], ['sew_s' => 0]))->save();
        Batch::query()->insert($joined['batch']);
        Piece::query()
            ->whereKey($joined['pieces'])
            ->update(['decoration_id' => $joined['decoration']['id']]);
    }

    /** @return array<int, string> id => code of the other batches of the same decoration */
    public static function siblings(int $decorationId): array
    {
        $family = Decoration::query()->whereKey($decorationId)->value('split_from_id') ?? $decorationId;

        return Batch::query()
            ->whereHas(
                'decoration',
                static fn(Builder $one): Builder => $one
                    ->whereKeyNot($decorationId)
                    ->where(
                        static fn(Builder $of): Builder => $of->whereKey($family)->orWhere('split_from_id', $family),
                    ),
            )
            ->orderBy('id')
            ->pluck('code', 'id')
            ->all();
    }
}
