<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Fit\JudgedWay;
use Hakama\Setup\Fit\Obstruction;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Fit\WayIn;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Notes\Ask;
use Hakama\Setup\Notes\AskTable;
use Hakama\Setup\Notes\CautionTable;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\NoteRule;
use Hakama\Setup\Notes\StepOrder;
use Hakama\Setup\Notes\StepTable;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Notes\WarningTable;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Rules\Choice;
use Hakama\Setup\Rules\Decision;
use Hakama\Setup\Rules\Decisions;
use Hakama\Setup\Rules\NeedleRules;
use Hakama\Setup\Rules\OtherSchool;
use Hakama\Setup\Rules\Reason;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Setup\Rules\ThreadRules;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;
use LogicException;

/** How to set up one decoration, every value with its reason, and what another school would have said. */
final readonly class Advice
{
    /** Of the decisions: what the rules say, whatever a person chose. */
    public Layers $backing;
    public bool $topper;
    public int $threadWeight;
    public NeedleType $needle;
    public int $speedSpm;
    public Placement $placement;
    /** @var list<Driver> those that would do and that there are, best first */
    public array $drivers;
    /** @var non-empty-list<Turn> the ways round that would do, best first */
    public array $turns;
    /** On the garment, where its measures are known. */
    public ?MarkedPlacement $marked;
    /** In the best of the frames, or in the chosen one. */
    public ?Fit $fit;
    /** @var list<Warning> */
    public array $warnings;
    /** @var list<Ask> what decides and nobody has given */
    public array $asks;
    /** @var list<Note> in order */
    public array $steps;
    /** @var list<Note> */
    public array $cautions;

    public Decisions $decisions;
    /** @var list<RankedFrame> where frames were given, best first */
    public array $ranked;
    private SetupDecision $decided;

    private function __construct(Outcome $outcome)
    {
        [$this->decisions, $this->ranked, $this->decided] = [$outcome->decisions, $outcome->ranked, $outcome->decided];
        [$decisions, $decided] = [$this->decisions, $this->decided];
        $this->backing = $decisions->backing->value;
        $this->topper = $decisions->topper->value;
        $this->threadWeight = $decisions->thread->value;
        $this->needle = $decisions->needle->value;
        $this->speedSpm = $decisions->speed->value;
        $this->placement = $decisions->placement->value;
        $this->drivers = $decided->drivers;
        $this->turns = $decided->turns;
        $this->marked = $decided->marked;
        $this->fit = $decided->fit;
        $this->warnings = self::warnings($decided);
        $this->asks = AskTable::of($decided);
        $this->steps = self::notes(StepOrder::of(self::applying(StepTable::all(), $decided)), $decided);
        $this->cautions = self::notes(self::applying(CautionTable::all(), $decided), $decided);
    }

    /** @return int seconds to hoop one piece */
    /** What it is an advice for. */
    public function item(): Item
    {
        return $this->decided->facts->item;
    }

    public function hoopS(): int
    {
        return $this->decided->facts->item->hoopS($this->decided->house);
    }

    /**
     * @param list<FrameSpec>|Fitting|null $frames to choose among; null when that is not asked. A list is tried with the
     *     design's box
     */
    public static function of(
        Facts $facts,
        HouseRules $house,
        array|Fitting|null $frames = null,
        ?FrameSpec $mounted = null,
    ): self {
        return new self(Outcome::of($facts, $house, $frames, $mounted));
    }

    public static function from(Outcome $outcome): self
    {
        return new self($outcome);
    }

    /** Which end goes to the machine. */
    public function loading(): Loading
    {
        return $this->decided->loading();
    }

    /** What has to be set on this machine: some turn a cap's design by themselves. */
    public function turnToSet(): Turn
    {
        return $this->decided->turnToSet();
    }

    public function hoopings(): int
    {
        return $this->decided->hoopings();
    }

    /** @return list<Text> where the cross goes at each of several hoopings */
    public function marks(): array
    {
        return $this->decided->marks();
    }

    /** Of a cap nobody knows what to set before it is known which machine sews it. */
    public function turnIsKnown(): bool
    {
        return ! $this->decided->isInCapFrame() || $this->decided->facts->machine->turnsCapsItself !== null;
    }

    public function access(): Access
    {
        return $this->decided->access();
    }

    /**
     * What one block wants of thread and needle: its own thread and letters count, not those of the others.
     *
     * @param float|null $letterMm height of the smallest letters in it; null where there are none
     */
    public function block(int $threadWeight, ?float $letterMm): BlockAdvice
    {
        [$facts, $house] = [$this->decided->facts, $this->decided->house];
        $alone = new Facts(
            $facts->design->block($threadWeight, $letterMm),
            $facts->item,
            $facts->machine,
            $facts->history,
        );
        $needle = Decision::by(NeedleRules::all(), $alone, $house);

        return new BlockAdvice(
            Decision::by(ThreadRules::all(), $alone, $house)->value,
            $needle->value,
            $needle->because->text,
        );
    }

    /**
     * The ways in, each with the best frame there is for it, in the order in which they are ranked.
     *
     * @return list<JudgedWay>
     */
    public function waysIn(): array
    {
        [$facts, $house] = [$this->decided->facts, $this->decided->house];
        $judged = [];
        foreach ($this->ranked as $one) {
            $driver = $one->fit->frame->driver;
            if (! isset($judged[$driver->value])) {
                $way = new WayIn($facts->item, $driver, $house, $this->marked);
                $judged[$driver->value] = new JudgedWay(
                    $way,
                    $one,
                    $way->takesArm($facts->machine->armWidthMm),
                    $one->fit->times() * $facts->item->hoopS($house) + $way->access->handsS($house),
                );
            }
        }

        return array_values($judged);
    }

    /** All as advised, in this frame and this way round. */
    public function choice(Fit $fit): Choice
    {
        return new Choice($fit, $this->backing, $this->topper, $this->needle, $this->speedSpm);
    }

    /** The same advice, with what is to be minded and done for what a person chose. */
    public function withChoice(Choice $choice): self
    {
        return new self(new Outcome($this->decisions, $this->ranked, $this->decided->withChoice($choice)));
    }

    /** How heavy the backing is that it wants, g/m². */
    public function backingGsm(): int
    {
        return $this->decided->weight()->gsm($this->decided->house);
    }

    public function weightBecause(): Text
    {
        return $this->decided->weight()->because($this->decided->facts, $this->decided->house);
    }

    /** Whether the chosen frame holds the design, goes into the garment and lies on it. */
    public function holds(Choice $choice): bool
    {
        return $this->decided->withChoice($choice)->best?->fits() === true;
    }

    /** @return list<OtherSchool> */
    public function otherSchools(): array
    {
        return array_merge(...array_map(static fn(Decision $one): array => $one->others, $this->decisions->all()));
    }

    public function because(SetupTopic $about): Reason
    {
        foreach ($this->becauses() as $because) {
            if ($because->about === $about) {
                return $because;
            }
        }
        throw new LogicException("nothing is decided about {$about->value}");
    }

    /** @return list<Reason> of every decision, and of what follows from them: access, frame and turn */
    public function becauses(): array
    {
        $reasons = new Reasons($this->decided, $this->ranked);

        return [
            ...array_map(static fn(Decision $one): Reason => $one->because, $this->decisions->all()),
            $reasons->access(),
            $reasons->turn(),
            $reasons->frame(),
            $reasons->hoopings(),
        ];
    }

    /** @return list<Obstruction> what on the garment the design lies across, or near */
    public function obstructions(): array
    {
        return $this->decided->obstructions;
    }

    /** @return list<string> what was used though nobody has measured it, as it is named in files */
    public function estimated(): array
    {
        return AskTable::estimated($this->decided);
    }

    public function stops(): bool
    {
        return array_filter($this->warnings, static fn(Warning $warning): bool => $warning->stops) !== [];
    }

    /** go, warn or stop. */
    public function verdict(): string
    {
        return match (true) {
            $this->stops() => 'stop',
            $this->warnings !== [] || $this->asks !== [] => 'warn',
            default => 'go',
        };
    }

    /** @return list<Warning> */
    private static function warnings(SetupDecision $decided): array
    {
        $warnings = [];
        foreach (WarningTable::all() as $rule) {
            $text = ($rule->says)($decided);
            if ($text !== null) {
                $warnings[] = new Warning($rule->code, $text, $rule->stops($decided));
            }
        }

        return $warnings;
    }

    /**
     * @param list<NoteRule> $rules
     *
     * @return list<NoteRule>
     */
    private static function applying(array $rules, SetupDecision $decided): array
    {
        return array_values(array_filter($rules, static fn(NoteRule $rule): bool => $rule->appliesTo($decided)));
    }

    /**
     * @param list<NoteRule> $rules
     *
     * @return list<Note>
     */
    private static function notes(array $rules, SetupDecision $decided): array
    {
        return array_map(
            static fn(NoteRule $rule): Note => new Note(
                $rule->code,
                $rule->text($decided),
                $rule->stage,
            ),
            $rules,
        );
    }
}
