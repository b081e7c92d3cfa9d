<?php

declare(strict_types=1);

namespace App\Books\Http;

use App\Books\Http\Requests\DecideCloth;
use App\Books\Learning\Learning;
use App\Books\Learning\RuleLearning;
use App\Books\Learning\SpoilageLearning;
use App\Books\Learning\Suggestion;
use App\Machine\Models\Machine;
use App\People\Caller;
use App\Shop\Models\Change;
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
    public function show(Learning $learning, RuleLearning $rules, SpoilageLearning $spoilage): View
    {
        $offers = $learning->offers();

        return view('books.learned', [
            'rules' => $rules->offers(),
            'cloths' => $spoilage->byCloth(),
            'offers' => $offers,
            'brings' => Learning::brings($offers),
        ]);
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
            ['*' => 'Open the page anew and choose once more.'],
        );
        $offer = $rules->find($request->string('about')->value());
        if ($offer === null || $offer->sign() !== $request->string('figures')->value()) {
            throw ValidationException::withMessages([
                'offered' => 'More was logged meanwhile and the figure is another now: look once more.',
            ]);
        }
        if ($request->input('do') === 'leave') {
            $rules->leave($offer, Caller::acting($request));

            return redirect()
                ->route('books.learned')
                ->with('done', 'It is left; it is offered again when it comes out otherwise.');
        }
        try {
            $rules->take($offer);
        } catch (UnfitRule $e) {
            throw ValidationException::withMessages(['offered' => $e->getMessage()]);
        }

        return redirect()
            ->route('books.learned')
            ->with('done', "{$offer->label}: it is reckoned by the log from now on.")
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

            return redirect()->route('books.learned')->with('done', 'It is reckoned like every other cloth.');
        }
        $offer = $spoilage->find($fabric);
        if ($offer === null || abs($offer->offered() - $request->float('offered')) > 0.0005) {
            throw ValidationException::withMessages([
                'offered' => 'More was logged meanwhile and the figure is another now: look once more.',
            ]);
        }
        if ($request->input('do') === 'leave') {
            $spoilage->leave($fabric, $offer->offered(), $who);

            return redirect()
                ->route('books.learned')
                ->with('done', 'It is left; it is offered again when it comes out otherwise.');
        }
        $spoilage->take($fabric, $offer->offered(), $who);

        return redirect()
            ->route('books.learned')
            ->with('done', "Quotes on {$fabric->label()} reckon with {$offer->offered()} % spoiled from now on.");
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
            ['*' => 'Open the page anew and choose once more.'],
        );
        $machine = Machine::query()
            ->where('code', $request->string('machine')->value())
            ->firstOrFail();
        $fabric = Fabric::from($request->string('fabric')->value());
        $who = Caller::acting($request);
        if ($request->input('do') === 'back') {
            $learning->takeBack($machine, $fabric, $who);

            return redirect()->route('books.learned')->with('done', 'It is reckoned as before.');
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
                'offered' => 'More was sewn meanwhile and the figure is another now: look once more.',
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
                    ? "Loads on {$fabric->label()} at {$machine->code} are reckoned by it from now on."
                    : 'It is left; it is offered again when it comes out otherwise.',
            );
    }
}
