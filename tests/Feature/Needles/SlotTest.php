<?php

declare(strict_types=1);

namespace Tests\Feature\Needles;

use App\Artwork\Models\Artwork;
use App\Machine\Models\Machine;
use App\Needles\Models\KeptDesign;
use App\Plan\Models\Batch;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Where a machine keeps a design, and what its panel is like: on its cards. */
final class SlotTest extends FeatureTestCase
{
    #[Test]
    public function the_cards_say_where_the_design_lies_and_which_slot_holds_an_older_one(): void
    {
        $batch = self::batchOf(self::polos());
        $machine = Machine::query()->findOrFail($batch->machine_id);
        $machine->update(['counts_from' => 'right', 'panel' => ['slots' => 'slots 1 to 40', 'foot' => 'by the small wheel']]);
        $artwork = $batch->decoration->artwork;
        assert($artwork !== null);
        $this->card($batch)
            ->assertSee('Needle 1 is at the right. Foot: by the small wheel.')
            ->assertSee("Slot on {$machine->code} (slots 1 to 40)")
            ->assertDontSee('The design is in');

        $this->keep($batch, $artwork->checksum, ' 12 ')
            ->assertSessionHas('done', "{$machine->code} has {$artwork->name} in slot 12.");
        $this->card($batch)->assertSee('<strong>slot 12</strong>', false);
        $this->get("/needles/cards/{$batch->code}")->assertSee('<strong>slot 12</strong>', false);

        // It moves, and lies once.
        $this->keep($batch, $artwork->checksum, '14');
        self::assertSame(['14'], self::slots($machine));

        // Another file is the design now: what lies there is not to be sewn.
        $old = $artwork->checksum;
        $artwork->update(['checksum' => str_repeat('b', 64)]);
        $this->card($batch)
            ->assertDontSee('The design is in')
            ->assertSee('Slot 14 holds another file of this design');
        $this->keep($batch, $old, '15')->assertSessionHasErrors('slot');
        self::assertSame(['14'], self::slots($machine), 'the card that was looked at was the old one’s');
        $this->keep($batch, str_repeat('b', 64), '14')
            ->assertSessionHas('done', "{$machine->code} has {$artwork->name} in slot 14. The previous entry was removed.");
        $this->card($batch)
            ->assertSee('<strong>slot 14</strong>', false)
            ->assertDontSee('holds another file');

        $this->keep($batch, str_repeat('b', 64), '')
            ->assertSessionHas('done', "{$machine->code} no longer has {$artwork->name}.");
        self::assertSame([], self::slots($machine));
    }

    #[Test]
    public function what_cannot_be_kept_is_said_and_nothing_is(): void
    {
        $batch = self::batchOf(self::polos());
        $machine = Machine::query()->findOrFail($batch->machine_id);
        $checksum = Artwork::query()->findOrFail($batch->decoration->artwork_id)->checksum;
        $this->keep($batch, $checksum, str_repeat('9', 21))->assertSessionHasErrors('slot');
        $this->post("/needles/{$machine->code}/slots", ['batch' => 'B-999', 'file' => $checksum, 'slot' => '1'])
            ->assertSessionHasErrors(['slot' => 'B-999 has nothing left to sew. Save the slot on the next batch’s card.']);
        self::assertSame([], self::slots($machine));
    }

    /** @return list<string> */
    private static function slots(Machine $machine): array
    {
        return array_values(KeptDesign::query()->where('machine_id', $machine->id)->orderBy('slot')->pluck('slot')->all());
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function card(Batch $batch): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->get("/floor/cards/{$batch->code}")->assertOk();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function keep(Batch $batch, string $file, string $slot): TestResponse
    {
        app()->forgetScopedInstances();
        $code = Machine::query()->findOrFail($batch->machine_id)->code;

        return $this->post("/needles/{$code}/slots", ['batch' => $batch->code, 'file' => $file, 'slot' => $slot]);
    }
}
