<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Foundation\Console\Sweep;
use App\Foundation\Http\SentForm;
use Illuminate\Cache\FileStore;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What is kept of whoever sits before a page: written when it changes, and cleared away by nobody's page. */
final class KeptSessionTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/sessions-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        config(['session.driver' => 'file', 'session.files' => $this->folder]);
        app()->forgetInstance('session');
        app()->forgetInstance('session.store');
    }

    protected function tearDown(): void
    {
        (new Filesystem())->deleteDirectory($this->folder);
        parent::tearDown();
    }

    #[Test]
    public function a_page_that_only_reads_it_does_not_write_it(): void
    {
        $kept = $this->visit('/orders');
        touch($kept, time() - 500);
        clearstatcache();
        $before = filemtime($kept);
        foreach (['/plan', '/shop', '/floor/board'] as $page) {
            self::assertSame($kept, $this->visit($page));
        }
        clearstatcache();
        self::assertSame($before, filemtime($kept));

        // What is chosen at a desk is.
        $this->post('/language', ['language' => 'es'])->assertRedirect();
        clearstatcache();
        self::assertGreaterThan($before, filemtime($kept));
        self::assertStringContainsString('"es"', (string) file_get_contents($kept));
    }

    #[Test]
    public function in_use_for_an_hour_it_is_written_so_that_it_is_not_cleared_away(): void
    {
        $kept = $this->visit('/orders');
        $long = preg_replace_callback(
            '/"_used";i:(\d+);/',
            static fn(array $at): string => '"_used";i:'.((int) $at[1] - 4000).';',
            (string) file_get_contents($kept),
        );
        file_put_contents($kept, (string) $long);
        touch($kept, time() - 4000);
        $this->visit('/orders');
        clearstatcache();
        self::assertGreaterThan(time() - 60, filemtime($kept));
    }

    #[Test]
    public function what_is_wrong_in_a_form_is_said_on_its_page_whatever_the_browser_says_of_where_it_comes_from(): void
    {
        $this->visit('/orders');
        $this->post('/shop/threads', ['code' => '', '_from' => '/shop/threads?page=2'])
            ->assertRedirect(url('/shop/threads?page=2'));
        // An address elsewhere is none of ours.
        $this->post('/shop/threads', ['code' => '', '_from' => 'https://elsewhere.example/'])
            ->assertRedirect(url('/'));
    }

    #[Test]
    public function one_that_nobody_has_used_for_a_week_is_cleared_away_and_no_other(): void
    {
        $kept = $this->visit('/orders');
        touch("{$this->folder}/old", time() - 8 * 86_400);
        app(Sweep::class)->sweep();

        self::assertFileExists($kept);
        self::assertFileDoesNotExist("{$this->folder}/old");
    }

    #[Test]
    public function what_was_kept_of_a_page_goes_when_its_time_is_over(): void
    {
        config(['cache.stores.file.path' => $this->folder]);
        $store = new FileStore(new Filesystem(), $this->folder);
        $store->put('short', 'a drawing', 1);
        $store->put('long', 'another', 3600);
        $store->forever('ever', 'rules');
        file_put_contents("{$this->folder}/none-of-ours", 'x');
        // The clock of a test stands still; that of the disk does not.
        $file = $store->path('short');
        file_put_contents($file, (time() - 5).substr((string) file_get_contents($file), 10));
        $later = $store->path('long');
        file_put_contents($later, (time() + 3600).substr((string) file_get_contents($later), 10));
        app(Sweep::class)->sweep();

        self::assertFileDoesNotExist($file);
        self::assertFileExists($later);
        self::assertFileExists($store->path('ever'));
        self::assertFileExists("{$this->folder}/none-of-ours");
    }

    #[Test]
    public function a_form_in_a_part_that_was_drawn_anew_stands_on_its_page(): void
    {
        $move = Request::create('/plan/moves', 'POST', server: [
            'HTTP_HX_CURRENT_URL' => 'http://127.0.0.1:8080/plan?zoom=week',
        ]);
        app()->instance('request', $move);
        self::assertStringContainsString('name="_from" value="/plan?zoom=week"', SentForm::fields());
    }

    /** The file in which the session of this desk is kept by then. */
    private function visit(string $page): string
    {
        $answer = $this->get($page)->assertOk();
        $id = (string) $answer->getCookie('hakama', false)?->getValue();
        $this->withUnencryptedCookie('hakama', $id);

        return "{$this->folder}/{$id}";
    }
}
