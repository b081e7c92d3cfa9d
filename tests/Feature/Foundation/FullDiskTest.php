<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Shop\Backup\CarefulFiles;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\Test;
use RuntimeException;
use Tests\Feature\FeatureTestCase;

/** A disk without room: said in words, nothing half stored, and what is there can be looked at. */
final class FullDiskTest extends FeatureTestCase
{
    /** A place that takes no byte, however it is asked. */
    private const FULL = '/dev/full';

    #[Test]
    public function a_file_is_written_whole_or_stays_as_it_was(): void
    {
        $folder = sys_get_temp_dir().'/careful-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $files = new CarefulFiles();
        self::assertSame(5, $files->put("{$folder}/session", 'first'));
        // A folder that is not there stands for a disk that takes nothing: the new file cannot be written beside the old.
        rename($folder, "{$folder}-away");
        self::assertFalse($files->put("{$folder}/session", 'second'));
        rename("{$folder}-away", $folder);
        self::assertSame('first', file_get_contents("{$folder}/session"));
        self::assertSame(['session'], array_values(array_diff(scandir($folder) ?: [], ['.', '..'])));
        unlink("{$folder}/session");
        rmdir($folder);
    }

    #[Test]
    public function what_cannot_be_written_is_said_in_words(): void
    {
        Route::middleware(['web', 'can:look'])
            ->get('/orders/new', static function (): void {
                $file = fopen(self::FULL, 'wb');
                assert($file !== false);
                fwrite($file, 'x');
                fclose($file);
            })
            ->name('orders.create');
        $this->get('/orders/new')
            ->assertStatus(507)
            ->assertSee('The disk is full')
            ->assertSee('Your last entry was not stored');
        $this->getJson('/orders/new')
            ->assertStatus(507)
            ->assertJsonStructure(['message']);
    }

    #[Test]
    public function something_else_that_breaks_is_not_called_a_full_disk(): void
    {
        Route::middleware(['web', 'can:look'])
            ->get('/orders/new', static fn() => throw new RuntimeException('something else'))
            ->name('orders.create');
        $this->get('/orders/new')->assertStatus(500);
    }
}
