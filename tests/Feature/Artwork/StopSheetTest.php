<?php

declare(strict_types=1);

namespace Tests\Feature\Artwork;

use App\Artwork\Models\Artwork;
use App\Floor\Log\FloorLog;
use App\Setup\Models\Setup;
use Hakama\Artwork\BlockRole;
use Hakama\Floor\Stage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class StopSheetTest extends FeatureTestCase
{
    #[Test]
    public function the_sheet_shows_every_step_with_its_picture_and_what_is_proposed(): void
    {
        $leaf = self::artwork('Applied leaf');
        $this->get("/artwork/{$leaf->id}/stops")
            ->assertOk()
            ->assertSee('Check block 1, 2 and 3')
            ->assertSee('Stop: lay the cloth')
            ->assertSee('Stop: trim the cloth')
            ->assertSee('goes on by itself')
            ->assertSee(
                "stops after stitch {$leaf->blocks[0]->stitches}, ".
                    ($leaf->blocks[0]->stitches + $leaf->blocks[1]->stitches).
                    '.',
            );
        $svg = simplexml_load_string((string) $this->get("/artwork/{$leaf->id}/drawing.svg?block=3")->getContent());
        self::assertNotFalse($svg);
        self::assertSame(
            ['#d8d0c0', '#d8d0c0', $leaf->blocks[2]->thread?->hex],
            array_map(static fn($path): string => (string) $path['stroke'], iterator_to_array($svg->g->path, false)),
        );
        $this->get("/artwork/{$leaf->id}/drawing.svg?block=5")->assertNotFound();
    }

    #[Test]
    public function what_the_person_decides_is_kept_and_what_a_load_takes_follows(): void
    {
        $bell = self::artwork('Ringers’ bell');
        $setup = Setup::query()
            ->whereHas(
                'decoration',
                static fn($d) => $d
                    ->where('artwork_id', $bell->id)
                    ->whereHas('pieces', static fn($p) => $p->where('state', 'waiting')),
            )
            ->firstOrFail();
        $before = $setup->seconds();
        $this->put("/artwork/{$bell->id}/stops", [
            'seen' => $this->seen($bell),
            'blocks' => [
                1 => ['role' => 'sew', 'action' => 'add_backing', 'note' => 'off-cut <b>no. 3</b>'],
                2 => ['role' => '', 'action' => '', 'note' => ''],
                3 => ['role' => 'none'],
            ],
        ])->assertRedirect();

        $bell->load('blocks');
        self::assertSame([$bell->blocks[0]->stitches], $bell->stopSheet(false)->halts());
        $this->get("/artwork/{$bell->id}/stops")
            ->assertSee('Stop: add backing under the frame')
            ->assertSee('off-cut &lt;b&gt;no. 3', false);
        foreach ($setup->refresh()->seconds() as $machine => $seconds) {
            self::assertSame($before[$machine] + 30, $seconds, 'one halt of half a minute');
        }
    }

    #[Test]
    public function what_is_proposed_is_taken_over_with_one_touch(): void
    {
        $leaf = self::artwork('Applied leaf');
        $this->put("/artwork/{$leaf->id}/stops", [
            'seen' => $this->seen($leaf),
            'accept' => 1,
            'blocks' => [1 => ['role' => ''], 2 => ['role' => ''], 3 => ['role' => 'sew'], 4 => []],
        ])->assertSessionHasNoErrors();

        self::assertSame(
            [BlockRole::Placement, BlockRole::TackDown, BlockRole::Sew, BlockRole::Sew],
            $leaf->blocks()->pluck('role')->all(),
        );
        $this->get("/artwork/{$leaf->id}/stops")
            ->assertSee('The machine must stop 2 times')
            ->assertDontSee('Confirm suggestions');
    }

    #[Test]
    public function several_things_at_one_stop_are_kept_and_said_at_the_machine(): void
    {
        $running = self::batchOf(self::running('M1'));
        $artwork = $running->decoration->artwork;
        self::assertNotNull($artwork);
        $this->put("/artwork/{$artwork->id}/stops", [
            'seen' => $this->seen($artwork),
            'blocks' => [1 => ['action' => 'look', 'also' => ['brush_lint', 'add_topper']]],
        ])->assertSessionHasNoErrors();

        self::assertSame('brush_lint,add_topper', $artwork->blocks()->first()?->also);
        $said = 'brush the lint off; add film on top; look before going on';
        $this->get("/artwork/{$artwork->id}/stops")->assertSee("Stop: {$said}");
        $this->get('/floor/M1')->assertSee($said);
        $this->get("/floor/cards/{$running->code}")->assertSee("{$said} (stop)");

        $this->put("/artwork/{$artwork->id}/stops", [
            'seen' => $this->seen($artwork),
            'blocks' => [1 => ['action' => 'look', 'also' => ['go_on']], 2 => ['also' => 'look']],
        ])->assertSessionHasErrors(['blocks.1.also.0', 'blocks.2.also']);
        self::assertSame('brush_lint,add_topper', $artwork->blocks()->first()->also);
    }

    #[Test]
    public function two_at_the_same_sheet_do_not_overwrite_each_other(): void
    {
        $bell = self::artwork('Ringers’ bell');
        $seen = $this->seen($bell);
        $this->put("/artwork/{$bell->id}/stops", [
            'seen' => $seen,
            'blocks' => [1 => ['note' => 'first']],
        ])->assertSessionHasNoErrors();
        $this->put("/artwork/{$bell->id}/stops", [
            'seen' => $seen,
            'blocks' => [1 => ['note' => 'second']],
        ])->assertSessionHasErrors('blocks');
        self::assertSame('second', old('blocks.1.note'), 'what was typed is not lost');
        self::assertSame('first', $bell->blocks()->first()?->note);
        $this->put("/artwork/{$bell->id}/stops", [
            'seen' => $seen,
            'blocks' => [1 => ['role' => 'hem']],
        ])->assertSessionHasErrors('blocks.1.role');
    }

    #[Test]
    public function the_machine_is_told_where_to_halt_and_the_floor_what_to_do_there(): void
    {
        $running = self::batchOf(self::running('M1'));
        $artwork = $running->decoration->artwork;
        self::assertNotNull($artwork);
        $artwork
            ->blocks()
            ->where('number', 4)
            ->update(['action' => 'lay_cloth', 'note' => 'the small square']);
        $at = (int) $artwork->blocks()->where('number', '<=', 4)->sum('stitches');
        $token = ['Authorization' => 'Bearer '.\Database\Demo\DemoShop::token('M1')];

        $todo = $this->getJson('/machines/instruction', $token)
            ->assertJsonPath('halts', [$at])
            ->json();
        $this->postJson(
            '/machines/reports',
            [
                'id' => (string) Str::uuid(),
                'load' => $todo['load'],
                'kind' => 'hand_stop',
                'stitch' => $at,
                'clock_s' => $todo['clock_s'] + 300,
            ],
            $token,
        )->assertOk();

        self::assertSame(Stage::Halted, FloorLog::run($running)->stage);
        $this->getJson('/machines/instruction', $token)->assertJsonPath('command', 'hold');
        $this->get('/floor/M1')
            ->assertSee('Needs you')
            ->assertSee('Lay the cloth')
            ->assertSee('the small square')
            ->assertSee('Go on');
        $this->post('/floor/M1/events', [
            'id' => (string) Str::uuid(),
            'kind' => 'resumed',
            'batch' => $running->code,
        ]);
        $this->getJson('/machines/instruction', $token)->assertJsonPath('command', 'sew');
    }

    private function seen(Artwork $artwork): string
    {
        preg_match(
            '/name="seen" value="(\w+)"/',
            (string) $this->get("/artwork/{$artwork->id}/stops")->getContent(),
            $found,
        );

        return $found[1] ?? '';
    }

    private static function artwork(string $name): Artwork
    {
        return Artwork::query()->with('blocks.thread')->where('name', $name)->firstOrFail();
    }
}
