<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/**
 * A browser asked over WebDriver BiDi: JSON in text frames of a web socket, as a browser speaks it that has no driver
 * beside it. Only what the tests here want of it.
 */
final class Bidi
{
    private const PATIENCE_S = 40;
    private int $number = 0;
    /** @var list<array<string, mixed>> what it told without being asked */
    private array $events = [];
    private string $context = '';

    /** @param resource $socket */
    private function __construct(private $socket) {}

    public static function connect(int $port): self
    {
        $until = microtime(true) + self::PATIENCE_S;
        do {
            $socket = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $why, 2);
            $socket === false ? usleep(200_000) : null;
        } while ($socket === false && microtime(true) < $until);
        if ($socket === false) {
            throw new RuntimeException("the browser does not listen on {$port}: {$why}");
        }
        stream_set_timeout($socket, self::PATIENCE_S);
        fwrite($socket, implode("\r\n", [
            'GET /session HTTP/1.1',
            "Host: 127.0.0.1:{$port}",
            'Upgrade: websocket',
            'Connection: Upgrade',
            'Sec-WebSocket-Key: '.base64_encode(random_bytes(16)),
            'Sec-WebSocket-Version: 13',
        ])."\r\n\r\n");
        $answer = (string) fgets($socket);
        while (trim((string) fgets($socket)) !== '') {
        }
        if (! str_contains($answer, ' 101 ')) {
            throw new RuntimeException("the browser does not take a socket: {$answer}");
        }
        $browser = new self($socket);
        $browser->ask('session.new', ['capabilities' => (object) []]);
        $browser->ask('session.subscribe', ['events' => ['log.entryAdded']]);
        // One of its own, in front: in one that stands behind another no field ever has the focus.
        $browser->context = (string) $browser->ask('browsingContext.create', ['type' => 'window'])['context'];
        $browser->ask('browsingContext.activate', ['context' => $browser->context]);

        return $browser;
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed> its answer
     */
    public function ask(string $method, array $with = []): array
    {
        $id = ++$this->number;
        $this->send(json_encode(['id' => $id, 'method' => $method, 'params' => (object) $with], JSON_THROW_ON_ERROR));
        while (true) {
            /** @var array<string, mixed> $told */
            $told = json_decode($this->receive(), true, 64, JSON_THROW_ON_ERROR);
            if (($told['id'] ?? null) !== $id) {
                $this->events[] = $told;
                continue;
            }
            if (($told['type'] ?? '') === 'error') {
                throw new RuntimeException("{$method}: ".json_encode($told));
            }

            return (array) $told['result'];
        }
    }

    public function visit(string $url): void
    {
        $this->ask('browsingContext.navigate', ['context' => $this->context, 'url' => $url, 'wait' => 'complete']);
    }

    public function size(int $width, int $height): void
    {
        $this->ask('browsingContext.setViewport', [
            'context' => $this->context,
            'viewport' => ['width' => $width, 'height' => $height],
        ]);
    }

    /** What an expression comes to, as JSON would have it. */
    public function evaluate(string $expression): mixed
    {
        $answer = $this->ask('script.evaluate', [
            'expression' => "(async () => JSON.stringify(await ({$expression}) ?? null))()",
            'target' => ['context' => $this->context],
            'awaitPromise' => true,
        ]);
        if (($answer['type'] ?? '') === 'exception') {
            throw new RuntimeException((string) json_encode($answer['exceptionDetails'] ?? $answer));
        }

        return json_decode((string) $answer['result']['value'], true, 64, JSON_THROW_ON_ERROR);
    }

    /** Presses keys one after the other, in whatever has the focus. */
    public function keys(string $keys): void
    {
        $acts = [];
        foreach (mb_str_split($keys) as $key) {
            $acts[] = ['type' => 'keyDown', 'value' => $key];
            $acts[] = ['type' => 'keyUp', 'value' => $key];
        }
        $this->ask('input.performActions', [
            'context' => $this->context,
            'actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => $acts]],
        ]);
    }

    /** @return list<string> what the pages complained of since it was asked last */
    public function complaints(): array
    {
        $said = [];
        foreach ($this->events as $event) {
            $entry = (array) ($event['params'] ?? []);
            if (($event['method'] ?? '') === 'log.entryAdded' && ($entry['level'] ?? '') === 'error') {
                $said[] = (string) ($entry['text'] ?? '');
            }
        }
        $this->events = [];

        return $said;
    }

    public function close(): void
    {
        $this->ask('browser.close');
        fclose($this->socket);
    }

    /** One text frame, masked as whoever connects must. */
    private function send(string $text): void
    {
        $mask = random_bytes(4);
        $length = strlen($text);
        $head = chr(0x81).match (true) {
            $length < 126 => chr(0x80 | $length),
            $length < 65_536 => chr(0x80 | 126).pack('n', $length),
            default => chr(0x80 | 127).pack('J', $length),
        };
        $frame = $head.$mask.($text ^ str_pad('', $length, $mask));
        for ($sent = 0; $sent < strlen($frame); $sent += $wrote) {
            $wrote = (int) fwrite($this->socket, substr($frame, $sent, 65_536));
            if ($wrote === 0) {
                throw new RuntimeException('the browser hung up');
            }
        }
    }

    /** One message, which may come in several frames. */
    private function receive(): string
    {
        $text = '';
        do {
            [$first, $second] = array_values((array) unpack('C2', $this->read(2)));
            $length = $second & 0x7F;
            $length = match ($length) {
                126 => (int) ((array) unpack('n', $this->read(2)))[1],
                127 => (int) ((array) unpack('J', $this->read(8)))[1],
                default => $length,
            };
            $content = $this->read($length);
            if (($first & 0x0F) === 0x8) {
                throw new RuntimeException('the browser closed the socket');
            }
            // Whether somebody is there still is not asked of us.
            $text .= ($first & 0x0F) <= 0x2 ? $content : '';
        } while (($first & 0x80) === 0 || $text === '');

        return $text;
    }

    private function read(int $bytes): string
    {
        $read = '';
        while (strlen($read) < $bytes) {
            $some = fread($this->socket, $bytes - strlen($read));
            if ($some === false || $some === '') {
                throw new RuntimeException('the browser says nothing');
            }
            $read .= $some;
        }

        return $read;
    }
}
