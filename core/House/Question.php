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

    public function words(): string
    {
        return match ($this) {
            self::CapBacking => 'Backing under a cap',
            self::CapOrder => 'In which order a cap is sewn',
            self::CapSeam => 'Where the front seam of a cap goes when it is hooped',
            self::CapBackingHold => 'How the backing of a cap is held',
            self::CapStrap => 'The strap at the back of a cap',
            self::BillGap => 'How near to the bill a cap is sewn',
            self::TraceNeedle => 'What traces the design',
            self::TraceItem => 'When the design is traced',
            self::JacketBacking => 'Backing under heavy jackets',
            self::Orientation => 'Which way round garments are loaded',
            self::ChestPlace => 'How the left chest is found',
            self::Applique => 'How cloth is applied',
            self::TopperResidue => 'What is done with the film that is left',
            self::ThreadTails => 'How thread tails are taken off',
            self::BackingLeft => 'Backing at the stitches',
            self::NeedleProgram => 'How needles get their threads',
            self::FootHeight => 'How low the presser foot goes',
            self::KnitNeedle => 'The needle for technical knits',
            self::AppliqueBacking => 'Backing under cloth applied to sweatshirts',
            self::Pricing => 'How a price is made',
            self::Check => 'Who looks at what is sewn',
            self::FirstOff => 'When a batch goes on after its first piece',
            self::Units => 'In what lengths are said',
            self::TubePasses => 'In which order a tube is hooped several times',
        };
    }

    /** @return non-empty-list<School> the first holds until the shop says otherwise */
    public function schools(): array
    {
        return match ($this) {
            self::CapBacking => [
                new School('tear_away', 'tear-away, cutaway when the cap is soft'),
                new School('cutaway', 'cutaway when the cap is soft or the design dense'),
                new School('always_tear_away', 'tear-away always'),
            ],
            self::CapOrder => [
                new School('either', 'centre-out or bottom-up will do'),
                new School('both', 'centre-out and bottom-up are both wanted'),
            ],
            self::CapSeam => [
                new School('offset_left', 'a little left, the strap pulls it back'),
                new School('on_line', 'dead on the line, with a bill stop'),
            ],
            self::CapBackingHold => [
                new School('clipped', 'clipped to the posts'),
                new School('taped', 'taped'),
                new School('tucked', 'tucked under the tab only'),
            ],
            self::CapStrap => [new School('shut', 'left shut'), new School('open', 'open')],
            self::BillGap => [
                new School('house_gap', 'the house’s gap'),
                new School('frame_limit', 'as low as the frame allows'),
                new School('centred_high', 'the house’s gap, and centred on a panel that is much higher'),
            ],
            self::TraceNeedle => [
                new School('needle', 'needle 1 lowered by hand, lifted near metal'),
                new School('light', 'light or foot only, the needle never down'),
            ],
            self::TraceItem => [
                new School('after_loading', 'after loading'),
                new School('before_and_after', 'before, empty, and again after'),
            ],
            self::JacketBacking => [
                new School('tear_away', 'two layers of tear-away'),
                new School('cutaway', 'cutaway'),
            ],
            self::Orientation => [
                new School('neck_first', 'neck first, turned only where needed'),
                new School('waist_first', 'always waist first and turned'),
            ],
            self::ChestPlace => [
                new School('measured', 'measured lines each time'),
                new School('template', 'a template for the size'),
                new School('peg', 'a peg of the hooping station for the size'),
            ],
            self::Applique => [
                new School('trim_in_frame', 'whole cloth tacked down and trimmed in the frame'),
                new School('pre_cut', 'a pre-cut shape laid on the placement line'),
            ],
            self::TopperResidue => [
                new School('pick', 'torn off and picked'),
                new School('steam', 'steamed'),
                new School('wash', 'left to the first wash, and the customer told'),
            ],
            self::ThreadTails => [new School('scissors', 'scissors only'), new School('flame', 'a quick flame after')],
            self::BackingLeft => [
                new School('all', 'all of it that comes'),
                new School('tight', 'what is tight to the stitches stays'),
            ],
            self::NeedleProgram => [
                new School('fixed_rack', 'the rack stays, needles are picked for each job'),
                new School('reload', 'the rack is loaded for each job'),
            ],
            self::FootHeight => [
                new School('card', 'the thickness of a plastic card'),
                new School('under', 'a shade under it'),
            ],
            self::KnitNeedle => [
                new School('sharp', 'sharp'),
                new School('ballpoint', 'ballpoint, above all where the knit has small holes'),
            ],
            self::AppliqueBacking => [
                new School('cutaway', 'cutaway, as under any knit'),
                new School('tear_away', 'tear-away: the applied cloth carries the stitches'),
            ],
            self::Check => [
                new School('sewer', 'whoever sewed it'),
                new School('first', 'another person, at the first of a batch'),
                new School('one_in', 'another person, at one in so many'),
                new School('always', 'another person, at each'),
            ],
            self::FirstOff => [
                new School('go_on', 'at once'),
                new School('looked_at', 'when another person has looked at it, unhooped'),
                new School('with_picture', 'when another person has looked at it, unhooped, and taken a picture of it'),
            ],
            self::Units => [
                new School('mm', 'in millimetres, on a garment inches beside'),
                new School('inch', 'in inches, on a garment millimetres beside'),
            ],
            self::TubePasses => [
                new School('hooping_by_hooping', 'all pieces through one hooping, then the next'),
                new School('piece_by_piece', 'each piece through all of them'),
            ],
            self::Pricing => [
                new School('bands', 'by stitches and quantity, from the price list'),
                new School('margin', 'by what it costs and the margin that is wanted'),
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
