<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Requests\Shop\SetRule;
use App\Jobs\ReadTape;
use App\Models\Artwork;
use App\Models\Frame;
use App\Models\Machine;
use App\Models\Thread;
use App\Setup\SetupTimes;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\UnfitRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

final class ShopController
{
    public function show(House $house): View
    {
        return view('shop.show', [
            'rules' => $house->rules(),
            'stations' => collect(HouseRule::cases())->groupBy(
                static fn(HouseRule $rule): string => $rule->spec()->station,
            ),
            'machines' => Machine::query()->with('frame')->orderBy('id')->get(),
            'frames' => Frame::query()->orderBy('id')->get(),
            'threads' => Thread::query()->count(),
        ]);
    }

    /** Which school of a question the shop follows from now on. */
    public function follow(Request $request, string $question, House $house): RedirectResponse
    {
        $known = Question::tryFrom($question) ?? abort(404);
        try {
            $house->follow($known, $request->string('school')->value());
        } catch (UnfitRule $e) {
            throw ValidationException::withMessages([$question => 'Choose one of the schools.']);
        }

        return redirect()
            ->to(route('shop.show').'#'.$question)
            ->with('done', 'Advice follows that school from now on; setups that are made already stay as they are.');
    }

    public function update(SetRule $request, House $house, SetupTimes $times): RedirectResponse
    {
        $rule = $request->rule();
        try {
            DB::transaction(static function () use ($request, $rule, $house, $times): void {
                $house->set($rule, $request->value());
                if ($rule->spec()->station === 'Plan') {
                    $times->retime();
                }
                if (in_array($rule, HouseRule::MEASURING, true)) {
                    // Long tapes take their time: the worker looks them over again.
                    Artwork::query()
                        ->whereNotNull('read_at')
                        ->pluck('id')
                        ->each(static fn(int $id) => ReadTape::dispatch($id)->afterCommit());
                }
            });
        } catch (UnfitRule $e) {
            throw ValidationException::withMessages([$rule->value => ucfirst($e->getMessage()).'.']);
        }

        return redirect()
            ->to(route('shop.show').'#'.$rule->value)
            ->with('done', 'The rule is set; everything that follows from it was worked out anew.');
    }
}
