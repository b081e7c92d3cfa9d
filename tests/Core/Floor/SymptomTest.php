<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\BreakAdvice;
use Hakama\Floor\Remedy;
use Hakama\Floor\Symptom;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class SymptomTest extends TestCase
{
    #[Test]
    public function every_symptom_has_causes_of_its_own_each_with_what_to_do(): void
    {
        $labels = [];
        foreach (Symptom::cases() as $symptom) {
            $causes = array_map(static fn(Remedy $one): string => Said::of($one->cause), $symptom->remedies());
            self::assertGreaterThan(1, count($causes), $symptom->value);
            self::assertSame($causes, array_values(array_unique($causes)), $symptom->value);
            foreach ($symptom->remedies() as $remedy) {
                self::assertNotSame('', trim(Said::of($remedy->do)));
                self::assertStringEndsWith('.', Said::of($remedy->do));
            }
            $labels[] = Said::of($symptom->label());
        }
        self::assertSame($labels, array_values(array_unique($labels)));
    }

    #[Test]
    public function a_thread_that_breaks_is_looked_at_in_the_order_in_which_the_break_card_says_it(): void
    {
        $first = static fn(string $words): string => explode(' ', str_replace(['the ', 'a ', 'thread ', ':'], '', $words))[0];
        self::assertSame(
            array_map(static fn(string $look): string => rtrim($first($look), 's'), Said::each(BreakAdvice::of(9, 1))),
            array_map(
                static fn(Remedy $one): string => rtrim($first(Said::of($one->cause)), 's'),
                array_slice(Symptom::ThreadBreaks->remedies(), 0, 4),
            ),
        );
    }
}
