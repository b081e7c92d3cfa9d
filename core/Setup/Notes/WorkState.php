<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

/** What an act makes of item, backing, frame, film, machine and piece, and what the next one may need. */
enum WorkState: string
{
    case Opened = 'opened';
    case Cleared = 'cleared';
    case Marked = 'marked';
    case Sticker = 'sticker';
    case InsideOut = 'inside_out';
    case BackingCut = 'backing_cut';
    case BackingInItem = 'backing_in_item';
    case BackingInFrame = 'backing_in_frame';
    case Stuck = 'stuck';
    case OnRing = 'on_ring';
    case OverArm = 'over_arm';
    case FilmHeld = 'film_held';
    case Closed = 'closed';
    case ClipsOut = 'clips_out';
    case DriverOn = 'driver_on';
    case NeedlesSet = 'needles_set';
    case FeetSet = 'feet_set';
    case Loaded = 'loaded';
    case FrameChosen = 'frame_chosen';
    case Turned = 'turned';
    case CentreTrue = 'centre_true';
    case TracedEmpty = 'traced_empty';
    case PlaceKept = 'place_kept';
    case BobbinSeen = 'bobbin_seen';
    case Mounted = 'mounted';
    case Centred = 'centred';
    case StickerOff = 'sticker_off';
    case Traced = 'traced';
    case Film = 'film';
    case ModeSet = 'mode_set';
    case Sewn = 'sewn';
    case Off = 'off';
    case Unhooped = 'unhooped';
    case MarksGone = 'marks_gone';
    case Clean = 'clean';
    case RightSideOut = 'right_side_out';
    case ClosedAgain = 'closed_again';
    case Pressed = 'pressed';
    case LookedAt = 'looked_at';
}
