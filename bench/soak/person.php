<?php

declare(strict_types=1);

/*
 * Somebody at a desk or a machine, for so many seconds: looks at pages, touches what the floor offers, writes orders.
 * What the shop said it recorded goes into a file, a line each, and so does how long each answer took.
 *
 *     php bench/soak/person.php http://127.0.0.1:8080 SEED SECONDS FILE [only-looks]
 */

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Exception\GuzzleException;
use Psr\Http\Message\ResponseInterface;
use Ramsey\Uuid\Uuid;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $server, $seed, $seconds, $file] = $argv;
$onlyLooks = ($argv[5] ?? '') === 'only-looks';
mt_srand((int) $seed);
$out = fopen($file, 'ab');
assert($out !== false);
$say = static function (array $what) use ($out): void {
    fwrite($out, json_encode($what, JSON_THROW_ON_ERROR)."\n");
};
$client = new Client([
    'base_uri' => $server,
    'cookies' => new CookieJar(),
    'http_errors' => false,
    'allow_redirects' => false,
    'timeout' => 15,
    'connect_timeout' => 3,
]);
/** Null when nobody answered. */
$ask = static function (string $method, string $path, array $with = []) use ($client, $say): ?ResponseInterface {
    $from = microtime(true);
    try {
        $answer = $client->request($method, $path, $with);
    } catch (GuzzleException) {
        $say(['away' => $path]);

        return null;
    }
    $say([
        'asked' => "{$method} {$path}",
        'status' => $answer->getStatusCode(),
        'ms' => round(1000 * (microtime(true) - $from), 1),
    ]);
    if ($answer->getStatusCode() === 500) {
        $say(['broken' => "{$method} {$path}"]);
    }

    return $answer;
};
$document = static function (?ResponseInterface $page): ?DOMXPath {
    $text = $page?->getStatusCode() === 200 ? (string) $page->getBody() : '';
    if ($text === '') {
        return null;
    }
    $html = new DOMDocument();
    @$html->loadHTML('<?xml encoding="utf-8">'.$text);

    return new DOMXPath($html);
};
$token = static fn(DOMXPath $page): string => $page->evaluate('string(//meta[@name="csrf-token"]/@content)');

const PAGES = [
    '/orders',
    '/orders/1004',
    '/orders/1008/story',
    '/artwork',
    '/setup',
    '/setup/7',
    '/needles',
    '/plan',
    '/floor/M1',
    '/floor/M2',
    '/books',
    '/shop',
    '/shop/changes',
    '/floor/M1/pulse',
    '/artwork/1/track',
];

$until = microtime(true) + (float) $seconds;
while (microtime(true) < $until) {
    $draw = $onlyLooks ? 0 : mt_rand(0, 10);
    if ($draw < 4) {
        $ask('GET', PAGES[mt_rand(0, count(PAGES) - 1)]);
    } elseif ($draw < 8) {
        // One of the things that can be touched at a machine.
        $machine = 'M'.mt_rand(1, 3);
        $page = $document($ask('GET', "/floor/{$machine}"));
        $forms =
            $page === null
                ? []
                : iterator_to_array($page->query('//*[@id="station"]//form[contains(@action, "/events")]') ?: []);
        if ($page !== null && $forms !== []) {
            $form = $forms[mt_rand(0, count($forms) - 1)];
            $fields = ['who' => 'Odo'];
            foreach ($page->query('.//input', $form) ?: [] as $input) {
                assert($input instanceof DOMElement);
                str_ends_with($input->getAttribute('name'), '[]')
                    ? ($fields[substr($input->getAttribute('name'), 0, -2)][] = $input->getAttribute('value'))
                    : ($fields[$input->getAttribute('name')] = $input->getAttribute('value'));
            }
            if (($fields['kind'] ?? '') === 'piece_spoiled') {
                $fields['cause'] = 'other';
            }
            unset($fields['_token'], $fields['driver_min']);
            $id = (string) $fields['id'];
            // Whoever does not hear sends it again under the same id, as a finger does.
            for ($tries = 0; $tries < 3; $tries++) {
                $answer = $ask('POST', "/floor/{$machine}/events", [
                    'form_params' => $fields,
                    'headers' => ['Accept' => 'application/json', 'X-CSRF-TOKEN' => $token($page)],
                ]);
                if ($answer?->getStatusCode() === 302) {
                    $say(['event' => strtolower($id), 'kind' => $fields['kind']]);
                }
                if ($answer !== null && $answer->getStatusCode() < 500) {
                    break;
                }
                usleep(400_000);
            }
        }
    } elseif ($draw === 10) {
        // Two at the same delivery: whoever counts in this second counts the same one, under its one number.
        $page = $document($ask('GET', '/orders/1004/story'));
        $line = $page?->evaluate('string(//form[contains(@action, "/arrivals")]/@action)') ?? '';
        $id = Uuid::uuid5(Uuid::NAMESPACE_URL, 'delivery '.intdiv(time(), 2))->toString();
        if ($page !== null && $line !== '') {
            $answer = $ask('POST', (string) parse_url($line, PHP_URL_PATH), [
                'headers' => ['Accept' => 'application/json', 'X-CSRF-TOKEN' => $token($page)],
                'form_params' => ['id' => $id, 'good' => 1],
            ]);
            if ($answer?->getStatusCode() === 302) {
                $say(['delivery' => $id]);
            }
        }
    } else {
        $page = $document($ask('GET', '/orders/new'));
        $form = Uuid::uuid4()->toString();
        for ($tries = 0; $page !== null && $tries < 3; $tries++) {
            $answer = $ask('POST', '/orders', [
                'headers' => ['Accept' => 'application/json', 'X-CSRF-TOKEN' => $token($page)],
                'form_params' => [
                    'form' => $form,
                    'customer' => 'Customer '.mt_rand(1, 9),
                    'due_date' => date('Y-m-d', time() + 86400 * mt_rand(2, 20)),
                    'due_time' => '16:00',
                    'lines' => [
                        [
                            'garment' => 'tee',
                            'fabric' => 'jersey',
                            'colour_name' => 'black',
                            'colour_hex' => '#101010',
                            'sizes' => ['M' => mt_rand(1, 9)],
                            'decorations' => [['position' => 'left_chest']],
                        ],
                    ],
                ],
            ]);
            if ($answer?->getStatusCode() === 302) {
                $say(['order' => $form, 'number' => (int) basename($answer->getHeaderLine('Location'))]);
            }
            if ($answer !== null && $answer->getStatusCode() < 500) {
                break;
            }
            usleep(400_000);
        }
    }
    usleep($onlyLooks ? 0 : mt_rand(50_000, 250_000));
}
