<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** The command with many decorations in one process; whatever it claims is tried by asking it again. */
final class AdviseLinesTest extends TestCase
{
    /** What `about` decides, by the name it has in the answer. */
    private const DECIDES = [
        'driver' => ['driver'],
        'loading' => ['loading', 'towards_machine'],
        'access' => ['access'],
        'frame' => ['frame', 'id'],
        'turn' => ['turn_deg'],
        'backing' => ['backing'],
        'topper' => ['topper'],
        'thread' => ['thread_weight'],
        'needle' => ['needle'],
        'speed' => ['speed_spm'],
        'place' => ['place'],
        'hoopings' => ['hoopings'],
    ];

    #[Test]
    public function what_it_claims_is_so_when_it_is_asked_again_with_the_change_it_names(): void
    {
        $cases = self::cases(80);
        $asked = $claims = [];
        foreach (self::advise($cases) as $i => $answer) {
            self::assertArrayNotHasKey('error', $answer);
            foreach ($answer['because'] as $because) {
                if (isset($because['unless'])) {
                    $asked[] = self::merged($cases[$i], $because['unless']['facts']);
                    $claims[] = [$because['about'], $answer];
                } else {
                    self::assertTrue($because['always']);
                }
                self::assertNotSame([], $because['facts']);
            }
            foreach ($answer['cures'] ?? [] as $cure) {
                $asked[] = self::merged($cases[$i], $cure['facts']);
                $claims[] = [$cure['code'], null];
            }
            self::assertSame($answer['verdict'] === 'stop', isset($answer['cures']));
            self::assertFalse($answer['verdict'] === 'go' && $answer['asks'] !== []);
        }
        foreach (self::advise($asked) as $i => $again) {
            [$about, $was] = $claims[$i];
            self::assertArrayNotHasKey('error', $again, json_encode($asked[$i], JSON_THROW_ON_ERROR));
            if ($was === null) {
                self::assertNotSame('stop', $again['verdict'], $about);
            } else {
                self::assertNotEquals(self::decided($about, $was), self::decided($about, $again), $about);
            }
        }
        self::assertGreaterThan(800, count($claims));
    }

    #[Test]
    public function a_line_that_is_no_decoration_is_answered_and_the_next_one_read(): void
    {
        $process = self::process('{"garment":"tee"}'."\n\n".'nonsense'."\n".json_encode(self::cases(1)[0])."\n");
        $lines = array_map(
            static fn(string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            explode("\n", trim($process->getOutput())),
        );

        self::assertSame(0, $process->getExitCode());
        self::assertSame('', $process->getErrorOutput());
        self::assertCount(3, $lines);
        self::assertStringContainsString('line 1: artwork: is missing', $lines[0]['error']);
        self::assertStringContainsString('line 3: no JSON', $lines[1]['error']);
        self::assertArrayHasKey('verdict', $lines[2]);
    }

    #[Test]
    public function features_place_and_order_are_read_and_what_is_wrong_is_said(): void
    {
        $tee = [
            'garment' => 'tee',
            'fabric' => 'jersey',
            'pale' => false,
            'position' => 'full_front',
            'artwork' => ['width_mm' => 80, 'height_mm' => 60, 'stitches' => 3000],
        ];
        $zip = ['kind' => 'zip', 'across_mm' => [-15, 15], 'down_mm' => [0, 500]];
        $cap = [
            'garment' => 'cap',
            'position' => 'cap_front',
            'structure' => 'structured',
            'profile' => 'mid',
            'fabric' => 'twill',
            'artwork' => ['width_mm' => 80, 'height_mm' => 40, 'stitches' => 3000],
            'machine' => ['drivers' => ['cap'], 'turns_caps_itself' => true],
        ];
        [$plain, $zipped, $moved, $wrong, $typo, $across, $outwards] = self::advise([
            $tee,
            [...$tee, 'features' => [$zip]],
            [...$tee, 'features' => [$zip], 'place' => ['across_mm' => 70]],
            [...$tee, 'features' => [[...$zip, 'down_mm' => [500, 0]]]],
            [...$tee, 'features' => [[...$zip, 'kind' => 'velcro']]],
            [...$cap, 'sewing_order' => 'left_to_right'],
            [...$cap, 'sewing_order' => 'middle_out'],
        ]);

        self::assertSame(['warn', 'stop', 'warn'], [$plain['verdict'], $zipped['verdict'], $moved['verdict']]);
        self::assertSame('move_place', $zipped['cures'][0]['code']);
        self::assertStringContainsString('the smaller figure comes first', $wrong['error']);
        self::assertStringContainsString('kind: one of placket, zip', $typo['error']);
        self::assertContains('not_digitised_for_caps', array_column($across['warnings'], 'code'));
        self::assertSame([], $outwards['asks']);
        self::assertSame([], $outwards['warnings']);
    }

    /** @return list<array<string, mixed>> */
    private static function cases(int $count): array
    {
        $chance = new Randomizer(new Mt19937(12));
        $pick = static fn(array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
        $cases = [];
        for ($i = 0; $i < $count; $i++) {
            $garment = $pick(['cap', 'polo', 'hoodie', 'jacket', 'trousers', 'knit_hat', 'towel', 'bag', 'glove', 'patch']);
            $kind = $pick(['round', 'magnetic', 'cap', 'cylinder', 'clamp']);
            $side = $pick([80, 120, 200]);
            $cases[] = [
                'garment' => $garment,
                'position' => match ($garment) {
                    'cap' => $pick(['cap_front', 'cap_side', 'cap_back']),
                    'polo', 'hoodie', 'jacket' => $pick(['left_chest', 'full_front', 'full_back', 'sleeve']),
                    'trousers' => 'leg',
                    'knit_hat' => 'cuff',
                    default => 'centre',
                },
                ...$pick([[], ['fabric' => $pick(['twill', 'pique', 'technical_knit', 'fleece', 'felt', 'denim'])]]),
                ...$garment === 'cap' ? ['structure' => $pick(['structured', 'unstructured'])] : [],
                'artwork' => [
                    'width_mm' => $pick([40, 90, 160]),
                    'height_mm' => $pick([30, 55, 90]),
                    'stitches' => $pick([3000, 12000, 50000]),
                    'smallest_letter_mm' => $pick([4, 8]),
                ],
                'machine' => ['drivers' => $pick([['flat'], ['flat', 'cap'], ['flat', 'cap', 'cylinder', 'clamp']])],
                'frames' => [
                    ['id' => 'A', 'kind' => $kind, 'driver' => match ($kind) {
                        'cap' => 'cap',
                        'cylinder' => 'cylinder',
                        'clamp' => 'clamp',
                        default => 'flat',
                    }, 'outer_mm' => [$side + 20, $side + 20], 'window_mm' => [$side, $side]],
                    ['id' => 'B', 'kind' => 'square', 'driver' => 'flat', 'outer_mm' => [170, 170], 'window_mm' => [150, 150]],
                ],
                'house_rules' => $pick([[], ['orientation' => 'waist_first'], ['cap_backing' => 'cutaway']]) ?: new \stdClass(),
            ];
        }

        return $cases;
    }

    /**
     * @param list<array<string, mixed>> $cases
     *
     * @return list<array<string, mixed>>
     */
    private static function advise(array $cases): array
    {
        $process = self::process(implode("\n", array_map(
            static fn(array $case): string => json_encode($case, JSON_THROW_ON_ERROR),
            $cases,
        )));
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $answers = array_map(
            static fn(string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            explode("\n", trim($process->getOutput())),
        );
        self::assertCount(count($cases), $answers);

        return $answers;
    }

    private static function process(string $input): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', 'setup:advise', '--lines', '-'],
            dirname(__DIR__, 3),
            input: $input,
            timeout: 120,
        );
        $process->run();

        return $process;
    }

    /**
     * @param array<string, mixed> $facts
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed> lists replaced whole
     */
    private static function merged(array $facts, array $change): array
    {
        foreach ($change as $key => $value) {
            $was = $facts[$key] ?? null;
            $was = $was instanceof \stdClass ? [] : $was;
            $facts[$key] = is_array($value) && ! array_is_list($value) && is_array($was)
                ? self::merged($was, $value)
                : $value;
        }

        return $facts;
    }

    /** @param array<string, mixed> $answer */
    private static function decided(string $about, array $answer): mixed
    {
        $value = $answer;
        foreach (self::DECIDES[$about] as $key) {
            $value = $value[$key] ?? null;
        }

        return $about === 'backing'
            ? array_map(static fn(array $one): array => [$one['kind'], $one['layers'], $one['adhesive']], $value)
            : $value;
    }
}
