<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternFigures;
use Hakama\Stitch\Point;
use Hakama\Stitch\StitchLengths;
use Hakama\Stitch\Tape\NotATape;
use Hakama\Stitch\Tape\TapeReader;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\Storage;

/**
 * A stitch file, kept as it came, with what was counted in it.
 *
 * @property int                           $id
 * @property string                        $name
 * @property string                        $file_name
 * @property string                        $checksum
 * @property int                           $bytes
 * @property CarbonImmutable|null          $read_at
 * @property string|null                   $refused
 * @property int                           $stitches
 * @property int                           $jumps
 * @property int                           $trims
 * @property int                           $changes
 * @property float                         $left_mm
 * @property float                         $right_mm
 * @property float                         $bottom_mm
 * @property float                         $top_mm
 * @property list<array{float, float}>     $hull
 * @property array<int, int>               $lengths
 * @property array{int, float, float}      $densest
 * @property string                        $centre_out
 * @property string                        $bottom_up
 * @property list<array{string, string}>   $findings
 * @property CarbonImmutable               $created_at
 * @property Collection<int, ArtworkBlock> $blocks
 */
final class Artwork extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'read_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
        'hull' => 'array',
        'lengths' => 'array',
        'densest' => 'array',
        'findings' => 'array',
    ];

    /** @return HasMany<ArtworkBlock, $this> */
    public function blocks(): HasMany
    {
        return $this->hasMany(ArtworkBlock::class)->orderBy('number');
    }

    public function tapePath(): string
    {
        return "tapes/{$this->checksum}.dst";
    }

    /** @throws NotATape */
    public function pattern(): Pattern
    {
        $stream = Storage::readStream($this->tapePath());
        assert(is_resource($stream));

        return (new TapeReader())->fromStream($stream);
    }

    public function bounds(): Bounds
    {
        return new Bounds($this->left_mm, $this->right_mm, $this->bottom_mm, $this->top_mm);
    }

    public function coreHull(): ConvexHull
    {
        $points = array_map(static fn(array $xy): Point => new Point((float) $xy[0], (float) $xy[1]), $this->hull);
        assert($points !== []);

        return ConvexHull::of($points);
    }

    public function coreLengths(): StitchLengths
    {
        return StitchLengths::of($this->lengths);
    }

    /** Takes over what was counted; the blocks keep the threads they had. */
    public function keep(PatternFigures $figures, CarbonImmutable $at): void
    {
        $this->fill([
            'read_at' => $at,
            'refused' => null,
            'stitches' => $figures->stitches,
            'jumps' => $figures->jumps,
            'trims' => $figures->trims,
            'changes' => $figures->changes,
            'left_mm' => $figures->bounds->left,
            'right_mm' => $figures->bounds->right,
            'bottom_mm' => $figures->bounds->bottom,
            'top_mm' => $figures->bounds->top,
            'hull' => array_map(static fn(Point $p): array => [$p->x, $p->y], $figures->hull->points),
            'lengths' => $figures->lengths->counts,
            'densest' => [$figures->densest->perMm2, $figures->densest->where->x, $figures->densest->where->y],
            'centre_out' => $figures->order->centreOut->value,
            'bottom_up' => $figures->order->bottomUp->value,
            'findings' => array_map(static fn($finding): array => [$finding->code->value, $finding->message], $figures->findings),
        ])->save();
        ArtworkBlock::query()->upsert(array_map(fn($block): array => [
            'artwork_id' => $this->id,
            'number' => $block->index,
            'stitches' => $block->stitches,
            'length_mm' => $block->lengthMm,
            'trims' => $block->trims,
        ], $figures->blocks), ['artwork_id', 'number'], ['stitches', 'length_mm', 'trims']);
    }
}
