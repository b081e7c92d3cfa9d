<?php

declare(strict_types=1);

namespace App\Floor;

use App\Stock\Models\Cone;
use Hakama\Thread\Cones;

/** The cones of some threads while events are written down: what one load takes, the next does not find there. */
final class ConeShelf
{
    /**
     * @param array<int, array<int, float>> $left thread => number of the cone => metres
     * @param array<int, array<int, int>>   $ids  thread => number of the cone => the cone
     */
    private function __construct(private array $left, private readonly array $ids) {}

    /** @param list<int> $threads */
    public static function of(array $threads): self
    {
        $left = $ids = [];
        foreach (Cone::query()->whereIn('thread_id', $threads)->orderBy('thread_id')->orderBy('number')->get() as $cone) {
            $left[$cone->thread_id][$cone->number] = (float) $cone->metres_left;
            $ids[$cone->thread_id][$cone->number] = $cone->id;
        }

        return new self($left, $ids);
    }

    /** @return array<int, float> cone => metres that are taken of it */
    public function take(int $thread, float $metres): array
    {
        $before = $this->left[$thread] ?? [];
        $this->left[$thread] = Cones::sewnFrom($before, $metres);
        $taken = [];
        foreach ($before as $number => $left) {
            if ($left - $this->left[$thread][$number] > 0.0) {
                $taken[$this->ids[$thread][$number]] = $left - $this->left[$thread][$number];
            }
        }

        return $taken;
    }
}
