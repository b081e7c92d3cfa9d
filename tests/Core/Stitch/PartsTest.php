<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRules;
use Hakama\Stitch\Band;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Part;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\PatternParts;
use Hakama\Stitch\RecordKind;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class PartsTest extends TestCase
{
    #[Test]
    public function two_motifs_of_two_colours_come_apart_each_with_its_mark_at_nought(): void
    {
        // Block 1 sews below and above, block 2 above only. Heights in 0.1 mm: 0 to 100 and 300 to 400.
        $pattern = (new PatternBuilder('two'))
            ->stitchTo(0, 100)
            ->stitchTo(50, 0)
            ->trimTo(50, 300)
            ->stitchTo(50, 400)
            ->stop()
            ->jumpTo(0, 300)
            ->stitchTo(30, 350)
            ->pattern();

        [$below, $above] = PatternParts::of($pattern, [new Band(0, 10), new Band(30, 40)], 2.5, 3);

        self::assertSame([1 => 2], $below->blocks);
        self::assertSame([1 => 1, 2 => 1], $above->blocks);
        // The mark of the first is at 2.5 mm across and 5 mm up, of the second at 35 mm up.
        self::assertSame([[-25, -50, -25, 50], [-25, 50, 25, -50]], self::segments($below->pattern));
        self::assertSame([[25, -50, 25, 50], [-25, -50, 5, 0]], self::segments($above->pattern));
        self::assertSame(2, substr_count(self::kinds($above->pattern), 'S') + 1);
    }

    #[Test]
    public function no_stitch_of_a_random_pattern_is_lost_doubled_or_moved_and_the_tape_says_the_same(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 60; $round++) {
            [$pattern, $bands] = self::random();
            $across = mt_rand(-300, 300) / 10;
            $parts = PatternParts::of($pattern, $bands, $across, 3);

            $back = [];
            foreach ($parts as $i => $part) {
                [$dx, $dy] = [(int) round(10 * $across), (int) round(5 * ($bands[$i]->bottom + $bands[$i]->top))];
                foreach (self::segments($part->pattern) as [$ax, $ay, $bx, $by]) {
                    $back[] = [$ax + $dx, $ay + $dy, $bx + $dx, $by + $dy];
                }
                self::assertSame(
                    self::segments($part->pattern),
                    self::segments((new TapeReader())->fromString((new TapeWriter())->toString($part->pattern))),
                    "round {$round}",
                );
                self::assertSame(
                    array_values($part->blocks),
                    array_column(PatternFigures::of($part->pattern, HouseRules::of()->measuring())->blocks, 'stitches'),
                    "round {$round}",
                );
            }
            $whole = self::segments($pattern);
            sort($whole);
            sort($back);
            self::assertSame($whole, $back, "round {$round}");
            // Within a part a block sews no more than it does in the whole, and all parts together all of it.
            $counted = [];
            foreach ($parts as $part) {
                foreach ($part->blocks as $block => $stitches) {
                    $counted[$block] = ($counted[$block] ?? 0) + $stitches;
                }
                self::assertSame($part->blocks, self::sorted($part));
            }
            ksort($counted);
            self::assertSame(
                array_map(static fn($span): int => $span->stitches, $pattern->blockSpans()),
                array_values($counted),
            );
        }
    }

    /** @return array<int, int> */
    private static function sorted(Part $part): array
    {
        $blocks = $part->blocks;
        ksort($blocks);

        return $blocks;
    }

    /** @return array{Pattern, list<Band>} with stitches in each of its bands and nowhere else */
    private static function random(): array
    {
        $bands = [];
        for ($i = 0, $at = mt_rand(-40, 40); $i < mt_rand(2, 4); $i++) {
            $bands[] = new Band($at, $at + mt_rand(10, 40));
            $at = (int) end($bands)->top + mt_rand(5, 30);
        }
        $builder = new PatternBuilder('random');
        $at = null;
        for ($i = 0; $i < 80; $i++) {
            $into = $bands[mt_rand(0, count($bands) - 1)];
            $place = static fn(): array => [
                mt_rand(-300, 300),
                mt_rand((int) (10 * $into->bottom), (int) (10 * $into->top)),
            ];
            if (mt_rand(0, 9) === 0 && $i > 0) {
                $builder->stop();
            }
            if ($into !== $at || mt_rand(0, 3) === 0) {
                $builder->travelTo(...[...$place(), mt_rand(1, 4)]);
            }
            $at = $into;
            for ($n = mt_rand(1, 5); $n > 0; $n--) {
                [$x, $y] = $place();
                $builder->stitchTo(
                    $builder->x() + max(-100, min(100, $x - $builder->x())),
                    $builder->y() + max(-100, min(100, $y - $builder->y())),
                );
            }
        }

        return [$builder->pattern(), $bands];
    }

    /** @return list<array{int, int, int, int}> from and to of every stitch */
    private static function segments(Pattern $pattern): array
    {
        $segments = [];
        [$x, $y] = [0, 0];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === RecordKind::Stitch->value) {
                    $segments[] = [$x, $y, $chunk->xs[$i], $chunk->ys[$i]];
                }
                [$x, $y] = [$chunk->xs[$i], $chunk->ys[$i]];
            }
        }

        return $segments;
    }

    private static function kinds(Pattern $pattern): string
    {
        $kinds = '';
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $kind) {
                $kinds .= $kind === RecordKind::Stop->value ? 'S' : '.';
            }
        }

        return $kinds;
    }
}
