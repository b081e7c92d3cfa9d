<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;

/** A shop of one's own, from nothing to the first piece that is counted; and somebody who may not do everything. */
final class OwnShopTest extends BrowserTestCase
{
    private const PASSWORD = 'four words in a row';

    private static ?Process $server = null;
    private static string $url = '';
    private static string $files = '';

    public static function setUpBeforeClass(): void
    {
        self::$files = sys_get_temp_dir().'/own-'.bin2hex(random_bytes(5));
        mkdir(self::$files);
        $free = stream_socket_server('tcp://127.0.0.1:0');
        assert($free !== false);
        $port = explode(':', (string) stream_socket_get_name($free, false))[1];
        fclose($free);
        $env = [
            'DB_DATABASE' => 'hakama_own',
            'SHOP_FILES' => self::$files,
            'CACHE_STORE' => 'file',
            'PHP_CLI_SERVER_WORKERS' => '2',
        ];
        $root = dirname(__DIR__, 2);
        (new Process([PHP_BINARY, 'artisan', 'migrate:fresh', '--force'], $root, $env))->mustRun();
        (new Process([PHP_BINARY, 'artisan', 'shop:own'], $root, $env))->mustRun();
        self::$server = new Process(
            [PHP_BINARY, '-d', 'variables_order=EGPCS', '-S', "127.0.0.1:{$port}", '-t', 'public', 'public/server.php'],
            $root,
            $env,
            timeout: null,
        );
        self::$server->start();
        self::$url = "http://127.0.0.1:{$port}";
        for ($i = 0; $i < 100 && @file_get_contents(self::$url.'/up') === false; $i++) {
            usleep(100_000);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->stop(2);
        exec('rm -rf '.escapeshellarg(self::$files));
        parent::tearDownAfterClass();
    }

    #[Test]
    public function a_shop_goes_from_nothing_to_its_first_counted_piece(): void
    {
        $this->to('/');
        $this->sees('0 of 7 steps done');
        $this->type('#name', 'Hasp Lane');
        $this->type('#owner', 'Mirren');
        $this->type('#password', 'short');
        $this->type('#again', 'short');
        $this->press('Save');
        $this->sees('at least 10 characters');
        self::assertSame('Hasp Lane', $this->find('#name')->getAttribute('value'));
        $this->type('#password', self::PASSWORD);
        $this->type('#again', self::PASSWORD);
        $this->press('Save');
        $this->sees('Mirren is the owner and is signed in.');

        $this->type('#code', 'H1');
        $this->type('#title', 'First');
        $this->press('Add');
        $this->sees('H1: added');
        $this->browser->executeScript('document.querySelector("input[value=round]").checked = true');
        $this->press('Add ticked');
        $this->sees('3 frames added');
        $this->browser->executeScript(
            'document.querySelectorAll("[name=\'codes[]\']").forEach((box, i) => { box.checked = i < 4 })',
        );
        $this->press('Add to the shelf');
        $this->sees('4 threads added');
        $this->press('Skip for now');
        $this->type('#names', "Ann\nBo");
        $this->press('Add');
        $this->sees('Ann, Bo added.');
        $this->to('/begin?step=week');
        $this->press('Save these hours');
        $this->sees('Hasp Lane is ready');
        $this->press('Enter the first order');
        $this->sees('Your shop is set up.');

        // The first artwork, its threads, the order.
        $path = sys_get_temp_dir().'/own-bar-'.getmypid().'.dst';
        $builder = new PatternBuilder('BAR');
        for ($i = 1; $i <= 60; $i++) {
            $builder->stitchTo(200 * ($i % 2), 4 * $i);
        }
        file_put_contents($path, (new TapeWriter())->toString($builder->pattern()));
        $this->to('/artwork');
        $this->find('#tape')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->type('#name', 'Bar');
        $this->press('Upload');
        $this->sees('“Bar” added.');
        unlink($path);
        $this->find("[aria-label='Choose the thread for block 1']")->click();
        $this->find("[aria-label='Use D-01 for block 1']")->click();
        $this->sees('has all its threads');

        $this->to('/orders/new');
        $this->type('#customer', 'Fennel & Rook');
        $this->choose('#l0-garment', 'apron');
        $this->choose('#l0-fabric', 'canvas');
        $this->type('#l0-colour', 'ecru');
        $this->type('#l0-one', '2');
        $this->choose('#l0-p0', 'centre');
        $this->browser->executeScript(
            'const art = document.querySelector("#l0-a0"); art.selectedIndex = art.options.length - 1',
        );
        $this->set('#due_date', '2026-03-06');
        $this->press('Save order');
        $this->sees('saved.');
        $this->press('to set up');
        $this->sees('Which end goes to the machine');
        $this->press('Set up in');
        $this->sees('is set up and planned.');

        // The thread goes onto a needle, and the list is confirmed by hand.
        $this->to('/needles/H1');
        $this->sees('load one needle before');
        $this->browser->executeScript(
            'const form = [...document.querySelectorAll("form")].find((one) => '.
            '/needles\/H1\/\d+$/.test(one.action)); const thread = form.querySelector("[name=thread]"); '.
            'thread.value = "D-01"; form.requestSubmit()',
        );
        $this->sees('holds D-01');
        $this->to('/floor');
        $this->browser->executeScript(
            'document.querySelectorAll("#station [name=\'checked[]\']").forEach((box) => { box.checked = true })',
        );
        $this->choose('#who', 'Mirren');
        $this->press('All checked');
        $this->press('Start load 1');
        $this->press('Sewn');
        $this->press('Done: count this piece');
        $this->browser
            ->wait(10, 100)
            ->until(fn(): bool => str_contains($this->textOf('#station'), '1 / 2'), 'the piece is not counted');
        $this->to('/books');
        $this->sees('1');
        $this->to('/shop/changes');
        $this->sees('Hasp Lane was set up');
        $this->sees('Mirren');
        $this->anOperatorMayNotPlanAndIsToldSo();
    }

    private function anOperatorMayNotPlanAndIsToldSo(): void
    {
        $this->to('/shop/people');
        $this->browser->executeScript(
            'const row = [...document.querySelectorAll("tbody tr")].find((one) => one.textContent.includes("Bo")); '.
            'const form = row.querySelectorAll("form")[1]; form.querySelector("[name=secret]").value = '.
            'arguments[0]; form.requestSubmit()',
            [self::PASSWORD],
        );
        $this->sees('Bo: password changed');
        $this->press('Sign out');
        $this->sees('stay signed in on this computer');
        $this->to('/orders');
        $this->sees('stay signed in on this computer');
        $this->type('#name', 'Bo');
        $this->type('#password', 'not the right one');
        $this->press('Sign in');
        $this->sees('Name and password do not match.');
        $this->type('#password', self::PASSWORD);
        $this->press('Sign in');
        $this->sees('You are signed in as Bo, operator.');
        $this->to('/shop/people');
        $this->sees('Not allowed for your role');
        $this->to('/orders/1001/change');
        $this->type('#note', 'Bo was here');
        $this->press('Save changes');
        $this->sees('Not allowed for your role');
        $this->to('/orders/1001');
        self::assertStringNotContainsString('Bo was here', $this->text());
    }

    private function to(string $path): void
    {
        $this->browser->get(self::$url.$path);
    }
}
