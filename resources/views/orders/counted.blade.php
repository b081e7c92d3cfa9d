@php $missing = $count->missing(); @endphp
<p class="font-head text-[28px] font-semibold tabular-nums">{{ $count->counted() }} of {{ $count->ordered() }}</p>
@if ($said !== null)
    <p @class(['note mb-3', 'note-now' => ! $isNew]) role="status">{{ $said }}</p>
@endif
@if ($count->counted() === $count->ordered())
    <p class="good"><strong>All of them are here.</strong></p>
@elseif ($missing->isEmpty())
    <p>{{ $count->counted() === 0 ? 'Nothing of it is ready yet' : 'All that is ready is counted' }};
        {{ $count->behind() }} still to come.</p>
@else
    <h2 class="mb-1 mt-3">Ready, and not counted</h2>
    <table class="text-base">
        <tbody>
            @foreach ($missing->take(40) as $piece)
                <tr>
                    <td>{{ Hakama\Floor\Tag::of($piece->id)->code() }}</td>
                    <td>{{ $piece->decoration->line->garmentLabel() }}, {{ $piece->decoration->positionLabel() }}</td>
                    <td>{{ $piece->label() }}{{ $piece->text === null ? '' : ", {$piece->text}" }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($missing->count() > 40)
        <p>and {{ $missing->count() - 40 }} more.</p>
    @endif
    @if ($count->behind() > 0)
        <p class="mt-2 text-soft">{{ $count->behind() }} more are not ready.</p>
    @endif
@endif
