<?php

declare(strict_types=1);

namespace Simulator;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Ramsey\Uuid\Uuid;

/** The line to the shop's server. A server that does not answer is asked again; nothing is given up. */
final readonly class Line
{
    private Client $http;

    public function __construct(string $server, string $token)
    {
        $this->http = new Client([
            'base_uri' => $server,
            'headers' => ['Authorization' => "Bearer {$token}", 'Accept' => 'application/json'],
            'timeout' => 5,
            'http_errors' => false,
        ]);
    }

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
        $report['id'] ??= Uuid::uuid4()->toString();
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
        try {
            $answer = $this->http->request($method, $path, $data === [] ? [] : ['json' => $data]);
        } catch (GuzzleException) {
            return null;
        }

        // A broken server answers too; only what it meant to say counts.
        return $answer->getStatusCode() >= 500 ? null : (string) $answer->getBody();
    }
}
