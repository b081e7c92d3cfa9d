<form method="post" action="{{ $to }}">@csrf @method('put')<input type="hidden"
        name="seen" value="{{ old('seen', App\Shop\Calendar\CalendarBook::weekSign()) }}">
    @foreach ([__('shop.week_form.monday'), __('shop.week_form.tuesday'), __('shop.week_form.wednesday'), __('shop.week_form.thursday'), __('shop.week_form.friday'), __('shop.week_form.saturday'), __('shop.week_form.sunday')] as $i => $name)
        <div class="mb-1 flex items-center gap-3"><label for="week-{{ $i + 1 }}"
                class="m-0 w-24">{{ $name }}</label><input type="text" id="week-{{ $i + 1 }}"
                name="week[{{ $i + 1 }}]" class="flex-1 !py-1"
                value="{{ old('week.' . ($i + 1), Hakama\Calendar\Shifts::words($week->shifts($i + 1))) }}"
                placeholder="{{ __('shop.week_form.closed') }}" maxlength="120"
                @error('week.' . ($i + 1)) aria-invalid="true" aria-describedby="wrong-week-{{ $i + 1 }}" @enderror>
        </div><x-wrong :field="'week.' . ($i + 1)" />
    @endforeach
    <p class="text-sm text-soft"><x-said key="shop.week_form.shifts_without_their_breaks_06_00">
        <x-slot:link><a href="{{ route('shop.show') }}#day_starts_h">{{ __('shop.week_form.house_rules') }}</a></x-slot:link></x-said></p>
    <button type="submit" class="btn mt-2">{{ __('shop.week_form.save_these_hours') }}</button>
</form>
