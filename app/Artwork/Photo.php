<?php

declare(strict_types=1);

namespace App\Artwork;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Photos of what was sewn: kept under their checksum, and only when they are pictures. */
final class Photo
{
    private const KINDS = [IMAGETYPE_JPEG => 'jpg', IMAGETYPE_PNG => 'png', IMAGETYPE_WEBP => 'webp'];
    /** More than any camera of a shop makes; a file of a few bytes can claim to be larger than memory. */
    private const MOST_PIXELS = 50_000_000;
    private const TYPES = ['jpg' => 'image/jpeg', 'png' => 'image/png', 'webp' => 'image/webp'];

    /** @throws ValidationException when the file is no picture, whatever its name says */
    public static function keep(UploadedFile $file, string $field): string
    {
        $path = (string) $file->getRealPath();
        $size = @getimagesize($path);
        $ending = $size === false ? null : self::KINDS[$size[2]] ?? null;
        if ($ending === null) {
            throw ValidationException::withMessages([$field => __('artwork.photo.upload_a_jpeg_png_or_webp')]);
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw ValidationException::withMessages([
                $field => __('artwork.photo.the_photo_has_x_pixels_the', [
                    'size' => $size[0],
                    'size_2' => $size[1],
                    'value' => intdiv(self::MOST_PIXELS, 1_000_000),
                ]),
            ]);
        }
        $name = hash_file('sha256', $path).'.'.$ending;
        Storage::put("photos/{$name}", (string) file_get_contents($path));

        return $name;
    }

    public static function show(string $name): StreamedResponse
    {
        return Storage::response("photos/{$name}", $name, [
            'Content-Type' => self::TYPES[pathinfo($name, PATHINFO_EXTENSION)] ?? 'application/octet-stream',
            'Cache-Control' => 'private, max-age=31536000',
        ]);
    }
}
