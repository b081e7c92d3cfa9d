<?php

declare(strict_types=1);

namespace App\Plan;

use App\Floor\FloorLog;
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
        $free = DB::table('pieces')->where('decoration_id', $of->decorationId)->where('state', 'waiting')->whereNotIn('id', $hooped)->orderByDesc('id')->pluck('id')->all();
        if ($pieces < 1 || $pieces > count($free) || $pieces >= $of->left) {
            throw PlanMovedOn::impossible($of->code, sprintf('of its %d pieces 1 to %d can be split off', $of->left, min(count($free), $of->left - 1)));
        }
        $decoration = Decoration::query()->findOrFail($of->decorationId);
        $apart = $decoration->replicate(['id']);
        $apart->split_from_id = $decoration->split_from_id ?? $decoration->id;
        $apart->save();
        $setup = (array) DB::table('setups')->where('decoration_id', $decoration->id)->first();
        DB::table('setups')->insert([...$setup, 'decoration_id' => $apart->id]);
        DB::table('pieces')->whereIn('id', array_slice($free, 0, $pieces))->update(['decoration_id' => $apart->id]);
        $new = Batch::query()->create(['decoration_id' => $apart->id, 'code' => 'new-'.$apart->id]);
        $new->update(['code' => 'B-'.(100 + $new->id)]);

        return $new->code;
    }

    /**
     * The pieces of one batch go to another of the same decoration; the one that gave them is gone.
     *
     * @throws PlanMovedOn
     */
    public static function into(OpenBatch $from, OpenBatch $into): void
    {
        if (! in_array($into->id, self::siblings($from), true)) {
            throw PlanMovedOn::impossible($from->code, "it is not of the same decoration as {$into->code}");
        }
        if ($from->started || DB::table('backing_cuts')->where('batch_id', $from->id)->exists()) {
            throw PlanMovedOn::impossible($from->code, $from->started ? 'it runs already' : 'its backing is cut');
        }
        DB::table('pieces')->where('decoration_id', $from->decorationId)->update(['decoration_id' => $into->decorationId]);
        // What others were split off stays of one family when its eldest goes.
        DB::table('decorations')->where('split_from_id', $from->decorationId)->whereNot('id', $into->decorationId)->update(['split_from_id' => $into->decorationId]);
        DB::table('decorations')->where('id', $into->decorationId)->where('split_from_id', $from->decorationId)->update(['split_from_id' => null]);
        DB::table('batches')->where('id', $from->id)->delete();
        DB::table('setups')->where('decoration_id', $from->decorationId)->delete();
        DB::table('decorations')->where('id', $from->decorationId)->delete();
    }

    /** @return list<int> ids of the other batches of the same decoration */
    public static function siblings(OpenBatch $of): array
    {
        $family = DB::table('decorations')->where('id', $of->decorationId)->value('split_from_id') ?? $of->decorationId;

        return array_values(array_map(intval(...), DB::table('batches as b')->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->where(static fn($query) => $query->where('d.id', $family)->orWhere('d.split_from_id', $family))->whereNot('b.id', $of->id)->pluck('b.id')->all()));
    }
}
