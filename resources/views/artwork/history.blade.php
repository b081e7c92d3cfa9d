@use('App\Foundation\Words\Dates')
<x-layout station="artwork" :title="__('artwork.history.history', ['name' => $artwork->name])">
    @php
        $n = static fn(float $value) => App\Shop\Figure::words($value);
        $passed = $artwork->sewOuts->where('passed', true)->where('revision', $artwork->revision);
    @endphp
    <x-slot:say>
        @if ($passed->isEmpty())
            <span class="now">{{ __('artwork.history.has_no_good_sew_out_yet', ['name' => $artwork->name]) }}</span>
        @else
            {{ __('artwork.history.sewed_well_on', [
                'name' => $artwork->name,
                'implode' => $passed->map->fabricLabel()->unique()->implode(', '),
            ]) }}
        @endif
    </x-slot:say>
    <x-artwork-tabs :artwork="$artwork" here="history" />
    <div class="grid grid-cols-1 gap-x-10 gap-y-8 lg:grid-cols-2">
        <section id="sewouts" aria-label="{{ __('artwork.history.sew_outs') }}">
            <h2 class="mb-2">{{ __('artwork.history.sewn_on_scrap') }}</h2>
            @if ($artwork->sewOuts->isEmpty())
                <p class="note">{{ __('artwork.history.not_sewn_on_scrap_yet_sew') }}</p>
            @else
                <table>
                    <thead>
                        <tr>
                            <th>{{ __('artwork.history.when') }}</th>
                            <th>{{ __('artwork.history.cloth') }}</th>
                            <th>{{ __('artwork.history.settings') }}</th>
                            <th>{{ __('artwork.history.result') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($artwork->sewOuts as $out)
                            <tr>
                                <td class="whitespace-nowrap tabular-nums">{{ Dates::date($out->sewn_at) }}<br><span
                                        class="text-sm text-soft">{{ __('artwork.history.rev', [
                                            'revision' => $out->revision,
                                        ]) }}</span></td>
                                <td>{{ $out->fabricLabel() }}<br><span
                                        class="text-sm text-soft">{{ $out->backingLabel() }}</span></td>
                                <td>{{ Hakama\Machine\NeedleType::read($out->needle)->label() }}<br><span
                                        class="text-sm text-soft tabular-nums">{{ $out->speed_spm }} spm</span></td>
                                <td><strong
                                        @class(['now' => !$out->passed])>{{ $out->passed
                                            ? __('artwork.history.good') : __('artwork.history.not_good') }}</strong>,
                                    {{ $out->who }}@if ($out->remark !== '')
                                        <br><span class="text-sm">{{ $out->remark }}</span>
                                        @endif @if ($out->photo)
                                            <br><a href="{{ route('artwork.photo', $out) }}"><img
                                                    src="{{ route('artwork.photo', $out) }}"
                                                    alt="{{ __('artwork.history.photo_of_the_sew_out_on', [
                                                        'fabric_label' => $out->fabricLabel(),
                                                    ]) }}"
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
                <summary class="font-semibold text-indigo" data-key="n" data-does="{{ __('artwork.history.log_a_sew_out') }}">{{ __('artwork.history.log_a_sew_out') }} <kbd>n</kbd></summary>
                <form method="post" action="{{ route('artwork.sewout', $artwork) }}" enctype="multipart/form-data"
                    class="mt-3 grid grid-cols-2 gap-x-4 gap-y-3">
                    @csrf
                    <div><label for="fabric">{{ __('artwork.history.cloth') }}</label><select id="fabric" name="fabric">
                            @foreach (Hakama\Garment\Fabric::cases() as $fabric)
                                <option value="{{ $fabric->value }}" @selected(old('fabric') === $fabric->value)>
                                    {{ $fabric->label() }}</option>
                            @endforeach
                        </select>
                        <x-wrong field="fabric" />
                    </div>
                    <div class="grid grid-cols-[1fr_5em] gap-2">
                        <div><label for="backing">{{ __('artwork.history.backing') }}</label><select id="backing" name="backing">
                                @foreach (Hakama\Setup\Backing\Backing::cases() as $backing)
                                    <option value="{{ $backing->value }}" @selected(old('backing') === $backing->value)>
                                        {{ $backing->label() }}</option>
                                @endforeach
                            </select>
                        </div>
                        <div><label for="layers">{{ __('artwork.history.layers') }}</label><input type="text" id="layers" name="layers"
                                inputmode="numeric" class="num" value="{{ old('layers', 2) }}"></div><x-wrong
                            field="backing" /><x-wrong field="layers" />
                    </div>
                    <x-field name="needle" :label="__('artwork.history.needle')" value="75/11 sharp" maxlength="24" />
                    <x-field name="speed" :label="__('artwork.history.speed_spm')" :value="750" inputmode="numeric" class="num" />
                    <fieldset class="col-span-2 flex gap-6">
                        <legend class="sr-only">{{ __('artwork.history.result') }}</legend>
                        @foreach ([1 => __('artwork.history.good_2'), 0 => __('artwork.history.not_good_2')] as $value => $label)
                            <label class="m-0 flex items-center gap-2 text-base text-ink"><input type="radio"
                                    name="passed" value="{{ $value }}" class="h-5 w-5"
                                    @checked((string) old('passed', '1') === (string) $value)> {{ $label }}</label>
                        @endforeach
                    </fieldset>
                    <x-field name="remark" :label="__('artwork.history.notes')" box="col-span-2" maxlength="300"
                        :placeholder="__('artwork.history.puckering_after_unhooping_gaps')" />
                    <x-field name="who" :label="__('artwork.history.sewn_by')" maxlength="80" required />
                    <x-field name="photo" :label="__('artwork.history.photo_optional')" type="file"
                        accept="image/jpeg,image/png,image/webp" />
                    <p class="col-span-2"><button type="submit" class="btn btn-main">{{ __('artwork.history.save_sew_out') }}</button></p>
                </form>
            </details>
        </section>
        <section aria-label="{{ __('artwork.history.versions_and_files') }}">
            <h2 class="mb-2">{{ __('artwork.history.versions') }}</h2>
            <table>
                <thead>
                    <tr>
                        <th>{{ __('artwork.history.version') }}</th>
                        <th>{{ __('artwork.history.use') }}</th>
                        <th class="num">{{ __('artwork.history.size_mm') }}</th>
                        <th class="num">{{ __('artwork.history.stitches') }}</th>
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
                <x-field name="name" :label="__('artwork.history.name')" :value="$artwork->name" maxlength="120" required />
                <div><label for="variant">{{ __('artwork.history.this_version_is') }}</label><select id="variant" name="variant">
                        @foreach (Hakama\Artwork\Variant::cases() as $variant)
                            <option value="{{ $variant->value }}"
                                @selected(old('variant', $artwork->variant->value) === $variant->value)>
                                {{ $variant->label() }}</option>
                        @endforeach
                    </select>
                </div>
                <x-field name="copies" :label="__('artwork.history.pieces_per_frame')" :value="$artwork->copies"
                    inputmode="numeric" />
                <div><label for="family">{{ __('artwork.history.version_of') }}</label><select id="family" name="family">
                        <option value="">{{ __('artwork.history.nothing_else') }}</option>
                        @foreach ($others as $other)
                            <option value="{{ $other->id }}"
                                @selected((int) old('family', $artwork->family_id) === $other->id)>{{ $other->name }}
                            </option>
                        @endforeach
                    </select>
                    <x-wrong field="family" />
                </div>
                <div><label for="lettering">{{ __('artwork.history.lettering') }}</label><select id="lettering" name="lettering">
                        @foreach (['' => __('artwork.history.not_set'), '1' => __('common.change_table.yes'), '0' => __('common.change_table.no')] as $value => $label)
                            <option value="{{ $value }}" @selected((string) old('lettering',
                                $artwork->lettering === null ? ''
                                    : (string) (int) $artwork->lettering) === (string) $value)>{{ $label }}
                            </option>
                        @endforeach
                    </select>
                </div>
                <x-field name="letter_mm" :label="__('artwork.history.smallest_letter_height_mm_empty_if')"
                    :value="$artwork->letter_mm" inputmode="decimal" class="num !w-24" />
                <p class="col-span-2"><button type="submit" class="btn">{{ __('artwork.history.save') }}</button></p>
            </form>
            <h2 class="mb-2 mt-7">{{ __('artwork.history.files') }}</h2>
            <table>
                <thead>
                    <tr>
                        <th class="num">{{ __('artwork.history.rev_2') }}</th>
                        <th>{{ __('artwork.history.file') }}</th>
                        <th class="num">{{ __('artwork.history.stitches') }}</th>
                        <th>{{ __('artwork.history.until') }}</th>
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
                        <td>{{ __('artwork.history.now') }}</td>
                    </tr>
                    @foreach ($artwork->revisions as $old)
                        <tr>
                            <td class="num">{{ $old->revision }}</td>
                            <td>{{ $old->file_name }}<br><span class="text-sm text-soft">{{ __('artwork.history.replaced', [
                                'why' => $old->why,
                            ]) }}</span></td>
                            <td class="num">{{ $n($old->stitches) }}</td>
                            <td class="whitespace-nowrap">{{ Dates::dateTime($old->replaced_at) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <details class="mt-3" @if ($errors->hasAny(['tape', 'why', 'sure'])) open @endif>
                <summary class="font-semibold text-indigo" data-key="r" data-does="{{ __('artwork.history.replace_the_file') }}">{{ __('artwork.history.replace_the_file') }} <kbd>r</kbd></summary>
                <form method="post" action="{{ route('artwork.replace', $artwork) }}" enctype="multipart/form-data"
                    class="mt-3">
                    @csrf
                    @if ($using !== [])
                        <p class="note note-now mb-3">{{ __('artwork.history.already_used_by_they_will_be', ['value' => implode(', ', array_map(static fn($b)
                                => __('artwork.history.of_pieces_to_go', [
                                    'code' => $b->code,
                                    'customer' => $b->order->customer,
                                    'left' => $b->left,
                                    'pieces' => $b->pieces,
                                ]),
                                    $using))]) }}</p>
                    @endif
                    <div class="grid grid-cols-2 gap-4">
                        <x-field name="tape" :label="__('artwork.history.new_file')" type="file" accept=".dst"
                            required />
                        <x-field name="why" :label="__('artwork.history.reason')" maxlength="200" required
                            :placeholder="__('artwork.history.digitiser_lightened_the_fill')" />
                    </div>
                    @if ($using !== [])
                        <label class="mt-3 flex items-center gap-2 text-base text-ink"><input type="checkbox"
                                name="sure" value="1" class="h-5 w-5"> {{ __('artwork.history.sew_these_batches_from_the_new') }}</label><x-wrong field="sure" />
                    @endif
                    <p class="mt-3"><button type="submit" class="btn">{{ __('artwork.history.replace_the_old_file_is_kept') }}</button></p>
                </form>
            </details>
        </section>
    </div>
</x-layout>
