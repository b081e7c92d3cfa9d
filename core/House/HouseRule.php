<?php

declare(strict_types=1);

namespace Hakama\House;

/** Every figure the shop may set for itself. The value is its name in files and addresses. */
enum HouseRule: string
{
    case TrimJumps = 'trim_jumps';
    case ShortStitch = 'short_stitch_mm';
    case ShortShare = 'short_stitches_percent';
    case LongStitch = 'long_stitch_mm';
    case DenseStitches = 'dense_stitches_per_mm2';
    case LongJump = 'long_jump_mm';
    case ThreadsAlike = 'threads_alike_delta_e';
    case ThreadShows = 'thread_shows_delta_e';
    case DrawnStitch = 'drawn_stitch_mm';
    case CopiesGap = 'copies_gap_mm';
    case PatchFilled = 'patch_filled_percent';
    case PatchBorder = 'patch_border_mm';
    case LetterPull = 'letter_pull_mm';
    case LetterRow = 'letter_row_mm';
    case LetterTrim = 'letter_trim_mm';
    case LetterNarrowest = 'letter_narrowest_percent';
    case BlockLeast = 'block_letters_least_mm';
    case ScriptLeast = 'script_letters_least_mm';
    case SmallLeast = 'small_letters_least_mm';
    case NamesGap = 'names_gap_mm';
    case PreCutBeyond = 'pre_cut_beyond_mm';
    case TrimmedBeyond = 'trimmed_beyond_mm';
    case ClothApart = 'cloth_apart_mm';
    case ClothGap = 'cloth_gap_mm';
    case TopPerLength = 'top_thread_per_length';
    case TopPerStitch = 'top_thread_per_stitch_mm';
    case BobbinPerLength = 'bobbin_thread_per_length';
    case BobbinPerStitch = 'bobbin_thread_per_stitch_mm';
    case ThreadWaste = 'thread_waste_percent';
    case BobbinHolds = 'bobbin_m';
    case Margin = 'frame_margin_mm';
    case CapGap = 'cap_gap_mm';
    case CapCentred = 'cap_centred_from_mm';
    case CapLow = 'cap_low_mm';
    case CapMid = 'cap_mid_mm';
    case CapHigh = 'cap_high_mm';
    case CapSpeed = 'cap_speed_spm';
    case CapDetailSpeed = 'cap_detail_speed_spm';
    case Speed = 'speed_spm';
    case KnitSpeed = 'knit_speed_spm';
    case Dense = 'dense_design_per_cm2';
    case BackingOverlap = 'backing_overlap_mm';
    case BackingLeast = 'backing_least_mm';
    case BackingRoll = 'backing_roll_mm';
    case PaleLightness = 'pale_lightness';
    case SmallLetter = 'small_letter_mm';
    case ValueAtRisk = 'value_at_risk_cents';
    case TubeReach = 'tube_reach_mm';
    case ClampNudge = 'clamp_nudge_mm';
    case ArmWidth = 'arm_width_mm';
    case NeckTee = 'neck_tee_mm';
    case NeckPolo = 'neck_polo_mm';
    case NeckHoodie = 'neck_hoodie_mm';
    case NeckStep = 'neck_step_mm';
    case CapHalfAngle = 'cap_half_angle_deg';
    case TubeGap = 'tube_gap_mm';
    case TubeBand = 'tube_band_mm';
    case BackingSpoilage = 'backing_spoilage_percent';
    case OffCutLeast = 'off_cut_least_mm';
    case ChestDown = 'left_chest_down_mm';
    case ChestAcross = 'left_chest_across_mm';
    case ChestStep = 'left_chest_step_mm';
    case ChestAcrossStep = 'left_chest_across_step_mm';
    case FrontDown = 'full_front_down_mm';
    case FrontStep = 'full_front_step_mm';
    case BackDown = 'full_back_down_mm';
    case BackStep = 'full_back_step_mm';
    case CapSideUp = 'cap_side_up_mm';
    case CapBackUp = 'cap_back_up_mm';
    case CuffDown = 'cuff_down_mm';
    case SleeveUp = 'sleeve_up_mm';
    case LegDown = 'leg_down_mm';
    case LegStep = 'leg_step_mm';
    case CornerIn = 'corner_in_mm';
    case PocketDown = 'pocket_down_mm';
    case ChangeTime = 'change_s';
    case TrimTime = 'trim_s';
    case RampTime = 'ramp_s';
    case HandStopTime = 'hand_stop_s';
    case LayTime = 'lay_cloth_s';
    case FilmTime = 'lay_film_s';
    case AddBackingTime = 'add_backing_s';
    case TurnOverTime = 'turn_over_s';
    case PressTime = 'press_cloth_s';
    case LintTime = 'brush_lint_s';
    case TrimClothTime = 'trim_cloth_s';
    case TrimClothSpeed = 'trim_cloth_mm_per_s';
    case BreakRate = 'breaks_per_1000';
    case BreakTime = 'break_s';
    case HoopTime = 'hoop_s';
    case CapHoopTime = 'cap_hoop_s';
    case SeamTime = 'seam_min';
    case SwapTime = 'swap_s';
    case StrapTime = 'strap_gap_min';
    case LoadTime = 'load_min';
    case FrameTime = 'frame_change_min';
    case ThreadTime = 'thread_change_min';
    case DriverTime = 'driver_change_min';
    case People = 'people';
    case Tends = 'machines_per_person';
    case DayStarts = 'day_starts_h';
    case BreakStarts = 'break_starts_h';
    case BreakEnds = 'break_ends_h';
    case DayEnds = 'day_ends_h';
    case NeedleTime = 'needle_min';
    case ClipTime = 'clip_s';
    case WalkTime = 'walk_min';
    case SearchChanges = 'plan_changes';
    case AgainTime = 'again_min';
    case LateCost = 'late_cost';
    case LateHour = 'late_hour_min';
    case LateDay = 'late_day_min';
    case LateEvent = 'late_event_min';
    case ChangeoverCost = 'changeover_cost';
    case FlowCost = 'flow_cost';
    case MovedCost = 'moved_cost';
    case PreparedAhead = 'prepared_ahead_h';
    case LeadDays = 'lead_days';
    case SewSpread = 'spread_sewing_percent';
    case HoopSpread = 'spread_hooping_percent';
    case ChangeoverSpread = 'spread_changeover_percent';
    case SpoiledPieces = 'spoiled_percent';
    case PromiseKept = 'promise_kept_percent';
    case BreaksLook = 'breaks_look';
    case StepBack = 'step_back_stitches';
    case NeedleStitches = 'needle_changed_after_stitches';
    case OilStitches = 'hook_oiled_after_stitches';
    case TensionDays = 'tension_tried_after_days';
    case IdleAfter = 'idle_after_min';
    case CheckOneIn = 'check_one_in';
    case CheckValue = 'check_value_cents';
    case MachineHour = 'machine_hour_cents';
    case HandHour = 'hand_hour_cents';
    case ThreadKm = 'thread_km_cents';
    case BobbinKm = 'bobbin_km_cents';
    case BackingM2 = 'backing_m2_cents';
    case TopperM2 = 'topper_m2_cents';
    case ClothM2 = 'cloth_m2_cents';
    case Overhead = 'overhead_percent';
    case QuoteSpoilage = 'quote_spoilage_percent';
    case FinishTime = 'finish_s';
    case FinishTrim = 'finish_trim_s';
    case CutOutSpeed = 'cut_out_mm_per_s';
    case PressSide = 'press_side_s';
    case PressCool = 'press_cool_s';
    case LeastCharge = 'least_charge_cents';
    case BlankMarkup = 'blank_markup_percent';
    case ArtworkMarkup = 'artwork_markup_percent';
    case Tax = 'tax_percent';
    case UnpractisedTimes = 'unpractised_times';
    case PracticePieces = 'practice_pieces';
    case WantedMargin = 'wanted_margin_percent';
    case FullFill = 'full_fill_per_cm2';
    case PlaceLeaveTurn = 'place_leave_deg';
    case PlaceHoopAgain = 'place_hoop_again_deg';
    case PlaceLeave = 'place_leave_mm';
    case PicturePixel = 'place_error_px';

    /** What is found in a tape follows from these. */
    public const MEASURING = [
        self::TrimJumps,
        self::ShortStitch,
        self::ShortShare,
        self::LongStitch,
        self::DenseStitches,
        self::LongJump,
    ];

    /** Station, label, what it starts with, the least, the most, unit, help. */
    private const SPECS = [
        self::TrimJumps->value => [
            'Artwork', 'Trim after jumps in a row', 3, 2, 12, 'jumps',
            'This many jumps in a row on a tape are read as a trim.',
        ],
        self::ShortStitch->value => [
            'Artwork', 'Short stitch below', 0.4, 0.1, 2, 'mm',
            'Shorter stitches fray the thread and heat the needle.',
        ],
        self::ShortShare->value => [
            'Artwork', 'Short stitches reported above', 5, 0, 100, '%',
            'A share of short stitches larger than this is listed as a finding.',
        ],
        self::LongStitch->value => [
            'Artwork', 'Long stitch above', 12.1, 3, 20, 'mm',
            'Longer stitches slow the machine and catch on things.',
        ],
        self::DenseStitches->value => [
            'Artwork', 'Dense spot above', 12, 2, 60, 'per mm²',
            'More needle points than this in one square millimetre are listed as a finding.',
        ],
        self::LongJump->value => [
            'Artwork', 'Long jump without a trim above', 7, 2, 60, 'mm',
            'A thread carried further than this has to be cut by hand.',
        ],
        self::ThreadsAlike->value => [
            'Artwork', 'Threads look alike below', 5, 0.5, 20, 'CIEDE2000',
            'Two threads that differ less than this are mixed up on the rack.',
        ],
        self::ThreadShows->value => [
            'Artwork', 'Thread shows on cloth from', 12, 0, 50, 'CIEDE2000',
            'A thread nearer to the colour of its cloth hardly shows there.',
        ],
        self::DrawnStitch->value => [
            'Artwork', 'Longest stitch in a drawing', 3, 0.5, 12, 'mm',
            'Lines of a drawing are sewn in stitches no longer than this.',
        ],
        self::PatchFilled->value => [
            'Artwork', 'A patch is sewn over', 95, 50, 100, '%',
            'So much of its shape at least; below that the felt shows between.',
        ],
        self::PatchBorder->value => [
            'Artwork', 'Border of a patch', 2.5, 1, 8, 'mm',
            'So wide at least, to cut out along it.',
        ],
        self::CopiesGap->value => [
            'Artwork', 'Gap between copies', 5, 0, 100, 'mm',
            'Left between copies in one frame, to cut them apart.',
        ],
        self::LetterPull->value => [
            'Artwork', 'Letters sewn wider', 0.15, 0, 0.6, 'mm a side',
            'Stitches pull a column in; it is sewn so much wider on each side.',
        ],
        self::LetterRow->value => [
            'Artwork', 'Rows in letters', 0.4, 0.25, 0.8, 'mm',
            'From one needle point to the next on the same side of a satin column.',
        ],
        self::LetterTrim->value => [
            'Artwork', 'Trim between letters over', 2, 0.5, 20, 'mm',
            'Where the way to the next letter is longer the thread is cut.',
        ],
        self::LetterNarrowest->value => [
            'Artwork', 'Narrow letters to', 80, 60, 100, '% of their width',
            'A text that is too long is narrowed so far before its letters are made lower.',
        ],
        self::BlockLeast->value => [
            'Artwork', 'Block letters from', 6, 4, 20, 'mm',
            'Lower capitals close up in satin: the small alphabet sews them as lines.',
        ],
        self::ScriptLeast->value => [
            'Artwork', 'Script letters from', 8, 5, 25, 'mm',
            'Lower capitals close up in satin: the small alphabet sews them as lines.',
        ],
        self::SmallLeast->value => [
            'Artwork', 'Small letters from', 3, 2, 6, 'mm',
            'Nothing that can be read is sewn lower.',
        ],
        self::NamesGap->value => [
            'Artwork', 'Gap from design to name', 4, 0, 50, 'mm',
            'Left between a design and the name sewn under it.',
        ],
        self::PreCutBeyond->value => [
            'Artwork', 'Cloth beyond its tack-down', 1.5, 0, 10, 'mm',
            'How much larger a shape is that is cut before it is laid, so that the tack-down holds it everywhere.',
        ],
        self::TrimmedBeyond->value => [
            'Artwork', 'Room to trim cloth', 15, 5, 60, 'mm a side',
            'How much larger a piece is that is trimmed in the frame.',
        ],
        self::ClothApart->value => [
            'Artwork', 'Clear between cloths', 6, 0, 50, 'mm',
            'Nearer than this, stitches that cover one cloth may reach the other: each is trimmed at its own stop.',
        ],
        self::ClothGap->value => [
            'Artwork', 'Gap between cut cloths', 5, 0, 50, 'mm',
            'Left between two pieces laid out on a width of cloth.',
        ],
        self::TopPerLength->value => [
            'Artwork', 'Top thread per sewn length', 1.05, 0.5, 3, 'mm per mm',
            'Thread used for each millimetre that is sewn.',
        ],
        self::TopPerStitch->value => [
            'Artwork', 'Top thread per stitch', 1.6, 0, 10, 'mm',
            'Thread each stitch uses besides its length.',
        ],
        self::BobbinPerLength->value => [
            'Artwork', 'Bobbin thread per sewn length', 0.6, 0.1, 3, 'mm per mm',
            'Thread used for each millimetre that is sewn.',
        ],
        self::BobbinPerStitch->value => [
            'Artwork', 'Bobbin thread per stitch', 0.2, 0, 10, 'mm',
            'Thread each stitch uses besides its length.',
        ],
        self::ThreadWaste->value => ['Artwork', 'Thread lost', 0, 0, 50, '%', 'Tails, breaks and cone ends.'],
        self::BobbinHolds->value => [
            'Artwork', 'Thread on a full bobbin', 90, 10, 300, 'm',
            'What a new bobbin holds.',
        ],
        self::Margin->value => [
            'Setup', 'Clear of the frame', 7, 2, 30, 'mm',
            'Nothing is sewn nearer to the edge of a frame: the foot’s radius and 2 mm.',
        ],
        self::CapGap->value => [
            'Setup', 'Gap over the bill', 12, 3, 30, 'mm',
            'Left free between the bill seam of a cap and the design.',
        ],
        self::CapCentred->value => [
            'Setup', 'Panel much higher than a design from', 25, 5, 60, 'mm',
            'So much is left over the gap and the design: then it is centred, where the house follows that school.',
        ],
        self::CapLow->value => ['Setup', 'Low cap takes', 50, 20, 64, 'mm', 'Highest design on a low cap.'],
        self::CapMid->value => ['Setup', 'Mid cap takes', 57, 20, 64, 'mm', 'Highest design on a mid cap.'],
        self::CapHigh->value => ['Setup', 'High cap takes', 64, 20, 64, 'mm', 'Highest design on a high cap.'],
        self::CapSpeed->value => ['Setup', 'Cap speed', 650, 200, 1200, 'spm', 'Caps are sewn no faster than this.'],
        self::CapDetailSpeed->value => [
            'Setup', 'Cap speed with detail', 500, 200, 1200, 'spm',
            'Caps with dense detail or thick buckram are sewn no faster than this.',
        ],
        self::Speed->value => ['Setup', 'Speed', 850, 200, 1500, 'spm', 'On stable cloth in a flat frame.'],
        self::KnitSpeed->value => ['Setup', 'Speed on knits', 750, 200, 1500, 'spm', 'On knits and soft cloth.'],
        self::Dense->value => [
            'Setup', 'Dense design above', 250, 50, 1000, 'stitches per cm²',
            'More stitches than this over the box of a design make it a dense one.',
        ],
        self::BackingOverlap->value => [
            'Setup', 'Backing beyond the frame', 25, 5, 80, 'mm',
            'How far backing reaches past the outer edge of a frame, on every side.',
        ],
        self::BackingLeast->value => [
            'Setup', 'Backing beyond the frame, at least', 20, 0, 80, 'mm',
            'A piece that is there and reaches so far is taken before a roll is cut.',
        ],
        self::BackingRoll->value => [
            'Setup', 'Widest backing', 500, 100, 2000, 'mm',
            'A larger frame cannot be covered by one piece.',
        ],
        self::SmallLetter->value => [
            'Setup', 'Small letters below', 5, 2, 12, 'mm',
            'Lower letters close up in the usual thread.',
        ],
        self::PaleLightness->value => [
            'Setup', 'Pale cloth above', 80, 50, 100, 'CIE L*',
            'Cloth at least this light lets ordinary cutaway show through.',
        ],
        self::ValueAtRisk->value => [
            'Setup', 'Warn when one garment is worth more than', 4000, 0, 1000000, 'cents',
            'A reminder to practise before an expensive garment is sewn.',
        ],
        self::TubeReach->value => [
            'Setup', 'Reach along a tube', 75, 30, 200, 'mm',
            'How much of a narrow tube is sewn at one hooping.',
        ],
        self::ClampNudge->value => [
            'Setup', 'Step of a clamp’s sensor arm', 1.5, 0.5, 5, 'mm',
            'So far it is moved at a time until the machine believes in its largest frame.',
        ],
        self::ArmWidth->value => [
            'Setup', 'Width of the sewing arm', 70, 10, 300, 'mm',
            'What the arm takes of a neck opening, where a machine has no width of its own.',
        ],
        self::NeckTee->value => [
            'Setup', 'Neck of a tee', 240, 80, 600, 'mm',
            'Opening in size M, laid flat and stretched as it is loaded.',
        ],
        self::NeckPolo->value => [
            'Setup', 'Neck of a polo', 260, 80, 600, 'mm',
            'Opening in size M, the placket open.',
        ],
        self::NeckHoodie->value => [
            'Setup', 'Neck of a hoodie', 280, 80, 600, 'mm',
            'Opening in size M, of hoodies and sweatshirts.',
        ],
        self::NeckStep->value => [
            'Setup', 'Neck wider each size', 14, 0, 60, 'mm',
            'How much the neck opening grows from one size to the next.',
        ],
        self::CapHalfAngle->value => [
            'Setup', 'Reach round a cap', 75, 20, 160, '°',
            'How far a cap is sewn to each side of its front seam.',
        ],
        self::TubeGap->value => [
            'Setup', 'Gap along a tube', 12, 0, 200, 'mm',
            'Left between designs one above the other along a tube.',
        ],
        self::TubeBand->value => [
            'Setup', 'Gap that splits a design', 3, 1, 50, 'mm',
            'A gap this wide lets a design be sewn in two hoopings along a tube.',
        ],
        self::BackingSpoilage->value => [
            'Setup', 'Spare backing', 5, 0, 50, '%',
            'Cut besides, for pieces that are spoiled.',
        ],
        self::OffCutLeast->value => [
            'Setup', 'Keep off-cuts from', 80, 20, 400, 'mm',
            'Off-cuts whose shorter side has at least this are kept.',
        ],
        self::ChestDown->value => [
            'Placement', 'Left chest down', 200, 100, 350, 'mm',
            'Size M: from the shoulder seam at the neck down to the middle of the design.',
        ],
        self::ChestAcross->value => [
            'Placement', 'Left chest across', 100, 60, 200, 'mm',
            'Size M: from the centre front to the middle of the design.',
        ],
        self::ChestStep->value => [
            'Placement', 'Left chest lower each size', 5, 0, 30, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        self::ChestAcrossStep->value => [
            'Placement', 'Left chest further each size', 0, 0, 20, 'mm',
            'How much further across it goes from one size to the next.',
        ],
        self::FrontDown->value => [
            'Placement', 'Full front down', 75, 20, 250, 'mm',
            'Size M: from the neck seam down to the upper edge of the design.',
        ],
        self::FrontStep->value => [
            'Placement', 'Full front lower each size', 0, 0, 30, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        self::BackDown->value => [
            'Placement', 'Full back down', 100, 20, 300, 'mm',
            'Size M: from the collar seam down to the upper edge of the design; with a yoke, a finger inside its seam.',
        ],
        self::BackStep->value => [
            'Placement', 'Full back lower each size', 0, 0, 30, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        self::CapSideUp->value => [
            'Placement', 'Cap side up', 15, 3, 40, 'mm',
            'From the sweatband seam up to the lower edge of the design.',
        ],
        self::CapBackUp->value => [
            'Placement', 'Cap back up', 10, 3, 40, 'mm',
            'From the strap opening up to the lower edge of the design.',
        ],
        self::CuffDown->value => [
            'Placement', 'Hat cuff down', 10, 0, 60, 'mm',
            'From the upper fold of the cuff down to the upper edge of the design.',
        ],
        self::SleeveUp->value => [
            'Placement', 'Sleeve up', 50, 10, 400, 'mm',
            'From the hem up to the lower edge of the design.',
        ],
        self::LegDown->value => [
            'Placement', 'Leg down', 250, 30, 900, 'mm',
            'Size M: from the waistband down to the upper edge of the design.',
        ],
        self::LegStep->value => [
            'Placement', 'Leg lower each size', 0, 0, 40, 'mm',
            'How much lower it goes from one size to the next.',
        ],
        self::CornerIn->value => [
            'Placement', 'Corner in', 120, 20, 500, 'mm',
            'From inside the edging along the bisector of the corner to the middle of the design.',
        ],
        self::PocketDown->value => [
            'Placement', 'Pocket down', 40, 10, 150, 'mm',
            'From the upper edge of the pocket down to the middle of the design.',
        ],
        self::ChangeTime->value => [
            'Plan', 'Colour change', 7, 0, 60, 's',
            'How long the machine takes to change to another needle.',
        ],
        self::TrimTime->value => ['Plan', 'Trim', 6, 0, 60, 's', 'How long the machine takes to cut a thread.'],
        self::RampTime->value => ['Plan', 'Getting up to speed', 1.5, 0, 30, 's', 'After each start.'],
        self::HandStopTime->value => [
            'Plan', 'Stop for a hand', 30, 0, 900, 's',
            'At a stop for a look, to bring the frame out or to tape something aside.',
        ],
        self::LayTime->value => ['Plan', 'Laying cloth', 30, 0, 900, 's', 'At each stop where cloth is laid on its line.'],
        self::FilmTime->value => ['Plan', 'Laying film', 30, 0, 900, 's', 'At a stop where film is laid on top.'],
        self::AddBackingTime->value => [
            'Plan', 'Adding backing', 30, 0, 900, 's',
            'At a stop where a piece of backing is slid under the frame.',
        ],
        self::TurnOverTime->value => [
            'Plan', 'Frame turned over', 150, 0, 1800, 's',
            'Frame off, back or pocket taped to its lines on the underside, frame back on.',
        ],
        self::PressTime->value => ['Plan', 'Pressing cloth in the frame', 40, 0, 900, 's', 'At a stop where applied cloth is pressed.'],
        self::LintTime->value => ['Plan', 'Brushing lint off', 15, 0, 300, 's', 'At a stop before cut cloth is covered.'],
        self::TrimClothTime->value => [
            'Plan', 'Frame out and back to trim', 20, 0, 300, 's',
            'For each stop at which cloth is trimmed, whatever its outline.',
        ],
        self::TrimClothSpeed->value => [
            'Plan', 'Cloth trimmed', 12, 1, 100, 'mm a second',
            'Along the outline of the cloth.',
        ],
        self::BreakRate->value => ['Plan', 'Thread breaks', 0.05, 0, 5, 'per 1000 stitches', 'To expect on each head.'],
        self::BreakTime->value => ['Plan', 'Mending a break', 90, 0, 900, 's', 'Until a broken thread sews again.'],
        self::HoopTime->value => ['Plan', 'Hooping', 90, 5, 1200, 's', 'One flat piece.'],
        self::CapHoopTime->value => ['Plan', 'Hooping a cap', 120, 5, 1200, 's', 'One cap.'],
        self::SeamTime->value => [
            'Plan', 'Opening a seam and closing it', 12, 0, 60, 'min',
            'Of a leg or sleeve that has to lie flat; one piece.',
        ],
        self::SwapTime->value => [
            'Plan', 'Swapping frames', 40, 5, 600, 's',
            'To take frames off and put the next on.',
        ],
        self::StrapTime->value => [
            'Plan', 'Setting the strap for a style of cap', 2, 0, 30, 'min',
            'Once for each style; caps of one style in a row share it.',
        ],
        self::LoadTime->value => [
            'Plan', 'Load and trace', 3, 0, 60, 'min',
            'To load a design and trace it, before every batch.',
        ],
        self::FrameTime->value => ['Plan', 'Frame change', 4, 0, 60, 'min', 'To change to another kind of frame.'],
        self::ThreadTime->value => [
            'Plan', 'Cone change', 2.5, 0, 30, 'min',
            'To put another thread on one needle of one head.',
        ],
        self::DriverTime->value => [
            'Plan', 'Driver change', 15, 0, 120, 'min',
            'From flat arms to the cap driver with checks, or any driver to another.',
        ],
        self::People->value => [
            'Plan', 'People', 2, 1, 50, 'people',
            'Who work here as a rule. Who is away or in as well is in the calendar.',
        ],
        self::Tends->value => [
            'Plan', 'Machines per person', 3, 1, 20, 'machines',
            'How many machines one person can tend at once.',
        ],
        self::DayStarts->value => ['Plan', 'Day starts', 8, 0, 24, 'h', 'When work begins.'],
        self::BreakStarts->value => ['Plan', 'Break starts', 12, 0, 24, 'h', 'When the midday break begins.'],
        self::BreakEnds->value => ['Plan', 'Break ends', 12.5, 0, 24, 'h', 'When the midday break is over.'],
        self::DayEnds->value => ['Plan', 'Day ends', 17, 0, 24, 'h', 'When work is over.'],
        self::NeedleTime->value => [
            'Plan', 'Needle change', 1.5, 0, 15, 'min',
            'To fit a needle of another size or point on one head.',
        ],
        self::ClipTime->value => [
            'Plan', 'Clipping up what is bulky', 45, 0, 600, 's a piece',
            'On a machine without a gap under its carriage: jackets, hoodies, blankets.',
        ],
        self::WalkTime->value => [
            'Plan', 'Walk to the shelf', 1, 0, 30, 'min',
            'Counts for each changeover that wants other cones; the machine may sew meanwhile.',
        ],
        self::SearchChanges->value => [
            'Plan', 'Effort for a better plan', 20000, 100, 5000000, 'steps',
            'How long a better plan is looked for: 20 000 steps take about two seconds with 40 batches.',
        ],
        self::AgainTime->value => [
            'Plan', 'Same design again', 1, 0, 60, 'min',
            'Instead of loading and tracing, where the same design goes on in the same frame for another batch.',
        ],
        self::LateCost->value => [
            'Plan', 'Cost of lateness', 10, 0, 1000, 'per min',
            'What a plan pays for each minute that a batch ends after it is due.',
        ],
        self::LateHour->value => [
            'Plan', 'Over an hour late counts as', 0, 0, 10000, 'min more',
            'Beside the minutes themselves: nought leaves lateness a straight line.',
        ],
        self::LateDay->value => [
            'Plan', 'Done on another day counts as', 0, 0, 10000, 'min more',
            'Beside the minutes themselves, where a batch is not done on the day it was promised for.',
        ],
        self::LateEvent->value => [
            'Plan', 'Late for an event counts as', 480, 0, 100000, 'min more',
            'Where an order is of no use afterwards, from the first minute late.',
        ],
        self::ChangeoverCost->value => [
            'Plan', 'Cost of changeovers', 1, 0, 1000, 'per min',
            'What a plan pays for each minute of changeover on any machine.',
        ],
        self::FlowCost->value => [
            'Plan', 'Cost of waiting', 0.01, 0, 100, 'per min',
            'What a plan pays for each minute until a batch is done: soon is better than later.',
        ],
        self::MovedCost->value => [
            'Plan', 'Cost of moving what is prepared', 30, 0, 100000, 'a batch',
            'What a better plan pays for each batch that it takes to another machine although people have begun to prepare it.',
        ],
        self::PreparedAhead->value => [
            'Plan', 'Prepared ahead', 2, 0, 72, 'h',
            'Cloth is cut, cones are out and cards are printed for what starts within this time.',
        ],
        self::LeadDays->value => [
            'Plan', 'What is ordered comes within', 4, 0, 120, 'days',
            'From the order to what is ordered: thread, backing, blanks.',
        ],
        self::SewSpread->value => [
            'Plan', 'Sewing times spread by', 8, 0, 200, '%',
            'Standard deviation over mean, until the shop has logged enough of its own.',
        ],
        self::HoopSpread->value => ['Plan', 'Hooping times spread by', 25, 0, 200, '%', 'From batch to batch.'],
        self::ChangeoverSpread->value => ['Plan', 'Changeovers spread by', 30, 0, 200, '%', 'From one to the next.'],
        self::SpoiledPieces->value => [
            'Plan', 'Pieces spoiled', 2, 0, 50, '%',
            'Sewn again at the end of their batch, until the shop has logged enough of its own.',
        ],
        self::PromiseKept->value => [
            'Plan', 'A promise is to be kept in', 90, 50, 99, '% of cases',
            'The date to promise is the one that is kept as often as this.',
        ],
        self::BreaksLook->value => [
            'Floor', 'Look closer after breaks', 3, 2, 20, 'at one needle',
            'In a fortnight, or since the needle was fitted: then the page says what to look at.',
        ],
        self::StepBack->value => [
            'Floor', 'Step back after a break', 6, 0, 60, 'stitches',
            'Past the break, so that the new thread lies over the old.',
        ],
        self::NeedleStitches->value => [
            'Floor', 'A needle is changed after', 400000, 10000, 20000000, 'stitches',
            'Some eight hours of sewing; a bent or blunt one at once.',
        ],
        self::OilStitches->value => [
            'Floor', 'The hook is oiled after', 150000, 1000, 5000000, 'stitches',
            'Some four hours of sewing; what the machine’s manual says goes before.',
        ],
        self::TensionDays->value => [
            'Floor', 'The tension is tried after', 7, 1, 365, 'days',
            'On scrap, with every thread that is on the machine.',
        ],
        self::CheckOneIn->value => [
            'Floor', 'Look at one in', 10, 2, 100, 'pieces',
            'Where one in so many is looked at by another person: the first, and every so manieth after it.',
        ],
        self::CheckValue->value => [
            'Floor', 'Always look at garments worth', 0, 0, 100000000, 'cents and more',
            'Whatever else the house does, another person looks at these. Nought: none for that.',
        ],
        self::MachineHour->value => [
            'Books', 'An hour of a machine', 1800, 0, 1000000, 'cents',
            'What it costs when it runs or is being set up: price by years and hours, power, care.',
        ],
        self::HandHour->value => [
            'Books', 'An hour of hands', 2400, 0, 1000000, 'cents',
            'Hooping, setting up, finishing: wages with all that comes on top.',
        ],
        self::ThreadKm->value => ['Books', 'Top thread', 180, 0, 100000, 'cents a km', 'What a cone costs by its length.'],
        self::BobbinKm->value => ['Books', 'Bobbin thread', 60, 0, 100000, 'cents a km', 'What bobbins cost by their length.'],
        self::BackingM2->value => ['Books', 'Backing', 150, 0, 100000, 'cents a m²', 'As it is bought.'],
        self::TopperM2->value => ['Books', 'Film', 90, 0, 100000, 'cents a m²', 'As it is bought.'],
        self::ClothM2->value => ['Books', 'Cloth laid on', 900, 0, 100000, 'cents a m²', 'As it is bought.'],
        self::Overhead->value => [
            'Books', 'Overhead', 10, 0, 300, '%',
            'Rent, light, office: on top of all that a job costs.',
        ],
        self::QuoteSpoilage->value => [
            'Books', 'Spoilage to reckon with', 2, 0, 50, '%',
            'Of what the garments are worth and of the work on them.',
        ],
        self::IdleAfter->value => [
            'Books', 'A machine idles after', 45, 5, 480, 'min',
            'A stand between loads or batches that is longer is not taken for work of hands.',
        ],
        self::FinishTime->value => [
            'Books', 'Finish a piece', 45, 0, 3600, 's',
            'Backing off, marks off, pressed, folded.',
        ],
        self::FinishTrim->value => [
            'Books', 'Finish a trim', 2, 0, 60, 's',
            'For each place where the thread was cut.',
        ],
        self::CutOutSpeed->value => [
            'Floor', 'Patches cut out', 8, 1, 100, 'mm a second',
            'Along the edge of the patch.',
        ],
        self::PressSide->value => [
            'Floor', 'Film pressed', 20, 1, 120, 's a side',
            'Iron-on film on the back of a patch; what its maker says goes before.',
        ],
        self::PressCool->value => ['Floor', 'Cools between', 30, 0, 600, 's', 'Before a pressed patch is turned over.'],
        self::LeastCharge->value => [
            'Books', 'Charge at least', 4000, 0, 10000000, 'cents',
            'For an order, however small.',
        ],
        self::UnpractisedTimes->value => [
            'Books', 'Spoiled on cloth nobody here has sewn', 3, 1, 20, '×',
            'So many times as often as usual; the risk of an order says it.',
        ],
        self::PracticePieces->value => [
            'Books', 'Practised on scrap first', 3, 1, 20, 'pieces',
            'So many before the first garment on cloth that is new here.',
        ],
        self::Tax->value => [
            'Books', 'Tax on top of prices', 0, 0, 40, '%',
            'Stands on quotes and invoices of its own line; the law of the place decides how much.',
        ],
        self::BlankMarkup->value => [
            'Books', 'On garments', 30, -100, 1000, '%',
            'Put on what a garment costs, when the shop buys it.',
        ],
        self::ArtworkMarkup->value => ['Books', 'On artwork', 0, -100, 1000, '%', 'Put on what the artwork costs.'],
        self::WantedMargin->value => [
            'Books', 'Margin that is wanted', 50, 0, 95, '%',
            'Price less cost, as a share of the price. A quote below it says so.',
        ],
        self::FullFill->value => [
            'Books', 'Stitches of a filled area', 75, 20, 300, 'a cm²',
            'To guess at stitches before there is a tape.',
        ],
        self::PlaceLeaveTurn->value => [
            'Floor', 'Hooped askew is left below', 0.3, 0, 3, '°',
            'A piece that lies turned by less than this in its frame is sewn as it lies.',
        ],
        self::PlaceHoopAgain->value => [
            'Floor', 'Hooped askew is hooped again above', 1, 0.2, 15, '°',
            'Between the two the design is turned on the machine, where it can do that.',
        ],
        self::PicturePixel->value => [
            'Floor', 'A point in a picture is off by', 1.5, 0.2, 20, 'px',
            'One standard deviation; what is measured says by how much it may be off with it.',
        ],
        self::PlaceLeave->value => [
            'Floor', 'Hooped off its place is left below', 0.5, 0, 10, 'mm',
            'Less than this from its place the design is not moved.',
        ],
    ];

    public function spec(): RuleSpec
    {
        /** @var array<string, RuleSpec> $kept */
        static $kept = [];

        return $kept[$this->value] ??= new RuleSpec(...self::SPECS[$this->value]);
    }
}
