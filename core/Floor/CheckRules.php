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
     */
    public function __construct(public string $school, public int $oneIn, public int $fromCents) {}

    public static function of(HouseRules $rules): self
    {
        return new self(
            $rules->school(Question::Check),
            (int) $rules->value(HouseRule::CheckOneIn),
            (int) $rules->value(HouseRule::CheckValue),
        );
    }

    /**
     * @param int      $number     of the piece within its batch as they came off, from 1
     * @param int|null $worthCents what the garment costs to replace; null where nobody knows
     */
    public function wants(int $number, ?int $worthCents): bool
    {
        return ($this->fromCents > 0 && ($worthCents ?? 0) >= $this->fromCents)
            || match ($this->school) {
                'always' => true,
                'first' => $number === 1,
                'one_in' => ($number - 1) % $this->oneIn === 0,
                default => false,
            };
    }

    /** Whether somebody else than who sewed it has to look. */
    public function byAnother(): bool
    {
        return $this->school !== 'sewer' || $this->fromCents > 0;
    }
}
