<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/** What a machine wants next from a hand, and how long it may wait. */
final readonly class Act
{
    /**
     * @param string $machine '' where it is wanted at none
     * @param string $what    in few words
     * @param bool   $stands  the machine stands still for it now
     * @param float  $slackS  else: seconds until it has to be begun; below zero: the machine will stand
     * @param string $because why it comes where it comes
     * @param float  $takesS  seconds of a hand
     * @param bool   $isHooping done at the bench, not at the machine
     */
    public function __construct(
        public string $machine,
        public Text|string $what,
        public bool $stands,
        public float $slackS,
        public Text|string $because,
        public float $takesS,
        public bool $isHooping = false,
    ) {}

    /** By when it is to be begun, in few words. */
    public function when(): Text
    {
        return match (true) {
            $this->stands => new Text('floor.act.now'),
            $this->slackS === INF => new Text('floor.act.any_time'),
            $this->slackS < 0 => new Text('floor.act.too_late', ['by' => self::minutes(-$this->slackS)]),
            default => new Text('floor.act.in', ['time' => self::minutes($this->slackS)]),
        };
    }

    /** "4 min", or seconds below a minute. */
    public static function minutes(float $seconds): Text
    {
        return $seconds < 60
            ? new Text('floor.act.seconds', ['count' => (int) round($seconds)])
            : new Text('floor.act.minutes', ['count' => (int) round($seconds / 60)]);
    }
}
