<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Illuminate\Filesystem\Filesystem;

/**
 * Writes a file whole or leaves it as it was: on a full disk what was kept of a session or a page is not lost over the
 * attempt to write it anew, and the page is shown all the same.
 */
final class CarefulFiles extends Filesystem
{
    /**
     * @param string $path
     * @param string $contents
     * @param bool   $lock     no need of it: the new file takes the place of the old one at once
     *
     * @return int|bool
     */
    public function put($path, $contents, $lock = false)
    {
        $new = $path.'.'.bin2hex(random_bytes(4)).'.new';
        $written = @file_put_contents($new, $contents);
        if ($written === false || $written < strlen((string) $contents) || ! @rename($new, $path)) {
            @unlink($new);

            return false;
        }

        return $written;
    }
}
