<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Closure;
use Hakama\House\Question;
use Hakama\Setup\Rules\SetupDecision;

/** A step or a caution: when it is shown, in which words, and, of a step, between which others it has to be done. */
final readonly class NoteRule
{
    /**
     * @param Closure(SetupDecision): bool        $applies
     * @param Closure(SetupDecision): string|null $says     where the words hold a figure of the case
     * @param Question|null                       $question whose school it follows
     * @param list<WorkState>                     $needs    that others make, where any of the list does
     * @param list<WorkState>                     $makes
     * @param list<WorkState>                     $before   it is too late for it once one of them is made
     */
    public function __construct(
        public string $code,
        public string $when,
        public Closure $applies,
        public string $text,
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
     * @param Closure(SetupDecision): bool        $applies
     * @param string|Closure(SetupDecision): string $text
     * @param list<WorkState>                     $needs
     * @param list<WorkState>                     $makes
     * @param list<WorkState>                     $before
     * @param array{Question, string}|null        $school
     */
    public static function step(
        WorkStage $stage,
        string $code,
        string $when,
        Closure $applies,
        string|Closure $text,
        array $needs = [],
        array $makes = [],
        array $before = [],
        ?array $school = null,
        string $usually = '',
    ): self {
        return new self(
            $code,
            $when,
            $applies,
            is_string($text) ? $text : $usually,
            $stage,
            $school[0] ?? null,
            $school[1] ?? '',
            is_string($text) ? null : $text,
            $needs,
            $makes,
            $before,
        );
    }

    public function appliesTo(SetupDecision $decided): bool
    {
        return ($this->question === null || $decided->follows($this->question, $this->school))
            && ($this->applies)($decided);
    }
}
