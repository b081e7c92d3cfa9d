<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setup;

use App\Models\BackingStock;
use App\Setup\BackingCuts;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingStock as CoreStock;
use Hakama\Setup\Backing\StockForm;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Backing to cut, day by day, and what lies on the shelf. */
final class BackingController
{
    public function show(BackingCuts $desk): View
    {
        $wants = $desk->wants();
        $list = $desk->list(array_column($wants, 0));
        $days = [];
        foreach ($wants as $code => [$want, $at]) {
            $days[$at->format('Y-m-d')][$code] = [$want, $at, $list->ofBatch($code), $list->short[$code] ?? 0];
        }

        return view('setup.backing', [
            'days' => $days,
            'short' => $list->short,
            'shelf' => BackingStock::query()
                ->orderBy('kind')
                ->orderByRaw("field(form, 'off_cut', 'piece', 'roll')")
                ->orderBy('width_mm')
                ->get(),
        ]);
    }

    public function cut(Request $request, BackingCuts $desk, string $batch): RedirectResponse
    {
        $cut = $desk->cut($batch, (string) $request->session()->get('who', ''));

        return redirect()
            ->route('setup.backing')
            ->with(
                $cut ? 'done' : 'problem',
                $cut
                    ? "The backing of {$batch} is cut; the shelf is less by it."
                    : "The backing of {$batch} is cut already, or it is no longer planned. Nothing was changed.",
            );
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(self::fields(), self::words());
        BackingCuts::add(
            new CoreStock(
                'new',
                Backing::from($request->string('kind')->value()),
                StockForm::from($request->string('form')->value()),
                $request->float('width'),
                $request->float('length'),
                $request->integer('count'),
            ),
        );

        return redirect()->route('setup.backing')->with('done', 'It is on the shelf.');
    }

    /** What was counted anew. */
    public function update(Request $request, BackingStock $stock): RedirectResponse
    {
        $request->validate(['count' => self::fields()['count'], 'length' => self::fields()['length']], self::words());
        $stock->update(['count' => $request->integer('count'), 'length_mm' => $request->float('length')]);

        return redirect()->route('setup.backing')->with('done', 'The shelf is as you counted it.');
    }

    /** @return array<string, list<mixed>> */
    private static function fields(): array
    {
        return [
            'kind' => ['required', Rule::enum(Backing::class)],
            'form' => ['required', Rule::enum(StockForm::class)],
            'width' => ['required', 'numeric', 'between:20,3000'],
            'length' => ['required', 'numeric', 'between:0,500000'],
            'count' => ['required', 'integer', 'between:0,100000'],
        ];
    }

    /** @return array<string, string> */
    private static function words(): array
    {
        return [
            'kind.*' => 'Choose the kind.',
            'form.*' => 'Off-cut, piece or roll.',
            'width.*' => 'Width is 20 to 3000 mm.',
            'length.*' => 'Length is 0 to 500 000 mm.',
            'count.*' => 'How many is a whole number.',
        ];
    }
}
