<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Inspection\Inspection;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\RecordKind;
use Hakama\Stitch\Spot;
use Hakama\Stitch\Track;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Random patterns, looked at once by the core and once, slowly and plainly, from the definitions. */
final class NaiveLookTest extends TestCase
{
    private const ROUNDS = 150;

    #[Test]
    public function needle_points_are_counted_into_their_square_millimetres(): void
    {
        foreach (self::patterns(1) as $round => $records) {
            $cells = [];
            foreach ($records as [$kind, $x, $y]) {
                if ($kind === RecordKind::Stitch) {
                    $cell = ((int) floor($x / 10)).' '.((int) floor($y / 10));
                    $cells[$cell] = ($cells[$cell] ?? 0) + 1;
                }
            }
            $density = PatternFigures::of(self::pattern($records), HouseRules::of()->measuring())->density;

            self::assertSame(max($cells), $density->densest()->perMm2, "round {$round}");
            $above = array_filter($cells, static fn(int $points): bool => $points > 2);
            self::assertCount(count($above), $density->above(2), "round {$round}");
            foreach ($density->above(2) as $square) {
                self::assertSame(
                    $above[((int) floor($square->where->x)).' '.((int) floor($square->where->y))],
                    $square->perMm2,
                );
            }
            // What a page is sent says the same.
            [, $left, $bottom] = (array) unpack('l2', $density->packed());
            $sent = [];
            foreach (str_split(substr($density->packed(), 8), 6) as $square) {
                [, $column, $row, $points] = (array) unpack('v3', $square);
                $sent[$left + $column.' '.($bottom + $row)] = $points;
            }
            ksort($cells);
            ksort($sent);
            self::assertSame($cells, $sent, "round {$round}");
        }
    }

    #[Test]
    public function short_and_long_stitches_and_carried_threads_are_where_a_slow_look_finds_them(): void
    {
        $rules = HouseRules::of([
            HouseRule::ShortStitch->value => 0.8,
            HouseRule::LongStitch->value => 9.0,
            HouseRule::ShortShare->value => 0.0,
            HouseRule::LongJump->value => 6.0,
        ])->measuring();
        foreach (self::patterns(2) as $round => $records) {
            $pattern = self::pattern($records);
            $inspection = Inspection::of($pattern, PatternFigures::of($pattern, $rules), $rules);
            [$short, $long, $carried] = self::slowly($records);

            self::assertEquals(
                array_slice($short, 0, 60),
                self::places($inspection, FindingCode::ShortStitches),
                "round {$round}",
            );
            self::assertEqualsCanonicalizing(
                $long,
                self::places($inspection, FindingCode::LongStitches),
                "round {$round}",
            );
            self::assertEqualsCanonicalizing(
                $carried,
                array_map(
                    static fn(Spot $spot): int => $spot->stitch,
                    self::finding($inspection, FindingCode::LongJump)->spots ?? [],
                ),
                "round {$round}",
            );
        }
    }

    #[Test]
    public function thread_carried_over_earlier_blocks_is_measured_as_a_slow_look_measures_it(): void
    {
        $rules = new MeasuringRules(3, 0.4, 12.1, 0.05, 12, 200.0);
        $found = 0;
        foreach (self::patterns(3) as $round => $records) {
            $pattern = self::pattern($records);
            $expected = self::crossings($records);
            $actual = [];
            foreach (Inspection::of($pattern, PatternFigures::of($pattern, $rules), $rules)->crossings as $crossing) {
                $actual[] = [$crossing->spot->stitch, $crossing->block, $crossing->over, $crossing->lengthMm];
            }
            self::assertEqualsCanonicalizing($expected, $actual, "round {$round}");
            $found += count($expected);
        }
        self::assertGreaterThan(50, $found, 'there was something to find');
    }

    #[Test]
    public function a_track_unpacks_to_the_pattern_with_the_trims_that_were_counted(): void
    {
        foreach (self::patterns(4) as $round => $records) {
            $pattern = self::pattern($records);
            $bytes = array_values((array) unpack('c*', Track::of($pattern, 3)->bytes));
            [$x, $y, $at, $trims, $again] = [0, 0, 0, 0, []];
            while ($at < count($bytes)) {
                $kind = RecordKind::Stitch;
                if ($bytes[$at] === Track::MARK) {
                    $trims += $bytes[$at + 1] === Track::TRIM ? 1 : 0;
                    $kind = $bytes[$at + 1] === Track::STOP ? RecordKind::Stop : RecordKind::Jump;
                    $at += 2;
                }
                [$x, $y] = [$x + $bytes[$at], $y + $bytes[$at + 1]];
                $at += 2;
                $again[] = [$kind, $x, $y];
            }
            self::assertEquals($records, $again, "round {$round}");
            self::assertSame(
                PatternFigures::of($pattern, HouseRules::of()->measuring())->counts->trims,
                $trims,
                "round {$round}",
            );
        }
    }

    #[Test]
    public function blocks_are_cut_where_the_stops_are(): void
    {
        foreach (self::patterns(5) as $round => $records) {
            $pattern = self::pattern($records);
            $sewn = [];
            $open = false;
            foreach ($records as [$kind]) {
                if ($kind === RecordKind::Stop) {
                    $open = false;
                } elseif ($kind === RecordKind::Stitch) {
                    $open ? $sewn[count($sewn) - 1]++ : ($sewn[] = 1);
                    $open = true;
                }
            }
            $spans = $pattern->blockSpans();

            self::assertSame($sewn, array_map(static fn($span): int => $span->stitches, $spans), "round {$round}");
            foreach ($spans as $span) {
                self::assertSame(
                    [RecordKind::Stitch, RecordKind::Stitch],
                    [$records[$span->from][0], $records[$span->to - 1][0]],
                );
                self::assertSame(
                    $span->from === 0 ? [0, 0] : array_slice($records[$span->from - 1], 1),
                    $pattern->before($span->from),
                );
                self::assertCount($span->to - $span->from, $pattern->slice($span->from, $span->to));
            }
        }
    }

    /**
     * @param list<array{RecordKind, int, int}> $records
     *
     * @return array{list<list<float|int>>, list<list<float|int>>, list<int>} short and long stitches, and the
     *     stitches before carried threads
     */
    private static function slowly(array $records): array
    {
        [$short, $long, $carried] = [[], [], []];
        [$x, $y, $stitch, $jumps, $stopped, $lastX, $lastY] = [0, 0, 0, 0, true, 0, 0];
        foreach ($records as [$kind, $toX, $toY]) {
            if ($kind === RecordKind::Stop) {
                [$stopped, $jumps] = [true, 0];
            } elseif ($kind === RecordKind::Jump) {
                [$lastX, $lastY] = $jumps === 0 ? [$x, $y] : [$lastX, $lastY];
                $jumps++;
            } else {
                if (! $stopped && $jumps > 0 && $jumps < 3 && $stitch > 0 && hypot($x - $lastX, $y - $lastY) > 60) {
                    $carried[] = $stitch;
                }
                [$stopped, $jumps] = [false, 0];
                $stitch++;
                $length = hypot($toX - $x, $toY - $y);
                if ($length < 8) {
                    $short[] = [$toX / 10, $toY / 10, $stitch];
                } elseif ($length > 90) {
                    $long[] = [$toX / 10, $toY / 10, $stitch];
                }
            }
            [$x, $y] = [$toX, $toY];
        }

        return [$short, $long, $carried];
    }

    /**
     * @param list<array{RecordKind, int, int}> $records
     *
     * @return list<array{int, int, int, float}>
     */
    private static function crossings(array $records): array
    {
        $crossings = [];
        $sewn = []; // square => blocks
        [$x, $y, $stitch, $block, $jumps, $stopped, $lastX, $lastY] = [0, 0, 0, 0, 0, true, 0, 0];
        foreach ($records as [$kind, $toX, $toY]) {
            if ($kind === RecordKind::Stop) {
                [$stopped, $jumps] = [true, 0];
            } elseif ($kind === RecordKind::Jump) {
                [$lastX, $lastY] = $jumps === 0 ? [$x, $y] : [$lastX, $lastY];
                $jumps++;
            } else {
                if ($stopped) {
                    $block++;
                } elseif ($jumps > 0 && $jumps < 3 && $stitch > 0) {
                    $length = hypot($x - $lastX, $y - $lastY);
                    $looks = (int) ceil($length / 5) + 1;
                    $over = [];
                    for ($look = 0; $length >= 30 && $look < $looks; $look++) {
                        $square =
                            ((int) floor(($lastX + (($x - $lastX) * $look) / ($looks - 1)) / 10)).
                            ' '.
                            ((int) floor(($lastY + (($y - $lastY) * $look) / ($looks - 1)) / 10));
                        foreach ($sewn[$square] ?? [] as $other => $yes) {
                            $over[$other] = ($over[$other] ?? 0) + ($other < $block ? 1 : 0);
                        }
                    }
                    foreach ($over as $other => $times) {
                        if ((($times / $looks) * $length) / 10 >= 3.0) {
                            $crossings[] = [$stitch, $block, $other, round((($times / $looks) * $length) / 10, 1)];
                        }
                    }
                }
                [$stopped, $jumps] = [false, 0];
                $stitch++;
                $sewn[((int) floor($toX / 10)).' '.((int) floor($toY / 10))][$block] = true;
            }
            [$x, $y] = [$toX, $toY];
        }

        return $crossings;
    }

    private static function finding(Inspection $inspection, FindingCode $code): ?Finding
    {
        foreach ($inspection->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }

    /** @return list<list<float|int>> */
    private static function places(Inspection $inspection, FindingCode $code): array
    {
        return array_map(
            static fn(Spot $spot): array => [$spot->at->x, $spot->at->y, $spot->stitch],
            self::finding($inspection, $code)->spots ?? [],
        );
    }

    /** @param list<array{RecordKind, int, int}> $records */
    private static function pattern(array $records): Pattern
    {
        $builder = new PatternBuilder('RANDOM');
        foreach ($records as [$kind, $x, $y]) {
            match ($kind) {
                RecordKind::Stitch => $builder->stitchTo($x, $y),
                RecordKind::Jump => $builder->jumpTo($x, $y),
                RecordKind::Stop => $builder->stop(),
            };
        }

        return $builder->pattern();
    }

    /**
     * @return iterable<int, list<array{RecordKind, int, int}>> small designs in a small place, so that much lies over
     *     much
     */
    private static function patterns(int $seed): iterable
    {
        mt_srand($seed);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $records = [];
            [$x, $y] = [0, 0];
            for ($i = mt_rand(8, 160); $i > 0; $i--) {
                $kind = match (mt_rand(0, 19)) {
                    0 => RecordKind::Stop,
                    1, 2, 3, 4 => RecordKind::Jump,
                    default => RecordKind::Stitch,
                };
                if ($kind !== RecordKind::Stop) {
                    $reach = $kind === RecordKind::Jump ? 110 : [4, 25, 100][mt_rand(0, 2)];
                    $x = max(-120, min(120, $x + mt_rand(-$reach, $reach)));
                    $y = max(-20, min(20, $y + mt_rand(-$reach, $reach)));
                }
                $records[] = [$kind, $x, $y];
            }
            $records[] = [RecordKind::Stitch, $x, $y];
            yield $round => $records;
        }
    }
}
