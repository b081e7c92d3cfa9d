@php use App\Shop\Onboarding\OnboardingStep; @endphp
<x-layout station="shop" title="Begin">
    <x-slot:say>
        @if ($step === null)
            All steps are done. What comes later is added at Shop.
        @else
            {{ count($done) }} of {{ count(OnboardingStep::cases()) }} steps are done. Leave any of them, come back whenever you
            like: what you gave is kept.
        @endif
    </x-slot:say>
    <div class="grid grid-cols-1 gap-10 lg:grid-cols-[300px_1fr]">
        <nav aria-label="The way in">
            <ol class="way">
                @foreach (OnboardingStep::cases() as $i => $one)
                    <li @if ($one === $step) aria-current="step" @endif
                        @class(['done' => in_array($one, $done, true)])>
                        <a href="{{ route('begin.show', ['step' => $one->value]) }}"><span
                                class="stitch" aria-hidden="true"></span>{{ $one->label() }}</a>
                        <span class="block text-sm text-soft">{{ in_array($one, $done, true)
                            ? 'Done. ' : '' }}{{ $one->opens() }}</span>
                    </li>
                @endforeach
            </ol>
        </nav>
        <section>
            @if ($step === null)
                <h1 class="mb-3">{{ $shop->name }} is ready</h1>
                <p class="mb-4 max-w-[40em]">Take the first order: an artwork is dropped onto its page, the setup is
                    proposed, and the plan says when it is done.</p>
                <form method="post" action="{{ route('begin.done') }}">@csrf<button class="btn btn-main"
                        data-key="v">Take the first order <kbd>v</kbd></button></form>
            @else
                <h1 class="mb-3">{{ $step->label() }}</h1>
                @include('shop.begin.' . $step->value)
                @if ($step !== OnboardingStep::Shop)
                    <form method="post" action="{{ route('begin.pass', $step->value) }}" class="mt-6">@csrf<button
                            class="btn btn-small">{{ in_array($step, $done, true)
                                ? 'On to the next' : 'Leave it for now' }}</button>
                    </form>
                @endif
            @endif
        </section>
    </div>
</x-layout>
