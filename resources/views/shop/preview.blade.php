<x-layout station="shop" title="What the list would change">
    <x-slot:say>{{ $name }}: {{ count($diff->added) }}
        {{ count($diff->added) === 1 ? 'cone' : 'cones' }} to add, {{ count($diff->changed) }} to change,
        {{ $diff->same }} as they are. Nothing is changed yet.</x-slot:say>
    <x-shelf-tabs here="preview" title="What the list would change" />
    <x-wrong field="list" />
    @if ($problems !== [])
        <div class="note note-now mb-4">
            <p><strong>{{ count($problems) }} {{ count($problems) === 1 ? 'row' : 'rows' }} cannot be taken.</strong>
                The others can; or mend the list and read it once more.</p>
            <ul class="mt-1 list-disc pl-5">
                @foreach (array_slice($problems, 0, 12) as $problem)
                    <li>{{ $problem }}</li>
                    @endforeach @if (count($problems) > 12)
                        <li>and {{ count($problems) - 12 }} more</li>
                    @endif
            </ul>
        </div>
    @endif
    <table>
        <thead>
            <tr>
                <th>Thread</th>
                <th class="num">Cone</th>
                <th>What happens</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($diff->changed as [$row, $differences])
                <tr>
                    <td><x-swatch :hex="$row->hex" /><strong>{{ $row->code }}</strong> {{ $row->name }}</td>
                    <td class="num">{{ $row->cone }}</td>
                    <td>changes: {{ implode(', ', $differences) }}</td>
                </tr>
            @endforeach
            @foreach ($diff->added as $row)
                <tr>
                    <td><x-swatch :hex="$row->hex" /><strong>{{ $row->code }}</strong> {{ $row->name }}</td>
                    <td class="num">{{ $row->cone }}</td>
                    <td>is added: weight {{ $row->weight }}, {{ $row->metresLeft }}
                        m{{ $row->shelf === '' ? '' : ' at ' . $row->shelf }}</td>
                </tr>
            @endforeach
            @if ($diff->changed === [] && $diff->added === [])
                <tr>
                    <td colspan="3" class="text-soft">Nothing: the shelf is as the list has it.</td>
                </tr>
            @endif
        </tbody>
    </table>
    <form method="post" action="{{ route('threads.take', $key) }}" class="mt-5 flex gap-3">@csrf<input type="hidden"
            name="seen" value="{{ $seen }}">
        @if ($diff->changed !== [] || $diff->added !== [])
            <button class="btn btn-main" data-key="k">Take it over <kbd>k</kbd></button>
        @endif
        <a class="btn" href="{{ route('threads.index') }}">Leave it</a>
    </form>
</x-layout>
