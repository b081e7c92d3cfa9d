<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/**
 * What is seen on a piece or at the machine, with what is behind it: in the order in which it is soonest found and
 * cheapest to try. The machine's manual and those who are trained on it decide.
 */
enum Symptom: string
{
    case Flagging = 'flagging';
    case Registration = 'registration';
    case Puckering = 'puckering';
    case Gaps = 'gaps';
    case Loops = 'loops';
    case BobbinOnTop = 'bobbin_on_top';
    case ThreadBreaks = 'thread_breaks';
    case NeedleBreaks = 'needle_breaks';
    case LettersClosed = 'letters_closed';
    case StitchesSink = 'stitches_sink';
    case Missed = 'missed_stitches';
    case HoopMarks = 'hoop_marks';

    public function label(): Text
    {
        return new Text("floor.symptom.{$this->value}");
    }

    /** @return list<Remedy> what to look at, soonest first */
    public function remedies(): array
    {
        return array_map(
            fn(string $cause): Remedy => new Remedy(
                new Text("floor.cause.{$cause}"),
                new Text("floor.remedy.{$this->value}_{$cause}"),
            ),
            $this->causes(),
        );
    }

    /** What a piece that was spoiled by it is recorded as; null where that is no cause of its own. */
    public function spoils(): ?SpoilCause
    {
        return match ($this) {
            self::Flagging, self::Registration, self::Gaps => SpoilCause::Registration,
            self::Puckering => SpoilCause::Puckering,
            self::NeedleBreaks => SpoilCause::FrameStruck,
            default => null,
        };
    }

    /** @return non-empty-list<string> codes of what may be behind it, soonest found first */
    private function causes(): array
    {
        return match ($this) {
            self::Flagging => ['foot_too_high', 'not_held_tight', 'too_fast', 'too_little_under'],
            self::Registration => ['slipped_frame', 'cloth_lifts_with_needle', 'frame_held_back', 'slack_pushed_into_design', 'frame_moved'],
            self::Puckering => ['stretched_when_hooped', 'too_little_backing', 'top_tension_too_high', 'design_too_dense_for', 'too_fast'],
            self::Gaps => ['cloth_pulled', 'parts_do_not_meet', 'outline_sewn_too_late'],
            self::Loops => ['thread_out_of_its', 'top_tension_too_low', 'lint_tension', 'cone_stuck'],
            self::BobbinOnTop => ['top_tension_too_high', 'bobbin_runs_too_freely', 'lint_under_spring'],
            self::ThreadBreaks => ['needle', 'path', 'tension', 'burr', 'thread_old_or_wrong'],
            self::NeedleBreaks => ['hit_frame_bill_or', 'seam_or_too_many', 'needle_loose_or_bent', 'cloth_lifts_with_needle'],
            self::LettersClosed => ['letters_too_small', 'they_sink', 'too_dense'],
            self::StitchesSink => ['no_film_on_top', 'too_little_under_stitches'],
            self::Missed => ['went_on_too_late', 'frame_moved_without_sewing', 'needle_bent_or_too', 'cloth_lifts_with_needle'],
            self::HoopMarks => ['held_too_tight_or', 'cloth_keeps_marks'],
        };
    }
}
