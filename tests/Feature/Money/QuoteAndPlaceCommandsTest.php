<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** `price:quote` and `place:measure` as a script sees them. */
final class QuoteAndPlaceCommandsTest extends TestCase
{
    private const JOB = [
        'pieces' => 24,
        'blank_cents' => 2300,
        'blank_value_cents' => 2300,
        'artwork_cents' => 4500,
        'decorations' => [
            [
                'name' => 'left chest',
                'stitches' => 6000,
                'top_m' => 30.0,
                'bobbin_m' => 13.0,
                'sew_s' => 410,
                'per_load' => 1,
                'hoop_s' => 90,
                'finish_s' => 60,
                'setup_min' => 20,
                'backing_cm2' => 433,
                'topper_cm2' => 0,
                'applique_cm2' => 0,
            ],
        ],
        'rates' => [
            'machine_cents_h' => 1800,
            'hand_cents_h' => 2400,
            'thread_cents_km' => 180,
            'bobbin_cents_km' => 60,
            'backing_cents_m2' => 150,
            'topper_cents_m2' => 90,
            'applique_cents_m2' => 900,
            'overhead_percent' => 10,
            'spoilage_percent' => 2,
        ],
        'price' => ['by' => 'margin', 'margin_percent' => 50, 'least_cents' => 0],
    ];
    private const PICTURE = [
        'points' => [
            ['px' => [240, 140], 'mm' => [-65, 65]],
            ['px' => [760, 140], 'mm' => [65, 65]],
            ['px' => [760, 660], 'mm' => [65, -65]],
            ['px' => [240, 660], 'mm' => [-65, -65]],
        ],
        'mark_px' => [512, 408],
        'up_px' => [512, 208],
    ];

    #[Test]
    public function a_quote_has_the_form_that_is_promised(): void
    {
        $out = self::json('price:quote', self::JOB);
        self::assertSame(
            [
                'lines',
                'cost_cents',
                'price_cents',
                'profit_cents',
                'margin_percent',
                'per_piece_cents',
                'steps',
                'without',
            ],
            array_keys($out),
        );
        self::assertSame(['about', 'decoration', 'cents', 'from'], array_keys($out['lines'][0]));
        // By hand in the test of the core: 770.11 of cost, and twice that.
        self::assertSame(
            [77011, 154022, 77011, 50.0],
            [$out['cost_cents'], $out['price_cents'], $out['profit_cents'], (float) $out['margin_percent']],
        );
        $bands = self::json('price:quote', [
            ...self::JOB,
            'price' => [
                'by' => 'bands',
                'least_cents' => 0,
                'bands' => [['stitches_to' => 9000, 'steps' => [[1, 900], [48, 500]]]],
                'blank_markup_percent' => 0,
                'artwork_markup_percent' => 0,
            ],
        ]);
        self::assertSame(
            [
                ['pieces' => 1, 'price_cents' => 7700, 'per_piece_cents' => 7700],
                ['pieces' => 48, 'price_cents' => 138900, 'per_piece_cents' => 2894],
            ],
            $bands['steps'],
        );
        self::assertSame([['decoration' => 'left chest', 'price_cents' => 59700]], $bands['without']);
    }

    #[Test]
    public function a_place_has_the_form_that_is_promised(): void
    {
        $out = self::json('place:measure', self::PICTURE);
        self::assertSame(['right_mm', 'up_mm', 'angle_deg', 'error', 'say', 'text'], array_keys($out));
        self::assertSame(['right_mm', 'up_mm', 'angle_deg'], array_keys($out['error']));
        self::assertEqualsWithDelta([3.0, -2.0, 0.0], [$out['right_mm'], $out['up_mm'], $out['angle_deg']], 0.001);
        self::assertSame('move', $out['say']);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function unfit(): iterable
    {
        yield 'no pieces' => ['price:quote', [...self::JOB, 'pieces' => 0], 'pieces: a whole number'];
        yield 'a key nobody knows' => ['price:quote', [...self::JOB, 'colour' => 'red'], 'colour'];
        yield 'a price nobody knows' => [
            'price:quote',
            [...self::JOB, 'price' => ['by' => 'feeling', 'least_cents' => 0]],
            'bands, margin or fixed',
        ];
        yield 'a margin of all' => [
            'price:quote',
            [...self::JOB, 'price' => ['by' => 'margin', 'margin_percent' => 100, 'least_cents' => 0]],
            'margin_percent',
        ];
        yield 'more than the bands hold' => [
            'price:quote',
            [
                ...self::JOB,
                'price' => [
                    'by' => 'bands',
                    'least_cents' => 0,
                    'bands' => [['stitches_to' => 5999, 'steps' => [[1, 9]]]],
                    'blank_markup_percent' => 0,
                    'artwork_markup_percent' => 0,
                ],
            ],
            'no price: left chest has 6000 stitches',
        ];
        yield 'steps that fall' => [
            'price:quote',
            [
                ...self::JOB,
                'price' => [
                    'by' => 'bands',
                    'least_cents' => 0,
                    'bands' => [['stitches_to' => 9000, 'steps' => [[12, 9], [1, 9]]]],
                    'blank_markup_percent' => 0,
                    'artwork_markup_percent' => 0,
                ],
            ],
            'steps.1',
        ];
        yield 'three points' => [
            'place:measure',
            [...self::PICTURE, 'points' => array_slice(self::PICTURE['points'], 0, 3)],
            'four points',
        ];
        yield 'points that are none' => [
            'place:measure',
            [...self::PICTURE, 'points' => [['px' => [1], 'mm' => [1, 2]]]],
            'two numbers',
        ];
        yield 'a mark in words' => ['place:measure', [...self::PICTURE, 'mark_px' => 'there'], 'mark_px'];
    }

    /** @param array<string, mixed> $in */
    #[Test]
    #[DataProvider('unfit')]
    public function what_does_not_fit_is_one_line_and_nothing_else(string $command, array $in, string $why): void
    {
        $process = self::run_($command, $in);
        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertStringContainsString($why, $process->getErrorOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
    }

    /**
     * @param array<string, mixed> $in
     *
     * @return array<string, mixed>
     */
    private static function json(string $command, array $in): array
    {
        $process = self::run_($command, $in);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $in */
    private static function run_(string $command, array $in): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', $command, '-'],
            dirname(__DIR__, 3),
            ['DB_PORT' => '1'],
            json_encode($in, JSON_THROW_ON_ERROR),
        );
        $process->run();

        return $process;
    }
}
