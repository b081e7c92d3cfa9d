<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

/**
 * The way of the needle through the lines of letters. From where it enters a letter it runs out along each line and sews
 * the column on the way back, side lines first: so every way between two columns is covered by one. Small letters are the
 * same way without columns: every line there and back.
 *
 * @internal
 */
final class Course
{
    private const NEAR = NeedlePath::NEAR;

    /** @var list<MiddleLine> of the letter that is sewn */
    private array $lines = [];
    /** @var array<int, array<int, array{float, float, float}>> where two of them meet, as far as it was asked */
    private array $meets = [];

    public function __construct(private readonly NeedlePath $needle, private readonly float $columnMm) {}

    /**
     * @param list<MiddleLine>                   $lines of one letter
     * @param list<array{float, float}>    $next  ends of the lines of the letter that follows
     */
    public function letter(array $lines, array $next): void
    {
        $this->lines = $lines;
        $this->meets = [];
        $open = array_keys($lines);
        while ($open !== []) {
            $part = $this->connected($open);
            $rest = array_values(array_diff($open, $part));
            [$first, $in] = $this->entry($part);
            [$last, $out] = $rest === [] && $next !== [] ? $this->exit($part, $next) : [$first, $in];
            $this->needle->enter($lines[$first], $in);
            $this->chain($part, $first, $in, $last, $out);
            $open = $rest;
        }
    }

    /** Whether two lines hang together. */
    private function touch(int $one, int $other): bool
    {
        $near = max(0.6, 0.62 * $this->columnMm);

        return $this->lines[$one]->apart($this->lines[$other]) <= $near && $this->meets($one, $other)[2] <= $near;
    }

    /** @return array{float, float, float} the way on the one, the way on the other, how far apart */
    private function meets(int $one, int $other): array
    {
        return $this->meets[$one][$other] ??= $this->lines[$one]->meets($this->lines[$other]);
    }

    /**
     * The lines that hang together with the first one.
     *
     * @param list<int> $open
     *
     * @return list<int>
     */
    private function connected(array $open): array
    {
        $part = array_splice($open, 0, 1);
        for ($i = 0; $i < count($part); $i++) {
            foreach ($open as $k => $other) {
                if ($this->touch($part[$i], $other)) {
                    $part[] = $other;
                    unset($open[$k]);
                }
            }
        }

        return $part;
    }

    /**
     * Where the needle comes in: at the nearest end, or wherever it stands on a line already.
     *
     * @param list<int> $part
     *
     * @return array{int, float}
     */
    private function entry(array $part): array
    {
        $lines = $this->lines;
        $stands = $this->needle->stands();
        $needle = $stands ?? [0.0, 0.0];
        $best = [$part[0], 0.0, INF];
        foreach ($part as $i) {
            [$way, $far] = $lines[$i]->nearest($needle);
            if ($stands !== null && $far < NeedlePath::CONNECTED_MM) {
                return [$i, $way];
            }
            foreach ($lines[$i]->closed ? [0.0] : [0.0, $lines[$i]->length()] as $end) {
                $at = $lines[$i]->at($end);
                $far = hypot($at[0] - $needle[0], $at[1] - $needle[1]);
                if ($far < $best[2]) {
                    $best = [$i, $end, $far];
                }
            }
        }

        return [$best[0], $best[1]];
    }

    /**
     * Where it is left: at the end that is nearest to the letter that follows.
     *
     * @param list<int>                 $part
     * @param list<array{float, float}> $next
     *
     * @return array{int, float}
     */
    private function exit(array $part, array $next): array
    {
        $lines = $this->lines;
        $best = [$part[0], 0.0, INF];
        foreach ($part as $i) {
            foreach ($lines[$i]->closed ? [0.0] : [0.0, $lines[$i]->length()] as $end) {
                $at = $lines[$i]->at($end);
                foreach ($next as $to) {
                    $far = hypot($to[0] - $at[0], $to[1] - $at[1]);
                    if ($far < $best[2]) {
                        $best = [$i, $end, $far];
                    }
                }
            }
        }

        return [$best[0], $best[1]];
    }

    /**
     * From where it came in to where it leaves, over the lines between; what hangs on them is sewn from them.
     *
     * @param list<int> $part
     */
    private function chain(array $part, int $first, float $in, int $last, float $out): void
    {
        $route = $this->route($part, $first, $last);
        $open = array_fill_keys(array_diff($part, $route), true);
        foreach ($route as $k => $line) {
            $next = $route[$k + 1] ?? null;
            [$leave, $arrive] = $next === null ? [$out, 0.0] : $this->meets($line, $next);
            $this->sew($line, $in, $leave, $open);
            if ($next !== null) {
                $in = $arrive;
            }
        }
    }

    /**
     * The fewest lines from one to another.
     *
     * @param list<int> $part
     *
     * @return non-empty-list<int>
     */
    private function route(array $part, int $first, int $last): array
    {
        $from = [$first => $first];
        for ($queue = [$first]; $queue !== [] && ! isset($from[$last]);) {
            $line = array_shift($queue);
            foreach ($part as $other) {
                if (! isset($from[$other]) && $this->touch($line, $other)) {
                    $from[$other] = $line;
                    $queue[] = $other;
                }
            }
        }
        $route = [$last];
        while ($route[0] !== $first) {
            array_unshift($route, $from[$route[0]]);
        }

        return $route;
    }

    /**
     * One line: in at one place, out at another.
     *
     * @param array<int, true> $open lines that are not sewn yet
     */
    private function sew(int $number, float $in, float $out, array &$open): void
    {
        $line = $this->lines[$number];
        unset($open[$number]);
        if ($line->closed) {
            $round = $line->length();
            $on = fmod($out - $in + $round, $round);
            $this->out($number, $in, $in + $round, $open);
            $this->needle->run($line, $in, $in + $on);
            $this->needle->column($line, $in + $on, $in + $on + $round);

            return;
        }
        $forward = $out >= $in;
        [$before, $after] = $forward ? [0.0, $line->length()] : [$line->length(), 0.0];
        if (abs($in - $before) > self::NEAR) {
            $this->out($number, $in, $before, $open);
            $this->needle->column($line, $before, $in);
        }
        if (abs($out - $in) > self::NEAR) {
            $this->out($number, $in, $out, $open);
            $this->needle->run($line, $out, $in);
            $this->needle->column($line, $in, $out);
        }
        if (abs($after - $out) > self::NEAR) {
            $this->out($number, $out, $after, $open);
            $this->needle->column($line, $after, $out);
        }
    }

    /**
     * Runs along a line and sews what hangs on it.
     *
     * @param array<int, true> $open
     */
    private function out(int $number, float $from, float $to, array &$open): void
    {
        $line = $this->lines[$number];
        $meets = [];
        foreach (array_keys($open) as $other) {
            if (! $this->touch($number, $other)) {
                continue;
            }
            [$way, $there] = $this->meets($number, $other);
            if ($line->closed) {
                $way = $from + fmod($way - $from + 2 * $line->length(), $line->length());
            }
            if ($way >= min($from, $to) - self::NEAR && $way <= max($from, $to) + self::NEAR) {
                $meets[] = [abs($way - $from), $way, $other, $there];
            }
        }
        sort($meets);
        foreach ($meets as [, $way, $other, $there]) {
            if (! isset($open[$other])) {
                continue;
            }
            $this->needle->run($line, $from, $way);
            $this->needle->to($this->lines[$other]->at($there));
            $this->sew($other, $there, $there, $open);
            $this->needle->to($line->at($way));
            $from = $way;
        }
        $this->needle->run($line, $from, $to);
    }
}
