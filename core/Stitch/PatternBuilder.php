<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** Writes a pattern record by record. Places are absolute, in tenths of a millimetre. */
final class PatternBuilder
{
    private string $xs = '';
    private string $ys = '';
    private string $kinds = '';
    private int $x = 0;
    private int $y = 0;

    public function __construct(private readonly string $name) {}

    public function stitchTo(int $x, int $y): self
    {
        return $this->add($x, $y, RecordKind::Stitch);
    }

    public function jumpTo(int $x, int $y): self
    {
        return $this->add($x, $y, RecordKind::Jump);
    }

    /** A thread cut on the way to (x, y): written as the given number of jumps, which is how a tape says it. */
    public function trimTo(int $x, int $y, int $jumps = 3): self
    {
        $fromX = $this->x;
        $fromY = $this->y;
        for ($i = 1; $i <= $jumps; $i++) {
            $this->jumpTo(
                $fromX + (int) round((($x - $fromX) * $i) / $jumps),
                $fromY + (int) round((($y - $fromY) * $i) / $jumps),
            );
        }

        return $this;
    }

    /**
     * The way to (x, y) without sewing, in at least so many jumps, and in more where one record does not
     * reach; nothing when the frame stands there already.
     */
    public function travelTo(int $x, int $y, int $jumps): self
    {
        $furthest = max(abs($x - $this->x), abs($y - $this->y));

        return $furthest === 0
            ? $this
            : $this->trimTo($x, $y, max($jumps, (int) ceil($furthest / RecordKind::REACH)));
    }

    /** A halt of the machine where it stands: a colour change, or a programmed stop. */
    public function stop(): self
    {
        return $this->add($this->x, $this->y, RecordKind::Stop);
    }

    /** All records of a pattern as they are; the first one moves from where the last one ended. */
    public function append(Pattern $records): self
    {
        [$xs, $ys, $kinds] = $records->packed();
        $this->xs .= $xs;
        $this->ys .= $ys;
        $this->kinds .= $kinds;
        [$this->x, $this->y] = $records->before(count($records));

        return $this;
    }

    public function x(): int
    {
        return $this->x;
    }

    public function y(): int
    {
        return $this->y;
    }

    public function pattern(): Pattern
    {
        return Pattern::ofPacked($this->name, $this->xs, $this->ys, $this->kinds);
    }

    private function add(int $x, int $y, RecordKind $kind): self
    {
        $this->x = $x;
        $this->y = $y;
        $this->xs .= pack('l', $x);
        $this->ys .= pack('l', $y);
        $this->kinds .= chr($kind->value);

        return $this;
    }
}
