<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Exception\ProcessSignaledException;
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
                "source bin/shell/common.sh; source bin/shell/database.sh; LOGS={$folder}; trap database_stop EXIT; ".
                "database_start {$folder}/data 1 secret hakama",
            ],
            dirname(__DIR__, 3),
            timeout: 90,
        );
        $process->run();
        (new Filesystem())->deleteDirectory($folder);

        self::assertNotSame(0, $process->getExitCode());
        self::assertStringContainsString('hakama: the database will not start', $process->getErrorOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
    }

    #[Test]
    public function what_a_killed_start_left_is_ended_also_where_only_what_was_forked_is_left(): void
    {
        $folder = sys_get_temp_dir().'/hakama-left-'.bin2hex(random_bytes(4));
        mkdir($folder);
        // The leader of a group is killed alone, as when the whole of bin/start goes; what it forked holds the port still.
        $script = <<<'SH'
        source bin/shell/common.sh
        LOGS=$1
        RUNNING=$1/running
        setsid bash -c 'sleep 300 & echo $! >"$0/forked"; wait' "$1" >/dev/null 2>&1 &
        leader=$!
        until [ -s "$1/forked" ]; do sleep 0.05; done
        remember "$leader"
        # Another's, under a number that was one of ours once: left alone.
        sleep 300 >/dev/null 2>&1 &
        other=$!
        printf '%s 1\n' "$other" >>"$RUNNING"
        kill -KILL "$leader"
        wait "$leader" 2>/dev/null || true
        kill -0 "$(cat "$1/forked")" && echo "forked lives"
        clear_left_behind
        sleep 0.2
        kill -0 "$(cat "$1/forked")" 2>/dev/null || echo "forked is gone"
        kill -0 "$other" && echo "the other lives"
        kill -KILL "$other"
        [ ! -f "$RUNNING" ] && echo "nothing is written down"
        SH;
        $process = new Process(['bash', '-c', $script, 'bash', $folder], dirname(__DIR__, 3), timeout: 30);
        $process->run();
        (new Filesystem())->deleteDirectory($folder);
        foreach (['forked lives', 'forked is gone', 'the other lives', 'nothing is written down'] as $said) {
            self::assertStringContainsString($said, $process->getOutput(), $process->getErrorOutput());
        }
    }

    /** @return iterable<string, array{string, bool}> what stands there before a start, and whether it is a shop */
    public static function shops(): iterable
    {
        yield 'a first start' => ['', false];
        yield 'an upgrade' => ['old', true];
    }

    /** The start is killed at each of its commands in turn, and begun again: it comes to the same in the end. */
    #[Test]
    #[DataProvider('shops')]
    public function a_start_that_is_killed_while_it_changes_the_tables_loses_nothing_and_starts_again(
        string $before,
        bool $isShop,
    ): void {
        $folder = sys_get_temp_dir().'/hakama-upgrade-'.bin2hex(random_bytes(4));
        $files = new Filesystem();
        $killed = $halves = 0;
        for ($at = 1; $at === 1 || ($killed === $at - 1 && $at < 200); $at++) {
            $files->deleteDirectory($folder);
            mkdir($folder, 0777, true);
            if ($isShop) {
                mkdir("{$folder}/database");
                file_put_contents("{$folder}/database/tables", $before);
                file_put_contents("{$folder}/tables", 'the sign before');
            }
            $killed += $this->upgrade($folder, $at) === 137 ? 1 : 0;
            $halves += @file_get_contents("{$folder}/database/tables") === 'half' ? 1 : 0;

            // What the next start works on is never half of anything.
            self::assertSame(0, $this->upgrade($folder, 0), "after a kill at command {$at}");
            self::assertSame(
                'half'.($isShop ? ' of old' : '').' new',
                file_get_contents("{$folder}/log"),
                (string) $at,
            );
            self::assertSame('new', file_get_contents("{$folder}/database/tables"));
            self::assertSame('the sign', file_get_contents("{$folder}/tables"));
            self::assertSame(
                ['database', 'log', 'tables'],
                array_values(array_diff((array) scandir($folder), ['.', '..'])),
                'nothing is left behind',
            );
        }
        $files->deleteDirectory($folder);
        self::assertGreaterThan(15, $killed);
        self::assertGreaterThan(0, $halves, 'some kills left the tables half changed');
    }

    /** Changes the tables as bin/start does, killed at a command of it; 0 lets it come to its end. */
    private function upgrade(string $folder, int $killAt): int
    {
        $process = new Process(
            [
                'bash',
                '-c',
                <<<BASH
                source bin/shell/common.sh; source bin/shell/upgrade.sh
                change() {
                    upgrade_begin {$folder} 'the sign'
                    mkdir -p {$folder}/database
                    was=\$(cat {$folder}/database/tables 2>/dev/null || true)
                    if [ "\$was" != new ]; then
                        printf half >{$folder}/database/tables
                        printf '%s' "half\${was:+ of \$was} new" >{$folder}/log
                        printf new >{$folder}/database/tables
                    fi
                    upgrade_done {$folder} 'the sign'
                }
                n=0
                if [ {$killAt} -gt 0 ]; then
                    set -T
                    trap '(( ++n == {$killAt} )) && kill -9 \$\$ || true' DEBUG
                fi
                change >/dev/null
                BASH
                ,
            ],
            dirname(__DIR__, 3),
            timeout: 60,
        );
        try {
            return $process->run();
        } catch (ProcessSignaledException $e) {
            return 128 + $e->getSignal();
        }
    }

    /** @param list<string> $arguments */
    private function assertRefuses(array $arguments, string $message): void
    {
        $process = new Process(['bin/start', ...$arguments], dirname(__DIR__, 3), timeout: 60);
        $process->run();

        self::assertNotSame(0, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"), $process->getErrorOutput());
        self::assertStringContainsString($message, $process->getErrorOutput());
    }
}
