<x-layout station="artwork" :title="$artwork->name . ', history'">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $passed = $artwork->sewOuts->where('passed', true)->where('revision', $artwork->revision);
    @endphp
    <x-slot:say>
        @if ($passed->isEmpty())
            <span class="now">{{ $artwork->name }} has no sew-out that passed: sew it once on scrap before a
                garment.</span>
        @else
            {{ $artwork->name }} came out on {{ $passed->map->fabricLabel()->unique()->implode(', ') }}.
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="history" />
    <div class="grid grid-cols-1 gap-x-10 gap-y-8 lg:grid-cols-2">
        <section id="sewouts" aria-label="Sew-outs">
            <h2 class="mb-2">Sewn on scrap</h2>
            @if ($artwork->sewOuts->isEmpty())
                <p class="note">Not sewn on scrap yet. Sew it once at real size on the cloth it is for, and write down
                    how it came out: Setup says which cloths it has passed on.</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>When</th>
                            <th>On what</th>
                            <th>How</th>
                            <th>Result</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($artwork->sewOuts as $out)
                            <tr>
                                <td class="whitespace-nowrap tabular-nums">{{ $out->sewn_at->format('j M') }}<br><span
                                        class="text-sm text-soft">rev. {{ $out->revision }}</span></td>
                                <td>{{ $out->fabricLabel() }}<br><span
                                        class="text-sm text-soft">{{ $out->backingLabel() }}</span></td>
                                <td>{{ $out->needle }}<br><span
                                        class="text-sm text-soft tabular-nums">{{ $out->speed_spm }} spm</span></td>
                                <td><strong
                                        @class(['now' => !$out->passed])>{{ $out->passed
                                            ? 'came out' : 'did not' }}</strong>,
                                    {{ $out->who }}@if ($out->remark !== '')
                                        <br><span class="text-sm">{{ $out->remark }}</span>
                                        @endif @if ($out->photo)
                                            <br><a href="{{ route('artwork.photo', $out) }}"><img
                                                    src="{{ route('artwork.photo', $out) }}"
                                                    alt="Photo of the sew-out on {{ $out->fabricLabel() }}"
                                                    class="mt-1 h-20" loading="lazy"></a>
                                        @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <details class="mt-4" @if ($errors->hasAny(['fabric', 'backing', 'layers', 'needle', 'speed', 'passed',
                'remark', 'who', 'photo'])) open @endif>
                <summary class="font-semibold text-indigo" data-key="n" data-does="Write down a sew-out">Write down a
                    sew-out <kbd>n</kbd></summary>
                <form method="post" action="{{ route('artwork.sewout', $artwork) }}" enctype="multipart/form-data"
                    class="mt-3 grid grid-cols-2 gap-x-4 gap-y-3">
                    @csrf
                    <div><label for="fabric">Cloth</label><select id="fabric" name="fabric">
                            @foreach (Hakama\Garment\Fabric::cases() as $fabric)
                                <option value="{{ $fabric->value }}" @selected(old('fabric') === $fabric->value)>
                                    {{ $fabric->label() }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="fabric" />
                    </div>
                    <div class="grid grid-cols-[1fr_5em] gap-2">
                        <div><label for="backing">Backing</label><select id="backing" name="backing">
                                @foreach (Hakama\Setup\Backing\Backing::cases() as $backing)
                                    <option value="{{ $backing->value }}" @selected(old('backing') === $backing->value)>
                                        {{ $backing->label() }}</option>
                                @endforeach
                            </select>
                        </div>
                        <div><label for="layers">Layers</label><input id="layers" name="layers"
                                inputmode="numeric" class="num" value="{{ old('layers', 2) }}"></div><x-wrong
                            field="backing" /><x-wrong field="layers" />
                    </div>
                    <x-field name="needle" label="Needle" value="75/11 sharp" maxlength="24" />
                    <x-field name="speed" label="Speed, spm" :value="750" inputmode="numeric" class="num" />
                    <fieldset class="col-span-2 flex gap-6">
                        <legend class="sr-only">Result</legend>
                        @foreach ([1 => 'It came out', 0 => 'It did not'] as $value => $label)
                            <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="radio"
                                    name="passed" value="{{ $value }}" class="h-5 w-5"
                                    @checked((string) old('passed', '1') === (string) $value)> {{ $label }}</label>
                        @endforeach
                    </fieldset>
                    <x-field name="remark" label="What was seen" box="col-span-2" maxlength="300"
                        placeholder="puckering after unhooping, gaps, loops, position" />
                    <x-field name="who" label="Who sewed it" maxlength="80" required />
                    <x-field name="photo" label="Photo, if there is one" type="file"
                        accept="image/jpeg,image/png,image/webp" />
                    <p class="col-span-2"><button class="btn btn-main">Put it in the log</button></p>
                </form>
            </details>
        </section>
        <section aria-label="Versions and files">
            <h2 class="mb-2">Versions kept together</h2>
            <table>
                <thead>
                    <tr>
                        <th>Version</th>
                        <th>For</th>
                        <th class="num">Size, mm</th>
                        <th class="num">Stitches</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($family as $one)
                        <tr>
                            <td>
                                @if ($one->id === $artwork->id)
                                <strong>{{ $one->name }}</strong>@else<a
                                        href="{{ route('artwork.show', $one) }}">{{ $one->name }}</a>
                                @endif
                            </td>
                            <td>{{ $one->variantLabel() }}</td>
                            <td class="num">{{ $n($one->bounds()->width()) }} × {{ $n($one->bounds()->height()) }}
                            </td>
                            <td class="num">{{ $n($one->stitches) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <form method="post" action="{{ route('artwork.update', $artwork) }}"
                class="mt-3 grid grid-cols-2 gap-x-4 gap-y-3">
                @csrf @method('put') <input type="hidden" name="seen"
                    value="{{ App\Foundation\StateHash::of($artwork->said()) }}">
                <x-field name="name" label="Name" :value="$artwork->name" maxlength="120" required />
                <div><label for="variant">This one is the</label><select id="variant" name="variant">
                        @foreach (Hakama\Artwork\Variant::cases() as $variant)
                            <option value="{{ $variant->value }}"
                                @selected(old('variant', $artwork->variant->value) === $variant->value)>
                                {{ $variant->label() }}</option>
                        @endforeach
                    </select>
                </div>
                <x-field name="copies" label="Pieces that one frame of it holds" :value="$artwork->copies"
                    inputmode="numeric" />
                <div><label for="family">Version of</label><select id="family" name="family">
                        <option value="">nothing else</option>
                        @foreach ($others as $other)
                            <option value="{{ $other->id }}"
                                @selected((int) old('family', $artwork->family_id) === $other->id)>{{ $other->name }}
                            </option>
                        @endforeach
                    </select>
                    <x-wrong field="family" />
                </div>
                <div><label for="lettering">Lettering in it</label><select id="lettering" name="lettering">
                        @foreach (['' => 'nobody has said', '1' => 'yes', '0' => 'no'] as $value => $label)
                            <option value="{{ $value }}" @selected((string) old('lettering',
                                $artwork->lettering === null ? ''
                                    : (string) (int) $artwork->lettering) === (string) $value)>{{ $label }}
                            </option>
                        @endforeach
                    </select>
                </div>
                <x-field name="letter_mm" label="Height of the smallest letters, mm; empty for none"
                    :value="$artwork->letter_mm" inputmode="decimal" class="num !w-24" />
                <p class="col-span-2"><button class="btn">Keep this</button></p>
            </form>
            <h2 class="mb-2 mt-7">Files</h2>
            <table>
                <thead>
                    <tr>
                        <th class="num">Rev.</th>
                        <th>File</th>
                        <th class="num">Stitches</th>
                        <th>Until</th>
                    </tr>
                </thead>
                <tbody>
                    <tr>
                        <td class="num">{{ $artwork->revision }}</td>
                        <td>{{ $artwork->file_name }}@if ($artwork->made !== '')
                                <br><span class="text-sm text-soft">{{ $artwork->made }}</span>
                            @endif
                        </td>
                        <td class="num">{{ $n($artwork->stitches) }}</td>
                        <td>now</td>
                    </tr>
                    @foreach ($artwork->revisions as $old)
                        <tr>
                            <td class="num">{{ $old->revision }}</td>
                            <td>{{ $old->file_name }}<br><span class="text-sm text-soft">replaced:
                                    {{ $old->why }}</span></td>
                            <td class="num">{{ $n($old->stitches) }}</td>
                            <td class="whitespace-nowrap">{{ $old->replaced_at->format('j M H:i') }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <details class="mt-3" @if ($errors->hasAny(['tape', 'why', 'sure'])) open @endif>
                <summary class="font-semibold text-indigo" data-key="r" data-does="Replace the file">Replace the
                    file <kbd>r</kbd></summary>
                <form method="post" action="{{ route('artwork.replace', $artwork) }}" enctype="multipart/form-data"
                    class="mt-3">
                    @csrf
                    @if ($using !== [])
                        <p class="note note-now mb-3">Used already by
                            {{ implode(', ', array_map(static fn($b)
                                => "{$b->code} ({$b->order->customer}, {$b->left} of {$b->pieces} pieces to go)",
                                    $using)) }}.
                            They would be sewn from the new file, and their frames were chosen for this one.</p>
                    @endif
                    <div class="grid grid-cols-2 gap-4">
                        <x-field name="tape" label="The tape that takes its place" type="file" accept=".dst"
                            required />
                        <x-field name="why" label="Why" maxlength="200" required
                            placeholder="digitiser lightened the fill" />
                    </div>
                    @if ($using !== [])
                        <label class="mt-3 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                                name="sure" value="1" class="h-5 w-5"> These batches are to be sewn from the
                            new file</label><x-wrong field="sure" />
                    @endif
                    <p class="mt-3"><button class="btn">Replace it; the old file is kept</button></p>
                </form>
            </details>
        </section>
    </div>
</x-layout>
