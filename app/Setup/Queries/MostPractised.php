<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\People\Models\Person;
use App\Setup\Models\Practice;
use Hakama\Plan\Skill;

/** Who of those who may not do something alone has practised it most. */
final class MostPractised
{
    /**
     * @param list<Skill> $skills
     *
     * @return array<string, string> skill => who; not in it where nobody has
     */
    public static function without(array $skills): array
    {
        $kinds = array_filter(array_map(static fn(Skill $skill): ?string => $skill->frameKind()?->value, $skills));
        if ($kinds === []) {
            return [];
        }
        $people = Person::query()->whereNull('retired_at')->get(['name', 'skills'])->keyBy('name');
        $practised = Practice::query()
            ->whereIn('frame_kind', $kinds)
            ->where('came_out', '>', 0)
            ->groupBy('frame_kind', 'who')
            ->orderByRaw('sum(came_out) desc, who')
            ->toBase()
            ->get(['frame_kind', 'who']);
        $most = [];
        foreach ($skills as $skill) {
            $who = $practised->first(
                static fn(object $one): bool => $one->frame_kind === $skill->frameKind()?->value
                    && isset($people[$one->who])
                    && ! in_array($skill->value, $people[$one->who]->skills ?? [], true),
            );
            if ($who !== null) {
                $most[$skill->value] = $who->who;
            }
        }

        return $most;
    }
}
