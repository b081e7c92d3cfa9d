<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Languages;
use App\Machine\Models\Machine;
use App\People\Caller;
use App\Shop\Backup\Backup;
use App\Shop\Calendar\Calendar;
use App\Shop\Calendar\UsualWeek;
use App\Shop\House;
use App\Shop\Http\Requests\ChooseFrames;
use App\Shop\Http\Requests\ChooseThreads;
use App\Shop\Http\Requests\ClearDemo;
use App\Shop\Http\Requests\NameShop;
use App\Shop\Http\Requests\SetWeek;
use App\Shop\Jobs\LoadDemo;
use App\Shop\Models\Shop;
use App\Shop\Onboarding\Onboarding;
use App\Shop\Onboarding\OnboardingStep;
use App\Stock\Actions\ThreadShelf;
use Hakama\House\Question;
use Hakama\House\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** The short way into a shop of one's own. */
final class BeginController
{
    public function show(Request $request, ShopProfile $premises, Calendar $calendar): View
    {
        $shop = $premises->shop();
        if ($shop->is_demo) {
            return view('shop.begin.demo', ['shop' => $shop]);
        }
        $done = OnboardingStep::done($shop);
        $open = array_values(array_filter(OnboardingStep::cases(), static fn(OnboardingStep $step): bool => ! in_array($step, $done, true)));
        $step = OnboardingStep::tryFrom($request->string('step')->value()) ?? ($open[0] ?? null);

        return view('shop.begin.show', [
            'shop' => $shop,
            'done' => $done,
            'step' => $step,
            'isEmpty' => Onboarding::isNothingHere(),
            'machines' => Machine::working()->get(),
            'owner' => Caller::of($request)?->person->name ?? '',
            'frames' => DB::table('frames')->pluck('code')->all(),
            'threads' => DB::table('threads')->pluck('code')->all(),
            'people' => DB::table('people')->whereNull('retired_at')->orderBy('name')->pluck('name')->all(),
            'week' => $calendar->week(),
            'backing' => DB::table('backing_stocks')
                ->orderBy('id')
                ->get(['kind', 'form', 'width_mm', 'length_mm', 'count']),
        ]);
    }

    /** Its name and clock, and who owns it: from then on everybody says who they are. */
    public function shop(NameShop $request, House $house): RedirectResponse
    {
        $owner = Onboarding::named(
            [
                'name' => $request->string('name')->trim()->value(),
                'zone' => $request->string('zone')->value(),
                'currency' => $request->string('currency')->upper()->value(),
                'language' => $request->string('language', Languages::now())->value(),
            ],
            $request->string('owner')->trim()->value(),
            $request->string('password')->value(),
        );
        $house->change(
            [],
            [
                Question::Units->value => ($request->enum('units', Units::class) ?? Units::Millimetres)->value,
            ],
        );
        Auth::login($owner);
        $request->session()->regenerate();
        Caller::signAnew($request);
        $request->session()->put('who', $owner->name);

        return redirect()
            ->route('begin.show')
            ->with('done', __('shop.begin_controller.is_the_owner_and_is_signed', ['name' => $owner->name]));
    }

    public function frames(ChooseFrames $request): RedirectResponse
    {
        $added = Onboarding::frames($request->sets());

        return redirect()
            ->route('begin.show')
            ->with('done', __('shop.begin_controller.frames_added_change_their_sizes_under', ['added' => $added]));
    }

    public function threads(ChooseThreads $request): RedirectResponse
    {
        $added = ThreadShelf::ofCard($request->codes());

        return redirect()
            ->route('begin.show')
            ->with('done', __('shop.begin_controller.threads_added_one_full_cone_each', ['added' => $added]));
    }

    public function week(SetWeek $request, UsualWeek $week, ShopProfile $premises): RedirectResponse
    {
        $week->set($request->shifts(), $request->seen());
        $premises->passOver(OnboardingStep::Week->value);

        return redirect()->route('begin.show')->with('done', __('shop.begin_controller.working_hours_saved'));
    }

    /** A step is left as it is. */
    public function pass(ShopProfile $premises, string $step): RedirectResponse
    {
        $of = OnboardingStep::tryFrom($step) ?? abort(404);
        $premises->passOver($of->value);

        return redirect()->route('begin.show');
    }

    public function done(): RedirectResponse
    {
        Onboarding::done();

        return redirect()->route('orders.create')->with('done', __('shop.begin_controller.your_shop_is_set_up_enter'));
    }

    /** The demo instead of an empty shop. */
    public function demo(): RedirectResponse
    {
        if (! Onboarding::isNothingHere()) {
            return redirect()
                ->route('begin.show')
                ->with('problem', __('shop.begin_controller.your_shop_already_has_data_the'));
        }
        LoadDemo::begin();

        return redirect()->route('begin.loading');
    }

    /** Until the demo is there. */
    public function loading(Request $request, ShopProfile $premises): View|Response|RedirectResponse
    {
        $to = match (true) {
            $premises->shop()->is_demo => ['orders.index', 'done', __('shop.begin_controller.demo_loaded')],
            LoadDemo::hasFailed() => ['begin.show', 'problem', __('shop.begin_loading.failed')],
            // Somebody set up a shop of their own meanwhile.
            ! Onboarding::isNothingHere() => [
                'begin.show',
                'problem',
                __('shop.begin_controller.your_shop_already_has_data_the'),
            ],
            // Nobody asked for it, or so long ago that it will not come.
            ! LoadDemo::isAsked() => ['begin.show', 'done', null],
            default => null,
        };
        if ($to === null) {
            return view('shop.begin.loading');
        }
        [$route, $kind, $said] = $to;
        if ($request->headers->has('HX-Request')) {
            $request->session()->flash($kind, $said);

            return response('', headers: ['HX-Redirect' => route($route)]);
        }

        return redirect()->route($route)->with($kind, $said);
    }

    /** A shop of one's own in the place of the demo; what was there is kept as a backup. */
    public function clear(ClearDemo $request, ShopProfile $premises): RedirectResponse
    {
        if (! $premises->shop()->is_demo) {
            return redirect()->route('begin.show')->with(
                'problem',
                __('shop.begin_controller.this_is_no_longer_the_demo'),
            );
        }
        $kept = Backup::make();
        Onboarding::insteadOfTheDemo($request->keep());
        $request->session()->forget('who');

        return redirect()
            ->route('begin.show')
            ->with('done', __('shop.begin_controller.demo_cleared_backup', ['name' => $kept->name]));
    }
}
