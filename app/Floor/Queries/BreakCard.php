<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Floor\Models\FloorEvent;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Needles\Models\NeedleFitting;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Artwork\StopStep;
use Hakama\Floor\BreakAdvice;
use Hakama\Floor\EventKind;
use Hakama\House\HouseRule;

/** A thread that broke: where in the design, at which needle, how often there of late, and what to look at. */
final readonly class BreakCard
{
    private const DAYS = 14;

    /**
     * @param int|null     $needle null where no needle holds that thread any more
     * @param int          $breaks at that needle since it was fitted, or in a fortnight; this one among them
     * @param list<string> $look
     */
    private function __construct(
        public int $stitch,
        public ?StopStep $step,
        public string $thread,
        public ?int $needle,
        public int $breaks,
        public array $look,
    ) {}

    public static function of(Running $running, Machine $machine, House $house): self
    {
        $stitch = $running->run->load->stitch;
        $design = $running->design();
        $step = $design->stopSheet()->at($stitch);
        $thread = $design->threads()[($step->block ?? 1) - 1] ?? '';
        $needle = $machine->needleWith($thread)?->number;
        $since = CarbonImmutable::now()->subDays(self::DAYS);
        $fitted =
            $needle === null
                ? null
                : NeedleFitting::query()
                    ->where('machine_id', $machine->id)
                    ->where('number', $needle)
                    ->orderByDesc('seq')
                    ->first()?->fitted_at;
        $breaks =
            $needle === null
                ? 1
                : FloorEvent::query()
                    ->where('machine_id', $machine->id)
                    ->where('kind', EventKind::ThreadBroke)
                    ->where('needle', $needle)
                    ->where('recorded_at', '>=', $fitted === null ? $since : max($fitted, $since))
                    ->count();

        return new self(
            $stitch,
            $step,
            $thread,
            $needle,
            max(1, $breaks),
            Words::each(BreakAdvice::of($breaks, (int) $house->rules()->value(HouseRule::BreaksLook))),
        );
    }
}
