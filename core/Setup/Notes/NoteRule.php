<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Closure;
use Hakama\House\Question;
use Hakama\Setup\Rules\SetupDecision;

/** A step or a caution: when it is shown, and in which words. */
final readonly class NoteRule
{
    /**
     * @param Closure(SetupDecision): bool        $applies
     * @param Closure(SetupDecision): string|null $says    where the words hold a figure of the case
     * @param Question|null                 $question whose school it follows
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
    ) {}

    public function appliesTo(SetupDecision $decided): bool
    {
        return ($this->question === null || $decided->follows($this->question, $this->school))
            && ($this->applies)($decided);
    }
}
