@use('App\Api\Scope')
@use('App\Foundation\Words\Dates')
<x-layout station="shop" :title="__('api.page.programs')">
    <x-slot:say>{{ __('api.page.say') }}</x-slot:say>
    <x-shop-tabs here="programs" :title="__('api.page.programs')" />
    @if (session('token'))
        <div class="note mb-5 max-w-3xl" role="status">
            <label for="token" class="mb-1 block">{{ __('api.page.token_of', ['name' => session('token_of')]) }}</label>
            <input id="token" type="text" readonly value="{{ session('token') }}" class="font-mono">
        </div>
    @endif
    @if ($programs->isEmpty())
        <p class="mb-6">{{ __('api.page.none') }}</p>
    @else
        <table class="mb-6">
            <thead>
                <tr>
                    <th>{{ __('api.page.name') }}</th>
                    <th>{{ __('api.page.may') }}</th>
                    <th>{{ __('api.page.since') }}</th>
                    <th>{{ __('api.page.last_used') }}</th>
                    <th>{{ __('api.told.news') }}</th>
                    <th></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($programs as $program)
                    @php $token = $program->tokens->first(); @endphp
                    <tr>
                        <td class="break-words"><strong>{{ $program->name }}</strong></td>
                        <td class="text-sm">{{ implode(' · ', array_map(static fn(string $one): string => Scope::from($one)->words(), $token->abilities ?? [])) }}</td>
                        <td>{{ Dates::dateYear($program->made_at) }}<span class="block text-sm text-soft">{{ $program->who }}</span></td>
                        <td>{{ $token?->last_used_at === null ? __('api.page.never') : Dates::dateYearTime($token->last_used_at) }}</td>
                        <td><a href="{{ route('programs.told', $program) }}">{{ __('api.told.news') }}<span class="sr-only">: {{ $program->name }}</span></a>
                            @if (($program->webhook->failures ?? 0) > 0)
                                <span class="now block text-sm">{{ $program->webhook->why }}</span>
                            @endif
                        </td>
                        <td class="num">
                            <form method="post" action="{{ route('programs.shut-out', $program) }}">@csrf @method('delete')<button type="submit"
                                class="btn btn-small">{{ __('api.page.disconnect') }}<span class="sr-only">: {{ $program->name }}</span></button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <h2 class="mb-2">{{ __('api.page.connect') }}</h2>
    <form method="post" action="{{ route('programs.let-in') }}" class="max-w-2xl" novalidate>@csrf
        <input type="hidden" name="form" value="{{ Str::uuid() }}"><x-wrong field="form" />
        <x-field name="name" :label="__('api.page.name_of')" maxlength="60" required box="mb-3 max-w-sm" />
        <fieldset class="mb-3">
            <legend class="mb-1">{{ __('api.page.what_it_may') }}</legend>
            @foreach (Scope::cases() as $scope)
                <label class="flex min-h-11 items-center gap-2"><input type="checkbox" name="scopes[]" value="{{ $scope->value }}"
                    @checked(in_array($scope->value, (array) old('scopes', []), true))>{{ $scope->words() }}
                    <code class="text-sm text-soft">{{ $scope->value }}</code></label>
            @endforeach
            <x-wrong field="scopes" /><x-wrong field="scopes.0" />
        </fieldset>
        <button type="submit" class="btn btn-main" data-key="v">{{ __('api.page.connect_it') }} <kbd>v</kbd></button>
    </form>
    <p class="mt-4 max-w-4xl text-sm text-soft"><x-said key="api.page.how">
        <x-slot:header><code>{{ __('api.page.header') }}</code></x-slot:header>
        <x-slot:address><code>{{ url('/api/v1') }}</code></x-slot:address>
        <x-slot:document><a href="{{ route('api.document') }}">{{ route('api.document') }}</a></x-slot:document></x-said></p>
</x-layout>
