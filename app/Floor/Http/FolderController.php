<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Folder\FetchedBy;
use App\Floor\Folder\Fetches;
use App\Floor\Folder\FolderTape;
use App\Floor\Folder\FolderZip;
use App\Floor\Folder\MachineFolder;
use App\Foundation\Http\Download;
use App\Machine\Models\Machine;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The tapes that a machine sews next, as they lie in its folder: looked at, and taken there on a stick. */
final class FolderController
{
    public function show(Machine $machine, MachineFolder $folder): View
    {
        $tapes = $folder->of($machine);
        $fetches = Fetches::of($machine, $tapes);

        return view('floor.folder', [
            'machine' => $machine,
            'tapes' => $tapes,
            'fetches' => $fetches,
            'outdated' => $fetches->outdated($tapes),
        ]);
    }

    /** All of them in one file. */
    public function stick(Machine $machine, MachineFolder $folder, FolderZip $zip): BinaryFileResponse
    {
        $tapes = $folder->of($machine);
        Fetches::note($machine, $tapes, FetchedBy::Stick);

        return response()
            ->download($zip->write($machine, $tapes), "{$machine->code}.zip", ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    /** One of them. */
    public function one(Machine $machine, string $name, MachineFolder $folder): Response
    {
        $tape = array_values(
            array_filter($folder->of($machine), static fn(FolderTape $one): bool => $one->file->name === $name),
        )[0] ?? null;
        abort_if($tape === null, 404);
        Fetches::note($machine, [$tape], FetchedBy::Stick);

        return Download::tape($tape->bytes(), $name);
    }
}
