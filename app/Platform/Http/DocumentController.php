<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Access\HoldsRights;
use App\Platform\Audit\Actor;
use App\Platform\Documents\Attach;
use App\Platform\Documents\ChangeDocument;
use App\Platform\Documents\Document;
use App\Platform\Documents\MarksDrawing;
use App\Platform\Frame\Page;
use App\Platform\Subject;
use App\Platform\Subjects;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Sundial\Files\FileKind;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;

final class DocumentController
{
    public function __construct(private readonly Subjects $subjects)
    {
    }

    public function attach(Request $request, string $kind, int $id, Attach $attach): RedirectResponse
    {
        $record = $this->subjects->find($kind, $id) ?? abort(404);
        Gate::authorize('update', $record);
        $request->validate(
            ['files' => ['required', 'array', 'max:20'], 'files.*' => ['file']],
            [
                'files.required' => 'Choose a file first.',
                'files.*.file' => 'This file did not arrive whole. It may be larger than 30 MB; choose a '.
                    'smaller one.',
                'files.*.uploaded' => 'This file did not arrive whole. It may be larger than 30 MB; choose a '.
                    'smaller one.',
            ],
        );
        [$new, $known] = [0, 0];
        foreach (array_values((array) $request->file('files')) as $i => $file) {
            [, $isNew] = $attach(
                $this->actor($request),
                Subject::of($kind, $id, $record->getAttribute('site_id')),
                $file->getRealPath(),
                $file->getClientOriginalName(),
                "files.{$i}",
            );
            $isNew ? $new++ : $known++;
        }
        [, $href] = $this->subjects->says($kind, $record);

        return redirect("{$href}#documents")->with(
            'said',
            ($new === 1 ? '1 file is added.' : "{$new} files are added.").
                ($known > 0 ? " {$known} stood there already, with the same content." : ''),
        );
    }

    public function show(Request $request, Document $document): BinaryFileResponse
    {
        abort_unless(
            is_file($document->file->path()),
            404,
            'The file of this document is gone from the disk of the server. Its record stands; an administrator can '.
                'bring the file back from a backup.',
        );
        $kind = FileKind::ofType($document->file->type);
        $small = $request->query('size') === 'small' && $kind === FileKind::Photo;
        $response = new BinaryFileResponse(
            $small ? $document->file->thumbnail() : $document->file->path(),
            200,
            [
                'Content-Type' => $small && is_file($document->file->path('.small'))
                    ? 'image/jpeg'
                    : $document->file->type,
                'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
            ],
            false,
        );
        $name = str_replace(['/', '\\\\', '%'], '-', $document->name);
        $response->headers->set(
            'Content-Disposition',
            HeaderUtils::makeDisposition(
                $kind->isShown() ? 'inline' : 'attachment',
                $name,
                (string) preg_replace('/[^\x20-\x7e]/', '_', $name),
            ),
        );
        $response
            ->setEtag($document->file->sha256.($small ? 's' : ''))
            ->headers->set('Cache-Control', 'private, no-cache');
        $response->isNotModified($request);

        return $response;
    }

    /** A photo with what was drawn on it, and the tools to draw. */
    public function photo(Document $document): Page
    {
        abort_unless($document->isPhoto(), 404);
        $record = $this->subjects->find($document->kind, $document->subject_id) ?? abort(404);
        [$name, $href] = $this->subjects->says($document->kind, $record);

        return Page::in('assets', $document->name)
            ->sheet('documents.photo', [
                'document' => $document,
                'about' => $name,
                'href' => $href,
                'mayDraw' => Gate::allows('update', $document),
            ])
            ->withoutHorizon();
    }

    /** What was drawn, as a picture of its own. */
    public function marks(Document $document): Response
    {
        return response(
            MarksDrawing::svg(
                $document->marks ?? [],
                $document->file->width ?? 1000,
                $document->file->height ?? 1000,
                true,
            ),
        )
            ->header('Content-Type', 'image/svg+xml')
            ->header('Cache-Control', 'private, no-cache')
            ->header('Content-Disposition', 'attachment; filename="marks.svg"');
    }

    public function change(Request $request, Document $document, ChangeDocument $change): RedirectResponse
    {
        $given = $request->validate(
            ['name' => ['nullable', 'string', 'max:150'], 'marks' => ['nullable', 'json', 'max:200000']],
            ['marks.json' => 'What was drawn could not be read. Draw it again.'],
        );
        $input =
            array_filter(['main' => $request->boolean('main'), 'removed' => $request->boolean('removed')]) +
            (array_key_exists('name', $given) ? ['name' => (string) $given['name']] : []) +
            (isset($given['marks']) ? ['marks' => json_decode($given['marks'], true)] : []);
        $change($this->actor($request), $document, $input, $request->integer('version') ?: null);
        $record = $this->subjects->find($document->kind, $document->subject_id) ?? abort(404);

        return redirect(
            isset($given['marks'])
                ? "/documents/{$document->id}/photo"
                : $this->subjects->says($document->kind, $record)[1].'#documents',
        )->with('said', isset($input['removed']) ? "{$document->name} is taken off." : 'It is saved.');
    }

    private function actor(Request $request): Actor
    {
        $person = $request->user();

        return $person instanceof HoldsRights ? $person->actor() : abort(403);
    }
}
