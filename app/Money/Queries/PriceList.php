<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Money\Models\PriceStep;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Money\BandPrice;
use Hakama\Money\FixedPrice;
use Hakama\Money\MarginPrice;
use Hakama\Money\Price;
use Hakama\Money\RoundedPrice;

/** How the shop makes a price: from its list by stitches and quantity, or from the margin it wants. */
final class PriceList
{
    /** What a shop starts with: stitches up to => pieces from => cents a piece. */
    public const USUAL = [
        5_000 => [1 => 900, 12 => 650, 48 => 500],
        10_000 => [1 => 1_200, 12 => 850, 48 => 700],
        20_000 => [1 => 1_900, 12 => 1_400, 48 => 1_150],
        60_000 => [1 => 4_500, 12 => 3_600, 48 => 3_000],
    ];

    /** @var non-empty-list<array{int, non-empty-list<array{int, int}>}>|null read once for many orders */
    private ?array $bands = null;

    public function __construct(private readonly House $house) {}

    /** @param int|null $agreedCents a price that was agreed for the whole order stands before any list */
    public function price(?int $agreedCents): Price
    {
        $rules = $this->house->rules();
        if ($agreedCents !== null) {
            return new FixedPrice($agreedCents);
        }
        $price =
            $rules->school(Question::Pricing) === 'margin'
                ? new MarginPrice($rules->value(HouseRule::WantedMargin))
                : new BandPrice(
                    $this->bands ??= self::bands(),
                    $rules->value(HouseRule::BlankMarkup),
                    $rules->value(HouseRule::ArtworkMarkup),
                );

        $step = (int) $rules->value(HouseRule::PriceStep);

        return $step > 0 ? new RoundedPrice($price, $step) : $price;
    }

    /** @return array<int, array<int, int>> stitches up to => pieces from => cents a piece */
    public static function steps(): array
    {
        $steps = [];
        foreach (PriceStep::query()->orderBy('stitches_to')->orderBy('pieces_from')->get() as $step) {
            $steps[$step->stitches_to][$step->pieces_from] = $step->cents;
        }

        return $steps === [] ? self::USUAL : $steps;
    }

    /** @return non-empty-list<array{int, non-empty-list<array{int, int}>}> */
    private static function bands(): array
    {
        $bands = [];
        foreach (self::steps() as $to => $of) {
            $steps = [];
            foreach ($of as $pieces => $cents) {
                $steps[] = [$pieces, $cents];
            }
            if ($steps !== []) {
                $bands[] = [$to, $steps];
            }
        }
        assert($bands !== []);

        return $bands;
    }
}
