<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Access\HoldsRights;
use App\Platform\Access\Rights;
use App\Platform\Audit\Actor;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Import\Import;
use App\Platform\Import\ImportFile;
use App\Platform\Import\ImportKind;
use App\Platform\Import\ImportKinds;
use App\Platform\Import\LoadedFiles;
use App\Platform\Import\LoadImport;
use App\Platform\Import\RunBehind;
use App\Platform\Import\TakeBackImport;
use App\Platform\Import\TryImport;
use App\Platform\Sites\CurrentSite;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Sundial\Import\Column;
use Sundial\Import\DateOrder;
use Sundial\Import\EmptyCell;
use Sundial\Import\NumberStyle;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Files in and out: choose, see what one would do, load, take back. */
final class ImportController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly ImportKinds $kinds,
        private readonly LoadedFiles $files,
        private readonly RunBehind $behind,
    ) {
    }

    public function index(): Page
    {
        $kinds = $this->kinds->all();
        abort_if($kinds === [], 403);
        $loaded = ($this->files)(
            $this->site->id(),
            array_values(array_map(static fn (ImportKind $kind): string => $kind->key(), $kinds)),
        );

        return Page::in('assets', 'Files in and out')
            ->sheet('import.index', ['kinds' => $kinds, 'loaded' => $loaded, 'site' => $this->site->get()])
            ->withoutHorizon();
    }

    public function choose(string $what): Page
    {
        $kind = $this->kind($what);

        return Page::in('assets', "Load {$kind->title()}")
            ->sheet('import.choose', [
                'kind' => $kind,
                'columns' => $kind->columns($this->site->id()),
                'last' => Import::last($what, $this->site->id()),
                'site' => $this->site->get(),
            ])
            ->withoutHorizon();
    }

    public function template(string $what): StreamedResponse
    {
        $kind = $this->kind($what);
        $columns = $kind->columns($this->site->id());

        return Table::stream(
            'csv',
            "{$what}-template",
            array_column($columns, 'label'),
            array_map(
                static fn (array $row): array => array_map(
                    static fn (Column $column): string => $row[$column->key] ?? '',
                    $columns,
                ),
                $kind->examples(),
            ),
        );
    }

    /** What stands, in the form in which it can be loaded again. */
    public function standing(string $what, string $format): StreamedResponse
    {
        $kind = $this->kind($what);
        $columns = $kind->columns($this->site->id());
        $siteId = $this->site->id();
        $rows = (static function () use ($kind, $columns, $format, $siteId) {
            foreach ($kind->standing($siteId) as $row) {
                yield array_map(
                    static fn (Column $column): ?string => $format === 'json' && ($row[$column->key] ?? null) === null
                        ? null
                        : $column->typed($row[$column->key] ?? null),
                    $columns,
                );
            }
        })();

        return Table::stream($format, $what, array_column($columns, 'label'), $rows);
    }

    public function upload(Request $request, string $what, ImportFile $keep): RedirectResponse
    {
        $kind = $this->kind($what);
        $request->validate(
            [
                'file' => [
                    'required',
                    'file',
                    'max:20480',
                    'mimetypes:text/plain,text/csv,application/csv,text/x-csv,application/vnd.ms-excel,'.
                        'application/octet-stream',
                ],
            ],
            [
                'file.required' => 'Choose a CSV file first.',
                'file.max' => 'The file is over 20 MB; split it.',
                'file.mimetypes' => 'This is no CSV file but something else. Save the table as CSV (UTF-8) '.
                    'and choose that.',
                'file.uploaded' => 'The file did not arrive whole. It may be over 30 MB; split it.',
            ],
        );
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            abort(422);
        }
        $content = (string) file_get_contents($file->getRealPath());
        if (! mb_check_encoding($content, 'UTF-8') || str_contains($content, "\0")) {
            return back()->withErrors([
                'file' => 'The file is no UTF-8 text. Save it as CSV (UTF-8) and choose it again.',
            ]);
        }
        $import = $keep($this->actor($request), $what, $this->site->id(), $content, $file->getClientOriginalName());
        $this->tryBehind($request, $kind, $import);

        return redirect("/import/files/{$import->id}");
    }

    public function check(Request $request, string $import, TryImport $try): Page
    {
        $import = $this->find($request, $import);
        $kind = $this->kind($import->what);
        $page = Page::in('assets', "Check of {$import->file_name}")->withoutHorizon();
        if ($import->state !== Import::CHECKED) {
            return $page->sheet($import->state === Import::WAITING ? 'import.waiting' : 'import.done', [
                'import' => $import,
                'kind' => $kind,
                'isLast' => Import::last($import->what, $import->site_id)?->id === $import->id,
            ]);
        }
        $sheet = $import->sheet($kind);
        $plan =
            $import->trial === null
                ? $try($this->actor($request), $import)
                : $kind->plan($import->site_id, $sheet)->refusing($import->trial);

        return $page->sheet('import.check', [
            'import' => $import,
            'kind' => $kind,
            'read' => $sheet,
            'plan' => $plan,
            'made' => $plan->that(RowOutcome::Make),
            'changed' => $plan->that(RowOutcome::Change),
            'same' => $plan->that(RowOutcome::Nothing),
            'columns' => array_column($sheet->columns, null, 'key'),
            'style' => $import->style(),
            'site' => $this->site->get(),
        ]);
    }

    /** What is wrong with the file, as a file, for whoever mends it. */
    public function problems(Request $request, string $import, TryImport $try): StreamedResponse
    {
        $import = $this->find($request, $import);
        $plan = $import->trial === null ? $try($this->actor($request), $import) : Plan::of([], $import->trial);

        return Table::stream(
            'csv',
            'problems',
            ['row', 'column', 'what is wrong'],
            array_map(array_values(...), $plan->problems),
        );
    }

    /** How the columns and cells are to be read. */
    public function read(Request $request, string $import): RedirectResponse
    {
        $import = $this->find($request, $import);
        $given = $request->validate([
            'column' => ['array', 'max:200'],
            'column.*' => ['nullable', 'string', 'max:60'],
            'numbers' => ['required', Rule::enum(NumberStyle::class)],
            'dates' => ['required', Rule::enum(DateOrder::class)],
            'empty' => ['required', Rule::enum(EmptyCell::class)],
        ]);
        abort_if($import->state !== Import::CHECKED, 409, 'This file is being loaded, or was loaded.');
        $import
            ->fill([
                'mapping' => isset($given['column']) ? array_map(strval(...), $given['column']) : null,
                'style' => ['numbers' => $given['numbers'], 'dates' => $given['dates'], 'empty' => $given['empty']],
                'trial' => null,
                'failure' => null,
            ])
            ->save();
        $this->tryBehind($request, $this->kind($import->what), $import);

        return redirect("/import/files/{$import->id}");
    }

    public function load(Request $request, string $import, LoadImport $load): RedirectResponse
    {
        $import = $this->find($request, $import);
        $work = $request->has('work') ? $request->integer('work') : null;
        if ((int) $work > Import::AT_ONCE) {
            $this->behind($request, $import, 'load', Import::CHECKED, $work);
        } else {
            $load($this->actor($request), $import->id, $work);
        }

        return redirect("/import/files/{$import->id}");
    }

    public function takeBack(Request $request, string $import, TakeBackImport $takeBack): RedirectResponse
    {
        $import = $this->find($request, $import);
        if ($import->made + $import->changed > Import::AT_ONCE) {
            $this->behind($request, $import, 'take back', Import::LOADED, null);
        } else {
            $takeBack($this->actor($request), $import->id);
        }

        return redirect("/import/files/{$import->id}");
    }

    /** Asked again and again by the page that waits. */
    public function progress(Request $request, string $import): Response
    {
        $import = $this->find($request, $import, array_diff(Import::COLUMNS, ['content']));

        return $import->state === Import::WAITING
            ? response(
                view('import.progress', ['import' => $import, 'through' => $import->rowsThrough()])->render(),
            )->header('Cache-Control', 'no-store')
            : response('', 200)->header('HX-Redirect', "/import/files/{$import->id}");
    }

    /** A large file of a kind that has to be tried is tried behind the page. */
    private function tryBehind(Request $request, ImportKind $kind, Import $import): void
    {
        if ($kind->isTried() && substr_count($import->content, "\n") > Import::AT_ONCE) {
            $this->behind($request, $import, 'try', Import::CHECKED, null);
        }
    }

    private function behind(Request $request, Import $import, string $todo, string $from, ?int $work): void
    {
        ($this->behind)($this->actor($request), $import, $todo, $from, $work);
    }

    private function kind(string $what): ImportKind
    {
        $kind = $this->kinds->find($what) ?? abort(404);
        abort_unless(Rights::has($kind->right()), 403);

        return $kind;
    }

    /** A file is seen by whoever brought it, and once it is loaded by all who may load such files.
     * @param  array<string>  $columns */
    private function find(Request $request, string $id, array $columns = ['*']): Import
    {
        $import = $this->files->find($id, $columns) ?? abort(404);
        abort_if(
            ! $this->site->holds($import->site_id) ||
                ($import->loaded_at === null && $import->user_id !== $request->user()?->getAuthIdentifier()),
            404,
        );
        $this->kind($import->what);

        return $import;
    }

    private function actor(Request $request): Actor
    {
        $person = $request->user();

        return $person instanceof HoldsRights ? $person->actor() : abort(403);
    }
}
