<?php

declare(strict_types=1);

namespace App\Foundation\Console;

use App\Foundation\Formats\UnfitInput;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Tape\NotATape;
use Hakama\Stitch\Tape\TapeReader;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** A command of docs/formats: one JSON object out, or one line on standard error and exit code 2. */
abstract class JsonCommand extends Command
{
    /** @return array<string, mixed> */
    abstract protected function answer(): array;

    public function handle(): int
    {
        try {
            $this->output->writeln(
                json_encode($this->answer(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
                OutputInterface::OUTPUT_RAW,
            );

            return 0;
        } catch (UnfitInput $e) {
            fwrite(STDERR, str_replace(["\r", "\n"], ' ', $e->getMessage())."\n");

            return 2;
        }
    }

    /** @return resource */
    protected function stream(string $file)
    {
        if ($file === '-') {
            return STDIN;
        }
        $stream = is_file($file) ? @fopen($file, 'rb') : false;

        return $stream === false ? throw UnfitInput::file($file) : $stream;
    }

    protected function contents(string $file): string
    {
        return (string) stream_get_contents($this->stream($file));
    }

    /** The tape in a file. */
    protected function pattern(string $file): Pattern
    {
        try {
            return (new TapeReader())->fromStream($this->stream($file));
        } catch (NotATape $e) {
            throw UnfitInput::because($file, $e);
        }
    }

    protected function number(string $option, int $least, int $most): int
    {
        $value = filter_var($this->option($option), FILTER_VALIDATE_INT, [
            'options' => ['min_range' => $least, 'max_range' => $most],
        ]);

        return $value === false
            ? throw UnfitInput::at("--{$option}", "a whole number from {$least} to {$most} is wanted here")
            : $value;
    }
}
