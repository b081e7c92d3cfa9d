<?php

declare(strict_types=1);

namespace App\Machine\Models;

use App\Foundation\Clock\Moment;
use App\Needles\Models\Care;
use App\Needles\Models\Needle;
use Carbon\CarbonImmutable;
use Hakama\Floor\Care\CareTask;
use Hakama\Machine\Driver;
use Hakama\Machine\NeedleType;
use Hakama\Machine\Rack;
use Hakama\Machine\SpeedCurve;
use Hakama\Needles\NeedleProgram;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int                     $id
 * @property string                  $code
 * @property string                  $name
 * @property int                     $heads
 * @property array<int, string>|null $heads_out   head => what is wrong with it, of those that do not sew for now
 * @property int                     $needles
 * @property int                     $top_spm
 * @property list<string>            $drivers
 * @property string                  $driver
 * @property int|null                $frame_id
 * @property string                  $token_hash
 * @property float|null              $arm_width_mm
 * @property float|null              $gap_mm      free space under the carriage; 0 where there is none
 * @property float                   $bobbin_used_m since the bobbins were changed, of each head
 * @property int                     $stitches of each head, since they are counted
 * @property bool|null               $turns_caps  by itself, when the cap frame is chosen
 * @property array<string, float>|null $driver_min "flat>cap" => minutes
 * @property array{batch: string, order: list<int>}|null $program the needle of each block, as it was set last
 * @property array<string, string>|null $panel what is written down of its panel: key of PanelHabits => text
 * @property string                  $counts_from from which side its needles are counted: left or right
 * @property int|null                $oiled_at    its stitches when its hook was oiled last, where it was asked for
 * @property CarbonImmutable|null    $tension_at  when the tension was tried last, where it was asked for
 * @property CarbonImmutable|null    $paired_at
 * @property CarbonImmutable|null    $retired_at
 * @property Frame|null              $frame
 * @property Collection<int, Needle> $rack
 */
final class Machine extends Model
{
    protected $table = 'machines';
    public $timestamps = false;
    protected $guarded = [];
    protected $hidden = ['token_hash'];
    protected $casts = [
        'heads_out' => 'array',
        'drivers' => 'array',
        'driver_min' => 'array',
        'program' => 'array',
        'panel' => 'array',
        'turns_caps' => 'boolean',
        'paired_at' => Moment::class,
        'retired_at' => Moment::class,
        'tension_at' => Moment::class,
    ];

    /** How many of its heads sew: so many pieces are in a load. */
    public function workingHeads(): int
    {
        return max(1, $this->heads - count($this->heads_out ?? []));
    }

    /** "3, 5": the heads that do not; empty where all of them do. */
    public function headsOut(): string
    {
        return implode(', ', array_keys($this->heads_out ?? []));
    }

    /** The needle on which a thread sits now; wants `rack.thread`. */
    public function needleWith(string $thread): ?Needle
    {
        return $this->rack->first(static fn(Needle $one): bool => $one->thread?->code === $thread);
    }

    /** As it was confirmed last; null where it never was. */
    public function needleProgram(): ?NeedleProgram
    {
        return $this->program === null ? null : new NeedleProgram($this->program['batch'], $this->program['order']);
    }

    public function getRouteKeyName(): string
    {
        return 'code';
    }

    /**
     * Those that are in use: what was retired stays for the books alone.
     *
     * @return Builder<self>
     */
    public static function working(): Builder
    {
        return self::query()->whereNull('retired_at')->orderBy('id');
    }

    /**
     * All machines as they stand, with their racks and mounted frames: two queries.
     *
     * @param Collection<int, Frame> $frames
     *
     * @return Collection<int, self>
     */
    public static function standing(Collection $frames): Collection
    {
        $last = static fn(CareTask $task, string $column): Builder => Care::query()
            ->select($column)
            ->whereColumn('cares.machine_id', 'machines.id')
            ->where('task', $task)
            ->orderByDesc('seq')
            ->limit(1);
        $machines = self::working()
            ->addSelect([
                'machines.*',
                'oiled_at' => $last(CareTask::Oil, 'stitches'),
                'tension_at' => $last(CareTask::Tension, 'done_at'),
            ])
            ->get();
        $racks = Needle::withThreads()->groupBy('machine_id');
        foreach ($machines as $machine) {
            $machine->setRelation('rack', $racks[$machine->id] ?? new Collection());
            $machine->setRelation('frame', $frames->firstWhere('id', $machine->frame_id));
        }

        return $machines;
    }

    /** @return HasMany<Needle, $this> */
    public function rack(): HasMany
    {
        return $this->hasMany(Needle::class)->orderBy('number');
    }

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** The rack as it stands; wants `rack.thread` loaded. */
    public function coreRack(): Rack
    {
        $threads = $sizes = $pinned = [];
        foreach ($this->rack as $needle) {
            if ($needle->size !== '') {
                $sizes[$needle->number] = $needle->type()->rackSize();
            }
            if ($needle->thread !== null) {
                $threads[$needle->number] = $needle->thread->code;
            }
            if ($needle->pinned) {
                $pinned[] = $needle->number;
            }
        }

        return Rack::of($this->needles, $threads, $pinned, $sizes);
    }

    /** @return array<int, NeedleType> needle => what is on it, where somebody said so; wants `rack` loaded */
    public function fittedTypes(): array
    {
        return $this->rack
            ->filter(static fn(Needle $needle): bool => $needle->size !== '')
            ->mapWithKeys(static fn(Needle $needle): array => [$needle->number => $needle->type()])
            ->all();
    }

    /** @return array<int, string> the same in words */
    public function fitted(): array
    {
        return array_map(static fn(NeedleType $type): string => $type->code(), $this->fittedTypes());
    }

    /** @return list<Driver> */
    public function coreDrivers(): array
    {
        return array_map(Driver::from(...), $this->drivers);
    }

    /**
     * What changing to a driver really took, as this machine's own time, by which the plan goes from then on: the middle
     * between what was known and what it took, so that one bad day does not rule.
     */
    public function keepDriverTime(string $to, ?float $minutes): void
    {
        if ($minutes === null || $this->driver === $to) {
            return;
        }
        $key = "{$this->driver}>{$to}";
        $known = $this->driver_min[$key] ?? null;
        $this->update([
            'driver_min' => [
                ...$this->driver_min ?? [],
                $key => round($known === null ? $minutes : ($known + $minutes) / 2, 1),
            ],
        ]);
    }

    /** @return array<string, int> "flat>cap" => seconds, where they are its own */
    public function driverS(): array
    {
        return array_map(static fn(float|int $minutes): int => (int) round(60 * $minutes), $this->driver_min ?? []);
    }

    public function speedCurve(): SpeedCurve
    {
        return SpeedCurve::usual($this->top_spm);
    }
}
