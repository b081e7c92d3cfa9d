<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\People\Models\Person;
use App\Setup\Models\Practice;
use Hakama\Machine\FrameKind;
use Hakama\Plan\Skill;

/** Who of those who may not do something alone has practised it most. */
final class MostPractised
{
    public static function without(Skill $skill): ?string
    {
        $kind = match ($skill) {
            Skill::Caps => FrameKind::Cap,
            Skill::Clamps => FrameKind::Clamp,
            Skill::Lettering => null,
        };
        if ($kind === null) {
            return null;
        }
        $names = Person::query()
            ->whereNull('retired_at')
            ->where(
                static fn($query) => $query->whereNull('skills')->orWhereJsonDoesntContain('skills', $skill->value),
            )
            ->pluck('name');

        return Practice::query()
            ->where('frame_kind', $kind->value)
            ->whereIn('who', $names)
            ->where('came_out', '>', 0)
            ->groupBy('who')
            ->orderByRaw('sum(came_out) desc, who')
            ->value('who');
    }
}
