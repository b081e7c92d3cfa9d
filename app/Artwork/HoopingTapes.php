<?php

declare(strict_types=1);

namespace App\Artwork;

use App\Artwork\Models\Artwork;
use App\Plan\Models\Batch;
use App\Setup\Models\Setup;
use App\Shop\House;
use Hakama\Artwork\HoopingTape;
use Hakama\House\HouseRule;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Part;
use Hakama\Stitch\PatternParts;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Support\Facades\Cache;

/** The tapes of a design that is sewn in several hoopings: cut once, and kept as long as tape and setup are the same. */
final readonly class HoopingTapes
{
    public function __construct(private House $house) {}

    /** @return list<HoopingTape> one a hooping; none where it is hooped once */
    public function of(Artwork $artwork, ?Setup $setup): array
    {
        $bands = $setup?->bands() ?? [];
        if ($bands === []) {
            return [];
        }
        $trimJumps = (int) $this->house->rules()->value(HouseRule::TrimJumps);
        $kept = Cache::rememberForever(
            'hoopings-'.md5(json_encode([$artwork->checksum, $setup?->parts, $trimJumps], JSON_THROW_ON_ERROR)),
            fn(): array => array_map(
                $this->kept(...),
                PatternParts::of($artwork->pattern(), $bands, $artwork->bounds()->centre()->x, $trimJumps),
            ),
        );
        $tapes = [];
        foreach (array_values($kept) as $i => [$bytes, $box, $blocks]) {
            $tape = (string) base64_decode($bytes, true);
            $tapes[] = new HoopingTape(
                $i + 1,
                $tape,
                hash('sha256', $tape),
                new Bounds(...$box),
                $blocks,
            );
        }

        return $tapes;
    }

    public function number(Artwork $artwork, ?Setup $setup, int $number): ?HoopingTape
    {
        return $this->of($artwork, $setup)[$number - 1] ?? null;
    }

    /** What one of several hoopings of a batch sews; null where there is only one. Wants its artwork and setup loaded. */
    public function ofBatch(Batch $batch, int $number): ?HoopingTape
    {
        $decoration = $batch->decoration;

        return $decoration->artwork === null
            ? null
            : $this->number($decoration->artwork, $decoration->setup, $number);
    }

    /** @return array{string, array{float, float, float, float}, array<int, int>} as it is put into the cache */
    private function kept(Part $part): array
    {
        $box = PatternFigures::of($part->pattern, $this->house->rules()->measuring())->bounds;

        return [
            base64_encode((new TapeWriter())->toString($part->pattern)),
            [$box->left, $box->right, $box->bottom, $box->top],
            $part->blocks,
        ];
    }
}
