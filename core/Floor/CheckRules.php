<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;

/** Which pieces another pair of eyes looks at before they leave. */
final readonly class CheckRules
{
    /**
     * @param string $school    sewer, first, one_in or always
     * @param int    $oneIn     every so manieth piece of a batch, where one in so many is looked at
     * @param int    $fromCents garments worth as much are looked at whatever the school; 0: none for that
     * @param bool   $firstOff  the batch goes on only when its first piece was looked at
     * @param bool   $picture   and a picture of that one was taken
     */
    public function __construct(
        public string $school,
        public int $oneIn,
        public int $fromCents,
        public bool $firstOff = false,
        public bool $picture = false,
    ) {}

    public static function of(HouseRules $rules): self
    {
        return new self(
            $rules->school(Question::Check),
            (int) $rules->value(HouseRule::CheckOneIn),
            (int) $rules->value(HouseRule::CheckValue),
            $rules->school(Question::FirstOff) !== 'go_on',
            $rules->school(Question::FirstOff) === 'with_picture',
        );
    }

    /**
     * @param int      $number     of the piece within its batch as they came off, from 1
     * @param int|null $worthCents what the garment costs to replace; null where nobody knows
     */
    public function wants(int $number, ?int $worthCents): bool
    {
        return ($this->firstOff && $number === 1)
            || ($this->fromCents > 0 && ($worthCents ?? 0) >= $this->fromCents)
            || match ($this->school) {
                'always' => true,
                'first' => $number === 1,
                'one_in' => ($number - 1) % $this->oneIn === 0,
                default => false,
            };
    }

    /**
     * Whether the next load has to wait: a piece is off, and none of the batch has passed yet.
     *
     * @param int $done   pieces of the batch that were counted
     * @param int $passed of them
     */
    public function holds(int $done, int $passed): bool
    {
        return $this->firstOff && $done > 0 && $passed === 0;
    }

    /**
     * Whether the next one that passes has to come with a picture: it is what all the others are held against.
     *
     * @param int $passed pieces of the batch
     */
    public function wantsPicture(int $passed): bool
    {
        return $this->picture && $passed === 0;
    }

    /** Whether somebody else than who sewed it has to look. */
    public function byAnother(): bool
    {
        return $this->school !== 'sewer' || $this->fromCents > 0 || $this->firstOff;
    }
}
