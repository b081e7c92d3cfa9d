<?php

declare(strict_types=1);

namespace App\Http\Controllers\Books;

use App\Learn\Learning;
use App\Learn\Offer;
use App\Models\Machine;
use App\People\Caller;
use Hakama\Garment\Fabric;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What the log says of the times that are reckoned: taken, left, taken back. */
final class LearnController
{
    public function show(Learning $learning): View
    {
        $offers = $learning->offers();

        return view('books.learned', [
            'offers' => $offers,
            'brings' => array_map(
                static fn(Offer $offer): array => $offer->isOffered() ? Learning::brings($offer) : [0, 0.0],
                $offers,
            ),
        ]);
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
                    static fn(Offer $one): bool => $one->machine->id === $machine->id && $one->fabric === $fabric,
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
