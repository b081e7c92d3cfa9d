<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** One oddity of a pattern, in words for the person who has to sew it. */
final readonly class Finding
{
    public function __construct(
        public FindingCode $code,
        public string $message,
    ) {}
}
