<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Database\Whole;
use App\Http\Requests\Shop\SetRules;
use App\Jobs\ReadTape;
use App\Models\Artwork;
use App\Setup\SetupTimes;
use App\Shop\House;
use Hakama\House\HouseRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class ShopController
{
    public function show(House $house): View
    {
        return view('shop.show', [
            'rules' => $house->rules(),
            'seen' => $house->sign(),
            'stations' => collect(HouseRule::cases())->groupBy(
                static fn(HouseRule $rule): string => $rule->spec()->station,
            ),
        ]);
    }

    /** Figures and schools, one save for the page. */
    public function update(SetRules $request, House $house, SetupTimes $times): RedirectResponse
    {
        $changed = Whole::write(static function () use ($request, $house, $times): array {
            $changed = $house->change($request->figures(), $request->schools());
            if (array_filter($changed, static fn(HouseRule $rule): bool => $rule->spec()->station === 'Plan') !== []) {
                $times->retime();
            }
            if (array_uintersect($changed, HouseRule::MEASURING, self::byName(...)) !== []) {
                // Long tapes take their time: the worker looks them over again.
                Artwork::query()
                    ->whereNotNull('read_at')
                    ->pluck('id')
                    ->each(static fn(int $id) => ReadTape::dispatch($id)->afterCommit());
            }

            return $changed;
        });
        $labels = array_map(static fn(HouseRule $rule): string => $rule->spec()->label, $changed);

        return redirect()
            ->to(route('shop.show').'#'.($changed[0]->value ?? 'schools'))
            ->with(
                'done',
                ($labels === [] ? 'Kept' : implode(', ', $labels)).
                    ': everything that follows was worked out anew; setups that are made already stay as they are.',
            );
    }

    private static function byName(HouseRule $one, HouseRule $other): int
    {
        return $one->value <=> $other->value;
    }
}
