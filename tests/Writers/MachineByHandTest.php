<?php

declare(strict_types=1);

namespace Tests\Writers;

use App\Floor\Actions\AppendEvent;
use App\Floor\Log\FloorLog;
use App\People\Models\Pairing;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;

/** The document of the line to the machines, gone through from top to bottom with curl alone. */
final class MachineByHandTest extends WritersTestCase
{
    #[Test]
    public function every_line_of_the_document_is_answered_as_it_says(): void
    {
        [$machine, $batch] = Writes::sewing();
        $document = (string) file_get_contents(dirname(__DIR__, 2).'/docs/machines.md');
        self::assertSame(1, preg_match('/```sh\n(.*?)```/s', $document, $found));
        $with = [
            'SHOP' => (string) getenv('WRITERS_URL'),
            'CODE' => Pairing::open($machine->id),
            'TOKEN' => '',
            'LOAD' => (string) FloorLog::run($batch)->load->event,
        ];
        $wanted = '';
        $said = 0;
        foreach (explode("\n", trim($found[1])) as $line) {
            if (str_starts_with($line, '# a hand touches')) {
                app(AppendEvent::class)->append(
                    $machine,
                    $batch,
                    new Event(Str::uuid()->toString(), EventKind::Resumed, $batch->id, FloorLog::run($batch)->load->number),
                    'hand',
                    'Odo',
                );
            } elseif (str_starts_with($line, '#')) {
                $wanted = substr($line, 2);
            } else {
                $curl = Process::fromShellCommandline(
                    "{$line} -w '\n%{http_code}'",
                    sys_get_temp_dir(),
                    [...getenv(), ...$with],
                );
                $curl->mustRun();
                $answer = trim($curl->getOutput());
                [$status, $words] = [...explode(' ', $wanted, 2), ''];
                self::assertStringEndsWith($status, $answer, $line);
                self::assertStringContainsString($words, str_replace('\"', '"', $answer), $line);
                if (preg_match('/"token":"(\w+)"/', $answer, $token) === 1) {
                    $with['TOKEN'] = $token[1];
                }
                $said++;
            }
        }
        self::assertSame(14, $said);
    }
}
