<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Garment\Feature;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Units;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Words\Text;

/** A design that lies across something on the garment, or nearer to it than the foot is wide. */
final readonly class Obstruction
{
    private const HAIR = 1e-6;

    /**
     * @param float $apartMm   from the design to it; nought where it lies across it
     * @param float $thickMm   under the foot there
     * @param list<array{float, float}> $moves right and up that would clear it, the shortest first, mm
     */
    private function __construct(
        public Feature $feature,
        public float $apartMm,
        public float $thickMm,
        public array $moves,
        private float $clearsMm,
    ) {}

    /** @return list<self> the nearest first */
    public static function at(MarkedPlacement $marked, Item $item, HouseRules $house): array
    {
        $foot = $house->value(HouseRule::FootRadius);
        $layer = $item->cloth->thickness()->layerMm();
        $box = $marked->hull->bounds();
        $found = [];
        foreach ($marked->shape->features as $feature) {
            $other = $feature->bounds();
            $thick = $feature->layers * $layer;
            $clears = $house->value(HouseRule::FootClears);
            if (
                $other->left - $box->right >= $foot
                || $box->left - $other->right >= $foot
                || $other->bottom - $box->top >= $foot
                || $box->bottom - $other->top >= $foot
                || ($feature->isSewnOver && $thick <= $clears)
            ) {
                continue;
            }
            $apart = $feature->distanceTo($marked->hull);
            if ($apart < $foot - self::HAIR) {
                $moves = [
                    [$other->right + $foot - $box->left, 0.0],
                    [$other->left - $foot - $box->right, 0.0],
                    [0.0, $other->top + $foot - $box->bottom],
                    [0.0, $other->bottom - $foot - $box->top],
                ];
                usort(
                    $moves,
                    static fn(array $one, array $two): int => abs($one[0]) + abs($one[1]) <=> abs($two[0]) + abs($two[1]),
                );
                $found[] = new self($feature, $apart, $thick, $moves, $clears);
            }
        }
        usort($found, static fn(self $one, self $two): int => $one->apartMm <=> $two->apartMm);

        return $found;
    }

    public function isAcross(): bool
    {
        return $this->apartMm <= self::HAIR;
    }

    /** It cannot be sewn: it would sew shut what opens, or strike metal. */
    public function isBarred(): bool
    {
        return $this->isAcross() && $this->feature->kind->isBarred();
    }

    /** Thicker under the foot than it clears. */
    public function isStruck(): bool
    {
        return $this->isAcross() && ! $this->feature->kind->isBarred() && $this->thickMm > $this->clearsMm;
    }

    public function words(Units $units): Text
    {
        [$dx, $dy] = $this->moves[0];
        $with = [
            'what' => $this->feature->label(),
            'far' => $units->said(abs($dx) + abs($dy)),
            'way' => match (true) {
                $dx > 0 => 'left',
                $dx < 0 => 'right',
                $dy > 0 => 'up',
                default => 'down',
            },
        ];

        return match (true) {
            $this->isBarred() => new Text('warnings.in_the_way.barred', $with),
            $this->isStruck() => new Text('warnings.in_the_way.struck', [
                ...$with,
                'thick' => $units->said($this->thickMm, 1),
                'clears' => $units->said($this->clearsMm, 1),
            ]),
            $this->isAcross() => new Text('warnings.in_the_way.across', $with),
            default => new Text('warnings.in_the_way.beside', [...$with, 'apart' => $units->said($this->apartMm, 1)]),
        };
    }
}
