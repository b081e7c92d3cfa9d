<?php

declare(strict_types=1);

namespace App\Plan;

use App\FloorLog\FloorLog;
use App\Models\Batch;
use App\Models\Decoration;
use Illuminate\Support\Facades\DB;

/** A part of a batch run by itself, and put together again. It happens within a change of the plan. */
final class SplitBatch
{
    /**
     * The last pieces of a batch, of those that are not begun, as a batch of their own with the same setup.
     *
     * @return string its code
     *
     * @throws PlanMovedOn
     */
    public static function off(OpenBatch $of, int $pieces): string
    {
        $batch = Batch::query()->findOrFail($of->id);
        $hooped = $of->started ? FloorLog::run($batch)->hooped : [];
        $free = DB::table('pieces')
            ->where('decoration_id', $of->decorationId)
            ->where('state', 'waiting')
            ->whereNotIn('id', $hooped)
            ->orderByDesc('id')
            ->pluck('id')
            ->all();
        if ($pieces < 1 || $pieces > count($free) || $pieces >= $of->left) {
            throw PlanMovedOn::impossible(
                $of->code,
                sprintf('of its %d pieces 1 to %d can be split off', $of->left, min(count($free), $of->left - 1)),
            );
        }
        $decoration = Decoration::query()->findOrFail($of->decorationId);
        $apart = $decoration->replicate(['id']);
        $apart->split_from_id = $decoration->split_from_id ?? $decoration->id;
        $apart->save();
        $setup = (array) DB::table('setups')->where('decoration_id', $decoration->id)->first();
        DB::table('setups')->insert([...$setup, 'decoration_id' => $apart->id]);
        DB::table('pieces')
            ->whereIn('id', array_slice($free, 0, $pieces))
            ->update(['decoration_id' => $apart->id]);
        $new = Batch::query()->create(['decoration_id' => $apart->id, 'code' => 'new-'.$apart->id]);
        $new->update(['code' => 'B-'.(100 + $new->id)]);

        return $new->code;
    }

    /**
     * The pieces of one batch go to another of the same decoration; the one that gave them is gone.
     *
     * @return array<string, mixed> all that is needed to have them apart again
     *
     * @throws PlanMovedOn
     */
    public static function into(OpenBatch $from, OpenBatch $into): array
    {
        if (! isset(self::siblings($from->decorationId)[$into->id])) {
            throw PlanMovedOn::impossible($from->code, "it is not of the same decoration as {$into->code}");
        }
        if ($from->started || DB::table('backing_cuts')->where('batch_id', $from->id)->exists()) {
            throw PlanMovedOn::impossible($from->code, $from->started ? 'it runs already' : 'its backing is cut');
        }
        $joined = [
            'into' => $into->code,
            'decoration' => (array) DB::table('decorations')->where('id', $from->decorationId)->first(),
            'setup' => (array) DB::table('setups')->where('decoration_id', $from->decorationId)->first(),
            'batch' => (array) DB::table('batches')->where('id', $from->id)->first(),
            'pieces' => DB::table('pieces')->where('decoration_id', $from->decorationId)->pluck('id')->all(),
            'family' => DB::table('decorations')->where('split_from_id', $from->decorationId)->pluck('id')->all(),
        ];
        DB::table('pieces')
            ->where('decoration_id', $from->decorationId)
            ->update(['decoration_id' => $into->decorationId]);
        // What others were split off stays of one family when its eldest goes.
        DB::table('decorations')
            ->where('split_from_id', $from->decorationId)
            ->whereNot('id', $into->decorationId)
            ->update(['split_from_id' => $into->decorationId]);
        DB::table('decorations')
            ->where('id', $into->decorationId)
            ->where('split_from_id', $from->decorationId)
            ->update(['split_from_id' => null]);
        DB::table('batches')->where('id', $from->id)->delete();
        DB::table('setups')->where('decoration_id', $from->decorationId)->delete();
        DB::table('decorations')->where('id', $from->decorationId)->delete();

        return $joined;
    }

    /**
     * What was put into another batch is a batch of its own again, as long as none of its pieces is begun there.
     *
     * @param array<string, mixed> $joined as `into` answered it
     *
     * @throws PlanMovedOn
     */
    public static function apart(array $joined): void
    {
        /**
         * @var array{into: string, decoration: array<string, mixed>, setup: array<string, mixed>,
         *     batch: array<string, mixed>, pieces: list<int>, family: list<int>} $joined
         */
        $into =
            Batch::query()->where('code', $joined['into'])->first() ??
            throw PlanMovedOn::impossible($joined['into'], 'it is gone');
        $begun = DB::table('pieces')
            ->whereIn('id', $joined['pieces'])
            ->where(
                static fn($query) => $query
                    ->where('state', '!=', 'waiting')
                    ->orWhereIn('id', FloorLog::run($into)->hooped),
            )
            ->exists();
        if ($begun) {
            throw PlanMovedOn::impossible($joined['into'], 'some of the pieces that were put into it are begun');
        }
        DB::table('decorations')->insert($joined['decoration']);
        DB::table('decorations')
            ->whereIn('id', $joined['family'])
            ->update(['split_from_id' => $joined['decoration']['id']]);
        DB::table('setups')->insert($joined['setup']);
        DB::table('batches')->insert($joined['batch']);
        DB::table('pieces')
            ->whereIn('id', $joined['pieces'])
            ->update(['decoration_id' => $joined['decoration']['id']]);
    }

    /** @return array<int, string> id => code of the other batches of the same decoration */
    public static function siblings(int $decorationId): array
    {
        $family = DB::table('decorations')->where('id', $decorationId)->value('split_from_id') ?? $decorationId;

        return DB::table('batches as b')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->where(static fn($query) => $query->where('d.id', $family)->orWhere('d.split_from_id', $family))
            ->whereNot('d.id', $decorationId)
            ->orderBy('b.id')
            ->pluck('b.code', 'b.id')
            ->all();
    }
}
