<?php

declare(strict_types=1);

namespace App\People;

use App\Foundation\ShopProfile;
use App\Foundation\StateHash;
use App\People\Models\Person;
use App\People\Models\Tablet;
use Hakama\House\Role;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Who asks for a page: a person who signed in, a tablet that was paired, or whoever sits before the demo. */
final readonly class Caller
{
    private const KEPT = 'caller';
    private const SIGNED = 'signed_with';

    private function __construct(public Role $role, public ?Person $person = null, public ?Tablet $tablet = null) {}

    /** Null when it is nobody we know. */
    public static function of(Request $request): ?self
    {
        if (! $request->attributes->has(self::KEPT)) {
            $request->attributes->set(self::KEPT, self::find($request));
        }
        $caller = $request->attributes->get(self::KEPT);

        return $caller instanceof self ? $caller : null;
    }

    /** Who it is, as the shop knows them by now. */
    public static function askAnew(Request $request): void
    {
        $request->attributes->remove(self::KEPT);
        $person = Auth::user();
        $now = $person instanceof Person ? $person->fresh() : null;
        $now === null ? Auth::forgetUser() : Auth::setUser($now);
    }

    private static function find(Request $request): ?self
    {
        $person = Auth::user();
        if ($person instanceof Person && $person->retired_at === null && self::isStillSigned($request, $person)) {
            return new self($person->role, $person);
        }
        $tablet = Tablet::of($request);
        if ($tablet !== null) {
            return new self(Role::Operator, tablet: $tablet);
        }

        // The demo, and a shop that nobody owns yet, lie open on the computer they run on and nowhere else.
        return app(ShopProfile::class)->liesOpen() && self::isHere($request) ? new self(Role::Owner) : null;
    }

    /**
     * Whoever was signed in with a password that was changed since is so no more, on whatever desk. What is kept of it in
     * the session tells nothing of it.
     */
    private static function isStillSigned(Request $request, Person $person): bool
    {
        if (! $request->hasSession()) {
            return true;
        }
        $now = StateHash::of($person->password);
        if (! $request->session()->has(self::SIGNED)) {
            $request->session()->put(self::SIGNED, $now);
        }

        return hash_equals($now, (string) $request->session()->get(self::SIGNED));
    }

    /** The password is another from now on, and this is the desk where that was said, or where it was given. */
    public static function signAnew(Request $request): void
    {
        $request->session()->forget(self::SIGNED);
    }

    /** Whether the page is asked for on this computer itself. */
    public static function isHere(Request $request): bool
    {
        $address = $request->server->getString('REMOTE_ADDR');
        if (config('shop.proxies') !== []) {
            // Whatever asks comes from the proxy's address, which is often this computer's.
            return false;
        }

        return str_starts_with($address, '127.') || $address === '::1';
    }

    /** Who acts, as said at this screen, else who signed in; '' where nobody has said. */
    public static function acting(Request $request): string
    {
        $said = $request->hasSession() ? (string) $request->session()->get('who', '') : '';

        return $said !== '' ? $said : self::of($request)->person->name ?? '';
    }
}
