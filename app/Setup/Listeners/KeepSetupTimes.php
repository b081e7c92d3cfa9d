<?php

declare(strict_types=1);

namespace App\Setup\Listeners;

use App\Artwork\Events\ArtworkChanged;
use App\Machine\Events\MachineChanged;
use App\Setup\Actions\SetupChoices;
use App\Setup\Actions\TimeSetups;
use App\Setup\Events\FactorLearned;
use App\Setup\Models\Setup;
use App\Setup\Queries\SetupTimes;
use App\Shop\Events\RuleChanged;
use Illuminate\Contracts\Events\Dispatcher;

/** Run times of setups follow what they come from, within the write that changes it. */
final readonly class KeepSetupTimes
{
    public function __construct(private TimeSetups $times, private SetupChoices $choices) {}

    public function subscribe(Dispatcher $events): void
    {
        $events->listen([MachineChanged::class, FactorLearned::class], [self::class, 'all']);
        $events->listen(RuleChanged::class, [self::class, 'rules']);
        $events->listen(ArtworkChanged::class, [self::class, 'artwork']);
        $events->listen('eloquent.saved: '.Setup::class, [self::class, 'setup']);
    }

    public function all(): void
    {
        $this->times->all();
    }

    public function setup(Setup $setup): void
    {
        // That its sheet was printed changes no time.
        if ($setup->wasRecentlyCreated || $setup->wasChanged(['frame_id', 'speed_spm'])) {
            $this->times->of($setup);
        }
    }

    public function rules(RuleChanged $rules): void
    {
        if (SetupTimes::inputs($rules->before) !== SetupTimes::inputs($rules->now)) {
            $this->times->all();
        }
    }

    public function artwork(ArtworkChanged $artwork): void
    {
        $this->times->ofArtwork($artwork->artworkId);
        if ($artwork->isRead) {
            $this->choices->divideAnew($artwork->artworkId);
        }
    }
}
