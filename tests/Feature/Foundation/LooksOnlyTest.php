<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Whoever looks changes nothing. */
final class LooksOnlyTest extends FeatureTestCase
{
    #[Test]
    public function no_page_writes_anything_by_being_looked_at(): void
    {
        $page = '';
        $written = [];
        DB::listen(static function (QueryExecuted $query) use (&$page, &$written): void {
            // What is kept to be faster is no part of the shop.
            if (
                preg_match('/^\s*(insert|update|delete|replace)\b/i', $query->sql) === 1
                && preg_match('/\b(cache|cache_locks|sessions)\b/', $query->sql) !== 1
            ) {
                $written[] = "{$page}: {$query->sql}";
            }
        });
        $looked = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (! in_array('GET', $route->methods(), true) || ! in_array('web', $route->gatherMiddleware(), true)) {
                continue;
            }
            $page = '/'.preg_replace_callback(
                '/\{(\w+)(?::\w+)?\??\}/',
                static fn(array $of): string => FuzzTest::THERE[$of[1]] ?? '1',
                $route->uri(),
            );
            $this->get($page);
            $looked++;
        }
        self::assertGreaterThan(90, $looked);
        self::assertSame([], $written);
    }
}
