<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Floor\Actions\RecountFloor;
use App\Floor\Models\Finishing;
use App\Floor\Models\FloorEvent;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Shop\House;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\FeatureTestCase;

/**
 * Days on which people do what comes into their heads, held step by step against a plain account of where each piece is:
 * whatever is done in whatever order, no piece is in two places and what is refused changes nothing.
 */
final class RandomDaysTest extends FeatureTestCase
{
    private const STEPS = 60;
    private const PEOPLE = ['Ilse', 'Odo', 'Maren'];

    private Batch $batch;
    private Randomizer $chance;
    /** @var array<int, string> piece => waiting, sewing, finish, check, rework or passed */
    private array $is = [];
    /** @var array<int, string> piece => who took it off the machine */
    private array $sewnBy = [];
    /** @var array<int, int> piece => how often it was rejected, returned or spoiled */
    private array $again = [];

    /** @return iterable<string, array{int, string}> */
    public static function days(): iterable
    {
        foreach (['always', 'sewer'] as $school) {
            for ($seed = 1; $seed <= 2; $seed++) {
                yield "{$school}, {$seed}" => [$seed, $school];
            }
        }
    }

    #[Test]
    #[DataProvider('days')]
    public function no_piece_is_in_two_places_and_counts_are_what_the_events_come_to(int $seed, string $school): void
    {
        app(House::class)->change([], ['check' => $school]);
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->batch = self::batchOf(self::polos());
        foreach ($this->batch->pieces()->orderBy('pieces.id')->pluck('pieces.id') as $piece) {
            [$this->is[$piece], $this->again[$piece]] = ['waiting', 0];
        }
        self::tell('M2', $this->batch, EventKind::PreflightDone, who: 'Ilse');
        for ($step = 1; $step <= self::STEPS; $step++) {
            $did = match ($this->chance->getInt(1, 8)) {
                1, 2 => $this->load(),
                3 => $this->finish($school),
                4 => $this->finish($school),
                5, 6 => $this->check($school),
                7 => $this->reject(),
                8 => $this->takeBack(),
            };
            self::assertSame($this->is, $this->stands(), "step {$step}: {$did}");
        }

        $recount = app(RecountFloor::class)->all();
        self::assertSame(0, $recount->wrong, 'what is kept beside the log is what the log comes to');
        $events = FloorEvent::query()->where('batch_id', $this->batch->id)->get(['kind', 'piece_count', 'pieces']);
        $count = static fn(EventKind ...$kinds): int => (int) $events
            ->filter(static fn(FloorEvent $event): bool => in_array($event->kind, $kinds, true))
            ->sum('piece_count');
        $there = count(array_diff($this->is, ['waiting', 'sewing']));
        self::assertSame(
            $there,
            $count(EventKind::PieceDone) - $count(EventKind::PieceRejected, EventKind::PieceReturned),
        );
        self::assertSame(
            array_sum($this->again),
            $count(EventKind::PieceSpoiled, EventKind::PieceRejected, EventKind::PieceReturned),
            'each came back once for each time it was not good',
        );
        if ($school === 'always') {
            $own = Finishing::query()
                ->whereIn('kind', [Finishing::PASSED, Finishing::REWORK])
                ->whereColumn('who', 'sewn_by');
            self::assertSame(0, $own->count(), 'nobody looked at their own work');
        }
    }

    /** A load is sewn and taken off, one of it perhaps spoiled on the machine. */
    private function load(): string
    {
        $waiting = array_keys($this->is, 'waiting', true);
        if ($waiting === []) {
            return 'nothing to sew';
        }
        $pieces = array_slice($waiting, 0, $this->chance->getInt(1, 3));
        self::tell('M2', $this->batch, EventKind::LoadStarted, $pieces);
        foreach ($pieces as $piece) {
            $this->is[$piece] = 'sewing';
        }
        self::assertSame($this->is, $this->stands(), 'on the machine');
        if ($this->chance->getInt(1, 4) === 1) {
            $spoiled = array_pop($pieces);
            self::tell('M2', $this->batch, EventKind::PieceSpoiled, [$spoiled], cause: SpoilCause::Puckering);
            [$this->is[$spoiled], $this->again[$spoiled]] = ['waiting', $this->again[$spoiled] + 1];
        }
        if ($pieces !== []) {
            $who = $this->somebody();
            self::tell('M2', $this->batch, EventKind::Sewn, $pieces, 100, 60.0, who: $who);
            self::tell('M2', $this->batch, EventKind::PieceDone, $pieces, 100, 60.0, who: $who);
            foreach ($pieces as $piece) {
                [$this->is[$piece], $this->sewnBy[$piece]] = ['finish', $who];
            }
        }

        return 'a load';
    }

    /** Some are said to be finished, among them some that are not to be. */
    private function finish(string $school): string
    {
        $some = $this->chance->pickArrayKeys($this->is, $this->chance->getInt(1, 4));
        $this->post('/floor/finish', [
            'id' => Str::uuid()->toString(),
            'numbers' => $some,
            'who' => $this->somebody(),
        ]);
        foreach ($some as $piece) {
            $this->is[$piece] = match ($this->is[$piece]) {
                'finish' => $school === 'always' ? 'check' : 'passed',
                'rework' => 'check',
                default => $this->is[$piece],
            };
        }

        return 'finished: '.implode(', ', $some);
    }

    private function check(string $school): string
    {
        $toCheck = array_keys($this->is, 'check', true);
        $piece = $toCheck === [] || $this->chance->getInt(1, 4) === 1 ? $this->anyPiece() : $toCheck[0];
        [$who, $good] = [$this->somebody(), $this->chance->getInt(1, 3) > 1];
        $this->post("/floor/check/{$piece}", [
            'id' => Str::uuid()->toString(),
            'verdict' => $good ? 'good' : 'rework',
            'note' => $good ? '' : 'a tail is left',
            'who' => $who,
        ]);
        if ($this->is[$piece] === 'check' && ($school !== 'always' || $who !== $this->sewnBy[$piece])) {
            $this->is[$piece] = $good ? 'passed' : 'rework';
        }

        return "{$who} looked at {$piece}";
    }

    /** At the check, or days later. */
    private function reject(): string
    {
        $piece = $this->anyPiece();
        $form = Str::uuid()->toString();
        // Told twice, as a hasty thumb does: it comes back once.
        for ($told = 1; $told <= 2; $told++) {
            $this->post("/floor/check/{$piece}", [
                'id' => $form,
                'verdict' => 'reject',
                'cause' => SpoilCause::Puckering->value,
                'who' => $this->somebody(),
            ]);
        }
        if (in_array($this->is[$piece], ['finish', 'check', 'rework', 'passed'], true)) {
            [$this->is[$piece], $this->again[$piece]] = ['waiting', $this->again[$piece] + 1];
        }

        return "rejected {$piece}";
    }

    /** Counted by mistake: it waits again. */
    private function takeBack(): string
    {
        $there = array_keys(array_diff($this->is, ['waiting', 'sewing']));
        if ($there === []) {
            return 'nothing to take back';
        }
        $piece = $there[$this->chance->getInt(0, count($there) - 1)];
        self::tell('M2', $this->batch, EventKind::PieceReturned, [$piece]);
        [$this->is[$piece], $this->again[$piece]] = ['waiting', $this->again[$piece] + 1];

        return "undone {$piece}";
    }

    private function anyPiece(): int
    {
        return $this->chance->pickArrayKeys($this->is, 1)[0];
    }

    private function somebody(): string
    {
        return self::PEOPLE[$this->chance->getInt(0, count(self::PEOPLE) - 1)];
    }

    /** @return array<int, string> piece => where it stands by what is stored */
    private function stands(): array
    {
        return Piece::query()
            ->where('decoration_id', $this->batch->decoration_id)
            ->orderBy('id')
            ->get()
            ->mapWithKeys(
                static fn(Piece $piece): array => [
                    $piece->id => $piece->state->value === 'done'
                        ? $piece->finish->value ?? 'passed'
                        : $piece->state->value.($piece->finish === null ? '' : ' and '.$piece->finish->value),
                ],
            )
            ->all();
    }
}
