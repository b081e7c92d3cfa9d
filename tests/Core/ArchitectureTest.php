<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use SplFileInfo;

final class ArchitectureTest extends TestCase
{
    /** From the ground up: a folder may use itself and what stands before it. */
    private const FLOORS = [
        'Words',
        'Stitch',
        'Thread',
        'Garment',
        'Machine',
        'Lettering',
        'Picture',
        'House',
        'Artwork',
        'Setup',
        'Calendar',
        'Needles',
        'Plan',
        'Floor',
        'Books',
        'Money',
    ];

    /** The same for the modules of the application. */
    private const MODULES = [
        'Foundation',
        'Machine',
        'People',
        'Shop',
        'Garment',
        'Artwork',
        'Plan',
        'Setup',
        'Needles',
        'Stock',
        'Orders',
        'Floor',
        'Money',
        'Books',
        'Api',
        'Providers',
    ];
    #[Test]
    public function modules_of_the_application_point_one_way(): void
    {
        $app = self::classes('app', 'App');
        $room = static fn(string $class): string => explode('\\', $class)[2];
        $module = static fn(string $class): string => explode('\\', $class)[1];
        $floor = static fn(string $class): int => (int) array_search($module($class), self::MODULES, true);
        $checked = 0;
        foreach (Dependencies::in($app)->uses as $class => $used) {
            self::assertContains($module($class), self::MODULES, $class);
            foreach ($used as $other) {
                if ($module($class) === $module($other)) {
                    continue;
                }
                // Models are the ground, as the tables lie in one database. Pages and commands stand above all modules
                // and put together what these answer; nobody stands on a page.
                if ($room($other) === 'Http') {
                    self::assertContains(
                        $module($other),
                        ['Foundation', 'People'],
                        "{$class} stands on a page: {$other}",
                    );
                } elseif ($room($other) !== 'Models' && ! in_array($room($class), ['Http', 'Console'], true)) {
                    self::assertLessThanOrEqual($floor($class), $floor($other), "{$class} looks up to {$other}");
                    $checked++;
                }
            }
        }
        self::assertGreaterThan(200, $checked);
    }

    #[Test]
    public function a_room_of_a_module_holds_what_its_name_says(): void
    {
        foreach (array_keys(self::classes('app', 'App')) as $class) {
            $short = substr((string) strrchr($class, '\\'), 1);
            $holds = static fn(string $ending): bool => str_ends_with($short, $ending);
            $isPage = str_contains($class, '\\Http\\');
            self::assertSame($holds('Controller'), $isPage && $holds('Controller'), "{$class} is a controller");
            self::assertTrue(
                ! is_subclass_of($class, \Illuminate\Database\Eloquent\Model::class) || str_contains($class, '\\Models\\'),
                "{$class} is a model",
            );
            self::assertTrue(
                ! is_subclass_of($class, \Illuminate\Foundation\Http\FormRequest::class) || $isPage,
                "{$class} is a form request",
            );
            self::assertTrue(
                ! is_subclass_of($class, \Illuminate\Console\Command::class) || str_contains($class, '\\Console\\'),
                "{$class} is a command",
            );
        }
        foreach (glob(dirname(__DIR__, 2).'/app/*', GLOB_ONLYDIR) ?: [] as $module) {
            self::assertFileExists("{$module}/README.md");
        }
    }

    #[Test]
    public function no_class_name_stands_twice(): void
    {
        $names = array_map(
            static fn(string $class): string => substr((string) strrchr($class, '\\'), 1),
            [...array_keys(self::classes('core', 'Hakama')), ...array_keys(self::classes('app', 'App'))],
        );
        self::assertSame([], array_keys(array_filter(array_count_values($names), static fn(int $n): bool => $n > 1)));
    }

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
                if (count($parts) === 1 || $parts[0] === 'Random' || $parts[0] === 'Brick') {
                    continue; // PHP's own, its chance drawn from a seed; and exact numbers, which compute and nothing else
                }
                self::assertSame('Hakama', $parts[0], "{$path} uses {$used}");
                self::assertLessThanOrEqual(
                    array_search($floor, self::FLOORS, true),
                    array_search($parts[1], self::FLOORS, true),
                    "{$path} looks up to {$used}",
                );
                $checked++;
            }
        }
        self::assertGreaterThan(50, $checked);
    }

    #[Test]
    public function a_ring_of_classes_is_found_and_a_chain_is_not(): void
    {
        $class = static fn(
            string $name,
            string $uses,
        ): string => "<?php namespace A; class {$name} { public {$uses} \$x; }";
        $chain = [
            'A\\One' => $class('One', 'Two'),
            'A\\Two' => $class('Two', 'Three'),
            'A\\Three' => $class('Three', 'int'),
        ];
        self::assertSame([], Dependencies::in($chain)->inCycles());
        $ring = [...$chain, 'A\\Three' => $class('Three', 'One')];
        self::assertSame(['A\\One', 'A\\Two', 'A\\Three'], Dependencies::in($ring)->inCycles());
    }

    #[Test]
    public function no_classes_use_each_other_in_a_ring_and_no_folders_of_the_core(): void
    {
        $core = Dependencies::in(self::classes('core', 'Hakama'));
        self::assertSame([], $core->inCycles());
        self::assertSame([], $core->betweenFolders()->inCycles());
        // Models speak of each other as the tables do.
        $app = array_filter(
            self::classes('app', 'App'),
            static fn(string $class): bool => ! str_contains($class, '\\Models\\'),
            ARRAY_FILTER_USE_KEY,
        );
        self::assertSame([], Dependencies::in($app)->inCycles());
    }

    #[Test]
    public function lines_end_near_120_characters(): void
    {
        foreach (['core' => 'php', 'app' => 'php', 'tests' => 'php'] as $folder => $_) {
            $lines = explode("\n", implode("\n", self::files($folder)));
            $long = count(array_filter($lines, static fn(string $line): bool => mb_strlen($line) > 120));
            self::assertLessThan(0.005 * count($lines), $long, "{$folder} has {$long} lines over 120 characters");
        }
    }

    #[Test]
    public function the_core_knows_no_clock_no_chance_no_place_of_files_and_no_framework(): void
    {
        foreach (self::files('core') as $path => $source) {
            $code = (string) preg_replace('~/\*.*?\*/|//[^\n]*~s', '', $source);
            self::assertDoesNotMatchRegularExpression(
                '/\b(date|time|microtime|hrtime|now|rand|mt_rand|random_int|getenv|file_get_contents|env|config|app)\(|new \\\\?DateTime|Illuminate|\bApp\\\\|__DIR__|<(div|svg|p)\b/',
                $code,
                $path,
            );
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
        foreach (
            [...self::files('core'), ...self::files('app'), ...self::files('simulator'), ...self::files('database')] as $path => $source
        ) {
            self::assertStringContainsString('declare(strict_types=1);', $source, $path);
        }
    }

    #[Test]
    public function views_leave_the_database_alone(): void
    {
        foreach (self::files('resources/views') as $path => $source) {
            self::assertDoesNotMatchRegularExpression(
                '/DB::|::query\(\)|->save\(|App\\\\\w+\\\\Models/',
                $source,
                $path,
            );
        }
    }

    #[Test]
    public function what_views_name_is_there(): void
    {
        $named = 0;
        foreach (self::files('resources/views') as $path => $source) {
            preg_match_all('/(?<![\\w\\\\])((?:App|Hakama)\\\\[\\w\\\\]+)(?:::(\\w+))?/', $source, $names, PREG_SET_ORDER);
            foreach ($names as $name) {
                self::assertTrue(class_exists($name[1]) || enum_exists($name[1]), "{$path} names {$name[1]}");
                self::assertTrue(
                    ! isset($name[2])
                    || $name[2] === 'class'
                    || method_exists($name[1], $name[2])
                    || defined("{$name[1]}::{$name[2]}"),
                    "{$path} names {$name[1]}::".($name[2] ?? ''),
                );
                $named++;
            }
        }
        self::assertGreaterThan(100, $named);
    }

    /** @return array<string, string> class => source */
    private static function classes(string $folder, string $namespace): array
    {
        $classes = [];
        foreach (self::files($folder) as $path => $source) {
            $classes[$namespace.strtr(substr($path, strlen($folder), -4), '/', '\\')] = $source;
        }

        return $classes;
    }

    /** @return array<string, string> path => source */
    private static function files(string $folder): array
    {
        $root = dirname(__DIR__, 2);
        $files = [];
        /** @var SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("{$root}/{$folder}", \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file->getExtension() === 'php') {
                $files[substr($file->getPathname(), strlen($root) + 1)] = (string) file_get_contents(
                    $file->getPathname(),
                );
            }
        }
        ksort($files);

        return $files;
    }
}
