<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Shop\RuleWords;
use Hakama\House\HouseRule;

/** What the log says of one or two house rules, and what they would be by it. */
final readonly class RuleSuggestion
{
    /** Nearer than this share to what is in force it is not worth a word. */
    private const WORTH = 0.03;

    /**
     * @param array<string, float>            $now    rule => value in force
     * @param array<string, float>            $would  rule => value by the log
     * @param string                          $from   how much it comes from, in words
     * @param string                          $spread in words
     * @param list<array{string, string, bool}> $rows  of whom or what, in words, and whether it changed of late
     * @param string                          $brings what open batches and orders would then say, in words
     * @param array<string, float>|null       $left   rule => value that was offered and left
     */
    public function __construct(
        public string $about,
        public string $label,
        public array $now,
        public array $would,
        public string $from,
        public string $spread,
        public array $rows,
        public string $brings,
        public ?array $left,
    ) {}

    public function isOffered(): bool
    {
        return self::differ($this->now, $this->would)
            && ($this->left === null || self::differ($this->left, $this->would));
    }

    /** What is taken has to be what was read. */
    public function sign(): string
    {
        return implode(' ', array_map(static fn(float $value): string => (string) $value, $this->would));
    }

    /** @return list<string> a line for each rule: "Hooping: 90 s now, 104 s by the log" */
    public function words(): array
    {
        return array_map(function (string $rule): string {
            $of = HouseRule::from($rule);

            return __('books.rule_suggestion.now_and_measured', [
                'label' => RuleWords::label($of),
                'now' => RuleWords::figure($of, $this->now[$rule]),
                'would' => RuleWords::figure($of, $this->would[$rule]),
                'unit' => RuleWords::unit($of),
            ]);
        }, array_keys($this->would));
    }

    /**
     * @param array<string, float> $one
     * @param array<string, float> $other
     */
    private static function differ(array $one, array $other): bool
    {
        foreach ($other as $rule => $value) {
            if (abs($value - ($one[$rule] ?? 0.0)) > self::WORTH * max(abs($value), 1e-9)) {
                return true;
            }
        }

        return false;
    }
}
