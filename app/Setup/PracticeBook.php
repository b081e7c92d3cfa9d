<?php

declare(strict_types=1);

namespace App\Setup;

use App\Foundation\Database\Transaction;
use App\Foundation\Database\TurnCache;
use App\Setup\Models\Practice;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\Garment\Position;
use Hakama\Machine\FrameKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Who has sewn which material in which kind of frame, on scrap or for real, and whether it came out. */
final class PracticeBook
{
    private const KEPT = 'practice-book';

    /** @var Collection<int, Practice>|null */
    private ?Collection $book = null;

    public function __construct(private readonly TurnCache $kept) {}

    /** @return Collection<int, Practice> on this cloth or one that behaves like it, newest first */
    public function on(Fabric $fabric): Collection
    {
        return $this->book()
            ->filter(static fn(Practice $one): bool => in_array($one->fabric, $fabric->alike(), true))
            ->values();
    }

    /** @return Collection<int, Practice> newest first */
    private function book(): Collection
    {
        return $this->book ??= new Collection(
            array_map(
                static fn(array $row): Practice => (new Practice())->newFromBuilder($row),
                $this->kept->get(
                    self::KEPT,
                    static fn(): array => array_values(
                        Practice::query()
                            ->orderByDesc('last_at')
                            ->orderBy('id')
                            ->toBase()
                            ->get()
                            ->map(static fn(object $row): array => (array) $row)
                            ->all(),
                    ),
                    byFloor: true,
                ),
            ),
        );
    }

    /** Whether anyone here has sewn it at such a place and it came out. */
    public function hasComeOut(Fabric $fabric, Position $position): bool
    {
        return $this->cameOut($fabric, $position)->isNotEmpty();
    }

    /** @return list<FrameKind>|null the kinds of frame in which it came out; null where that was not always kept */
    public function cameOutIn(Fabric $fabric, Position $position): ?array
    {
        $kinds = $this->cameOut($fabric, $position)->pluck('frame_kind')->unique();

        return $kinds->contains('')
            ? null
            : array_values($kinds->map(static fn(string $kind): FrameKind => FrameKind::from($kind))->all());
    }

    /** @return list<array{string, string, string}> what came out here: cloth, kind of frame and place */
    public function all(): array
    {
        return array_values(
            $this->book()
                ->filter(static fn(Practice $one): bool => $one->came_out > 0)
                ->map(static fn(Practice $one): array => [$one->fabric->value, $one->frame_kind, $one->position])
                ->unique(static fn(array $one): string => implode(' ', $one))
                ->all(),
        );
    }

    /** @return Collection<int, Practice> what came out; of what was practised before places were kept, any place */
    private function cameOut(Fabric $fabric, Position $position): Collection
    {
        $places = ['', ...array_column($position->alike(), 'value')];

        return $this->on($fabric)->filter(
            static fn(Practice $one): bool => $one->came_out > 0 && in_array($one->position, $places, true),
        );
    }

    /** One more piece, or some: adds to what this person has done with this cloth, kind of frame and place; the last null where any will do. */
    public static function add(
        Fabric $fabric,
        string $frameKind,
        ?Position $position,
        string $who,
        bool $onScrap,
        int $cameOut,
        int $failed,
        string $remark = '',
    ): void {
        if ($who === '' || ($cameOut === 0 && $failed === 0)) {
            return;
        }
        Transaction::onFloor(static fn() => Practice::query()->upsert(
            [
                'fabric' => $fabric->value,
                'frame_kind' => $frameKind,
                'position' => $position->value ?? '',
                'who' => $who,
                'on_scrap' => $onScrap,
                'came_out' => max(0, $cameOut),
                'failed' => max(0, $failed),
                'remark' => $remark,
                'last_at' => CarbonImmutable::now(),
            ],
            ['fabric', 'frame_kind', 'position', 'who', 'on_scrap'],
            [
                // What is put right is taken off again.
                'came_out' => DB::raw(sprintf('greatest(0, cast(came_out as signed) + %d)', $cameOut)),
                'failed' => DB::raw(sprintf('greatest(0, cast(failed as signed) + %d)', $failed)),
                'last_at' => DB::raw('values(last_at)'),
                ...$remark === '' ? [] : ['remark' => DB::raw('values(remark)')],
            ],
        ));
    }
}
