<?php

declare(strict_types=1);

namespace App\Shop;

use App\People\Caller;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\App;

/** Who changed which thing, with before and after. What the machines and hands did is in the events of the floor. */
final class ChangeLog
{
    private const WORDS = 200;

    /**
     * @param array<string, mixed>|null $before only what is other than after; null where there was nothing
     * @param array<string, mixed>|null $after
     */
    public static function note(
        string $kind,
        string $thing,
        string $what,
        ?array $before = null,
        ?array $after = null,
    ): void {
        Change::query()->create([
            'made_at' => CarbonImmutable::now(),
            'who' =>
                App::runningInConsole() && ! App::runningUnitTests()
                    ? ''
                    : mb_substr(Caller::acting(request()), 0, 40),
            'kind' => $kind,
            'thing' => mb_substr($thing, 0, 80),
            'what' => mb_strimwidth($what, 0, self::WORDS, '…'),
            'before' => $before,
            'after' => $after,
        ]);
    }

    /** @return Collection<int, Change> of one thing, newest first */
    public static function of(string $kind, string $thing): Collection
    {
        return Change::query()->where('kind', $kind)->where('thing', $thing)->orderByDesc('seq')->get();
    }

    /**
     * What is other in the one than in the other.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     *
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    public static function differing(array $before, array $after): array
    {
        $other = array_filter(
            array_keys($after),
            static fn(string $key): bool => ($before[$key] ?? null) !== $after[$key],
        );

        return [array_intersect_key($before, array_flip($other)), array_intersect_key($after, array_flip($other))];
    }
}
