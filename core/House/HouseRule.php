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
    case HoopHour = 'hoop_hour_cents';
    case FinishHour = 'finish_hour_cents';
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
}
