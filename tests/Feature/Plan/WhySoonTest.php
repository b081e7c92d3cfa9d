<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class WhySoonTest extends FeatureTestCase
{
    #[Test]
    public function in_a_large_shop_the_page_is_there_at_once_and_every_place_follows(): void
    {
        $batch = collect(app(PlanBoard::class)->batches())->first(static fn(OpenBatch $one): bool => ! $one->started);
        $page = "/plan/batches/{$batch?->code}";
        $this->get($page)->assertOk()->assertSee('Times and odds');
        config(['shop.odds_found_at_once' => 3]);
        $this->get($page)
            ->assertOk()
            ->assertSee('Weighing every place')
            ->assertSee("data-hx-get=\"http://127.0.0.1:8080{$page}?whole=1\"", false)
            ->assertDontSee('Times and odds');
        // What it asks for then has what it takes from it.
        $whole = (string) $this->get("{$page}?whole=1")->assertOk()->getContent();
        self::assertStringContainsString('<div id="why">', $whole);
        self::assertStringContainsString('Times and odds', $whole);
    }
}
