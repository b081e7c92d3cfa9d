<?php

declare(strict_types=1);

namespace App\Stock\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\UnfitInput;
use Hakama\Thread\Lab;

final class ThreadDifference extends JsonCommand
{
    protected $signature = 'thread:difference {numbers* : L1 a1 b1 L2 a2 b2}';
    protected $description = 'Says how different two colours of CIE Lab look (CIEDE2000)';

    protected function configure(): void
    {
        parent::configure();
        // Negative numbers would be taken for options otherwise.
        $this->ignoreValidationErrors();
    }

    protected function answer(): array
    {
        $given = array_slice($_SERVER['argv'] ?? [], 2);
        $given = array_values(array_filter($given, static fn(mixed $word): bool => $word !== '--'));
        if (count($given) !== 6) {
            throw UnfitInput::at('thread:difference', 'six numbers are wanted: L1 a1 b1 L2 a2 b2');
        }
        $n = array_map(
            static fn(mixed $word): float => is_numeric($word)
                ? (float) $word
                : throw UnfitInput::at((string) $word, 'is no number'),
            $given,
        );

        return ['delta_e' => round((new Lab($n[0], $n[1], $n[2]))->differenceTo(new Lab($n[3], $n[4], $n[5])), 4)];
    }
}
