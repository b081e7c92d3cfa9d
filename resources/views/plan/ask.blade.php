<x-layout station="plan" :title="__('plan.ask.what_if')">
    <x-slot:say>{{ __('plan.ask.nothing_here_changes_the_plan_ask') }}</x-slot:say>
    <x-plan-tabs here="ask" :title="__('plan.ask.questions')" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">{{ __('plan.ask.when_can_it_be_ready') }}</h2>
            <form method="get" action="{{ route('plan.ask') }}" class="sheet p-4">
                <div class="grid grid-cols-1 gap-3 md:grid-cols-[minmax(0,1.7fr)_minmax(0,.7fr)_minmax(0,1.6fr)]">
                    <div><label for="like">{{ __('plan.ask.similar_to') }}</label><select id="like" name="like"
                            @error('like') aria-invalid="true" aria-describedby="wrong-like" @enderror>
                            @foreach ($board->batches() as $b)
                                <option value="{{ $b->code }}"
                                    @selected(($asked['like'] ?? '') === $b->code)>{{ $b->code }}
                                    {{ $b->design->name }}, {{ $b->setup->garment }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="like" />
                    </div>
                    <x-field name="pieces" :label="__('plan.ask.pieces')" :value="$asked['pieces'] ?? 12" inputmode="numeric"
                        class="num" />
                    <x-field name="due" :label="__('plan.ask.needed_by')" :value="$asked['due'] ?? ''" type="datetime-local" />
                </div>
                <fieldset class="mt-4 border-t border-hair pt-3">
                    <legend class="pe-2 text-sm text-soft">{{ __('plan.ask.or_if_nothing_here_is_similar') }}</legend>
                    <div class="grid grid-cols-1 gap-3 md:grid-cols-3">
                        <x-field name="stitches" :label="__('plan.ask.stitches')" :value="$asked['stitches'] ?? ''"
                            inputmode="numeric" class="num" />
                        <x-field name="colours" :label="__('plan.ask.colours')" :value="$asked['colours'] ?? ''"
                            inputmode="numeric" class="num" />
                        <div><label for="sewn_in">{{ __('plan.ask.frame') }}</label><select id="sewn_in" name="sewn_in"
                                @error('sewn_in') aria-invalid="true" aria-describedby="wrong-sewn_in" @enderror>
                                <option value="">{{ __('plan.ask.none') }}</option>
                                @foreach ($board->frames() as $f)
                                    <option value="{{ $f->code }}"
                                        @selected(($asked['sewn_in'] ?? '') === $f->code)>{{ $f->code }}
                                        {{ $f->name }}</option>
                                @endforeach
                            </select>
                            <x-wrong field="sewn_in" />
                        </div>
                    </div>
                </fieldset>
                <button type="submit" class="btn btn-main mt-3"
                    data-key="a">{{ __('plan.ask.ask') }} <kbd>a</kbd></button>
            </form>
            @if ($answers !== [])
                <form method="post" action="{{ route('orders.book') }}" class="mt-3">@csrf
                    <input type="hidden" name="form" value="{{ old('form', Str::uuid()) }}">
                    <input type="hidden" name="like" value="{{ $asked['like'] ?? '' }}">
                    <input type="hidden" name="pieces" value="{{ $asked['pieces'] ?? 1 }}">
                    <input type="hidden" name="due" value="{{ $asked['due'] ?? '' }}">
                    @if ($canBook)
                        <x-field name="customer" :label="__('plan.ask.customer')" list="customers" maxlength="120"
                            autocomplete="off" box="max-w-xs" />
                        <datalist id="customers">
                            @foreach ($customers as $customer)
                                <option value="{{ $customer }}"></option>
                            @endforeach
                        </datalist>
                        <p class="mt-1 text-sm text-soft">{{ __('plan.ask.booking_enters', ['like' => $asked['like'] ?? '']) }}</p>
                    @endif
                    <div role="status"><dl>
                        @foreach ($answers as [$way, $answer, $isPossible])
                            <dt class="mt-2 text-sm text-soft">{{ $way->label() }}</dt>
                            <dd class="border-b border-hair pb-2">{{ $answer }}
                                @if ($canBook && $isPossible)
                                    <button type="submit" name="way" value="{{ $way->value }}"
                                        class="btn btn-small mt-1">{{ __('plan.ask.book_it') }}</button>
                                @endif
                            </dd>
                        @endforeach
                    </dl></div>
                </form>
            @endif
            <p class="mt-3 text-sm text-soft"><x-said key="plan.ask.to_see_why_a_batch_is">
                <x-slot:link><a
                    href="{{ route('plan.show') }}">{{ __('plan.ask.in_the_plan') }}</a></x-slot:link></x-said></p>
        </section>
        <section>
            <h2 class="mb-2">{{ __('plan.ask.what_if_2') }}</h2>
            <form method="post" action="{{ route('plan.propose') }}" class="sheet p-4">@csrf
                <div class="grid grid-cols-1 gap-3 md:grid-cols-2">
                    <div><label for="machine">{{ __('plan.ask.machine_down') }}</label><select id="machine"
                        name="machine">
                            <option value="">{{ __('plan.ask.none') }}</option>
                            @foreach ($board->machines() as $m)
                                <option value="{{ $m->code }}" @selected(old('machine') === $m->code)>{{ $m->code }}
                                    {{ $m->name }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="machine" />
                    </div>
                    <x-field name="until" :label="__('plan.ask.until')" type="datetime-local" />
                    <x-field name="closes" :label="__('plan.ask.day_ends_at')" type="datetime-local" />
                    <div class="hidden md:block"></div>
                    <x-field name="hands" :label="__('plan.ask.helper_extra_machines_tended')" inputmode="numeric"
                        class="num" placeholder="0" />
                    <div class="hidden md:block"></div>
                    <x-field name="from" :label="__('plan.ask.present_from')" type="datetime-local" />
                    <x-field name="to" :label="__('plan.ask.to_both_empty_always')" type="datetime-local" />
                    <div><label for="frame">{{ __('plan.ask.more_of_this_frame') }}</label><select id="frame"
                        name="frame">
                            <option value="">{{ __('plan.ask.none') }}</option>
                            @foreach ($board->frames() as $f)
                                <option
                                    value="{{ $f->code }}" @selected(old('frame') === $f->code)>{{ __('plan.ask.here', [
                                    'code' => $f->code,
                                    'name' => $f->name,
                                    'count' => $f->count,
                                ]) }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="frame" />
                    </div>
                    <x-field name="frames" :label="__('plan.ask.how_many')" inputmode="numeric" class="num" />
                </div>
                <button type="submit" class="btn btn-main mt-3"
                    data-key="w">{{ __('plan.ask.calculate') }} <kbd>w</kbd></button>
            </form>
            @if ($proposals->isNotEmpty())
                <h3 class="mt-4 font-semibold">{{ __('plan.ask.asked_before') }}</h3>
                <ul>
                    @foreach ($proposals as $one)
                        <li class="flex items-baseline gap-3 border-b border-hair py-1"><a class="flex-1"
                                href="{{ route('plan.proposal',
                                    $one) }}">{{ App\Foundation\Words\Words::capital(App\Plan\WhatIfForm::words($one->what_if ?? [])) }}</a><span
                                class="text-sm text-soft">{{ $one->isSearching()
                                    ? __('plan.ask.calculating') : ($one->cost === null
                                    ? '' : __('plan.ask.late_and_changeovers', [
                                        'late' => (int) round(($one->late_min ?? 0) / 60),
                                        'changeover' => App\Shop\Figure::words(($one->changeover_min ?? 0) / 60, 1),
                                    ])) }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
    </div>
</x-layout>
