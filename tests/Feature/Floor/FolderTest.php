<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Artwork\Models\Artwork;
use App\Floor\Folder\FetchedBy;
use App\Floor\Models\TapeFetch;
use App\Orders\Models\Order;
use DOMDocument;
use DOMXPath;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\Feature\FeatureTestCase;
use ZipArchive;

/** What a machine sews next lies in a folder of its own, under names that change with the tape. */
final class FolderTest extends FeatureTestCase
{
    #[Test]
    public function tapes_lie_in_the_order_of_the_plan_with_what_is_set_for_each(): void
    {
        self::polos();
        $files = $this->files();
        $this->get('/floor/M2/files')->assertOk()->assertSee($files[0]['name'])->assertSee('not on the machine yet');
        $placed = self::board()->timetable()->on('M2');
        self::assertSame(array_map(static fn($one): string => $one->batch->id, $placed), array_column($files, 'batch'));
        foreach ($files as $i => $file) {
            self::assertMatchesRegularExpression(sprintf('/^%02d[0-9A-Z]{6}\.DST$/', $i + 1), $file['name']);
            $open = self::board()->batches()[$file['batch']];
            self::assertSame($placed[$i]->changes->cones->order, array_column($file['needles'], 'needle'));
            self::assertSame($open->batch->equipment->threads, array_column($file['needles'], 'thread'));
            $tape = (string) $this->get("/machines/folder/{$file['name']}", self::bearer('M2'))->assertOk()->getContent();
            self::assertSame([$file['bytes'], $file['sha256']], [strlen($tape), hash('sha256', $tape)]);
            $artwork = Artwork::query()->findOrFail($open->design->id);
            self::assertSame(Storage::get($artwork->tapePath()), $tape);
        }
        $text = (string) $this->get('/machines/folder/LIST.TXT', self::bearer('M2'))->assertOk()->getContent();
        self::assertStringContainsString("{$files[0]['name']}  {$files[0]['batch']}  {$files[0]['design']}\r\n", $text);
        self::assertStringContainsString('Needles '.implode('-', array_column($files[0]['needles'], 'needle')), $text);
    }

    #[Test]
    public function on_its_cap_driver_a_machine_turns_the_design_itself_unless_it_is_known_not_to(): void
    {
        $order = self::running('M1');
        $cap = static fn(array $files): int => $files[0]['turn_deg'];
        self::assertSame(180, self::decoration($order)->setup?->turn_deg);
        self::assertSame(0, $cap($this->files('M1')));
        self::machine('M1')->update(['turns_caps' => false]);
        self::outdate();
        self::assertSame(180, $cap($this->files('M1')));
    }

    #[Test]
    public function a_controller_finds_its_way_by_webdav(): void
    {
        self::polos();
        $files = $this->files();
        $this->call('OPTIONS', '/machines/folder', server: $this->server())->assertOk()->assertHeader('DAV', '1');
        $all = $this->propfind('/machines/folder/', '1');
        self::assertSame('/machines/folder/', $this->value($all, '(//d:response)[1]/d:href'));
        self::assertSame('1', $this->value($all, 'count(//d:collection)'));
        self::assertSame((string) (count($files) + 3), $this->value($all, 'count(//d:response)'));
        $of = "//d:response[d:href='/machines/folder/{$files[0]['name']}']//d:prop";
        self::assertSame((string) $files[0]['bytes'], $this->value($all, "{$of}/d:getcontentlength"));
        self::assertSame("\"{$files[0]['sha256']}\"", $this->value($all, "{$of}/d:getetag"));
        // What the lists are long is what is sent.
        foreach (['LIST.TXT', 'LIST.JSN'] as $list) {
            self::assertSame(
                (string) strlen((string) $this->get("/machines/folder/{$list}", self::bearer('M2'))->getContent()),
                $this->value($all, "//d:response[d:href='/machines/folder/{$list}']//d:getcontentlength"),
            );
        }
        $one = $this->propfind("/machines/folder/{$files[0]['name']}", '0', '<?xml version="1.0"?><D:propfind '.
            'xmlns:D="DAV:"><D:prop><D:getcontentlength/><x:colour xmlns:x="urn:x"/></D:prop></D:propfind>');
        self::assertSame('1', $this->value($one, 'count(//d:response)'));
        self::assertSame((string) $files[0]['bytes'], $this->value($one, '//d:getcontentlength'));
        self::assertSame('HTTP/1.1 404 Not Found', $this->value($one, '//d:propstat[d:prop/x:colour]/d:status'));
        self::assertSame('1', $this->value($this->propfind('/machines/folder', '0'), 'count(//d:response)'));

        $this->call('PROPFIND', '/machines/folder/NONE.DST', server: $this->server())->assertNotFound();
        $this->call('PROPFIND', '/machines/folder', server: $this->server(), content: '<a>')->assertStatus(400);
        $secret = '<!DOCTYPE a [<!ENTITY e SYSTEM "file:///etc/hostname">]><d:propfind xmlns:d="DAV:"><d:prop>'.
            '<d:getetag>&e;</d:getetag></d:prop></d:propfind>';
        $told = $this->call('PROPFIND', '/machines/folder', server: $this->server(), content: $secret);
        self::assertStringNotContainsString(trim((string) gethostname()), (string) $told->getContent());
        // Nothing can be put there or taken away.
        foreach (['PUT', 'DELETE', 'MKCOL', 'MOVE', 'LOCK', 'PROPPATCH'] as $method) {
            $this->call($method, "/machines/folder/{$files[0]['name']}", server: $this->server())->assertStatus(405);
        }
    }

    #[Test]
    public function nobody_reads_it_without_the_word_of_the_machine_and_each_reads_its_own(): void
    {
        self::polos();
        $this->get('/machines/folder')->assertUnauthorized()->assertHeader('WWW-Authenticate');
        $this->get('/machines/folder', ['Authorization' => 'Basic '.base64_encode('M2:guess')])->assertUnauthorized();
        $this->get('/machines/folder')->assertUnauthorized();
        $name = $this->files()[0]['name'];
        $this->get("/machines/folder/{$name}", self::bearer('M3'))->assertNotFound();
    }

    #[Test]
    public function what_was_fetched_is_seen_and_a_changed_design_has_another_name(): void
    {
        $order = self::polos();
        $file = $this->files()[0];
        $path = "/machines/folder/{$file['name']}";
        // To ask how long it is, or whether it is still the same, is not to fetch it.
        $this->call('HEAD', $path, server: $this->server())->assertOk();
        $this->get($path, [...self::bearer('M2'), 'If-None-Match' => "\"{$file['sha256']}\""])->assertStatus(304);
        self::assertSame(0, TapeFetch::query()->count());
        $this->get($path, self::bearer('M2'))->assertOk();
        $this->get($path, self::bearer('M2'))->assertOk();
        $fetch = TapeFetch::query()->sole();
        self::assertSame([$file['name'], FetchedBy::Network], [$fetch->name, $fetch->way]);
        $this->get('/floor/M2/files')->assertSee('over the network')->assertDontSee('Delete on');

        $this->change($order);
        $now = $this->files()[0];
        self::assertSame($file['batch'], $now['batch']);
        self::assertNotSame($file['name'], $now['name']);
        $this->get($path, self::bearer('M2'))->assertNotFound();
        $this->get('/floor/M2/files')->assertSee("Delete on M2: {$file['name']}")->assertSee('not on the machine yet');
        // And where it would be sewn from: before the first load.
        $this->get('/floor/M2')->assertSee("Delete on the machine first: {$file['name']}");
    }

    #[Test]
    public function all_of_it_goes_on_a_stick_and_one_alone_too(): void
    {
        self::polos();
        $files = $this->files();
        $sent = $this->post('/floor/M2/stick')->assertOk()->assertDownload('M2.zip')->baseResponse;
        assert($sent instanceof BinaryFileResponse);
        $zip = new ZipArchive();
        self::assertTrue($zip->open($sent->getFile()->getPathname(), ZipArchive::CHECKCONS));
        self::assertSame(count($files) + 2, $zip->numFiles);
        foreach ($files as $file) {
            self::assertSame($file['sha256'], hash('sha256', (string) $zip->getFromName($file['name'])));
        }
        self::assertSame(
            $files,
            json_decode((string) $zip->getFromName('LIST.JSN'), true, flags: JSON_THROW_ON_ERROR)['files'],
        );
        $zip->close();
        unlink($sent->getFile()->getPathname());
        self::assertSame(count($files), TapeFetch::query()->where('way', FetchedBy::Stick)->count());
        $one = $this->post("/floor/M2/files/{$files[0]['name']}")->assertOk()->assertDownload($files[0]['name']);
        self::assertSame($files[0]['sha256'], hash('sha256', (string) $one->getContent()));
        $this->post('/floor/M2/files/01000000.DST')->assertNotFound();
    }

    /** @return list<array{name: string, batch: string, design: string, bytes: int, sha256: string, turn_deg: int, needles: list<array{needle: int, thread: string}>}> */
    private function files(string $machine = 'M2'): array
    {
        return $this->get('/machines/folder', self::bearer($machine))->assertOk()->json('files');
    }

    private function change(Order $order): void
    {
        $artwork = self::decoration($order)->artwork ?? self::fail();
        $this->post("/artwork/{$artwork->id}/file", [
            'tape' => self::upload(self::tape(60), 'other.dst'),
            'why' => 'thinner letters',
            'sure' => 1,
        ])->assertSessionHasNoErrors();
        self::outdate();
    }

    /** @return array<string, string> */
    private function server(): array
    {
        return ['HTTP_AUTHORIZATION' => self::bearer('M2')['Authorization']];
    }

    private function propfind(string $path, string $depth, string $body = ''): DOMXPath
    {
        $answer = $this->call(
            'PROPFIND',
            $path,
            server: [...$this->server(), 'HTTP_DEPTH' => $depth],
            content: $body,
        );
        assert($answer instanceof TestResponse);
        $answer->assertStatus(207);
        $document = new DOMDocument();
        self::assertTrue($document->loadXML((string) $answer->getContent()));
        $found = new DOMXPath($document);
        $found->registerNamespace('d', 'DAV:');
        $found->registerNamespace('x', 'urn:x');

        return $found;
    }

    private function value(DOMXPath $in, string $path): string
    {
        return (string) $in->evaluate("string({$path})");
    }
}
