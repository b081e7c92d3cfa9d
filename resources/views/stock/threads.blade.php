@use('App\Foundation\Words\Dates')
<x-layout station="shop" :title="__('stock.threads.thread_shelf')">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $short = $need->forecast->short;
        $when = static fn($demand) => $demand->at === PHP_INT_MAX
            ? __('stock.threads.when_planned')
            : Dates::dayTime(App\Foundation\Clock\ShopClock::time($demand->at));
    @endphp
    <x-slot:say>
        @if ($short !== [])
            @php $first = array_key_first($short); @endphp<span
                class="now">{{ __('stock.threads.runs_short_at', [
                    'first' => $first,
                    'name' => $threads->firstWhere('code', $first)?->name,
                    'for' => $short[$first]->for,
                    'short' => $when($short[$first]),
                ]) }}</span>{{ count($short) > 1
                    ? __('stock.threads.and_more', ['short' => count($short) - 1]) : '' }}.
        @else
            {{ __('stock.threads.there_is_enough_thread_for_everything') }}
        @endif
    </x-slot:say>
    <x-shelf-tabs here="index" :title="__('stock.threads.thread_shelf')" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,2.2fr)_minmax(0,1fr)]">
        <table>
            <thead>
                <tr>
                    <th>{{ __('stock.threads.thread') }}</th>
                    <th class="num">{{ __('stock.threads.weight') }}</th>
                    <th>{{ __('stock.threads.cones_shelf_metres_left') }}</th>
                    <th class="num">{{ __('stock.threads.in_stock_m') }}</th>
                    <th class="num">{{ __('stock.threads.needed_m') }}</th>
                    <th class="num">{{ __('stock.threads.left_m') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($threads as $thread)
                    @php
                        $wanted = $need->forecast->needed[$thread->code] ?? 0;
                        $left = $thread->metresLeft() - $wanted;
                    @endphp
                    <tr id="{{ Str::slug($thread->code) }}">
                        <td><x-swatch :hex="$thread->hex"
                            /><strong>{{ $thread->code }}</strong> {{ $thread->name }}</td>
                        <td class="num">{{ $thread->weight }}</td>
                        <td>
                            @foreach ($thread->cones as $cone)
                                <div class="flex items-center gap-2 whitespace-nowrap tabular-nums">{{ $cone->shelf }}
                                    <span class="ms-auto">{{ $n($cone->metres_left) }}</span>
                                    <form method="post" action="{{ route('threads.empty', $cone) }}">@csrf
                                        @method('delete')<button type="submit" class="btn btn-small tight"
                                            aria-label="{{ __('stock.threads.cone_of_is_empty_remove_it', [
                                                'number' => $cone->number,
                                                'code' => $thread->code,
                                            ]) }}">{{ __('stock.threads.empty') }}</button></form>
                                </div>
                                @endforeach @if ($thread->cones->isEmpty())
                                    <span class="text-soft">{{ __('stock.threads.none') }}</span>
                                @endif
                        </td>
                        <td class="num">{{ $n($thread->metresLeft()) }}</td>
                        <td class="num">{{ $wanted > 0 ? $n($wanted) : '' }}</td>
                        <td class="num">
                            @if ($left < 0)
                                <span class="now">{{ $n($left) }}</span><br><span class="text-sm">{{ __('stock.threads.short_at', [
                                    'for' => $short[$thread->code]->for,
                                ]) }}</span>@else{{ $n($left) }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <div>
            <h2 class="mb-2">{{ __('stock.threads.add_a_cone') }}</h2>
            <form method="post" action="{{ route('threads.store') }}" class="grid grid-cols-2 gap-x-4 gap-y-3">
                @csrf
                <div><label for="code">{{ __('stock.threads.code') }}</label><input type="text" id="code" name="code" value="{{ old('code') }}"
                        maxlength="32" list="codes" required data-key="c" data-does="{{ __('stock.threads.add_a_cone_to_the_shelf') }}"
                        @error('code') aria-invalid="true" aria-describedby="wrong-code" @enderror><x-wrong
                        field="code" /><datalist id="codes">
                        @foreach ($threads as $thread)
                            <option value="{{ $thread->code }}">{{ $thread->name }}</option>
                        @endforeach
                    </datalist></div>
                <x-field name="name" :label="__('stock.threads.name')" maxlength="80" required />
                <div><label for="colour">{{ __('stock.threads.colour') }}</label>
                    <div class="flex gap-2"><input type="text" id="colour" name="colour"
                        value="{{ old('colour', '#2b3a67') }}"
                            maxlength="7" required
                            @error('colour') aria-invalid="true" aria-describedby="wrong-colour" @enderror><input
                            type="color" tabindex="-1" aria-label="{{ __('stock.threads.pick_the_colour') }}"
                            value="{{ preg_match('/^#[0-9a-f]{6}$/i', (string) old('colour'))
                                ? old('colour') : '#2b3a67' }}"
                            data-picks="colour" class="h-[40px] w-14 flex-none border border-[#8c8577] bg-paper p-1">
                    </div><x-wrong field="colour" />
                </div>
                <x-field name="weight" :label="__('stock.threads.weight')" :value="40" inputmode="numeric"
                    class="num" required />
                <x-field name="cone" :label="__('stock.threads.cone_no')" :value="1" inputmode="numeric" class="num" />
                <x-field name="shelf" :label="__('stock.threads.shelf')" maxlength="32" />
                <x-field name="metres_left" :label="__('stock.threads.metres_left')" inputmode="numeric"
                    class="num" required />
                <p class="col-span-2"><button type="submit"
                    class="btn btn-main">{{ __('stock.threads.add') }}</button></p>
            </form>
            <p class="mt-1 text-sm text-soft">{{ __('stock.threads.enter_an_existing_code_to_update') }}</p>
            <h2 class="mb-2 mt-7">{{ __('stock.threads.import_and_export') }}</h2>
            <p class="flex gap-2"><a class="btn btn-small"
                href="{{ route('threads.csv') }}">{{ __('stock.threads.download_csv') }}</a> <a
                    class="btn btn-small"
                        href="{{ route('threads.xlsx') }}">{{ __('stock.threads.download_xlsx') }}</a></p>
            <form method="post" action="{{ route('threads.read') }}" enctype="multipart/form-data" class="mt-3">
                @csrf
                <label for="list">{{ __('stock.threads.upload_a_csv_or_xlsx_you') }}</label>
                <input id="list" name="list" type="file" accept=".csv,.xlsx" required data-key="l"
                    data-does="{{ __('stock.threads.choose_a_file') }}"
                    @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror>
                <x-wrong field="list" />
                <p class="mt-2"><button type="submit" class="btn">{{ __('stock.threads.show_changes') }}</button></p>
            </form>
        </div>
    </div>
</x-layout>
