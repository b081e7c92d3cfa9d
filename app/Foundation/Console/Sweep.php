<?php

declare(strict_types=1);

namespace App\Foundation\Console;

use FilesystemIterator;
use Illuminate\Session\SessionManager;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** What piles up on the disk and is nobody's any more: swept by the worker, not while somebody waits for a page. */
final readonly class Sweep
{
    /** As the file store writes it before what it keeps: until when, seconds. */
    private const UNTIL = 10;

    public function __construct(private SessionManager $sessions) {}

    public function sweep(): void
    {
        $this->sessions->driver()->getHandler()->gc(60 * (int) config('session.lifetime'));
        self::expired((string) config('cache.stores.file.path'));
    }

    /** A drawing of which there is a newer one is never asked for again, so nothing else would find that its time is over. */
    private static function expired(string $folder): void
    {
        if (! is_dir($folder)) {
            return;
        }
        $files = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS | FilesystemIterator::CURRENT_AS_PATHNAME),
        );
        foreach ($files as $file) {
            $until = @file_get_contents((string) $file, length: self::UNTIL);
            if ($until !== false && ctype_digit($until) && strlen($until) === self::UNTIL && (int) $until < time()) {
                @unlink((string) $file);
            }
        }
    }
}
