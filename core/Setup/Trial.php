<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Words\Text;

/** What is sewn on scrap before the first garment: work of its own, at a machine, for so many minutes. */
final readonly class Trial
{
    private function __construct(public bool $isPractice, public int $pieces, public int $minutes) {}

    /**
     * Cloth that nobody here has sewn is practised; an artwork that was not sewn out on this cloth as it is now is sewn out
     * once. Practice is a sew-out too.
     *
     * @param bool  $isPractised    somebody here has sewn cloth like it, and it came out
     * @param bool  $isSewnOut      this version of the artwork was sewn out on this cloth, and passed
     * @param int   $practicePieces that the house practises with
     * @param float $traceS         seconds to load a design and trace it
     *
     * @return self|null null where nothing is to be tried
     */
    public static function wanted(
        bool $isPractised,
        bool $isSewnOut,
        int $practicePieces,
        float $traceS,
        float $sewS,
        float $hoopS,
    ): ?self {
        if ($isPractised && $isSewnOut) {
            return null;
        }
        $pieces = $isPractised ? 1 : max(1, $practicePieces);

        return new self(! $isPractised, $pieces, (int) ceil(($traceS + $pieces * ($sewS + $hoopS)) / 60));
    }

    /** What the machine is kept for, in the words of the calendar. */
    public function words(string $batch): Text
    {
        return new Text($this->isPractice ? 'setup.trial.practice' : 'setup.trial.sew_out', ['batch' => $batch]);
    }
}
