<?php

declare(strict_types=1);

namespace App\Artwork\Actions;

use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Artwork\Models\ArtworkRevision;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Shop\House;
use App\Stock\Models\Thread;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Tape\Header;
use Hakama\Stitch\Tape\TapeWriter;
use Hakama\Stitch\Vector\NotADrawing;
use Hakama\Stitch\Vector\SvgReader;
use Hakama\Stitch\Vector\VectorRules;
use Hakama\Thread\Colour;
use Hakama\Thread\Likeness;
use Hakama\Thread\ThreadMatch;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * Takes in a tape, or a drawing that becomes one: kept under its checksum, so that no name a file comes with ever
 * becomes a path.
 */
final readonly class Intake
{
    public function __construct(private House $house) {}

    /** The artwork whose file it is, where it is here already. */
    public static function known(UploadedFile $file): ?Artwork
    {
        $checksum = hash_file('sha256', (string) $file->getRealPath());

        return Artwork::query()->where('checksum', $checksum)->first();
    }

    /** @throws ValidationException when it is here already, or can be read neither as tape nor as drawing */
    public function take(UploadedFile $file, string $name, string $field = 'tape'): Artwork
    {
        $bytes = self::contents($file, $field);
        $fileName = self::plainName($file->getClientOriginalName());
        $name =
            $name !== ''
                ? $name
                : Str::of($fileName)
                    ->beforeLast('.')
                    ->replace(['_', '-'], ' ')
                    ->limit(100, '')
                    ->value();
        if (strtolower($file->getClientOriginalExtension()) !== 'svg') {
            return $this->enter($bytes, $fileName, $name, $field);
        }
        try {
            $drawing = (new SvgReader(
                new VectorRules(stitchMm: $this->house->rules()->value(HouseRule::DrawnStitch)),
            ))->fromString($bytes, $name);
        } catch (NotADrawing $e) {
            throw ValidationException::withMessages([
                $field => __('artwork.intake.cannot_be_sewn_everything_else_on', [
                    'file_name' => $fileName,
                    'get_message' => Words::why($e),
                ]),
            ]);
        }
        return $this->make(
            $drawing->pattern,
            $fileName,
            $name,
            $field,
            ['made' => mb_substr(
                trim(__('artwork.intake.sewn_along_the_lines').' '.implode(' ', Words::each($drawing->findings()))),
                0,
                300,
            )],
            array_map(static fn(?int $thread): array => ['thread_id' => $thread], $this->nearest($drawing->colours)),
        );
    }

    /**
     * A pattern that was made here, kept as a tape like any other. It is read at once, however long it
     * is: what its blocks take over from elsewhere would find no blocks before.
     *
     * @param array<string, mixed>       $with   further columns of the artwork
     * @param list<array<string, mixed>> $blocks per block its thread_id, role and note, as far as they are known
     *
     * @throws ValidationException
     */
    public function make(
        Pattern $pattern,
        string $fileName,
        string $name,
        string $field,
        array $with,
        array $blocks,
    ): Artwork {
        $artwork = $this->enter(
            (new TapeWriter())->toString($pattern->named($name)),
            $fileName,
            $name,
            $field,
            $with,
            readNow: true,
        );
        $rows = [];
        foreach ($artwork->blocks()->get() as $i => $block) {
            $rows[] = [
                ...$block->only(['id', 'artwork_id', 'number', 'stitches', 'length_mm', 'trims']),
                'thread_id' => null,
                'role' => null,
                'action' => null,
                'also' => '',
                'note' => '',
                'cloth_id' => null,
                ...$blocks[$i] ?? [],
            ];
        }
        ArtworkBlock::query()->upsert($rows, ['id'], ['thread_id', 'role', 'action', 'also', 'note', 'cloth_id']);

        return $artwork;
    }

    /**
     * Puts another file in an artwork's place; the one before is kept with the reason.
     *
     * @throws ValidationException
     */
    public function replace(Artwork $artwork, UploadedFile $file, string $why, string $field = 'tape'): void
    {
        $bytes = self::contents($file, $field);
        $checksum = hash('sha256', $bytes);
        if ($checksum === $artwork->checksum) {
            throw ValidationException::withMessages([
                $field => __('artwork.intake.the_artwork_already_has_this_file'),
            ]);
        }
        self::refuseKnown($checksum, $field, $artwork);
        $trial = new Artwork(['checksum' => $checksum]);
        Storage::put($trial->tapePath(), $bytes);
        try {
            // Read before anything is given up: a file that cannot be read replaces nothing.
            $trial->pattern();
        } catch (\Hakama\Stitch\Tape\NotATape $e) {
            if (! ArtworkRevision::query()->where('checksum', $checksum)->exists()) {
                Storage::delete($trial->tapePath());
            }
            throw ValidationException::withMessages([$field => __('artwork.intake.this_file_cannot_replace_the_old', [
                'get_message' => Words::why($e),
            ])]);
        }
        Transaction::run(static function () use ($artwork, $file, $bytes, $checksum, $why): void {
            $now = Artwork::query()->findOrFail($artwork->id);
            ArtworkRevision::query()->create([
                'artwork_id' => $now->id,
                'revision' => $now->revision,
                'file_name' => $now->file_name,
                'checksum' => $now->checksum,
                'stitches' => $now->stitches,
                'replaced_at' => CarbonImmutable::now(),
                'why' => $why,
            ]);
            $now->update([
                'revision' => $now->revision + 1,
                'file_name' => self::plainName($file->getClientOriginalName()),
                'checksum' => $checksum,
                'bytes' => strlen($bytes),
                'made' => '',
                'read_at' => null,
            ]);
        });
        $this->read($artwork->refresh());
    }

    /** What a file was called, for people to read: no folders, nothing a screen would not show. */
    public static function plainName(string $given): string
    {
        $name = mb_scrub(basename(str_replace('\\', '/', $given)));

        return Str::limit(preg_replace('/[\x00-\x1f\x7f]/u', '', $name) ?: 'tape.dst', 200, '');
    }

    /** @param array<string, mixed> $with */
    private function enter(
        string $bytes,
        string $fileName,
        string $name,
        string $field,
        array $with = [],
        bool $readNow = false,
    ): Artwork {
        $checksum = hash('sha256', $bytes);
        self::refuseKnown($checksum, $field);
        $artwork = new Artwork([
            'name' => $name,
            'file_name' => $fileName,
            'checksum' => $checksum,
            'bytes' => strlen($bytes),
            'created_at' => CarbonImmutable::now(),
            ...$with,
        ]);
        Storage::put($artwork->tapePath(), $bytes);
        $artwork->save();
        $this->read($artwork, $readNow);
        if ($artwork->refused !== null) {
            $reason = $artwork->refusal();
            Storage::delete($artwork->tapePath());
            $artwork->delete();
            throw ValidationException::withMessages([
                $field => __('artwork.intake.ask_for_the_file_again_everything', [
                    'file_name' => $fileName,
                    'reason' => $reason,
                ]),
            ]);
        }

        return $artwork;
    }

    /**
     * Content that is here already, or was until it was replaced, is named. An artwork may go back to a file it had.
     *
     * @throws ValidationException
     */
    private static function refuseKnown(string $checksum, string $field, ?Artwork $goesBack = null): void
    {
        $known = Artwork::query()
            ->where('checksum', $checksum)
            ->first(['name']);
        if ($known !== null) {
            throw ValidationException::withMessages([
                $field => __('artwork.intake.this_file_is_already_here_as', ['name' => $known->name]),
            ]);
        }
        $old = ArtworkRevision::query()
            ->where('checksum', $checksum)
            ->where('artwork_id', '!=', $goesBack->id ?? 0)
            ->first();
        if ($old !== null) {
            $name = Artwork::query()->whereKey($old->artwork_id)->value('name');
            throw ValidationException::withMessages([
                $field => __('artwork.intake.this_file_was_revision_of_until', [
                    'revision' => $old->revision,
                    'name' => $name,
                    'why' => $old->why,
                ]),
            ]);
        }
    }

    /** Here while the page waits, or by the worker when it is long. */
    private function read(Artwork $artwork, bool $now = false): void
    {
        $now || ($artwork->bytes - Header::LENGTH) / 3 <= (int) config('shop.records_read_at_once')
            ? (new ReadTape($artwork->id))->handle($this->house)
            : ReadTape::dispatch($artwork->id);
        $artwork->refresh();
    }

    private static function contents(UploadedFile $file, string $field): string
    {
        $path = $file->getRealPath();
        $bytes = $path === false ? false : file_get_contents($path);

        return $bytes === false
            ? throw ValidationException::withMessages([$field => __('artwork.intake.the_file_did_not_arrive_send')])
            : $bytes;
    }

    /**
     * @param list<string> $colours
     *
     * @return list<int|null> the thread that passes for each colour, if the shelf has one
     */
    private function nearest(array $colours): array
    {
        $threads = Thread::query()->orderBy('code')->get();
        $shelf = array_values($threads->map(static fn(Thread $thread) => $thread->toCore())->all());
        $ids = $threads->pluck('id', 'code');

        return array_map(static function (string $hex) use ($shelf, $ids): ?int {
            $best = ThreadMatch::nearest(Colour::ofHex($hex), $shelf)[0] ?? null;

            return $best === null || $best->likeness === Likeness::None ? null : (int) $ids[$best->thread->code];
        }, $colours);
    }
}
