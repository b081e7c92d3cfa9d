<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Closure;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;
use Hakama\Words\Text;

/**
 * One line of the setup table: when it applies, what it says and why; and whose school it is, where practitioners
 * differ.
 *
 * @template-covariant T
 */
final readonly class Rule
{
    /**
     * @param Closure(Facts, HouseRules): bool $applies
     * @param Closure(HouseRules, Facts): T    $says
     * @param list<Fact>                       $facts   by which it is decided
     */
    public function __construct(
        public SetupTopic $about,
        public string $name,
        public Closure $applies,
        public Closure $says,
        public ?Question $question = null,
        public string $school = '',
        public Strength $strength = Strength::Should,
        public array $facts = [],
    ) {}

    /**
     * The same rule with the facts that decide it: a change of one of them, or of two, turns it.
     *
     * @return self<T>
     */
    public function on(Fact ...$facts): self
    {
        return new self(
            $this->about,
            $this->name,
            $this->applies,
            $this->says,
            $this->question,
            $this->school,
            $this->strength,
            array_values($facts),
        );
    }

    /**
     * A rule that says the same of every case.
     *
     * @template V
     *
     * @param callable(Facts, HouseRules): bool $applies
     * @param V                                 $says
     *
     * @return self<V>
     */
    public static function saying(
        SetupTopic $about,
        string $name,
        callable $applies,
        mixed $says,
        ?Question $question = null,
        string $school = '',
        ?Strength $strength = null,
    ): self {
        return new self(
            $about,
            $name,
            $applies(...),
            static fn(HouseRules $house): mixed => $says,
            $question,
            $school,
            $strength ?? ($question === null ? Strength::Should : Strength::May),
        );
    }

    /** What has to be so, for people who read the table. */
    public function when(): Text
    {
        return new Text("when.{$this->about->value}.{$this->name}");
    }

    /** Why it says what it says. */
    public function text(): Text
    {
        return new Text("because.{$this->about->value}.{$this->name}");
    }

    /** Another school's rule is not followed here. */
    public function isFollowed(HouseRules $house): bool
    {
        return $this->question === null || $house->school($this->question) === $this->school;
    }
}
