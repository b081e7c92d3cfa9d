<?php

declare(strict_types=1);

namespace Tests\Writers;

use Closure;

/** What somebody sends, and what comes of it when another sends the like in the same moment. */
final readonly class Write
{
    /**
     * @param array<string, mixed>                 $fields
     * @param array<string, array{string, string}> $files   field => name and content
     * @param Second                               $second  what becomes of the others
     * @param list<string>                         $own     fields that are each sender's own number
     * @param array<string, string>                $headers
     * @param (Closure(): void)|null               $holds   checked after many were at it, whoever came first
     */
    private function __construct(
        public string $method,
        public string $path,
        public array $fields,
        public Second $second,
        public array $own = [],
        public array $files = [],
        public array $headers = [],
        public ?Closure $holds = null,
        public bool $mayBeRefused = false,
    ) {}

    /** @param array<string, mixed> $fields */
    public static function to(string $method, string $path, array $fields = [], Second $second = Second::Free): self
    {
        return new self($method, $path, $fields, $second);
    }

    public function own(string ...$fields): self
    {
        return new self(
            $this->method,
            $this->path,
            $this->fields,
            $this->second,
            array_values($fields),
            $this->files,
            $this->headers,
            $this->holds,
            $this->mayBeRefused,
        );
    }

    public function file(string $field, string $name, string $content): self
    {
        return new self(
            $this->method,
            $this->path,
            $this->fields,
            $this->second,
            $this->own,
            [$field => [$name, $content]],
            $this->headers,
            $this->holds,
            $this->mayBeRefused,
        );
    }

    public function header(string $name, string $value): self
    {
        return new self(
            $this->method,
            $this->path,
            $this->fields,
            $this->second,
            $this->own,
            $this->files,
            [$name => $value],
            $this->holds,
            $this->mayBeRefused,
        );
    }

    /** @param Closure(): void $holds */
    public function holds(Closure $holds): self
    {
        return new self(
            $this->method,
            $this->path,
            $this->fields,
            $this->second,
            $this->own,
            $this->files,
            $this->headers,
            $holds,
            $this->mayBeRefused,
        );
    }

    /** In the shop as it is nobody's is stored: what is tried is that it breaks nothing. */
    public function refused(): self
    {
        return new self(
            $this->method,
            $this->path,
            $this->fields,
            $this->second,
            $this->own,
            $this->files,
            $this->headers,
            $this->holds,
            true,
        );
    }
}
