<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** A colour card of our own, to begin a shelf with: any of it can be changed afterwards. */
final class ColourCard
{
    /** code => [name, colour, weight] */
    private const THREADS = [
        'D-01' => ['Ink', '#1b2030', 40],
        'D-02' => ['Slate', '#4a5568', 40],
        'D-03' => ['Chalk', '#f7f4ec', 40],
        'D-04' => ['Pewter', '#8d9199', 40],
        'D-05' => ['Wick', '#f3c64b', 40],
        'D-06' => ['Squash', '#e08a2c', 40],
        'D-07' => ['Tallow', '#f6e7b4', 40],
        'D-08' => ['Foxglove', '#b5498f', 40],
        'D-09' => ['Ember', '#d4482b', 40],
        'D-10' => ['Rosehip', '#a8242f', 40],
        'D-11' => ['Plum', '#5a2a55', 40],
        'D-12' => ['Deep Tarn', '#1f3f66', 40],
        'D-13' => ['Ripple', '#5b8fb9', 40],
        'D-14' => ['Night Oven', '#27304f', 40],
        'D-15' => ['Harebell', '#7c86c9', 40],
        'D-16' => ['Mere', '#2f6f8f', 40],
        'D-17' => ['Pennant', '#c9302c', 40],
        'D-18' => ['Brick', '#8f3b2a', 40],
        'D-19' => ['Reed', '#7d8b4a', 40],
        'D-20' => ['Stem', '#3f6b35', 40],
        'D-21' => ['Kelp', '#2e4a3a', 40],
        'D-22' => ['Fell', '#5f7f5a', 40],
        'D-23' => ['Seedling', '#7fb24a', 40],
        'D-24' => ['Bracken', '#9a6b34', 40],
        'D-25' => ['Peat', '#3b2a20', 40],
        'D-26' => ['Paper Lamp', '#f2a65a', 40],
        'D-27' => ['Bronze', '#a97b2f', 40],
        'D-28' => ['Crust', '#c58a4a', 40],
        'D-29' => ['Old Gold', '#cfa440', 40],
        'D-30' => ['Cord', '#6b5a45', 40],
        'D-31' => ['Foam', '#dcebf0', 40],
        'D-32' => ['Heather', '#9a7aa8', 40],
        'D-33' => ['Duck Egg', '#a9d0c8', 40],
        'D-34' => ['Blush', '#eab6a8', 40],
        'D-61' => ['Stem fine', '#41693a', 60],
        'D-62' => ['Chalk fine', '#f5f3ea', 60],
        'D-63' => ['Peat fine', '#41301f', 60],
        'D-64' => ['Ink fine', '#1e2433', 60],
        'D-65' => ['Ember fine', '#cf4a2e', 60],
        'D-66' => ['Mere fine', '#316d8c', 60],
    ];

    /** A cone that nobody has sewn from. */
    private const WHOLE_CONE_M = 5000;

    /** @return array<string, ShelfRow> by code, each as one whole cone */
    public static function threads(): array
    {
        $threads = [];
        foreach (self::THREADS as $code => [$name, $hex, $weight]) {
            $threads[$code] = new ShelfRow($code, $name, $hex, $weight, 1, '', self::WHOLE_CONE_M);
        }

        return $threads;
    }
}
