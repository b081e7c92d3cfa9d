<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A shop of the same size with three times the years behind it: its pages look at hardly more for them. */
final class GrowthTest extends TestCase
{
    /** What tells of all the years there are, by each of them. */
    private const OF_ALL_YEARS = '~^/books/invoices\.csv|^/books\?by=(month|year)|^/artwork/1$|^/artwork/1/history|'.
        '^/setup/practice~';

    private string $files;

    protected function setUp(): void
    {
        $this->files = sys_get_temp_dir().'/growth-'.bin2hex(random_bytes(4));
        mkdir($this->files);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->files]))->mustRun();
    }

    #[Test]
    public function what_a_page_looks_at_does_not_grow_with_the_years(): void
    {
        [$young, $old] = [$this->pagesOf(260), $this->pagesOf(800)];
        self::assertGreaterThan(70, count($young));
        $more = [];
        foreach ($old as $page => $now) {
            $was = $young[$page];
            // A wrong answer is quick.
            self::assertGreaterThan(0, $now['queries'], $page);
            if ($now['queries'] > $was['queries'] + 1) {
                $more[] = "{$page}: {$now['queries']} queries, {$was['queries']} before";
            }
            if (
                $now['rows'] > 1.4 * $was['rows'] + 400
                && preg_match(self::OF_ALL_YEARS, (string) $page) !== 1
            ) {
                $more[] = "{$page}: {$now['rows']} rows, {$was['rows']} before";
            }
        }
        self::assertSame([], $more);
    }

    /** @return array<string, array{queries: int, rows: int}> */
    private function pagesOf(int $orders): array
    {
        $this->told('artisan', 'migrate:fresh', '--force', '--quiet');
        $this->told('bench/grow.php', 'prepare');
        $this->told('artisan', 'shop:demo', '--quiet');
        $this->told('bench/grow.php', 'load', (string) $orders, '3', '16');

        $this->told('bench/grow.php', 'count', "{$this->files}/counts.json");

        return json_decode((string) file_get_contents("{$this->files}/counts.json"), true, flags: JSON_THROW_ON_ERROR);
    }

    private function told(string ...$command): void
    {
        (new Process(
            [PHP_BINARY, '-d', 'memory_limit=1G', ...$command],
            dirname(__DIR__, 3),
            ['DB_DATABASE' => 'hakama_growth', 'SHOP_FILES' => $this->files, 'CACHE_STORE' => 'file'],
            timeout: 300,
        ))->mustRun();
    }
}
