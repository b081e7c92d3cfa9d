<?php

declare(strict_types=1);

namespace Simulator;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use RuntimeException;

/**
 * A small web shop of somebody else: it orders, lets its customer approve, and is told what becomes of it. It knows nothing
 * of the shop but its address, a token and a secret; what it was told lies in a folder, a line each.
 */
final readonly class WebShop
{
    /**
     * @param string $folder     its own
     * @param string $shop       where the shop is: http://127.0.0.1:8080
     * @param int    $toleranceS so old may be what it is told
     */
    public function __construct(
        private string $folder,
        private string $shop,
        private string $token,
        private int $toleranceS,
    ) {}

    /**
     * @param array<string, mixed> $cart what is ordered
     *
     * @return array<string, mixed> the order as the shop has it
     */
    public function order(string $key, array $cart): array
    {
        return $this->send('orders', $key, $cart);
    }

    /** Asks for the sample and, as its customer, says yes to it. */
    public function approve(int $order, string $customer): int
    {
        $asked = $this->send("orders/{$order}/approval", "ask-{$order}", null);
        $desk = new Client(['cookies' => new CookieJar(), 'http_errors' => false]);
        $page = (string) $desk->get((string) $asked['url'])->getBody();
        preg_match_all('/<input type="hidden" name="(\w+)" value="([^"]*)"/', $page, $hidden);

        return $desk->post((string) $asked['url'], ['allow_redirects' => false, 'form_params' => [
            ...array_combine($hidden[1], $hidden[2]),
            'answer' => 'approved',
            'name' => $customer,
        ]])->getStatusCode();
    }

    /**
     * What it is told: heard where the signature is that of the secret it was given, and the news is not old.
     *
     * @param array<string, string> $server as the web server has it
     *
     * @return int 204 heard, 400 not from the shop
     */
    public function hear(array $server, string $body): int
    {
        $number = $server['HTTP_WEBHOOK_ID'] ?? '';
        $at = $server['HTTP_WEBHOOK_TIMESTAMP'] ?? '';
        $secret = base64_decode(substr(trim((string) @file_get_contents("{$this->folder}/secret")), 6), true);
        $sign = 'v1,'.base64_encode(hash_hmac('sha256', "{$number}.{$at}.{$body}", (string) $secret, true));
        if (
            ! hash_equals($sign, $server['HTTP_WEBHOOK_SIGNATURE'] ?? '')
            || abs(time() - (int) $at) > $this->toleranceS
        ) {
            return 400;
        }
        file_put_contents("{$this->folder}/told", "{$body}\n", FILE_APPEND | LOCK_EX);

        return 204;
    }

    /** @return list<array<string, mixed>> what it was told, each once */
    public function told(): array
    {
        $told = [];
        foreach (is_file("{$this->folder}/told") ? file("{$this->folder}/told") ?: [] : [] as $line) {
            $news = json_decode($line, true, 64, JSON_THROW_ON_ERROR);
            $told[$news['id']] ??= $news;
        }

        return array_values($told);
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<string, mixed>
     */
    private function send(string $path, string $key, ?array $body): array
    {
        $answer = (new Client(['http_errors' => false]))->post("{$this->shop}/api/v1/{$path}", [
            'headers' => ['Authorization' => "Bearer {$this->token}", 'Idempotency-Key' => $key],
            ...$body === null ? [] : ['json' => $body],
        ]);
        $said = json_decode((string) $answer->getBody(), true, 64, JSON_THROW_ON_ERROR);

        return $answer->getStatusCode() === 201 ? $said : throw new RuntimeException((string) $answer->getBody());
    }
}
