<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Inspection\Inspection;
use Hakama\Stitch\Tape\NotATape;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Vector\NotADrawing;
use Hakama\Stitch\Vector\SvgReader;
use Hakama\Stitch\Vector\VectorRules;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Files that were damaged at random: they are read, or refused by the reader's own exception, and nothing else
 * happens.
 */
final class MutationTest extends TestCase
{
    private const TIMES = 10_000;

    #[Test]
    public function a_damaged_tape_is_read_or_refused(): void
    {
        $whole = (string) file_get_contents(dirname(__DIR__, 2).'/fixtures/tapes/leaf-applique.dst');
        $reader = new TapeReader();
        [$read, $refused] = [0, 0];
        foreach (self::mutations($whole, 4711) as $bytes) {
            try {
                $pattern = $reader->fromString($bytes);
                $read++;
                if ($read % 20 === 0) {
                    Inspection::of(
                        $pattern,
                        PatternFigures::of($pattern, HouseRules::of()->measuring()),
                        HouseRules::of()->measuring(),
                    );
                }
            } catch (NotATape) {
                $refused++;
            }
        }

        self::assertSame(self::TIMES, $read + $refused);
        self::assertGreaterThan(1000, $read);
        self::assertGreaterThan(1000, $refused);
    }

    #[Test]
    public function a_damaged_drawing_is_read_or_refused(): void
    {
        $whole = <<<'SVG'
        <?xml version="1.0" encoding="UTF-8"?>
        <svg xmlns="http://www.w3.org/2000/svg" width="80mm" height="60mm" viewBox="0 0 160 120"><!-- sprig -->
        <g stroke="#1f3f66" fill="none" transform="translate(4,4) rotate(12 40 30) scale(1.2)">
        <path d="M10,10 C20 0 40 0 50 10 S 80 30 90 10 q5-5 10 0 t10 0 A 12 8 30 1 0 130 40 h-20 v10 l-5-5z"/>
        <polyline points="0,0 10,5 20,0 30,5"/><polygon points="50 50 60 60 40 60"/></g>
        <g style="stroke:rgb(200, 40,40);fill:none"><circle cx="30" cy="80" r="12"/>
        <ellipse cx="90" cy="80" rx="20" ry="8"/><rect x="10" y="70" width="20" height="9"/>
        <line x1="1" y1="1" x2="9" y2="9"/><text x="3">aé</text></g></svg>
        SVG;
        $reader = new SvgReader(new VectorRules(stitches: 20_000));
        [$read, $refused] = [0, 0];
        foreach (self::mutations($whole, 42) as $svg) {
            try {
                $reader->fromString($svg);
                $read++;
            } catch (NotADrawing) {
                $refused++;
            }
        }

        self::assertSame(self::TIMES, $read + $refused);
        self::assertGreaterThan(500, $read);
        self::assertGreaterThan(500, $refused);
    }

    /** @return iterable<string> bytes changed, taken out, doubled, moved, cut off */
    private static function mutations(string $whole, int $seed): iterable
    {
        $random = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < self::TIMES; $i++) {
            $bytes = $whole;
            for ($times = $random->getInt(1, 6); $times > 0; $times--) {
                $at = $random->getInt(0, max(0, strlen($bytes) - 1));
                $length = $random->getInt(1, 12);
                $bytes = match ($random->getInt(0, 5)) {
                    0 => substr_replace($bytes, $random->getBytes(1), $at, 1),
                    1 => substr_replace($bytes, '', $at, $length),
                    2 => substr_replace($bytes, substr($bytes, $random->getInt(0, strlen($bytes)), $length), $at, 0),
                    3 => substr_replace($bytes, str_repeat(substr($bytes, $at, 3), $random->getInt(1, 40)), $at, 0),
                    4 => substr_replace(
                        $bytes,
                        (string) $random->getInt(-99_999, 99_999),
                        $at,
                        $random->getInt(0, 3),
                    ),
                    default => $random->getInt(0, 9) === 0 ? substr($bytes, 0, $at) : $bytes,
                };
                $bytes = $bytes === '' ? 'x' : $bytes;
            }
            yield $bytes;
        }
    }
}
