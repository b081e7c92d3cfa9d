@props(['here', 'title'])
<div class="mb-4 flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1>{{ $title }}</h1>
    <x-tabs label="Of Setup" :tabs="[
        [route('setup.index'), 'Decorations', 'd', $here === 'index'],
        [route('setup.backing'), 'Backing to cut', 'c', $here === 'backing'],
        [route('setup.practice'), 'Practice book', 'o', $here === 'practice'],
        [route('setup.clamps'), 'Clamps', 'k', $here === 'clamps'],
        [route('catalogue.show'), 'Catalogue', 'g', false, 'The catalogue of garments, frames and machines'],
    ]" />
</div>
