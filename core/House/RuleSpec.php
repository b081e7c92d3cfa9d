<?php

declare(strict_types=1);

namespace Hakama\House;

/** What a house rule is to start with, and what it may be. */
final readonly class RuleSpec
{
    /** Where each is set out, by the section of the house rules in which it stands. */
    private const SECTIONS = [
        'artwork' => ArtworkFigures::SPECS,
        'setup' => SetupFigures::SPECS,
        'placement' => PlacementFigures::SPECS,
        'plan' => PlanFigures::SPECS,
        'floor' => FloorFigures::SPECS,
        'books' => BooksFigures::SPECS,
    ];

    public function __construct(
        public string $station,
        public float $default,
        public float $least,
        public float $most,
        private bool $isMoney = false,
    ) {}

    public static function of(HouseRule $rule): self
    {
        /** @var array<string, self> $kept */
        static $kept = [];
        foreach ($kept === [] ? self::SECTIONS : [] as $section => $specs) {
            foreach ($specs as $name => $spec) {
                $kept[$name] = new self($section, ...$spec);
            }
        }

        return $kept[$rule->value];
    }

    /** An amount is kept in cents, and read and typed as money. */
    public function isMoney(): bool
    {
        return $this->isMoney;
    }
}
