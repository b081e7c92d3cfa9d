<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector\Internal;

use Hakama\Stitch\Vector\NotADrawing;

/**
 * x' = a·x + c·y + e, y' = b·x + d·y + f.
 *
 * @internal
 */
final readonly class Affine
{
    private const NUMBER = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d{1,3})?';

    public function __construct(
        public float $a = 1.0,
        public float $b = 0.0,
        public float $c = 0.0,
        public float $d = 1.0,
        public float $e = 0.0,
        public float $f = 0.0,
    ) {}

    /** This one outside, the other inside: the other is applied first. */
    public function of(self $inner): self
    {
        return new self(
            $this->a * $inner->a + $this->c * $inner->b,
            $this->b * $inner->a + $this->d * $inner->b,
            $this->a * $inner->c + $this->c * $inner->d,
            $this->b * $inner->c + $this->d * $inner->d,
            $this->a * $inner->e + $this->c * $inner->f + $this->e,
            $this->b * $inner->e + $this->d * $inner->f + $this->f,
        );
    }

    /** @return array{float, float} */
    public function point(float $x, float $y): array
    {
        return [$this->a * $x + $this->c * $y + $this->e, $this->b * $x + $this->d * $y + $this->f];
    }

    /** @throws NotADrawing */
    public static function parse(string $transform): self
    {
        $all = new self();
        $rest = trim($transform);
        while ($rest !== '') {
            if (
                preg_match(
                    '/^(matrix|translate|scale|rotate|skewX|skewY)\s*\(\s*('.
                        self::NUMBER.
                        '(?:[\s,]+'.
                        self::NUMBER.
                        '|(?=[+-])'.
                        self::NUMBER.
                        '){0,5})\s*\)[\s,]*/',
                    $rest,
                    $found,
                ) !== 1
            ) {
                throw NotADrawing::transform($transform);
            }
            preg_match_all('/'.self::NUMBER.'/', $found[2], $numbers);
            $all = $all->of(self::named($found[1], array_map(floatval(...), $numbers[0]), $transform));
            $rest = substr($rest, strlen($found[0]));
        }

        return $all;
    }

    /** @param list<float> $n */
    private static function named(string $name, array $n, string $whole): self
    {
        $count = count($n);
        if ($name === 'rotate' && $count === 3) {
            return (new self(e: $n[1], f: $n[2]))->of(self::rotation($n[0]))->of(new self(e: -$n[1], f: -$n[2]));
        }

        return match (true) {
            $name === 'matrix' && $count === 6 => new self(...$n),
            $name === 'translate' && $count <= 2 => new self(e: $n[0], f: $n[1] ?? 0.0),
            $name === 'scale' && $count <= 2 => new self(a: $n[0], d: $n[1] ?? $n[0]),
            $name === 'rotate' && $count === 1 => self::rotation($n[0]),
            $name === 'skewX' && $count === 1 => new self(c: tan(deg2rad($n[0]))),
            $name === 'skewY' && $count === 1 => new self(b: tan(deg2rad($n[0]))),
            default => throw NotADrawing::transform($whole),
        };
    }

    private static function rotation(float $degrees): self
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return new self($cos, $sin, -$sin, $cos);
    }
}
