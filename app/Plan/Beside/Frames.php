<?php

declare(strict_types=1);

namespace App\Plan\Beside;

use Hakama\Plan\Found;
use Hakama\Plan\Sequence;
use Hakama\Plan\Workload;

/** What processes of one shop tell each other: the length, four bytes, and the thing itself as PHP packs it. */
final class Frames
{
    /**
     * @param resource                                              $to
     * @param int|Found|array{Workload, int, int, Sequence|null} $what
     */
    public static function write($to, int|Found|array $what): bool
    {
        $packed = serialize($what);
        $frame = pack('V', strlen($packed)).$packed;
        while ($frame !== '') {
            $sent = @fwrite($to, $frame);
            if ($sent === false || $sent === 0) {
                return false;
            }
            $frame = substr($frame, $sent);
        }

        return fflush($to);
    }

    /**
     * @param resource $from
     *
     * @return mixed null where nothing comes any more
     */
    public static function read($from): mixed
    {
        $length = self::bytes($from, 4);
        if ($length === null) {
            return null;
        }
        /** @var array{1: int} $of */
        $of = unpack('V', $length);
        $packed = self::bytes($from, $of[1]);

        return $packed === null ? null : unserialize($packed);
    }

    /** @param resource $from */
    private static function bytes($from, int $length): ?string
    {
        $bytes = '';
        while (strlen($bytes) < $length) {
            $more = fread($from, max(1, $length - strlen($bytes)));
            if ($more === false || $more === '') {
                return null;
            }
            $bytes .= $more;
        }

        return $bytes;
    }
}
