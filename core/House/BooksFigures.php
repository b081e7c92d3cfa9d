<?php

declare(strict_types=1);

namespace Hakama\House;

/** What an hour, a metre and a garment cost, and what is asked for them. */
final class BooksFigures
{
    /**
     * Rule => what it starts with, the least, the most, and whether it is money, kept in cents. Its words stand in
     * lang/, under its name.
     */
    public const SPECS = [
        HouseRule::MachineHour->value => [1800, 0, 1000000, true],
        HouseRule::HandHour->value => [2400, 0, 1000000, true],
        HouseRule::HoopHour->value => [2400, 0, 1000000, true],
        HouseRule::FinishHour->value => [2400, 0, 1000000, true],
        HouseRule::ThreadKm->value => [180, 0, 100000, true],
        HouseRule::BobbinKm->value => [60, 0, 100000, true],
        HouseRule::BackingM2->value => [150, 0, 100000, true],
        HouseRule::TopperM2->value => [90, 0, 100000, true],
        HouseRule::ClothM2->value => [900, 0, 100000, true],
        HouseRule::Overhead->value => [10, 0, 300],
        HouseRule::QuoteSpoilage->value => [2, 0, 50],
        HouseRule::IdleAfter->value => [45, 5, 480],
        HouseRule::FinishTime->value => [45, 0, 3600],
        HouseRule::FinishTrim->value => [2, 0, 60],
        HouseRule::LeastCharge->value => [4000, 0, 10000000, true],
        HouseRule::PriceStep->value => [0, 0, 1000, true],
        HouseRule::UnpractisedTimes->value => [3, 1, 20],
        HouseRule::PracticePieces->value => [3, 1, 20],
        HouseRule::Tax->value => [0, 0, 40],
        HouseRule::PaymentDays->value => [14, 0, 365],
        HouseRule::ApprovalDays->value => [30, 1, 365],
        HouseRule::BlankMarkup->value => [30, -100, 1000],
        HouseRule::ArtworkMarkup->value => [0, -100, 1000],
        HouseRule::WantedMargin->value => [50, 0, 95],
        HouseRule::FullFill->value => [75, 20, 300],
    ];
}
