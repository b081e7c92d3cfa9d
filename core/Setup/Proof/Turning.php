<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\House\Units;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Outcome;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Rules\Decision;
use Hakama\Setup\Rules\Reason;
use Hakama\Setup\Rules\RuleTable;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Words\Decimal;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/**
 * The change of the facts that decided, and of nothing else, with which a decision comes out otherwise: the proof that it
 * was they that decided. It is looked for and tried, never only claimed.
 */
final class Turning
{
    /** Decided by one table alone, whatever frame is taken. */
    private const BY_TABLE = [
        SetupTopic::Backing, SetupTopic::Topper, SetupTopic::Needle, SetupTopic::Thread, SetupTopic::Speed,
        SetupTopic::Placement,
    ];

    /** Where what a rule names does not turn it, these are tried. */
    private const AT_LAST = [Fact::Drivers, Fact::Garment, Fact::Position, Fact::Fabric, Fact::Structure];

    /** @param list<FactChange> $changes none where no fact can change it */
    private function __construct(public SetupTopic $about, public array $changes, public ?Text $then) {}

    public static function of(Reason $reason, SetupCase $case, Outcome $outcome): self
    {
        $now = self::told($reason->about, $outcome);
        foreach (self::candidates($reason, $case, $outcome) as $changes) {
            $changed = $case;
            foreach ($changes as $change) {
                $changed = $change->applyTo($changed);
            }
            $then = self::toldOf($reason->about, $changed);
            if (! $then->equals($now)) {
                return new self($reason->about, $changes, $then);
            }
        }

        return new self($reason->about, [], null);
    }

    /** @return iterable<list<FactChange>> */
    private static function candidates(Reason $reason, SetupCase $case, Outcome $outcome): iterable
    {
        foreach (Alternatives::likely($reason->about, $case, $outcome) as $changes) {
            yield $changes;
        }
        foreach ($reason->facts as $fact) {
            foreach (Alternatives::of($fact, $case, $outcome) as $change) {
                yield [$change];
            }
        }
        if (in_array($reason->about, self::BY_TABLE, true)) {
            yield [FactChange::garment(Garment::Polo), FactChange::fabric(Fabric::Twill)];
        }
        foreach ($reason->about === SetupTopic::Hoopings ? [] : self::AT_LAST as $fact) {
            if (! in_array($fact, $reason->facts, true)) {
                foreach (Alternatives::of($fact, $case, $outcome) as $change) {
                    yield [$change];
                }
            }
        }
    }

    /** @return list<Fact> that decided: those that the rule names, and what turns it */
    public function facts(Reason $reason): array
    {
        return array_values(
            array_unique(
                [...$reason->facts, ...array_map(static fn(FactChange $one): Fact => $one->fact, $this->changes)],
                SORT_REGULAR,
            ),
        );
    }

    /** "With fabric plush: film on top." */
    public function words(Units $units = Units::Millimetres): Text
    {
        return match (true) {
            $this->then === null => new Text('setup.turning.nothing'),
            $this->changes[0]->fact === Fact::Frames => new Text('setup.turning.without_frame', [
                'then' => $this->then,
            ]),
            default => new Text('setup.turning.with', [
                'changes' => new Texts(
                    Joined::Comma,
                    ...array_map(static fn(FactChange $one): Text => $one->words($units), $this->changes),
                ),
                'then' => $this->then,
            ]),
        };
    }

    private static function toldOf(SetupTopic $about, SetupCase $case): Text
    {
        return in_array($about, self::BY_TABLE, true)
            ? self::written($about, self::byTable($about, $case->facts, $case))
            : self::told($about, $case->outcome());
    }

    private static function byTable(SetupTopic $about, Facts $facts, SetupCase $case): mixed
    {
        return Decision::by(RuleTable::all()[$about->value], $facts, $case->house)->value;
    }

    /** What is decided, in words that differ where it does. */
    private static function told(SetupTopic $about, Outcome $outcome): Text
    {
        $decided = $outcome->decided;
        $driver = $decided->fit->frame->driver ?? ($decided->drivers[0] ?? null);

        return match ($about) {
            SetupTopic::Frame => new Text('setup.turning.frame', ['frame' => $decided->fit->frame->id ?? 'none']),
            SetupTopic::Driver => $driver?->label() ?? new Text('setup.turning.none'),
            SetupTopic::Loading => $decided->loading()->end->label(),
            SetupTopic::Access => $decided->access()->label(),
            SetupTopic::Turn => new Text('setup.chosen.turn', ['degrees' => $decided->turnToSet()->value]),
            SetupTopic::Hoopings => new Text('setup.turning.hoopings', ['count' => $decided->hoopings()]),
            SetupTopic::Backing => self::written($about, $outcome->decisions->backing->value),
            SetupTopic::Topper => self::written($about, $outcome->decisions->topper->value),
            SetupTopic::Needle => self::written($about, $outcome->decisions->needle->value),
            SetupTopic::Thread => self::written($about, $outcome->decisions->thread->value),
            SetupTopic::Speed => self::written($about, $outcome->decisions->speed->value),
            SetupTopic::Placement => self::written($about, $outcome->decisions->placement->value),
        };
    }

    private static function written(SetupTopic $about, mixed $value): Text
    {
        return match (true) {
            $value instanceof Layers => $value->words(),
            $value instanceof NeedleType => $value->label(),
            // Which place it is need not be said; that it is another has to show.
            $value instanceof Placement => new Text('setup.turning.other_place', [
                'from' => $value->from(),
                'down' => new Decimal($value->downMm),
                'across' => new Decimal($value->acrossMm),
            ]),
            is_bool($value) => new Text($value ? 'setup.chosen.film' : 'setup.chosen.no_film'),
            $about === SetupTopic::Thread && is_int($value) => new Text('setup.turning.weight', ['weight' => $value]),
            is_int($value) => new Text('setup.chosen.speed', ['spm' => $value]),
            default => new Text('setup.turning.none'),
        };
    }
}
