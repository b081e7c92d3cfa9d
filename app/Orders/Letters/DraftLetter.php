<?php

declare(strict_types=1);

namespace App\Orders\Letters;

/** A letter as it is opened, before anybody sends it. */
final readonly class DraftLetter
{
    /** @param list<array{name: string, type: string, bytes: string}> $files that go with it */
    public function __construct(
        public LetterKind $kind,
        public string $to,
        public string $subject,
        public string $body,
        public array $files = [],
    ) {}

    public function typed(TypedLetter $typed): self
    {
        return new self($this->kind, $typed->to, $typed->subject, $typed->text, $this->files);
    }
}
