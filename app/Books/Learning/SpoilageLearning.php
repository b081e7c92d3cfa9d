<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Books\Models\SpoiledShare;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Shop\ChangeLog;
use App\Shop\Figure;
use App\Shop\House;
use App\Shop\Models\Change;
use App\Shop\RuleWords;
use Carbon\CarbonImmutable;
use Hakama\Books\LearnedRate;
use Hakama\Garment\Fabric;
use Hakama\House\HouseRule;

/** What the log says of how many pieces are spoiled, in all and by cloth: offered, taken or left, taken back. */
final readonly class SpoilageLearning
{
    /** So many pieces that went as reckoned are put to what was logged. */
    private const WEIGHT = 20.0;

    public function __construct(private House $house, private LoggedWork $log) {}

    /** @param array<string, float>|null $left */
    public function ofTheHouse(?array $left): ?RuleSuggestion
    {
        $by = $this->log->spoiled();
        $rule = HouseRule::QuoteSpoilage;
        $now = $this->house->rules()->value($rule);
        $rate = self::rate(array_sum(array_column($by, 'spoiled')), array_sum(array_column($by, 'pieces')), $now);
        if ($rate === null) {
            return null;
        }
        $would = round(100 * $rate->rate, 1);
        $pieces = $this->log->openPieces(null);

        return new RuleSuggestion(
            $rule->value,
            RuleWords::label($rule),
            [$rule->value => $now],
            [$rule->value => $would],
            __('books.spoilage_learning.of_pieces', ['spoiled' => $rate->n, 'pieces' => Figure::words($rate->of)]),
            sprintf('± %s %%', Figure::words(100 * $rate->spread, 1)),
            array_map(
                static fn(array $one): array => [
                    Words::say(Fabric::from($one['fabric'])->label()),
                    __('books.spoilage_learning.share', [
                        'percent' => Figure::words((100 * $one['spoiled']) / max(1, $one['pieces']), 1),
                        'spoiled' => $one['spoiled'],
                        'pieces' => $one['pieces'],
                    ]),
                    false,
                ],
                $by,
            ),
            __('books.spoilage_learning.of_open_pieces_expected_to_be', [
                'pieces' => Figure::words($pieces),
                'pieces_2' => Figure::words(($pieces * $would) / 100, 1),
                'pieces_3' => Figure::words(($pieces * $now) / 100, 1),
            ]),
            $left,
        );
    }

    /** @return list<ClothSuggestion> of every cloth of which something is logged, or was taken */
    public function byCloth(): array
    {
        $house = $this->house->rules()->value(HouseRule::QuoteSpoilage);
        $kept = SpoiledShare::query()
            ->get()
            ->keyBy(static fn(SpoiledShare $one): string => $one->fabric->value);
        $open = $this->log->openPiecesByCloth();
        $logged = array_column($this->log->spoiled(), null, 'fabric');
        $offers = [];
        foreach (Fabric::cases() as $fabric) {
            $one = $logged[$fabric->value] ?? null;
            $own = $kept[$fabric->value] ?? null;
            $rate = $one === null ? null : self::rate($one['spoiled'], $one['pieces'], $house);
            if ($rate !== null || $own?->percent !== null) {
                $offers[] = new ClothSuggestion(
                    $fabric,
                    $rate,
                    $house,
                    $own?->percent,
                    $own?->left_percent,
                    $open[$fabric->value] ?? 0,
                );
            }
        }

        return $offers;
    }

    public function find(Fabric $fabric): ?ClothSuggestion
    {
        foreach ($this->byCloth() as $offer) {
            if ($offer->fabric === $fabric) {
                return $offer;
            }
        }

        return null;
    }

    public function take(Fabric $fabric, float $percent, string $who): void
    {
        $this->set($fabric, $percent, __('books.spoilage_learning.measured_figure_used'), $who);
    }

    /** It is reckoned as the house has it for every cloth. */
    public function takeBack(Fabric $fabric, string $who): void
    {
        $this->set($fabric, null, __('books.spoilage_learning.undone'), $who);
    }

    public function leave(Fabric $fabric, float $offered, string $who): void
    {
        SpoiledShare::query()->updateOrCreate(
            ['fabric' => $fabric->value],
            ['left_percent' => $offered, 'who' => mb_substr($who, 0, 40)],
        );
    }

    private function set(Fabric $fabric, ?float $percent, string $what, string $who): void
    {
        Transaction::run(static function () use ($fabric, $percent, $what, $who): void {
            $before = SpoiledShare::query()->find($fabric->value)?->percent;
            SpoiledShare::query()->updateOrCreate(
                ['fabric' => $fabric->value],
                [
                    'percent' => $percent,
                    'left_percent' => null,
                    'who' => mb_substr($who, 0, 40),
                    'since' => CarbonImmutable::now(),
                ],
            );
            ChangeLog::note(
                Change::RULE,
                Words::say($fabric->label()),
                __('books.spoilage_learning.spoilage_on', ['fabric' => Words::say($fabric->label()), 'what' => $what]),
                ['percent' => $before],
                ['percent' => $percent],
            );
        });
    }

    private static function rate(int $spoiled, int $pieces, float $percent): ?LearnedRate
    {
        return LearnedRate::of($spoiled, $pieces, $percent / 100, self::WEIGHT);
    }
}
