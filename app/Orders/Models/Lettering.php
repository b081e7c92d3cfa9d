<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Lettering\Alphabet;
use Hakama\Lettering\Arc;
use Hakama\Lettering\LetterRules;
use Hakama\Lettering\LetterStyle;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Point;
use Hakama\Stitch\Tape\TapeReader;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * How the texts of a list are lettered, a name on each piece. The list is an artwork, whatever batches its pieces are
 * split into.
 *
 * @property int                           $id
 * @property int                           $artwork_id  the list
 * @property int|null                      $design_id   what they stand under; null: they stand alone
 * @property Alphabet                      $alphabet
 * @property float                         $height_mm   of the capitals
 * @property float|null                    $most_mm     how long a text may be
 * @property bool                          $centre_out  from the middle outwards, as a cap wants it
 * @property float|null                    $arc_mm      radius; below zero where the text hangs under the arc
 * @property string                        $approved_by
 * @property CarbonImmutable|null          $approved_at
 * @property Artwork                       $artwork
 * @property Artwork|null                  $design
 * @property Collection<int, LetteredText> $texts
 */
final class Lettering extends Model
{
    protected $table = 'letterings';
    public $timestamps = false;
    protected $guarded = [];
    protected $attributes = ['centre_out' => false];
    protected $casts = [
        'alphabet' => Alphabet::class,
        'centre_out' => 'boolean',
        'approved_at' => Moment::class,
    ];

    public static function of(Decoration $decoration): ?self
    {
        return self::query()->where('artwork_id', $decoration->artwork_id)->first();
    }

    /** @return BelongsTo<Artwork, $this> */
    public function artwork(): BelongsTo
    {
        return $this->belongsTo(Artwork::class);
    }

    /** @return BelongsTo<Artwork, $this> */
    public function design(): BelongsTo
    {
        return $this->belongsTo(Artwork::class, 'design_id');
    }

    /** @return HasMany<LetteredText, $this> */
    public function texts(): HasMany
    {
        return $this->hasMany(LetteredText::class)->orderBy('id');
    }

    public function toCore(LetterRules $rules): LetterStyle
    {
        return new LetterStyle(
            $this->alphabet,
            $this->height_mm,
            $rules,
            $this->most_mm,
            match (true) {
                $this->arc_mm === null => null,
                $this->arc_mm < 0 => Arc::under(-$this->arc_mm),
                default => Arc::over($this->arc_mm),
            },
            $this->centre_out,
        );
    }

    /**
     * The pieces of a decoration that has a list, or may have one: with those of the batches it was split into.
     *
     * @return Builder<Piece>
     */
    public static function pieces(Decoration $decoration): Builder
    {
        $lettering = self::of($decoration);

        return Piece::query()
            ->whereIn(
                'decoration_id',
                $lettering === null
                    ? [$decoration->id]
                    : Decoration::query()->where('artwork_id', $lettering->artwork_id)->select('id'),
            )
            ->orderBy('id');
    }

    /**
     * Makes the list's artwork what its texts come to: room for every one, and the time and thread of the average, each text
     * as often as pieces carry it. Wherever the artwork is read anew this follows, since its tape shows the longest only.
     */
    public function average(MeasuringRules $rules): void
    {
        $carry = Piece::query()
            ->whereIn('decoration_id', Decoration::query()->where('artwork_id', $this->artwork_id)->select('id'))
            ->whereNotNull('text')
            ->groupBy('text')
            ->selectRaw('text, count(*) as pieces')
            ->pluck('pieces', 'text');
        $pieces = (int) $carry->sum();
        if ($pieces === 0) {
            return;
        }
        $box = null;
        $points = $lengths = [];
        [$stitches, $lengthMm, $trims] = [0, 0.0, 0];
        foreach ($this->texts()->get() as $text) {
            $figures = PatternFigures::of((new TapeReader())->fromString($text->tape), $rules);
            $box = $box?->with($figures->bounds) ?? $figures->bounds;
            array_push($points, ...$figures->hull->points);
            $times = (int) ($carry[$text->text] ?? 0);
            $stitches += $times * $text->stitches;
            $lengthMm += $times * $text->length_mm;
            $trims += $times * $figures->counts->trims;
            foreach ($figures->lengths->counts as $square => $count) {
                $lengths[$square] = ($lengths[$square] ?? 0) + $times * $count;
            }
        }
        if ($box === null || $points === []) {
            return;
        }
        $per = static fn(int $count): int => (int) round($count / $pieces);
        Artwork::query()
            ->findOrFail($this->artwork_id)
            ->update([
                'left_mm' => $box->left,
                'right_mm' => $box->right,
                'bottom_mm' => $box->bottom,
                'top_mm' => $box->top,
                'hull' => array_map(
                    static fn(Point $p): array => [round($p->x, 2), round($p->y, 2)],
                    ConvexHull::of($points)->points,
                ),
                'lengths' => array_filter(array_map($per, $lengths), static fn(int $count): bool => $count > 0),
                'trims' => $per($trims),
            ]);
        // The text is the last block, whatever design stands before it.
        ArtworkBlock::query()
            ->where('artwork_id', $this->artwork_id)
            ->orderByDesc('number')
            ->limit(1)
            ->update(['stitches' => $per($stitches), 'length_mm' => $lengthMm / $pieces]);
    }

    /**
     * What it looks like, by which it is seen whether somebody else has changed it.
     *
     * @return array<string, mixed>
     */
    public function said(): array
    {
        return $this->only(['design_id', 'alphabet', 'height_mm', 'most_mm', 'arc_mm', 'centre_out']);
    }
}
