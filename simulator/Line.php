<?php

declare(strict_types=1);

namespace Simulator;

/** The line to the shop's server. A server that does not answer is asked again; nothing is given up. */
final readonly class Line
{
    public function __construct(private string $server, private string $token) {}

    /** @return array<string, mixed>|null null when the server did not answer */
    public function instruction(): ?array
    {
        $body = $this->send('GET', '/machines/instruction');
        $answer = $body === null ? null : json_decode($body, true);

        return is_array($answer) ? $answer : null;
    }

    public function tape(): ?string
    {
        return $this->send('GET', '/machines/tape');
    }

    /**
     * Says what happened, under one id until it is heard: said twice it still counts once.
     *
     * @param array<string, mixed> $report
     */
    public function report(array $report): bool
    {
        $report['id'] ??= self::uuid();
        for ($try = 0; $report['kind'] !== 'position' || $try < 1; $try++) {
            $body = $this->send('POST', '/machines/reports', $report);
            if ($body !== null) {
                return is_array($answer = json_decode($body, true)) && ($answer['recorded'] ?? false) === true;
            }
            usleep(500_000);
        }

        return false;
    }

    /** @param array<string, mixed> $data */
    private function send(string $method, string $path, array $data = []): ?string
    {
        $body = @file_get_contents(
            $this->server.$path,
            false,
            stream_context_create([
                'http' => [
                    'method' => $method,
                    'header' => "Authorization: Bearer {$this->token}\r\nAccept: application/json\r\nContent-Type: application/json\r\nConnection: close",
                    'content' => $data === [] ? '' : json_encode($data, JSON_THROW_ON_ERROR),
                    'timeout' => 5,
                    'ignore_errors' => true,
                ],
            ]),
        );
        // A broken server answers too; only what it meant to say counts.
        $status = (int) (explode(' ', $http_response_header[0] ?? '')[1] ?? 0);

        return $body === false || $status >= 500 || $status === 0 ? null : $body;
    }

    private static function uuid(): string
    {
        $bytes = random_bytes(16);
        $bytes[6] = chr((ord($bytes[6]) & 0x0f) | 0x40);
        $bytes[8] = chr((ord($bytes[8]) & 0x3f) | 0x80);

        return vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(bin2hex($bytes), 4));
    }
}
