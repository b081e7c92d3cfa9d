<x-layout :station="$station" :title="ucfirst($station)">
    <x-slot:say>There is no machine in the shop yet.</x-slot:say>
    <p class="note">Add the first at <a href="{{ route('machines.show') }}">Shop, Machines</a>; then its work stands
        here.</p>
</x-layout>
