<?php

declare(strict_types=1);

namespace Tests\Core\House;

use Hakama\House\HouseRules;
use Hakama\House\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class UnitsTest extends TestCase
{
    #[Test]
    public function both_are_said_and_the_house_says_which_first(): void
    {
        self::assertSame('200 mm (7 7/8 in)', Units::of(HouseRules::of())->length(200));
        $inches = Units::of(HouseRules::of([], ['units' => 'inch']));
        self::assertSame('7 7/8 in (200 mm)', $inches->length(200));
        self::assertSame(['7 7/8', '200'], [$inches->field(200), Units::Millimetres->field(200)]);
    }

    #[Test]
    public function what_no_tape_is_laid_on_is_said_once_and_in_decimals(): void
    {
        self::assertSame(
            ['22.6 mm', '240 × 146 mm', '23'],
            [Units::Millimetres->said(22.6, 1), Units::Millimetres->size(240, 146), Units::Millimetres->figure(22.6)],
        );
        self::assertSame(
            ['0.89 in', '9.45 × 5.75 in', '0.89'],
            [Units::Inches->said(22.6, 1), Units::Inches->size(240, 146), Units::Inches->figure(22.6)],
        );
    }

    /** @return iterable<string, array{Units, string, float|null}> */
    public static function typed(): iterable
    {
        yield 'a number is in millimetres' => [Units::Millimetres, '200', 200.0];
        yield 'or in inches' => [Units::Inches, '8', 203.2];
        yield 'with a fraction' => [Units::Inches, '7 7/8', 200.025];
        yield 'a fraction alone' => [Units::Inches, '3/4', 19.05];
        yield 'with its sign' => [Units::Inches, '-1/2', -12.7];
        yield 'as a decimal' => [Units::Inches, '7.5', 190.5];
        yield 'a comma is a point' => [Units::Millimetres, '12,5', 12.5];
        yield 'said in the other' => [Units::Millimetres, '2 in', 50.8];
        yield 'and the other way round' => [Units::Inches, '50.8 mm', 50.8];
        yield 'the sign of inches' => [Units::Millimetres, '2"', 50.8];
        yield 'nothing' => [Units::Millimetres, '', null];
        yield 'words' => [Units::Millimetres, 'a finger', null];
        yield 'a fraction of nothing' => [Units::Inches, '1/0', null];
        yield 'two numbers' => [Units::Millimetres, '12 13', null];
    }

    #[Test]
    #[DataProvider('typed')]
    public function what_is_typed_becomes_millimetres(Units $units, string $typed, ?float $mm): void
    {
        if ($mm === null) {
            self::assertNull($units->read($typed));
        } else {
            self::assertEqualsWithDelta($mm, $units->read($typed), 1e-9);
        }
    }

    #[Test]
    public function what_stands_in_a_field_reads_back_to_the_eighth(): void
    {
        for ($mm = -300.0; $mm <= 300.0; $mm += 0.7) {
            self::assertEqualsWithDelta($mm, Units::Inches->read(Units::Inches->field($mm)) ?? INF, 25.4 / 16 + 1e-9);
            self::assertEqualsWithDelta($mm, Units::Millimetres->read(Units::Millimetres->field($mm)) ?? INF, 0.51);
        }
    }
}
