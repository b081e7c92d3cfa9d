<?php

declare(strict_types=1);

namespace Hakama\Setup\Loading;

use Hakama\Garment\Garment;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Setup\Facts\Item;

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

    public function label(): string
    {
        return match ($this) {
            self::Flat => 'laid flat',
            self::ClosedTube => 'as a closed tube',
            self::OpenedSeam => 'with its seam opened',
        };
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
    public function because(bool $tubeDriver, bool $isRound, bool $isClamped, bool $isStuckOn): string
    {
        return match (true) {
            $this === self::Flat && $isRound => 'It is drawn round its frame; nothing has to be opened.',
            $this === self::Flat && $isClamped => 'The clamp closes on it as it is; nothing has to be opened.',
            $this === self::Flat && $isStuckOn => 'It is laid on hooped backing; nothing has to be opened.',
            $this === self::Flat => 'One layer of it lies flat in its frame; nothing has to be opened.',
            $this === self::ClosedTube => 'It is slipped over the arm as the tube it is; its seam stays shut.',
            default => sprintf(
                '%s: its seam is opened, it lies flat, and it is closed again afterwards.',
                $tubeDriver ? 'No frame on the cylinder driver holds it' : 'No driver here goes into so narrow a tube',
            ),
        };
    }
}
