@props(['about' => 'why'])
<details class="because">
    <summary>{{ $about }}</summary>
    <p>{{ $slot }}</p>
</details>
