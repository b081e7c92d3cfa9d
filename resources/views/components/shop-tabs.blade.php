@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs label="Of the shop" :tabs="[
        [route('shop.show'), 'House rules', 'r', $here === 'rules'],
        [route('machines.show'), 'Machines', 'a', $here === 'machines'],
        [route('threads.index'), 'Thread shelf', 't', false],
        [route('threads.needs'), 'Thread wanted', 'n', false, 'Thread and bobbins wanted'],
        [route('threads.match'), 'Match a colour', 'm', false],
        [route('catalogue.show'), 'Catalogue', 'c', false, 'Garments, frames, machines, places'],
        [route('prices.show'), 'Prices', 'q', $here === 'prices', 'The price list'],
        [route('people.show'), 'People', 'p', $here === 'people', 'People, what they may do, tablets'],
        [route('shop.changes'), 'Changes', 'g', $here === 'changes', 'Who changed what'],
    ]" />
</div>
