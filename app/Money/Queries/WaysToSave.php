<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Artwork\Models\Artwork;
use App\Money\DecorationCosting;
use App\Orders\Models\Decoration;
use App\Orders\Models\OrderLine;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use Hakama\Artwork\Variant;
use Hakama\Garment\Garment;
use Hakama\Money\Job;
use Hakama\Money\Savings;
use Hakama\Money\Work;

/** What would make a line of an order cheaper: another machine, a colour less, run together, copies regrouped. */
final readonly class WaysToSave
{
    public function __construct(
        private DecorationCosting $works,
        private House $house,
        private ShopRates $rates,
        private PlanBoard $board,
    ) {}

    /**
     * @param Job $job of the line, its works in the order of the decorations that have one
     *
     * @return list<array{string, int}> what is done otherwise, and how many cents less it costs
     */
    public function of(OrderLine $line, Job $job): array
    {
        $versions = self::versions($line);
        $ways = [];
        $which = 0;
        foreach ($line->decorations->whereNull('split_from_id') as $decoration) {
            if ($decoration->artwork?->read_at === null) {
                continue;
            }
            $work = $job->works[$which];
            foreach ($this->ways($decoration, $decoration->artwork, $work) as [$words, $instead]) {
                $ways[] = ["{$words}, {$work->name}", $which, $instead];
            }
            foreach ($versions[$decoration->artwork->family_id ?? $decoration->artwork->id] ?? [] as $version) {
                $instead = self::fits($version, $decoration->artwork, $line)
                    ? $this->works->inVersion($decoration, $line, $version)
                    : null;
                if ($instead !== null) {
                    $said = __('money.ways_to_save.sew_the', [
                        'variant_label' => $version->variantLabel(),
                        'name' => $version->name,
                        'name_2' => $work->name,
                    ]);
                    $ways[] = [$said, $which, $instead];
                }
            }
            $which++;
        }

        return Savings::of($job, $this->rates->on($line->fabric), $ways);
    }

    /** Another drawing of the same, for this kind of garment, that is no larger: it sews where that one does. */
    private static function fits(Artwork $version, Artwork $artwork, OrderLine $line): bool
    {
        $isCap = $version->variant === Variant::Cap;

        return $version->id !== $artwork->id
            && $isCap === ($line->garment === Garment::Cap)
            && $version->copies === $artwork->copies
            && $version->bounds()->width() <= $artwork->bounds()->width()
            && $version->bounds()->height() <= $artwork->bounds()->height();
    }

    /** @return array<int, list<Artwork>> first of a family => its versions that are read and sewn as they are */
    private static function versions(OrderLine $line): array
    {
        $first = $line->decorations
            ->pluck('artwork')
            ->filter()
            ->map(static fn(Artwork $artwork): int => $artwork->family_id ?? $artwork->id)
            ->unique();
        $versions = [];
        $found = Artwork::query()
            ->where(static fn($of) => $of->whereIn('id', $first)->orWhereIn('family_id', $first))
            ->whereNotNull('read_at')
            ->whereNotIn('variant', [Variant::Names, Variant::Copies])
            ->with(['blocks', 'hardware'])
            ->orderBy('id')
            ->get();
        foreach ($found as $version) {
            $versions[$version->family_id ?? $version->id][] = $version;
        }

        return $versions;
    }

    /** @return list<array{string, Work}> */
    private function ways(Decoration $decoration, Artwork $artwork, Work $work): array
    {
        $changeS = $this->house->rules()->runTime()->aChangeS();
        $ways = [];
        foreach ($this->works->elsewhere($decoration, $artwork, $work) as $machine => $there) {
            $ways[] = [__('money.ways_to_save.sew_on', ['machine' => $machine]), $there];
        }
        if ($artwork->copies === 1 && $artwork->changes > 0) {
            $ways[] = [__('money.ways_to_save.one_colour_less'), $work->sewnIn($work->sewS - $changeS, $work->perLoad)];
        }
        // Of copies in file order every one changes colours; regrouped they do so together.
        $once = intdiv($artwork->changes + 1, $artwork->copies) - 1;
        if ($artwork->copies > 1 && $artwork->changes > $once && $once >= 0) {
            $ways[] = [
                __('money.ways_to_save.copies_regrouped_by_colour'),
                $work->sewnIn($work->sewS - ($artwork->changes - $once) * $changeS, $work->perLoad),
            ];
        }
        $alike = $this->alike($decoration);
        if ($alike !== null) {
            $ways[] = [__('money.ways_to_save.run_together_with', ['code' => $alike->code]), $work->setUpIn(0.0)];
        }

        return $ways;
    }

    /** Another batch with the same design in the same frame that is still to run. */
    private function alike(Decoration $decoration): ?OpenBatch
    {
        $own = $decoration->batch === null ? null : $this->board->batches()[$decoration->batch->code] ?? null;
        foreach ($own === null ? [] : $this->board->batches() as $other) {
            if (
                $other->code !== $own?->code
                && $other->batch->equipment->design === $own?->batch->equipment->design
                && $other->batch->equipment->frame === $own->batch->equipment->frame
            ) {
                return $other;
            }
        }

        return null;
    }
}
