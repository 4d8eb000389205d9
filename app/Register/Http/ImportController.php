<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Register\Actions\ImportRegister;
use App\Register\Queries\RegisterCheck;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sundial\Register\RegisterFile;

final class ImportController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function show(): Page
    {
        return Page::in('assets', 'Load the register')->sheet('register.import.choose', ['columns' => RegisterFile::COLUMNS, 'site' => $this->site->get()]);
    }

    public function template(): Response
    {
        $rows = [implode(',', RegisterFile::COLUMNS), 'location,HALL-1,Hall 1,,,,,,,,,', 'asset,FP-1,Feed pump 1,centrifugal pump,HALL-1,,Brookside,BC-40,1187,B,in service,2021-04-12', 'asset,FP-1-M,Motor of feed pump 1,electric motor,,FP-1,,,,C,,'];

        return response(implode("\n", $rows)."\n", 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="register-template.csv"']);
    }

    public function upload(Request $request, Clock $clock): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:20480', 'mimetypes:text/plain,text/csv,application/csv,text/x-csv,application/vnd.ms-excel,application/octet-stream']], ['file.required' => 'Choose a CSV file first.', 'file.max' => 'The file is over 20 MB; split it.', 'file.mimetypes' => 'This is no CSV file but something else. Save the table as CSV (UTF-8) and choose that.', 'file.uploaded' => 'The file did not arrive whole. It may be over 30 MB; split it.']);
        $file = $request->file('file');
        $content = (string) file_get_contents($file->getRealPath());
        if (! mb_check_encoding($content, 'UTF-8') || str_contains($content, "\0")) {
            return back()->withErrors(['file' => 'The file is no UTF-8 text. Save it as CSV (UTF-8) and choose it again.']);
        }
        $id = (string) Str::uuid();
        DB::table('register_imports')->insert(['id' => $id, 'site_id' => $this->site->id(), 'user_id' => $request->user()->id, 'file_name' => mb_substr($file->getClientOriginalName(), 0, 150), 'content' => $content, 'made_at' => $clock->now()->format('Y-m-d H:i:s.u')]);

        return redirect("/register/import/{$id}");
    }

    public function check(Request $request, string $import, RegisterCheck $check): Page
    {
        $row = $this->find($request, $import);
        $file = $check($row->site_id, $row->content);

        return Page::in('assets', 'Check of the register file')->sheet('register.import.check', ['import' => $row, 'file' => $file, 'newClasses' => $check->newClasses($file), 'site' => $this->site->get()]);
    }

    public function load(Request $request, string $import, ImportRegister $load, Clock $clock): RedirectResponse
    {
        $row = $this->find($request, $import);
        $count = DB::transaction(static function () use ($row, $load, $clock, $request): int {
            // The row decides: a second press waits here and then finds it loaded.
            $now = DB::table('register_imports')->where('id', $row->id)->lockForUpdate()->first();
            if ($now->loaded_at !== null) {
                return (int) $now->loaded;
            }
            $count = $load($request->user()->actor(), (int) $row->site_id, (string) $row->content, (string) $row->file_name);
            DB::table('register_imports')->where('id', $row->id)->update(['loaded_at' => $clock->now()->format('Y-m-d H:i:s.u'), 'loaded' => $count]);

            return $count;
        });

        return redirect('/assets')->with('said', "{$count} rows from {$row->file_name} are in the register.");
    }

    private function find(Request $request, string $import): object
    {
        $row = DB::table('register_imports')->where('id', $import)->where('what', 'register')->first();
        abort_if($row === null || (int) $row->user_id !== $request->user()->id || ! $this->site->holds((int) $row->site_id), 404);

        return $row;
    }
}
