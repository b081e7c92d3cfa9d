<?php

declare(strict_types=1);

namespace Simulator;

use Hakama\Floor\Act;
use Hakama\Floor\Acts;
use Hakama\Floor\EventKind;
use Hakama\Floor\FramesNow;
use Hakama\Floor\HandTimes;
use Hakama\Floor\MachineNow;
use Hakama\Floor\Stage;

/**
 * A day of some machines and fewer hands, second by second: how long machines stand when hands do what the list says
 * first, and when they do what was wanted first.
 */
final class Day
{
    private const EACH_S = 5;

    /** @var list<array{stage: Stage, leftS: float, breakInS: float, ahead: int, pieces: int}> */
    private array $machines = [];

    /**
     * @param list<array{sewS: float, hoopS: float, pieces: int, breakS: list<float>}> $batches a machine each; seconds
     *     sewn between one break and the next, over and over
     */
    public function __construct(private readonly array $batches, private readonly HandTimes $times) {}

    /** From small marks to backs, drawn by chance: seed mt_rand before. */
    public static function byChance(int $machines, HandTimes $times): self
    {
        return new self(
            array_map(
                static fn(): array => [
                    'sewS' => (float) mt_rand(150, 1500),
                    'hoopS' => (float) mt_rand(60, 240),
                    'pieces' => 200,
                    'breakS' => array_map(static fn(): float => (float) mt_rand(300, 4000), range(1, 20)),
                ],
                range(1, $machines),
            ),
            $times,
        );
    }

    /**
     * @param bool $byList whether hands follow the list; else first come, first served
     *
     * @return float minutes that machines stood although there was something to sew, in all
     */
    public function stoodMin(int $hands, int $seconds, bool $byList): float
    {
        $this->machines = array_map(
            static fn(array $of): array => [
                'stage' => Stage::Ready,
                'leftS' => 0.0,
                'breakInS' => $of['breakS'][0],
                'ahead' => 0,
                'pieces' => $of['pieces'],
            ],
            $this->batches,
        );
        $stood = 0;
        $breaks = array_fill(0, count($this->batches), 0);
        /** @var array<int, array{float, int, Act}> $busy hand => until when, at which machine, with what */
        $busy = [];
        /** @var array<string, int> $since when a want arose */
        $since = [];
        for ($now = 0; $now < $seconds; $now += self::EACH_S) {
            foreach ($busy as $hand => [$until, $at, $act]) {
                if ($until <= $now) {
                    $this->done($at, $act);
                    unset($busy[$hand]);
                }
            }
            $acts = $this->wants(array_column($busy, 1));
            $wanted = [];
            foreach ($acts as $act) {
                $key = self::want($act);
                $wanted[$key] = $since[$key] ?? $now;
            }
            $since = $wanted;
            if (! $byList) {
                usort(
                    $acts,
                    static fn(Act $a, Act $b): int => $since[self::want($a)] <=> $since[self::want($b)],
                );
            }
            for ($hand = 0; $hand < $hands && $acts !== []; $hand++) {
                if (! isset($busy[$hand])) {
                    $act = array_shift($acts);
                    $at = (int) $act->machine;
                    // Hooping is left for what is more pressing after each piece.
                    $takesS = $act->isHooping ? $this->batches[$at]['hoopS'] : $act->takesS;
                    $busy[$hand] = [$now + $takesS, $at, $act];
                    $acts = array_values(array_filter($acts, static fn(Act $one): bool => (int) $one->machine !== $at));
                }
            }
            foreach ($this->machines as $i => $machine) {
                $stood += $machine['stage'] !== Stage::Sewing && $machine['pieces'] > 0 ? self::EACH_S : 0;
                $this->sew($i, $breaks);
            }
        }

        return $stood / 60;
    }

    /** @param array<int, int> $breaks */
    private function sew(int $i, array &$breaks): void
    {
        $machine = &$this->machines[$i];
        if ($machine['stage'] !== Stage::Sewing) {
            return;
        }
        $machine['leftS'] -= self::EACH_S;
        $machine['breakInS'] -= self::EACH_S;
        if ($machine['leftS'] <= 0) {
            $machine['pieces']--;
            $machine['stage'] = $machine['pieces'] > 0 ? Stage::Sewn : Stage::Finished;
        } elseif ($machine['breakInS'] <= 0) {
            $of = $this->batches[$i]['breakS'];
            $machine['breakInS'] = $of[++$breaks[$i] % count($of)];
            $machine['stage'] = Stage::Halted;
        }
    }

    private function done(int $at, Act $act): void
    {
        $machine = &$this->machines[$at];
        if ($act->isHooping) {
            $machine['ahead']++;
        } elseif ($machine['stage'] === Stage::Halted) {
            $machine['stage'] = Stage::Sewing;
        } elseif ($machine['ahead'] > 0) {
            $machine['ahead']--;
            $machine['stage'] = Stage::Sewing;
            $machine['leftS'] = $this->batches[$at]['sewS'];
        } else {
            // The load is off; nothing is hooped to put on.
            $machine['stage'] = Stage::Ready;
        }
    }

    /**
     * @param list<int> $tended machines at which a hand is
     *
     * @return list<Act>
     */
    private function wants(array $tended): array
    {
        $now = [];
        foreach ($this->machines as $i => $machine) {
            if (! in_array($i, $tended, true)) {
                $now[] = new MachineNow(
                    (string) $i,
                    $machine['stage'],
                    $machine['stage'] === Stage::Halted ? EventKind::ThreadBroke : null,
                    max(0.0, $machine['leftS']),
                    new FramesNow(
                        $machine['ahead'],
                        1,
                        $machine['pieces'] -
                            ($machine['stage'] === Stage::Sewing || $machine['stage'] === Stage::Halted ? 1 : 0),
                        2 - $machine['ahead'],
                        $this->batches[$i]['hoopS'],
                    ),
                    0.0,
                );
            }
        }

        return Acts::of($now, $this->times);
    }

    private static function want(Act $act): string
    {
        return serialize([$act->machine, $act->what]);
    }
}
