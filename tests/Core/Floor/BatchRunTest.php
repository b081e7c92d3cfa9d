<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Books\Entry;
use Hakama\Books\Sum;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind as K;
use Hakama\Floor\OutOfTurn;
use Hakama\Floor\PieceState;
use Hakama\Floor\ReplayedBatch;
use Hakama\Floor\SpoilCause;
use Hakama\Floor\Stage;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class BatchRunTest extends TestCase
{
    private int $next = 0;
    /** @var list<Event> */
    private array $recorded = [];

    #[Test]
    public function a_batch_goes_from_preflight_to_counted_pieces(): void
    {
        $events = [];
        $fold = function (K $kind, array $pieces = [], int $stitch = 0) use (&$events): ReplayedBatch {
            $events[] = $this->event($kind, $pieces, $stitch);

            return ReplayedBatch::of([1, 2, 3], $events);
        };
        self::assertSame(Stage::Preflight, ReplayedBatch::of([1, 2, 3], [])->run->stage);
        $folded = $fold(K::PreflightDone);
        self::assertSame([1, 2], $folded->run->nextLoad($folded->waiting(), 2));
        $folded = $fold(K::LoadStarted, [1, 2]);
        self::assertSame(
            [Stage::Sewing, 1, [3], 1],
            [$folded->run->stage, $folded->run->load->number, $folded->waiting(), $folded->run->waiting()],
        );
        $fold(K::Sewn, [1, 2], 500);
        $folded = $fold(K::PieceDone, [1, 2]);
        self::assertSame([Stage::Ready, 2, 1], [$folded->run->stage, $folded->run->done, $folded->run->waiting()]);
        $fold(K::LoadStarted, [3]);
        $fold(K::Sewn, [3]);
        $folded = $fold(K::PieceDone, [3]);
        self::assertSame(
            [Stage::Finished, 3, 2],
            [$folded->run->stage, $folded->run->done, $folded->run->load->number],
        );
        self::assertSame(array_fill_keys([1, 2, 3], PieceState::Done), $folded->states);
    }

    #[Test]
    public function a_replay_goes_on_from_any_event_and_stops_before_the_first_that_does_not_fit(): void
    {
        $events = [
            $this->event(K::PreflightDone),
            $this->event(K::LoadStarted, [1, 2]),
            $this->event(K::Sewn, [1, 2]),
            $this->event(K::PieceSpoiled, [1]),
            $this->event(K::PieceDone, [2]),
        ];
        $whole = ReplayedBatch::of([1, 2], $events);
        self::assertSame([1 => PieceState::Waiting, 2 => PieceState::Done], $whole->states);
        for ($at = 0; $at <= count($events); $at++) {
            $before = ReplayedBatch::of([1, 2], array_slice($events, 0, $at));
            $after = ReplayedBatch::from($before->run, $before->states, array_slice($events, $at));
            self::assertTrue($whole->run->equals($after->run), "gone on from {$at}");
            self::assertSame($whole->states, $after->states);
            self::assertSame([count($events) - $at, null], [$after->fitted, $after->misfit]);
        }
        // Told twice as sewn, by two: what came before it stands, what came after it is not looked at.
        $twice = [...array_slice($events, 0, 3), $this->event(K::Sewn, [1, 2]), ...array_slice($events, 3)];
        $stopped = ReplayedBatch::from(ReplayedBatch::of([1, 2], [])->run, [], $twice);
        self::assertSame(3, $stopped->fitted);
        self::assertSame($twice[3]->id, $stopped->misfit?->event);
        self::assertTrue(ReplayedBatch::of([1, 2], array_slice($events, 0, 3))->run->equals($stopped->run));
    }

    #[Test]
    public function what_was_counted_by_mistake_waits_again_and_a_finished_batch_is_open_again(): void
    {
        $events = [
            $this->event(K::PreflightDone),
            $this->event(K::LoadStarted, [1, 2]),
            $this->event(K::Sewn, [1, 2]),
            $this->event(K::PieceDone, [1, 2]),
        ];
        self::assertSame(Stage::Finished, ReplayedBatch::of([1, 2], $events)->run->stage);
        $events[] = $this->event(K::PieceReturned, [2]);
        $folded = ReplayedBatch::of([1, 2], $events);
        self::assertSame([Stage::Ready, 1, 1], [$folded->run->stage, $folded->run->done, $folded->run->waiting()]);
        self::assertSame([1 => PieceState::Done, 2 => PieceState::Waiting], $folded->states);
        $this->expectException(OutOfTurn::class);
        ReplayedBatch::of([1, 2], [...$events, $this->event(K::PieceReturned, [2])]);
    }

    #[Test]
    public function what_was_not_spoiled_is_taken_off_the_count_of_spoiled_ones_once(): void
    {
        $events = [
            $this->event(K::PreflightDone),
            $this->event(K::LoadStarted, [1]),
            $this->event(K::PieceSpoiled, [1]),
            $this->event(K::SpoilWithdrawn, [1]),
        ];
        self::assertSame(0, ReplayedBatch::of([1], $events)->run->spoiled);
        $this->expectException(OutOfTurn::class);
        ReplayedBatch::of([1], [...$events, $this->event(K::SpoilWithdrawn, [1])]);
    }

    #[Test]
    public function every_touch_that_is_offered_leads_where_it_says(): void
    {
        $to = [
            Stage::Ready->value => [$this->event(K::PreflightDone)],
            Stage::Sewing->value => [$this->event(K::PreflightDone), $this->event(K::LoadStarted, [1])],
            Stage::Halted->value => [
                $this->event(K::PreflightDone),
                $this->event(K::LoadStarted, [1]),
                $this->event(K::Stopped),
            ],
            Stage::Sewn->value => [
                $this->event(K::PreflightDone),
                $this->event(K::LoadStarted, [1]),
                $this->event(K::Sewn, [1]),
            ],
        ];
        foreach ($to as $stage => $events) {
            $touches = Stage::from($stage)->touches(true);
            self::assertNotSame([], $touches);
            foreach ($touches as [$kind, $leads]) {
                $pieces = in_array($kind, [K::LoadStarted, K::Sewn, K::PieceDone], true) ? [1] : [];
                $run = ReplayedBatch::of([1, 2], [...$events, $this->event($kind, $pieces)])->run;
                self::assertSame($leads, $run->stage, "{$kind->value} when {$stage}");
            }
        }
        $kinds = array_column(Stage::Sewing->touches(false), 0);
        self::assertNotContains(K::Sewn, $kinds, 'where a controller tells it, no hand does');
    }

    #[Test]
    public function a_break_halts_at_its_stitch_and_going_on_forgets_nothing(): void
    {
        $run = $this->sewing([1], $this->event(K::ThreadBroke, stitch: 321))->run;
        self::assertSame([Stage::Halted, 321, K::ThreadBroke], self::halt($run));
        $run = $run->after($this->event(K::Resumed), []);
        self::assertSame([Stage::Sewing, 321, null], self::halt($run));
    }

    #[Test]
    public function a_halt_for_a_hand_waits_until_someone_goes_on(): void
    {
        $run = $this->sewing([1], $this->event(K::HandStop, stitch: 82))->run;
        self::assertSame([Stage::Halted, 82, K::HandStop], self::halt($run));
        self::assertTrue(K::HandStop->halts());
        $run = $run->after($this->event(K::Resumed), [])->after($this->event(K::HandStop, stitch: 164), []);
        self::assertSame([Stage::Halted, 164, K::HandStop], self::halt($run));
        $this->expectException(OutOfTurn::class);
        $run->after($this->event(K::Sewn, [1]), [1 => PieceState::Sewing]);
    }

    #[Test]
    public function the_same_event_sent_twice_counts_once(): void
    {
        $done = $this->event(K::PieceDone, [1]);
        $once = $this->sewing([1, 2], $this->event(K::Sewn, [1, 2]), $done);
        $twice = ReplayedBatch::of([1, 2], [...$this->recorded, $done]);

        self::assertEquals($once, $twice);
        self::assertSame(1, $twice->run->done);
    }

    #[Test]
    public function a_spoiled_piece_waits_to_be_sewn_again_on_a_spare(): void
    {
        $folded = $this->sewing([1, 2], $this->event(K::PieceSpoiled, [2], cause: SpoilCause::FrameStruck));
        self::assertSame([Stage::Sewing, [1], [2]], [$folded->run->stage, $folded->run->onFrame, $folded->waiting()]);
        $folded = ReplayedBatch::of(
            [1, 2],
            [...$this->recorded, $this->event(K::PieceSpoiled, [1], cause: SpoilCause::Puckering)],
        );
        self::assertSame([Stage::Ready, [1, 2], 2], [$folded->run->stage, $folded->waiting(), $folded->run->spoiled]);
    }

    #[Test]
    public function hooped_pieces_go_on_the_machine_first(): void
    {
        $folded = ReplayedBatch::of([1, 2, 3], [$this->event(K::PreflightDone), $this->event(K::PieceHooped, [3])]);

        self::assertSame([3, 1], $folded->run->nextLoad($folded->waiting(), 2));
        self::assertSame([], $folded->run->after($this->event(K::LoadStarted, [3, 1]), $folded->states)->hooped);
    }

    #[Test]
    public function what_cannot_follow_is_refused_and_says_why(): void
    {
        $refused = [
            [ReplayedBatch::of([1], []), $this->event(K::LoadStarted, [1]), 'the preflight list is still open'],
            [$this->sewing([1]), $this->event(K::PieceDone, [1]), 'the machine is sewing'],
            [$this->sewing([1]), $this->event(K::Resumed), 'the machine is sewing'],
            [$this->sewing([1], $this->event(K::Stopped)), $this->event(K::Sewn, [1]), 'the machine is halted'],
            [$this->sewing([1], $this->event(K::Sewn, [1])), $this->event(K::ThreadBroke), 'waits to be taken off'],
            [$this->sewing([1]), $this->event(K::PieceSpoiled, [9]), 'Piece 9 is not in this load'],
            [$this->sewing([1]), $this->event(K::PieceHooped, [1]), 'Piece 1 is not in this load'],
            [ReplayedBatch::of([1], [$this->event(K::PreflightDone)]), $this->event(K::LoadStarted, [9]), 'Piece 9'],
        ];
        foreach ($refused as [$folded, $event, $why]) {
            try {
                $folded->run->after($event, $folded->states);
                self::fail("{$event->kind->value} was recorded");
            } catch (OutOfTurn $e) {
                self::assertStringContainsString($why, Said::of($e->text));
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

        self::assertEquals(ReplayedBatch::of([1, 2], $events), ReplayedBatch::of([1, 2], [...$events, ...$events]));
    }

    #[Test]
    public function a_piece_that_was_split_off_since_does_not_make_its_events_foreign(): void
    {
        $events = [
            $this->event(K::PreflightDone),
            $this->event(K::LoadStarted, [2]),
            $this->event(K::PieceSpoiled, [2]),
        ];
        $folded = ReplayedBatch::of([1], $events);

        self::assertSame([Stage::Ready, 1, 1], [$folded->run->stage, $folded->run->waiting(), $folded->run->spoiled]);
    }

    #[Test]
    public function a_finished_batch_that_is_given_more_pieces_goes_on(): void
    {
        $run = $this->sewing([1], $this->event(K::Sewn, [1]), $this->event(K::PieceDone, [1]))->run;
        $kept = static fn(int $pieces): BatchRun => BatchRun::kept(
            $pieces,
            $run->stage,
            $run->load,
            $run->onFrame,
            $run->hooped,
            $run->done,
            $run->spoiled,
        );

        self::assertEquals($run, $kept(1));
        self::assertSame([Stage::Finished, Stage::Ready], [$kept(1)->stage, $kept(3)->stage]);
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

    /** @return array{Stage, int, K|null} */
    private static function halt(BatchRun $run): array
    {
        return [$run->stage, $run->load->stitch, $run->load->haltedBy];
    }

    /** @param list<int> $load */
    private function sewing(array $load, Event ...$then): ReplayedBatch
    {
        $this->recorded = [$this->event(K::PreflightDone), $this->event(K::LoadStarted, $load), ...array_values($then)];

        return ReplayedBatch::of($load, $this->recorded);
    }

    /** @param list<int> $pieces */
    private function event(K $kind, array $pieces = [], int $stitch = 0, ?SpoilCause $cause = null): Event
    {
        return new Event('e'.++$this->next, $kind, 1, 0, $stitch, 0.0, $pieces, $cause);
    }
}
