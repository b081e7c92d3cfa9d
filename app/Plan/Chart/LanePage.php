<?php

declare(strict_types=1);

namespace App\Plan\Chart;

/** Of many machines a chart shows some at a time; of few all. */
final readonly class LanePage
{
    /** So many fit below each other. */
    private const MOST = 8;
    /** Of more, so many at a time. */
    private const EACH = 6;

    /**
     * @param list<string>       $machines those shown
     * @param list<list<string>> $pages    all, by page
     */
    private function __construct(public array $machines, public int $number, public array $pages) {}

    /** @param list<string> $machines */
    public static function of(array $machines, int $number): self
    {
        $pages = count($machines) > self::MOST ? array_chunk($machines, self::EACH) : [$machines];
        $number = max(0, min(count($pages) - 1, $number));

        return new self($pages[$number], $number, $pages);
    }

    /** @param list<string> $page */
    public static function words(array $page): string
    {
        return count($page) === 1 ? $page[0] : $page[0].'–'.$page[count($page) - 1];
    }
}
