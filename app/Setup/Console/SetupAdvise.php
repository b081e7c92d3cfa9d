<?php

declare(strict_types=1);

namespace App\Setup\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use App\Setup\AdviceFile;
use App\Setup\SetupCaseFile;
use Symfony\Component\Console\Output\OutputInterface;

final class SetupAdvise extends JsonCommand
{
    protected $signature = 'setup:advise {file : JSON, or - for standard input}
        {--lines : the file holds one decoration a line; one line is answered for each}';
    protected $description = 'Says how to set up one decoration, and why';

    public function handle(): int
    {
        return $this->option('lines') ? $this->lines() : parent::handle();
    }

    protected function answer(): array
    {
        $file = (string) $this->argument('file');

        return AdviceFile::of(SetupCaseFile::read(Json::of($file, $this->contents($file))));
    }

    /** A line that is no decoration is answered with what is wrong with it, and the next one is read. */
    private function lines(): int
    {
        $file = (string) $this->argument('file');
        try {
            $stream = $this->stream($file);
        } catch (UnfitInput $e) {
            fwrite(STDERR, "{$e->getMessage()}\n");

            return 2;
        }
        for ($number = 1; ($line = fgets($stream)) !== false; $number++) {
            if (trim($line) === '') {
                continue;
            }
            try {
                $answer = AdviceFile::of(SetupCaseFile::read(Json::of("line {$number}", $line)));
            } catch (UnfitInput $e) {
                $answer = ['error' => $e->getMessage()];
            }
            $this->output->writeln(
                json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
                OutputInterface::OUTPUT_RAW,
            );
        }

        return 0;
    }
}
