<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Foundation\Database\Transaction;
use App\Orders\Models\Customer;
use App\Plan\Http\Requests\SetLateness;
use App\Plan\Models\Plan;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use Hakama\House\HouseRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a promise that is missed counts in the plan, and for whom it counts more. */
final class LatenessController
{
    private const SHOWN = 100;

    public function show(Request $request, PlanBoard $board, House $house): View
    {
        $words = mb_substr($request->string('q')->trim()->value(), 0, 80);
        $open = array_unique(
            array_map(static fn(OpenBatch $batch): string => $batch->order->customer, array_values($board->batches())),
        );

        return view('plan.lateness', [
            'words' => $words,
            'rules' => array_map(static fn(HouseRule $rule): array => [$rule, $house->rules()->value($rule)], [
                HouseRule::LateCost,
                HouseRule::LateHour,
                HouseRule::LateDay,
                HouseRule::LateEvent,
            ]),
            'customers' => Customer::query()
                ->when(
                    $words === '',
                    static fn($all) => $all->where(
                        static fn($some) => $some->whereIn('name', $open)->orWhere('late_weight', '!=', 1),
                    ),
                    static fn($all) => $all->where('name', 'like', '%'.addcslashes($words, '%_\\').'%'),
                )
                ->orderBy('name')
                ->limit(self::SHOWN)
                ->get(),
        ]);
    }

    public function keep(SetLateness $request): RedirectResponse
    {
        $changed = $request->changed();
        $missed = Transaction::run(static function () use ($changed): array {
            $missed = [];
            $customers = Customer::query()->findMany(array_keys($changed))->keyBy('id');
            foreach ($changed as $id => [$was, $weight]) {
                $customer = $customers[$id] ?? null;
                if ($customer === null || abs($customer->late_weight - $was) > 0.001) {
                    $missed[] = $customer->name ?? __('plan.lateness_controller.a_former_customer');
                    continue;
                }
                $customer->update(['late_weight' => $weight]);
                ChangeLog::note(
                    Change::SHOP,
                    $customer->name,
                    __('plan.lateness_controller.lateness_factor_for', [
                        'weight' => $weight,
                        'name' => $customer->name,
                    ]),
                    ['late_weight' => $was],
                    ['late_weight' => $weight],
                );
            }
            if (count($missed) < count($changed)) {
                Plan::query()->increment('version');
            }

            return $missed;
        });
        $to = redirect()->route('plan.lateness', $request->string('q')->isEmpty() ? [] : ['q' => $request->string('q')->value()]);

        return $missed === []
            ? $to->with(
                'done',
                $changed === [] ? __('plan.lateness_controller.nothing_changed') : __('plan.lateness_controller.saved_the_next_plan_search_uses'),
            )
            : $to->with(
                'problem',
                __('plan.lateness_controller.somebody_else_changed_this_in_the', ['value' => implode(', ', $missed)]),
            );
    }
}
