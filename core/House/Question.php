<?php

declare(strict_types=1);

namespace Hakama\House;

/** What practitioners differ about. The shop follows one school of each; the other is still shown where it matters. */
enum Question: string
{
    case CapBacking = 'cap_backing';
    case CapOrder = 'cap_order';
    case CapSeam = 'cap_seam';
    case CapBackingHold = 'cap_backing_hold';
    case CapStrap = 'cap_strap';
    case BillGap = 'bill_gap';
    case TraceNeedle = 'trace_needle';
    case TraceItem = 'trace_item';
    case JacketBacking = 'jacket_backing';
    case Orientation = 'orientation';
    case ChestPlace = 'chest_place';
    case Applique = 'applique';
    case TopperResidue = 'topper_residue';
    case ThreadTails = 'thread_tails';
    case BackingLeft = 'backing_left';
    case NeedleProgram = 'needle_program';
    case FootHeight = 'foot_height';
    case KnitNeedle = 'knit_needle';
    case AppliqueBacking = 'applique_backing';
    case Pricing = 'pricing';
    case Check = 'check';
    case TubePasses = 'tube_passes';
    case FirstOff = 'first_off';
    case Units = 'units';
    case ProposedPlan = 'proposed_plan';
    case ShortBlanks = 'short_blanks';
    case MissingMaterial = 'missing_material';
    case Approval = 'approval';
    case Letters = 'letters';

    /** @return non-empty-list<School> the first holds until the shop says otherwise */
    public function schools(): array
    {
        return match ($this) {
            self::CapBacking => [
                new School('tear_away'),
                new School('cutaway'),
                new School('always_tear_away'),
            ],
            self::CapOrder => [
                new School('either'),
                new School('both'),
            ],
            self::CapSeam => [
                new School('offset_left'),
                new School('on_line'),
            ],
            self::CapBackingHold => [
                new School('clipped'),
                new School('taped'),
                new School('tucked'),
            ],
            self::CapStrap => [new School('shut'), new School('open')],
            self::BillGap => [
                new School('house_gap'),
                new School('frame_limit'),
                new School('centred_high'),
            ],
            self::TraceNeedle => [
                new School('needle'),
                new School('light'),
            ],
            self::TraceItem => [
                new School('after_loading'),
                new School('before_and_after'),
            ],
            self::JacketBacking => [
                new School('tear_away'),
                new School('cutaway'),
            ],
            self::Orientation => [
                new School('neck_first'),
                new School('waist_first'),
            ],
            self::ChestPlace => [
                new School('measured'),
                new School('template'),
                new School('peg'),
            ],
            self::Applique => [
                new School('trim_in_frame'),
                new School('pre_cut'),
            ],
            self::TopperResidue => [
                new School('pick'),
                new School('steam'),
                new School('wash'),
            ],
            self::ThreadTails => [new School('scissors'), new School('flame')],
            self::BackingLeft => [
                new School('all'),
                new School('tight'),
            ],
            self::NeedleProgram => [
                new School('fixed_rack'),
                new School('reload'),
            ],
            self::FootHeight => [
                new School('card'),
                new School('under'),
            ],
            self::KnitNeedle => [
                new School('sharp'),
                new School('ballpoint'),
            ],
            self::AppliqueBacking => [
                new School('cutaway'),
                new School('tear_away'),
            ],
            self::Check => [
                new School('sewer'),
                new School('first'),
                new School('one_in'),
                new School('always'),
            ],
            self::FirstOff => [
                new School('go_on'),
                new School('looked_at'),
                new School('with_picture'),
            ],
            self::ProposedPlan => [
                new School('kept'),
                new School('paper'),
            ],
            self::ShortBlanks => [
                new School('hold'),
                new School('split'),
            ],
            self::MissingMaterial => [
                new School('warn'),
                new School('hold'),
            ],
            self::Approval => [
                new School('when_asked'),
                new School('before_sewing'),
            ],
            self::Letters => [
                new School('opened'),
                new School('by_themselves'),
            ],
            self::Units => [
                new School('mm'),
                new School('inch'),
            ],
            self::TubePasses => [
                new School('hooping_by_hooping'),
                new School('piece_by_piece'),
            ],
            self::Pricing => [
                new School('bands'),
                new School('margin'),
            ],
        };
    }

    /** The school that holds until the shop says otherwise. */
    public function usual(): string
    {
        /** @var array<string, string> $kept */
        static $kept = [];

        return $kept[$this->value] ??= $this->schools()[0]->value;
    }

    public function offers(string $school): bool
    {
        return in_array($school, array_map(static fn(School $one): string => $one->value, $this->schools()), true);
    }
}
