<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Closure;
use Hakama\House\Question;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Words\Text;

/** A step or a caution: when it is shown, in which words, and, of a step, between which others it has to be done. */
final readonly class NoteRule
{
    /**
     * @param Closure(SetupDecision): bool      $applies
     * @param Closure(SetupDecision): Text|null $says     where the words hold a figure of the case
     * @param Question|null                     $question whose school it follows
     * @param list<WorkState>                   $needs    that others make, where any of the list does
     * @param list<WorkState>                   $makes
     * @param list<WorkState>                   $before   it is too late for it once one of them is made
     */
    public function __construct(
        public string $code,
        public Closure $applies,
        public WorkStage $stage = WorkStage::Preflight,
        public ?Question $question = null,
        public string $school = '',
        public ?Closure $says = null,
        public array $needs = [],
        public array $makes = [],
        public array $before = [],
    ) {}

    /**
     * A step: what it needs of others, what it makes, and what it has to come before.
     *
     * @param Closure(SetupDecision): bool      $applies
     * @param Closure(SetupDecision): Text|null $says
     * @param list<WorkState>                   $needs
     * @param list<WorkState>                   $makes
     * @param list<WorkState>                   $before
     * @param array{Question, string}|null      $school
     */
    public static function step(
        WorkStage $stage,
        string $code,
        Closure $applies,
        ?Closure $says = null,
        array $needs = [],
        array $makes = [],
        array $before = [],
        ?array $school = null,
    ): self {
        return new self(
            $code,
            $applies,
            $stage,
            $school[0] ?? null,
            $school[1] ?? '',
            $says,
            $needs,
            $makes,
            $before,
        );
    }

    /** When it is shown, for people who read the table. */
    public function when(): Text
    {
        return new Text("when.step.{$this->code}");
    }

    /** What it says of the case, or, where no case is asked about, what it usually says. */
    public function text(?SetupDecision $decided = null): Text
    {
        return match (true) {
            $this->says === null => new Text("steps.does.{$this->code}"),
            $decided === null => new Text("steps.usually.{$this->code}"),
            default => ($this->says)($decided),
        };
    }

    public function appliesTo(SetupDecision $decided): bool
    {
        return ($this->question === null || $decided->follows($this->question, $this->school))
            && ($this->applies)($decided);
    }
}
