<?php

declare(strict_types=1);

return [
    'trim_jumps' => [
        'label' => 'Trim after jumps in a row',
        'help' => 'This many jumps in a row count as a trim.',
        'unit' => 'jumps',
    ],
    'short_stitch_mm' => [
        'label' => 'Short stitch below',
        'help' => 'Shorter stitches fray the thread and heat the needle.',
        'unit' => 'mm',
    ],
    'short_stitches_percent' => [
        'label' => 'Report short stitches above',
        'help' => 'A larger share of short stitches is reported.',
        'unit' => '%',
    ],
    'long_stitch_mm' => [
        'label' => 'Long stitch above',
        'help' => 'Longer stitches slow the machine and catch on things.',
        'unit' => 'mm',
    ],
    'dense_stitches_per_mm2' => [
        'label' => 'Dense spot above',
        'help' => 'More needle points than this in one square millimetre are reported.',
        'unit' => 'per mm²',
    ],
    'long_jump_mm' => [
        'label' => 'Long jump without a trim above',
        'help' => 'A thread carried further than this has to be cut by hand.',
        'unit' => 'mm',
    ],
    'threads_alike_delta_e' => [
        'label' => 'Threads look alike below',
        'help' => 'Two threads that differ less than this are mixed up on the rack.',
        'unit' => 'CIEDE2000',
    ],
    'thread_shows_delta_e' => [
        'label' => 'Thread shows on cloth from',
        'help' => 'A thread closer to the cloth colour than this hardly shows.',
        'unit' => 'CIEDE2000',
    ],
    'drawn_stitch_mm' => [
        'label' => 'Longest stitch in a drawing',
        'help' => 'Lines of a drawing are sewn in stitches no longer than this.',
        'unit' => 'mm',
    ],
    'copies_gap_mm' => [
        'label' => 'Gap between copies',
        'help' => 'Left between copies in one frame, to cut them apart.',
        'unit' => 'mm',
    ],
    'patch_filled_percent' => [
        'label' => 'Patch coverage',
        'help' => 'At least this much of a patch must be filled, or the felt shows.',
        'unit' => '%',
    ],
    'patch_border_mm' => [
        'label' => 'Patch border',
        'help' => 'At least this wide, so it can be cut out along it.',
        'unit' => 'mm',
    ],
    'letter_pull_mm' => [
        'label' => 'Pull compensation for letters',
        'help' => 'Stitches pull a column in, so each side is sewn this much wider.',
        'unit' => 'mm a side',
    ],
    'letter_row_mm' => [
        'label' => 'Rows in letters',
        'help' => 'From one needle point to the next on the same side of a satin column.',
        'unit' => 'mm',
    ],
    'letter_trim_mm' => [
        'label' => 'Trim between letters over',
        'help' => 'Where the way to the next letter is longer the thread is cut.',
        'unit' => 'mm',
    ],
    'letter_narrowest_percent' => [
        'label' => 'Narrow letters down to',
        'help' => 'A text that is too long is narrowed this far before its letters get lower.',
        'unit' => '% of their width',
    ],
    'block_letters_least_mm' => [
        'label' => 'Block letters from',
        'help' => 'Below this, capitals close up in satin: the small alphabet sews them as lines.',
        'unit' => 'mm',
    ],
    'script_letters_least_mm' => [
        'label' => 'Script letters from',
        'help' => 'Below this, capitals close up in satin: the small alphabet sews them as lines.',
        'unit' => 'mm',
    ],
    'small_letters_least_mm' => [
        'label' => 'Small letters from',
        'help' => 'Nothing lower can be read.',
        'unit' => 'mm',
    ],
    'names_gap_mm' => [
        'label' => 'Gap from design to name',
        'help' => 'Left between a design and the name sewn under it.',
        'unit' => 'mm',
    ],
    'pre_cut_beyond_mm' => [
        'label' => 'Pre-cut allowance',
        'help' => 'Extra size of a pre-cut shape, so the tack-down catches it everywhere.',
        'unit' => 'mm',
    ],
    'trimmed_beyond_mm' => [
        'label' => 'Trimming allowance',
        'help' => 'Extra size of a piece that is trimmed in the frame.',
        'unit' => 'mm a side',
    ],
    'cloth_apart_mm' => [
        'label' => 'Distance between cloths',
        'help' => 'Closer than this, the stitches over one cloth may catch the other, so each is trimmed at its own stop.',
        'unit' => 'mm',
    ],
    'cloth_gap_mm' => [
        'label' => 'Gap between cut cloths',
        'help' => 'Left between two pieces laid out on a width of cloth.',
        'unit' => 'mm',
    ],
    'top_thread_per_length' => [
        'label' => 'Top thread per sewn length',
        'help' => 'Thread used for each millimetre that is sewn.',
        'unit' => 'mm per mm',
    ],
    'top_thread_per_stitch_mm' => [
        'label' => 'Top thread per stitch',
        'help' => 'Thread each stitch uses besides its length.',
        'unit' => 'mm',
    ],
    'bobbin_thread_per_length' => [
        'label' => 'Bobbin thread per sewn length',
        'help' => 'Thread used for each millimetre that is sewn.',
        'unit' => 'mm per mm',
    ],
    'bobbin_thread_per_stitch_mm' => [
        'label' => 'Bobbin thread per stitch',
        'help' => 'Thread each stitch uses besides its length.',
        'unit' => 'mm',
    ],
    'thread_waste_percent' => [
        'label' => 'Thread waste',
        'help' => 'Tails, breaks and cone ends.',
        'unit' => '%',
    ],
    'bobbin_m' => [
        'label' => 'Thread on a full bobbin',
        'help' => 'What a new bobbin holds.',
        'unit' => 'm',
    ],
    'frame_margin_mm' => [
        'label' => 'Clear of the frame',
        'help' => 'Nothing is sewn nearer to the edge of a frame: the foot’s radius and 2 mm.',
        'unit' => 'mm',
    ],
    'foot_radius_mm' => [
        'label' => 'Presser foot radius',
        'help' => 'The foot touches a closure or seam closer to the design than this.',
        'unit' => 'mm',
    ],
    'foot_clears_mm' => [
        'label' => 'Foot clearance',
        'help' => 'The foot strikes anything thicker: folded seams, zips, buttons.',
        'unit' => 'mm',
    ],
    'screw_bar_mm' => [
        'label' => 'Bar height, screwed frame',
        'help' => 'The outer ring has to go into the garment.',
        'unit' => 'mm',
    ],
    'magnet_bar_mm' => [
        'label' => 'Bar height, magnetic frame',
        'help' => 'The lower half goes into the garment. Also for clamps, cylinder and pocket frames.',
        'unit' => 'mm',
    ],
    'stretch_low_percent' => [
        'label' => 'Low stretch gives',
        'help' => 'How much wider an opening gets when a frame goes in.',
        'unit' => '%',
    ],
    'stretch_high_percent' => [
        'label' => 'High stretch gives',
        'help' => 'How much wider an opening gets when a frame goes in.',
        'unit' => '%',
    ],
    'estimate_off_percent' => [
        'label' => 'Estimates may be off by',
        'help' => 'Hakama asks you to measure when an error of this size would change the advice.',
        'unit' => '%',
    ],
    'cap_ring_low_mm' => [
        'label' => 'Lowest line of a cap frame',
        'help' => 'From the bill seam to the lowest stitch: strap width plus half the foot.',
        'unit' => 'mm',
    ],
    'yoke_inside_mm' => [
        'label' => 'Below the yoke seam',
        'help' => 'A full back on a garment with a yoke starts this far below its seam: about a finger.',
        'unit' => 'mm',
    ],
    'unreadable_letter_mm' => [
        'label' => 'Letters unreadable below',
        'help' => 'No thread makes lower letters readable.',
        'unit' => 'mm',
    ],
    'cap_gap_mm' => [
        'label' => 'Gap over the bill',
        'help' => 'Free space between the bill seam of a cap and the design.',
        'unit' => 'mm',
    ],
    'cap_centred_from_mm' => [
        'label' => 'Centre on high panels from',
        'help' => 'With this much room above gap and design, the design is centred, if your house rule says so.',
        'unit' => 'mm',
    ],
    'cap_low_mm' => [
        'label' => 'Low cap takes',
        'help' => 'Highest design on a low cap.',
        'unit' => 'mm',
    ],
    'cap_mid_mm' => [
        'label' => 'Mid cap takes',
        'help' => 'Highest design on a mid cap.',
        'unit' => 'mm',
    ],
    'cap_high_mm' => [
        'label' => 'High cap takes',
        'help' => 'Highest design on a high cap.',
        'unit' => 'mm',
    ],
    'cap_speed_spm' => [
        'label' => 'Cap speed',
        'help' => 'Caps are sewn no faster.',
        'unit' => 'spm',
    ],
    'cap_detail_speed_spm' => [
        'label' => 'Cap speed with detail',
        'help' => 'For caps with dense detail or thick buckram.',
        'unit' => 'spm',
    ],
    'speed_spm' => [
        'label' => 'Speed',
        'help' => 'On stable cloth in a flat frame.',
        'unit' => 'spm',
    ],
    'knit_speed_spm' => [
        'label' => 'Speed on knits',
        'help' => 'On knits and soft cloth.',
        'unit' => 'spm',
    ],
    'dense_design_per_cm2' => [
        'label' => 'Dense design above',
        'help' => 'A design with more stitches per cm² of its box counts as dense.',
        'unit' => 'stitches per cm²',
    ],
    'backing_overlap_mm' => [
        'label' => 'Backing beyond the frame',
        'help' => 'How far backing reaches past the outer edge of a frame, on every side.',
        'unit' => 'mm',
    ],
    'backing_least_mm' => [
        'label' => 'Least backing beyond the frame',
        'help' => 'Existing pieces that reach this far are used before a roll is cut.',
        'unit' => 'mm',
    ],
    'loose_hold_mm' => [
        'label' => 'Loose hold beyond',
        'help' => 'A dense design pulls the cloth in. A frame with more space than this around it holds it loosely.',
        'unit' => 'mm',
    ],
    'backing_light_gsm' => [
        'label' => 'Light backing',
        'help' => 'Under thin cloth, and mesh everywhere.',
        'unit' => 'g/m²',
    ],
    'backing_usual_gsm' => [
        'label' => 'Usual backing',
        'help' => 'Under cloth and designs of the usual kind.',
        'unit' => 'g/m²',
    ],
    'backing_firm_gsm' => [
        'label' => 'Firm backing',
        'help' => 'Under dense designs and heavy cloth.',
        'unit' => 'g/m²',
    ],
    'backing_lighter_percent' => [
        'label' => 'Backing may be lighter by',
        'help' => 'Stock that is lighter than advised by more than this is not used.',
        'unit' => '%',
    ],
    'backing_roll_mm' => [
        'label' => 'Widest backing',
        'help' => 'A larger frame cannot be covered by one piece.',
        'unit' => 'mm',
    ],
    'pale_lightness' => [
        'label' => 'Pale cloth above',
        'help' => 'Cloth at least this light lets ordinary cutaway show through.',
        'unit' => 'CIE L*',
    ],
    'small_letter_mm' => [
        'label' => 'Small letters below',
        'help' => 'Lower letters close up in the usual thread.',
        'unit' => 'mm',
    ],
    'value_at_risk_cents' => [
        'label' => 'Warn when one garment is worth more than',
        'help' => 'A reminder to practise before an expensive garment is sewn.',
        'unit' => '{currency}',
    ],
    'tube_reach_mm' => [
        'label' => 'Reach along a tube',
        'help' => 'Length of a narrow tube sewn in one hooping.',
        'unit' => 'mm',
    ],
    'clamp_nudge_mm' => [
        'label' => 'Clamp sensor step',
        'help' => 'How far the sensor arm is moved each time until the machine shows its largest frame.',
        'unit' => 'mm',
    ],
    'arm_width_mm' => [
        'label' => 'Sewing arm width',
        'help' => 'Used for machines without their own figure: the arm takes this much of a neck opening.',
        'unit' => 'mm',
    ],
    'neck_tee_mm' => [
        'label' => 'Neck of a tee',
        'help' => 'Opening in size M, laid flat.',
        'unit' => 'mm',
    ],
    'neck_polo_mm' => [
        'label' => 'Neck of a polo',
        'help' => 'Opening in size M, laid flat.',
        'unit' => 'mm',
    ],
    'neck_hoodie_mm' => [
        'label' => 'Neck of a hoodie',
        'help' => 'Opening in size M, of hoodies and sweatshirts.',
        'unit' => 'mm',
    ],
    'neck_step_mm' => [
        'label' => 'Neck growth per size',
        'help' => 'How much the neck opening grows from one size to the next.',
        'unit' => 'mm',
    ],
    'cap_half_angle_deg' => [
        'label' => 'Reach around a cap',
        'help' => 'How far a cap is sewn to each side of the front seam.',
        'unit' => '°',
    ],
    'tube_gap_mm' => [
        'label' => 'Gap along a tube',
        'help' => 'Distance between designs one above the other along a tube.',
        'unit' => 'mm',
    ],
    'tube_band_mm' => [
        'label' => 'Gap that splits a design',
        'help' => 'A gap this wide lets a design be sewn in two hoopings along a tube.',
        'unit' => 'mm',
    ],
    'backing_spoilage_percent' => [
        'label' => 'Spare backing',
        'help' => 'Extra pieces for spoilage.',
        'unit' => '%',
    ],
    'off_cut_least_mm' => [
        'label' => 'Keep off-cuts from',
        'help' => 'Off-cuts are kept if their shorter side is at least this.',
        'unit' => 'mm',
    ],
    'left_chest_down_mm' => [
        'label' => 'Left chest down',
        'help' => 'Size M: from the shoulder seam at the neck down to the centre of the design.',
        'unit' => 'mm',
    ],
    'left_chest_across_mm' => [
        'label' => 'Left chest across',
        'help' => 'Size M: from the centre front to the centre of the design.',
        'unit' => 'mm',
    ],
    'left_chest_step_mm' => [
        'label' => 'Left chest lower per size',
        'help' => 'How much lower it goes from one size to the next.',
        'unit' => 'mm',
    ],
    'left_chest_across_step_mm' => [
        'label' => 'Left chest further per size',
        'help' => 'How much further across it goes from one size to the next.',
        'unit' => 'mm',
    ],
    'full_front_down_mm' => [
        'label' => 'Full front down',
        'help' => 'Size M: from the neck seam down to the upper edge of the design.',
        'unit' => 'mm',
    ],
    'full_front_step_mm' => [
        'label' => 'Full front lower per size',
        'help' => 'How much lower it goes from one size to the next.',
        'unit' => 'mm',
    ],
    'full_back_down_mm' => [
        'label' => 'Full back down',
        'help' => 'Size M: from the collar seam down to the upper edge of the design; with a yoke, a finger below its seam.',
        'unit' => 'mm',
    ],
    'full_back_step_mm' => [
        'label' => 'Full back lower per size',
        'help' => 'How much lower it goes from one size to the next.',
        'unit' => 'mm',
    ],
    'cap_side_up_mm' => [
        'label' => 'Cap side up',
        'help' => 'From the sweatband seam up to the lower edge of the design.',
        'unit' => 'mm',
    ],
    'cap_back_up_mm' => [
        'label' => 'Cap back up',
        'help' => 'From the strap opening up to the lower edge of the design.',
        'unit' => 'mm',
    ],
    'cuff_down_mm' => [
        'label' => 'Hat cuff down',
        'help' => 'From the upper fold of the cuff down to the upper edge of the design.',
        'unit' => 'mm',
    ],
    'sleeve_up_mm' => [
        'label' => 'Sleeve up',
        'help' => 'From the hem up to the lower edge of the design.',
        'unit' => 'mm',
    ],
    'leg_down_mm' => [
        'label' => 'Leg down',
        'help' => 'Size M: from the waistband down to the upper edge of the design, below the bags of the pockets.',
        'unit' => 'mm',
    ],
    'leg_step_mm' => [
        'label' => 'Leg lower per size',
        'help' => 'How much lower it goes from one size to the next.',
        'unit' => 'mm',
    ],
    'corner_in_mm' => [
        'label' => 'Corner in',
        'help' => 'From inside the edging along the corner’s bisector to the centre of the design.',
        'unit' => 'mm',
    ],
    'pocket_down_mm' => [
        'label' => 'Pocket down',
        'help' => 'From the upper edge of the pocket down to the centre of the design.',
        'unit' => 'mm',
    ],
    'change_s' => [
        'label' => 'Colour change',
        'help' => 'How long the machine takes to change to another needle.',
        'unit' => 's',
    ],
    'trim_s' => [
        'label' => 'Trim',
        'help' => 'How long the machine takes to cut a thread.',
        'unit' => 's',
    ],
    'ramp_s' => [
        'label' => 'Start-up time',
        'help' => 'After each start.',
        'unit' => 's',
    ],
    'hand_stop_s' => [
        'label' => 'Stop by hand',
        'help' => 'At a stop for a look, to bring the frame out or to tape something aside.',
        'unit' => 's',
    ],
    'lay_cloth_s' => [
        'label' => 'Laying cloth',
        'help' => 'At each stop where cloth is laid on its line.',
        'unit' => 's',
    ],
    'lay_film_s' => [
        'label' => 'Laying film',
        'help' => 'At a stop where film is laid on top.',
        'unit' => 's',
    ],
    'add_backing_s' => [
        'label' => 'Adding backing',
        'help' => 'At a stop where a piece of backing is slid under the frame.',
        'unit' => 's',
    ],
    'turn_over_s' => [
        'label' => 'Frame turned over',
        'help' => 'Frame off, back or pocket taped to its lines on the underside, frame back on.',
        'unit' => 's',
    ],
    'press_cloth_s' => [
        'label' => 'Pressing cloth in the frame',
        'help' => 'At a stop where applied cloth is pressed.',
        'unit' => 's',
    ],
    'brush_lint_s' => [
        'label' => 'Brushing lint off',
        'help' => 'At a stop before cut cloth is covered.',
        'unit' => 's',
    ],
    'trim_cloth_s' => [
        'label' => 'Frame out and back to trim',
        'help' => 'For each stop at which cloth is trimmed, whatever its outline.',
        'unit' => 's',
    ],
    'trim_cloth_mm_per_s' => [
        'label' => 'Cloth trimmed',
        'help' => 'Along the outline of the cloth.',
        'unit' => 'mm a second',
    ],
    'breaks_per_1000' => [
        'label' => 'Thread breaks',
        'help' => 'Expected per head.',
        'unit' => 'per 1000 stitches',
    ],
    'break_s' => [
        'label' => 'Fixing a thread break',
        'help' => 'Until a broken thread sews again.',
        'unit' => 's',
    ],
    'hoop_s' => [
        'label' => 'Hooping',
        'help' => 'One flat piece.',
        'unit' => 's',
    ],
    'cap_hoop_s' => [
        'label' => 'Hooping a cap',
        'help' => 'One cap.',
        'unit' => 's',
    ],
    'seam_min' => [
        'label' => 'Opening and closing a seam',
        'help' => 'Of a leg or sleeve that must lie flat; per piece.',
        'unit' => 'min',
    ],
    'swap_s' => [
        'label' => 'Swapping frames',
        'help' => 'Taking frames off and putting the next on.',
        'unit' => 's',
    ],
    'strap_gap_min' => [
        'label' => 'Strap setting for a cap style',
        'help' => 'Once per style; caps of one style in a row share it.',
        'unit' => 'min',
    ],
    'load_min' => [
        'label' => 'Load and trace',
        'help' => 'Loading and tracing a design before every batch.',
        'unit' => 'min',
    ],
    'frame_change_min' => [
        'label' => 'Frame change',
        'help' => 'Changing to another kind of frame.',
        'unit' => 'min',
    ],
    'thread_change_min' => [
        'label' => 'Cone change',
        'help' => 'Putting another thread on one needle of one head.',
        'unit' => 'min',
    ],
    'driver_change_min' => [
        'label' => 'Driver change',
        'help' => 'From flat arms to the cap driver with checks, or between any other drivers.',
        'unit' => 'min',
    ],
    'people' => [
        'label' => 'People',
        'help' => 'Who usually works here. Absences and extra people are in the calendar.',
        'unit' => 'people',
    ],
    'machines_per_person' => [
        'label' => 'Machines per person',
        'help' => 'How many machines one person can tend at once.',
        'unit' => 'machines',
    ],
    'day_starts_h' => [
        'label' => 'Day starts',
        'help' => 'When work begins.',
        'unit' => 'h',
    ],
    'break_starts_h' => [
        'label' => 'Break starts',
        'help' => 'When the midday break begins.',
        'unit' => 'h',
    ],
    'break_ends_h' => [
        'label' => 'Break ends',
        'help' => 'When the midday break is over.',
        'unit' => 'h',
    ],
    'day_ends_h' => [
        'label' => 'Day ends',
        'help' => 'When work is over.',
        'unit' => 'h',
    ],
    'needle_min' => [
        'label' => 'Needle change',
        'help' => 'To fit a needle of another size or point on one head.',
        'unit' => 'min',
    ],
    'clip_s' => [
        'label' => 'Clipping up bulk',
        'help' => 'On a machine without a gap under its carriage: jackets, hoodies, blankets.',
        'unit' => 's a piece',
    ],
    'walk_min' => [
        'label' => 'Walk to the shelf',
        'help' => 'For each changeover that needs other cones; the machine may sew meanwhile.',
        'unit' => 'min',
    ],
    'plan_changes' => [
        'label' => 'Effort for plan searches',
        'help' => '20 000 steps take about two seconds with 40 batches.',
        'unit' => 'steps',
    ],
    'plan_weeks' => [
        'label' => 'Weeks that a plan search moves',
        'help' => 'Batches that start and are due later keep their machine and order.',
        'unit' => 'weeks',
    ],
    'unfit_cost' => [
        'label' => 'Cost of an unfit machine',
        'help' => 'For each minute a machine is unfit by for a batch; 0 to leave that out of the plan.',
        'unit' => 'per min',
    ],
    'spoil_min' => [
        'label' => 'Time a spoiled piece costs',
        'help' => 'Getting another garment, hooping and sewing it again.',
        'unit' => 'min',
    ],
    'light_breaks' => [
        'label' => 'Needles broken on thick seams',
        'help' => 'On a machine with six needles or fewer, per 100 heavy garments with seams.',
        'unit' => 'per 100 pieces',
    ],
    'needle_break_min' => [
        'label' => 'Time a broken needle costs',
        'help' => 'Finding every part of it, fitting a new one, checking the hook.',
        'unit' => 'min',
    ],
    'again_min' => [
        'label' => 'Same design again',
        'help' => 'Instead of loading and tracing, when the next batch has the same design and frame.',
        'unit' => 'min',
    ],
    'late_cost' => [
        'label' => 'Cost of lateness',
        'help' => 'What the plan pays for each minute a batch is late.',
        'unit' => 'per min',
    ],
    'late_hour_min' => [
        'label' => 'Extra for more than an hour late',
        'help' => 'On top of the minutes. 0: only the minutes count.',
        'unit' => 'min more',
    ],
    'late_day_min' => [
        'label' => 'Extra for finishing on a later day',
        'help' => 'On top of the minutes, when a batch is not done on the promised day.',
        'unit' => 'min more',
    ],
    'late_event_min' => [
        'label' => 'Extra for a late event order',
        'help' => 'For orders that are useless afterwards, from the first minute late.',
        'unit' => 'min more',
    ],
    'changeover_cost' => [
        'label' => 'Cost of changeovers',
        'help' => 'What the plan pays for each minute of changeover on any machine.',
        'unit' => 'per min',
    ],
    'flow_cost' => [
        'label' => 'Cost of waiting',
        'help' => 'What the plan pays for each minute until a batch is done: sooner is better.',
        'unit' => 'per min',
    ],
    'clamp_centre_min' => [
        'label' => 'Finding a clamp’s centre',
        'help' => 'On a machine on which the true centre of the clamp was never found: the proving design, measuring and keeping it.',
        'unit' => 'min',
    ],
    'moved_cost' => [
        'label' => 'Cost of wasted preparation',
        'help' => 'What the plan pays for each batch it moves to another machine although it was already prepared.',
        'unit' => 'a batch',
    ],
    'hands_beyond_cost' => [
        'label' => 'Cost of missing people',
        'help' => 'What the plan pays for each minute of hooping or setting up when everybody is busy. 0: nothing.',
        'unit' => 'per min',
    ],
    'prepared_ahead_h' => [
        'label' => 'Prepared ahead',
        'help' => 'Cloth is cut, cones are out and cards are printed for batches that start within this time.',
        'unit' => 'h',
    ],
    'frozen_h' => [
        'label' => 'Frozen ahead',
        'help' => 'A batch whose changeover starts within this time stays where it is when a plan is mended, searched or used. By hand you can still move it.',
        'unit' => 'h',
    ],
    'mended_moves' => [
        'label' => 'Moves to mend a plan',
        'help' => 'Mending a plan moves at most this many batches.',
        'unit' => 'batches',
    ],
    'lead_days' => [
        'label' => 'Delivery time',
        'help' => 'From order to arrival: thread, backing, blanks.',
        'unit' => 'days',
    ],
    'delivery_h' => [
        'label' => 'Deliveries are unpacked by',
        'help' => 'What comes on a day can be sewn from this hour on.',
        'unit' => 'h',
    ],
    'spread_sewing_percent' => [
        'label' => 'Spread of sewing times',
        'help' => 'Standard deviation over mean, until your own log is long enough.',
        'unit' => '%',
    ],
    'spread_hooping_percent' => [
        'label' => 'Spread of hooping times',
        'help' => 'From batch to batch.',
        'unit' => '%',
    ],
    'spread_changeover_percent' => [
        'label' => 'Spread of changeovers',
        'help' => 'From one to the next.',
        'unit' => '%',
    ],
    'spoiled_percent' => [
        'label' => 'Spoilage in the plan',
        'help' => 'Sewn again at the end of the batch, until your own log is long enough.',
        'unit' => '%',
    ],
    'promise_kept_percent' => [
        'label' => 'Safe promise',
        'help' => 'The date we promise is on time this often.',
        'unit' => '% on time',
    ],
    'breaks_look' => [
        'label' => 'Check the needle after breaks',
        'help' => 'Within a fortnight, or since the needle was fitted; the page then shows what to check.',
        'unit' => 'at one needle',
    ],
    'step_back_stitches' => [
        'label' => 'Step back after a break',
        'help' => 'Past the break, so the new thread overlaps the old.',
        'unit' => 'stitches',
    ],
    'needle_changed_after_stitches' => [
        'label' => 'Change needles after',
        'help' => 'About eight hours of sewing. Change a bent or blunt needle at once.',
        'unit' => 'stitches',
    ],
    'hook_oiled_after_stitches' => [
        'label' => 'Oil the hook after',
        'help' => 'About four hours of sewing; the machine’s manual comes first.',
        'unit' => 'stitches',
    ],
    'tension_tried_after_days' => [
        'label' => 'Test the tension after',
        'help' => 'On scrap, with every thread on the machine.',
        'unit' => 'days',
    ],
    'idle_after_min' => [
        'label' => 'Idle after',
        'help' => 'A longer stop between loads or batches does not count as handling.',
        'unit' => 'min',
    ],
    'check_one_in' => [
        'label' => 'Inspect one in',
        'help' => 'When one in so many is inspected by somebody else: the first, then every one at this interval.',
        'unit' => 'pieces',
    ],
    'check_value_cents' => [
        'label' => 'Always inspect garments worth',
        'help' => 'Somebody else always inspects these. 0: no such limit.',
        'unit' => '{currency} or more',
    ],
    'machine_hour_cents' => [
        'label' => 'Machine hour',
        'help' => 'Running or being set up: purchase price over its years and hours, power, maintenance.',
        'unit' => '{currency} an hour',
    ],
    'hand_hour_cents' => [
        'label' => 'Labour hour',
        'help' => 'Setting up and changeovers: wages with all extras.',
        'unit' => '{currency} an hour',
    ],
    'hoop_hour_cents' => [
        'label' => 'Hooping hour',
        'help' => 'If somebody else hoops.',
        'unit' => '{currency} an hour',
    ],
    'finish_hour_cents' => [
        'label' => 'Finishing hour',
        'help' => 'Backing off, tails, pressing, folding.',
        'unit' => '{currency} an hour',
    ],
    'thread_km_cents' => [
        'label' => 'Top thread',
        'help' => 'Cone price by length.',
        'unit' => '{currency} a km',
    ],
    'bobbin_km_cents' => [
        'label' => 'Bobbin thread',
        'help' => 'Bobbin price by length.',
        'unit' => '{currency} a km',
    ],
    'backing_m2_cents' => [
        'label' => 'Backing',
        'help' => 'Purchase price.',
        'unit' => '{currency} a m²',
    ],
    'topper_m2_cents' => [
        'label' => 'Film',
        'help' => 'Purchase price.',
        'unit' => '{currency} a m²',
    ],
    'cloth_m2_cents' => [
        'label' => 'Appliqué cloth',
        'help' => 'Purchase price.',
        'unit' => '{currency} a m²',
    ],
    'overhead_percent' => [
        'label' => 'Overhead',
        'help' => 'Rent, light, office: on top of all job costs.',
        'unit' => '%',
    ],
    'quote_spoilage_percent' => [
        'label' => 'Spoilage in quotes',
        'help' => 'Share of garment value and work.',
        'unit' => '%',
    ],
    'finish_s' => [
        'label' => 'Finishing, per piece',
        'help' => 'Backing and marks removed, pressed, folded.',
        'unit' => 's',
    ],
    'finish_trim_s' => [
        'label' => 'Finishing, per trim',
        'help' => 'For each trimmed thread.',
        'unit' => 's',
    ],
    'cut_out_mm_per_s' => [
        'label' => 'Patches cut out',
        'help' => 'Along the edge of the patch.',
        'unit' => 'mm a second',
    ],
    'press_side_s' => [
        'label' => 'Pressing iron-on film',
        'help' => 'On the back of a patch; the film maker’s instructions come first.',
        'unit' => 's a side',
    ],
    'press_cool_s' => [
        'label' => 'Cooling time',
        'help' => 'Before a pressed patch is turned over.',
        'unit' => 's',
    ],
    'least_charge_cents' => [
        'label' => 'Minimum charge',
        'help' => 'Per order, however small.',
        'unit' => '{currency}',
    ],
    'price_step_cents' => [
        'label' => 'Round unit prices up to',
        'help' => 'Calculated prices are rounded up to this step per piece; agreed prices are not. 0: not rounded.',
        'unit' => '{currency}',
    ],
    'blank_markup_percent' => [
        'label' => 'Blank mark-up',
        'help' => 'On the blank cost when the shop buys the garment.',
        'unit' => '%',
    ],
    'artwork_markup_percent' => [
        'label' => 'Artwork mark-up',
        'help' => 'On the artwork fee.',
        'unit' => '%',
    ],
    'approval_days' => [
        'label' => 'Approval link valid',
        'help' => 'After so many days a link that a customer was sent opens nothing any more.',
        'unit' => 'days',
    ],
    'payment_days' => [
        'label' => 'Days to pay',
        'help' => 'On an invoice to a customer with whom nothing else is agreed.',
        'unit' => 'days',
    ],
    'tax_percent' => [
        'label' => 'Tax',
        'help' => 'Added on quotes and invoices as its own line; local law sets the rate.',
        'unit' => '%',
    ],
    'unpractised_times' => [
        'label' => 'Spoilage on new cloth',
        'help' => 'How many times the usual spoilage to expect on cloth nobody here has sewn.',
        'unit' => '×',
    ],
    'practice_pieces' => [
        'label' => 'Practice pieces',
        'help' => 'Sewn on scrap before the first garment on new cloth.',
        'unit' => 'pieces',
    ],
    'wanted_margin_percent' => [
        'label' => 'Target margin',
        'help' => 'Price minus cost, as a share of the price. Quotes below it are marked.',
        'unit' => '%',
    ],
    'full_fill_per_cm2' => [
        'label' => 'Stitches of a filled area',
        'help' => 'Estimates the stitches before there is a file.',
        'unit' => 'a cm²',
    ],
    'place_leave_deg' => [
        'label' => 'Accept crooked hooping below',
        'help' => 'A piece turned less than this is sewn as it is.',
        'unit' => '°',
    ],
    'place_hoop_again_deg' => [
        'label' => 'Hoop again above',
        'help' => 'Between the two, the design is turned on the machine if it can.',
        'unit' => '°',
    ],
    'place_leave_mm' => [
        'label' => 'Accept offset below',
        'help' => 'A design this close to its position is not moved.',
        'unit' => 'mm',
    ],
    'place_error_px' => [
        'label' => 'Error of a point in a picture',
        'help' => 'One standard deviation, in pixels; measured positions show their error from it.',
        'unit' => 'px',
    ],
];
