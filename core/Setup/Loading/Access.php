<?php

declare(strict_types=1);

namespace Hakama\Setup\Loading;

use Hakama\Garment\Garment;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Setup\Facts\Item;
use Hakama\Words\Text;

/** How the machine gets at what is sewn on. */
enum Access: string
{
    case Flat = 'flat';
    case ClosedTube = 'closed_tube';
    case OpenedSeam = 'opened_seam';

    /** The way in on a driver. A stocking is never opened; another narrow tube lies flat only with its seam open. */
    public static function of(Item $item, Driver $driver): self
    {
        return match (true) {
            ! $item->isNarrowTube() => self::Flat,
            $driver === Driver::Flat && $item->garment !== Garment::Stocking => self::OpenedSeam,
            default => self::ClosedTube,
        };
    }

    public function label(): Text
    {
        return new Text("setup.access.{$this->value}");
    }

    /** Seconds that hands take for it on one piece, beside hooping. */
    public function handsS(HouseRules $house): float
    {
        return $this === self::OpenedSeam ? 60 * $house->value(HouseRule::SeamTime) : 0.0;
    }

    /**
     * @param bool $tubeDriver whether there is a driver here that is made for tubes
     * @param bool $isRound    it is drawn round a cap frame
     * @param bool $isStuckOn  it is laid on backing that is hooped
     * @param bool $isClamped  a clamp closes on it while it stays on the machine
     */
    public function because(bool $tubeDriver, bool $isRound, bool $isClamped, bool $isStuckOn): Text
    {
        return new Text('setup.access_because.'.match (true) {
            $this === self::Flat && $isRound => 'round_its_frame',
            $this === self::Flat && $isClamped => 'clamped',
            $this === self::Flat && $isStuckOn => 'stuck_on',
            $this === self::Flat => 'one_layer',
            $this === self::ClosedTube => 'closed_tube',
            $tubeDriver => 'opened_no_frame',
            default => 'opened_no_driver',
        });
    }
}
