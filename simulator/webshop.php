<?php

declare(strict_types=1);

/*
 * php -S 127.0.0.1:PORT simulator/webshop.php: a stand-in for a web shop. Where the shop is, its token and a folder of its
 * own are in WEBSHOP_AT, WEBSHOP_TOKEN, WEBSHOP_FOLDER; the secret lies in that folder as `secret`.
 *
 * POST /order?key=cart-1 with a cart, POST /approve?order=1004, POST /told, GET / what it was told.
 */
require __DIR__.'/../vendor/autoload.php';

$shop = new Simulator\WebShop(
    (string) getenv('WEBSHOP_FOLDER'),
    (string) getenv('WEBSHOP_AT'),
    (string) getenv('WEBSHOP_TOKEN'),
    (int) (getenv('WEBSHOP_TOLERANCE_S') ?: 300),
);
$body = (string) file_get_contents('php://input');
try {
    $answer = match (parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH)) {
        '/order' => $shop->order((string) ($_GET['key'] ?? ''), (array) json_decode($body, true)),
        '/approve' => $shop->approve((int) ($_GET['order'] ?? 0), 'Ida'),
        '/told' => http_response_code($shop->hear(array_map(strval(...), array_filter($_SERVER, is_scalar(...))), $body)),
        default => $shop->told(),
    };
} catch (Throwable $e) {
    http_response_code(502);
    $answer = ['problem' => $e->getMessage()];
}
if (http_response_code() !== 204) {
    header('Content-Type: application/json');
    echo json_encode($answer, JSON_THROW_ON_ERROR);
}
