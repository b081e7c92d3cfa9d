<x-bare :title="__('people.tablet.connect_this_tablet')">
    <form method="post" action="{{ route('tablet.take') }}" class="grid gap-4">@csrf
        <x-field name="code" :label="__('people.tablet.code_from_shop_people')" autocomplete="off" autocapitalize="characters"
            required autofocus maxlength="12" :placeholder="__('people.tablet.k7pm_3xqa')" />
        <div><button type="submit" class="btn btn-main">{{ __('people.tablet.connect') }}</button></div>
    </form>
    <p class="mt-6 text-sm text-soft"><x-said key="people.tablet.the_tablet_stays_connected_and_asks"><x-slot:link><a
            href="{{ route('sign-in') }}">{{ __('people.tablet.sign_in') }}</a></x-slot:link></x-said></p>
</x-bare>
