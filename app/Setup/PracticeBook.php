<?php

declare(strict_types=1);

namespace App\Setup;

use App\Foundation\Database\Transaction;
use App\Foundation\Database\TurnCache;
use App\Setup\Models\Practice;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
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
        $this->book ??= new Collection(
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

        return $this->book
            ->filter(static fn(Practice $one): bool => in_array($one->fabric, $fabric->alike(), true))
            ->values();
    }

    /** Whether anyone here has sewn it and it came out. */
    public function hasComeOut(Fabric $fabric): bool
    {
        return $this->on($fabric)->contains(static fn(Practice $one): bool => $one->came_out > 0);
    }

    /** One more piece, or some: adds to what this person has done with this cloth and kind of frame. */
    public static function add(
        Fabric $fabric,
        string $frameKind,
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
                'who' => $who,
                'on_scrap' => $onScrap,
                'came_out' => max(0, $cameOut),
                'failed' => max(0, $failed),
                'remark' => $remark,
                'last_at' => CarbonImmutable::now(),
            ],
            ['fabric', 'frame_kind', 'who', 'on_scrap'],
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
