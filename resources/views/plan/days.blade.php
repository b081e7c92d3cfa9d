@use('App\Foundation\Clock\ShopClock')
@use('App\Foundation\Words\Dates')
{{-- The plan for the wall: a page a day, black on white. --}}
<x-layout station="plan" :title="__('plan.days.title')">
    <x-slot:say>{{ __('plan.days.say', ['days' => count($days)]) }}</x-slot:say>
    <p class="noprint mb-4 flex flex-wrap gap-3"><button type="button" class="btn btn-main" data-print data-key="p"
        @disabled($days === [])>{{ __('plan.days.print') }} <kbd>p</kbd></button>
        <a class="btn" href="{{ route('plan.show') }}" data-key="b">{{ __('plan.days.back') }} <kbd>b</kbd></a></p>
    @foreach ($days as $day => $rows)
        <section class="print-page mb-6">
            <h2>{{ Dates::longDayYear(Carbon\CarbonImmutable::parse($day)) }}</h2>
            <table>
                <thead>
                    <tr>
                        <th>{{ __('plan.days.machine') }}</th>
                        <th>{{ __('plan.days.start') }}</th>
                        <th>{{ __('plan.days.end') }}</th>
                        <th>{{ __('plan.days.batch') }}</th>
                        <th class="num">{{ __('plan.days.pieces') }}</th>
                        <th>{{ __('plan.days.garment') }}</th>
                        <th>{{ __('plan.days.frame') }}</th>
                        <th>{{ __('plan.days.order') }}</th>
                        <th>{{ __('plan.days.due') }}</th>
                        <th>{{ __('plan.days.done') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rows as $i => [$placed, $batch, $goesOn])
                        <tr @class(['next-machine' => $i > 0 && $rows[$i - 1][0]->machine !== $placed->machine])>
                            <td><strong>{{ $i > 0 && $rows[$i - 1][0]->machine === $placed->machine ? '' : $placed->machine }}</strong></td>
                            <td>{{ $goesOn ? __('plan.days.goes_on') : Dates::time(ShopClock::time($placed->changeoverStart)) }}</td>
                            <td>{{ ShopClock::time($placed->end())->toDateString() === $day
                                ? Dates::time(ShopClock::time($placed->end()))
                                : Dates::weekdayTime(ShopClock::time($placed->end())) }}</td>
                            <td><strong>{{ $batch->code }}</strong> {{ $batch->design->name }}</td>
                            <td class="num">{{ $batch->left }}</td>
                            <td>{{ $batch->setup->garment }}, {{ $batch->setup->position }}</td>
                            <td>{{ $placed->batch->equipment->frame }}</td>
                            <td>{{ $batch->order->number }} {{ $batch->order->customer }}</td>
                            <td>{{ ShopClock::words($batch->order->dueAt()) }}@if ($placed->lateS() > 0) <strong>{{ __('plan.days.late') }}</strong> @endif</td>
                            <td class="tick"></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endforeach
</x-layout>
