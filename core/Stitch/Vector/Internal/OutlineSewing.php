<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector\Internal;

use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Vector\Drawing;
use Hakama\Stitch\Vector\NotADrawing;
use Hakama\Stitch\Vector\VectorRules;

/**
 * Gathers the outlines of a drawing by colour, and sews them.
 *
 * @internal
 */
final class OutlineSewing
{
    private const TRIM_JUMPS = 3;

    /** @var list<array{string, list<list<array{float, float}>>}> colour and lines, mm */
    private array $blocks = [];
    /** @var array<string, true> */
    private array $leftOut = [];
    private int $lines = 0;
    private int $areas = 0;
    private bool $saysItsSize = true;

    public function __construct(private readonly VectorRules $rules, private readonly string $name) {}

    public function withoutSize(): void
    {
        $this->saysItsSize = false;
    }

    /**
     * @param array<string, string> $attributes
     *
     * @throws NotADrawing
     */
    public function take(string $element, array $attributes, ElementStyle $style): void
    {
        $colour = $style->sewnIn();
        if ($colour === null) {
            return;
        }
        $outline = new Outline($style->affine, $this->rules->flatMm, $this->rules->stitches);
        $n = static fn(string $key, float $else = 0.0): float => is_numeric($attributes[$key] ?? null)
            ? (float) $attributes[$key]
            : $else;
        switch ($element) {
            case 'path':
                PathData::read($attributes['d'] ?? '', $outline);
                break;
            case 'polyline':
            case 'polygon':
                $data = trim($attributes['points'] ?? '');
                PathData::read($data === '' ? '' : "M{$data}".($element === 'polygon' ? 'Z' : ''), $outline);
                break;
            case 'line':
                $outline->moveTo($n('x1'), $n('y1'));
                $outline->lineTo($n('x2'), $n('y2'));
                break;
            case 'rect':
                [$x, $y, $width, $height] = [$n('x'), $n('y'), $n('width'), $n('height')];
                PathData::read(sprintf('M%F %Fh%Fv%Fh%FZ', $x, $y, $width, $height, -$width), $outline);
                break;
            case 'circle':
            case 'ellipse':
                [$rx, $ry] = $element === 'circle' ? [$n('r'), $n('r')] : [$n('rx'), $n('ry')];
                if ($rx > 0 && $ry > 0) {
                    PathData::read(
                        sprintf(
                            'M%F %Fa%F %F 0 1 1 %F 0a%F %F 0 1 1 %F 0',
                            $n('cx') - $rx,
                            $n('cy'),
                            $rx,
                            $ry,
                            2 * $rx,
                            $rx,
                            $ry,
                            -2 * $rx,
                        ),
                        $outline,
                    );
                }
                break;
            default:
                $this->leftOut[$element] = true;

                return;
        }
        $lines = $outline->lines();
        if ($lines === []) {
            return;
        }
        $this->areas += $style->isFilled() && $element !== 'line' && $element !== 'polyline' ? 1 : 0;
        $this->lines += count($lines);
        if ($this->lines > $this->rules->lines) {
            throw NotADrawing::tooManyLines($this->rules->lines);
        }
        $last = count($this->blocks) - 1;
        if ($last >= 0 && $this->blocks[$last][0] === $colour) {
            array_push($this->blocks[$last][1], ...$lines);
        } else {
            $this->blocks[] = [$colour, $lines];
        }
    }

    /** @throws NotADrawing */
    public function drawing(): Drawing
    {
        [$midX, $midY] = $this->middle();
        $builder = new PatternBuilder($this->name);
        $colours = [];
        $stitches = 0;
        foreach ($this->blocks as [$colour, $lines]) {
            $inBlock = 0;
            foreach ($lines as $line) {
                $points = array_map(
                    static fn(array $p): array => [(int) round(10 * $p[0]) - $midX, (int) round(10 * $p[1]) - $midY],
                    $line,
                );
                if (count(array_unique($points, SORT_REGULAR)) < 2 && count($points) > 1) {
                    continue; // shorter than a tape can say
                }
                if ($inBlock === 0 && $stitches > 0) {
                    $builder->stop();
                }
                $inBlock += $this->sew($builder, $points, $stitches + $inBlock > 0);
                if ($stitches + $inBlock > $this->rules->stitches) {
                    throw NotADrawing::tooMany($this->rules->stitches);
                }
            }
            if ($inBlock > 0) {
                $colours[] = $colour;
                $stitches += $inBlock;
            }
        }

        return $stitches > 0
            ? new Drawing(
                $builder->pattern(),
                $colours,
                array_keys($this->leftOut),
                $this->areas,
                $this->saysItsSize,
            )
            : throw NotADrawing::nothing();
    }

    /** @return array{int, int} of everything drawn, 0.1 mm */
    private function middle(): array
    {
        $minX = $minY = INF;
        $maxX = $maxY = -INF;
        foreach ($this->blocks as [, $lines]) {
            foreach ($lines as $line) {
                foreach ($line as [$x, $y]) {
                    [$minX, $maxX, $minY, $maxY] = [min($minX, $x), max($maxX, $x), min($minY, $y), max($maxY, $y)];
                }
            }
        }
        if ($this->blocks === []) {
            throw NotADrawing::nothing();
        }
        if (! is_finite($minX + $maxX + $minY + $maxY) || max($maxX - $minX, $maxY - $minY) > $this->rules->reachMm) {
            throw NotADrawing::tooWide($this->rules->reachMm);
        }
        if (max(abs($minX), abs($maxX), abs($minY), abs($maxY)) > 1e9) {
            throw NotADrawing::tooWide($this->rules->reachMm);
        }

        return [(int) round(5 * ($minX + $maxX)), (int) round(5 * ($minY + $maxY))];
    }

    /**
     * @param list<array{int, int}> $points
     *
     * @return int stitches sewn
     */
    private function sew(PatternBuilder $builder, array $points, bool $cut): int
    {
        [$x, $y] = $points[0];
        $builder->travelTo($x, $y, $cut ? self::TRIM_JUMPS : 1);
        $stitches = 0;
        foreach (array_slice($points, 1) as [$toX, $toY]) {
            [$fromX, $fromY] = [$builder->x(), $builder->y()];
            $length = hypot($toX - $fromX, $toY - $fromY);
            if ($length < 1) {
                continue;
            }
            $parts = max(1, (int) ceil($length / (10 * $this->rules->stitchMm) - 1e-9));
            for ($part = 1; $part <= $parts; $part++) {
                $builder->stitchTo(
                    (int) round($fromX + (($toX - $fromX) * $part) / $parts),
                    (int) round($fromY + (($toY - $fromY) * $part) / $parts),
                );
            }
            $stitches += $parts;
        }

        return $stitches;
    }
}
