<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What bin/start says when it cannot: one line, an exit code, and nothing left behind. */
final class StartTest extends TestCase
{
    #[Test]
    public function a_taken_port_is_one_clear_line(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($taken);
        $port = explode(':', (string) stream_socket_get_name($taken, false))[1];

        $this->assertRefuses(["--port={$port}"], "port {$port} is taken");
        fclose($taken);
    }

    #[Test]
    public function a_port_that_is_none_and_a_word_it_does_not_know_are_refused(): void
    {
        $this->assertRefuses(['--port=soon'], '--port wants a number from 1 to 65535');
        $this->assertRefuses(['--port=70000'], '--port wants a number from 1 to 65535');
        $this->assertRefuses(['--colour=red'], 'usage: bin/start');
    }

    #[Test]
    public function a_database_that_will_not_start_is_one_clear_line_and_ends_what_was_started(): void
    {
        $folder = sys_get_temp_dir().'/hakama-start-'.bin2hex(random_bytes(4));
        mkdir("{$folder}/data/mysql", 0777, true);
        file_put_contents("{$folder}/data/ibdata1", 'this is no table space');
        $process = new Process(
            [
                'bash',
                '-c',
                "source bin/shell/common.sh; source bin/shell/database.sh; LOGS={$folder}; trap database_stop EXIT; database_start {$folder}/data 1 secret hakama",
            ],
            dirname(__DIR__, 2),
            timeout: 90,
        );
        $process->run();
        (new \Illuminate\Filesystem\Filesystem())->deleteDirectory($folder);

        self::assertNotSame(0, $process->getExitCode());
        self::assertStringContainsString('hakama: the database will not start', $process->getErrorOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
    }

    /** @param list<string> $arguments */
    private function assertRefuses(array $arguments, string $message): void
    {
        $process = new Process(['bin/start', ...$arguments], dirname(__DIR__, 2), timeout: 60);
        $process->run();

        self::assertNotSame(0, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"), $process->getErrorOutput());
        self::assertStringContainsString($message, $process->getErrorOutput());
    }
}
