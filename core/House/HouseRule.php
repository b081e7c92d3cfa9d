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
    case DrawnStitch = 'drawn_stitch_mm';
    case CopiesGap = 'copies_gap_mm';
    case TopPerLength = 'top_thread_per_length';
    case TopPerStitch = 'top_thread_per_stitch_mm';
    case BobbinPerLength = 'bobbin_thread_per_length';
    case BobbinPerStitch = 'bobbin_thread_per_stitch_mm';
    case ThreadWaste = 'thread_waste_percent';
    case BobbinHolds = 'bobbin_m';
    case Margin = 'frame_margin_mm';
    case CapGap = 'cap_gap_mm';
    case CapLow = 'cap_low_mm';
    case CapMid = 'cap_mid_mm';
    case CapHigh = 'cap_high_mm';
    case CapSpeed = 'cap_speed_spm';
    case CapDetailSpeed = 'cap_detail_speed_spm';
    case Speed = 'speed_spm';
    case KnitSpeed = 'knit_speed_spm';
    case Dense = 'dense_design_per_cm2';
    case BackingOverlap = 'backing_overlap_mm';
    case BackingRoll = 'backing_roll_mm';
    case PaleLightness = 'pale_lightness';
    case SmallLetter = 'small_letter_mm';
    case ValueAtRisk = 'value_at_risk_cents';
    case TubeReach = 'tube_reach_mm';
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
    case BreakRate = 'breaks_per_1000';
    case BreakTime = 'break_s';
    case HoopTime = 'hoop_s';
    case CapHoopTime = 'cap_hoop_s';
    case SwapTime = 'swap_s';
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
    case SearchChanges = 'plan_changes';
    case AgainTime = 'again_min';
    case LateCost = 'late_cost';
    case ChangeoverCost = 'changeover_cost';
    case FlowCost = 'flow_cost';

    /** What is found in a tape follows from these. */
    public const MEASURING = [
        self::TrimJumps,
        self::ShortStitch,
        self::ShortShare,
        self::LongStitch,
        self::DenseStitches,
        self::LongJump,
    ];

    public function spec(): RuleSpec
    {
        return match ($this) {
            self::TrimJumps => new RuleSpec(
                'Artwork',
                3,
                2,
                12,
                'jumps',
                'So many jumps in a row on a tape are read as a trim.',
            ),
            self::ShortStitch => new RuleSpec(
                'Artwork',
                0.4,
                0.1,
                2,
                'mm',
                'Stitches below this fray the thread and heat the needle.',
            ),
            self::ShortShare => new RuleSpec(
                'Artwork',
                5,
                0,
                100,
                '%',
                'More of a design than this in short stitches is a finding.',
            ),
            self::LongStitch => new RuleSpec(
                'Artwork',
                12.1,
                3,
                20,
                'mm',
                'Stitches above this slow the machine and catch.',
            ),
            self::DenseStitches => new RuleSpec(
                'Artwork',
                12,
                2,
                60,
                'per mm²',
                'More needle points than this in one square millimetre are worth a word.',
            ),
            self::LongJump => new RuleSpec(
                'Artwork',
                7,
                2,
                60,
                'mm',
                'Thread carried further than this without a trim is worth a word.',
            ),
            self::ThreadsAlike => new RuleSpec(
                'Artwork',
                5,
                0.5,
                20,
                'CIEDE2000',
                'Two threads that differ less than this are taken for one another on the rack.',
            ),
            self::DrawnStitch => new RuleSpec(
                'Artwork',
                3,
                0.5,
                12,
                'mm',
                'Lines of a drawing are sewn in stitches of at most this.',
            ),
            self::CopiesGap => new RuleSpec(
                'Artwork',
                5,
                0,
                100,
                'mm',
                'Between copies in one frame, to cut them apart.',
            ),
            self::TopPerLength => new RuleSpec(
                'Artwork',
                1.05,
                0.5,
                3,
                'mm per mm',
                'Top thread taken per sewn length.',
            ),
            self::TopPerStitch => new RuleSpec(
                'Artwork',
                1.6,
                0,
                10,
                'mm',
                'Top thread taken by each stitch besides its length.',
            ),
            self::BobbinPerLength => new RuleSpec(
                'Artwork',
                0.6,
                0.1,
                3,
                'mm per mm',
                'Bobbin thread taken per sewn length.',
            ),
            self::BobbinPerStitch => new RuleSpec(
                'Artwork',
                0.2,
                0,
                10,
                'mm',
                'Bobbin thread taken by each stitch besides its length.',
            ),
            self::ThreadWaste => new RuleSpec(
                'Artwork',
                0,
                0,
                50,
                '%',
                'Thread lost to tails, breaks and cone ends.',
            ),
            self::BobbinHolds => new RuleSpec('Artwork', 90, 10, 300, 'm', 'Thread on a full bobbin.'),
            self::Margin => new RuleSpec(
                'Setup',
                7,
                2,
                30,
                'mm',
                'Nothing is sewn nearer to a frame’s edge: foot radius and 2 mm.',
            ),
            self::CapGap => new RuleSpec(
                'Setup',
                12,
                3,
                30,
                'mm',
                'Left free between the bill seam of a cap and the design.',
            ),
            self::CapLow => new RuleSpec('Setup', 50, 20, 64, 'mm', 'Highest design on a low cap.'),
            self::CapMid => new RuleSpec('Setup', 57, 20, 64, 'mm', 'Highest design on a mid cap.'),
            self::CapHigh => new RuleSpec('Setup', 63, 20, 64, 'mm', 'Highest design on a high cap.'),
            self::CapSpeed => new RuleSpec('Setup', 650, 200, 1200, 'spm', 'Caps are sewn no faster.'),
            self::CapDetailSpeed => new RuleSpec(
                'Setup',
                500,
                200,
                1200,
                'spm',
                'Caps with dense detail or thick buckram are sewn no faster.',
            ),
            self::Speed => new RuleSpec('Setup', 850, 200, 1500, 'spm', 'Speed on stable cloth in a flat frame.'),
            self::KnitSpeed => new RuleSpec('Setup', 750, 200, 1500, 'spm', 'Speed on knits and soft cloth.'),
            self::Dense => new RuleSpec(
                'Setup',
                250,
                50,
                1000,
                'stitches per cm²',
                'A design with more stitches over its box counts as dense.',
            ),
            self::BackingOverlap => new RuleSpec(
                'Setup',
                25,
                5,
                80,
                'mm',
                'Backing reaches so far beyond the frame’s outer edge on every side.',
            ),
            self::BackingRoll => new RuleSpec(
                'Setup',
                500,
                100,
                2000,
                'mm',
                'The widest backing there is: a larger frame is not covered by one piece.',
            ),
            self::SmallLetter => new RuleSpec(
                'Setup',
                5,
                2,
                12,
                'mm',
                'Letters lower than this close up in the usual thread.',
            ),
            self::PaleLightness => new RuleSpec(
                'Setup',
                80,
                50,
                100,
                'CIE L*',
                'Cloth at least this light counts as pale: ordinary cutaway would show through it.',
            ),
            self::ValueAtRisk => new RuleSpec(
                'Setup',
                4000,
                0,
                1000000,
                'cents',
                'A garment worth this much is worth a word before it is sewn.',
            ),
            self::TubeReach => new RuleSpec(
                'Setup',
                75,
                30,
                200,
                'mm',
                'So much of a narrow tube is sewn at one hooping.',
            ),
            self::ArmWidth => new RuleSpec(
                'Setup',
                70,
                10,
                300,
                'mm',
                'Width of the sewing arm: what it takes of a neck opening.',
            ),
            self::NeckTee => new RuleSpec(
                'Setup',
                240,
                80,
                600,
                'mm',
                'Neck opening of a tee in size M, laid flat and stretched as it is loaded.',
            ),
            self::NeckPolo => new RuleSpec('Setup', 260, 80, 600, 'mm', 'The same of a polo, its placket open.'),
            self::NeckHoodie => new RuleSpec('Setup', 280, 80, 600, 'mm', 'The same of a hoodie or sweatshirt.'),
            self::NeckStep => new RuleSpec(
                'Setup',
                14,
                0,
                60,
                'mm',
                'So much the neck opening grows from one size to the next.',
            ),
            self::CapHalfAngle => new RuleSpec(
                'Setup',
                75,
                20,
                160,
                '°',
                'So far round to each side of its seam a cap is sewn.',
            ),
            self::TubeGap => new RuleSpec(
                'Setup',
                12,
                0,
                200,
                'mm',
                'Left between motifs that are sewn one above the other along a tube.',
            ),
            self::TubeBand => new RuleSpec(
                'Setup',
                3,
                1,
                50,
                'mm',
                'A gap of this within a design lets it be sewn in two hoopings along a tube.',
            ),
            self::BackingSpoilage => new RuleSpec(
                'Setup',
                5,
                0,
                50,
                '%',
                'Backing cut besides, for what is spoiled.',
            ),
            self::OffCutLeast => new RuleSpec(
                'Setup',
                80,
                20,
                400,
                'mm',
                'Off-cuts whose shorter side has this are kept.',
            ),
            self::ChestDown => new RuleSpec(
                'Places',
                200,
                100,
                350,
                'mm',
                'Left chest, size M: from the shoulder seam at the neck down to the middle of the design.',
            ),
            self::ChestAcross => new RuleSpec(
                'Places',
                100,
                60,
                200,
                'mm',
                'Left chest, size M: from the centre front to the middle of the design.',
            ),
            self::ChestStep => new RuleSpec(
                'Places',
                5,
                0,
                30,
                'mm',
                'So much lower the left chest goes from one size to the next.',
            ),
            self::ChestAcrossStep => new RuleSpec(
                'Places',
                0,
                0,
                20,
                'mm',
                'So much further across it goes from one size to the next.',
            ),
            self::FrontDown => new RuleSpec(
                'Places',
                75,
                20,
                250,
                'mm',
                'Full front, size M: from the neck seam down to the upper edge of the design.',
            ),
            self::FrontStep => new RuleSpec(
                'Places',
                0,
                0,
                30,
                'mm',
                'So much lower the full front goes from one size to the next.',
            ),
            self::BackDown => new RuleSpec(
                'Places',
                100,
                20,
                300,
                'mm',
                'Full back, size M: from the collar seam down to the upper edge of the design; with a yoke, a finger inside its seam.',
            ),
            self::BackStep => new RuleSpec(
                'Places',
                0,
                0,
                30,
                'mm',
                'So much lower the full back goes from one size to the next.',
            ),
            self::CapSideUp => new RuleSpec(
                'Places',
                15,
                3,
                40,
                'mm',
                'Cap side: from the sweatband seam up to the lower edge of the design.',
            ),
            self::CapBackUp => new RuleSpec(
                'Places',
                10,
                3,
                40,
                'mm',
                'Cap back: from the strap opening up to the lower edge of the design.',
            ),
            self::CuffDown => new RuleSpec(
                'Places',
                10,
                0,
                60,
                'mm',
                'Hat cuff: from its upper fold down to the upper edge of the design; high rather than low.',
            ),
            self::SleeveUp => new RuleSpec(
                'Places',
                50,
                10,
                400,
                'mm',
                'Sleeve: from the hem up to the lower edge of the design.',
            ),
            self::LegDown => new RuleSpec(
                'Places',
                250,
                30,
                900,
                'mm',
                'Leg, size M: from the waistband down to the upper edge of the design.',
            ),
            self::LegStep => new RuleSpec(
                'Places',
                0,
                0,
                40,
                'mm',
                'So much lower the leg goes from one size to the next.',
            ),
            self::CornerIn => new RuleSpec(
                'Places',
                120,
                20,
                500,
                'mm',
                'Corner: from inside the edging along its bisector to the middle of the design.',
            ),
            self::PocketDown => new RuleSpec(
                'Places',
                40,
                10,
                150,
                'mm',
                'Pocket: from its upper edge down to the middle of the design.',
            ),
            self::ChangeTime => new RuleSpec('Plan', 7, 0, 60, 's', 'A colour change on the machine.'),
            self::TrimTime => new RuleSpec('Plan', 6, 0, 60, 's', 'A trim.'),
            self::RampTime => new RuleSpec('Plan', 1.5, 0, 30, 's', 'Getting up to speed after each start.'),
            self::HandStopTime => new RuleSpec(
                'Plan',
                30,
                0,
                900,
                's',
                'At a stop where a hand has something to do.',
            ),
            self::BreakRate => new RuleSpec(
                'Plan',
                0.05,
                0,
                5,
                'per 1000 stitches',
                'Thread breaks to expect on each head.',
            ),
            self::BreakTime => new RuleSpec('Plan', 90, 0, 900, 's', 'Until a broken thread sews again.'),
            self::HoopTime => new RuleSpec('Plan', 90, 5, 1200, 's', 'To hoop one flat piece.'),
            self::CapHoopTime => new RuleSpec('Plan', 120, 5, 1200, 's', 'To hoop one cap.'),
            self::SwapTime => new RuleSpec('Plan', 40, 5, 600, 's', 'To take frames off and put the next on.'),
            self::LoadTime => new RuleSpec(
                'Plan',
                3,
                0,
                60,
                'min',
                'To load a design and trace it, before every batch.',
            ),
            self::FrameTime => new RuleSpec('Plan', 4, 0, 60, 'min', 'To change to another kind of frame.'),
            self::ThreadTime => new RuleSpec(
                'Plan',
                2.5,
                0,
                30,
                'min',
                'To put another thread on one needle of one head.',
            ),
            self::DriverTime => new RuleSpec(
                'Plan',
                15,
                0,
                120,
                'min',
                'To change flat arms for the cap driver, with checks; or any driver for another.',
            ),
            self::People => new RuleSpec(
                'Plan',
                2,
                1,
                50,
                'people',
                'Who are in the workroom as a rule; who is away, or in as well, is in the calendar.',
            ),
            self::Tends => new RuleSpec(
                'Plan',
                3,
                1,
                20,
                'machines',
                'How many machines one person can tend at once.',
            ),
            self::DayStarts => new RuleSpec('Plan', 8, 0, 24, 'h', 'The working day starts.'),
            self::BreakStarts => new RuleSpec('Plan', 12, 0, 24, 'h', 'The midday break starts.'),
            self::BreakEnds => new RuleSpec('Plan', 12.5, 0, 24, 'h', 'The midday break ends.'),
            self::DayEnds => new RuleSpec('Plan', 17, 0, 24, 'h', 'The working day ends.'),
            self::NeedleTime => new RuleSpec(
                'Plan',
                1.5,
                0,
                15,
                'min',
                'To fit a needle of another size or point on one head.',
            ),
            self::SearchChanges => new RuleSpec(
                'Plan',
                20000,
                100,
                5000000,
                'changes',
                'How many changes are tried when a better plan is looked for.',
            ),
            self::AgainTime => new RuleSpec(
                'Plan',
                1,
                0,
                60,
                'min',
                'Instead of loading and tracing, where the same design goes on in the same frame for another batch.',
            ),
            self::LateCost => new RuleSpec(
                'Plan',
                10,
                0,
                1000,
                'per min',
                'What a plan pays for a minute that a batch ends after it is due.',
            ),
            self::ChangeoverCost => new RuleSpec(
                'Plan',
                1,
                0,
                1000,
                'per min',
                'What a plan pays for a minute of changeover on any machine.',
            ),
            self::FlowCost => new RuleSpec(
                'Plan',
                0.01,
                0,
                100,
                'per min',
                'What a plan pays for each minute until a batch is done: soon is better than later.',
            ),
        };
    }
}
