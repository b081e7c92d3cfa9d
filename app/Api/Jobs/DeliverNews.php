<?php

declare(strict_types=1);

namespace App\Api\Jobs;

use App\Api\Models\Delivery;
use App\Api\Models\News;
use App\Api\Models\Webhook;
use App\Api\NewsSignature;
use App\Foundation\Database\Transaction;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Facades\Cache;

/**
 * Tells a program what waits for it, in its order: what it does not hear keeps back what comes after it. Signed as the
 * open specification for webhooks has it: HMAC with SHA-256 over number, time and content.
 */
final class DeliverNews implements ShouldQueue
{
    use Queueable;

    /** Number, moment in seconds, signature. */
    public const HEADERS = ['webhook-id', 'webhook-timestamp', 'webhook-signature'];
    /** Whatever is left is told by the next. */
    private const AT_ONCE = 50;
    /** A slow one keeps the worker no longer from what others wait for. */
    private const BUSY_S = 20;
    private const CONNECT_S = 5;
    private const ANSWER_S = 10;
    private const LOCKED_S = 900;

    public int $timeout = self::LOCKED_S;
    public int $tries = 1;

    public function __construct(public readonly int $webhook) {}

    /** One at a time: two would tell what waits twice, and out of order. */
    public function handle(Factory $http): void
    {
        Cache::lock("webhook.{$this->webhook}", self::LOCKED_S)->get(function () use ($http): void {
            $until = hrtime(true) + self::BUSY_S * 1_000_000_000;
            for ($told = 0; $told < self::AT_ONCE && hrtime(true) < $until; $told++) {
                $webhook = Webhook::query()->find($this->webhook);
                $next = $webhook?->isDue() === true ? $this->next() : null;
                if ($webhook === null || $next === null || ! self::tell($http, $webhook, $next)) {
                    return;
                }
            }
            self::dispatch($this->webhook);
        });
    }

    private function next(): ?Delivery
    {
        return Delivery::query()->with('news')->where('webhook_id', $this->webhook)->waiting()->orderBy('id')->first();
    }

    /** @return bool whether it was heard */
    private static function tell(Factory $http, Webhook $webhook, Delivery $delivery): bool
    {
        $news = $delivery->news;
        $status = null;
        $why = '';
        try {
            $answer = $http
                ->withHeaders(self::signed($webhook, $news))
                ->withBody($news->body, 'application/json')
                ->connectTimeout(self::CONNECT_S)
                ->timeout(self::ANSWER_S)
                ->withoutRedirecting()
                ->post($webhook->url);
            $status = $answer->status();
            $why = $answer->successful() ? '' : "HTTP {$status}";
        } catch (ConnectionException) {
            $why = (string) __('api.told.no_connection');
        }
        Transaction::run(static function () use ($webhook, $delivery, $news, $status, $why): void {
            $now = Delivery::query()->find($delivery->id);
            $now?->update([
                'tries' => $now->tries + 1,
                'status' => $status,
                'delivered_at' => $why === '' ? CarbonImmutable::now() : null,
            ]);
            $of = Webhook::query()->find($webhook->id);
            $why === '' ? $of?->heard() : $of?->failed($why, $news->made_at);
        });

        return $why === '';
    }

    /** @return array<string, string> */
    private static function signed(Webhook $webhook, News $news): array
    {
        $at = (string) CarbonImmutable::now()->getTimestamp();

        return array_combine(
            self::HEADERS,
            [$news->sign, $at, NewsSignature::of($webhook->secret, $news->sign, $at, $news->body)],
        );
    }
}
