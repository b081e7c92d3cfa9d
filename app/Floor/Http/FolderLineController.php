<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Folder\DavListing;
use App\Floor\Folder\FetchedBy;
use App\Floor\Folder\Fetches;
use App\Floor\Folder\FolderList;
use App\Floor\Folder\FolderTape;
use App\Floor\Folder\MachineFolder;
use App\Machine\Models\Machine;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * The folder of a machine over the network: WebDAV (RFC 4918, class 1) that is only read from, so that a controller that
 * knows nothing of the shop fetches its tapes from it.
 */
final readonly class FolderLineController
{
    public const METHODS = ['GET', 'HEAD', 'OPTIONS', 'PROPFIND'];

    public function __construct(private MachineFolder $folder, private FolderList $list) {}

    public function answer(Request $request, string $name = ''): Response
    {
        if ($request->isMethod('OPTIONS')) {
            return (new Response())->header('DAV', '1')->header('Allow', implode(', ', self::METHODS));
        }
        $machine = $request->attributes->get('machine');
        assert($machine instanceof Machine);
        $tapes = $this->folder->of($machine);
        $listing = new DavListing($request->getBasePath().'/machines/folder', [
            ...array_map(static fn(FolderTape $one): array => [
                'name' => $one->file->name,
                'bytes' => $one->file->bytes,
                'sign' => $one->file->checksum,
                'type' => 'application/octet-stream',
                'at' => $one->changedAt ?? CarbonImmutable::now(),
            ], $tapes),
            ...$this->lists($machine, $tapes),
        ]);
        if ($request->isMethod('PROPFIND')) {
            return $listing->answer($name, (string) $request->header('Depth', '1'), $request->getContent());
        }

        return $this->file($request, $machine, $tapes, $name);
    }

    /** @param list<FolderTape> $tapes */
    private function file(Request $request, Machine $machine, array $tapes, string $name): Response
    {
        $list = match ($name) {
            '', FolderList::JSON => $this->list->json($machine, $tapes),
            FolderList::TEXT => $this->list->text($machine, $tapes),
            default => null,
        };
        if ($list !== null) {
            $type = $name === FolderList::TEXT ? 'text/plain; charset=utf-8' : 'application/json';

            return (new Response($list))->header('Content-Type', $type);
        }
        foreach ($tapes as $tape) {
            if ($tape->file->name === $name) {
                return self::tape($request, $machine, $tape);
            }
        }

        return new Response('', 404);
    }

    private static function tape(Request $request, Machine $machine, FolderTape $tape): Response
    {
        $answer = new Response();
        $answer->header('Content-Type', 'application/octet-stream');
        $answer->setEtag($tape->file->checksum);
        if ($answer->isNotModified($request)) {
            return $answer;
        }
        $answer->setContent($tape->bytes());
        // Who only asks how long it is has not fetched it.
        if ($request->isMethod('GET')) {
            Fetches::note($machine, [$tape], FetchedBy::Network);
        }

        return $answer;
    }

    /**
     * @param list<FolderTape> $tapes
     *
     * @return list<array{name: string, bytes: int, sign: string, type: string, at: CarbonImmutable}>
     */
    private function lists(Machine $machine, array $tapes): array
    {
        $lists = [];
        foreach ([
            [FolderList::TEXT, 'text/plain', $this->list->text($machine, $tapes)],
            [FolderList::JSON, 'application/json', $this->list->json($machine, $tapes)],
        ] as [$name, $type, $list]) {
            $lists[] = [
                'name' => $name,
                'bytes' => strlen($list),
                'sign' => hash('sha256', $list),
                'type' => $type,
                'at' => CarbonImmutable::now(),
            ];
        }

        return $lists;
    }
}
