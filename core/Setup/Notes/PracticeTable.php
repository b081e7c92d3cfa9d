<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

/** What practitioners decide, the rules that meet it, and the test that holds them to it: printed with the rules. */
final class PracticeTable
{
    /** Decision => rules, warnings and steps by code, and the test. */
    public const ALL = [
        'A low, mid or high cap takes a design 50, 57 or 64 mm high' => [
            ['too_tall_for_profile'],
            'AdviceTest::a_design_too_tall_for_the_cap_is_stopped_with_what_would_make_it_possible',
        ],
        'A structured cap goes on the cap driver; a soft one may be laid flat, and has none of the cap frame’s steps then' => [
            ['structured_cap', 'soft_cap', 'cap_laid_flat', 'structured_needs_cap_frame'],
            'LoadingTest::a_soft_cap_laid_flat_has_none_of_the_steps_of_the_cap_frame',
        ],
        'Pocket, glove and flat frames are not for caps' => [
            ['structured_needs_cap_frame'],
            'LoadingTest::a_cap_goes_into_no_pocket_frame_and_a_stiff_one_into_no_flat_one',
        ],
        'A cap lies bill towards the machine; the machine it stands on turns it, or the operator does' => [
            ['bill_to_machine', 'turn_design', 'turned_by_machine'],
            'LoadingTest::a_cap_is_turned_by_hand_only_on_the_machine_that_does_not_turn_it',
        ],
        'A cap is opened, its bill straightened, the sweatband pulled out, its strap as the house has it' => [
            ['sweatband_out', 'bill_straight', 'strap_shut', 'strap_open', 'strap_gap_for_style'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Backing under the tab, longer where the sides are sewn; clips out before mounting' => [
            ['backing_clipped', 'backing_taped', 'backing_tucked', 'sides_backing_longer', 'clips_out'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'The front seam a little left, the strap’s teeth in the seam, clips on both posts, a look inside' => [
            ['seam_left_of_mark', 'seam_on_mark', 'strap_teeth_in_seam', 'clips_both_sides', 'check_backing_inside'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Mounted sideways, the bobbin looked at before' => [
            ['mount_sideways', 'bobbin_before_mount'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        '12 mm over the bill, or as low as the frame allows' => [
            ['cap_front', 'cap_low'],
            'CodesTest::the_gap_over_the_bill_is_the_houses_or_the_frames',
        ],
        'Or centred between the bill seam and the top of a panel that is much higher' => [
            ['cap_centred'],
            'PlacementTest::a_small_design_on_a_high_cap_is_centred_where_the_house_does_so',
        ],
        'Sewn from the middle outwards or from the bill upwards' => [
            ['not_digitised_for_caps'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Side and back are faces of their own: wrap, seams, opening' => [
            ['cap_side', 'cap_back', 'beyond_cap_wrap', 'seam_or_opening_in_the_way', 'round_from_front_seam'],
            'CapAndTubeTest::the_side_is_sewn_in_its_middle_or_as_near_to_it_as_the_driver_reaches',
        ],
        'No light under a cap frame: the needle lowered is the only check' => [
            ['needle_down_under_cap', 'needle_one', 'light_over_mark'],
            'LoadingTest::end_turn_steps_and_machine_never_disagree_whatever_the_facts',
        ],
        '650 stitches a minute on caps, 500 with detail' => [
            ['cap'],
            'AdviceTest::a_dense_design_on_a_cap_is_sewn_slower_still_on_cutaway',
        ],
        'A neck too tight for the travel: waist first, turned and never mirrored, said for each size' => [
            ['neck_too_tight', 'neck_travel', 'turn_design'],
            'CodesTest::every_size_of_a_run_is_asked_and_those_that_differ_are_said',
        ],
        'Front and back are not sewn together' => [['feel_under_frame'], 'CodesTest::it_is_raised_where_it_applies'],
        'Thin and stretchy knits pucker: two layers of cutaway, one stuck; not stretched; practised first' => [
            ['thin_knit', 'puckering_risk', 'no_stretch', 'stick_backing', 'not_practised', 'test_on_scrap'],
            'AdviceTest::a_thin_technical_knit_has_one_of_two_layers_stuck_to_it',
        ],
        'Technical knits: sharp or ballpoint' => [
            ['technical_knit_sharp', 'technical_knit_ballpoint'],
            'CodesTest::every_school_of_every_question_changes_what_is_said_of_some_case',
        ],
        'The left chest by lines, template or peg, straight to the placket, lower with the size' => [
            ['measure_chest', 'chest_template', 'chest_peg', 'left_chest', 'under_the_arm'],
            'CodesTest::the_left_chest_goes_lower_with_the_size',
        ],
        'Backing held on all four sides' => [['backing_four_sides'], 'CodesTest::it_is_raised_where_it_applies'],
        'A jacket lies with its least bulk towards the machine and hangs free; clips where there is no gap' => [
            ['least_bulk_to_machine', 'hang_free', 'bulk_behind_arm', 'seams_parallel'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Padding and pile: film on top, never pressed' => [
            ['padded', 'press_off', 'heat_marks', 'lay_film'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'A narrow tube on the cylinder, or its seam opened; a stocking is never opened' => [
            ['narrow_tube', 'open_side_seam'],
            'LoadingTest::an_opened_leg_takes_a_frame_wider_than_the_tube_and_a_stocking_is_never_opened',
        ],
        'The arm has to go into the tube' => [
            ['narrow_end_over_arm'],
            'LoadingTest::a_tube_narrower_than_the_arm_is_not_slipped_over_it',
        ],
        'About 75 mm a hooping; several hoopings with a template mark for each' => [
            ['several_hoopings', 'hoop_along_tube', 'lay_templates'],
            'CapAndTubeTest::no_way_of_sharing_out_random_motifs_takes_fewer_hoopings',
        ],
        'Each hooping has to go into the frame, no motif is cut in two, and the seam is opened only where it does not' => [
            ['narrow_tube', 'fits_no_frame', 'open_side_seam', 'close_seam'],
            'AlongTubeTest::every_part_of_random_designs_that_are_said_to_fit_lies_within_the_field_of_its_hooping',
        ],
        'Several designs along a tube do not lie over each other' => [
            ['motifs_overlap'],
            'TubeLayoutTest::designs_that_lie_over_each_other_are_named_with_how_much',
        ],
        'Mesh ironed in, pockets and rivets out of the field; thick seams on light machines' => [
            ['iron_mesh', 'clear_pockets', 'seam_too_thick'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'A knit hat goes on crown first and is not turned, its loose part tucked away' => [
            ['over_the_arm', 'fold_cuff_open', 'tuck_loose_part', 'strap_and_cuff_back'],
            'LoadingTest::waist_first_as_a_habit_leaves_hats_gloves_and_stockings_alone',
        ],
        'A blanket or towel: weight in front, tear-away, film; the corner by its bisector' => [
            ['weight_in_front', 'seen_from_behind', 'corner'],
            'AdviceTest::a_towel_shows_nothing_behind_has_film_on_top_and_hangs_off_the_front',
        ],
        'A stocking: closed end to the operator, turned, tear-away' => [
            ['closed_end_to_operator', 'stocking'],
            'LoadingTest::every_garment_has_ends_of_its_own',
        ],
        'Which way is up is marked before it is turned inside out; the sticker comes off under needle 1' => [
            ['mark_up_arrow', 'turn_inside_out', 'pin_clear', 'remove_sticker', 'turn_right_side_out'],
            'CodesTest::the_whole_grid_of_facts_is_answered_without_contradiction',
        ],
        'A bag in a flat frame or a clamp, whichever its opening allows' => [
            ['small_or_closed', 'bag_opening_first'],
            'LoadingTest::a_bag_goes_into_a_clamp_where_no_flat_frame_goes_in',
        ],
        'Gloves and pockets: traced empty first, off-cuts, film under the clamp, the frame brought back' => [
            ['clamped', 'trace_empty_first', 'frame_out', 'off_cuts', 'film_in_frame', 'close_on_machine', 'frame_back'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Felt, vinyl and leather are stuck on hooped backing; what held them leaves marks' => [
            ['stuck_on_hooped', 'hoop_backing', 'lay_on_backing', 'clamp_marks'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Applied cloth: halts, whole or pre-cut, film after the last trimming, frame turned over' => [
            [
                'stop_after_each_block',
                'cloth_there_first',
                'trim_in_frame',
                'pre_cut_shape',
                'cloth_from_pattern',
                'film_after_trim',
                'turn_frame_over',
            ],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'A patch is cut out close; its film is pressed' => [
            ['sheet_of_patches', 'cut_out_patch', 'press_film', 'tell_customer_press'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Mesh where cutaway would show; cutaway for what is worn and washed; tear-away for stable cloth' => [
            ['pale_and_light', 'pale_thin_knit', 'soft_knit'],
            'AdviceTest::a_pique_polo_gets_two_layers_of_cutaway_and_a_ballpoint',
        ],
        'Backing reaches beyond the frame on every side' => [
            ['cut_backing', 'backing_smaller_than_frame'],
            'CutListTest::a_piece_reaches_beyond_the_frame_and_some_are_cut_for_what_is_spoiled',
        ],
        '65/9 with fine thread, 80/12 for thick caps and canvas, ballpoint for open knits' => [
            ['fine_thread', 'thick_cap', 'heavy_woven', 'thick', 'open_knit', 'usual', 'fine_needle_on_thick'],
            'AdviceTest::fine_thread_goes_with_the_fine_needle_whatever_the_cloth',
        ],
        'Small letters: fine thread, or larger letters' => [
            ['small_lettering'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Fine thread and needle for the block with the small letters, not for the others' => [
            ['fine_letters', 'fine_thread'],
            'BlockAdviceTest::letters_in_one_block_make_that_one_fine_and_leave_the_others',
        ],
        'A design only the largest frame takes proves what the machine believes; found again after a fall' => [
            ['find_true_centre'],
            'ClampTest::the_proving_design_fits_the_largest_frame_and_no_other',
        ],
        'The frame that is mounted is chosen on the machine' => [
            ['select_frame'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'Round frames lose the corners' => [['fits_no_frame'], 'FitTest::a_round_frame_loses_the_corners'],
        'A clamp’s true centre is found from its notches, its corners looked at' => [
            ['find_true_centre', 'window_offset'],
            'FitTest::a_clamp_is_told_where_the_machine_thinks_its_centre_is_and_how_near_its_corners_are',
        ],
        'Drivers are changed with the power off' => [['power_off_driver'], 'CodesTest::it_is_raised_where_it_applies'],
        'The end that goes to the machine is decided first; turn, bracket, steps and reasons follow' => [
            ['load_end_first', 'mount_end_first', 'turn_design', 'design_upright'],
            'LoadingTest::end_turn_steps_and_machine_never_disagree_whatever_the_facts',
        ],
        'A quarter turn before it fits no frame, where the loading allows it' => [
            ['loose_piece', 'weight_in_front', 'bag_opening_first'],
            'LoadingTest::a_wide_design_on_an_apron_is_turned_a_quarter_before_it_fits_no_frame',
        ],
        'A frame goes in where it is no wider round than the garment gives; it lies whole on the cloth' => [
            ['fits_no_frame'],
            'SolidTest::a_frame_goes_into_a_tube_that_is_wide_enough_for_it_and_its_bars',
        ],
        'Never over the placket, its buttons, a zip or a pocket; the foot stays clear of them' => [
            ['seam_or_opening_in_the_way', 'seam_too_thick'],
            'SolidTest::a_design_across_a_placket_cannot_be_sewn_and_is_told_how_far_to_move',
        ],
        'The lowest line is a figure of each ring; how far the strap pulls the seam is one of each style' => [
            ['cap_low', 'below_ring_line', 'seam_left_of_mark'],
            'SolidTest::the_lowest_line_of_a_ring_and_the_pull_of_a_strap_are_kept_and_said',
        ],
        'A full back begins a finger below the seam of a yoke' => [
            ['full_back_yoke', 'full_back'],
            'SolidTest::a_full_back_begins_a_finger_below_the_yoke_of_a_denim_jacket',
        ],
        'The bill against its stop, hook before latch, the seam looked at again; off by the same catches' => [
            ['bill_stop', 'hoop', 'check_backing_inside', 'short_second_layer', 'cap_off'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'One person does the steps in the order printed, with nothing in vain' => [
            ['load_design', 'take_off', 'unhoop', 'press', 'inspect_unhooped'],
            'ListsTest::every_list_can_be_carried_out_by_one_person_in_the_order_printed',
        ],
        'A soft liner is framed as a stiff front is, and backed with tear-away; cutaway is the other school' => [
            ['structured_cap', 'cap', 'soft_cap_cutaway'],
            'MaterialsTest::a_soft_liner_is_framed_as_a_stiff_front_and_backed_with_tear_away',
        ],
        'A pale thin knit has mesh, so that nothing shows; a dark one keeps two layers of cutaway' => [
            ['pale_thin_knit', 'thin_knit'],
            'MaterialsTest::a_pale_thin_knit_has_mesh_and_a_dark_one_cutaway',
        ],
        'Padding is a thin shell over wadding: the usual needle' => [
            ['usual', 'padded'],
            'MaterialsTest::padding_fleece_and_pile_take_the_usual_needle_however_thick',
        ],
        'Letters under 3 mm cannot be read whatever the thread' => [
            ['small_lettering'],
            'MaterialsTest::letters_under_three_millimetres_are_said_to_be_unreadable',
        ],
        'Small magnetic or round frames at the chest; magnets before screws for what is thick, padded or keeps marks' => [
            [],
            'SolidTest::thick_and_marking_cloth_is_held_by_magnets_before_screws',
        ],
        'Practised on that cloth, at such a place, in such a frame' => [
            ['not_practised', 'test_on_scrap'],
            'MaterialsTest::what_was_practised_otherwise_does_not_stand_for_it',
        ],
        'What cannot be mounted is not on offer' => [
            ['bill_to_machine', 'over_the_arm', 'closed_end_to_operator'],
            'MaterialsTest::what_cannot_be_mounted_says_so_and_what_is_only_unwise_does_not',
        ],
        'What decides and nobody knows is asked for' => [
            [],
            'SolidTest::a_neck_that_was_guessed_is_asked_for_where_it_decides',
        ],
        'A reason is tried by changing what decided, and a cure before it is said' => [
            [],
            'ProofTest::every_reason_turns_with_the_change_it_names_and_every_cure_works',
        ],
        'Each place has its figures, which grow with the size; what was found once is kept with its peg' => [
            ['kept', 'left_chest', 'full_front', 'full_back', 'sleeve', 'leg', 'corner', 'pocket', 'cuff', 'centre'],
            'PlacementTest::what_was_found_once_for_a_size_is_kept_and_the_others_go_by_the_house',
        ],
        'Film is torn off; the rest is picked, steamed, or left to the first wash, and the customer told' => [
            ['pick_topper', 'steam_topper', 'tear_topper', 'tell_customer_topper'],
            'CodesTest::it_is_raised_where_it_applies',
        ],
        'A seam that was opened is closed again' => [
            ['open_side_seam', 'close_seam'],
            'ListsTest::every_list_can_be_carried_out_by_one_person_in_the_order_printed',
        ],
        'The panel’s habits are the machine’s: slots, what it shows, the foot' => [
            ['load_design', 'select_frame', 'foot_card'],
            'SolidTest::what_is_written_down_of_a_machines_panel_is_said_where_it_is_done',
        ],
    ];
}
