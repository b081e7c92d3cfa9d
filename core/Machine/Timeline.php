<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;

/**
 * When each stitch of a load is sewn, seconds from its start, on a run that nothing disturbs: the run time stitch by
 * stitch. It ends where `RunTime` without halts and breaks does.
 */
final class Timeline
{
    private const PER_STEP = 8192;

    private float $clock;

    private function __construct(
        private readonly Pattern $pattern,
        private readonly float $setSpm,
        private readonly SpeedCurve $curve,
        private readonly RunTimeRules $rules,
        private readonly int $trimJumps,
    ) {
        $this->clock = $rules->rampS;
    }

    /** @param int $trimJumps so many jumps in a row are a trim */
    public static function of(
        Pattern $pattern,
        float $setSpm,
        SpeedCurve $curve,
        RunTimeRules $rules,
        int $trimJumps,
    ): self {
        return new self($pattern, $setSpm, $curve, $rules, $trimJumps);
    }

    /** @return list<float> one per stitch */
    public function sewnAt(): array
    {
        $times = [];
        foreach ($this->steps() as $step) {
            $times = [...$times, ...$step];
        }

        return $times;
    }

    /**
     * For a page: the seconds of the whole run as a double, then for each stitch the milliseconds since the one before,
     * 32 bits each, little end first. Rounded so that nothing adds up.
     */
    public function packed(): string
    {
        $bytes = '';
        $before = 0;
        foreach ($this->steps() as $step) {
            $ms = [];
            foreach ($step as $seconds) {
                $now = (int) round(1000 * $seconds);
                $ms[] = $now - $before;
                $before = $now;
            }
            $bytes .= pack('V*', ...$ms);
        }

        return pack('e', $this->clock).$bytes;
    }

    /** @return iterable<list<float>> */
    private function steps(): iterable
    {
        $rules = $this->rules;
        $this->clock = $rules->rampS;
        $stopsS = 0.0;
        $x = $y = $jumps = 0;
        $sewn = false;
        $secondsAt = $times = [];
        foreach ($this->pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                [$dx, $dy] = [$chunk->xs[$i] - $x, $chunk->ys[$i] - $y];
                [$x, $y] = [$chunk->xs[$i], $chunk->ys[$i]];
                if ($kind === RecordKind::Stitch->value) {
                    $square = $dx * $dx + $dy * $dy;
                    $secondsAt[$square] ??= 60 / min($this->setSpm, $this->curve->spmAt(sqrt($square) / 10));
                    $times[] = $this->clock += $stopsS + $secondsAt[$square];
                    $stopsS = 0.0;
                    $jumps = 0;
                    $sewn = true;
                } elseif ($kind === RecordKind::Stop->value) {
                    // A stop before the first stitch or after the last is no colour change.
                    $stopsS += $sewn ? $rules->aChangeS() : 0.0;
                    $jumps = 0;
                } elseif (++$jumps === $this->trimJumps && $sewn) {
                    $this->clock += $rules->trimS + $rules->rampS;
                }
            }
            if (count($times) >= self::PER_STEP) {
                yield $times;
                $times = [];
            }
        }
        yield $times;
    }
}
