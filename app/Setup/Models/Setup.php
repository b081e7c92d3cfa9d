<?php

declare(strict_types=1);

namespace App\Setup\Models;

use App\Foundation\Clock\Moment;
use App\Machine\Models\Frame;
use App\Orders\Models\Decoration;
use Carbon\CarbonImmutable;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Rules\Choice;
use Hakama\Stitch\Band;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * How one decoration is set up, as chosen.
 *
 * @property int             $decoration_id
 * @property int             $frame_id
 * @property int             $turn_deg
 * @property Backing          $backing
 * @property int             $layers
 * @property int|null        $backing_gsm as it was advised; null where nobody was
 * @property bool            $adhesive
 * @property bool            $topper
 * @property string          $needle_size
 * @property string          $needle_point
 * @property int             $speed_spm
 * @property int             $hoop_s   of one hooping
 * @property int             $hoopings of one piece, moving along a tube
 * @property list<array{float, float}>|null $parts what of the design's height each of several hoopings sews, mm
 * @property int|null        $printed_machine_id for which its sheet was printed last
 * @property CarbonImmutable|null $printed_at
 * @property list<array{about: string, advised: mixed, chosen: mixed, why: string}>|null $departures from the
 *     advice, each with its reason
 * @property array<string, mixed>|null $placements size => where the design goes, in few words (KeptText)
 * @property Collection<int, SetupTime> $times
 * @property Frame           $frame
 * @property Decoration      $decoration
 */
final class Setup extends Model
{
    protected $table = 'setups';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'decoration_id';
    protected $guarded = [];
    protected $casts = [
        'backing' => Backing::class,
        'adhesive' => 'boolean',
        'topper' => 'boolean',
        'parts' => 'array',
        'departures' => 'array',
        'printed_at' => Moment::class,
        'placements' => 'array',
    ];

    /** What was chosen, in the frame as it fits. */
    public function choice(Fit $fit): Choice
    {
        return new Choice(
            $fit,
            new Layers($this->backing, $this->layers, $this->adhesive),
            $this->topper,
            new NeedleType($this->needle_size, $this->needle_point),
            $this->speed_spm,
        );
    }

    /** @return list<Band> one a hooping; none where it is hooped once */
    public function bands(): array
    {
        return array_map(
            static fn(array $part): Band => new Band((float) $part[0], (float) $part[1]),
            $this->parts ?? [],
        );
    }

    /**
     * What was decided, in words: its history tells it, and a page that saw another says so.
     *
     * @return array<string, string|int>
     */
    public function decided(): array
    {
        return [
            'frame' => (string) Frame::query()->whereKey($this->frame_id)->value('code'),
            'turn' => $this->turn_deg,
            'backing' => "{$this->layers} × {$this->backing->value}".($this->adhesive ? ', adhesive' : ''),
            'film' => $this->topper ? 'yes' : 'no',
            'needle' => "{$this->needle_size} {$this->needle_point}",
            'speed' => $this->speed_spm,
        ];
    }

    /** @return HasMany<SetupTime, $this> how long a load sews, by machine */
    public function times(): HasMany
    {
        return $this->hasMany(SetupTime::class, 'setup_id', 'decoration_id');
    }

    /** @return array<int, int> machine id => seconds a load sews there */
    public function seconds(): array
    {
        return $this->times->pluck('seconds', 'machine_id')->all();
    }

    /** @param array<int, int> $seconds machine id => what it would be in another case, not kept */
    public function timed(array $seconds): void
    {
        $times = [];
        foreach ($seconds as $machine => $one) {
            $times[] = new SetupTime(['setup_id' => $this->decoration_id, 'machine_id' => $machine, 'seconds' => $one]);
        }
        $this->setRelation('times', new Collection($times));
    }

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<Decoration, $this> */
    public function decoration(): BelongsTo
    {
        return $this->belongsTo(Decoration::class);
    }
}
