@use('App\Foundation\Words\Dates')
<x-layout station="shop" :title="__('api.told.what_it_is_told', ['name' => $program->name])">
    <x-slot:say>
        @if ($webhook?->stopped_at !== null)
            <span class="now">{{ __('api.told.stopped', ['why' => $webhook->why]) }}</span>
        @elseif (($webhook->failures ?? 0) > 0 && $webhook?->next_try_at !== null)
            <span class="now">{{ __('api.told.does_not_hear', [
                'failures' => $webhook->failures,
                'why' => $webhook->why,
                'at' => Dates::dateTime($webhook->next_try_at),
            ]) }}</span>
        @else
            {{ __('api.told.say', ['name' => $program->name]) }}
        @endif
    </x-slot:say>
    <div class="mb-4 flex items-baseline gap-4">
        <h1 class="break-words">{{ __('api.told.what_it_is_told', ['name' => $program->name]) }}</h1>
        <a class="ms-auto" href="{{ route('programs.show') }}" data-key="b">{{ __('api.told.back') }} <kbd>b</kbd></a>
    </div>
    @if (session('secret'))
        <div class="note mb-5 max-w-3xl" role="status">
            <label for="secret" class="mb-1 block">{{ __('api.told.secret') }}</label>
            <input id="secret" type="text" readonly value="{{ session('secret') }}" class="font-mono">
        </div>
    @endif
    <form method="post" action="{{ route('programs.tell-at', $program) }}" class="flex max-w-3xl flex-wrap items-end gap-2" novalidate>@csrf @method('put')
        <x-field name="url" :label="__('api.told.address')" maxlength="300" :value="$webhook->url ?? ''" inputmode="url" required box="min-w-60 flex-1" />
        <button type="submit" class="btn btn-main" data-key="s">{{ $webhook === null ? __('api.told.begin') : __('api.told.change') }} <kbd>s</kbd></button>
    </form>
    <p class="mb-4 mt-2 max-w-4xl text-sm text-soft">{{ __('api.told.help') }}</p>
    @if ($webhook !== null)
        <p class="mb-4 max-w-4xl text-sm text-soft">{{ __('api.told.secret_once') }}</p>
        <div class="mb-6 flex gap-3">
            <form method="post" action="{{ route('programs.try-now', $program) }}">@csrf<button type="submit"
                class="btn" data-key="t">{{ __('api.told.try_now') }} <kbd>t</kbd></button></form>
            <form method="post" action="{{ route('programs.end', $program) }}">@csrf @method('delete')<button type="submit"
                class="btn">{{ __('api.told.end') }}</button></form>
        </div>
    @endif
    @if ($page->isEmpty())
        <p>{{ __('api.told.nothing') }}</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>{{ __('api.told.when') }}</th>
                    <th>{{ __('api.told.what') }}</th>
                    <th class="num">{{ __('api.told.number') }}</th>
                    <th>{{ __('api.told.heard') }}</th>
                    <th class="num">{{ __('api.told.tries') }}</th>
                    <th></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($page as $one)
                    <tr>
                        <td class="whitespace-nowrap">{{ Dates::dateYearTime($one->news->made_at) }}</td>
                        <td>{{ $one->news->kind->words() }}</td>
                        <td class="num">{{ $one->news->number }}</td>
                        <td>{{ $one->delivered_at === null ? __('api.told.waits') : Dates::dateYearTime($one->delivered_at) }}</td>
                        <td class="num">{{ $one->tries }}</td>
                        <td class="num">
                            @if ($one->delivered_at !== null)
                                <form method="post" action="{{ route('programs.again', $one) }}">@csrf<button type="submit"
                                    class="btn btn-small">{{ __('api.told.again') }}<span class="sr-only">: {{ $one->news->kind->words() }}, {{ $one->news->number }}</span></button></form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-turn-pages :page="$page" />
    @endif
</x-layout>
