<x-layout station="shop" title="Thread shelf">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $short = $need->forecast->short;
        $when = static fn($demand) => $demand->at === PHP_INT_MAX
            ? 'when it is planned'
            : App\Foundation\Clock\ShopClock::time($demand->at)->format('D j M H:i');
    @endphp
    <x-slot:say>
        @if ($short !== [])
            @php $first = array_key_first($short); @endphp<span
                class="now">{{ $first }} {{ $threads->firstWhere('code', $first)?->name }}
                runs short at {{ $short[$first]->for }},
                {{ $when($short[$first]) }}</span>{{ count($short) > 1
                    ? ', and ' . (count($short) - 1) . ' more' : '' }}.
        @else
            The shelf lasts for all that is planned.
        @endif
    </x-slot:say>
    <x-shelf-tabs here="index" title="Thread shelf" />
    <div class="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,2.2fr)_minmax(0,1fr)]">
        <table>
            <thead>
                <tr>
                    <th>Thread</th>
                    <th class="num">Weight</th>
                    <th>Cones: shelf, metres left</th>
                    <th class="num">On the shelf, m</th>
                    <th class="num">Wanted, m</th>
                    <th class="num">Left after, m</th>
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
                                <span class="flex items-center gap-2 whitespace-nowrap tabular-nums">{{ $cone->shelf }}
                                    <span class="ml-auto">{{ $n($cone->metres_left) }}</span>
                                    <form method="post" action="{{ route('threads.empty', $cone) }}">@csrf
                                        @method('delete')<button class="btn btn-small !min-h-[24px] !px-2"
                                            aria-label="Cone {{ $cone->number }} of {{ $thread->code
                                                }} is used up: take it off">used
                                            up</button></form>
                                </span>
                                @endforeach @if ($thread->cones->isEmpty())
                                    <span class="text-soft">none</span>
                                @endif
                        </td>
                        <td class="num">{{ $n($thread->metresLeft()) }}</td>
                        <td class="num">{{ $wanted > 0 ? $n($wanted) : '' }}</td>
                        <td class="num">
                            @if ($left < 0)
                                <span class="now">{{ $n($left) }}</span><br><span class="text-sm">short at
                                    {{ $short[$thread->code]->for }}</span>@else{{ $n($left) }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <div>
            <h2 class="mb-2">A cone</h2>
            <form method="post" action="{{ route('threads.store') }}" class="grid grid-cols-2 gap-x-4 gap-y-3">
                @csrf
                <div><label for="code">Code</label><input id="code" name="code" value="{{ old('code') }}"
                        maxlength="32" list="codes" required data-key="c" data-does="Put a cone on the shelf"
                        @error('code') aria-invalid="true" aria-describedby="wrong-code" @enderror><x-wrong
                        field="code" /><datalist id="codes">
                        @foreach ($threads as $thread)
                            <option value="{{ $thread->code }}">{{ $thread->name }}</option>
                        @endforeach
                    </datalist></div>
                <x-field name="name" label="Name" maxlength="80" required />
                <div><label for="colour">Colour</label>
                    <div class="flex gap-2"><input id="colour" name="colour" value="{{ old('colour', '#2b3a67') }}"
                            maxlength="7" required
                            @error('colour') aria-invalid="true" aria-describedby="wrong-colour" @enderror><input
                            type="color" tabindex="-1" aria-label="Pick the colour"
                            value="{{ preg_match('/^#[0-9a-f]{6}$/i', (string) old('colour'))
                                ? old('colour') : '#2b3a67' }}"
                            data-picks="colour" class="h-[40px] w-14 flex-none border border-[#8c8577] bg-paper p-1">
                    </div><x-wrong field="colour" />
                </div>
                <x-field name="weight" label="Weight" :value="40" inputmode="numeric" class="num" required />
                <x-field name="cone" label="Cone no." :value="1" inputmode="numeric" class="num" />
                <x-field name="shelf" label="Stands at" maxlength="32" />
                <x-field name="metres_left" label="Metres left" inputmode="numeric" class="num" required />
                <p class="col-span-2"><button class="btn btn-main">Put it on the shelf</button></p>
            </form>
            <p class="mt-1 text-sm text-soft">A code that is here already is changed: so a cone is measured anew.</p>
            <h2 class="mb-2 mt-7">As a list</h2>
            <p class="flex gap-2"><a class="btn btn-small" href="{{ route('threads.csv') }}">Save as CSV</a> <a
                    class="btn btn-small" href="{{ route('threads.xlsx') }}">Save as XLSX</a></p>
            <form method="post" action="{{ route('threads.read') }}" enctype="multipart/form-data" class="mt-3">
                @csrf
                <label for="list">Read a list (CSV or XLSX); first you see what it would change</label>
                <input id="list" name="list" type="file" accept=".csv,.xlsx" required data-key="l"
                    data-does="Choose a list"
                    @error('list') aria-invalid="true" aria-describedby="wrong-list" @enderror>
                <x-wrong field="list" />
                <p class="mt-2"><button class="btn">Show what would change</button></p>
            </form>
        </div>
    </div>
</x-layout>
