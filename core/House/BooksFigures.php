<?php

declare(strict_types=1);

namespace Hakama\House;

/** What an hour, a metre and a garment cost, and what is asked for them. */
final class BooksFigures
{
    /** Rule => label, what it starts with, the least, the most, unit, help. */
    public const SPECS = [
        HouseRule::MachineHour->value => [
            'An hour of a machine', 1800, 0, 1000000, 'cents',
            'What it costs when it runs or is being set up: price by years and hours, power, care.',
        ],
        HouseRule::HandHour->value => [
            'An hour of hands', 2400, 0, 1000000, 'cents',
            'Setting up and changing over: wages with all that comes on top.',
        ],
        HouseRule::HoopHour->value => [
            'An hour of hooping', 2400, 0, 1000000, 'cents',
            'Where another hand hoops than the one that sets up.',
        ],
        HouseRule::FinishHour->value => [
            'An hour of finishing', 2400, 0, 1000000, 'cents',
            'Backing off, tails, pressing, folding.',
        ],
        HouseRule::ThreadKm->value => ['Top thread', 180, 0, 100000, 'cents a km', 'What a cone costs by its length.'],
        HouseRule::BobbinKm->value => ['Bobbin thread', 60, 0, 100000, 'cents a km', 'What bobbins cost by their length.'],
        HouseRule::BackingM2->value => ['Backing', 150, 0, 100000, 'cents a m²', 'As it is bought.'],
        HouseRule::TopperM2->value => ['Film', 90, 0, 100000, 'cents a m²', 'As it is bought.'],
        HouseRule::ClothM2->value => ['Cloth laid on', 900, 0, 100000, 'cents a m²', 'As it is bought.'],
        HouseRule::Overhead->value => [
            'Overhead', 10, 0, 300, '%',
            'Rent, light, office: on top of all that a job costs.',
        ],
        HouseRule::QuoteSpoilage->value => [
            'Spoilage to reckon with', 2, 0, 50, '%',
            'Of what the garments are worth and of the work on them.',
        ],
        HouseRule::IdleAfter->value => [
            'A machine idles after', 45, 5, 480, 'min',
            'A stand between loads or batches that is longer is not taken for work of hands.',
        ],
        HouseRule::FinishTime->value => [
            'Finish a piece', 45, 0, 3600, 's',
            'Backing off, marks off, pressed, folded.',
        ],
        HouseRule::FinishTrim->value => [
            'Finish a trim', 2, 0, 60, 's',
            'For each place where the thread was cut.',
        ],
        HouseRule::LeastCharge->value => [
            'Charge at least', 4000, 0, 10000000, 'cents',
            'For an order, however small.',
        ],
        HouseRule::PriceStep->value => [
            'A piece is priced in steps of', 0, 0, 1000, 'cents',
            'A price that is worked out goes up to the next step a piece; one that was agreed does not. 0: as it comes out.',
        ],
        HouseRule::UnpractisedTimes->value => [
            'Spoiled on cloth nobody here has sewn', 3, 1, 20, '×',
            'So many times as often as usual; the risk of an order says it.',
        ],
        HouseRule::PracticePieces->value => [
            'Practised on scrap first', 3, 1, 20, 'pieces',
            'So many before the first garment on cloth that is new here.',
        ],
        HouseRule::Tax->value => [
            'Tax on top of prices', 0, 0, 40, '%',
            'Stands on quotes and invoices of its own line; the law of the place decides how much.',
        ],
        HouseRule::BlankMarkup->value => [
            'On garments', 30, -100, 1000, '%',
            'Put on what a garment costs, when the shop buys it.',
        ],
        HouseRule::ArtworkMarkup->value => ['On artwork', 0, -100, 1000, '%', 'Put on what the artwork costs.'],
        HouseRule::WantedMargin->value => [
            'Margin that is wanted', 50, 0, 95, '%',
            'Price less cost, as a share of the price. A quote below it says so.',
        ],
        HouseRule::FullFill->value => [
            'Stitches of a filled area', 75, 20, 300, 'a cm²',
            'To guess at stitches before there is a tape.',
        ],
    ];
}
