<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What the documents for developers name is there. */
final class DocumentsTest extends TestCase
{
    private const WRITTEN = ['CONTRIBUTING.md', 'README.md', 'core/README.md', 'docs/glossary.md'];

    #[Test]
    public function every_class_and_every_file_that_is_named_exists(): void
    {
        $root = dirname(__DIR__, 2);
        $classes = $members = [];
        foreach (['core' => 'Hakama', 'app' => 'App', 'database' => 'Database', 'tests' => 'Tests'] as $folder => $space) {
            $files = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("{$root}/{$folder}", \FilesystemIterator::SKIP_DOTS),
            );
            /** @var \SplFileInfo $file */
            foreach ($files as $file) {
                if ($file->getExtension() === 'php') {
                    $class = $space.strtr(substr($file->getPathname(), strlen("{$root}/{$folder}"), -4), '/', '\\');
                    $classes[$file->getBasename('.php')][] = $class;
                    $members[$class] = (string) file_get_contents($file->getPathname());
                }
            }
        }
        $missing = [];
        $named = 0;
        $documents = [...self::WRITTEN, ...glob("{$root}/app/*/README.md") ?: []];
        foreach ($documents as $document) {
            $path = str_starts_with($document, '/') ? $document : "{$root}/{$document}";
            preg_match_all('/`([^`\n]+)`/', (string) file_get_contents($path), $quoted);
            foreach ($quoted[1] as $word) {
                if (preg_match('~^(?:app|core|tests|docs|resources|routes|bin|database|lang)/[\w./-]+$~', $word) === 1) {
                    $named++;
                    is_file("{$root}/{$word}") || is_dir("{$root}/{$word}") || ($missing[] = "{$document}: {$word}");
                } elseif (preg_match('~^((?:\w+[\\\\/])*)([A-Z]\w+)(?:::(\w+))?(?:\(\))?$~', $word, $of) === 1) {
                    $named++;
                    $module = dirname($path) === $root ? '' : basename(dirname($path));
                    $in = trim(strtr($of[1], '/', '\\'), '\\');
                    $found = array_filter(
                        $classes[$of[2]] ?? [],
                        static fn(string $class): bool => $in === '' || str_contains($class, $in),
                    );
                    $isFolder = is_dir("{$root}/app/{$module}/".strtr($of[1], '\\', '/').$of[2])
                        || is_dir("{$root}/core/".strtr($of[1].$of[2], ['Hakama\\' => '', '\\' => '/']))
                        || is_dir("{$root}/app/".strtr($of[1].$of[2], ['App\\' => '', '\\' => '/']));
                    $has = ! isset($of[3]) || array_filter(
                        $found,
                        static fn(string $class): bool => preg_match("/\\b{$of[3]}\\b/", $members[$class]) === 1,
                    ) !== [];
                    ($found !== [] && $has) || ($isFolder && ! isset($of[3])) || ($missing[] = "{$document}: {$word}");
                }
            }
        }
        self::assertSame([], $missing);
        self::assertGreaterThan(200, $named);
    }
}
