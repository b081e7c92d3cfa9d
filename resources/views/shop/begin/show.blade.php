@php use App\Shop\Onboarding\OnboardingStep; @endphp
<x-layout station="shop" :title="__('shop.begin_show.set_up')">
    <x-slot:say>
        @if ($step === null)
            {{ __('shop.begin_show.all_steps_done_you_can_add') }}
        @else
            {{ __('shop.begin_show.of_steps_done_you_can_skip', [
                'done' => count($done),
                'cases' => count(OnboardingStep::cases()),
            ]) }}
        @endif
    </x-slot:say>
    <div class="grid grid-cols-1 gap-10 lg:grid-cols-[300px_1fr]">
        <nav aria-label="{{ __('shop.begin_show.setup_steps') }}">
            <ol class="way">
                @foreach (OnboardingStep::cases() as $i => $one)
                    <li @if ($one === $step) aria-current="step" @endif
                        @class(['done' => in_array($one, $done, true)])>
                        <a href="{{ route('begin.show', ['step' => $one->value]) }}"><span
                                class="stitch" aria-hidden="true"></span>{{ $one->label() }}</a>
                        <span class="block text-sm text-soft">{{ in_array($one, $done, true)
                            ? __('shop.begin_show.done').' ' : '' }}{{ $one->opens() }}</span>
                    </li>
                @endforeach
            </ol>
        </nav>
        <section>
            @if ($step === null)
                <h1 class="mb-3">{{ __('shop.begin_show.is_ready', ['name' => $shop->name]) }}</h1>
                <p class="mb-4 max-w-[40em]">{{ __('shop.begin_show.enter_the_first_order_drop_the') }}</p>
                <form method="post" action="{{ route('begin.done') }}">@csrf<button type="submit" class="btn btn-main"
                        data-key="v">{{ __('shop.begin_show.enter_the_first_order') }} <kbd>v</kbd></button></form>
            @else
                <h1 class="mb-3">{{ $step->label() }}</h1>
                @include('shop.begin.' . $step->value)
                @if ($step !== OnboardingStep::Shop)
                    <form method="post" action="{{ route('begin.pass', $step->value) }}" class="mt-6">@csrf<button
                        type="submit"
                            class="btn btn-small">{{ in_array($step, $done, true)
                                ? __('shop.begin_show.next_step') : __('shop.begin_show.skip_for_now') }}</button>
                    </form>
                @endif
            @endif
        </section>
    </div>
</x-layout>
