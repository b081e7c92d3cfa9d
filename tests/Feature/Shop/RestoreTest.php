<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Shop\Backup\Backup;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;

/** A backup may come from anybody: what it holds is looked at, and nothing of it is run. */
final class RestoreTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/restore-'.bin2hex(random_bytes(6));
        mkdir("{$this->folder}/in", recursive: true);
        mkdir("{$this->folder}/out");
        config(['shop.backups' => "{$this->folder}/backups"]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** @return iterable<string, array{string, string}> what is done to the folder it is packed from, what is said */
    public static function hostile(): iterable
    {
        $sum = str_repeat('a', 64);
        yield 'a link' => ["mkdir -p files/tapes; ln -s /etc/passwd files/tapes/{$sum}.dst", 'no file'];
        yield 'a link to a folder' => ['mkdir files; ln -s /etc files/tapes', 'no file'];
        yield 'a hard link' => ["mkdir -p files/tapes; ln shop.sql files/tapes/{$sum}.dst", 'no file'];
        yield 'a pipe' => ['mkfifo keys.env', 'no file'];
        yield 'a path out' => ['mkdir -p files/tapes; touch ../beside', 'none of a shop'];
        yield 'another file' => ['touch bashrc', 'none of a shop'];
        yield 'a script among the tapes' => ['mkdir -p files/tapes; touch files/tapes/x.php', 'none of a shop'];
    }

    #[Test]
    #[DataProvider('hostile')]
    public function what_is_no_backup_of_a_shop_is_not_unpacked(string $done, string $said): void
    {
        $this->pack($done);
        $answer = $this->shell("unpack_backup {$this->folder}/evil.tar.gz {$this->folder}/out");
        self::assertNotSame(0, $answer->getExitCode());
        self::assertStringContainsString($said, $answer->getErrorOutput());
        self::assertSame([], array_diff(scandir("{$this->folder}/out") ?: [], ['.', '..']));
    }

    #[Test]
    public function what_is_larger_than_the_disk_is_not_unpacked(): void
    {
        $this->pack('true');
        $answer = $this->shell(
            // A disk on which next to nothing is free.
            "df() { printf 'x\\nx x x 0 x x\\n'; }; unpack_backup {$this->folder}/evil.tar.gz {$this->folder}/out",
        );
        self::assertStringContainsString('larger than half of what is free', $answer->getErrorOutput());
    }

    #[Test]
    public function keys_are_read_and_never_run(): void
    {
        file_put_contents(
            "{$this->folder}/keys.env",
            "APP_KEY=base64:".str_repeat('A', 43)."=\n".
                "DB_PASSWORD=\$(touch {$this->folder}/ran)\n".
                "MACHINE_SECRET=abcdef0123456789\n".
                "touch {$this->folder}/ran\n".
                "PATH=/tmp\n".
                "LD_PRELOAD=/tmp/x.so\n",
        );
        $answer = $this->shell("keys_of {$this->folder}/keys.env");
        self::assertSame(
            'APP_KEY=base64:'.str_repeat('A', 43)."=\nMACHINE_SECRET=abcdef0123456789\n",
            $answer->getOutput(),
        );
        self::assertFileDoesNotExist("{$this->folder}/ran");
    }

    /** @return iterable<string, array{string}> */
    public static function hostileSql(): iterable
    {
        yield 'a file is written' => ["select 'x' into outfile '%s/ran';"];
        yield 'a file is read' => ["create table t (x text); load data infile '/etc/passwd' into table t;"];
        yield 'a file of the client is read' => [
            "create table t (x text); load data local infile '/etc/passwd' into table t;",
        ];
        yield 'somebody is let in' => ["create user evil@'%%' identified by 'x';"];
        yield 'a command is run' => ["\\! touch %s/ran\nselect nothing;"];
        yield 'another schema' => ['create database elsewhere;'];
        yield 'the tables of the server' => ["insert into mysql.global_priv values ('%%', 'evil', '{}');"];
    }

    #[Test]
    #[DataProvider('hostileSql')]
    public function what_is_loaded_touches_nothing_but_the_tables_of_the_shop(string $sql): void
    {
        file_put_contents("{$this->folder}/out/shop.sql", sprintf($sql, $this->folder));
        $of = config('database.connections.mariadb');
        file_put_contents(
            "{$this->folder}/shop.cnf",
            "[client]\nuser={$of['username']}\npassword={$of['password']}\nhost={$of['host']}\nport={$of['port']}\n",
        );
        $answer = $this->shell(
            "DB_SOCKET_DIR={$this->folder} BACKUP_INTO=hakama_own load_backup {$this->folder}/out",
        );
        self::assertNotSame(0, $answer->getExitCode(), $answer->getOutput());
        self::assertStringContainsString('could not be loaded', $answer->getErrorOutput());
        self::assertFileDoesNotExist("{$this->folder}/ran");
        DB::statement('drop table if exists hakama_own.t');
    }

    #[Test]
    public function a_shop_without_a_tape_or_a_picture_is_backed_up_and_every_file_of_another_has_its_sum(): void
    {
        config(['filesystems.disks.local.root' => "{$this->folder}/nothing"]);
        $backup = Backup::make();
        $unpacked = $this->shell("unpack_backup {$backup->path} {$this->folder}/out");
        self::assertSame(0, $unpacked->getExitCode(), $unpacked->getErrorOutput());

        mkdir("{$this->folder}/some/tapes", recursive: true);
        $names = array_map(static fn(int $i): string => hash('sha256', (string) $i).'.dst', range(1, 3));
        foreach ($names as $i => $name) {
            file_put_contents("{$this->folder}/some/tapes/{$name}", "tape {$i}");
        }
        config(['filesystems.disks.local.root' => "{$this->folder}/some"]);
        $backup = Backup::make(now()->addSecond());
        File::cleanDirectory("{$this->folder}/out");
        $unpacked = $this->shell("unpack_backup {$backup->path} {$this->folder}/out");
        self::assertSame(0, $unpacked->getExitCode(), $unpacked->getErrorOutput());
        $told = json_decode((string) file_get_contents("{$this->folder}/out/about.json"), true)['files'];
        self::assertCount(3, $told);
        self::assertSame([], Backup::damaged($told, "{$this->folder}/out/files"));
        file_put_contents("{$this->folder}/out/files/tapes/{$names[0]}", 'another');
        unlink("{$this->folder}/out/files/tapes/{$names[2]}");
        self::assertEqualsCanonicalizing(
            ["tapes/{$names[0]} is damaged: its sum is another.", "tapes/{$names[2]} is missing."],
            Backup::damaged($told, "{$this->folder}/out/files"),
        );
    }

    /** A backup of nothing, to whose folder something was done before it was packed. */
    private function pack(string $done): void
    {
        $this->done(
            "cd {$this->folder}/in && echo 'select 1;' > shop.sql && ".
                'printf \'{"tables":{},"sum":"%s"}\' "$(sha256sum shop.sql | cut -d" " -f1)" > about.json && '.
                "{$done}; tar -czPf ../evil.tar.gz shop.sql about.json ".
                '$(ls -d files/tapes/* files/tapes keys.env bashrc ../beside 2>/dev/null)',
        );
    }

    private function done(string $command): void
    {
        Process::fromShellCommandline($command)->mustRun();
    }

    private function shell(string $command): Process
    {
        $shell = base_path('bin/shell');
        $process = new Process(['bash', '-c', "source {$shell}/common.sh; source {$shell}/prove.sh; {$command}"]);
        $process->run();

        return $process;
    }
}
