<?php

declare(strict_types=1);

return [
    'applique' => [
        'question' => 'Appliqué',
        'trim_in_frame' => 'whole cloth tacked down and trimmed in the frame',
        'pre_cut' => 'a pre-cut shape laid on the placement line',
    ],
    'applique_backing' => [
        'question' => 'Backing under appliqué on sweatshirts',
        'cutaway' => 'cutaway, as under any knit',
        'tear_away' => 'tear-away: the appliqué carries the stitches',
    ],
    'backing_left' => [
        'question' => 'Removing backing',
        'all' => 'all that comes off',
        'tight' => 'leave what is tight to the stitches',
    ],
    'bill_gap' => [
        'question' => 'Distance to the bill',
        'house_gap' => 'the house gap',
        'frame_limit' => 'as low as the frame allows',
        'centred_high' => 'the house gap, centred on much higher panels',
    ],
    'cap_backing' => [
        'question' => 'Backing under a cap',
        'tear_away' => 'tear-away; cutaway on soft caps',
        'cutaway' => 'cutaway on soft caps or dense designs',
        'always_tear_away' => 'always tear-away',
    ],
    'cap_backing_hold' => [
        'question' => 'Holding the backing of a cap',
        'clipped' => 'clipped to the posts',
        'taped' => 'taped',
        'tucked' => 'tucked under the tab only',
    ],
    'cap_order' => [
        'question' => 'Sewing order on caps',
        'either' => 'centre-out or bottom-up',
        'both' => 'centre-out and bottom-up both required',
    ],
    'cap_seam' => [
        'question' => 'Front seam of a cap when hooping',
        'offset_left' => 'a little to the left; the strap pulls it back',
        'on_line' => 'exactly on the line, with a bill stop',
    ],
    'cap_strap' => [
        'question' => 'Strap at the back of a cap',
        'shut' => 'left shut',
        'open' => 'open',
    ],
    'changes' => [
        'rule' => '{about}, {when}: {text}',
        'step' => '{stage}: {text}',
    ],
    'check' => [
        'question' => 'Who inspects',
        'sewer' => 'the operator',
        'first' => 'somebody else, the first of a batch',
        'one_in' => 'somebody else, one in so many',
        'always' => 'somebody else, every piece',
    ],
    'chest_place' => [
        'question' => 'Finding the left chest position',
        'measured' => 'measured each time',
        'template' => 'a template per size',
        'peg' => 'a peg on the hooping station per size',
    ],
    'elsewhere' => [
        'bill_gap_house_gap' => 'Fit and place: a cap is sewn no nearer to its bill than the house’s gap (cap_gap_mm).',
        'bill_gap_frame_limit' => 'Fit: the gap to the bill is not kept, only the frame’s own limit.',
        'trace_item_after_loading' => 'Preflight: one trace, when the item is in; clamps, gloves and pockets are traced empty first whatever the school.',
        'trace_item_before_and_after' => 'Preflight: trace once empty, before the item is in, and again after.',
        'cap_order_either' => 'Warnings: a design for a cap is minded only where it is sewn neither centre-out nor bottom-up.',
        'cap_order_both' => 'Warnings: a design for a cap is minded where it is not sewn centre-out, or not bottom-up.',
        'applique_backing_cutaway' => 'Backing: under cloth applied to a sweatshirt as under any other design on it.',
        'thread_tails_flame' => 'Caution: synthetic thread melts and burns.',
        'pricing_bands' => 'Quotes: a price a piece by the stitches and the quantity, from the price list.',
        'pricing_margin' => 'Quotes: what it costs, and the margin you want on top.',
        'check_sewer' => 'Floor: a piece that is finished may be handed over.',
        'check_first' => 'Floor: another person inspects the first piece of a batch.',
        'check_one_in' => 'Floor: another person inspects one piece in so many (check_one_in).',
        'check_always' => 'Floor: another person inspects each piece, and none is handed over before it has passed.',
        'tube_passes_hooping_by_hooping' => 'Floor: along a tube all pieces go through one hooping before the next.',
        'tube_passes_piece_by_piece' => 'Floor: along a tube each piece goes through all its hoopings before the next piece.',
        'first_off_go_on' => 'Floor: the next load may start as soon as the first is off.',
        'first_off_looked_at' => 'Floor: the first piece is sewn alone, and the next load waits until another person has inspected it.',
        'first_off_with_picture' => 'Floor: the first piece is sewn alone, and the next load waits until another person has inspected it and kept a picture of it.',
        'proposed_plan_kept' => 'Plan: replayed with breaks and delays; room is left where a promise needs it. The cheapest on paper is shown beside.',
        'proposed_plan_paper' => 'Plan: as if nothing went wrong. The one that keeps most promises is shown beside.',
        'units_mm' => 'Places, drawings and designs: in millimetres, where a tape is laid on in inches beside.',
        'units_inch' => 'Places, drawings and designs: in inches, where a tape is laid on in millimetres beside. Frames as they are printed, and what is set on a machine, stay in millimetres.',
        'topper_residue_steam' => 'Caution: irons and steam burn.',
    ],
    'first_off' => [
        'question' => 'After the first piece',
        'go_on' => 'continue at once',
        'looked_at' => 'continue after somebody else inspected it, unhooped',
        'with_picture' => 'continue after somebody else inspected it, unhooped, with a picture',
    ],
    'foot_height' => [
        'question' => 'Presser foot height',
        'card' => 'as thick as a plastic card',
        'under' => 'slightly lower',
    ],
    'jacket_backing' => [
        'question' => 'Backing under heavy jackets',
        'tear_away' => 'two layers of tear-away',
        'cutaway' => 'cutaway',
    ],
    'knit_needle' => [
        'question' => 'Needle for technical knits',
        'sharp' => 'sharp',
        'ballpoint' => 'ballpoint, especially in knits with small holes',
    ],
    'needle_program' => [
        'question' => 'Threads on needles',
        'fixed_rack' => 'fixed rack, needles chosen per job',
        'reload' => 'rack loaded for each job',
    ],
    'orientation' => [
        'question' => 'Loading direction of garments',
        'neck_first' => 'neck first, turned only if needed',
        'waist_first' => 'always waist first, turned',
    ],
    'pricing' => [
        'question' => 'Pricing',
        'bands' => 'price list by stitches and quantity',
        'margin' => 'cost plus target margin',
    ],
    'thread_tails' => [
        'question' => 'Thread tails',
        'scissors' => 'scissors only',
        'flame' => 'scissors, then a quick flame',
    ],
    'topper_residue' => [
        'question' => 'Removing leftover film',
        'pick' => 'tear off and pick',
        'steam' => 'steam',
        'wash' => 'leave it for the first wash and tell the customer',
    ],
    'proposed_plan' => [
        'question' => 'Plan that a search proposes',
        'kept' => 'the one that keeps most promises',
        'paper' => 'the cheapest on paper',
    ],
    'trace_item' => [
        'question' => 'When to trace',
        'after_loading' => 'after loading',
        'before_and_after' => 'empty first, then again after loading',
    ],
    'trace_needle' => [
        'question' => 'Tracing with',
        'needle' => 'needle 1 lowered by hand, lifted near metal',
        'light' => 'light or foot only, the needle never down',
    ],
    'tube_passes' => [
        'question' => 'Several hoopings along a tube',
        'hooping_by_hooping' => 'all pieces through one hooping, then the next',
        'piece_by_piece' => 'each piece through all of them',
    ],
    'units' => [
        'question' => 'Units',
        'mm' => 'millimetres, inches beside on garments',
        'inch' => 'inches, millimetres beside on garments',
    ],
];
