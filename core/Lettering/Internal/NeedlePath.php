<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

use Hakama\Lettering\LetterRules;
use Hakama\Stitch\PatternBuilder;

/**
 * The needle: where it stands, how it runs along a line and sews the column over it, where its thread is cut and fastened.
 *
 * @internal
 */
final class NeedlePath
{
    private const TRIM_JUMPS = 3;
    private const RUN_MM = 1.8;
    /** A line that is seen: its stitches, the steps they are fitted by, and how far one may cut a bend. */
    private const LINE_MM = 1.4;
    private const FINE_MM = 0.1;
    private const STRAYS_MM = 0.05;
    private const TIE_MM = 0.8;
    /** A column that is wider is sewn with a needle point within. */
    private const SPLIT_MM = 7.0;
    /** Rows nearer than this on the inside of a bend are drawn in, every other one. */
    private const CROWDED_MM = 0.22;
    public const NEAR = 0.02;
    /** Letters that are nearer hang together: the needle goes on without a jump. */
    public const CONNECTED_MM = 0.4;

    private bool $begun = false;
    /** @var array{float, float} a little way back on what was sewn last */
    private array $inward = [0.0, 0.0];

    public function __construct(
        private readonly PatternBuilder $builder,
        private readonly LetterRules $rules,
        private readonly float $columnMm,
    ) {}

    /** @return array{float, float}|null where it stands; null before its first stitch */
    public function stands(): ?array
    {
        return $this->begun ? [$this->builder->x() / 10, $this->builder->y() / 10] : null;
    }

    /** Fastens the end of the thread. */
    public function end(): void
    {
        $this->tie($this->inward, [$this->builder->x() / 10, $this->builder->y() / 10]);
    }

    /** Along a line, from one place to another: a column hides its way, a line that is seen keeps to what is drawn. */
    public function run(MiddleLine $line, float $from, float $to): void
    {
        $sign = $to < $from ? -1 : 1;
        $most = $this->columnMm > 0 ? self::RUN_MM : self::LINE_MM;
        $steps = (int) ceil(abs($to - $from) / $most);
        if ($this->columnMm > 0) {
            for ($i = 1; $i <= $steps; $i++) {
                $this->to($line->at($from + (($to - $from) * $i) / $steps));
            }

            return;
        }
        for ($at = $from; abs($to - $at) > self::NEAR; $at = $next) {
            $next = $sign * min($sign * $to, $sign * $at + $most);
            while (abs($next - $at) > self::FINE_MM && $this->strays($line, $at, $next)) {
                $next -= $sign * self::FINE_MM;
            }
            $this->to($line->at($next));
        }
    }

    /** Whether one stitch from here to there would leave the line. */
    private function strays(MiddleLine $line, float $from, float $to): bool
    {
        $stitch = MiddleLine::of(new Stroke([$line->at($from), $line->at($to)], false));
        $steps = (int) ceil(abs($to - $from) / self::FINE_MM);
        for ($i = 1; $i < $steps; $i++) {
            if ($stitch->nearest($line->at($from + (($to - $from) * $i) / $steps))[1] > self::STRAYS_MM) {
                return true;
            }
        }

        return false;
    }

    /** The column over a stretch of a line; small letters are run along instead. */
    public function column(MiddleLine $line, float $from, float $to): void
    {
        if ($this->columnMm <= 0.0) {
            $this->run($line, $from, $to);
            $this->inward = $line->at($to + ($to > $from ? -1 : 1) * min(self::TIE_MM, abs($to - $from)));

            return;
        }
        $half = $this->columnMm / 2 + $this->rules->pullMm;
        // An end that is free reaches on by half a column, so that letters are as high as they are called.
        [$from, $to] = [$this->reaching($line, $from), $this->reaching($line, $to)];
        $rows = max(2, (int) round(abs($to - $from) / ($this->rules->rowMm / 2)));
        $crowded = [1 => false, -1 => false];
        $last = [1 => null, -1 => null];
        for ($i = 0; $i <= $rows; $i++) {
            $way = $from + (($to - $from) * $i) / $rows;
            $side = $i % 2 === 0 ? 1 : -1;
            [$x, $y] = $this->beyond($line, $way);
            [$dx, $dy] = $line->direction($way, 0.25 * $half);
            $reach = $half;
            $point = [$x - $side * $dy * $half, $y + $side * $dx * $half];
            $near =
                $last[$side] !== null
                && hypot($point[0] - $last[$side][0], $point[1] - $last[$side][1]) < self::CROWDED_MM;
            if ($near && ! $crowded[$side]) {
                $reach = 0.6 * $half;
                $crowded[$side] = true;
            } else {
                $crowded[$side] = false;
                $last[$side] = $point;
            }
            $this->across([$x - $side * $dy * $reach, $y + $side * $dx * $reach]);
        }
        $this->to($this->beyond($line, $to));
        $this->inward = $this->beyond($line, $to + ($to > $from ? -1 : 1) * min(self::TIE_MM, abs($to - $from)));
    }

    private function reaching(MiddleLine $line, float $way): float
    {
        $over = $this->columnMm / 2;

        return match (true) {
            $line->closed => $way,
            $way < self::NEAR => $way - $over,
            $way > $line->length() - self::NEAR => $way + $over,
            default => $way,
        };
    }

    /** @return array{float, float} a place on the line, or straight on beyond its end */
    private function beyond(MiddleLine $line, float $way): array
    {
        $on = $line->closed ? $way : max(0.0, min($line->length(), $way));
        [$x, $y] = $line->at($on);
        [$dx, $dy] = $line->direction($on, 0.1);

        return [$x + ($way - $on) * $dx, $y + ($way - $on) * $dy];
    }

    /** @param array{float, float} $to across a column, with points within where it is wide */
    private function across(array $to): void
    {
        [$x, $y] = [$this->builder->x() / 10, $this->builder->y() / 10];
        $parts = (int) ceil(hypot($to[0] - $x, $to[1] - $y) / self::SPLIT_MM);
        for ($i = 1; $i <= $parts; $i++) {
            $this->to([$x + (($to[0] - $x) * $i) / $parts, $y + (($to[1] - $y) * $i) / $parts]);
        }
    }

    /** The way to where a letter, or a part of one that stands apart, begins. */
    public function enter(MiddleLine $line, float $way): void
    {
        $at = $line->at($way);
        $far = hypot(10 * $at[0] - $this->builder->x(), 10 * $at[1] - $this->builder->y()) / 10;
        if ($this->begun && $far < self::CONNECTED_MM) {
            $this->to($at);

            return;
        }
        $trims = ! $this->begun || $far > $this->rules->trimOverMm;
        if ($this->begun && $trims) {
            $this->end();
        }
        $this->builder->travelTo(
            (int) round(10 * $at[0]),
            (int) round(10 * $at[1]),
            $this->begun && $trims ? self::TRIM_JUMPS : 1,
        );
        if ($trims) {
            $inward = $way + ($way > $line->length() / 2 ? -1 : 1) * min(self::TIE_MM, $line->length() / 2);
            $this->tie($line->at($inward), $at);
        }
        $this->begun = true;
    }

    /**
     * Small stitches to and fro on what is sewn: a thread that is cut does not come out.
     *
     * @param array{float, float} $in
     * @param array{float, float} $back
     */
    private function tie(array $in, array $back): void
    {
        $this->to($in);
        $this->to($back);
        $this->to($in);
        $this->to($back);
    }

    /** @param array{float, float} $at */
    public function to(array $at): void
    {
        [$x, $y] = [(int) round(10 * $at[0]), (int) round(10 * $at[1])];
        if ($x !== $this->builder->x() || $y !== $this->builder->y()) {
            $this->builder->stitchTo($x, $y);
        }
    }
}
