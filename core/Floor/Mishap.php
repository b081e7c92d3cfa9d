<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** What went wrong with a batch on a machine, how often: a break or a stop by the times, a spoil by the pieces. */
final readonly class Mishap
{
    /**
     * @param EventKind|null  $halt  what halted it; null where pieces were spoiled
     * @param SpoilCause|null $cause of a spoil
     * @param list<string>    $who   told it, each once
     */
    private function __construct(
        public string $machine,
        public string $batch,
        public ?EventKind $halt,
        public ?SpoilCause $cause,
        public int $times,
        public array $who,
    ) {}

    /** @return list<EventKind> what is asked for: a stop for handwork is planned, and nothing that went wrong */
    public static function kinds(): array
    {
        return array_values(array_filter(
            EventKind::cases(),
            static fn(EventKind $kind): bool => $kind->countsSpoiled() !== 0
                || in_array($kind, [EventKind::ThreadBroke, EventKind::Stopped], true),
        ));
    }

    /**
     * A spoil that was withdrawn is none.
     *
     * @param list<array{string, string, EventKind, SpoilCause|null, int, int, list<string>}> $told machine, batch, kind,
     *     cause, events, pieces, who
     *
     * @return list<self> what befell most often first
     */
    public static function all(array $told): array
    {
        $times = $who = $of = [];
        foreach ($told as [$machine, $batch, $kind, $cause, $events, $pieces, $names]) {
            $sign = $kind->countsSpoiled();
            $halt = $sign === 0 ? $kind : null;
            $key = "{$machine}\n{$batch}\n{$halt?->value}\n{$cause?->value}";
            $of[$key] = [$machine, $batch, $halt, $cause];
            $times[$key] = ($times[$key] ?? 0) + ($sign === 0 ? $events : $sign * $pieces);
            $who[$key] = [...$who[$key] ?? [], ...$sign < 0 ? [] : $names];
        }
        $all = [];
        foreach (array_filter($times, static fn(int $count): bool => $count > 0) as $key => $count) {
            $all[] = new self(...$of[$key], times: $count, who: array_values(array_unique($who[$key])));
        }
        usort($all, static fn(self $a, self $b): int => [$b->times, $a->machine] <=> [$a->times, $b->machine]);

        return $all;
    }
}
