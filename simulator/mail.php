<?php

declare(strict_types=1);

/* php simulator/mail.php PORT FOLDER: a stand-in for a mail server, on loopback alone. */
require __DIR__.'/../vendor/autoload.php';

[, $port, $folder] = $argv + [1 => '', 2 => ''];
$door = stream_socket_server("tcp://127.0.0.1:{$port}", $number, $why);
if ($door === false || $folder === '') {
    fwrite(STDERR, "usage: php simulator/mail.php PORT FOLDER {$why}\n");
    exit(2);
}
$mailbox = new Simulator\Mailbox($folder);
for (;;) {
    $peer = @stream_socket_accept($door, 3600);
    if ($peer !== false) {
        stream_set_timeout($peer, 20);
        $mailbox->serve($peer);
        fclose($peer);
    }
}
