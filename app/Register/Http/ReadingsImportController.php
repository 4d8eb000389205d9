<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Register\Actions\ImportReadings;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sundial\Register\ReadingsFile;

final class ReadingsImportController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function show(): Page
    {
        return Page::in('assets', 'Readings from a file')->sheet('register.meters.import', ['row' => null, 'columns' => ReadingsFile::COLUMNS, 'site' => $this->site->get()]);
    }

    public function template(): Response
    {
        return response(implode(',', ReadingsFile::COLUMNS)."\r\nFP-1,Running hours,2026-03-18 07:30,1204.5,\r\n", 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="readings-template.csv"']);
    }

    public function upload(Request $request, Clock $clock): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:5120', 'mimetypes:text/plain,text/csv,application/csv,text/x-csv,application/vnd.ms-excel']], ['file.required' => 'Choose a CSV file first.', 'file.max' => 'The file is over 5 MB; split it.', 'file.mimetypes' => 'This is no CSV file but something else. Save the table as CSV (UTF-8) and choose that.', 'file.uploaded' => 'The file did not arrive whole. Choose it again.']);
        $file = $request->file('file');
        $content = (string) file_get_contents($file->getRealPath());
        if (! mb_check_encoding($content, 'UTF-8') || str_contains($content, "\0")) {
            return back()->withErrors(['file' => 'The file is no UTF-8 text. Save it as CSV (UTF-8) and choose it again.']);
        }
        $id = (string) Str::uuid();
        DB::table('register_imports')->insert(['id' => $id, 'what' => 'readings', 'site_id' => $this->site->id(), 'user_id' => $request->user()->id, 'file_name' => mb_substr($file->getClientOriginalName(), 0, 150), 'content' => $content, 'made_at' => $clock->now()->format('Y-m-d H:i:s.u')]);

        return redirect("/meters/import/{$id}");
    }

    public function check(Request $request, string $import, ImportReadings $take): Page
    {
        $row = $this->find($request, $import);
        $file = ReadingsFile::read((string) $row->content);

        return Page::in('assets', 'Check of the readings')->sheet('register.meters.import', ['row' => $row, 'count' => count($file->rows), 'problems' => $row->loaded_at === null ? $take($request->user()->actor(), (int) $row->site_id, $file, true) : [], 'columns' => ReadingsFile::COLUMNS, 'site' => $this->site->get()]);
    }

    public function load(Request $request, string $import, ImportReadings $take, Clock $clock): RedirectResponse
    {
        $row = $this->find($request, $import);
        $file = ReadingsFile::read((string) $row->content);
        $count = DB::transaction(static function () use ($row, $file, $take, $clock, $request): ?int {
            // The row decides: a second press waits here and then finds it loaded.
            $now = DB::table('register_imports')->where('id', $row->id)->lockForUpdate()->first();
            if ($now->loaded_at !== null) {
                return (int) $now->loaded;
            }
            if ($take($request->user()->actor(), (int) $row->site_id, $file, false) !== []) {
                return null;
            }
            DB::table('register_imports')->where('id', $row->id)->update(['loaded_at' => $clock->now()->format('Y-m-d H:i:s.u'), 'loaded' => count($file->rows)]);

            return count($file->rows);
        });

        return $count === null ? redirect("/meters/import/{$import}")->withErrors(['form' => 'Nothing was taken, because something has changed since the check. Look again.']) : redirect('/meters')->with('said', $count === 1 ? '1 reading is taken from the file.' : "{$count} readings are taken from the file.");
    }

    private function find(Request $request, string $import): object
    {
        $row = DB::table('register_imports')->where('id', $import)->where('what', 'readings')->first();
        abort_if($row === null || (int) $row->user_id !== $request->user()->id || ! $this->site->holds((int) $row->site_id), 404);

        return $row;
    }
}
