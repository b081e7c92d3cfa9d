<?php

declare(strict_types=1);

namespace App\Artwork;

use App\Jobs\ReadTape;
use App\Models\Artwork;
use Carbon\CarbonImmutable;
use Hakama\Stitch\Tape\Header;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Takes in a tape: kept under its checksum, so that no name a file comes with ever becomes a path. */
final class Intake
{
    /** @throws ValidationException when it is here already, or is no tape */
    public static function take(UploadedFile $file, string $name, string $field = 'tape'): Artwork
    {
        $path = $file->getRealPath();
        $checksum = $path === false ? false : hash_file('sha256', $path);
        if ($path === false || $checksum === false) {
            throw ValidationException::withMessages([$field => 'The file did not arrive. Send it once more.']);
        }
        $known = Artwork::query()->where('checksum', $checksum)->first(['name']);
        if ($known !== null) {
            throw ValidationException::withMessages([$field => "This very file is here already, as “{$known->name}”. Nothing was stored twice."]);
        }

        $fileName = self::plainName($file->getClientOriginalName());
        $artwork = new Artwork([
            'name' => $name !== '' ? $name : Str::of($fileName)->beforeLast('.')->replace(['_', '-'], ' ')->limit(100, '')->value(),
            'file_name' => $fileName,
            'checksum' => $checksum,
            'bytes' => (int) $file->getSize(),
            'created_at' => CarbonImmutable::now(),
        ]);
        $small = ($artwork->bytes - Header::LENGTH) / 3 <= (int) config('shop.records_read_at_once');
        Storage::put($artwork->tapePath(), (string) file_get_contents($path));
        $artwork->save();
        $small ? ReadTape::dispatchSync($artwork->id) : ReadTape::dispatch($artwork->id);

        $artwork->refresh();
        if ($artwork->refused !== null) {
            $reason = $artwork->refused;
            Storage::delete($artwork->tapePath());
            $artwork->delete();
            throw ValidationException::withMessages([$field => "“{$fileName}”: {$reason}. Ask for the tape once more; nothing else of this page was lost."]);
        }

        return $artwork;
    }

    /** What a file was called, for people to read: no folders, nothing a screen would not show. */
    public static function plainName(string $given): string
    {
        $name = mb_scrub(basename(str_replace('\\', '/', $given)));

        return Str::limit(preg_replace('/[\x00-\x1f\x7f]/u', '', $name) ?: 'tape.dst', 200, '');
    }
}
