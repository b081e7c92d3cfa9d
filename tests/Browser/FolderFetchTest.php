<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A program that knows nothing of the shop lists a machine's folder and fetches from it, as a controller does. */
final class FolderFetchTest extends TestCase
{
    #[Test]
    public function a_strange_webdav_client_fetches_what_is_sewn_next(): void
    {
        $home = sys_get_temp_dir().'/fetch-'.bin2hex(random_bytes(6));
        mkdir($home);
        $word = hash_hmac('sha256', 'machine M1', (string) getenv('MACHINE_SECRET'));
        file_put_contents("{$home}/.netrc", "machine 127.0.0.1 login M1 password {$word}\n");
        chmod("{$home}/.netrc", 0o600);
        try {
            $client = new Process(
                ['cadaver', getenv('TEST_URL').'/machines/folder/'],
                $home,
                ['HOME' => $home],
                "ls\nmget 0*.DST\nget LIST.JSN\nput LIST.JSN X.JSN\nquit\n",
            );
            $client->mustRun();
            $said = $client->getOutput().$client->getErrorOutput();
            self::assertStringContainsString('405 Method Not Allowed', $said);
            self::assertStringNotContainsString('Error:', $said);
            $list = json_decode((string) file_get_contents("{$home}/LIST.JSN"), true, flags: JSON_THROW_ON_ERROR);
            self::assertNotSame([], $list['files']);
            foreach ($list['files'] as $file) {
                self::assertMatchesRegularExpression("/{$file['name']} +{$file['bytes']} /", $said);
                self::assertSame($file['sha256'], hash_file('sha256', "{$home}/{$file['name']}"));
            }
        } finally {
            array_map(unlink(...), glob("{$home}/{,.}[!.]*", GLOB_BRACE) ?: []);
            rmdir($home);
        }
    }
}
