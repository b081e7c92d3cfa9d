<form method="post" action="{{ $to }}">@csrf @method('put')<input type="hidden"
        name="seen" value="{{ old('seen', App\Shop\Calendar\CalendarBook::weekSign()) }}">
    @foreach (['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as $i => $name)
        <div class="mb-1 flex items-center gap-3"><label for="week-{{ $i + 1 }}"
                class="m-0 w-24">{{ $name }}</label><input id="week-{{ $i + 1 }}"
                name="week[{{ $i + 1 }}]" class="flex-1 !py-1"
                value="{{ old('week.' . ($i + 1), Hakama\Calendar\Shifts::words($week->shifts($i + 1))) }}"
                placeholder="nobody works" maxlength="120"
                @error('week.' . ($i + 1)) aria-invalid="true" aria-describedby="wrong-week-{{ $i + 1 }}" @enderror>
        </div><x-wrong :field="'week.' . ($i + 1)" />
    @endforeach
    <p class="text-sm text-soft">Shifts with their breaks left out: 06:00-14:00, 14:30-22:00. Monday to
        Friday start as the <a href="{{ route('shop.show') }}#day_starts_h">house rules</a> have them.</p>
    <button class="btn mt-2">These are the hours</button>
</form>
