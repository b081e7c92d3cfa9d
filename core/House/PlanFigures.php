<?php

declare(strict_types=1);

namespace Hakama\House;

/** How long things take, what lateness costs, how far times spread. */
final class PlanFigures
{
    /** Rule => label, what it starts with, the least, the most, unit, help. */
    public const SPECS = [
        HouseRule::ChangeTime->value => [
            'Colour change', 7, 0, 60, 's',
            'How long the machine takes to change to another needle.',
        ],
        HouseRule::TrimTime->value => ['Trim', 6, 0, 60, 's', 'How long the machine takes to cut a thread.'],
        HouseRule::RampTime->value => ['Getting up to speed', 1.5, 0, 30, 's', 'After each start.'],
        HouseRule::HandStopTime->value => [
            'Stop for a hand', 30, 0, 900, 's',
            'At a stop for a look, to bring the frame out or to tape something aside.',
        ],
        HouseRule::LayTime->value => ['Laying cloth', 30, 0, 900, 's', 'At each stop where cloth is laid on its line.'],
        HouseRule::FilmTime->value => ['Laying film', 30, 0, 900, 's', 'At a stop where film is laid on top.'],
        HouseRule::AddBackingTime->value => [
            'Adding backing', 30, 0, 900, 's',
            'At a stop where a piece of backing is slid under the frame.',
        ],
        HouseRule::TurnOverTime->value => [
            'Frame turned over', 150, 0, 1800, 's',
            'Frame off, back or pocket taped to its lines on the underside, frame back on.',
        ],
        HouseRule::PressTime->value => [
            'Pressing cloth in the frame',
            40,
            0,
            900,
            's',
            'At a stop where applied cloth is pressed.',
        ],
        HouseRule::LintTime->value => ['Brushing lint off', 15, 0, 300, 's', 'At a stop before cut cloth is covered.'],
        HouseRule::TrimClothTime->value => [
            'Frame out and back to trim', 20, 0, 300, 's',
            'For each stop at which cloth is trimmed, whatever its outline.',
        ],
        HouseRule::TrimClothSpeed->value => [
            'Cloth trimmed', 12, 1, 100, 'mm a second',
            'Along the outline of the cloth.',
        ],
        HouseRule::BreakRate->value => ['Thread breaks', 0.05, 0, 5, 'per 1000 stitches', 'To expect on each head.'],
        HouseRule::BreakTime->value => ['Mending a break', 90, 0, 900, 's', 'Until a broken thread sews again.'],
        HouseRule::HoopTime->value => ['Hooping', 90, 5, 1200, 's', 'One flat piece.'],
        HouseRule::CapHoopTime->value => ['Hooping a cap', 120, 5, 1200, 's', 'One cap.'],
        HouseRule::SeamTime->value => [
            'Opening a seam and closing it', 12, 0, 60, 'min',
            'Of a leg or sleeve that has to lie flat; one piece.',
        ],
        HouseRule::SwapTime->value => [
            'Swapping frames', 40, 5, 600, 's',
            'To take frames off and put the next on.',
        ],
        HouseRule::StrapTime->value => [
            'Setting the strap for a style of cap', 2, 0, 30, 'min',
            'Once for each style; caps of one style in a row share it.',
        ],
        HouseRule::LoadTime->value => [
            'Load and trace', 3, 0, 60, 'min',
            'To load a design and trace it, before every batch.',
        ],
        HouseRule::FrameTime->value => ['Frame change', 4, 0, 60, 'min', 'To change to another kind of frame.'],
        HouseRule::ThreadTime->value => [
            'Cone change', 2.5, 0, 30, 'min',
            'To put another thread on one needle of one head.',
        ],
        HouseRule::DriverTime->value => [
            'Driver change', 15, 0, 120, 'min',
            'From flat arms to the cap driver with checks, or any driver to another.',
        ],
        HouseRule::People->value => [
            'People', 2, 1, 50, 'people',
            'Who work here as a rule. Who is away or in as well is in the calendar.',
        ],
        HouseRule::Tends->value => [
            'Machines per person', 3, 1, 20, 'machines',
            'How many machines one person can tend at once.',
        ],
        HouseRule::DayStarts->value => ['Day starts', 8, 0, 24, 'h', 'When work begins.'],
        HouseRule::BreakStarts->value => ['Break starts', 12, 0, 24, 'h', 'When the midday break begins.'],
        HouseRule::BreakEnds->value => ['Break ends', 12.5, 0, 24, 'h', 'When the midday break is over.'],
        HouseRule::DayEnds->value => ['Day ends', 17, 0, 24, 'h', 'When work is over.'],
        HouseRule::NeedleTime->value => [
            'Needle change', 1.5, 0, 15, 'min',
            'To fit a needle of another size or point on one head.',
        ],
        HouseRule::ClipTime->value => [
            'Clipping up what is bulky', 45, 0, 600, 's a piece',
            'On a machine without a gap under its carriage: jackets, hoodies, blankets.',
        ],
        HouseRule::WalkTime->value => [
            'Walk to the shelf', 1, 0, 30, 'min',
            'Counts for each changeover that wants other cones; the machine may sew meanwhile.',
        ],
        HouseRule::SearchChanges->value => [
            'Effort for a better plan', 20000, 100, 5000000, 'steps',
            'How long a better plan is looked for: 20 000 steps take about two seconds with 40 batches.',
        ],
        HouseRule::AgainTime->value => [
            'Same design again', 1, 0, 60, 'min',
            'Instead of loading and tracing, where the same design goes on in the same frame for another batch.',
        ],
        HouseRule::LateCost->value => [
            'Cost of lateness', 10, 0, 1000, 'per min',
            'What a plan pays for each minute that a batch ends after it is due.',
        ],
        HouseRule::LateHour->value => [
            'Over an hour late counts as', 0, 0, 10000, 'min more',
            'Beside the minutes themselves: nought leaves lateness a straight line.',
        ],
        HouseRule::LateDay->value => [
            'Done on another day counts as', 0, 0, 10000, 'min more',
            'Beside the minutes themselves, where a batch is not done on the day it was promised for.',
        ],
        HouseRule::LateEvent->value => [
            'Late for an event counts as', 480, 0, 100000, 'min more',
            'Where an order is of no use afterwards, from the first minute late.',
        ],
        HouseRule::ChangeoverCost->value => [
            'Cost of changeovers', 1, 0, 1000, 'per min',
            'What a plan pays for each minute of changeover on any machine.',
        ],
        HouseRule::FlowCost->value => [
            'Cost of waiting', 0.01, 0, 100, 'per min',
            'What a plan pays for each minute until a batch is done: soon is better than later.',
        ],
        HouseRule::MovedCost->value => [
            'Cost of moving what is prepared', 30, 0, 100000, 'a batch',
            'What a better plan pays for each batch that it takes to another machine although people have begun to prepare it.',
        ],
        HouseRule::BeyondCost->value => [
            'Cost of hands that are not in', 0, 0, 1000, 'per min',
            'What a plan pays for each minute of hooping or setting up that is wanted while all who are in are '.
            'busy. 0: not at all.',
        ],
        HouseRule::PreparedAhead->value => [
            'Prepared ahead', 2, 0, 72, 'h',
            'Cloth is cut, cones are out and cards are printed for what starts within this time.',
        ],
        HouseRule::LeadDays->value => [
            'What is ordered comes within', 4, 0, 120, 'days',
            'From the order to what is ordered: thread, backing, blanks.',
        ],
        HouseRule::SewSpread->value => [
            'Sewing times spread by', 8, 0, 200, '%',
            'Standard deviation over mean, until the shop has logged enough of its own.',
        ],
        HouseRule::HoopSpread->value => ['Hooping times spread by', 25, 0, 200, '%', 'From batch to batch.'],
        HouseRule::ChangeoverSpread->value => ['Changeovers spread by', 30, 0, 200, '%', 'From one to the next.'],
        HouseRule::SpoiledPieces->value => [
            'Pieces spoiled', 2, 0, 50, '%',
            'Sewn again at the end of their batch, until the shop has logged enough of its own.',
        ],
        HouseRule::PromiseKept->value => [
            'A promise is to be kept in', 90, 50, 99, '% of cases',
            'The date to promise is the one that is kept as often as this.',
        ],
    ];
}
