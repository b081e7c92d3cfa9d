<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Orders\Models\Decoration;
use App\Plan\OpenBatch;
use App\Shop\House;
use Hakama\Garment\Garment;
use Hakama\House\HouseRule;

/** What is cut for patches beside the backing: the cloth they are made of, and film for their backs, a piece a sheet. */
final readonly class PatchCuts
{
    public function __construct(private House $house) {}

    /**
     * @param list<OpenBatch> $batches that are planned
     *
     * @return list<array{code: string, what: string, widthMm: float, heightMm: float, count: int}>
     */
    public function of(array $batches): array
    {
        $decorations = Decoration::query()
            ->with(['line', 'artwork'])
            ->whereHas('line', static fn($lines) => $lines->where('garment', Garment::Patch))
            ->findMany(array_map(static fn(OpenBatch $batch): int => $batch->decorationId, $batches))
            ->keyBy('id');
        // Felt is stuck on hooped backing: it reaches beyond what is sewn, not to the frame.
        $room = 2 * $this->house->rules()->value(HouseRule::TrimmedBeyond);
        $cuts = [];
        foreach ($batches as $batch) {
            $decoration = $decorations[$batch->decorationId] ?? null;
            if ($decoration?->artwork === null) {
                continue;
            }
            $box = $decoration->artwork->bounds();
            $whats = [
                "{$decoration->line->fabricLabel()}, {$decoration->line->colour_name}",
                ...$decoration->line->isIronedOn() ? [__('setup.patch_cuts.iron_on_film')] : [],
            ];
            foreach ($whats as $what) {
                $cuts[] = [
                    'code' => $batch->code,
                    'what' => $what,
                    'widthMm' => $box->width() + $room,
                    'heightMm' => $box->height() + $room,
                    'count' => $batch->batch->pieces,
                ];
            }
        }

        return $cuts;
    }
}
