<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\House\Units;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Outcome;
use Hakama\Setup\Rules\Decision;
use Hakama\Setup\Rules\Reason;
use Hakama\Setup\Rules\RuleTable;
use Hakama\Setup\Rules\SetupTopic;

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
    private function __construct(public SetupTopic $about, public array $changes, public string $then) {}

    public static function of(Reason $reason, SetupCase $case, Outcome $outcome): self
    {
        $now = self::told($reason->about, $outcome);
        foreach (self::candidates($reason, $case, $outcome) as $changes) {
            $changed = $case;
            foreach ($changes as $change) {
                $changed = $change->applyTo($changed);
            }
            $then = self::toldOf($reason->about, $changed);
            if ($then !== $now) {
                return new self($reason->about, $changes, $then);
            }
        }

        return new self($reason->about, [], '');
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
    public function words(Units $units = Units::Millimetres): string
    {
        $then = match ($this->about) {
            SetupTopic::Thread => "{$this->then} weight",
            SetupTopic::Speed => "{$this->then} stitches a minute",
            SetupTopic::Placement => 'another place',
            SetupTopic::Hoopings => $this->then === '1' ? 'one hooping' : "{$this->then} hoopings",
            default => $this->then,
        };

        return match (true) {
            $this->changes === [] => 'Nothing would change it.',
            $this->changes[0]->fact === Fact::Frames => "Without this frame: {$then}.",
            default => sprintf(
                'With %s: %s.',
                implode(', ', array_map(static fn(FactChange $one): string => $one->words($units), $this->changes)),
                $then,
            ),
        };
    }

    private static function toldOf(SetupTopic $about, SetupCase $case): string
    {
        return in_array($about, self::BY_TABLE, true)
            ? self::written(self::byTable($about, $case->facts, $case))
            : self::told($about, $case->outcome());
    }

    private static function byTable(SetupTopic $about, Facts $facts, SetupCase $case): mixed
    {
        return Decision::by(RuleTable::all()[$about->value], $facts, $case->house)->value;
    }

    /** What is decided, in words that differ where it does. */
    private static function told(SetupTopic $about, Outcome $outcome): string
    {
        $decided = $outcome->decided;

        return match ($about) {
            SetupTopic::Frame => $decided->fit->frame->id ?? 'none',
            SetupTopic::Driver => ($decided->fit->frame->driver ?? ($decided->drivers[0] ?? null))->value ?? 'none',
            SetupTopic::Loading => $decided->loading()->end->label(),
            SetupTopic::Access => $decided->access()->label(),
            SetupTopic::Turn => "{$decided->turnToSet()->value}°",
            SetupTopic::Hoopings => (string) $decided->hoopings(),
            SetupTopic::Backing => self::written($outcome->decisions->backing->value),
            SetupTopic::Topper => self::written($outcome->decisions->topper->value),
            SetupTopic::Needle => self::written($outcome->decisions->needle->value),
            SetupTopic::Thread => self::written($outcome->decisions->thread->value),
            SetupTopic::Speed => self::written($outcome->decisions->speed->value),
            SetupTopic::Placement => self::written($outcome->decisions->placement->value),
        };
    }

    private static function written(mixed $value): string
    {
        return match (true) {
            $value instanceof \Hakama\Setup\Backing\Layers => $value->words(),
            $value instanceof \Hakama\Machine\NeedleType => $value->words(),
            $value instanceof \Hakama\Setup\Placement\Placement => implode('; ', [
                $value->from(),
                sprintf('%.1f mm down', $value->downMm),
                sprintf('%.1f mm across', $value->acrossMm),
            ]),
            is_bool($value) => $value ? 'film on top' : 'no film',
            is_int($value) => (string) $value,
            default => '',
        };
    }
}
