<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The commands as a script sees them: from outside, without a database. */
final class CommandsTest extends TestCase
{
    private const TAPES = __DIR__.'/../../fixtures/tapes/';

    #[Test]
    public function inspect_prints_the_figures_in_the_form_that_is_promised(): void
    {
        $out = self::json(['stitch:inspect', self::TAPES.'leaf-applique.dst']);

        self::assertSame(
            [
                'format',
                'name',
                'stitches',
                'jumps',
                'trims',
                'colour_changes',
                'blocks',
                'bounds_mm',
                'longest_stitch_mm',
                'shortest_stitch_mm',
                'sewn_length_mm',
                'thread_m',
                'order',
                'findings',
            ],
            array_keys($out),
        );
        self::assertSame(['index', 'stitches', 'length_mm', 'trims'], array_keys($out['blocks'][0]));
        self::assertSame(['left', 'right', 'bottom', 'top', 'width', 'height'], array_keys($out['bounds_mm']));
        self::assertSame(
            ['dst', 'LEAF', 730, 3],
            [$out['format'], $out['name'], $out['stitches'], $out['colour_changes']],
        );
        self::assertSame(
            'no',
            self::json(['stitch:inspect', self::TAPES.'bars-left-to-right.dst'])['order']['centre_out'],
        );
        self::assertSame(
            'yes',
            self::json(['stitch:inspect', self::TAPES.'bars-centre-out.dst'])['order']['centre_out'],
        );
    }

    #[Test]
    public function a_tape_may_come_on_standard_input(): void
    {
        self::assertSame(
            730,
            self::json(['stitch:inspect', '-'], (string) file_get_contents(self::TAPES.'leaf-applique.dst'))[
                'stitches'
            ],
        );
    }

    #[Test]
    public function time_says_where_it_goes(): void
    {
        $out = self::json(['stitch:time', self::TAPES.'badge.dst', '--speed=800', '--heads=2']);

        // Two changes of 7 s, six trims of 6 s, nine starts of 1.5 s; 2 · 2.548 · 0.05 · 90 s of breaks.
        self::assertEquals(
            ['changes' => 14, 'trims' => 36, 'ramps' => 13.5, 'breaks' => 22.9],
            array_diff_key($out['parts'], ['sewing' => 0]),
        );
        self::assertEqualsWithDelta(array_sum($out['parts']), $out['seconds'], 0.2);
        self::assertEqualsWithDelta((2548 / $out['seconds']) * 60, $out['mean_spm'], 0.5);
    }

    #[Test]
    public function threads_are_matched_and_differences_printed(): void
    {
        $out = self::json(
            ['thread:match', '-'],
            '{"target":"#c9302c","among":[{"code":"K-2","hex":"#2244cc","weight":40},{"code":"K-1","hex":"#c9302c","weight":40},{"code":"K-3","hex":"#c9302c","weight":60}],"weight":40}',
        );

        self::assertSame(['K-1', 'K-2'], array_column($out['matches'], 'code'));
        self::assertSame(['same', 'none'], array_column($out['matches'], 'verdict'));
        self::assertSame(
            ['delta_e' => 2.0425],
            self::json(['thread:difference', '50', '2.6772', '-79.7751', '50', '0', '-82.7485']),
        );
    }

    #[Test]
    public function a_plan_is_solved_and_priced_in_the_form_that_is_promised(): void
    {
        $case = (string) file_get_contents(__DIR__.'/../../fixtures/plans/case-2.json');
        $out = self::json(['plan:solve', '-', '--iterations=2000', '--seed=4'], $case);
        self::assertSame(
            ['placed', 'unplaced', 'totals', 'as_booked', 'lower_bound', 'iterations', 'seed'],
            array_keys($out),
        );
        self::assertSame(
            [
                'batch',
                'machine',
                'setup_start',
                'start',
                'end',
                'setup_min',
                'driver_change',
                'frame_change',
                'threads',
                'order',
                'late_min',
            ],
            array_keys($out['placed'][0]),
        );
        self::assertSame(
            [
                'cost',
                'weighted_late_min',
                'late_batches',
                'setup_min',
                'thread_changes',
                'driver_changes',
                'frame_changes',
                'flow_min',
                'unfit_min',
                'keep_min',
                'parts',
            ],
            array_keys($out['totals']),
        );
        self::assertSame(array_keys($out['totals']), array_keys($out['as_booked']));
        self::assertSame([2000, 4], [$out['iterations'], $out['seed']]);
        self::assertLessThanOrEqual($out['totals']['cost'], $out['lower_bound']);
        self::assertLessThan($out['as_booked']['cost'], $out['totals']['cost']);
        self::assertSame(
            $out,
            self::json(['plan:solve', '-', '--iterations=2000', '--seed=4'], $case),
            'the same once more',
        );

        $priced = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/plans/case-2.priced.json'), true);
        $out = self::json(['plan:solve', '-', '--evaluate'], $case);
        self::assertEqualsWithDelta($priced['totals']['cost'], $out['totals']['cost'], 0.002);
        self::assertSame(array_column($priced['placed'], 'end', 'batch'), array_column($out['placed'], 'end', 'batch'));
    }

    #[Test]
    public function what_is_against_a_machine_what_is_kept_and_what_spreads_is_told_in_the_form_that_is_promised(): void
    {
        $case = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/plans/case-2.json'), true);
        $plain = self::json(['plan:solve', '-', '--evaluate'], (string) json_encode($case));
        $first = $plain['placed'][0];
        $case['batches'][0] += ['unfit_min' => [$first['machine'] => 30]];
        $case['keep'] = [
            ['batch' => $first['batch'], 'machine' => $first['machine'], 'start' => '2026-01-01T00:00', 'min' => 20],
        ];
        $case['cost'] = ($case['cost'] ?? ['late' => 10, 'setup' => 1, 'flow' => 0.01]) + ['unfit' => 2];
        $more = self::json(['plan:solve', '-', '--evaluate'], (string) json_encode($case));
        $is = $first['batch'] === $case['batches'][0]['id'] ? 30 : 0;
        self::assertEqualsWithDelta([$is, 20], [$more['totals']['unfit_min'], $more['totals']['keep_min']], 1e-9);
        self::assertEqualsWithDelta($plain['totals']['cost'] + 2 * $is + 20, $more['totals']['cost'], 0.002);
        self::assertEqualsWithDelta(array_sum($more['totals']['parts']), $more['totals']['cost'], 0.005);

        $case['spread'] = (object) [];
        $still = self::json(['plan:solve', '-', '--evaluate'], (string) json_encode($case));
        self::assertEqualsWithDelta($still['totals']['cost'], $still['totals']['expected_cost'], 0.002);
        self::assertSame([1000, 1], [$still['totals']['runs'], $still['totals']['seed']]);
        $case['spread'] = ['sew_cv' => 0.2, 'setup_cv' => 0.3];
        unset($case['sequence']);
        $found = self::json(['plan:solve', '-', '--iterations=300', '--seed=3'], (string) json_encode($case));
        self::assertLessThanOrEqual($found['as_booked']['expected_cost'], $found['totals']['expected_cost']);
        $again = self::json(['plan:solve', '-', '--iterations=300', '--seed=3'], (string) json_encode($case));
        self::assertSame($found, $again);
    }

    #[Test]
    public function what_only_some_may_do_waits_until_they_are_in(): void
    {
        $case = self::plan();
        $case['batches'][0]['skill'] = 'caps';
        $plain = self::json(['plan:solve', '-', '--iterations=200'], (string) json_encode($case));
        // Two may, after the midday break.
        $case['skills'] = ['caps' => [['2026-03-02T12:30', '2026-03-02T16:30', 2]]];
        $later = self::json(['plan:solve', '-', '--iterations=200'], (string) json_encode($case));
        $id = $case['batches'][0]['id'];
        $start = static fn(array $out): string => array_column($out['placed'], 'setup_start', 'batch')[$id];
        self::assertStringStartsWith('2026-03-02T08:00', $start($plain), 'nothing is said of who may');
        self::assertSame('2026-03-02T12:30:00', $start($later));

        $case['skills'] = ['caps' => []];
        $never = self::json(['plan:solve', '-', '--iterations=200'], (string) json_encode($case));
        self::assertSame(
            [['batch' => $id, 'reason' => 'nobody who may do it alone is in for as long as it takes']],
            $never['unplaced'],
        );
    }

    #[Test]
    public function odds_are_told_in_the_form_that_is_promised_and_without_spread_they_are_the_plan(): void
    {
        $case = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/plans/case-2.json'), true);
        $case['spread'] = (object) [];
        $out = self::json(['plan:odds', '-', '--runs=20', '--seed=4'], (string) json_encode($case));
        self::assertSame(['runs', 'seed', 'batches'], array_keys($out));
        self::assertSame([20, 4], [$out['runs'], $out['seed']]);
        self::assertSame(['batch', 'due', 'kept', 'end_p50', 'end_p80', 'end_p95'], array_keys($out['batches'][0]));
        $priced = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/plans/case-2.priced.json'), true);
        $ends = array_column($priced['placed'], 'end', 'batch');
        foreach ($out['batches'] as $one) {
            self::assertSame([$ends[$one['batch']], $ends[$one['batch']]], [$one['end_p50'], $one['end_p95']]);
            self::assertSame($one['end_p50'] <= $one['due'] ? 1.0 : 0.0, (float) $one['kept']);
        }

        $case['spread'] = ['sew_cv' => 0.3, 'stitches' => ['B1' => 6000], 'breaks_per_1000' => 0.05, 'break_s' => 90];
        $spread = self::json(['plan:odds', '-', '--runs=200'], (string) json_encode($case));
        self::assertNotEquals(array_column($spread['batches'], 'end_p50'), array_column($spread['batches'], 'end_p95'));
        foreach (
            [
                [['spread' => ['sew_cv' => -1]], 'sew_cv: a number from'],
                [['spread' => ['stitches' => ['nobody' => 5]]], 'nobody: there is no such batch'],
                [['spread' => ['weather' => 1]], 'weather: this key is not known'],
                [['spread' => null], 'spread'],
                [['sequence' => null], 'sequence: is missing'],
            ] as [$changed, $said]
        ) {
            $process = self::run_(['plan:odds', '-'], (string) json_encode([...$case, ...$changed]));
            self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
            self::assertStringContainsString($said, $process->getErrorOutput());
        }
    }

    #[Test]
    public function codes_of_digits_and_a_fixed_start_are_planned_like_any_other(): void
    {
        $workload = self::plan();
        $out = self::json(['plan:solve', '-', '--iterations=200'], (string) json_encode($workload));
        self::assertSame(
            [['6', '1', '2026-03-02T10:00:00']],
            array_values(
                array_map(
                    static fn(array $one): array => [$one['batch'], $one['machine'], $one['start']],
                    array_filter($out['placed'], static fn(array $one): bool => $one['batch'] === '6'),
                ),
            ),
        );
        $workload['batches'][1]['sew_s'] = (object) [];
        $workload['batches'][1]['fixed'] = null;
        $out = self::json(['plan:solve', '-', '--iterations=200'], (string) json_encode($workload));
        self::assertSame([['batch' => '6', 'reason' => '1 cannot run it']], $out['unplaced']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unfitPlans(): iterable
    {
        yield 'a time that is none' => [['now' => '2026-02-30T08:00'], 'now: a local time such as'];
        yield 'spans that overlap' => [
            [
                'machines' => [
                    [
                        ...self::plan()['machines'][0],
                        'hours' => [['2026-03-02T08:00', '2026-03-02T12:00'], ['2026-03-02T11:00', '2026-03-02T16:00']],
                    ],
                ],
            ],
            'spans that rise',
        ];
        yield 'a skill of which nothing is said' => [
            ['batches' => [['skill' => 'caps'] + self::plan()['batches'][0]], 'skills' => ['lettering' => []]],
            'skills does not say who has it',
        ];
        yield 'a skill without people' => [['skills' => ['caps' => [['2026-03-02T08:00', '2026-03-02T12:00']]]], 'how many people'];
        yield 'a machine twice' => [
            ['machines' => [self::plan()['machines'][0], self::plan()['machines'][0]]],
            'machines: 1 stands here twice',
        ];
        yield 'a machine nobody has' => [
            ['batches' => [[...self::plan()['batches'][0], 'sew_s' => ['M9' => 100]]]],
            'M9: there is no such machine',
        ];
        yield 'no thread at all' => [
            ['batches' => [[...self::plan()['batches'][0], 'threads' => []]]],
            'at least one thread',
        ];
        yield 'an order with a stranger' => [['sequence' => ['1' => ['nobody']]], 'there is no batch nobody'];
        yield 'an order with one twice' => [['sequence' => ['1' => ['5', '5']]], '5 stands here twice'];
        yield 'a key nobody knows' => [['weather' => 'fair'], 'weather: this key is not known'];
        yield 'minutes below zero' => [
            ['changeover' => [...self::plan()['changeover'], 'thread_min' => -1]],
            'thread_min: a number from',
        ];
    }

    /** @param array<string, mixed> $changed */
    #[Test]
    #[DataProvider('unfitPlans')]
    public function a_plan_with_a_mistake_is_refused_with_where_it_is(array $changed, string $said): void
    {
        $process = self::run_(['plan:solve', '-'], (string) json_encode([...self::plan(), ...$changed]));
        self::assertSame(2, $process->getExitCode());
        self::assertStringContainsString($said, $process->getErrorOutput());
        self::assertSame('', $process->getOutput());
    }

    /** @return array<string, mixed> */
    private static function plan(): array
    {
        $batch = [
            'id' => '5',
            'pieces' => 4,
            'sew_s' => ['1' => 410],
            'hoop_s' => 90,
            'swap_s' => 40,
            'frames_per_head' => 2,
            'threads' => ['12', '7'],
            'frame' => '130',
            'ready' => '2026-03-02T08:00',
            'due' => '2026-03-03T12:00',
            'weight' => 1,
            'fixed' => null,
        ];

        return [
            'now' => '2026-03-02T08:00',
            'machines' => [
                [
                    'id' => '1',
                    'heads' => 1,
                    'needles' => 15,
                    'rack' => ['1' => '7'],
                    'pinned' => [1],
                    'driver' => 'flat',
                    'frame' => '130',
                    'hours' => [['2026-03-02T08:00', '2026-03-02T12:00'], ['2026-03-02T12:30', '2026-03-02T16:30']],
                ],
            ],
            'frames' => [['id' => '130', 'driver' => 'flat', 'count' => 4]],
            'changeover' => [
                'load_min' => 3,
                'frame_min' => 4,
                'thread_min' => 2.5,
                'driver_min' => [['flat', 'cap', 15]],
            ],
            'people' => 1,
            'tends' => 3,
            'batches' => [
                $batch,
                [...$batch, 'id' => '6', 'pieces' => 2, 'fixed' => ['machine' => '1', 'start' => '2026-03-02T10:00']],
            ],
            'cost' => ['late' => 10, 'setup' => 1, 'flow' => 0.01],
        ];
    }

    #[Test]
    public function needles_are_assigned(): void
    {
        $out = self::json(
            ['needles:assign', '-'],
            '{"needles":15,"rack":{"1":"white-40"},"pinned":[1],"needle_sizes":{"1":"75/11"},"thread_needs":{"white-60":"65/9"},"batches":[{"id":"b1","blocks":["white-40","navy-40","white-40"]}]}',
        );

        self::assertSame(
            [
                'changes' => 1,
                'batches' => [
                    [
                        'id' => 'b1',
                        'load' => [['needle' => 2, 'from' => null, 'to' => 'navy-40', 'before_block' => 1]],
                        'order' => [1, 2, 1],
                    ],
                ],
            ],
            $out,
        );
    }

    #[Test]
    public function findings_are_part_of_the_inspection(): void
    {
        $out = self::json(['stitch:inspect', self::TAPES.'bars-left-to-right.dst']);

        self::assertSame(
            ['jumps_before_first', 'cap_order', 'start_off_middle', 'end_away'],
            array_column($out['findings'], 'code'),
        );
        self::assertSame(['code', 'message'], array_keys($out['findings'][0]));
    }

    #[Test]
    public function a_tape_is_turned_copied_and_regrouped_and_says_what_was_saved(): void
    {
        $path = sys_get_temp_dir().'/made-'.getmypid().'.dst';
        $out = self::json([
            'stitch:write',
            self::TAPES.'badge.dst',
            $path,
            '--copies=3x2',
            '--regroup',
            '--turn=90',
            '--mirror',
            '--gap=4',
            '--field=220x140',
        ]);
        $back = self::json(['stitch:inspect', $path]);
        unlink($path);

        self::assertSame(
            [6, 17, 2, 15],
            [
                $out['copies'],
                $out['before']['colour_changes'],
                $out['after']['colour_changes'],
                $out['saved']['colour_changes'],
            ],
        );
        self::assertSame(
            [6 * 2548, 2, $out['after']['trims'], $out['after']['jumps']],
            [$back['stitches'], $back['colour_changes'], $back['trims'], $back['jumps']],
        );
        self::assertEqualsWithDelta(6 * (7189.6 + 1736.5 + 878.7), $back['sewn_length_mm'], 0.5);
        self::assertEqualsWithDelta(
            [3 * 67 + 2 * 4, 2 * 67 + 4],
            [$back['bounds_mm']['width'], $back['bounds_mm']['height']],
            0.11,
        );
        self::assertSame([1, 2, 3], $out['blocks_from']);
        // 15 changes of 7 s and 1.5 s to start after each; what trims are saved or added, 7.5 s each.
        self::assertEqualsWithDelta(15 * 8.5 + 7.5 * $out['saved']['trims'], $out['saved']['seconds'], 0.1);

        $halted = self::json(['stitch:write', self::TAPES.'leaf-applique.dst', $path, '--stop=40', '--stop=500']);
        self::assertSame([5, [1, 1, 2, 3, 3, 4]], [$halted['after']['colour_changes'], $halted['blocks_from']]);
        unlink($path);
    }

    #[Test]
    public function a_column_of_badges_comes_as_one_tape_a_hooping(): void
    {
        $path = sys_get_temp_dir().'/tube-'.getmypid().'.dst';
        $out = self::json(['stitch:write', self::TAPES.'badge.dst', $path, '--copies=1x3', '--gap=20', '--reach=75']);
        self::assertFileDoesNotExist($path);
        // Badges of 67 mm with 20 between them: the marks lie 87 mm apart, the first in the middle of the lowest.
        self::assertSame([3, 33.5], [count($out['hoopings']), $out['hoopings'][0]['mark_up_mm']]);
        self::assertEqualsWithDelta(
            [87.0, 87.0],
            [
                $out['hoopings'][1]['mark_up_mm'] - $out['hoopings'][0]['mark_up_mm'],
                $out['hoopings'][2]['mark_up_mm'] - $out['hoopings'][1]['mark_up_mm'],
            ],
            0.05,
        );
        foreach ($out['hoopings'] as $hooping) {
            $back = self::json(['stitch:inspect', $hooping['file']]);
            self::assertSame([2548, 2], [$back['stitches'], $back['colour_changes']]);
            self::assertEqualsWithDelta(
                [67.0, 67.0],
                [$back['bounds_mm']['width'], $back['bounds_mm']['height']],
                0.11,
            );
            self::assertEqualsWithDelta(0.0, $back['bounds_mm']['top'] + $back['bounds_mm']['bottom'], 0.11);
            unlink($hooping['file']);
        }
        // Within one reach it is one tape, where it was asked for.
        $one = self::json(['stitch:write', self::TAPES.'badge.dst', $path, '--reach=70']);
        self::assertSame($path, $one['file']);
        unlink($path);
    }

    private const HOODIE = '{"garment":"hoodie","fabric":"fleece","stretch":"low","size":"S","sizes_mm":{"neck_opening":210,"chest_width":480},"unit_value_cents":5200,"practised":false,"position":"full_front",
        "artwork":{"width_mm":180,"height_mm":120,"stitches":14000,"colours":7,"smallest_letter_mm":4.5,"lettering":true,"applique_stops":2,"centre_out":"yes","bottom_up":"unclear"},
        "machine":{"needles":6,"drivers":["flat"],"arm_width_mm":90,"gap_under_carriage":false},
        "frames":[{"id":"G","kind":"magnetic","driver":"flat","outer_mm":[372,232],"window_mm":[340,200],"count":2},{"id":"R","kind":"round","driver":"flat","outer_mm":[150,150],"window_mm":[120,120]}],
        "house_rules":{"topper_residue":"wash","small_letter_mm":5}}';

    #[Test]
    public function motifs_along_a_leg_are_hooped_as_often_as_the_reach_asks_for_and_must_not_overlap(): void
    {
        $leg = static fn(array $motifs): array => self::json(
            ['setup:advise', '-'],
            (string) json_encode([
                'garment' => 'trousers',
                'position' => 'leg',
                'fabric' => 'denim',
                'practised' => true,
                'sizes_mm' => ['leg_width' => 180],
                'artwork' => ['width_mm' => 40, 'height_mm' => 60, 'stitches' => 3000, 'colours' => 2],
                'machine' => ['needles' => 15, 'drivers' => ['cylinder'], 'arm_width_mm' => 60],
                'motifs' => $motifs,
                'frames' => [
                    [
                        'id' => 'T',
                        'kind' => 'cylinder',
                        'driver' => 'cylinder',
                        'outer_mm' => [104, 110],
                        'window_mm' => [84, 90],
                    ],
                ],
            ]),
        );
        $motif = static fn(float $at): array => [
            'width_mm' => 40,
            'height_mm' => 60,
            'from' => 'hem',
            'at_mm' => $at,
        ];
        // Reach 75 mm: each of 60 mm with 20 between wants a hooping of its own.
        $apart = $leg([$motif(50), $motif(130), $motif(210)]);
        self::assertSame([3, 'closed_tube', 'warn'], [$apart['hoopings'], $apart['access'], $apart['verdict']]);
        self::assertContains('several_hoopings', array_column($apart['warnings'], 'code'));
        self::assertNotContains('fits_no_frame', array_column($apart['warnings'], 'code'));
        $over = $leg([$motif(50), $motif(100)]);
        self::assertSame('stop', $over['verdict']);
        self::assertStringContainsString(
            'overlap by 10 mm',
            implode(' ', array_column($over['warnings'], 'text')),
        );
    }

    #[Test]
    public function advice_comes_in_the_form_that_is_promised_with_a_reason_for_each_value(): void
    {
        $out = self::json(['setup:advise', '-'], self::HOODIE);

        self::assertSame(
            [
                'loading',
                'access',
                'hoopings',
                'verdict',
                'frame',
                'driver',
                'turn_deg',
                'backing',
                'topper',
                'needle',
                'thread_weight',
                'speed_spm',
                'place',
                'steps',
                'warnings',
                'cautions',
                'because',
                'other_schools',
                'asks',
                'estimated',
            ],
            array_keys($out),
        );
        // 180 mm in a window of 340, 120 in one of 200, in the middle.
        self::assertEquals(
            [
                'id' => 'G',
                'kind' => 'magnetic',
                'slack_mm' => ['left' => 80, 'right' => 80, 'top' => 40, 'bottom' => 40],
            ],
            $out['frame'],
        );
        self::assertSame(
            ['warn', 'flat', 180, 60, 750],
            [$out['verdict'], $out['driver'], $out['turn_deg'], $out['thread_weight'], $out['speed_spm']],
        );
        self::assertEquals(
            [['kind' => 'cutaway', 'layers' => 2, 'adhesive' => true, 'size_mm' => [422, 282]]],
            $out['backing'],
        );
        self::assertSame(['size' => '65/9', 'point' => 'sharp'], $out['needle']);
        self::assertEqualsCanonicalizing(
            [
                'neck_travel',
                'bulk_behind_arm',
                'small_lettering',
                'puckering_risk',
                'not_practised',
                'value_at_risk',
                'too_many_colours',
            ],
            array_column($out['warnings'], 'code'),
        );
        self::assertContains('turn_design', array_column($out['steps'], 'code'));
        self::assertContains('tell_customer_topper', array_column($out['steps'], 'code'));
        self::assertContains('magnet_pinch', array_column($out['cautions'], 'code'));
        // Too wide for the neck: the waist goes to the machine, and the turn follows from it.
        self::assertSame(['waist', 'flat', 1], [$out['loading']['towards_machine'], $out['access'], $out['hoopings']]);
        self::assertStringContainsString('waist', $out['loading']['bracket']);
        self::assertSame(
            ['driver', 'loading', 'backing', 'topper', 'thread', 'needle', 'speed', 'place', 'access', 'turn', 'frame',
                'hoopings'],
            array_column($out['because'], 'about'),
        );
    }

    #[Test]
    public function three_facts_are_enough_for_advice(): void
    {
        $out = self::json(
            ['setup:advise', '-'],
            '{"garment":"patch","position":"centre","artwork":{"width_mm":50,"height_mm":50,"stitches":3000}}',
        );

        self::assertSame([null, 'flat', 0], [$out['frame'], $out['driver'], $out['turn_deg']]);
        self::assertNull($out['backing'][0]['size_mm'], 'without a frame no size');
        self::assertSame(
            'stop',
            self::json(
                ['setup:advise', '-'],
                '{"garment":"patch","position":"centre","artwork":{"width_mm":50,"height_mm":50,"stitches":3000},"frames":[]}',
            )['verdict'],
        );
    }

    #[Test]
    public function the_page_on_advice_is_made_from_the_rules(): void
    {
        self::assertSame(
            (string) file_get_contents(dirname(__DIR__, 3).'/docs/advice.md'),
            self::run_(['setup:rules'], '')->getOutput(),
            'php artisan setup:rules > docs/advice.md makes it anew',
        );
    }

    /** @return iterable<string, array{list<string>, string, string}> */
    public static function badInput(): iterable
    {
        yield 'no such file' => [['stitch:inspect', 'nothing.dst'], '', 'nothing.dst: there is no such file'];
        yield 'no tape' => [['stitch:inspect', '-'], 'short', 'at byte 5'];
        yield 'bad speed' => [
            ['stitch:time', self::TAPES.'badge.dst', '--speed=fast'],
            '',
            '--speed: a whole number',
        ];
        yield 'an odd turn' => [
            ['stitch:write', self::TAPES.'badge.dst', '/tmp/x.dst', '--turn=45'],
            '',
            '--turn: 0, 90, 180 or 270',
        ];
        yield 'copies in words' => [
            ['stitch:write', self::TAPES.'badge.dst', '/tmp/x.dst', '--copies=many'],
            '',
            '--copies: columns x rows',
        ];
        yield 'too small a field' => [
            ['stitch:write', self::TAPES.'badge.dst', '/tmp/x.dst', '--copies=2x2', '--field=100x100'],
            '',
            'at most 1 × 1 go in',
        ];
        yield 'a stop at no stitch' => [
            ['stitch:write', self::TAPES.'badge.dst', '/tmp/x.dst', '--stop=99999'],
            '',
            'There is no stitch after stitch 99999',
        ];
        yield 'a reach that cuts a motif' => [
            ['stitch:write', self::TAPES.'badge.dst', '/tmp/x.dst', '--reach=40'],
            '',
            '67 mm along the tube and one hooping reaches 40',
        ];
        yield 'nowhere to write' => [
            ['stitch:write', self::TAPES.'badge.dst', '/no/such/folder/x.dst'],
            '',
            '/no/such/folder/x.dst: it cannot be written there',
        ];
        yield 'no JSON' => [['thread:match', '-'], '{', 'no JSON'];
        yield 'unknown key' => [
            ['thread:match', '-'],
            '{"target":"#ffffff","among":[],"wieght":40}',
            '-: wieght: this key is not known',
        ];
        yield 'unknown key inside' => [
            ['thread:match', '-'],
            '{"target":"#ffffff","among":[{"code":"a","hex":"#000000","name":"x"}]}',
            'among[0]: name: this key is not known',
        ];
        yield 'no colour' => [['thread:match', '-'], '{"target":"white","among":[]}', '“white” is no colour'];
        yield 'five numbers' => [['thread:difference', '1', '2', '3', '4', '5'], '', 'six numbers'];
        yield 'needle out of reach' => [
            ['needles:assign', '-'],
            '{"needles":2,"rack":{"3":"red"},"batches":[]}',
            'there is no needle 3',
        ];
        yield 'nothing can take it' => [
            ['needles:assign', '-'],
            '{"needles":1,"pinned":[1],"batches":[{"id":"b","blocks":["red"]}]}',
            'no unpinned needle can take red',
        ];
        yield 'no garment' => [['setup:advise', '-'], '{"position":"centre"}', 'artwork: is missing'];
        yield 'a garment nobody wears' => [
            ['setup:advise', '-'],
            '{"garment":"cape","position":"centre","artwork":{"width_mm":5,"height_mm":5,"stitches":9}}',
            'garment: one of cap, polo, tee',
        ];
        yield 'a school nobody knows' => [
            ['setup:advise', '-'],
            '{"garment":"cap","position":"cap_front","artwork":{"width_mm":5,"height_mm":5,"stitches":9},"house_rules":{"cap_backing":"paper"}}',
            'cap_backing is tear_away, cutaway or always_tear_away, not “paper”',
        ];
        yield 'half a frame' => [
            ['setup:advise', '-'],
            '{"garment":"cap","position":"cap_front","artwork":{"width_mm":5,"height_mm":5,"stitches":9},"frames":[{"id":"F","kind":"cap","driver":"cap","outer_mm":[1],"window_mm":[1,1]}]}',
            'outer_mm: two numbers are wanted here',
        ];
        yield 'a key inside the machine' => [
            ['setup:advise', '-'],
            '{"garment":"cap","position":"cap_front","artwork":{"width_mm":5,"height_mm":5,"stitches":9},"machine":{"colour":"red"}}',
            'colour: this key is not known',
        ];
        yield 'missing key' => [['needles:assign', '-'], '{"needles":2}', 'batches: is missing'];
    }

    /** @param list<string> $command */
    #[Test]
    #[DataProvider('badInput')]
    public function bad_input_gets_one_line_that_says_what_and_where_and_exit_code_two(
        array $command,
        string $input,
        string $message,
    ): void {
        $process = self::run_($command, $input);

        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
        self::assertStringContainsString($message, $process->getErrorOutput());
    }

    /**
     * @param list<string> $command
     *
     * @return array<string, mixed>
     */
    private static function json(array $command, string $input = ''): array
    {
        $process = self::run_($command, $input);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param list<string> $command */
    private static function run_(array $command, string $input): Process
    {
        // A port nobody listens on: the commands must not want the database.
        $process = new Process(
            [PHP_BINARY, 'artisan', ...$command],
            dirname(__DIR__, 3),
            ['DB_PORT' => '1', 'DB_HOST' => '127.0.0.1'],
            $input,
        );
        $process->run();

        return $process;
    }
}
