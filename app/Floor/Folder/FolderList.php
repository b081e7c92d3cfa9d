<?php

declare(strict_types=1);

namespace App\Floor\Folder;

use App\Foundation\ShopProfile;
use App\Machine\Models\Machine;
use App\Shop\Figure;
use Hakama\Floor\Folder\FolderFile;
use Hakama\Stitch\Point;

/** What lies in a machine's folder, as a text that is read at the panel and as JSON. docs/machines.md describes it. */
final readonly class FolderList
{
    public const TEXT = 'LIST.TXT';
    public const JSON = 'LIST.JSN';
    /** mm that nobody sees at a panel */
    private const AT = 0.05;

    public function __construct(private ShopProfile $premises) {}

    /** @param list<FolderTape> $tapes */
    public function json(Machine $machine, array $tapes): string
    {
        return json_encode([
            'format' => 'hakama.machine-folder',
            'version' => 1,
            'machine' => $machine->code,
            'files' => array_map(static fn(FolderTape $one): array => $one->file->facts(), $tapes),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @param list<FolderTape> $tapes */
    public function text(Machine $machine, array $tapes): string
    {
        return $this->premises->writeTo(null, static function () use ($machine, $tapes): string {
            $lines = [trim("{$machine->code} {$machine->name}")];
            foreach ($tapes as $one) {
                array_push($lines, '', ...self::said($one->file));
            }

            // Panels and small editors end their lines like this.
            return implode("\r\n", [...$lines, '']);
        });
    }

    /** @return list<string> */
    private static function said(FolderFile $file): array
    {
        return [
            "{$file->name}  {$file->batch}  {$file->design}".($file->part === '' ? '' : ", {$file->part}"),
            ...array_map(static fn(string $line): string => "    {$line}", self::settings($file)),
        ];
    }

    /** @return list<string> what is set at the panel, in words */
    public static function settings(FolderFile $file): array
    {
        return array_values(array_filter([
            __('floor.folder.on', [
                'garment' => $file->garment,
                'position' => $file->position,
                'pieces' => $file->pieces,
                'frame' => $file->frame,
            ]),
            __('floor.folder.needles', ['program' => $file->program()]),
            __('floor.folder.turned', ['turn' => $file->turnDeg, 'speed' => $file->speedSpm]),
            __('floor.folder.size', [
                'width' => Figure::words($file->bounds->width(), 1),
                'height' => Figure::words($file->bounds->height(), 1),
                'stitches' => Figure::words($file->stitches),
            ]),
            self::start($file->bounds->centre()),
            $file->halts === [] ? '' : __('floor.folder.halts', [
                'stitches' => implode(', ', array_map(Figure::words(...), $file->halts)),
            ]),
        ], static fn(string $line): bool => $line !== ''));
    }

    /** Where the middle of the design lies from where it starts. */
    private static function start(Point $centre): string
    {
        return abs($centre->x) < self::AT && abs($centre->y) < self::AT
            ? __('floor.folder.starts_in_centre')
            : __('floor.folder.centre', [
                'x' => Figure::words(abs($centre->x), 1),
                'side' => $centre->x < 0 ? 'left' : 'right',
                'y' => Figure::words(abs($centre->y), 1),
                'way' => $centre->y < 0 ? 'down' : 'up',
            ]);
    }
}
