<x-layout station="plan" title="Questions to the plan">
    <x-slot:say>Nothing here changes the plan: ask, and see what it would come to.</x-slot:say>
    <x-plan-tabs here="ask" title="Questions" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
        <section>
            <h2 class="mb-2">When can it be ready?</h2>
            <form method="get" action="{{ route('plan.ask') }}" class="sheet p-4">
                <div class="grid grid-cols-1 gap-3 md:grid-cols-[minmax(0,1.7fr)_minmax(0,.7fr)_minmax(0,1.6fr)]">
                    <div><label for="like">Something like</label><select id="like" name="like"
                            @error('like') aria-invalid="true" aria-describedby="wrong-like" @enderror>
                            @foreach ($board->batches() as $b)
                                <option value="{{ $b->code }}"
                                    @selected(($asked['like'] ?? '') === $b->code)>{{ $b->code }}
                                    {{ $b->design->name }}, {{ $b->setup->garment }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="like" />
                    </div>
                    <x-field name="pieces" label="Pieces" :value="$asked['pieces'] ?? 12" inputmode="numeric"
                        class="num" />
                    <x-field name="due" label="Wanted by" :value="$asked['due'] ?? ''" type="datetime-local" />
                </div>
                <fieldset class="mt-4 border-t border-hair pt-3">
                    <legend class="pr-2 text-sm text-soft">or, where nothing here is like it</legend>
                    <div class="grid grid-cols-1 gap-3 md:grid-cols-3">
                        <x-field name="stitches" label="Stitches" :value="$asked['stitches'] ?? ''"
                            inputmode="numeric" class="num" />
                        <x-field name="colours" label="Colours" :value="$asked['colours'] ?? ''"
                            inputmode="numeric" class="num" />
                        <div><label for="sewn_in">Frame</label><select id="sewn_in" name="sewn_in"
                                @error('sewn_in') aria-invalid="true" aria-describedby="wrong-sewn_in" @enderror>
                                <option value="">none</option>
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
                <button class="btn btn-main mt-3" data-key="a">Ask <kbd>a</kbd></button>
            </form>
            @if ($answers !== [])
                <dl class="mt-3" role="status">
                    @foreach ($answers as [$question, $answer])
                        <dt class="mt-2 text-sm text-soft">{{ $question }}</dt>
                        <dd class="border-b border-hair pb-2">{{ $answer }}</dd>
                    @endforeach
                </dl>
            @endif
            <p class="mt-3 text-sm text-soft">Why a batch is where it is, and what the next best place would cost,
                stands behind its code <a href="{{ route('plan.show') }}">in the plan</a>.</p>
        </section>
        <section>
            <h2 class="mb-2">What if?</h2>
            <form method="post" action="{{ route('plan.propose') }}" class="sheet p-4">@csrf
                <div class="grid grid-cols-1 gap-3 md:grid-cols-2">
                    <div><label for="machine">This machine is down</label><select id="machine" name="machine">
                            <option value="">none</option>
                            @foreach ($board->machines() as $m)
                                <option value="{{ $m->code }}" @selected(old('machine') === $m->code)>{{ $m->code }}
                                    {{ $m->name }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="machine" />
                    </div>
                    <x-field name="until" label="until" type="datetime-local" />
                    <x-field name="closes" label="The day ends at" type="datetime-local" />
                    <div class="hidden md:block"></div>
                    <x-field name="hands" label="A helper comes: more machines tended" inputmode="numeric"
                        class="num" placeholder="0" />
                    <div class="hidden md:block"></div>
                    <x-field name="from" label="who is in from" type="datetime-local" />
                    <x-field name="to" label="to; both empty for always" type="datetime-local" />
                    <div><label for="frame">More of this frame</label><select id="frame" name="frame">
                            <option value="">none</option>
                            @foreach ($board->frames() as $f)
                                <option value="{{ $f->code }}" @selected(old('frame') === $f->code)>{{ $f->code }}
                                    {{ $f->name }}, {{ $f->count }} here</option>
                            @endforeach
                        </select>
                        <x-wrong field="frame" />
                    </div>
                    <x-field name="frames" label="how many" inputmode="numeric" class="num" />
                </div>
                <button class="btn btn-main mt-3" data-key="w">Work it out <kbd>w</kbd></button>
            </form>
            @if ($proposals->isNotEmpty())
                <h3 class="mt-4 font-semibold">Kept</h3>
                <ul>
                    @foreach ($proposals as $one)
                        <li class="flex items-baseline gap-3 border-b border-hair py-1"><a class="flex-1"
                                href="{{ route('plan.proposal',
                                    $one) }}">{{ ucfirst(App\Plan\WhatIfForm::words($one->what_if ?? [])) }}</a><span
                                class="text-sm text-soft">{{ $one->isSearching()
                                    ? 'is worked out' : ($one->cost === null
                                    ? '' : 'cost ' . App\Shop\Figure::words($one->cost, 1)) }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
    </div>
</x-layout>
