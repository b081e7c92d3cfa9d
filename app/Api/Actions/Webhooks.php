<?php

declare(strict_types=1);

namespace App\Api\Actions;

use App\Api\Jobs\DeliverNews;
use App\Api\Models\ConnectedProgram;
use App\Api\Models\Delivery;
use App\Api\Models\ToldOrder;
use App\Api\Models\Webhook;
use App\Api\NewsSignature;
use App\Foundation\Database\Transaction;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;

/** Where programs are told what is new. */
final class Webhooks
{
    /**
     * Another address keeps the secret and what waits.
     *
     * @return string|null the secret, which nobody is shown again; null where there was one already
     */
    public static function tellAt(ConnectedProgram $program, string $url): ?string
    {
        return Transaction::run(static function () use ($program, $url): ?string {
            ConnectedProgram::query()->whereKey($program->id)->whereNull('revoked_at')->firstOrFail();
            $there = Webhook::query()->where('connected_program_id', $program->id)->first();
            if ($there?->url === $url) {
                return null;
            }
            ChangeLog::note(
                Change::SHOP,
                'programs',
                __('api.log.tells', ['name' => $program->name]),
                ['url' => $there->url ?? ''],
                ['url' => $url],
            );
            if ($there !== null) {
                $there->update(['url' => $url, 'next_try_at' => null, 'stopped_at' => null]);

                return null;
            }
            if (! Webhook::query()->exists()) {
                // Nobody was told for a while: what became of orders meanwhile is no news.
                ToldOrder::query()->delete();
            }
            $secret = NewsSignature::secret();
            Webhook::query()->create([
                'connected_program_id' => $program->id,
                'url' => $url,
                'secret' => $secret,
                'made_at' => CarbonImmutable::now(),
            ]);

            return $secret;
        });
    }

    /** Tells no more, and forgets what waited. */
    public static function end(ConnectedProgram $program): void
    {
        Transaction::run(static function () use ($program): void {
            if (Webhook::query()->where('connected_program_id', $program->id)->delete() > 0) {
                ChangeLog::note(Change::SHOP, 'programs', __('api.log.tells_no_more', ['name' => $program->name]));
            }
        });
    }

    /** At once, whatever failed before. */
    public static function tryNow(Webhook $webhook): void
    {
        Transaction::run(static fn() => Webhook::query()
            ->whereKey($webhook->id)
            ->update(['next_try_at' => null, 'stopped_at' => null]));
        DeliverNews::dispatch($webhook->id);
    }

    /** Once more, under the number it had. */
    public static function again(Delivery $delivery): void
    {
        Transaction::run(static fn() => Delivery::query()->whereKey($delivery->id)->update(['delivered_at' => null]));
        DeliverNews::dispatch($delivery->webhook_id);
    }
}
