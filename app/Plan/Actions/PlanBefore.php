<?php

declare(strict_types=1);

namespace App\Plan\Actions;

use App\Plan\CannotChangePlan;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use Carbon\CarbonImmutable;
use Hakama\Plan\Sequence;

/** The plan as it was before one change of it, kept so that the change can be undone. */
final readonly class PlanBefore
{
    /**
     * @param array<string, list<string>> $lanes  machine => batches
     * @param array<string, string>       $fixed  batch => the start it was fixed to
     * @param array<string, mixed>|null   $joined what was put into another batch, as `SplitBatch::into` answers it
     */
    private function __construct(
        private array $lanes,
        private array $fixed,
        private ?string $part = null,
        private ?string $of = null,
        private ?array $joined = null,
    ) {}

    public static function of(PlanBoard $board): self
    {
        return new self(
            $board->sequence()->batches,
            array_map(
                self::moment(...),
                array_filter(
                    array_map(
                        static fn(OpenBatch $batch): ?CarbonImmutable => $batch->queued->fixedAt,
                        $board->batches(),
                    ),
                ),
            ),
        );
    }

    /** In UTC, with its letter: an hour that comes twice by the wall is one hour here. */
    private static function moment(CarbonImmutable $at): string
    {
        return $at->utc()->toIso8601ZuluString();
    }

    public static function read(string $json): self
    {
        /**
         * @var array{lanes: array<string, list<string>>, fixed: array<string, string>, part: string|null,
         *     of: string|null, joined: array<string, mixed>|null} $kept
         */
        $kept = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return new self($kept['lanes'], $kept['fixed'], $kept['part'], $kept['of'], $kept['joined']);
    }

    /** The change split a part off a batch. */
    public function whole(string $part, string $of): self
    {
        return new self($this->lanes, $this->fixed, $part, $of);
    }

    /**
     * The change put a batch into another.
     *
     * @param array<string, mixed> $joined
     */
    public function apart(array $joined): self
    {
        return new self($this->lanes, $this->fixed, joined: $joined);
    }

    public function json(): string
    {
        return json_encode(get_object_vars($this), JSON_THROW_ON_ERROR);
    }

    /**
     * Batches are whole, apart and fixed as they were; what has come since stays as it is. Within a change of the plan.
     *
     * @return Sequence that was
     *
     * @throws CannotChangePlan when work has begun on what was split or put together
     */
    public function restore(PlanBoard $board): Sequence
    {
        if ($this->part !== null) {
            [$part, $of] = [$board->batches()[$this->part] ?? null, $board->batches()[$this->of ?? ''] ?? null];
            SplitBatch::into(
                $part ?? throw CannotChangePlan::isDone($this->part),
                $of ?? throw CannotChangePlan::isDone((string) $this->of),
            );
        }
        if ($this->joined !== null) {
            SplitBatch::apart($this->joined);
        }
        $board->forget();
        foreach ($board->batches() as $code => $batch) {
            $fixed = $this->fixed[$code] ?? null;
            $now = $batch->queued->fixedAt === null ? null : self::moment($batch->queued->fixedAt);
            if ($now !== $fixed) {
                Batch::query()
                    ->whereKey($batch->id)
                    ->update(['fixed_at' => $fixed === null ? null : CarbonImmutable::parse($fixed)]);
            }
        }
        $board->forget();

        return new Sequence(
            array_map(
                static fn(array $ids): array => array_values(
                    array_filter($ids, static fn(string $code): bool => isset($board->batches()[$code])),
                ),
                $this->lanes,
            ),
        );
    }
}
