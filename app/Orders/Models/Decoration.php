<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Words\Words;
use App\Plan\Models\Batch;
use App\Setup\Models\Setup;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\StopSheet;
use Hakama\Artwork\StopStep;
use Hakama\Garment\ClothSpec;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Style;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Setup\Facts\Applied;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\Letters;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Facts\OrderVerdict;
use Hakama\Setup\Facts\WorkHistory;
use Hakama\Stitch\Band;
use Hakama\Thread\Colour;
use Hakama\Words\Text;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One artwork at one position of a line.
 *
 * @property int                    $id
 * @property int                    $order_line_id
 * @property int|null               $artwork_id
 * @property int|null               $split_from_id whose pieces it has, when they are run apart
 * @property Position                 $position
 * @property OrderLine              $line
 * @property Artwork|null           $artwork
 * @property Setup|null             $setup
 * @property Batch|null             $batch
 * @property Collection<int, Piece> $pieces
 * @property Collection<int, Colourway> $colourways
 */
final class Decoration extends Model
{
    protected $table = 'decorations';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['position' => Position::class];

    /** @return BelongsTo<OrderLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(OrderLine::class, 'order_line_id');
    }

    /** @return BelongsTo<Artwork, $this> */
    public function artwork(): BelongsTo
    {
        return $this->belongsTo(Artwork::class);
    }

    /** @return HasMany<Colourway, $this> blocks that are sewn in another thread than the artwork's own */
    public function colourways(): HasMany
    {
        return $this->hasMany(Colourway::class)->orderBy('number');
    }

    /** @return HasOne<Setup, $this> */
    public function setup(): HasOne
    {
        return $this->hasOne(Setup::class);
    }

    /** @return HasOne<Batch, $this> */
    public function batch(): HasOne
    {
        return $this->hasOne(Batch::class);
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class);
    }

    /** Loads what a setup is worked out from; of a tube, all that goes along it. */
    public function loadForSetup(): self
    {
        $this->load(['line', 'setup', 'batch']);
        if (! Panel::of($this->line->garment, $this->position)->isTube()) {
            return $this->load('artwork.blocks.thread');
        }
        $this->line->load('decorations.artwork.blocks.thread');

        return $this->setRelation('artwork', $this->line->decorations->firstWhere('id', $this->id)?->artwork);
    }

    /** Under which a place is kept: the style's name, else the kind of garment. */
    public function garmentKey(): string
    {
        return $this->line->style === '' ? $this->line->garment->value : mb_strtolower($this->line->style);
    }

    public function positionLabel(): string
    {
        return Words::say($this->position->label());
    }

    /**
     * What the setup rules need to know; wants an artwork, and `artwork.blocks.thread` loaded.
     *
     * @param list<Driver>  $drivers   of the machine, or that the shop's machines have between them
     * @param Style|null    $style     as the catalogue knows the garment
     * @param float         $paleFrom  CIE L* from which cloth counts as pale
     * @param bool|null     $practised whether this material came out here before, at such a place
     * @param list<FrameKind>|null $practisedIn the kinds of frame in which it did; null where that is not known
     * @param float         $alongMm   of what is sewn before it along the same tube
     * @param list<Band>    $bands     in which it is sewn, where it goes along a tube
     * @param list<Text>    $overlaps  designs along it that lie over each other
     */
    public function facts(
        array $drivers,
        ?Style $style = null,
        float $paleFrom = 100.0,
        ?bool $practised = null,
        ?int $garments = null,
        float $alongMm = 0.0,
        array $bands = [],
        array $overlaps = [],
        ?array $practisedIn = null,
    ): Facts {
        assert($this->artwork !== null);
        $bounds = $this->artwork->bounds();

        $weight = $this->artwork->blocks->min(static fn(ArtworkBlock $block): int => $block->thread->weight ?? 40);

        return new Facts(
            new Design(
                $bounds->width(),
                $bounds->height(),
                $this->artwork->stitches,
                (int) ($weight ?? 40),
                max(1, $this->artwork->blocks->pluck('thread_id')->filter()->unique()->count()),
                new Letters($this->artwork->letter_mm, $this->artwork->blocks->whereNotNull('letter_mm')->isNotEmpty()),
                self::applied($this->artwork->stopSheet(false)),
                new OrderVerdict($this->artwork->centre_out, $this->artwork->bottom_up),
                $bands,
                $this->artwork->copies,
            ),
            new Item(
                $this->line->garment,
                $this->position,
                $this->cloth($style, $paleFrom),
                $this->line->structure,
                $this->line->profile,
                back: $this->line->patch_back,
            ),
            new OnMachine($drivers),
            new WorkHistory(
                $garments,
                $this->line->spares,
                $this->line->unit_value_cents ?? $style?->unitValueCents,
                $practised,
                null,
                $alongMm,
                $overlaps,
                $practisedIn,
            ),
        );
    }

    /** Where cloth is laid the machine halts, whichever way it is cut. */
    private static function applied(StopSheet $sheet): Applied
    {
        $does = static fn(StopAction $act): bool => array_filter(
            $sheet->steps,
            static fn(StopStep $step): bool => $step->does($act),
        ) !== [];

        return new Applied(
            count($sheet->halts()),
            $does(StopAction::ThereFirst),
            $does(StopAction::TurnOver),
        );
    }

    /** The line says the fabric; what else is known of it, the catalogue. */
    private function cloth(?Style $style, float $paleFrom): ClothSpec
    {
        $known = $style?->cloth;

        return (new ClothSpec(
            $this->line->fabric,
            $known?->stretch,
            $known?->thickness,
            $known?->pale,
            $known?->own,
        ))->paleUnlessSaid(Colour::ofHex($this->line->colour_hex)->lab()->l >= $paleFrom);
    }
}
