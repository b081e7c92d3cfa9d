<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\Garment;
use Hakama\Setup\Advice;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\WorkStage;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/**
 * One person does what the list says, line by line, and never meets a line that cannot be done. What each line needs and
 * changes is written down here a second time, by hand, from the trade; the program's own order does not know of it.
 */
final class ListsTest extends TestCase
{
    /** Code => what has to be so, what must not be so, and what is so afterwards ("-x": no longer). */
    private const ACTS = [
        'driver_change' => [[], ['mounted', 'empty on'], ['driver']],
        'load_design' => [[], ['sewn'], ['loaded']],
        'select_frame' => [['loaded'], ['sewn'], ['chosen']],
        'turn_design' => [['chosen'], ['traced'], ['turned']],
        'turned_by_machine' => [['chosen'], ['traced'], ['turned']],
        'design_upright' => [['chosen'], ['traced'], ['turned']],
        'find_true_centre' => [['chosen'], ['closed', 'mounted'], ['true centre']],
        'trace_empty_first' => [['chosen', 'turned', 'loaded'], ['closed', 'mounted', 'on arm'], ['traced empty']],
        'frame_out' => [['traced empty'], ['closed', 'mounted'], ['frame out']],
        'sweatband_out' => [[], ['closed', 'mounted'], ['open']],
        'bill_straight' => [[], ['closed', 'mounted'], []],
        'strap_open' => [[], ['closed'], []],
        'strap_shut' => [[], ['closed'], []],
        'clear_pockets' => [[], ['closed', 'mounted'], []],
        'open_side_seam' => [[], ['closed', 'marked', 'stuck'], ['seam open']],
        'fold_cuff_open' => [[], ['closed'], ['cuff open']],
        'measure_chest' => [[], ['inside out', 'closed', 'on arm'], ['marked']],
        'chest_template' => [[], ['inside out', 'closed', 'on arm'], ['marked']],
        'chest_peg' => [[], ['inside out', 'closed', 'on arm'], ['marked']],
        'mark_place' => [[], ['inside out', 'closed', 'on arm'], ['marked']],
        'lay_templates' => [['marked'], ['inside out', 'closed'], []],
        'mark_up_arrow' => [['marked'], ['inside out', 'closed', 'on arm'], ['sticker']],
        'turn_inside_out' => [['marked'], ['closed', 'inside out'], ['inside out']],
        'cut_backing' => [[], ['closed', 'stuck', 'backing in'], ['backing']],
        'sides_backing_longer' => [['backing'], ['backing in'], []],
        'short_second_layer' => [['backing'], ['backing in'], []],
        'iron_mesh' => [['backing'], ['closed'], ['stuck']],
        'stick_backing' => [['backing'], ['closed'], ['stuck']],
        'pin_clear' => [['backing', 'inside out'], ['closed'], []],
        'backing_clipped' => [['backing', 'open'], ['closed'], ['backing in', 'clips']],
        'backing_taped' => [['backing', 'open'], ['closed'], ['backing in']],
        'backing_tucked' => [['backing', 'open'], ['closed'], ['backing in']],
        'bill_stop' => [['backing in', 'open'], ['closed'], ['on ring']],
        'seam_left_of_mark' => [['on ring'], ['closed'], []],
        'seam_on_mark' => [['on ring'], ['closed'], []],
        'round_from_front_seam' => [['on ring'], ['closed'], []],
        'strap_teeth_in_seam' => [['on ring'], ['closed'], []],
        'hoop' => [['backing'], ['closed', 'mounted'], ['closed']],
        'hoop_backing' => [['backing'], ['closed'], ['backing hooped']],
        'lay_on_backing' => [['backing hooped', 'marked'], ['closed'], ['closed']],
        'load_end_first' => [[], ['closed', 'mounted'], ['on arm']],
        'no_stretch' => [[], ['closed'], []],
        'seams_parallel' => [[], ['closed'], []],
        'hoop_along_tube' => [[], ['closed'], []],
        'film_in_frame' => [['on arm'], ['closed'], ['film']],
        'backing_under_clamp' => [['backing'], ['closed'], ['backing in']],
        'backing_four_sides' => [['closed'], ['mounted'], []],
        'feel_under_frame' => [['closed'], ['sewn'], []],
        'tape_backing_under' => [['closed'], ['mounted'], []],
        'clips_both_sides' => [['closed'], ['mounted'], []],
        'check_backing_inside' => [['closed'], ['mounted'], []],
        'clips_out' => [['closed', 'clips'], ['mounted'], ['-clips']],
        'bobbin_before_mount' => [[], ['mounted', 'clamp loaded'], ['bobbin']],
        'close_on_machine' => [['on arm', 'backing in', 'frame out'], ['closed', 'mounted'], ['closed']],
        'frame_back' => [['closed', 'frame out'], ['mounted'], ['mounted', '-frame out']],
        'mount_end_first' => [['closed'], ['mounted', 'clips'], ['mounted']],
        'mount_sideways' => [['closed', 'bobbin'], ['mounted', 'clips'], ['mounted']],
        'strap_ends_clear' => [['mounted'], ['sewn'], []],
        'weight_in_front' => [['mounted'], ['traced'], []],
        'hang_free' => [['mounted'], ['traced'], []],
        'tuck_loose_part' => [['mounted'], ['traced'], []],
        'needle_one' => [['mounted', 'loaded', 'chosen', 'turned'], ['traced'], ['centred']],
        'needle_down_under_cap' => [['mounted', 'loaded', 'chosen', 'turned'], ['traced'], ['centred']],
        'light_over_mark' => [['mounted', 'loaded', 'chosen', 'turned'], ['traced'], ['centred']],
        'remove_sticker' => [['centred', 'sticker'], ['traced', 'sewn'], ['-sticker']],
        'trace' => [['centred', 'chosen', 'turned'], ['sewn', 'sticker'], ['traced']],
        'contour_trace' => [['centred', 'chosen', 'turned'], ['sewn', 'sticker'], ['traced']],
        'lay_film' => [['traced'], ['sticker', 'film', 'sewn'], ['film']],
        'cloth_there_first' => [['traced'], ['sticker', 'sewn'], []],
        'bobbin_lasts' => [['mounted'], ['sewn', 'bobbin'], ['bobbin']],
        'sewing_mode_first_stitch' => [['traced'], ['sewn', 'sticker'], ['sews']],
        'turn_frame_over' => [['mounted'], ['sewn'], []],
        'film_after_trim' => [['traced'], ['sewn', 'film'], ['film']],
        'sew' => [['sews', 'traced', 'mounted', 'bobbin', 'closed'], ['sewn', 'sticker', 'clips'], ['sewn']],
        'take_off' => [['sewn', 'mounted'], [], ['-mounted']],
        'cap_off' => [['sewn', 'mounted'], [], ['-mounted']],
        'unhoop' => [['sewn', 'closed'], ['mounted'], ['-closed']],
        'pick_topper' => [['film'], ['mounted', 'hot'], ['-film']],
        'tear_topper' => [['film'], ['mounted', 'hot'], ['-film']],
        'steam_topper' => [['film', 'marks off'], ['mounted'], ['-film', 'hot']],
        'tails_flame' => [['sewn', 'marks off'], ['mounted'], ['hot']],
        'backing_off' => [['sewn'], ['mounted', 'right side out'], []],
        'backing_tight_stays' => [['sewn'], ['mounted', 'right side out'], []],
        'cut_backing_close' => [['sewn'], ['mounted', 'right side out'], []],
        'tails_scissors' => [['sewn'], ['mounted', 'right side out'], []],
        'marks_off' => [['sewn'], ['mounted', 'hot', 'pressed'], ['marks off']],
        'turn_right_side_out' => [['inside out', 'sewn'], ['mounted'], ['-inside out', 'right side out']],
        'close_seam' => [['seam open', 'sewn'], ['mounted'], ['-seam open']],
        'strap_and_cuff_back' => [['sewn'], ['mounted'], ['-open', '-cuff open']],
        'cut_out_patch' => [['sewn'], ['mounted'], []],
        'press_film' => [['sewn', 'marks off'], ['mounted', 'inside out'], ['pressed']],
        'press_off' => [['sewn'], ['mounted', 'inside out', 'pressed'], []],
        'press' => [['sewn', 'marks off'], ['mounted', 'inside out', 'film', 'seam open'], ['pressed']],
        'inspect_unhooped' => [['sewn'], ['mounted', 'inside out', 'film', 'seam open', 'cuff open'], ['looked at']],
    ];

    #[Test]
    public function every_list_can_be_carried_out_by_one_person_in_the_order_printed(): void
    {
        $lists = [];
        foreach (DrawnCases::of((int) (getenv('DRAWN') ?: 4000), 20261201) as $case) {
            $advice = $case->advice();
            $codes = array_column($advice->steps, 'code');
            if (isset($lists[implode(' ', $codes)])) {
                continue;
            }
            $lists[implode(' ', $codes)] = true;
            self::assertSame([], self::carryOut($codes), implode(' ', $codes));
            self::assertSame($codes, array_values(array_unique($codes)), 'nothing is done twice');
            self::assertSame('inspect_unhooped', $codes[count($codes) - 1]);
            self::assertSaysOnlyWhatIsThere($advice, $case->facts->item->garment);
        }
        self::assertGreaterThan(1000, count($lists), 'the cases are of many kinds');
    }

    #[Test]
    public function a_list_in_the_wrong_order_is_noticed(): void
    {
        foreach (DrawnCases::of(1, 7) as $case) {
            $codes = array_column($case->advice()->steps, 'code');
            self::assertSame([], self::carryOut($codes));
            self::assertNotSame([], self::carryOut(array_reverse($codes)));
            self::assertNotSame([], self::carryOut(array_values(array_diff($codes, ['trace', 'contour_trace']))));
        }
    }

    /**
     * @param list<string> $codes
     *
     * @return list<string> what could not be done, in words
     */
    private static function carryOut(array $codes): array
    {
        $is = $wrong = [];
        foreach ($codes as $code) {
            [$needs, $never, $makes] = self::ACTS[$code] ?? [[], [], []];
            foreach ($needs as $need) {
                $wrong = isset($is[$need]) ? $wrong : [...$wrong, "{$code} wants {$need}"];
            }
            foreach ($never as $state) {
                $wrong = isset($is[$state]) ? [...$wrong, "{$code} is too late after {$state}"] : $wrong;
            }
            foreach ($makes as $state) {
                if (str_starts_with($state, '-')) {
                    unset($is[substr($state, 1)]);
                } else {
                    $is[$state] = true;
                }
            }
        }
        foreach (['mounted', 'sticker', 'inside out', 'film', 'seam open', 'cuff open', 'open', 'clips'] as $left) {
            $wrong = isset($is[$left]) ? [...$wrong, "at the end it is still {$left}"] : $wrong;
        }

        return isset($is['looked at']) ? $wrong : [...$wrong, 'nobody looked at it'];
    }

    private static function assertSaysOnlyWhatIsThere(Advice $advice, Garment $garment): void
    {
        $before = implode(' ', array_map(
            static fn(Note $step): string => $step->stage === WorkStage::Machine ? '' : Said::of($step->text),
            $advice->steps,
        ));
        if ($garment !== Garment::Cap && ! preg_match('/(bill|sweatband) seam/', $before)) {
            self::assertDoesNotMatchRegularExpression('/\b(bill|sweatband|visor)\b/i', $before);
        }
        if ($garment !== Garment::Polo) {
            self::assertStringNotContainsStringIgnoringCase('placket', $before);
        }
        $codes = array_column($advice->steps, 'code');
        self::assertFalse(in_array('lay_on_backing', $codes, true) && str_contains($before, 'to the inside'));
        self::assertFalse(in_array('press', $codes, true) && in_array('press_off', $codes, true));
        self::assertFalse(in_array('press', $codes, true) && $garment === Garment::Cap);
    }
}
