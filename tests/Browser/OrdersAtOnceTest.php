<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Many clerks at one server: what each was told is in the book, and no number twice. */
final class OrdersAtOnceTest extends TestCase
{
    private const CLERKS = 24;

    #[Test]
    public function orders_written_at_once_are_all_in_the_book_with_numbers_of_their_own(): void
    {
        $handles = [];
        $many = curl_multi_init();
        for ($i = 0; $i < self::CLERKS; $i++) {
            $clerk = $this->clerk();
            curl_setopt_array($clerk, [
                CURLOPT_POST => true,
                CURLOPT_HEADER => true,
                CURLOPT_URL => getenv('TEST_URL').'/orders',
                CURLOPT_POSTFIELDS => http_build_query([
                    '_token' => $this->token($clerk),
                    'customer' => 'Harbour Choir',
                    'due_date' => '2026-03-20',
                    'due_time' => '16:00',
                    'lines' => [
                        [
                            'garment' => 'polo',
                            'fabric' => 'pique',
                            'colour_name' => 'ink',
                            'colour_hex' => '#1f2a44',
                            'sizes' => ['M' => 2],
                            'decorations' => [['position' => 'left_chest', 'artwork_id' => null]],
                        ],
                    ],
                ]),
            ]);
            $handles[] = $clerk;
            curl_multi_add_handle($many, $clerk);
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.2);
        } while ($running > 0);

        $numbers = [];
        foreach ($handles as $clerk) {
            $answer = (string) curl_multi_getcontent($clerk);
            self::assertSame(302, curl_getinfo($clerk, CURLINFO_RESPONSE_CODE), substr($answer, 0, 300));
            self::assertSame(
                1,
                preg_match('#Location: \S+/orders/(\d+)#', $answer, $number),
                substr($answer, 0, 300),
            );
            $numbers[] = (int) $number[1];
        }
        sort($numbers);
        self::assertSame(
            range($numbers[0], $numbers[0] + self::CLERKS - 1),
            $numbers,
            'one after the other, none twice',
        );
    }

    /** A browser of one's own: cookies and all. */
    private function clerk(): \CurlHandle
    {
        $clerk = curl_init();
        self::assertNotFalse($clerk);
        curl_setopt_array($clerk, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 60]);

        return $clerk;
    }

    private function token(\CurlHandle $clerk): string
    {
        curl_setopt($clerk, CURLOPT_URL, getenv('TEST_URL').'/orders/new');
        preg_match('/name="csrf-token" content="([^"]+)"/', (string) curl_exec($clerk), $token);

        return $token[1] ?? '';
    }
}
