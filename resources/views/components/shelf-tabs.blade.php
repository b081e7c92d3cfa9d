@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs label="Of the thread shelf" :tabs="[
        [route('threads.index'), 'Shelf', 's', $here === 'index'],
        [route('threads.needs'), 'Wanted', 'w', $here === 'needs'],
        [route('ordering.show'), 'To order', 'o', $here === 'ordering', 'What has to be ordered'],
        [route('threads.match'), 'Match a colour', 'm', $here === 'match'],
        [route('shop.show'), 'Shop', 'b', false],
    ]" />
</div>
