<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\Act;
use Hakama\Floor\ActRefused;
use Hakama\Floor\Acts;
use Hakama\Floor\CheckRules;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\FramesNow;
use Hakama\Floor\HandTimes;
use Hakama\Floor\MachineNow;
use Hakama\Floor\OutOfTurn;
use Hakama\Floor\PieceState;
use Hakama\Floor\ReplayedBatch;
use Hakama\Floor\SpoilCause;
use Hakama\Floor\Stage;
use Hakama\House\HouseRules;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class FinishTest extends TestCase
{
    #[Test]
    public function a_rejected_piece_waits_again_once_and_counts_as_spoiled(): void
    {
        $events = [
            self::event(EventKind::PreflightDone, []),
            self::event(EventKind::LoadStarted, [1]),
            self::event(EventKind::Sewn, [1]),
            self::event(EventKind::PieceDone, [1]),
        ];
        $done = ReplayedBatch::of([1], $events);
        self::assertSame(Stage::Finished, $done->run->stage);
        $reject = self::event(EventKind::PieceRejected, [1]);
        $after = ReplayedBatch::of([1], [...$events, $reject, $reject]);
        self::assertSame([Stage::Ready, 0, 1], [$after->run->stage, $after->run->done, $after->run->spoiled]);
        self::assertSame([1 => PieceState::Waiting], $after->states);
        $this->expectException(OutOfTurn::class);
        ReplayedBatch::of([1], [...$events, $reject, self::event(EventKind::PieceRejected, [1])]);
    }

    #[Test]
    public function which_pieces_another_looks_at(): void
    {
        $looked = static fn(string $school, int $from = 0, ?int $worth = null): array => array_values(
            array_filter(
                range(1, 12),
                static fn(int $n): bool => (new CheckRules($school, 5, $from))->wants($n, $worth),
            ),
        );
        self::assertSame([], $looked('sewer'));
        self::assertSame([1], $looked('first'));
        self::assertSame([1, 6, 11], $looked('one_in'));
        self::assertSame(range(1, 12), $looked('always'));
        self::assertSame(range(1, 12), $looked('sewer', 5_000, 5_000));
        self::assertSame([], $looked('sewer', 5_000, 4_999));
        self::assertSame([], $looked('sewer', 5_000));
    }

    #[Test]
    public function a_piece_goes_from_finish_to_check_and_back_and_is_in_one_state(): void
    {
        self::assertSame(FinishState::Passed, FinishState::ToFinish->finished(false));
        self::assertSame(FinishState::ToCheck, FinishState::ToFinish->finished(true));
        self::assertSame(FinishState::Passed, FinishState::ToCheck->checked(true, 'Odo', 'Ilse', true));
        self::assertSame(FinishState::Rework, FinishState::ToCheck->checked(false, 'Odo', 'Ilse', true));
        self::assertSame(FinishState::ToCheck, FinishState::Rework->finished(false));
        self::assertSame(FinishState::Passed, FinishState::ToCheck->checked(true, 'Ilse', 'Ilse', false));
        mt_srand(3);
        for ($day = 0; $day < 500; $day++) {
            $state = FinishState::ToFinish;
            for ($i = 0; $i < 12; $i++) {
                $before = $state;
                try {
                    $state =
                        mt_rand(0, 1) === 0
                            ? $state->finished(mt_rand(0, 1) === 1)
                            : $state->checked(mt_rand(0, 1) === 1, ['Ilse', 'Odo'][mt_rand(0, 1)], 'Ilse', true);
                    self::assertNotSame(FinishState::Passed, $before, 'what has passed stays so');
                } catch (ActRefused) {
                    self::assertSame($before, $state);
                }
            }
        }
    }

    #[Test]
    public function nobody_looks_at_their_own_work_where_another_is_wanted(): void
    {
        self::assertTrue((new CheckRules('always', 5, 0))->byAnother());
        self::assertFalse((new CheckRules('sewer', 5, 0))->byAnother());
        self::assertStringContainsString(
            'Ilse sewed it',
            Said::refusalOf(fn(): mixed => FinishState::ToCheck->checked(true, 'Ilse', 'Ilse', true)),
        );
    }

    #[Test]
    public function what_keeps_machines_sewing_comes_first(): void
    {
        $now = static fn(
            string $m,
            Stage $stage,
            float $left = 0,
            int $ahead = 0,
            float $late = 0,
            int $free = 9,
        ): MachineNow => new MachineNow(
            $m,
            $stage,
            $stage === Stage::Halted ? EventKind::ThreadBroke : null,
            $left,
            new FramesNow($ahead, 2, 10, $free, 90.0),
            $late,
        );
        $order = static fn(MachineNow ...$machines): array => array_map(
            static fn(Act $act): string => $act->machine,
            Acts::of(array_values($machines), HandTimes::of(HouseRules::of())),
        );
        // A machine that stands comes before one that will; of two that stand, the one behind its promise.
        self::assertSame(
            ['late', 'stands', 'soon', 'later'],
            $order(
                $now('later', Stage::Sewing, 900),
                $now('stands', Stage::Sewn),
                $now('soon', Stage::Sewing, 200),
                $now('late', Stage::Halted, late: 40),
            ),
        );
        // Hooped ahead, or no frame free: nothing is wanted of anybody.
        self::assertSame(
            [],
            $order(
                $now('a', Stage::Sewing, 300, 2),
                $now('b', Stage::Sewing, 300, 0, 0, 0),
                $now('c', Stage::Finished),
            ),
        );
        // Two more to hoop at 90 s each, four minutes left: a minute of slack.
        $act = Acts::of([$now('a', Stage::Sewing, 240)], HandTimes::of(HouseRules::of()))[0];
        self::assertSame(['hoop 2 more', 60.0], [Said::of($act->what), $act->slackS]);
        self::assertStringContainsString('ends in 4 min, hooping 2 takes 3 min', Said::of($act->because));
    }

    /** @param list<int> $pieces */
    private static function event(EventKind $kind, array $pieces): Event
    {
        static $n = 0;

        return new Event(
            'e'.++$n,
            $kind,
            1,
            1,
            10,
            5.0,
            $pieces,
            $kind === EventKind::PieceRejected ? SpoilCause::Puckering : null,
        );
    }

    #[Test]
    public function a_batch_whose_first_piece_is_looked_at_waits_until_one_has_passed(): void
    {
        $rules = CheckRules::of(HouseRules::of([], ['first_off' => 'looked_at']));
        self::assertSame([true, false], [$rules->wants(1, null), $rules->wants(2, null)]);
        self::assertTrue($rules->byAnother());
        self::assertSame(
            [false, true, true, false, false],
            [$rules->holds(0, 0), $rules->holds(1, 0), $rules->holds(5, 0), $rules->holds(1, 1), $rules->holds(9, 2)],
        );
        self::assertFalse(CheckRules::of(HouseRules::of())->holds(1, 0));
    }

    #[Test]
    public function the_first_that_passes_comes_with_a_picture_where_the_house_wants_one(): void
    {
        $rules = CheckRules::of(HouseRules::of([], ['first_off' => 'with_picture']));
        self::assertSame([true, false, false], array_map($rules->wantsPicture(...), [0, 1, 40]));
        self::assertTrue($rules->holds(1, 0), 'and it is looked at');
        self::assertFalse(CheckRules::of(HouseRules::of([], ['first_off' => 'looked_at']))->wantsPicture(0));
    }
}
