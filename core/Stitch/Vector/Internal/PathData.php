<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector\Internal;

use Hakama\Stitch\Vector\NotADrawing;

/**
 * Reads the data of a path element into an outline: moves, lines, cubic and quadratic curves and their
 * smooth forms, arcs, closing.
 *
 * @internal
 */
final class PathData
{
    private const NUMBER = '/\G[\s,]*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d{1,3})?)/';
    private const FLAG = '/\G[\s,]*([01])/';
    private const TAKES = [
        'M' => 2,
        'L' => 2,
        'H' => 1,
        'V' => 1,
        'C' => 6,
        'S' => 4,
        'Q' => 4,
        'T' => 2,
        'A' => 7,
        'Z' => 0,
    ];

    private float $x = 0.0;
    private float $y = 0.0;
    private float $startX = 0.0;
    private float $startY = 0.0;
    /** @var array{float, float}|null the last control point, for the smooth forms */
    private ?array $control = null;
    private string $before = '';

    private function __construct(
        private readonly string $data,
        private readonly Outline $outline,
        private int $at = 0,
    ) {}

    /** @throws NotADrawing */
    public static function read(string $data, Outline $outline): void
    {
        (new self($data, $outline))->run();
    }

    private function run(): void
    {
        $command = '';
        while (true) {
            $this->at += strspn($this->data, " \t\r\n,", $this->at);
            $letter = $this->data[$this->at] ?? '';
            if ($letter === '') {
                return;
            }
            if (isset(self::TAKES[strtoupper($letter)]) && $letter !== 'e' && $letter !== 'E') {
                $command = $letter;
                $this->at++;
            } elseif ($command === '' || strtoupper($command) === 'Z') {
                $this->fail();
            }
            if ($this->before === '' && strtoupper($command) !== 'M') {
                $this->fail();
            }
            $this->obey($command, $this->numbers(strtoupper($command)));
            $this->before = strtoupper($command);
            // Further pairs after a move are lines.
            $command = ['M' => 'L', 'm' => 'l'][$command] ?? $command;
        }
    }

    /** @return list<float> */
    private function numbers(string $command): array
    {
        $numbers = [];
        for ($i = 0; $i < self::TAKES[$command]; $i++) {
            // The two flags of an arc may stand without a space before the next number.
            $pattern = $command === 'A' && ($i === 3 || $i === 4) ? self::FLAG : self::NUMBER;
            if (preg_match($pattern, $this->data, $found, 0, $this->at) !== 1) {
                $this->fail();
            }
            $this->at += strlen($found[0]);
            $numbers[] = (float) $found[1];
        }

        return $numbers;
    }

    /** @param list<float> $n */
    private function obey(string $letter, array $n): void
    {
        $command = strtoupper($letter);
        [$dx, $dy] = $letter === $command ? [0.0, 0.0] : [$this->x, $this->y];
        if ($command === 'Z') {
            $this->outline->lineTo($this->startX, $this->startY);
            $this->outline->moveTo($this->startX, $this->startY);
            [$this->x, $this->y, $this->control] = [$this->startX, $this->startY, null];

            return;
        }
        $to = match ($command) {
            'H' => [$n[0] + $dx, $this->y],
            'V' => [$this->x, $n[0] + $dy],
            default => [$n[count($n) - 2] + $dx, $n[count($n) - 1] + $dy],
        };
        $control = null;
        switch ($command) {
            case 'M':
                $this->outline->moveTo(...$to);
                [$this->startX, $this->startY] = $to;
                break;
            case 'C':
            case 'S':
                $first = $command === 'C' ? [$n[0] + $dx, $n[1] + $dy] : $this->mirrored(['C', 'S']);
                $control = $command === 'C' ? [$n[2] + $dx, $n[3] + $dy] : [$n[0] + $dx, $n[1] + $dy];
                $this->outline->curveTo($first[0], $first[1], $control[0], $control[1], $to[0], $to[1]);
                break;
            case 'Q':
            case 'T':
                $control = $command === 'Q' ? [$n[0] + $dx, $n[1] + $dy] : $this->mirrored(['Q', 'T']);
                // A quadratic curve is the cubic one with both control points two thirds of the way.
                $this->outline->curveTo(
                    $this->x + (2 / 3) * ($control[0] - $this->x),
                    $this->y + (2 / 3) * ($control[1] - $this->y),
                    $to[0] + (2 / 3) * ($control[0] - $to[0]),
                    $to[1] + (2 / 3) * ($control[1] - $to[1]),
                    $to[0],
                    $to[1],
                );
                break;
            case 'A':
                $this->arc($n[0], $n[1], $n[2], $n[3] === 1.0, $n[4] === 1.0, $to[0], $to[1]);
                break;
            default:
                $this->outline->lineTo(...$to);
        }
        [$this->x, $this->y, $this->control] = [$to[0], $to[1], $control];
    }

    /**
     * @param list<string> $after
     *
     * @return array{float, float} the last control point, mirrored at where the pen is
     */
    private function mirrored(array $after): array
    {
        return $this->control !== null && in_array($this->before, $after, true)
            ? [2 * $this->x - $this->control[0], 2 * $this->y - $this->control[1]]
            : [$this->x, $this->y];
    }

    /** By way of its middle and angles, as the SVG standard's appendix on elliptical arcs gives them. */
    private function arc(float $rx, float $ry, float $degrees, bool $large, bool $sweep, float $x, float $y): void
    {
        [$rx, $ry] = [abs($rx), abs($ry)];
        if ($rx < 1e-9 || $ry < 1e-9 || ($x === $this->x && $y === $this->y)) {
            $this->outline->lineTo($x, $y);

            return;
        }
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $halfX = ($cos * ($this->x - $x)) / 2 + ($sin * ($this->y - $y)) / 2;
        $halfY = (-$sin * ($this->x - $x)) / 2 + ($cos * ($this->y - $y)) / 2;
        $grow = max(1.0, sqrt(($halfX / $rx) ** 2 + ($halfY / $ry) ** 2));
        [$rx, $ry] = [$rx * $grow, $ry * $grow];
        $below = ($rx * $halfY) ** 2 + ($ry * $halfX) ** 2;
        $root = ($large === $sweep ? -1 : 1) * sqrt(max(0.0, ($rx * $ry) ** 2 - $below) / max($below, 1e-300));
        [$midX, $midY] = [($root * $rx * $halfY) / $ry, (-$root * $ry * $halfX) / $rx];
        $from = atan2(($halfY - $midY) / $ry, ($halfX - $midX) / $rx);
        $turn = atan2((-$halfY - $midY) / $ry, (-$halfX - $midX) / $rx) - $from;
        $turn += $sweep && $turn < 0 ? 2 * M_PI : (! $sweep && $turn > 0 ? -2 * M_PI : 0);
        $centreX = $cos * $midX - $sin * $midY + ($this->x + $x) / 2;
        $centreY = $sin * $midX + $cos * $midY + ($this->y + $y) / 2;
        $at = static fn(float $px, float $py): array => [
            $centreX + $cos * $rx * $px - $sin * $ry * $py,
            $centreY + $sin * $rx * $px + $cos * $ry * $py,
        ];
        $parts = max(1, (int) ceil(abs($turn) / (M_PI / 4)));
        $pull = (4 / 3) * tan($turn / $parts / 4);
        for ($i = 0; $i < $parts; $i++) {
            [$t1, $t2] = [$from + ($turn * $i) / $parts, $from + ($turn * ($i + 1)) / $parts];
            $this->outline->curveTo(
                ...$at(cos($t1) - $pull * sin($t1), sin($t1) + $pull * cos($t1)),
                ...$at(cos($t2) + $pull * sin($t2), sin($t2) - $pull * cos($t2)),
                ...$i === $parts - 1 ? [$x, $y] : $at(cos($t2), sin($t2)),
            );
        }
    }

    private function fail(): never
    {
        throw NotADrawing::path(substr($this->data, $this->at, 24));
    }
}
