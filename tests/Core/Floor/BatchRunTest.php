<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Books\Entry;
use Hakama\Books\Sum;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind as K;
use Hakama\Floor\OutOfTurn;
use Hakama\Floor\SpoilCause;
use Hakama\Floor\Stage;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class BatchRunTest extends TestCase
{
    private int $next = 0;

    #[Test]
    public function a_batch_goes_from_preflight_to_counted_pieces(): void
    {
        $run = BatchRun::start([1, 2, 3]);
        self::assertSame(Stage::Preflight, $run->stage);
        $run = $run->after($this->event(K::PreflightDone));
        self::assertSame([1, 2], $run->nextLoad(2));
        $run = $run->after($this->event(K::LoadStarted, [1, 2]));
        self::assertSame([Stage::Sewing, 1, [3]], [$run->stage, $run->load, $run->waiting()]);
        $run = $run->after($this->event(K::Sewn, [1, 2], stitch: 500));
        $run = $run->after($this->event(K::PieceDone, [1, 2]));
        self::assertSame([Stage::Ready, [1, 2]], [$run->stage, $run->done]);
        $run = $run
            ->after($this->event(K::LoadStarted, [3]))
            ->after($this->event(K::Sewn, [3]))
            ->after($this->event(K::PieceDone, [3]));
        self::assertSame([Stage::Finished, [1, 2, 3], 2], [$run->stage, $run->done, $run->load]);
    }

    #[Test]
    public function a_break_halts_at_its_stitch_and_going_on_forgets_nothing(): void
    {
        $run = $this->sewing([1])->after($this->event(K::ThreadBroke, stitch: 321));
        self::assertSame([Stage::Halted, 321, K::ThreadBroke], [$run->stage, $run->stitch, $run->haltedBy]);
        $run = $run->after($this->event(K::Resumed));
        self::assertSame([Stage::Sewing, 321, null], [$run->stage, $run->stitch, $run->haltedBy]);
    }

    #[Test]
    public function a_halt_for_a_hand_waits_until_someone_goes_on(): void
    {
        $run = $this->sewing([1])->after($this->event(K::HandStop, stitch: 82));
        self::assertSame([Stage::Halted, 82, K::HandStop], [$run->stage, $run->stitch, $run->haltedBy]);
        self::assertTrue(K::HandStop->halts());
        $run = $run->after($this->event(K::Resumed))->after($this->event(K::HandStop, stitch: 164));
        self::assertSame([Stage::Halted, 164], [$run->stage, $run->stitch]);
        $this->expectException(\Hakama\Floor\OutOfTurn::class);
        $run->after($this->event(K::Sewn, [1]));
    }

    #[Test]
    public function the_same_event_sent_twice_counts_once(): void
    {
        $done = $this->event(K::PieceDone, [1]);
        $run = $this->sewing([1])
            ->after($this->event(K::Sewn, [1]))
            ->after($done);
        $again = $run->after($done);

        self::assertSame($run, $again);
        self::assertSame([1], $again->done);
    }

    #[Test]
    public function a_spoiled_piece_waits_to_be_sewn_again_on_a_spare(): void
    {
        $run = $this->sewing([1, 2])->after($this->event(K::PieceSpoiled, [2], cause: SpoilCause::FrameStruck));
        self::assertSame([Stage::Sewing, [1], [2]], [$run->stage, $run->onFrame, $run->waiting()]);
        $run = $run->after($this->event(K::PieceSpoiled, [1], cause: SpoilCause::Puckering));
        self::assertSame([Stage::Ready, [1, 2]], [$run->stage, $run->waiting()]);
        self::assertSame(
            [SpoilCause::FrameStruck, SpoilCause::Puckering],
            array_map(static fn(Event $e): ?SpoilCause => $e->cause, $run->spoils),
        );
    }

    #[Test]
    public function hooped_pieces_go_on_the_machine_first(): void
    {
        $run = BatchRun::start([1, 2, 3])
            ->after($this->event(K::PreflightDone))
            ->after($this->event(K::PieceHooped, [3]));

        self::assertSame([3, 1], $run->nextLoad(2));
        self::assertSame([], $run->after($this->event(K::LoadStarted, [3, 1]))->hooped);
    }

    #[Test]
    public function what_cannot_follow_is_refused_and_says_why(): void
    {
        $refused = [
            [BatchRun::start([1]), $this->event(K::LoadStarted, [1]), 'the preflight list is still open'],
            [$this->sewing([1]), $this->event(K::PieceDone, [1]), 'the machine is sewing'],
            [$this->sewing([1]), $this->event(K::Resumed), 'the machine is sewing'],
            [
                $this->sewing([1])->after($this->event(K::Stopped)),
                $this->event(K::Sewn, [1]),
                'the machine is halted',
            ],
            [
                $this->sewing([1])->after($this->event(K::Sewn, [1])),
                $this->event(K::ThreadBroke),
                'waits to be taken off',
            ],
            [$this->sewing([1]), $this->event(K::PieceSpoiled, [9]), 'Piece 9 is not in this load'],
        ];
        foreach ($refused as [$run, $event, $why]) {
            try {
                $run->after($event);
                self::fail("{$event->kind->value} was taken");
            } catch (OutOfTurn $e) {
                self::assertStringContainsString($why, $e->getMessage());
            }
        }
    }

    #[Test]
    public function the_same_events_always_give_the_same_run(): void
    {
        $events = [
            $this->event(K::PreflightDone),
            $this->event(K::LoadStarted, [1]),
            $this->event(K::ThreadBroke, stitch: 5),
            $this->event(K::Resumed),
            $this->event(K::Sewn, [1], 9),
            $this->event(K::PieceDone, [1]),
        ];

        self::assertEquals(BatchRun::of([1, 2], $events), BatchRun::of([1, 2], [...$events, ...$events]));
    }

    #[Test]
    public function entries_of_the_books_are_added_up_with_their_causes(): void
    {
        $sum = Sum::of('2026-03-04', '', '', [
            new Entry('2026-03-04', 'M1', '7', 1000, 2, ['puckering' => 1], 600, 660),
            new Entry('2026-03-04', 'M2', '8', 500, 1, ['puckering' => 1, 'off_place' => 3], 400, 440),
        ]);

        self::assertSame(
            [1500, 3, 5, ['off_place' => 3, 'puckering' => 2]],
            [$sum->stitches, $sum->done, $sum->spoiledPieces(), $sum->spoiled],
        );
        self::assertEqualsWithDelta(1.1, $sum->overPlan(), 1e-9);
        self::assertNull(Sum::of('', '', '', [])->overPlan());
    }

    /** @param list<int> $load */
    private function sewing(array $load): BatchRun
    {
        return BatchRun::start($load)
            ->after($this->event(K::PreflightDone))
            ->after($this->event(K::LoadStarted, $load));
    }

    /** @param list<int> $pieces */
    private function event(K $kind, array $pieces = [], int $stitch = 0, ?SpoilCause $cause = null): Event
    {
        return new Event('e'.++$this->next, $kind, 1, 0, $stitch, 0.0, $pieces, $cause);
    }
}
