<?php

declare(strict_types=1);

namespace App\Artwork\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Words\KeptText;
use App\Foundation\Words\Words;
use App\Stock\Models\Hardware;
use Carbon\CarbonImmutable;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\ColourFindings;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopSheet;
use Hakama\Artwork\Variant;
use Hakama\Garment\Fabric;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Figures\BlockFigures;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Figures\StitchLengths;
use Hakama\Stitch\Figures\Verdict;
use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Inspection\Crossing;
use Hakama\Stitch\Inspection\Inspection;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;
use Hakama\Stitch\Spot;
use Hakama\Stitch\Tape\NotATape;
use Hakama\Stitch\Tape\TapeReader;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\Storage;

/**
 * A stitch file, kept as it came, with what was counted in it.
 *
 * @property int                           $id
 * @property int                           $copies    pieces that one frame of it holds
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
 * @property Verdict                        $centre_out
 * @property Verdict                        $bottom_up
 * @property list<array{string, array<string, mixed>|string, list<array{float, float, int}>}> $findings
 * @property list<array{int, int, float, float, float, int}> $crossings block, over, mm, where, stitch
 * @property list<array{float, float}>     $objects
 * @property array{array{float, float}, array{float, float}} $ends first stitch and end
 * @property float|null                    $against_distance
 * @property float|null                    $against_height
 * @property int|null                      $family_id
 * @property Variant                        $variant
 * @property int                           $revision
 * @property bool|null                     $lettering
 * @property float|null                    $letter_mm of the smallest letters; null where nobody has measured them
 * @property string                        $made
 * @property CarbonImmutable               $created_at
 * @property Collection<int, ArtworkBlock> $blocks
 * @property Collection<int, ArtworkRevision> $revisions
 * @property Collection<int, SewOut>       $sewOuts
 */
final class Artwork extends Model
{
    protected $table = 'artworks';
    /** More numbers than this on one drawing nobody reads. */
    private const BLOCKS_AT_ONCE = 2000;
    private const MOST_OBJECTS = 400;

    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'centre_out' => Verdict::class,
        'bottom_up' => Verdict::class,
        'variant' => Variant::class,
        'read_at' => Moment::class,
        'created_at' => Moment::class,
        'hull' => 'array',
        'lengths' => 'array',
        'densest' => 'array',
        'findings' => 'array',
        'crossings' => 'array',
        'objects' => 'array',
        'ends' => 'array',
        'lettering' => 'boolean',
    ];

    /** @return HasMany<ArtworkBlock, $this> */
    public function blocks(): HasMany
    {
        return $this->hasMany(ArtworkBlock::class)->orderBy('number');
    }

    /** @return BelongsToMany<Hardware, $this> what is fitted to each piece by hand, `pivot->each` of it */
    public function hardware(): BelongsToMany
    {
        return $this->belongsToMany(Hardware::class)->withPivot('each')->orderBy('code');
    }

    /** What the hardware of one piece costs. */
    public function hardwareCents(): int
    {
        return (int) $this->hardware->sum(
            static fn(Hardware $one): int => $one->unit_cents * (int) $one->getRelation('pivot')->getAttribute('each'),
        );
    }

    /** @return HasMany<ArtworkRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(ArtworkRevision::class)->orderByDesc('revision');
    }

    /** @return HasMany<SewOut, $this> */
    public function sewOuts(): HasMany
    {
        return $this->hasMany(SewOut::class)->orderByDesc('sewn_at')->orderByDesc('id');
    }

    /**
     * Sew-outs of the file as it is now that came out on this cloth or one like it, newest first.
     *
     * @return Collection<int, SewOut>
     */
    public function passedOn(Fabric $fabric): Collection
    {
        return $this->sewOuts()
            ->where('passed', true)
            ->where('revision', $this->revision)
            ->whereIn('fabric', array_map(static fn(Fabric $like): string => $like->value, $fabric->alike()))
            ->get();
    }

    /** @return HasMany<self, $this> that are kept under this one */
    public function versions(): HasMany
    {
        return $this->hasMany(self::class, 'family_id');
    }

    /**
     * All versions of this artwork, itself among them.
     *
     * @return Collection<int, self>
     */
    public function family(): Collection
    {
        $first = $this->family_id ?? $this->id;

        return self::query()->where('id', $first)->orWhere('family_id', $first)->orderBy('id')->get();
    }

    public function variantLabel(): string
    {
        return Words::say($this->variant->label());
    }

    /**
     * What people say of it, by which it is seen whether somebody else has changed it.
     *
     * @return array<string, mixed>
     */
    public function said(): array
    {
        return $this->only(['name', 'variant', 'family_id', 'lettering', 'letter_mm', 'copies']);
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

    /** Why its file was refused; null where it was not. */
    public function refusal(): ?string
    {
        return $this->refused === null
            ? null
            : Words::say(KeptText::read(json_decode($this->refused, true) ?? $this->refused));
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

    /**
     * The operator's sheet; wants `blocks` loaded.
     *
     * @param bool $preCut as the house cuts cloth that is laid on: to its shape before, else trimmed in the frame
     */
    public function stopSheet(bool $preCut): StopSheet
    {
        return StopSheet::of(
            array_values($this->blocks->map(static fn(ArtworkBlock $block): SheetBlock => $block->toCore())->all()),
            $preCut,
        );
    }

    /**
     * What is to be said of the tape, and of its threads as they are chosen now; wants `blocks.thread` loaded.
     *
     * @return list<Finding>
     */
    public function coreFindings(float $threadsAlike): array
    {
        $tape = array_map(
            static fn(array $finding): Finding => new Finding(
                FindingCode::from($finding[0]),
                KeptText::read($finding[1]),
                array_map(
                    static fn(array $spot): Spot => new Spot(
                        new Point((float) $spot[0], (float) $spot[1]),
                        (int) $spot[2],
                    ),
                    $finding[2] ?? [],
                ),
            ),
            $this->findings ?? [],
        );
        $crossings = array_map(
            static fn(array $c): Crossing => new Crossing(
                new Spot(new Point((float) $c[3], (float) $c[4]), (int) $c[5]),
                (int) $c[0],
                (int) $c[1],
                (float) $c[2],
            ),
            $this->crossings ?? [],
        );
        $threads = array_values(
            $this->blocks
                ->map(static fn(ArtworkBlock $block): ?\Hakama\Thread\ThreadSpec => $block->thread?->toCore())
                ->all(),
        );

        return [...$tape, ...ColourFindings::of($threads, $crossings, $threadsAlike)];
    }

    /**
     * The thread colour of each block, null where none is chosen; wants `blocks.thread` loaded.
     *
     * @return list<string|null>
     */
    public function colours(): array
    {
        return array_values($this->blocks->map(static fn(ArtworkBlock $block): ?string => $block->thread?->hex)->all());
    }

    /**
     * Takes over what was counted and found. The blocks keep their threads, and as long as they are as many
     * as before their roles too; those the tape no longer has go.
     *
     * @param list<BlockRole> $roles proposed, one per block
     */
    public function keep(PatternFigures $figures, Inspection $inspection, array $roles, CarbonImmutable $at): void
    {
        $densest = $figures->density->densest();
        $this->fill([
            'read_at' => $at,
            'refused' => null,
            'stitches' => $figures->counts->stitches,
            'jumps' => $figures->counts->jumps,
            'trims' => $figures->counts->trims,
            'changes' => $figures->counts->changes,
            'left_mm' => $figures->bounds->left,
            'right_mm' => $figures->bounds->right,
            'bottom_mm' => $figures->bounds->bottom,
            'top_mm' => $figures->bounds->top,
            'hull' => array_map(self::pair(...), $figures->hull->points),
            'lengths' => $figures->lengths->counts,
            'densest' => [$densest->perMm2, $densest->where->x, $densest->where->y],
            'centre_out' => $figures->order->centreOut->value,
            'bottom_up' => $figures->order->bottomUp->value,
            'against_distance' => $figures->order->againstDistance,
            'against_height' => $figures->order->againstHeight,
            'objects' => array_map(self::pair(...), array_slice($figures->objects, 0, self::MOST_OBJECTS)),
            'ends' => [self::pair($inspection->firstStitch), self::pair($inspection->end)],
            'crossings' => array_map(
                static fn(Crossing $c): array => [
                    $c->block,
                    $c->over,
                    $c->lengthMm,
                    $c->spot->at->x,
                    $c->spot->at->y,
                    $c->spot->stitch,
                ],
                $inspection->crossings,
            ),
            'findings' => array_map(
                static fn(Finding $finding): array => [
                    $finding->code->value,
                    KeptText::write($finding->message),
                    array_map(
                        static fn(Spot $spot): array => [$spot->at->x, $spot->at->y, $spot->stitch],
                        $finding->spots,
                    ),
                ],
                $inspection->findings,
            ),
        ])->save();
        $known = ArtworkBlock::query()->where('artwork_id', $this->id)->count();
        $blocks = array_map(
            fn(BlockFigures $block, BlockRole $role): array => [
                'artwork_id' => $this->id,
                'number' => $block->index,
                'stitches' => $block->stitches,
                'length_mm' => $block->lengthMm,
                'trims' => $block->trims,
                'proposed_role' => $role->value,
            ],
            $figures->blocks,
            $roles,
        );
        // A statement holds only so many values.
        foreach (array_chunk($blocks, self::BLOCKS_AT_ONCE) as $some) {
            ArtworkBlock::query()->upsert(
                $some,
                ['artwork_id', 'number'],
                ['stitches', 'length_mm', 'trims', 'proposed_role'],
            );
        }
        if ($known !== 0 && $known !== count($figures->blocks)) {
            ArtworkBlock::query()
                ->where('artwork_id', $this->id)
                ->update(['role' => null, 'action' => null, 'also' => '', 'note' => '']);
            ArtworkBlock::query()
                ->where('artwork_id', $this->id)
                ->where('number', '>', count($figures->blocks))
                ->delete();
        }
        $this->unsetRelation('blocks');
    }

    /** @return array{float, float} */
    private static function pair(Point $p): array
    {
        return [round($p->x, 2), round($p->y, 2)];
    }
}
