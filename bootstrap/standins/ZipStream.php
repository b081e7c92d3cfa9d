<?php

declare(strict_types=1);

namespace ZipStream;

use RuntimeException;
use ZipArchive;

/** What the spreadsheet writer needs of the streaming archive: files go in, the whole comes out at the end. */
final class ZipStream
{
    private readonly ZipArchive $zip;
    private readonly string $path;

    /** @param resource $outputStream */
    public function __construct(
        private readonly mixed $outputStream = null,
        bool $enableZip64 = false,
        bool $sendHttpHeaders = false,
        bool $defaultEnableZeroHeader = false,
    ) {
        $this->path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $this->zip = new ZipArchive();
        if ($this->zip->open($this->path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('no archive could be made in the folder for temporary files');
        }
    }

    public function addFile(string $fileName, string $data): void
    {
        $this->zip->addFromString($fileName, $data);
    }

    public function finish(): int
    {
        $this->zip->close();
        $bytes = (int) fwrite($this->outputStream, (string) file_get_contents($this->path));
        unlink($this->path);

        return $bytes;
    }
}
