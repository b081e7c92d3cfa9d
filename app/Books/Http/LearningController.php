<?php

declare(strict_types=1);

namespace App\Books\Http;

use App\Books\Http\Requests\DecideCloth;
use App\Books\Learning\Learning;
use App\Books\Learning\RuleLearning;
use App\Books\Learning\SpoilageLearning;
use App\Books\Learning\Suggestion;
use App\Foundation\Database\TurnCache;
use App\Foundation\Words\Languages;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\People\Caller;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\House\UnfitRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What the log says of the times that are reckoned: taken, left, taken back. */
final class LearningController
{
    /** Months of the log are gone through for it, so it is kept until more is logged. */
    public function show(
        Learning $learning,
        RuleLearning $rules,
        SpoilageLearning $spoilage,
        TurnCache $kept,
    ): View {
        return view('books.learned', $kept->get(
            'learned',
            static function () use ($learning, $rules, $spoilage): array {
                $offers = $learning->offers();

                return [
                    'rules' => $rules->offers(),
                    'cloths' => $spoilage->byCloth(),
                    'offers' => $offers,
                    'brings' => Learning::brings($offers),
                ];
            },
            true,
            ' '.CarbonImmutable::today().Languages::sign(),
        ));
    }

    /** Of a house rule: what was taken is taken back from Changes, as any other value that was set. */
    public function decideRule(Request $request, RuleLearning $rules): RedirectResponse
    {
        $request->validate(
            [
                'about' => ['required', 'string', 'max:40'],
                'do' => ['required', Rule::in(['take', 'leave'])],
                'figures' => ['required', 'string', 'max:80'],
            ],
            ['*' => __('books.learning_controller.reload_the_page_and_choose_again')],
        );
        $offer = $rules->find($request->string('about')->value());
        if ($offer === null || $offer->sign() !== $request->string('figures')->value()) {
            throw ValidationException::withMessages([
                'offered' => __('books.learning_controller.more_was_logged_in_the_meantime'),
            ]);
        }
        if ($request->input('do') === 'leave') {
            $rules->leave($offer, Caller::acting($request));

            return redirect()
                ->route('books.learned')
                ->with('done', __('books.learning_controller.dismissed_well_suggest_it_again_if'));
        }
        try {
            $rules->take($offer);
        } catch (UnfitRule $e) {
            throw ValidationException::withMessages(['offered' => Words::why($e)]);
        }

        return redirect()
            ->route('books.learned')
            ->with('done', __('books.learning_controller.now_uses_the_measured_figure', ['label' => $offer->label]))
            ->with(
                'taken',
                Change::query()
                    ->where('kind', Change::RULE)
                    ->whereIn('thing', array_keys($offer->would))
                    ->groupBy('thing')
                    ->selectRaw('max(seq) as seq')
                    ->pluck('seq')
                    ->all(),
            );
    }

    /** How much is spoiled of one cloth. */
    public function decideCloth(DecideCloth $request, SpoilageLearning $spoilage): RedirectResponse
    {
        $fabric = $request->fabric();
        $who = Caller::acting($request);
        if ($request->input('do') === 'back') {
            $spoilage->takeBack($fabric, $who);

            return redirect()->route('books.learned')->with(
                'done',
                __('books.learning_controller.the_house_figure_applies_again'),
            );
        }
        $offer = $spoilage->find($fabric);
        if ($offer === null || abs($offer->offered() - $request->float('offered')) > 0.0005) {
            throw ValidationException::withMessages([
                'offered' => __('books.learning_controller.more_was_logged_in_the_meantime'),
            ]);
        }
        if ($request->input('do') === 'leave') {
            $spoilage->leave($fabric, $offer->offered(), $who);

            return redirect()
                ->route('books.learned')
                ->with('done', __('books.learning_controller.dismissed_well_suggest_it_again_if'));
        }
        $spoilage->take($fabric, $offer->offered(), $who);

        return redirect()
            ->route('books.learned')
            ->with('done', __('books.learning_controller.quotes_on_now_include_spoilage', [
                'fabric' => Words::say($fabric->label()),
                'offered' => $offer->offered(),
            ]));
    }

    public function decide(Request $request, Learning $learning): RedirectResponse
    {
        $request->validate(
            [
                'machine' => ['required', 'string', Rule::exists('machines', 'code')],
                'fabric' => ['required', Rule::enum(Fabric::class)],
                'do' => ['required', Rule::in(['take', 'leave', 'back'])],
                'offered' => ['nullable', 'numeric', 'between:0.1,10'],
            ],
            ['*' => __('books.learning_controller.reload_the_page_and_choose_again')],
        );
        $machine = Machine::query()
            ->where('code', $request->string('machine')->value())
            ->firstOrFail();
        $fabric = Fabric::from($request->string('fabric')->value());
        $who = Caller::acting($request);
        if ($request->input('do') === 'back') {
            $learning->takeBack($machine, $fabric, $who);

            return redirect()->route('books.learned')->with(
                'done',
                __('books.learning_controller.the_old_figure_applies_again'),
            );
        }
        $offer =
            array_values(
                array_filter(
                    $learning->offers(),
                    static fn(Suggestion $one): bool => $one->machine->id === $machine->id && $one->fabric === $fabric,
                ),
            )[0] ?? null;
        // What was read is what is taken: a load that came in meanwhile has changed it.
        if ($offer === null || abs($offer->offered() - $request->float('offered')) > 0.0005) {
            throw ValidationException::withMessages([
                'offered' => __('books.learning_controller.more_was_sewn_in_the_meantime'),
            ]);
        }
        $request->input('do') === 'take'
            ? $learning->take($machine, $fabric, $offer->offered(), $who)
            : $learning->leave($machine, $fabric, $offer->offered(), $who);

        return redirect()
            ->route('books.learned')
            ->with(
                'done',
                $request->input('do') === 'take'
                    ? __('books.learning_controller.loads_on_at_now_use_the', [
                        'fabric' => Words::say($fabric->label()),
                        'code' => $machine->code,
                    ])
                    : __('books.learning_controller.dismissed_well_suggest_it_again_if'),
            );
    }
}
