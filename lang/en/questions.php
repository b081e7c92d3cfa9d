<?php

declare(strict_types=1);

return [
    'cap_backing' => [
        'question' => 'Backing under a cap',
        'tear_away' => 'tear-away; cutaway on soft caps',
        'cutaway' => 'cutaway on soft caps or dense designs',
        'always_tear_away' => 'always tear-away',
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
    'cap_backing_hold' => [
        'question' => 'Holding the backing of a cap',
        'clipped' => 'clipped to the posts',
        'taped' => 'taped',
        'tucked' => 'tucked under the tab only',
    ],
    'cap_strap' => [
        'question' => 'Strap at the back of a cap',
        'shut' => 'left shut',
        'open' => 'open',
    ],
    'bill_gap' => [
        'question' => 'Distance to the bill',
        'house_gap' => 'the house gap',
        'frame_limit' => 'as low as the frame allows',
        'centred_high' => 'the house gap, centred on much higher panels',
    ],
    'trace_needle' => [
        'question' => 'Tracing with',
        'needle' => 'needle 1 lowered by hand, lifted near metal',
        'light' => 'light or foot only, the needle never down',
    ],
    'trace_item' => [
        'question' => 'When to trace',
        'after_loading' => 'after loading',
        'before_and_after' => 'empty first, then again after loading',
    ],
    'jacket_backing' => [
        'question' => 'Backing under heavy jackets',
        'tear_away' => 'two layers of tear-away',
        'cutaway' => 'cutaway',
    ],
    'orientation' => [
        'question' => 'Loading direction of garments',
        'neck_first' => 'neck first, turned only if needed',
        'waist_first' => 'always waist first, turned',
    ],
    'chest_place' => [
        'question' => 'Finding the left chest position',
        'measured' => 'measured each time',
        'template' => 'a template per size',
        'peg' => 'a peg on the hooping station per size',
    ],
    'applique' => [
        'question' => 'Appliqué',
        'trim_in_frame' => 'whole cloth tacked down and trimmed in the frame',
        'pre_cut' => 'a pre-cut shape laid on the placement line',
    ],
    'topper_residue' => [
        'question' => 'Removing leftover film',
        'pick' => 'tear off and pick',
        'steam' => 'steam',
        'wash' => 'leave it for the first wash and tell the customer',
    ],
    'thread_tails' => [
        'question' => 'Thread tails',
        'scissors' => 'scissors only',
        'flame' => 'scissors, then a quick flame',
    ],
    'backing_left' => [
        'question' => 'Removing backing',
        'all' => 'all that comes off',
        'tight' => 'leave what is tight to the stitches',
    ],
    'needle_program' => [
        'question' => 'Threads on needles',
        'fixed_rack' => 'fixed rack, needles chosen per job',
        'reload' => 'rack loaded for each job',
    ],
    'foot_height' => [
        'question' => 'Presser foot height',
        'card' => 'as thick as a plastic card',
        'under' => 'slightly lower',
    ],
    'knit_needle' => [
        'question' => 'Needle for technical knits',
        'sharp' => 'sharp',
        'ballpoint' => 'ballpoint, especially in knits with small holes',
    ],
    'applique_backing' => [
        'question' => 'Backing under appliqué on sweatshirts',
        'cutaway' => 'cutaway, as under any knit',
        'tear_away' => 'tear-away: the appliqué carries the stitches',
    ],
    'pricing' => [
        'question' => 'Pricing',
        'bands' => 'price list by stitches and quantity',
        'margin' => 'cost plus target margin',
    ],
    'check' => [
        'question' => 'Who inspects',
        'sewer' => 'the operator',
        'first' => 'somebody else, the first of a batch',
        'one_in' => 'somebody else, one in so many',
        'always' => 'somebody else, every piece',
    ],
    'tube_passes' => [
        'question' => 'Several hoopings along a tube',
        'hooping_by_hooping' => 'all pieces through one hooping, then the next',
        'piece_by_piece' => 'each piece through all of them',
    ],
    'first_off' => [
        'question' => 'After the first piece',
        'go_on' => 'continue at once',
        'looked_at' => 'continue after somebody else inspected it, unhooped',
        'with_picture' => 'continue after somebody else inspected it, unhooped, with a picture',
    ],
    'units' => [
        'question' => 'Units',
        'mm' => 'millimetres, inches beside on garments',
        'inch' => 'inches, millimetres beside on garments',
    ],
];
