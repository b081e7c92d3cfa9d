<?php

declare(strict_types=1);

namespace App\People;

use Hakama\House\Role;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;

/** What an address asks of who comes. Each route says it (`->can(Ability::Plan)`); one that says nothing is closed. */
enum Ability: string
{
    /** For everybody: those with a code, a token or a key of their own are their own keepers. */
    case Open = 'open';
    /** For whoever has the key that stands in the address, and for whoever may look. */
    case Key = 'key';
    case Look = 'look';
    case Operate = 'operate';
    case Plan = 'plan';
    case Own = 'own';

    public static function of(?Route $route): ?self
    {
        foreach ($route?->middleware() ?? [] as $one) {
            if (is_string($one) && str_starts_with($one, 'can:')) {
                return self::tryFrom(Str::after($one, 'can:'));
            }
        }

        return null;
    }

    /** The least role that has it; null: it wants none. */
    public function least(): ?Role
    {
        return match ($this) {
            self::Open => null,
            self::Key, self::Look => Role::Viewer,
            self::Operate => Role::Operator,
            self::Plan => Role::Planner,
            self::Own => Role::Owner,
        };
    }
}
