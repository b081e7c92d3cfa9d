<?php

declare(strict_types=1);

namespace App\Floor\Folder;

use App\Machine\Models\Machine;
use ZipArchive;

/** The folder of a machine in one file, for a stick. */
final readonly class FolderZip
{
    public function __construct(private FolderList $list) {}

    /**
     * @param list<FolderTape> $tapes
     *
     * @return string where it lies; whoever asks sends it and takes it away
     */
    public function write(Machine $machine, array $tapes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'folder');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString(FolderList::TEXT, $this->list->text($machine, $tapes));
        $zip->addFromString(FolderList::JSON, $this->list->json($machine, $tapes));
        foreach ($tapes as $tape) {
            $zip->addFromString($tape->file->name, $tape->bytes());
        }
        $zip->close();

        return $path;
    }
}
