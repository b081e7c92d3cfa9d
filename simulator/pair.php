<?php

declare(strict_types=1);

/*
 * Pairs a machine: gives the code that was read off the page and prints the token that its controller shows from then on.
 *
 *     php simulator/pair.php http://127.0.0.1:8080 K7PM-3XQA
 */

[, $server, $code] = $argv + [1 => '', 2 => ''];
if ($server === '' || $code === '') {
    fwrite(STDERR, "usage: php simulator/pair.php SERVER CODE\n");
    exit(2);
}
$answer = @file_get_contents(rtrim($server, '/').'/machines/pair', false, stream_context_create(['http' => [
    'method' => 'POST',
    'header' => "Content-Type: application/json\r\nAccept: application/json",
    'content' => json_encode(['code' => $code], JSON_THROW_ON_ERROR),
    'ignore_errors' => true,
    'timeout' => 10,
]]));
$said = $answer === false ? null : json_decode($answer, true);
if (! is_array($said) || ! isset($said['token'])) {
    fwrite(STDERR, ($said['message'] ?? 'Nobody answers there.')."\n");
    exit(1);
}
echo "{$said['token']}\n";
