<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use SplFileInfo;

final class ArchitectureTest extends TestCase
{
    /** From the ground up: a folder may use itself and what stands before it. */
    private const FLOORS = ['Stitch', 'Thread', 'Garment', 'Machine', 'House', 'Artwork', 'Setup', 'Needles', 'Plan', 'Floor', 'Books'];

    #[Test]
    public function the_core_uses_nothing_but_itself_and_imports_only_point_down(): void
    {
        $checked = 0;
        foreach (self::files('core') as $path => $source) {
            $floor = explode('/', $path)[1];
            self::assertContains($floor, self::FLOORS, $path);
            preg_match_all('/^use (?:function )?([\w\\\\]+)/m', $source, $uses);
            foreach ($uses[1] as $used) {
                $parts = explode('\\', $used);
                if (count($parts) === 1 || $parts[0] === 'Random') {
                    continue; // PHP's own; its chance is drawn from a seed
                }
                self::assertSame('Hakama', $parts[0], "{$path} uses {$used}");
                self::assertLessThanOrEqual(array_search($floor, self::FLOORS, true), array_search($parts[1], self::FLOORS, true), "{$path} looks up to {$used}");
                $checked++;
            }
        }
        self::assertGreaterThan(50, $checked);
    }

    #[Test]
    public function the_core_knows_no_clock_no_chance_no_place_of_files_and_no_framework(): void
    {
        foreach (self::files('core') as $path => $source) {
            $code = (string) preg_replace('~/\*.*?\*/|//[^\n]*~s', '', $source);
            self::assertDoesNotMatchRegularExpression('/\b(date|time|microtime|hrtime|now|rand|mt_rand|random_int|getenv|file_get_contents|env|config|app)\(|new \\\\?DateTime|Illuminate|\bApp\\\\|__DIR__|<(div|svg|p)\b/', $code, $path);
        }
    }

    #[Test]
    public function what_is_internal_to_a_folder_is_used_in_that_folder_only(): void
    {
        foreach ([...self::files('core'), ...self::files('app')] as $path => $source) {
            preg_match_all('/\bHakama\\\\(\w+)\\\\(?:\w+\\\\)?Internal\\\\/', $source, $uses);
            foreach ($uses[1] as $folder) {
                self::assertStringStartsWith("core/{$folder}/", $path);
            }
        }
        $this->addToAssertionCount(1);
    }

    #[Test]
    public function every_file_is_strict_about_types(): void
    {
        foreach ([...self::files('core'), ...self::files('app'), ...self::files('simulator'), ...self::files('database')] as $path => $source) {
            self::assertStringContainsString('declare(strict_types=1);', $source, $path);
        }
    }

    #[Test]
    public function views_leave_the_database_alone(): void
    {
        foreach (self::files('resources/views') as $path => $source) {
            self::assertDoesNotMatchRegularExpression('/DB::|::query\(\)|->save\(|App\\\\Models/', $source, $path);
        }
    }

    /** @return array<string, string> path => source */
    private static function files(string $folder): array
    {
        $root = dirname(__DIR__, 2);
        $files = [];
        /** @var SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/{$folder}", \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php') {
                $files[substr($file->getPathname(), strlen($root) + 1)] = (string) file_get_contents($file->getPathname());
            }
        }
        ksort($files);

        return $files;
    }
}
