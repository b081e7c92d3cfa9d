<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\Database\Transaction;
use App\Foundation\Http\ReadsRetirement;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\People\Caller;
use App\People\Http\Requests\AddPeople;
use App\People\Http\Requests\ChangePerson;
use App\People\Http\Requests\OpenTablet;
use App\People\Http\Requests\SetSecret;
use App\People\Http\Requests\SetSkills;
use App\People\Models\Pairing;
use App\People\Models\Person;
use App\People\Models\Tablet;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Closure;
use Hakama\House\Role;
use Hakama\Plan\Skill;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Who is of the shop and what each may do; and the tablets that stand at the machines. */
final class PeopleController
{
    use ReadsRetirement;

    public function show(ShopProfile $premises): View
    {
        return view('people.show', [
            'people' => Person::query()->orderByRaw('retired_at is not null')->orderBy('name')->get(),
            'tablets' => Tablet::query()->with('machine')->whereNull('revoked_at')->orderBy('id')->get(),
            'machines' => Machine::working()->get(),
            'shop' => $premises->shop(),
            'liesOpen' => $premises->liesOpen(),
        ]);
    }

    /** Several at once: a name a line. */
    public function add(AddPeople $request): RedirectResponse
    {
        Transaction::run(static function () use ($request): void {
            foreach ($request->names() as $name) {
                Person::query()->create(['name' => $name, 'role' => $request->role()]);
                ChangeLog::note(
                    Change::PERSON,
                    $name,
                    __('people.people_controller.added'),
                    null,
                    ['role' => $request->role()->value],
                );
            }
        });

        return redirect()
            ->back()
            ->with('done', __('people.people_controller.added_to_the_shop', [
                'names' => implode(', ', $request->names()),
            ]));
    }

    public function update(ChangePerson $request, Person $person): RedirectResponse
    {
        $before = $person->role;
        self::keepingAnOwner(static function () use ($request, $person, $before): void {
            $person->update(['role' => $request->role()]);
            ChangeLog::note(
                Change::PERSON,
                $person->name,
                __('people.people_controller.role_changed'),
                ['role' => $before->value],
                ['role' => $request->role()->value],
            );
        });

        return redirect()
            ->route('people.show')
            ->with('done', __('people.people_controller.has_the_role', [
                'name' => $person->name,
                'role' => __("people.role_name.{$request->role()->value}"),
            ]));
    }

    /** What somebody may set up and run alone. */
    public function skills(SetSkills $request, Person $person): RedirectResponse
    {
        $before = $person->skills ?? [];
        $now = array_column($request->skills(), 'value');
        if ($before !== $now) {
            $person->update(['skills' => $now === [] ? null : $now]);
            ChangeLog::note(
                Change::PERSON,
                $person->name,
                __('people.people_controller.what_they_may_do_alone'),
                ['skills' => implode(', ', $before)],
                ['skills' => implode(', ', $now)],
            );
        }

        return redirect()->route('people.show')->with('done', $now === []
            ? __('people.people_controller.is_signed_off_for_nothing', ['name' => $person->name])
            : __('people.people_controller.may_do_alone', [
                'name' => $person->name,
                'skills' => implode(', ', array_map(
                    static fn(Skill $one): string => Words::say($one->words()),
                    $request->skills(),
                )),
            ]));
    }

    public function secret(SetSecret $request, Person $person): RedirectResponse
    {
        self::keepingAnOwner(static function () use ($request, $person): void {
            // Whoever is signed in elsewhere with the old one is so no more.
            $person->update([...$request->secret(), 'remember_token' => null]);
            ChangeLog::note(Change::PERSON, $person->name, $request->words());
        });

        if (Caller::of($request)?->person?->id === $person->id) {
            Caller::signAnew($request);
        }

        return redirect()
            ->route('people.show')
            ->with('done', "{$person->name}: {$request->words()}.");
    }

    /** Gone, or back again: what they did stays theirs. */
    public function retire(Request $request, Person $person): RedirectResponse
    {
        $isGone = self::retires($request, $person->retired_at !== null);
        if ($isGone === null) {
            return redirect()->route('people.show')->with('done', __('people.people_controller.is_already_as_you_asked', [
                'name' => $person->name,
            ]));
        }
        self::keepingAnOwner(static function () use ($person, $isGone): void {
            $person->update(['retired_at' => $isGone ? CarbonImmutable::now() : null]);
            ChangeLog::note(
                Change::PERSON,
                $person->name,
                $isGone ? __('people.people_controller.left_the_shop') : __('people.people_controller.brought_back'),
            );
        });

        return redirect()
            ->route('people.show')
            ->with(
                'done',
                $isGone
                    ? __('people.people_controller.has_left_the_shop_their_work', ['name' => $person->name])
                    : __('people.people_controller.is_back', ['name' => $person->name]),
            );
    }

    public function tablet(OpenTablet $request): RedirectResponse
    {
        $code = Pairing::open($request->machine(), $request->string('tablet')->value());

        return redirect()
            ->to(route('people.show').'#tablets')
            ->with('code', $code)
            ->with('tablet', $request->string('tablet')->value());
    }

    public function revoke(Tablet $tablet): RedirectResponse
    {
        $tablet->update(['revoked_at' => CarbonImmutable::now()]);
        ChangeLog::note(Change::PERSON, $tablet->name, __('people.people_controller.tablet_disconnected'));

        return redirect()
            ->to(route('people.show').'#tablets')
            ->with('done', __('people.people_controller.is_disconnected', ['name' => $tablet->name]));
    }

    /** Every calendar address that was given out is good no more. */
    public function calendars(): RedirectResponse
    {
        ShopProfile::set(['calendar_secret' => bin2hex(random_bytes(16))]);
        ChangeLog::note(Change::SHOP, 'calendars', __('people.people_controller.new_calendar_links_the_old_ones'));

        return redirect()
            ->route('people.show')
            ->with('done', __('people.people_controller.all_earlier_calendar_links_have_stopped'));
    }

    /**
     * Does it, unless a shop that had an owner would be left without one who can sign in.
     *
     * @param Closure(): void $do
     *
     * @throws ValidationException
     */
    private static function keepingAnOwner(Closure $do): void
    {
        $owners = Person::query()->where('role', Role::Owner->value)->whereNull('retired_at');
        Transaction::run(static function () use ($do, $owners): void {
            $signedIn = $owners->clone()->whereNotNull('password')->exists();
            $do();
            if (! $owners->exists() || ($signedIn && ! $owners->clone()->whereNotNull('password')->exists())) {
                throw ValidationException::withMessages(
                    ['role' => __('people.people_controller.at_least_one_owner_must_be')],
                );
            }
        });
    }
}
