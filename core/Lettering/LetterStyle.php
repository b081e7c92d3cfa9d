<?php

declare(strict_types=1);

namespace Hakama\Lettering;

use Hakama\Lettering\Internal\Course;
use Hakama\Lettering\Internal\Glyph;
use Hakama\Lettering\Internal\MiddleLine;
use Hakama\Lettering\Internal\NeedlePath;
use Hakama\Lettering\Internal\Stroke;
use Hakama\Lettering\Internal\Typesetting;
use Hakama\Stitch\PatternBuilder;
use Normalizer;

/** How texts are lettered: which alphabet, how high, how long at most, straight or on an arc. */
final readonly class LetterStyle
{
    public const MOST_SIGNS = 60;
    private const LEAST_COLUMN_MM = 1.0;
    /** A letter is lowered in steps of this share until the text goes in. */
    private const STEP = 0.02;
    /** On an arc a line is bent in steps of this length. */
    private const BENT_MM = 0.5;

    /**
     * @param float      $heightMm of the capitals
     * @param float|null $mostMm   how long a text may be; null: as long as it comes
     * @param bool       $centreOut whether the right half is sewn first and then the left one, both from the middle
     *     outwards: on a cap that pushes the slack out
     */
    public function __construct(
        public Alphabet $alphabet,
        public float $heightMm,
        public LetterRules $rules,
        public ?float $mostMm = null,
        public ?Arc $arc = null,
        public bool $centreOut = false,
    ) {}

    /**
     * A text as stitches, its middle at (0, 0). One that is too long is narrowed first, then made lower.
     *
     * @throws UnfitText
     */
    public function of(string $text): Lettered
    {
        $text = self::plain($text);
        [$set, $height, $narrowed] = $this->fitted($text);

        return $this->sewn($text, $set, $height, $narrowed);
    }

    /**
     * How high and how long a text becomes, without its stitches.
     *
     * @return array{float, float} height of its capitals, width, mm
     *
     * @throws UnfitText
     */
    public function size(string $text): array
    {
        [$set, $height] = $this->fitted(self::plain($text));

        return [$height, $set->widthMm()];
    }

    /**
     * @return array{Typesetting, float, float} as set, its height, and the share of their width that its letters have
     *
     * @throws UnfitText
     */
    private function fitted(string $text): array
    {
        $least = $this->rules->leastMm($this->alphabet);
        if ($this->heightMm < $least - 1e-9) {
            throw UnfitText::tooLow($this->heightMm, $least, $this->alphabet);
        }
        $glyphs = $this->glyphs($text);
        // Narrowed step by step first, then lowered: the first of all steps that fits, found by halving.
        $narrow = fn(int $step): float => max($this->rules->narrowest, 1 - $step * self::STEP);
        $low = fn(int $step): float => max($least, $this->heightMm * (1 - $step * self::STEP));
        $narrowest = (int) ceil((1 - $this->rules->narrowest) / self::STEP - 1e-9);
        $lowest = (int) ceil((1 - $least / $this->heightMm) / self::STEP - 1e-9);
        $at = fn(int $step): array => $step <= $narrowest
            ? [$this->heightMm, $narrow($step)]
            : [$low($step - $narrowest), $narrow($narrowest)];
        [$from, $to] = [0, $narrowest + max(0, $lowest)];
        // Most names fit as they are.
        if ($this->fits($this->set($glyphs, ...$at(0)))) {
            $to = 0;
        }
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            $this->fits($this->set($glyphs, ...$at($middle))) ? ($to = $middle) : ($from = $middle + 1);
        }
        [$height, $narrowed] = $at($to);
        $set = $this->set($glyphs, $height, $narrowed);
        if (! $this->fits($set)) {
            throw UnfitText::tooLong((float) $this->mostMm, $set->widthMm(), $least);
        }
        $wants = max(1.5 * $height, $set->widthMm() / (1.6 * M_PI));
        if ($this->arc !== null && $this->arc->radiusMm < $wants) {
            throw UnfitText::tooTight($this->arc->radiusMm, $wants);
        }

        return [$set, $height, $narrowed];
    }

    /** A text as it is sewn: its signs composed, one space between words. */
    public static function plain(string $text): string
    {
        $composed = Normalizer::normalize(mb_scrub($text), Normalizer::FORM_C);

        return trim(preg_replace('/[\s\p{Z}]+/u', ' ', is_string($composed) ? $composed : '') ?? '');
    }

    /** How wide a column is in letters of a height, mm; 0 where lines are sewn. */
    public function columnMm(float $heightMm): float
    {
        return $this->alphabet->isSatin()
            ? max(self::LEAST_COLUMN_MM, $this->alphabet->columnShare() * $heightMm)
            : 0.0;
    }

    /**
     * @return list<Glyph|null> null for a space
     *
     * @throws UnfitText
     */
    private function glyphs(string $text): array
    {
        $signs = mb_str_split($text);
        if ($text === '') {
            throw UnfitText::nothing();
        }
        if (count($signs) > self::MOST_SIGNS) {
            throw UnfitText::tooManySigns(count($signs), self::MOST_SIGNS);
        }

        return array_map(fn(string $sign): ?Glyph => $sign === ' ' ? null : Glyph::of($sign, $this->alphabet), $signs);
    }

    private function fits(Typesetting $set): bool
    {
        return $this->mostMm === null || $set->widthMm() <= $this->mostMm + 1e-9;
    }

    /** @param list<Glyph|null> $glyphs */
    private function set(array $glyphs, float $heightMm, float $narrowed): Typesetting
    {
        return Typesetting::of($glyphs, $this->alphabet, $heightMm, $this->columnMm($heightMm), $narrowed);
    }

    private function sewn(string $text, Typesetting $set, float $heightMm, float $narrowed): Lettered
    {
        $column = $this->columnMm($heightMm);
        $middle = ($set->leftMm + $set->rightMm) / 2;
        $down = ($heightMm - $column) / 2;
        $letters = array_map(
            fn(array $lines): array => array_map(
                fn(Stroke $line): MiddleLine => MiddleLine::of($this->placed($line->moved(-$middle, -$down))),
                $lines,
            ),
            $set->letters,
        );
        $builder = new PatternBuilder($text);
        $needle = new NeedlePath($builder, $this->rules, $column);
        $course = new Course($needle, $column);
        $order = $this->order(count($letters));
        foreach ($order as $i => $letter) {
            $course->letter($letters[$letter], self::ends($letters[$order[$i + 1] ?? -1] ?? []));
        }
        $needle->end();

        return new Lettered(
            $text,
            $builder->pattern(),
            $set->widthMm(),
            $heightMm,
            $narrowed,
            $column,
            array_map(static fn(MiddleLine $line): array => $line->points, array_merge(...$letters)),
        );
    }

    /** @return list<int> which letter is sewn after which */
    private function order(int $letters): array
    {
        $middle = $this->centreOut ? intdiv($letters, 2) : 0;
        $all = array_keys(array_fill(0, $letters, true));

        return [...array_slice($all, $middle), ...array_reverse(array_slice($all, 0, $middle))];
    }

    private function placed(Stroke $line): Stroke
    {
        $arc = $this->arc;
        if ($arc === null) {
            return $line;
        }
        $bent = [$arc->bent(...$line->points[0])];
        foreach (array_slice($line->points, 1) as $i => $to) {
            $from = $line->points[$i];
            $steps = max(1, (int) ceil(hypot($to[0] - $from[0], $to[1] - $from[1]) / self::BENT_MM));
            for ($step = 1; $step <= $steps; $step++) {
                $bent[] = $arc->bent(
                    $from[0] + (($to[0] - $from[0]) * $step) / $steps,
                    $from[1] + (($to[1] - $from[1]) * $step) / $steps,
                );
            }
        }

        return new Stroke($bent, $line->closes);
    }

    /**
     * @param list<MiddleLine> $lines
     *
     * @return list<array{float, float}>
     */
    private static function ends(array $lines): array
    {
        $ends = [];
        foreach ($lines as $line) {
            $ends[] = $line->at(0.0);
            $ends[] = $line->at($line->length());
        }

        return $ends;
    }
}
